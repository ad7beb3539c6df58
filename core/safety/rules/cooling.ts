import type { Rule } from '../finding.ts';
import { spoils } from '../watched.ts';

/** 57 to 21 °C in two hours, to 5 °C in six. Source: FDA Food Code, 3-501.14; from memory. */
const TO_21_MIN = 120;
const TO_5_MIN = 360;
/** What was made of things at room heat is at 5 °C in four. Same source. */
const MADE_MIN = 240;

/** Cooked food is cold again in time, by how its own pot cools; bread cools as it likes. */
export const cooling: Rule = {
  id: 'cooling',
  source: 'source.foodCodeCooling',
  figures: {
    key: 'figures.cooling',
    values: {
      first: { minutes: TO_21_MIN },
      whole: { minutes: TO_5_MIN },
      made: { minutes: MADE_MIN },
    },
  },
  check: (meal) =>
    meal.dishes.filter(spoils).flatMap((dish) =>
      dish.acts.flatMap((act) => {
        const { cools } = act;
        if (!cools || !act.afterFire) return [];
        if (cools.to21Min <= TO_21_MIN && cools.to5Min <= TO_5_MIN) return [];
        return [
          {
            rule: 'cooling',
            level: 'stop',
            dish: dish.id,
            step: act.id,
            message: Number.isFinite(cools.to21Min)
              ? {
                  key: 'safety.cooling',
                  values: { minutes: { minutes: Math.round(cools.to21Min / 10) * 10 } },
                }
              : { key: 'safety.coolingRoom' },
            source: 'source.foodCodeCooling',
            mends: [{ kind: 'iceBefore', step: act.id }],
          } as const,
        ];
      }),
    ),
};
