import { MINUTES_PER_DAY } from '../../figures/index.ts';
import type { Rule } from '../finding.ts';

/** What is made ahead carries a label: what it is, and its last day. */
export const labels: Rule = {
  id: 'labels',
  title: 'rule.labels',
  source: 'source.common',
  figures: { key: 'figures.labels' },
  check: (meal) =>
    meal.dishes.flatMap((dish) =>
      dish.mixtures.flatMap(({ id, name, keepsDays }) => {
        const mixed = dish.acts.find(
          ({ verb, mixtures }) => verb === 'mix' && mixtures.includes(id),
        );
        if (keepsDays === undefined || !mixed) return [];
        const until = mixed.endMin + keepsDays * MINUTES_PER_DAY;
        return [
          {
            rule: 'labels',
            level: 'note',
            dish: dish.id,
            step: mixed.id,
            message: {
              key: 'safety.label',
              values: { mixture: name, at: { at: mixed.endMin }, until: { at: until } },
            },
            source: 'source.common',
            mends: [],
          } as const,
        ];
      }),
    ),
};
