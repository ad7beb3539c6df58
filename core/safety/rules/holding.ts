import { HOT_HOLDING_C, HOLD_AT_C, ROAST_HOLDING_C } from '../figures/index.ts';
import { HOT_LIMIT_MIN, HOT_ROOM_C, ROOM_LIMIT_MIN, WORKED_FOR_MIN } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import {
  isMadeOfFlour,
  lukewarmMin,
  minutesOfSpan,
  spoils,
  type LedgerSpan,
  type LedgerDish,
  type LedgerFood,
  type Ledger,
} from '../ledger.ts';

/** What waits for the table is kept above 57 °C, or waits two hours at most, wherever it waits. */
export const holding: Rule = {
  id: 'holding',
  title: 'rule.holding',
  source: 'source.foodCodeHold',
  figures: {
    key: 'figures.holding',
    values: {
      tempC: { tempC: HOT_HOLDING_C },
      roast: { tempC: ROAST_HOLDING_C },
      minutes: { minutes: ROOM_LIMIT_MIN },
    },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      const found = dish.foods.flatMap((food) => lukewarm(meal, dish, food));
      const [gravest] = found.sort(
        (a, b) => Number(b.level === 'stop') - Number(a.level === 'stop'),
      );
      return gravest ? [gravest] : [];
    }),
};

function lukewarm(meal: Ledger, dish: LedgerDish, food: LedgerFood): SafetyFinding[] {
  if (isMadeOfFlour(dish, food)) return [];
  const waits = food.spans
    .filter((span) => isWaiting(span))
    .map((span) => ({ span, minutes: lukewarmMin(span) }));
  const minutes = waits.reduce((sum, one) => sum + one.minutes, 0);
  const [longest] = [...waits].sort((a, b) => b.minutes - a.minutes);
  const around = waits.map(({ span }) => span.placeC).filter((placeC) => placeC < food.holdsFromC);
  const hot = Math.max(meal.roomC, ...around) > HOT_ROOM_C;
  const limit = hot ? HOT_LIMIT_MIN : ROOM_LIMIT_MIN;
  if (!longest || minutes <= limit) return [];
  const { step, leftBy, place } = longest.span;
  const rest = limit - (minutes - longest.minutes);
  return [
    {
      rule: 'holding',
      // Cooked vegetables and bean curd go off as well, more slowly.
      level: spoils(dish) ? 'stop' : 'caution',
      dish: dish.id,
      step: step ?? leftBy,
      food: food.id,
      message: {
        key: step === undefined ? 'safety.holdingLies' : 'safety.holding',
        values: {
          minutes: { minutes: step === undefined ? longest.minutes : minutes },
          tempC: { tempC: food.holdsFromC },
          limit: { minutes: limit },
        },
      },
      source: 'source.foodCodeHold',
      mends:
        step === undefined
          ? []
          : [
              ...(place === 'oven' || place === 'hob'
                ? [{ kind: 'heat', step, tempC: HOLD_AT_C } as const]
                : []),
              ...(rest >= 10 ? [{ kind: 'minutes', step, minutes: rest } as const] : []),
            ],
    },
  ];
}

const COOLS = new Set(['cool', 'chill']);

/** Cooked and let lie: cooling down is a rule of its own, and a board is worked at for a while. */
function isWaiting(span: LedgerSpan): boolean {
  if (span.state !== 'cooked' && span.state !== 'ready') return false;
  if (span.place === 'fridge' || span.place === 'freezer') return false;
  if (span.verb !== undefined && COOLS.has(span.verb)) return false;
  const works = span.verb === 'slice' || span.verb === 'shred' || span.verb === 'prepare';
  return !(works && minutesOfSpan(span) <= WORKED_FOR_MIN);
}
