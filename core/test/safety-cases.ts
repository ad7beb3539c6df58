import { COLD_CASES } from './safety-cold.ts';
import { HOT_CASES } from './safety-hot.ts';
import { MORE_UNSEEN_CASES } from './safety-unseen-kept.ts';
import { UNSEEN_CASES } from './safety-unseen.ts';
import { smallMeal } from './small-meal.ts';

/**
 * Small meal files, each with the rule that must stop it, or none: half of them dangerous in one
 * way, half good cooking that must pass in silence.
 */
export interface SafetyCase {
  readonly name: string;
  readonly stops: string;
  /** A meal document, as it lies in a file. */
  readonly meal: unknown;
}

export const SAFETY_CASES: readonly SafetyCase[] = [
  ...COLD_CASES,
  ...HOT_CASES,
  ...UNSEEN_CASES,
  ...MORE_UNSEEN_CASES,
].map(([name, stops, spec]) => ({
  name,
  stops,
  meal: smallMeal(name, spec),
}));
