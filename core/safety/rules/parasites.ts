import { GAME_PARASITES_C, TRICHINAE_AT_ONCE_C, TRICHINAE } from '../figures/index.ts';
import type { Rule } from '../finding.ts';
import type { FoodTemperatures, LedgerAct, LedgerFood } from '../ledger.ts';

/** Pork and game that stay cooler inside than their parasites bear. */
export const parasites: Rule = {
  id: 'parasites',
  title: 'rule.parasites',
  source: 'source.trichinae',
  figures: {
    key: 'figures.parasites',
    values: { pork: { tempC: TRICHINAE_AT_ONCE_C }, game: { tempC: GAME_PARASITES_C } },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) =>
      dish.acts.flatMap((act) => {
        const food = dish.foods.find(
          (one) => (act.food === undefined || one.id === act.food) && lives(one, act),
        );
        if (!food || !act.last || isDeadByRest(food, act, dish.acts)) return [];
        const isPork = food.animal === 'pork';
        const leastC = isPork ? TRICHINAE_AT_ONCE_C : GAME_PARASITES_C;
        return [
          {
            rule: 'parasites',
            level: 'caution',
            dish: dish.id,
            step: act.id,
            message: {
              key: isPork ? 'safety.trichinae' : 'safety.gameParasites',
              values: { food: food.name, least: { tempC: leastC } },
            },
            source: isPork ? 'source.trichinae' : 'source.wildGame',
            mends: [
              { kind: 'core', step: act.id, coreC: Math.ceil(leastC) },
              ...(isPork ? [{ kind: 'frozen', food: food.id } as const] : []),
            ],
          } as const,
        ];
      }),
    ),
};

function lives(
  { animal, frozenFirst, ready }: LedgerFood,
  { coreC, temperatures }: LedgerAct,
): boolean {
  if (coreC === undefined || ready) return false;
  if (animal === 'game') return coreC < GAME_PARASITES_C - 0.5;
  if (animal !== 'pork' || frozenFirst || coreC >= TRICHINAE_AT_ONCE_C - 0.5) return false;
  return !temperatures || shareDead(temperatures) < 1;
}

/** The printed table counts the time at a heat, on the fire or off it: pork that rests hot goes on. */
function isDeadByRest(food: LedgerFood, fire: LedgerAct, acts: readonly LedgerAct[]): boolean {
  if (food.animal !== 'pork') return false;
  const rests = acts.filter(
    ({ verb, foods, startMin }) =>
      (verb === 'rest' || verb === 'hold') && foods.includes(food.id) && startMin >= fire.endMin,
  );
  const shares = [fire, ...rests].map(({ temperatures }) =>
    temperatures ? shareDead(temperatures) : 0,
  );
  return shares.reduce((sum, share) => sum + share, 0) >= 1;
}

/** What of the time that is wanted has gone by, summed along a curve of the coldest point. */
function shareDead({ minute, coreC }: FoodTemperatures): number {
  let share = 0;
  for (let i = 1; i < minute.length; i++) {
    const coldest = Math.min(coreC[i - 1] ?? 0, coreC[i] ?? 0);
    share += ((minute[i] ?? 0) - (minute[i - 1] ?? 0)) / minutesAt(coldest);
  }
  return share;
}

/** By interpolation of log time; never below the table, half a minute above it. */
function minutesAt(tempC: number): number {
  const above = TRICHINAE.findIndex(([at]) => at >= tempC);
  const [high, low] = [TRICHINAE[above], TRICHINAE[above - 1]];
  if (!high) return LEAST_MIN;
  if (!low) return high[0] === tempC ? high[1] : Infinity;
  const share = (tempC - low[0]) / (high[0] - low[0]);
  const log = (minutes: number) => Math.log(Math.max(LEAST_MIN, minutes));
  return Math.exp(log(low[1]) * (1 - share) + log(high[1]) * share);
}
const LEAST_MIN = 0.5;
