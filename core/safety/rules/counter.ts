import { WORKED_FOR_MIN, BRISK_MIN, FRIDGE_COLD_C, HOT_HOLDING_C } from '../figures/index.ts';
import { HOT_LIMIT_MIN, HOT_ROOM_C, ROOM_LIMIT_MIN } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import { coldOrShorterMends, shorterMends } from './warm-mends.ts';
import { searedAtMin } from '../seared.ts';
import {
  minutesOfSpan,
  RAW_BOARD_WORK,
  rawFoods,
  warmForRaw,
  type LedgerSpan,
  type LedgerDish,
  type LedgerFood,
  type Ledger,
} from '../ledger.ts';

const LIES = new Set([
  'marinate',
  'brine',
  'soak',
  'temper',
  'rest',
  'rise',
  'ferment',
  'hold',
  'chill',
  'cool',
]);

/**
 * Raw food between 5 and 57 °C, summed over its story by its own surface: all the time it lies on
 * the counter, held by a step or forgotten between two, what it takes the fridge to cool it again,
 * and what a slow fire takes to warm it. Thawing is a rule of its own.
 */
export const counter: Rule = {
  id: 'counter',
  title: 'rule.counter',
  source: 'source.fsisTwoHours',
  figures: {
    key: 'figures.counter',
    values: {
      cold: { tempC: FRIDGE_COLD_C },
      warm: { tempC: HOT_HOLDING_C },
      room: { tempC: HOT_ROOM_C },
      limit: { minutes: ROOM_LIMIT_MIN },
      hot: { minutes: HOT_LIMIT_MIN },
    },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      const found = rawFoods(dish)
        .filter(({ ready }) => !ready)
        .flatMap((food) => overLong(meal, dish, food));
      // Pieces that lie together are told once.
      return found.filter(({ step }, i) => found.findIndex((one) => one.step === step) === i);
    }),
};

function overLong(meal: Ledger, dish: LedgerDish, food: LedgerFood): SafetyFinding[] {
  const seared = searedAtMin(food);
  const all = food.spans.filter(isOut);
  const [raw, rare] = [
    all.filter(({ fromMin }) => fromMin < seared),
    all.filter(({ fromMin }) => fromMin >= seared),
  ];
  const lies = sumOf(rare) > sumOf(raw) ? rare : raw;
  const limit = limitOf(meal, lies);
  const out = sumOf(lies);
  const back = dish.acts
    .filter(({ foods }) => foods.includes(food.id))
    .reduce((sum, act) => sum + act.coolsBackMin, 0);
  const slow = slowFireMin(dish, limit);
  const total = out + back + slow;
  const [longest] = [...lies].sort((a, b) => minutesOfSpan(b) - minutesOfSpan(a));
  if (total <= limit || !longest) return [];
  return [
    {
      rule: 'counter',
      level: 'stop',
      dish: dish.id,
      step: longest.step ?? longest.leftBy,
      food: food.id,
      message: {
        key: total > out ? 'safety.counterInAll' : 'safety.counter',
        values: { minutes: { minutes: total }, limit: { minutes: limit } },
      },
      source: 'source.fsisTwoHours',
      mends: mendsOf(longest, limit - (total - minutesOfSpan(longest)) - slow / 4),
    },
  ];
}

function sumOf(spans: readonly LedgerSpan[]): number {
  return spans.reduce((sum, span) => sum + minutesOfSpan(span), 0);
}

/** Raw, and out in the warm: in a step that lets it lie, worked on for long, or held by none. */
function isOut(span: LedgerSpan): boolean {
  const raw = span.state === 'raw' || span.state === 'part-cooked';
  if (!raw || !warmForRaw({ place: span.place, tempC: span.placeC })) return false;
  if (span.verb === undefined) return true;
  if (LIES.has(span.verb)) return true;
  return RAW_BOARD_WORK.has(span.verb) && minutesOfSpan(span) > WORKED_FOR_MIN;
}

/** The law of the day: an hour where it is hot, whether the room or the counter says so. */
function limitOf({ roomC }: Ledger, lies: readonly LedgerSpan[]): number {
  const warmest = Math.max(
    roomC,
    ...lies.map(({ placeC }) => placeC).filter((placeC) => placeC < HOT_HOLDING_C),
  );
  return warmest > HOT_ROOM_C ? HOT_LIMIT_MIN : ROOM_LIMIT_MIN;
}

/** What the fire adds; by itself too slow it is a rule of its own. */
function slowFireMin(dish: LedgerDish, limit: number): number {
  const minutes = Math.max(
    0,
    ...dish.acts.map(({ temperatures }) => temperatures?.warmingMin ?? 0),
  );
  return minutes <= BRISK_MIN || minutes > limit ? 0 : minutes;
}

/** Colder food takes a slow fire longer, so a little more is taken off. */
function mendsOf({ step, verb }: LedgerSpan, restMin: number): SafetyFinding['mends'] {
  if (step === undefined) return [];
  // What is tempered is out of the fridge on purpose.
  return verb === 'temper' ? shorterMends(step, restMin) : coldOrShorterMends(step, restMin);
}
