import { z } from 'zod';
import type { SoakWindow } from '../../batch/index.ts';
import type { Band } from '../../heat/index.ts';
import type { Conditions } from '../../places/index.ts';
import type { Message } from '../../words/index.ts';

/** A length of time: a likely one between two unlikely ones, or an open window. Minutes. */
export interface DurationEstimate {
  /** Ranged: shorter one time in ten. Elastic: the least it needs. */
  readonly leastMin: number;
  /** Ranged: as often longer as shorter. Elastic: the best. */
  readonly likelyMin: number;
  /** Ranged: longer one time in ten. Elastic: the longest it may be. */
  readonly mostMin: number;
}

/**
 * As learnt here: it takes so many times as long as is reckoned. A field of every time that is
 * reckoned from something.
 */
export const learntTimes = z.number().min(0.3).max(3).optional();

/** What a length follows from, of the meal its step is in. */
export interface StepFacts {
  readonly weightG: (food: string) => number;
  readonly pieces: (food: string) => number;
  /** The window of a mixture that soaks. @throws RangeError for one that does not */
  readonly soakWindow: (mixture: string) => SoakWindow;
  /** Until a boiled mixture is fridge-cold, minutes. */
  readonly coolingMin: (mixture: string) => number;
  /** By how much a mixture of the dish is more than its recipe. */
  readonly factorOfMixture: (mixture: string) => number;
  /** What heat says of this very step. */
  readonly heat: () => { readonly minutes: Band; readonly reached: boolean };
  /** In how many rounds the food goes into the kitchen's pan, and that in words. */
  readonly panRounds: () => { readonly rounds: number; readonly message?: Message | undefined };
  readonly conditions: Conditions;
  /** Of the step's own place. */
  readonly placeC: number | undefined;
  /** How many times as fast as in the room what rests there cools: 1 and more. */
  readonly coolsTimes: number;
}

/** A time settled for its meal. */
export interface SettledTime {
  readonly duration: DurationEstimate;
  /** What sets the longest of an open window. */
  readonly limitedBy?: Message | undefined;
  readonly rounds?: number | undefined;
  /** Where heat decides: whether this fire ever brings it there. */
  readonly reached?: boolean | undefined;
  readonly fit?: Message | undefined;
}

/** How long a step takes, by one way to say so. */
export interface StepTimeDefinition<Schema extends z.ZodType = z.ZodType> {
  readonly kind: string;
  /** As it lies in a meal file. */
  readonly schema: Schema;
  /** Its length is the plan's to choose within a window; otherwise the food decides. */
  readonly elastic: boolean;
  settle(time: z.infer<Schema>, facts: StepFacts): SettledTime;
  /**
   * The least and the longest a planned step may be, minutes. For the audit: reckoned apart from
   * `settle`, so that a slip in one is found by the other.
   */
  allowed(time: z.infer<Schema>, facts: StepFacts): readonly [number, number];
  /** Its likely length as a stage of a cook, minutes; left out, none worth counting. */
  stageMin?(time: z.infer<Schema>): number;
}

/** Three minutes as an estimate. */
export function estimate(leastMin: number, likelyMin: number, mostMin: number): DurationEstimate {
  return { leastMin, likelyMin, mostMin };
}

/** A band in whole minutes, a minute at the least. */
export function wholeMinutes({ least, likely, most }: Band): DurationEstimate {
  const minutes = Math.max(1, Math.round(likely));
  return estimate(
    Math.min(minutes, Math.round(least)),
    minutes,
    Math.max(minutes, Math.ceil(most)),
  );
}

/** Exactly a likely length, as the audit has it. */
export function exactly(minutes: number): readonly [number, number] {
  const whole = Math.max(1, Math.round(minutes));
  return [whole, whole];
}
