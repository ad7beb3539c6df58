import type { Hands } from './schema.ts';

/** As long as no step goes on: not again before it is over. */
const ONCE_MIN = 48 * 60;

/** Hands that are wanted once, so long after a step began: "after 20 minutes, add the carrots". */
export function once(afterMin: number, minutes: number, what: string): Hands {
  return { when: 'every', everyMin: ONCE_MIN, firstMin: afterMin, minutes, what };
}

/** Whether hands that come round are wanted once only. */
export function isOnce(hands: Hands): boolean {
  return hands.when === 'every' && hands.firstMin !== undefined && hands.everyMin >= ONCE_MIN;
}
