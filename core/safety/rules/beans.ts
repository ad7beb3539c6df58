import { BEANS_BOIL_MIN } from '../figures/index.ts';
import type { Rule } from '../finding.ts';
import { minutesOf } from '../watched.ts';

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
        (act) => act.verb === 'boil' && minutesOf(act) >= BEANS_BOIL_MIN,
      );
      const [first] = dish.acts.filter(({ verb }) => COOKS.has(verb));
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

const COOKS = new Set(['simmer', 'braise', 'steam', 'bake', 'roast', 'fry']);
