import { REHEATED_CORE_C } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import { spoils, type LedgerAct } from '../ledger.ts';

/** A microwave heats in patches: stirred, covered, and let stand so long. Same source. */
const STANDS_MIN = 2;
const HEATS = new Set(['simmer', 'roast', 'bake', 'fry', 'steam', 'braise', 'grill', 'brown']);
/** A simmering pot is hotter than that all through before long. */
const WET = new Set(['simmer', 'steam', 'braise', 'boil']);

/** What was cooked and chilled is heated to 74 °C all through. */
export const reheating: Rule = {
  id: 'reheating',
  title: 'rule.reheating',
  source: 'source.foodCodeReheat',
  figures: {
    key: 'figures.reheating',
    values: { tempC: { tempC: REHEATED_CORE_C }, stand: { minutes: STANDS_MIN } },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      if (!spoils(dish)) return [];
      const leftOver = dish.foods.filter((food) => food.leftOver).map(({ id }) => id);
      const chilled = dish.acts.findIndex((act) => act.verb === 'chill' && act.afterFire);
      const warmed = dish.acts.filter(
        ({ foods }, i) =>
          (chilled !== -1 && i > chilled) || foods.some((id) => leftOver.includes(id)),
      );
      return warmed.flatMap((act) => {
        const coreC = warmedTo(act);
        if (!HEATS.has(act.verb)) return [];
        if (coreC === undefined && isBrief(act)) return [briefly(dish.id, act.id)];
        if (coreC === undefined || coreC >= REHEATED_CORE_C) return [];
        return [
          {
            rule: 'reheating',
            level: 'stop',
            dish: dish.id,
            step: act.id,
            message: {
              key: 'safety.reheating',
              values: { tempC: { tempC: coreC }, least: { tempC: REHEATED_CORE_C } },
            },
            source: 'source.foodCodeReheat',
            mends: [
              act.coreC === undefined
                ? { kind: 'heat', step: act.id, tempC: Math.round(meal.boilingC) }
                : { kind: 'core', step: act.id, coreC: REHEATED_CORE_C },
            ],
          } as const,
        ];
      });
    }),
};

/** Nothing cold is hot all through so soon, minutes. Our own line, no source. */
const BRIEF_MIN = 4;

function isBrief({ place, startMin, endMin }: LedgerAct): boolean {
  return place !== 'microwave' && endMin - startMin < BRIEF_MIN;
}

function briefly(dish: string, step: string): SafetyFinding {
  return {
    rule: 'reheating',
    level: 'caution',
    dish,
    step,
    message: {
      key: 'safety.reheatedBriefly',
      values: { least: { tempC: REHEATED_CORE_C } },
    },
    source: 'source.foodCodeReheat',
    mends: [{ kind: 'core', step, coreC: REHEATED_CORE_C }],
  };
}

/** A simmering pot is as hot as it is said to be; dry heat says its middle, or nothing. */
function warmedTo({ coreC, verb, tempC }: LedgerAct): number | undefined {
  return coreC ?? (WET.has(verb) ? tempC : undefined);
}
