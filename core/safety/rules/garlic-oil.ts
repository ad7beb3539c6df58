import type { Rule } from '../finding.ts';

/** Days that garlic or herbs in oil keep cold. Source: public guidance on botulism; from memory. */
const MOST_DAYS = 4;

/** Garlic and herbs in oil: cold, and for days only. */
export const garlicOil: Rule = {
  id: 'garlicOil',
  source: 'source.botulism',
  figures: { key: 'figures.garlicOil', values: { days: String(MOST_DAYS) } },
  check: (meal) =>
    meal.dishes.flatMap((dish) =>
      dish.mixtures.flatMap(({ id, name, garlicInOil, keepsDays }) => {
        if (!garlicInOil || keepsDays === undefined || keepsDays <= MOST_DAYS) return [];
        return [
          {
            rule: 'garlicOil',
            level: 'stop',
            dish: dish.id,
            message: {
              key: 'safety.garlicOil',
              values: { mixture: name, days: String(keepsDays), most: String(MOST_DAYS) },
            },
            source: 'source.botulism',
            mends: [{ kind: 'keeps', mixture: id, days: MOST_DAYS }],
          } as const,
        ];
      }),
    ),
};
