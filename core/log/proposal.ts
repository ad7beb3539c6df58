import type { Command } from '../meal/index.ts';
import type { Message } from '../words/index.ts';

/** What a run says should be otherwise next time: shown, and taken or left; never silent. */
export interface Proposal {
  /** The same for the same words of the same run. */
  readonly id: string;
  readonly dish: string;
  readonly dishName: string;
  readonly change: Message;
  readonly commands: readonly Command[];
  readonly because: Because;
}

/** Where a proposal comes from. */
export interface Because {
  readonly run: string;
  /** The event it rests on. */
  readonly event: string;
  /** When that was, epoch minutes. */
  readonly atMin: number;
  /** The cook's own words; left out where the run itself says it. */
  readonly words?: string | undefined;
  /** What the run says by itself. */
  readonly told?: Message | undefined;
}

/** A change that can be proposed, before it is known of which run it is. */
export interface Change {
  readonly change: Message;
  readonly commands: readonly Command[];
}
