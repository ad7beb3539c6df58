import { HIGH_BOIL_MIN, HIGH_FROM_M } from '../figures/index.ts';
import type { Rule } from '../finding.ts';
import { minutesOf } from '../ledger.ts';

/** High up water boils cooler: what is boiled to be safe boils for longer. */
export const highBoil: Rule = {
  id: 'highBoil',
  title: 'rule.highBoil',
  source: 'source.boilWater',
  figures: {
    key: 'figures.highBoil',
    values: { height: String(HIGH_FROM_M), minutes: { minutes: HIGH_BOIL_MIN } },
  },
  check: (meal) => {
    if (meal.altitudeM < HIGH_FROM_M) return [];
    return meal.dishes.flatMap((dish) =>
      dish.acts
        .filter((act) => act.verb === 'boil' && minutesOf(act) < HIGH_BOIL_MIN)
        .map(
          ({ id }) =>
            ({
              rule: 'highBoil',
              level: 'caution',
              dish: dish.id,
              step: id,
              message: { key: 'safety.highBoil', values: { minutes: { minutes: HIGH_BOIL_MIN } } },
              source: 'source.boilWater',
              mends: [{ kind: 'minutes', step: id, minutes: HIGH_BOIL_MIN }],
            }) as const,
        ),
    );
  },
};
