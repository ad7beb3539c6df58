import type { Rule } from '../finding.ts';

/** What of a meal is not for children, the pregnant, the old and the ill: egg that stays raw. */
export const notForThem: Rule = {
  id: 'notForThem',
  source: 'source.fsisEggs',
  figures: { key: 'figures.notForThem' },
  check: (meal) => {
    if (!meal.children && !meal.frail) return [];
    return meal.dishes.flatMap((dish) =>
      dish.mixtures.flatMap(({ name, rawEgg }) =>
        rawEgg
          ? [
              {
                rule: 'notForThem',
                level: 'caution',
                dish: dish.id,
                message: { key: 'safety.rawEgg', values: { mixture: name } },
                source: 'source.fsisEggs',
                mends: [],
              } as const,
            ]
          : [],
      ),
    );
  },
};
