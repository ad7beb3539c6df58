import { SECOND_SERVING_MIN } from '../../figures/index.ts';
import type { Command, Dish, Meal } from '../../meal/index.ts';
import { localOf } from '../../time/index.ts';
import type { Plan } from '../planned.ts';
import type { RescueCandidate } from './candidate.ts';

/** Above one later hour for all, and one more for each quarter of an hour. Our own order, no source. */
const PRICE = 6;
const QUARTER_MIN = 15;
/** So many ways to share out the dishes are tried at every hour. */
const MOST_SHARED = 3;

/**
 * In two servings: what is ready as asked, and the dishes that cannot be after it. The meal's own
 * time is that of the last.
 *
 * @param late the dishes that cannot be done with the rest: all of them later, or one of them
 * @param likelyMin by how much everything would have to be later; tried first where it is borne
 */
export function twoServings(
  late: readonly Dish[],
  meal: Meal,
  made: Plan,
  likelyMin: number | undefined,
): RescueCandidate[] {
  // What has two servings already has no third.
  if (meal.dishes.some(({ servedBeforeMin }) => servedBeforeMin !== undefined)) return [];
  const most = Math.max(...SECOND_SERVING_MIN);
  const fits = likelyMin !== undefined && likelyMin > 0 && likelyMin <= most;
  const hours = fits ? SECOND_SERVING_MIN.filter((min) => min >= likelyMin) : SECOND_SERVING_MIN;
  const shared = [...(late.length > 1 ? [late] : []), ...late.map((dish) => [dish])]
    .filter(({ length }) => length < meal.dishes.length)
    .slice(0, MOST_SHARED);
  return hours.flatMap((laterMin) =>
    shared.map((dishes) => inTwoServings(dishes, laterMin, meal, made)),
  );
}

function inTwoServings(
  late: readonly Dish[],
  laterMin: number,
  meal: Meal,
  made: Plan,
): RescueCandidate {
  const at = made.servingMin + laterMin;
  const first = meal.dishes.filter(({ id }) => late.every((dish) => dish.id !== id));
  const dish = late.map(({ name }) => name).join('; ');
  return {
    price: PRICE + laterMin / QUARTER_MIN,
    text: { key: 'rescue.twoServings', values: { dish, at: { at } } },
    servingMin: at,
    changes: [
      { do: 'serveAt', at: localOf(at, made.zone) },
      ...first.map(({ id }): Command => ({ do: 'serveDishBefore', dish: id, minutes: laterMin })),
    ],
  };
}
