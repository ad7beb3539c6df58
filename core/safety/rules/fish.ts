import type { Rule } from '../finding.ts';

/** Parasites die at 60 °C; cooler fish has to have been frozen. Source: FDA Food Code, 3-402.11; from memory. */
const PARASITES_C = 60;
/** Frozen so hard for so long, or harder and shorter. The EU asks a day at −20 °C. Same source. */
const FROZEN = { cold: { tempC: -20, hours: 168 }, coldest: { tempC: -35, hours: 15 } } as const;

/** Fish that is eaten less than cooked through has been frozen hard first. */
export const fish: Rule = {
  id: 'fish',
  source: 'source.foodCodeFish',
  figures: {
    key: 'figures.fish',
    values: {
      tempC: { tempC: PARASITES_C },
      cold: { tempC: FROZEN.cold.tempC },
      days: String(FROZEN.cold.hours / 24),
      coldest: { tempC: FROZEN.coldest.tempC },
      hours: String(FROZEN.coldest.hours),
    },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      const one = dish.foods.find(({ animal, frozenFirst }) => animal === 'fish' && !frozenFirst);
      if (!one) return [];
      return dish.acts.flatMap((act) => {
        if (!act.last || act.coreC === undefined || act.coreC >= PARASITES_C) return [];
        return [
          {
            rule: 'fish',
            level: 'caution',
            dish: dish.id,
            step: act.id,
            message: { key: 'safety.fishFrozen', values: { food: one.name } },
            source: 'source.foodCodeFish',
            mends: [{ kind: 'frozen', food: one.id }],
          } as const,
        ];
      });
    }),
};
