import { BESIDE_TIMES, FRIDGE_C, ICE_BATH_UNTIL_C, WITH_LIQUID_TIMES } from '../figures/index.ts';
import { minutesToCool } from '../heat/index.ts';
import {
  conditionsOf,
  cutOf,
  pieceOf,
  settleFood,
  type Dish,
  type Food,
  type Meal,
  type Step,
} from '../meal/index.ts';
import { isEggDish } from '../pantry/index.ts';
import {
  COOLED_FIRST_TO_C,
  COOLED_TO_21_MIN,
  FRIDGE_COLD_C,
  FRIDGE_MOST_C,
  HOT_HOLDING_C,
  type CoolingPot,
} from '../safety/index.ts';
import { ancestors, COOLS, followsFire, isFire } from './step-chain.ts';
import type { StepTiming } from './step-timing.ts';

/**
 * How cooked food cools in the steps that cool it, one after another: told at the first of them.
 * An hour on the counter and then the fridge is one way down.
 */
export function coolingPots(
  meal: Meal,
  dish: Dish,
  timing: ReadonlyMap<string, StepTiming>,
): Map<string, CoolingPot> {
  const cooling = dish.steps
    .filter(
      (step) => COOLS.has(step.verb) && step.time.kind !== 'cooling' && followsFire(dish, step),
    )
    .sort((a, b) => (timing.get(a.id)?.startMin ?? 0) - (timing.get(b.id)?.startMin ?? 0));
  const pots = new Map<string, CoolingPot>();
  for (const first of cooling) {
    if (ancestors(dish, first).some((one) => cooling.includes(one))) continue;
    const after = cooling.filter((one) => ancestors(dish, one).includes(first));
    if (isSoonOver(dish, first, after.at(-1) ?? first, timing)) continue;
    const massG = Math.min(massOf(meal, dish, first), isSpread(first) ? TUB_G : Infinity);
    if (massG <= 0) continue;
    const joint = isJoint(dish, first);
    pots.set(first.id, { ...fallen(meal, massG, [first, ...after], timing), joint });
  }
  return pots;
}

/** Into shallow tubs, onto a tray: its label says so. */
function isSpread({ label }: Step): boolean {
  return SPREAD.test(label);
}

const SPREAD = /(?<![a-zß-ɏ])(?:shallow|tubs?|trays?|bandejas?|t[aá]peres)(?![a-zß-ɏ])/i;
/** As much as lies five centimetres deep in a tub. Common practice, no source. */
const TUB_G = 700;

/** It is on a fire again, or eaten, before anything grows: nothing is cooled to be kept. */
function isSoonOver(
  dish: Dish,
  first: Step,
  last: Step,
  timing: ReadonlyMap<string, StepTiming>,
): boolean {
  const begins = timing.get(first.id)?.startMin;
  if (begins === undefined) return false;
  const later = dish.steps.filter((one) => ancestors(dish, one).includes(last));
  const fires = later.filter((one) => isFire(dish, one)).map(({ id }) => timing.get(id)?.startMin);
  // What nothing follows goes to the table, unless it was put in the cold to keep.
  const eaten = later.length === 0 && !COLD_PLACES.has(last.place.kind) ? [last] : later;
  const ends = eaten.map(({ id }) => timing.get(id)?.endMin);
  const over = fires.length > 0 ? Math.min(...known(fires)) : Math.max(...known(ends));
  return Number.isFinite(over) && over - begins <= COOLED_TO_21_MIN;
}

const COLD_PLACES: ReadonlySet<string> = new Set(['fridge', 'freezer']);

const known = (times: ReadonlyArray<number | undefined>): number[] =>
  times.filter((time) => time !== undefined);

/** Cold, within what a fridge swings by: closer to its own heat nothing ever gets. Our own line, no source. */
const COLD_C = FRIDGE_COLD_C + 1;

/** From hot to cold through one place after another; the last one keeps it. */
function fallen(
  meal: Meal,
  massG: number,
  steps: readonly Step[],
  timing: ReadonlyMap<string, StepTiming>,
): Omit<CoolingPot, 'joint'> {
  let atC = HOT_HOLDING_C;
  let elapsedMin = 0;
  const reached = new Map<number, number>();
  steps.forEach((step, i) => {
    const { around, where } = coldOf(meal, step);
    const at = timing.get(step.id);
    const stays = i === steps.length - 1 || !at ? Infinity : at.endMin - at.startMin;
    for (const toC of [COOLED_FIRST_TO_C, COLD_C]) {
      if (reached.has(toC) || around >= toC) continue;
      const minutes = minutesToCool({ massG }, atC, toC, where, around);
      if (minutes <= stays) reached.set(toC, elapsedMin + minutes);
    }
    if (stays === Infinity || atC <= around) return;
    const tau = minutesToCool({ massG }, around + Math.E, around + 1, where, around);
    atC = around + (atC - around) * Math.exp(-stays / tau);
    elapsedMin += stays;
  });
  return {
    to21Min: reached.get(COOLED_FIRST_TO_C) ?? Infinity,
    to5Min: reached.get(COLD_C) ?? Infinity,
    outMin: outMinutes(meal, steps, timing),
  };
}

/** How long it stands out before it first comes into the cold. */
function outMinutes(
  meal: Meal,
  steps: readonly Step[],
  timing: ReadonlyMap<string, StepTiming>,
): number {
  const isCold = (step: Step) => coldOf(meal, step).around <= FRIDGE_MOST_C;
  const cold = steps.findIndex(isCold);
  return steps
    .slice(0, cold === -1 ? steps.length : cold)
    .flatMap(({ id }) => timing.get(id) ?? [])
    .reduce((sum, { startMin, endMin }) => sum + endMin - startMin, 0);
}

function coldOf(meal: Meal, { place }: Step): { around: number; where: 'ice-bath' | 'fridge' } {
  const cold = place.kind === 'fridge' || place.kind === 'freezer';
  const around = place.tempC ?? (cold ? FRIDGE_C : conditionsOf(meal.kitchen).roomC);
  return { around, where: !cold && around <= ICE_BATH_UNTIL_C ? 'ice-bath' : 'fridge' };
}

/** What is boiled is drained; it cools without its water. */
const WET: ReadonlySet<string> = new Set(['simmer', 'braise']);

function massOf(meal: Meal, dish: Dish, step: Step): number {
  const wet = isInLiquid(dish, step);
  const weightG = dish.foods.reduce((sum, food) => sum + coolsAs(meal, dish, food, wet), 0);
  return weightG * (wet ? WITH_LIQUID_TIMES : 1);
}

const CUTS_UP: ReadonlySet<string> = new Set(['shred', 'slice', 'mix']);

/** Whole, as it came off a dry fire. */
function isJoint(dish: Dish, step: Step): boolean {
  return !isInLiquid(dish, step) && !ancestors(dish, step).some(({ verb }) => CUTS_UP.has(verb));
}

/** Simmered or braised, and in no dry fire since: what was glazed in the oven has left its liquid. */
function isInLiquid(dish: Dish, step: Step): boolean {
  const before = ancestors(dish, step);
  const dry = before.filter((one) => isFire(dish, one) && !WET.has(one.verb));
  return before.some(
    (one) => WET.has(one.verb) && !dry.some((later) => ancestors(dish, later).includes(one)),
  );
}

/** What cools as one: cups each by itself, dry pieces beside each other, all else in one pot. */
function coolsAs(meal: Meal, dish: Dish, food: Food, wet: boolean): number {
  const { weightG } = settleFood(meal, dish, food);
  const cut = cutOf(meal, food);
  if (!cut) return weightG;
  const pieceG = pieceOf(meal, dish, food).weightG;
  if (isEggDish(cut)) return pieceG;
  return wet ? weightG : Math.min(weightG, BESIDE_TIMES * pieceG);
}
