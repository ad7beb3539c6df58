import { BEANS_BOIL_MIN, BOIL_ROUNDING_C } from '../figures/index.ts';
import type { Rule } from '../finding.ts';

/** Kidney beans boil hard before any slow cooking. */
export const beans: Rule = {
  id: 'beans',
  title: 'rule.beans',
  source: 'source.fdaBeans',
  figures: { key: 'figures.beans', values: { minutes: { minutes: BEANS_BOIL_MIN } } },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      const bean = dish.foods.find(({ toxicBean }) => toxicBean);
      if (!bean) return [];
      const boiled = dish.acts.some(
        ({ verb, tempC, ...act }) =>
          (verb === 'boil' || verb === 'simmer') &&
          (verb === 'boil' || tempC !== undefined) &&
          (tempC ?? meal.boilingC) >= meal.boilingC - BOIL_ROUNDING_C &&
          act.foods.includes(bean.id) &&
          act.endMin - act.startMin >= BEANS_BOIL_MIN,
      );
      const [first] = dish.acts.filter(
        ({ verb, foods }) => COOKS.has(verb) && foods.includes(bean.id),
      );
      if (boiled || !first) return [];
      return [
        {
          rule: 'beans',
          level: 'stop',
          dish: dish.id,
          step: first.id,
          message: {
            key: 'safety.beans',
            values: { food: bean.name, minutes: { minutes: BEANS_BOIL_MIN } },
          },
          source: 'source.fdaBeans',
          mends: [],
        } as const,
      ];
    }),
};

const COOKS = new Set(['boil', 'simmer', 'braise', 'steam', 'bake', 'roast', 'fry']);
