import {
  COOLED_TO_21_MIN,
  FAR_SLOWER_TIMES,
  ROOM_LIMIT_MIN,
  COOLED_TO_5_MIN,
  MADE_COLD_MIN,
  HOT_HOLDING_C,
  COOLED_FIRST_TO_C,
  FRIDGE_COLD_C,
} from '../figures/index.ts';
import type { Rule } from '../finding.ts';
import { spoils, type CoolingPot } from '../ledger.ts';

/** How far it has to fall first, and within how long. */
const FIRST_FALL = {
  tempC: { tempC: COOLED_FIRST_TO_C },
  limit: { minutes: COOLED_TO_21_MIN },
};

/** Not merely slower than the law for kitchens that sell food. */
function isFarTooSlow({ to21Min, to5Min, outMin, joint }: CoolingPot): boolean {
  // A joint that is in the fridge within two hours has what home cooks are asked for.
  if (joint && Number.isFinite(to5Min)) return outMin > ROOM_LIMIT_MIN;
  const slow = to21Min > COOLED_TO_21_MIN * FAR_SLOWER_TIMES;
  return slow || to5Min > COOLED_TO_5_MIN * FAR_SLOWER_TIMES || outMin > ROOM_LIMIT_MIN;
}

function isInTime({ to21Min, to5Min, outMin }: CoolingPot): boolean {
  return to21Min <= COOLED_TO_21_MIN && to5Min <= COOLED_TO_5_MIN && outMin <= ROOM_LIMIT_MIN;
}

/** Cooked food is cold again in time, by how its own pot cools; bread cools as it likes. */
export const cooling: Rule = {
  id: 'cooling',
  title: 'rule.cooling',
  source: 'source.foodCodeCooling',
  figures: {
    key: 'figures.cooling',
    values: {
      warm: { tempC: HOT_HOLDING_C },
      mid: { tempC: COOLED_FIRST_TO_C },
      cold: { tempC: FRIDGE_COLD_C },
      first: { minutes: COOLED_TO_21_MIN },
      whole: { minutes: COOLED_TO_5_MIN },
      made: { minutes: MADE_COLD_MIN },
    },
  },
  check: (meal) =>
    meal.dishes.filter(spoils).flatMap((dish) =>
      dish.acts.flatMap((act) => {
        const { cools } = act;
        if (!cools || !act.afterFire) return [];
        if (isInTime(cools)) return [];
        return [
          {
            rule: 'cooling',
            // At home what goes into the fridge in time is good; the law for kitchens is stricter.
            level: isFarTooSlow(cools) ? 'stop' : 'caution',
            dish: dish.id,
            step: act.id,
            message: Number.isFinite(cools.to21Min)
              ? {
                  key: 'safety.cooling',
                  values: {
                    minutes: { minutes: Math.round(cools.to21Min / 10) * 10 },
                    ...FIRST_FALL,
                  },
                }
              : { key: 'safety.coolingRoom', values: FIRST_FALL },
            source: 'source.foodCodeCooling',
            mends: [{ kind: 'iceBefore', step: act.id }],
          } as const,
        ];
      }),
    ),
};
