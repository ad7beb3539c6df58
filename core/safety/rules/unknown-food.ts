import type { Rule } from '../finding.ts';

/** A food nobody knows the cut of is taken for what its name says, carefully, until the cook tells. */
export const unknownFood: Rule = {
  id: 'unknownFood',
  title: 'rule.unknownFood',
  source: 'source.common',
  figures: { key: 'figures.unknownFood' },
  check: (meal) =>
    meal.dishes.flatMap((dish) =>
      dish.foods
        .filter(({ unknown, asked, ready }) => (unknown || asked) && !ready)
        .map(
          ({ id, name, animal, asked }) =>
            ({
              rule: 'unknownFood',
              level: 'caution',
              dish: dish.id,
              food: id,
              message: asked
                ? { key: 'safety.askedFood', values: { food: name } }
                : { key: 'safety.unknownFood', values: { food: name, animal } },
              source: 'source.common',
              mends: [],
            }) as const,
        ),
    ),
};
