import { MINUTES_PER_DAY } from '../../figures/index.ts';
import { FROZEN_MOST_C, KEEPING } from '../figures/index.ts';
import { rawDays } from '../raw-days.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import {
  minutesOfSpan,
  rawFoods,
  warmForRaw,
  type LedgerSpan,
  type LedgerDish,
  type LedgerFood,
} from '../ledger.ts';

/** Raw food from the fridge, thawed or bought, is cooked within days. */
export const rawKeeping: Rule = {
  id: 'rawKeeping',
  title: 'rule.rawKeeping',
  source: 'source.storage',
  figures: {
    key: 'figures.rawKeeping',
    values: {
      poultry: String(rawDays({ animal: 'poultry', minced: false, cured: false })),
      meat: String(rawDays({ animal: 'beef', minced: false, cured: false })),
      cured: String(rawDays({ animal: 'beef', minced: false, cured: true })),
    },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      const [first] = rawFoods(dish)
        .flatMap((food) => keptTooLong(dish, food))
        .sort((a, b) => Number(b.level === 'stop') - Number(a.level === 'stop'));
      return first ? [first] : [];
    }),
};

function keptTooLong(dish: LedgerDish, food: LedgerFood): SafetyFinding[] {
  if (food.ready) return [];
  const cured = dish.mixtures.some(({ cure }) => cure !== undefined);
  const days = rawDays({ ...food, cured });
  const { minutes, step } = waitsRaw(food);
  if (minutes <= days * MINUTES_PER_DAY) return [];
  // The chart lets shellfish be older; a cook does not.
  const most = food.animal === 'shellfish' ? KEEPING.shellfish.fridgeDays[1] : days;
  return [
    {
      rule: 'rawKeeping',
      level: minutes > most * MINUTES_PER_DAY ? 'stop' : 'caution',
      dish: dish.id,
      step,
      food: food.id,
      message: {
        key: 'safety.rawKeeping',
        values: { food: food.name, minutes: { minutes }, days: String(days) },
      },
      source: 'source.storage',
      mends: [],
    },
  ];
}

/**
 * Raw and not frozen, before it is frozen and after its thaw. What a brine keeps, and what one
 * marinade takes for itself, are rules of their own.
 */
function waitsRaw({ spans, fires }: LedgerFood): { minutes: number; step: string | undefined } {
  const fired = new Set(fires.map(({ step }) => step));
  const raw = spans.filter(
    ({ state, step, place, placeC }) =>
      state === 'raw' && !fired.has(step ?? '') && !warmForRaw({ place, tempC: placeC }),
  );
  const since = raw.filter(
    ({ soaks, verb, placeC }) => soaks !== 'brine' && verb !== 'thaw' && placeC > FROZEN_MOST_C,
  );
  const last = since.at(-1);
  const soaked = since.filter(isSoaking);
  if (soaked.length === since.length) return { minutes: 0, step: undefined };
  const minutes = since.reduce((sum, span) => sum + minutesOfSpan(span), 0);
  const other = minutes - soaked.reduce((sum, span) => sum + minutesOfSpan(span), 0);
  return { minutes: other > 0 ? minutes : 0, step: last?.step ?? last?.leftBy };
}

function isSoaking({ soaks }: LedgerSpan): boolean {
  return soaks === 'marinade';
}
