import type { Message, MessageKey } from '../words/index.ts';
import type { Ledger } from './ledger.ts';

/** `stop`: a rule is broken. `caution`: mind this at its step. `note`: good to know. */
export type Severity = 'stop' | 'caution' | 'note';

/** What would mend it: as a change to a step, which the plan then follows. */
export type Mend =
  | { readonly kind: 'minutes'; readonly step: string; readonly minutes: number }
  | { readonly kind: 'fridge' | 'iceBefore' | 'washBefore'; readonly step: string }
  | { readonly kind: 'core'; readonly step: string; readonly coreC: number }
  | { readonly kind: 'heat'; readonly step: string; readonly tempC: number }
  | { readonly kind: 'boilBefore'; readonly step: string; readonly mixture: string }
  | { readonly kind: 'coolBefore'; readonly step: string; readonly mixture: string }
  | { readonly kind: 'frozen' | 'farmed'; readonly food: string }
  | { readonly kind: 'keeps'; readonly mixture: string; readonly days: number }
  | { readonly kind: 'keepsDish'; readonly dish: string; readonly days: number };

/** What a rule has to say of a plan. */
export interface SafetyFinding {
  /** Of the rule that says it, by its id. */
  readonly rule: string;
  readonly level: Severity;
  readonly dish: string;
  /** The step where it is said. */
  readonly step?: string | undefined;
  /** The food whose story it is, where it is about one. */
  readonly food?: string | undefined;
  readonly message: Message;
  readonly source: MessageKey;
  readonly mends: readonly Mend[];
  /** Why the cook does it anyway, in their own words. */
  readonly overruled?: string | undefined;
}

/** One rule: what it checks, on what it is based, and what it says. */
export interface Rule {
  readonly id: string;
  /** What it is called. */
  readonly title: MessageKey;
  readonly source: MessageKey;
  /** What it asks for, with its figures. */
  readonly figures: Message;
  readonly check: (meal: Ledger) => readonly SafetyFinding[];
}
