import type { Meal } from '../meal/index.ts';
import type { Plan } from './planned.ts';
import { MORE_IN_HAND, SURE_FROM, WORTH } from './rescues/surer.ts';
import { stopsOf } from './rescues/tried.ts';
import { BUFFER_FACTOR } from './scheduling/buffered-chains.ts';

/**
 * A plan that is not sure, planned with more in hand, where that makes it surer and asks nothing
 * more of the food: time is spent where it waits well. What the cook has set of it stays so.
 *
 * @param planWith the same with so many times what the food may overrun in hand
 * @returns the plan as it was where nothing makes it surer
 */
export function withMoreInHand(made: Plan, meal: Meal, planWith: (times: number) => Plan): Plan {
  if (meal.inHand !== undefined || made.status === 'cannot') return made;
  let best = made;
  for (const { times } of MORE_IN_HAND) {
    const more = BUFFER_FACTOR * times;
    if (best.onTime >= SURE_FROM) break;
    if (more <= (made.inHandTimes ?? 0)) continue;
    const next = planWith(more);
    if (isSurer(next, best)) best = next;
  }
  return best;
}

function isSurer(next: Plan, best: Plan): boolean {
  const before = new Set(stopsOf(best.findings));
  return (
    next.status !== 'cannot' &&
    next.onTime >= best.onTime + WORTH &&
    next.compromises.length <= best.compromises.length &&
    stopsOf(next.findings).every((stop) => before.has(stop))
  );
}

/** The meal as it was planned: what that kept in hand is kept while it is cooked. */
export function asPlanned(meal: Meal, { inHandTimes }: Pick<Plan, 'inHandTimes'>): Meal {
  const isUsual = inHandTimes === undefined || inHandTimes === BUFFER_FACTOR;
  return meal.inHand !== undefined || isUsual ? meal : { ...meal, inHand: inHandTimes };
}
