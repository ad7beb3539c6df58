import { MINUTES_PER_HOUR } from '../figures/index.ts';
import { localOf } from '../time/index.ts';
import type { Meal } from '../meal/index.ts';
import type { Message } from '../words/index.ts';
import type { Plan, Rescue } from './planned.ts';
import { insteadOf } from './rescues/candidates.ts';

/** A meal as it might be instead, not yet planned. */
export interface MealVariant {
  readonly text: Message;
  readonly changes: Rescue['changes'];
}

/** How much earlier and later is asked for. */
const HOURS = [-1, 1] as const;

/**
 * What a meal might be instead: an hour sooner or later, a joint in two, over another fire, made
 * ahead. None is tried: the cook picks what to compare.
 */
export function mealVariants(meal: Meal, made: Plan): MealVariant[] {
  const hours = HOURS.map((hour): MealVariant => {
    const at = made.servingMin + hour * MINUTES_PER_HOUR;
    return {
      text: { key: 'rescue.serveAt', values: { at: { at } } },
      changes: [{ do: 'serveAt', at: localOf(at, made.zone) }],
    };
  });
  return [...hours, ...insteadOf(meal, made).map(({ text, changes }) => ({ text, changes }))];
}
