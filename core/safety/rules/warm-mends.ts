import type { SafetyFinding } from '../finding.ts';

/** What is lukewarm too long goes into the fridge, or stays out a shorter while. */
export function coldOrShorterMends(step: string, restMin: number): SafetyFinding['mends'] {
  return [{ kind: 'fridge', step }, ...shorterMends(step, restMin)];
}

/** @param restMin how long it may be out at the most */
export function shorterMends(step: string, restMin: number): SafetyFinding['mends'] {
  const minutes = WHOLE_MIN * Math.floor((restMin - MOVES_MIN) / WHOLE_MIN);
  return minutes >= LEAST_MIN ? [{ kind: 'minutes', step, minutes }] : [];
}

/** Said in whole steps of so many minutes; waits beside it move a little when it is taken. */
const WHOLE_MIN = 5;
const MOVES_MIN = 15;
/** Shorter than this, nothing is worth doing. */
const LEAST_MIN = 10;
