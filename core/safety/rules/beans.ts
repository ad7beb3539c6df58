import { BEANS_BOIL_MIN, BEANS_SURE_MIN, BOIL_ROUNDING_C } from '../figures/index.ts';
import type { Rule } from '../finding.ts';
import { minutesOf } from '../ledger.ts';

/** Kidney beans boil hard before any slow cooking. */
export const beans: Rule = {
  id: 'beans',
  title: 'rule.beans',
  source: 'source.fdaBeans',
  figures: {
    key: 'figures.beans',
    values: { minutes: { minutes: BEANS_BOIL_MIN }, sure: { minutes: BEANS_SURE_MIN } },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      const bean = dish.foods.find(({ toxicBean }) => toxicBean);
      if (!bean) return [];
      const boils = dish.acts.filter(
        ({ verb, tempC, ...act }) =>
          act.foods.includes(bean.id) &&
          // Under pressure water boils hotter still.
          ((act.place === 'pressure-cooker' && WET.has(verb)) ||
            ((verb === 'boil' || verb === 'simmer') &&
              (verb === 'boil' || tempC !== undefined) &&
              (tempC ?? meal.boilingC) >= meal.boilingC - BOIL_ROUNDING_C)),
      );
      const longest = Math.max(0, ...boils.map(minutesOf));
      const [first] = dish.acts.filter(
        ({ verb, foods }) => COOKS.has(verb) && foods.includes(bean.id),
      );
      if (longest >= BEANS_SURE_MIN || !first) return [];
      const gone = longest >= BEANS_BOIL_MIN;
      return [
        {
          rule: 'beans',
          level: gone ? 'caution' : 'stop',
          dish: dish.id,
          step: first.id,
          message: {
            key: gone ? 'safety.beansSurer' : 'safety.beans',
            values: {
              food: bean.name,
              minutes: { minutes: BEANS_BOIL_MIN },
              sure: { minutes: BEANS_SURE_MIN },
            },
          },
          source: 'source.fdaBeans',
          mends: [],
        } as const,
      ];
    }),
};

const WET = new Set(['boil', 'simmer', 'braise', 'steam']);
const COOKS = new Set(['boil', 'simmer', 'braise', 'steam', 'bake', 'roast', 'fry']);
