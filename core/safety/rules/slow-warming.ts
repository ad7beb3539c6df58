import { GROWS_FROM_C, GROWS_UNTIL_C, WARMED_WITHIN_MIN } from '../figures/index.ts';
import { growingMinutes } from '../growing-minutes.ts';
import { ROOM_LIMIT_MIN } from '../figures/index.ts';
import type { Rule } from '../finding.ts';
import { rawFoods, type LedgerAct, type SlowWarming } from '../ledger.ts';

/** A slow fire brings the middle out of danger in six hours, and the surface in two. */
export const slowWarming: Rule = {
  id: 'slowWarming',
  title: 'rule.slowWarming',
  source: 'source.fsisAppendixA',
  figures: {
    key: 'figures.slowWarming',
    values: {
      from: { tempC: GROWS_FROM_C },
      to: { tempC: GROWS_UNTIL_C },
      core: { minutes: WARMED_WITHIN_MIN },
      surface: { minutes: ROOM_LIMIT_MIN },
    },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      if (rawFoods(dish).length === 0) return [];
      return dish.acts.flatMap((act) => {
        const warming = warmingOf(act);
        if (!warming) return [];
        const slow = warming.coreMin > WARMED_WITHIN_MIN;
        if (!slow && warming.surfaceMin <= ROOM_LIMIT_MIN) return [];
        return [
          {
            rule: 'slowWarming',
            level: 'stop',
            dish: dish.id,
            step: act.id,
            message: {
              key: slow ? 'safety.slowWarming' : 'safety.slowSurface',
              values: {
                minutes: {
                  minutes: Math.round((slow ? warming.coreMin : warming.surfaceMin) / 10) * 10,
                },
              },
            },
            source: 'source.fsisAppendixA',
            mends:
              act.tempC === undefined
                ? []
                : [{ kind: 'heat', step: act.id, tempC: act.tempC + 20 }],
          } as const,
        ];
      });
    }),
};

/** By the curves of what heat times; else as the clock's low fire was reckoned. */
function warmingOf({ temperatures, last, warmsSlowly }: LedgerAct): SlowWarming | undefined {
  if (!temperatures) return warmsSlowly;
  if (!last) return undefined;
  const { minute, coreC, warmingMin } = temperatures;
  return { coreMin: growingMinutes(minute, coreC), surfaceMin: warmingMin };
}
