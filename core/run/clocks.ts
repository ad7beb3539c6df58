import { cutOf, type Meal } from '../meal/index.ts';
import { USUAL_CONDITIONS } from '../places/index.ts';
import type { FoodStory } from '../ledger/index.ts';
import {
  HOT_LIMIT_MIN,
  HOT_ROOM_C,
  lukewarmMin,
  ROOM_LIMIT_MIN,
  type LedgerSpan,
} from '../safety/index.ts';

/** How long food of an animal has been where germs grow, of the time it may. */
export interface WarmClock {
  readonly dish: string;
  readonly food: string;
  /** Raw and out of the cold; or cooked and no longer hot. */
  readonly state: 'raw' | 'cooked';
  /** Minutes between 5 and 57 °C so far, in this state. */
  readonly minutes: number;
  readonly limitMin: number;
}

/**
 * The clocks that run at a moment: of every food of an animal that lies between 5 and 57 °C now, the
 * minutes it has been so since it was raw, or since it was cooked. Fire sets the clock back.
 *
 * @param nowMin epoch minutes
 */
export function warmClocks(meal: Meal, stories: readonly FoodStory[], nowMin: number): WarmClock[] {
  return stories.flatMap(({ dish, food, spans }): WarmClock[] => {
    const now = spans.find(({ fromMin, toMin }) => fromMin <= nowMin && nowMin < toMin);
    const found = meal.dishes.find(({ id }) => id === dish)?.foods.find(({ id }) => id === food);
    const animal = found && cutOf(meal, found)?.animal;
    if (!now || now.growthMin === 0 || animal === undefined || animal === 'none') return [];
    const cooked = now.state === 'cooked' || now.state === 'ready';
    const same = spans.filter(
      ({ state, fromMin }) =>
        fromMin <= nowMin && (state === 'cooked' || state === 'ready') === cooked,
    );
    const minutes = same.reduce((sum, span) => sum + grownBy(span, cooked, nowMin), 0);
    // Still hot: it will be lukewarm before the span is over.
    if (cooked && minutes <= 0) return [];
    const hot = (meal.kitchen.roomC ?? USUAL_CONDITIONS.roomC) > HOT_ROOM_C;
    const limitMin = hot ? HOT_LIMIT_MIN : ROOM_LIMIT_MIN;
    return [
      { dish, food, state: cooked ? 'cooked' : 'raw', minutes: Math.floor(minutes), limitMin },
    ];
  });
}

/** Of a span's minutes where germs grow, those that are over: of what cools, they are its last. */
function grownBy(span: LedgerSpan, cooked: boolean, nowMin: number): number {
  const { fromMin, toMin, growthMin, coreC } = span;
  const all = cooked ? lukewarmMin(span) : growthMin;
  const left = Math.max(0, toMin - nowMin);
  if (cooked && coreC[1] < coreC[0]) return Math.max(0, all - left);
  return all * Math.min(1, (nowMin - fromMin) / Math.max(1, toMin - fromMin));
}
