import { ROOM_LIMIT_MIN } from '../figures.ts';
import type { Rule } from '../finding.ts';
import type { WatchedDish } from '../watched.ts';

/** Days cooked food keeps in the fridge. Source: FoodSafety.gov, cold storage chart; from memory. */
const MEAT_DAYS = 3;
const FISH_DAYS = 3;
/** And in the freezer. Same source. */
const FROZEN_MONTHS = 2;
/** Rice by the stricter advice. Source: UK Food Standards Agency; from memory. */
const RICE_DAYS = 1;

/** What is left over: cold soon, and for days only. */
export const leftovers: Rule = {
  id: 'leftovers',
  source: 'source.storage',
  figures: {
    key: 'figures.leftovers',
    values: { meat: String(MEAT_DAYS), rice: String(RICE_DAYS) },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      const days = daysOf(dish);
      if (days === undefined) return [];
      return [
        {
          rule: 'leftovers',
          level: 'note',
          dish: dish.id,
          message: {
            key: 'safety.leftovers',
            values: {
              dish: dish.name,
              days: String(days),
              by: { at: meal.servingMin + ROOM_LIMIT_MIN },
              months: String(FROZEN_MONTHS),
            },
          },
          source: 'source.storage',
          mends: [],
        } as const,
      ];
    }),
};

function daysOf({ foods }: WatchedDish): number | undefined {
  if (foods.some(({ grain }) => grain)) return RICE_DAYS;
  if (foods.some(({ animal }) => animal === 'fish' || animal === 'shellfish')) return FISH_DAYS;
  return foods.some(({ animal }) => animal !== 'none') ? MEAT_DAYS : undefined;
}
