import type { PlaceKind } from '../places/index.ts';
import type { ReadAct } from './context.ts';
import type { CueHit } from './cues.ts';
import type { Degree } from './degree.ts';
import type { ReadDuration } from './span.ts';
import type { VerbHit } from './verbs.ts';

/** What there is in a clause, before anything is made of it. */
export interface Seen {
  readonly text: string;
  readonly place: PlaceKind | undefined;
  readonly said: readonly VerbHit[];
  readonly allLengths: readonly ReadDuration[];
  /** Those that are no moments. */
  readonly spans: readonly ReadDuration[];
  readonly degrees: readonly Degree[];
  readonly cue: CueHit | undefined;
  /** What the oven is set to from here on, and what it climbs to beside. */
  readonly lowered: Degree | undefined;
  readonly climbsTo: Degree | undefined;
}

/** What a sentence comes to: its steps, what it adds to the step before, or nothing understood. */
export interface ReadSentence {
  readonly acts: readonly ReadAct[];
  /** Something to be added to the last step. */
  readonly adds?: Partial<ReadAct> | undefined;
  readonly understood: boolean;
  /** The step before lasts only so long: it is set to another heat then, minutes. */
  readonly endsBeforeAt?: number | undefined;
  /** What of the clause is in `adds`, to be lit. */
  readonly lit?: ReadonlyArray<readonly [from: number, to: number]> | undefined;
  /** Times and heats in it that nothing took: to be shown as not understood. */
  readonly left: number;
}
