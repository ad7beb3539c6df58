import type { Rule } from '../finding.ts';

/** Nobody is served what they avoid: said as long as nothing is set apart for them. */
export const eaters: Rule = {
  id: 'eaters',
  title: 'rule.eaters',
  source: 'source.common',
  figures: { key: 'figures.eaters' },
  check: (meal) =>
    meal.dishes.flatMap((dish) =>
      dish.conflicts.map(
        ({ avoids, heads, because }) =>
          ({
            rule: 'eaters',
            level: 'stop',
            dish: dish.id,
            message: {
              key: 'safety.avoids',
              values: { dish: dish.name, avoids, because, heads: String(heads) },
            },
            source: 'source.common',
            mends: [],
          }) as const,
      ),
    ),
};
