import type { Rule } from '../finding.ts';

/** Parasites die at 60 °C; cooler fish has to have been frozen. Source: FDA Food Code, 3-402.11; from memory. */
const PARASITES_C = 60;

/** Fish that is eaten less than cooked through has been frozen hard first. */
export const fish: Rule = {
  id: 'fish',
  source: 'source.foodCodeFish',
  figures: { key: 'figures.fish', values: { tempC: { tempC: PARASITES_C } } },
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
