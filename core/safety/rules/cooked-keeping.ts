import { MINUTES_PER_DAY } from '../../figures/index.ts';
import { KEEPING, type Keeping } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import { minutesOf, spoils, type LedgerDish } from '../ledger.ts';

const DAY_MIN = MINUTES_PER_DAY;

/** What was cooked ahead is eaten within days. */
export const cookedKeeping: Rule = {
  id: 'cookedKeeping',
  title: 'rule.cookedKeeping',
  source: 'source.storage',
  figures: {
    key: 'figures.cookedKeeping',
    values: {
      meat: String(KEEPING.cookedMeat.fridgeDays[1]),
      rice: String(KEEPING.cookedRice.fridgeDays[0]),
    },
  },
  check: (meal) => meal.dishes.flatMap((dish) => [...judged(dish), ...keptSince(dish)]),
};

function judged(dish: LedgerDish): SafetyFinding[] {
  const leftOver = new Set(dish.foods.filter((food) => food.leftOver).map(({ id }) => id));
  const cold = dish.acts.filter(
    ({ afterFire, foods, place }) =>
      place === 'fridge' && (afterFire || foods.some((id) => leftOver.has(id))),
  );
  const last = cold.at(-1);
  if (!last || !spoils(dish)) return [];
  const [least, most] = keepingOf(dish).fridgeDays;
  const waits = cold.reduce((sum, act) => sum + minutesOf(act), 0);
  if (waits <= least * DAY_MIN) return [];
  const rest = Math.floor(least * DAY_MIN - (waits - minutesOf(last)));
  return [
    {
      rule: 'cookedKeeping',
      level: waits > most * DAY_MIN ? 'stop' : 'caution',
      dish: dish.id,
      step: last.id,
      message: {
        key: 'safety.cookedKeeping',
        values: {
          minutes: { minutes: waits },
          days: String(waits > most * DAY_MIN ? most : least),
        },
      },
      source: 'source.storage',
      mends: rest > 0 ? [{ kind: 'minutes', step: last.id, minutes: rest }] : [],
    },
  ];
}

/** What is left over of an earlier meal: the days from its table to its fire, but for the freezer's. */
function keptSince(dish: LedgerDish): SafetyFinding[] {
  return dish.foods.flatMap((food): SafetyFinding[] => {
    const { cookedMin, frozenMin } = food;
    const first = dish.acts.find(({ foods }) => foods.includes(food.id));
    if (cookedMin === undefined || !first) return [];
    const eaten = food.fires[0]?.startMin ?? dish.acts.at(-1)?.endMin ?? first.endMin;
    const frozen = frozenMin === undefined ? 0 : Math.max(0, first.startMin - frozenMin);
    const waits = eaten - cookedMin - frozen;
    const [least, most] = keepingOf(dish).fridgeDays;
    if (waits <= least * DAY_MIN) return [];
    const isPast = waits > most * DAY_MIN;
    return [
      {
        rule: 'cookedKeeping',
        level: isPast ? 'stop' : 'caution',
        dish: dish.id,
        step: food.fires[0]?.step ?? first.id,
        message: {
          key: 'safety.leftOverKept',
          values: {
            food: food.name,
            minutes: { minutes: waits },
            days: String(isPast ? most : least),
          },
        },
        source: 'source.storage',
        mends: [],
      },
    ];
  });
}

function keepingOf({ foods }: LedgerDish): Keeping {
  return foods.some(({ grain }) => grain) ? KEEPING.cookedRice : KEEPING.cookedMeat;
}
