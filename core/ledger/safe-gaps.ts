import { MINUTES_PER_DAY, OUT_OF_SOAK_MIN } from '../figures/index.ts';
import {
  foodsByStep,
  animalOf,
  keepsWarm,
  takenFrom,
  type Dish,
  type Meal,
  type Step,
  type TakenFrom,
  stageMinutes,
} from '../meal/index.ts';
import { isFirePlace } from '../places/index.ts';
import {
  FRIDGE_COLD_C,
  HOT_HOLDING_C,
  longestRaw,
  PART_COOKED_WAIT_MIN,
  SERVED_WAIT_MIN,
} from '../safety/index.ts';
import { coreWords } from '../words/index.ts';
import { isGrain, isStarchy } from './starchy.ts';
import { followsFire, goesOn, isFire } from './step-chain.ts';
import { longestWaits } from './two-hours.ts';
import { untouchedWaits } from './untouched-waits.ts';

/**
 * What is done about food that would soak on after its time: the next step comes at once, or
 * somebody takes it out and puts it back in the fridge.
 */
export type AfterSoak = 'at once' | 'taken out';

/** Out of a soak and on, or carried over to what follows. */
const AT_ONCE_MIN = 15;

/** What the last step of a dish waits for, in the place of a step. */
export const TABLE = 'the table';

/** A gap that may be no longer, by safety. */
export interface SafeGap {
  readonly before: string;
  readonly next: string;
  readonly mostMin: number;
  /** The first step soaks on until the next begins: together no longer than its longest. */
  readonly soaksOn: boolean;
}

/**
 * The gaps that keep food from lying warm or soaking on between its steps, whatever the cook would
 * bear. A gap the cook has asked for stays as long as it is asked for at the least.
 */
export function safeGapsOf(meal: Meal, afterSoak: AfterSoak): SafeGap[] {
  return meal.dishes.flatMap((dish) =>
    withWaits(meal, dish, safeGapsOfDish(meal, dish, afterSoak)),
  );
}

/** Those between steps that follow each other, and those over steps that do not work on the food. */
function withWaits(meal: Meal, dish: Dish, gaps: readonly SafeGap[]): SafeGap[] {
  const waits = untouchedWaits(dish, foodsByStep(meal, dish), rawOf(meal, dish));
  return [...gaps, ...waits.map((wait) => ({ ...wait, soaksOn: false }))];
}

/**
 * How long what is made meanwhile takes, minutes: "score the fat; mix the honey; brush it over" waits
 * for the honey, and whether that is too long in all is the counter rule's to say.
 */
function madeBesideMin(dish: Dish, before: Step, next: Step): number {
  const others = dish.steps.filter(({ id }) => next.after.some((gap) => gap.step === id));
  const beside = others.filter(({ after }) =>
    after.some((gap) => gap.step === before.id && gap.from === 'start'),
  );
  return Math.max(0, ...beside.map(({ time }) => stageMinutes(time)));
}

/** The meal in which somebody takes food out of its soak when that is over. */
export function withSoaksEnded(meal: Meal): Meal {
  return {
    ...meal,
    dishes: meal.dishes.map((dish) =>
      rawOf(meal, dish).size === 0 ? dish : { ...dish, steps: dish.steps.map(takenOut) },
    ),
  };
}

function rawOf(meal: Meal, dish: Dish): ReadonlySet<string> {
  return new Set(dish.foods.filter((food) => animalOf(meal, food) !== 'none').map(({ id }) => id));
}

function safeGapsOfDish(meal: Meal, dish: Dish, afterSoak: AfterSoak): SafeGap[] {
  const raw = rawOf(meal, dish);
  const boiled = new Set(
    dish.foods.filter(({ cut }) => isGrain(cut) || isStarchy(cut)).map(({ id }) => id),
  );
  if (raw.size + boiled.size === 0) return [];
  const foods = foodsByStep(meal, dish);
  const waits = longestWaits(meal, dish);
  const shares = (a: Step, b: Step) => {
    const cooked = isFire(dish, a) || followsFire(dish, a);
    const spoils = (id: string) => raw.has(id) || (cooked && boiled.has(id));
    return foods.get(a.id)?.some((id) => spoils(id) && foods.get(b.id)?.includes(id)) ?? false;
  };
  const between = dish.steps.flatMap((step) =>
    step.after.flatMap((gap): SafeGap[] => {
      const part = takenAfter(meal, dish, gap.step);
      const before = part?.step ?? dish.steps.find(({ id }) => id === gap.step);
      if (!before || gap.from !== 'end' || !(part ?? shares(before, step))) return [];
      const waitsMin = longestWait(part?.dish ?? dish, before, step, afterSoak);
      const most = waitsMin ?? (part ? undefined : rawInColdMin(meal, dish, before));
      if (most === undefined) return [];
      const together = part || soaks(before) ? Infinity : waits.after(before);
      const mostMin = Math.max(
        Math.min(most, together),
        gap.leastMin,
        madeBesideMin(dish, before, step),
      );
      return [
        {
          before: before.id,
          next: step.id,
          mostMin,
          soaksOn: soaks(before) && waitsMin !== undefined,
        },
      ];
    }),
  );
  if (waits.forTableMin >= dish.readyWithinMin) return between;
  const lasts = dish.steps.filter(
    ({ id }) => !dish.steps.some(({ after }) => after.some((gap) => gap.step === id)),
  );
  const table = lasts.map(({ id }) => ({
    before: id,
    next: TABLE,
    mostMin: waits.forTableMin,
    soaksOn: false,
  }));
  return [...between, ...table];
}

/**
 * Minutes raw food may lie on in the fridge after a step there: as many days as the strictest of
 * it keeps, less what it lies there by the recipe.
 */
function rawInColdMin(meal: Meal, dish: Dish, before: Step): number | undefined {
  if (!liesRaw(dish, before) && !(soaks(before) && before.place.kind === 'fridge'))
    return undefined;
  const limit = longestRaw(dish.foods.map((food) => animalOf(meal, food)));
  const lies = dish.steps.filter((step) => liesRaw(dish, step));
  const liesMin = lies.reduce((sum, { time }) => sum + longestOf(time), 0);
  return limit && Math.max(0, limit.days * MINUTES_PER_DAY - liesMin);
}

/** In the fridge for its own sake, before any fire. */
function liesRaw(dish: Dish, step: Step): boolean {
  const cold = step.verb === 'chill' && step.place.kind === 'fridge';
  return cold && !isFire(dish, step) && !followsFire(dish, step);
}

function longestOf(time: Step['time']): number {
  return time.kind === 'elastic' ? time.longestMin : time.kind === 'fixed' ? time.minutes : 0;
}

/** The food of another dish a part of which this one takes after a step. */
function takenAfter(meal: Meal, dish: Dish, step: string): TakenFrom | undefined {
  const parts = dish.foods.flatMap((food) => takenFrom(meal, food) ?? []);
  return parts.find((part) => part.step.id === step);
}

/** Minutes it may wait between two steps; undefined where it may wait. */
function longestWait(
  dish: Dish,
  before: Step,
  next: Step,
  afterSoak: AfterSoak,
): number | undefined {
  if (soaks(before))
    return afterSoak === 'at once' && !endsByHand(before) ? AT_ONCE_MIN : undefined;
  if (keepsWarm(before)) return undefined;
  const { kind, tempC } = before.place;
  const cold = kind === 'fridge' || kind === 'freezer' || (tempC ?? Infinity) <= FRIDGE_COLD_C;
  if (cold) return undefined;
  if (isFire(dish, before) && goesOn(dish, before)) return PART_COOKED_WAIT_MIN;
  const cooked = isFire(dish, before) || followsFire(dish, before);
  if (!cooked) return PART_COOKED_WAIT_MIN;
  // It rests where it comes off the fire; what keeps hot is not left.
  if (isFirePlace(kind) && (next.verb === 'rest' || next.verb === 'hold')) return AT_ONCE_MIN;
  // What waits at every turn has waited too long by the last one; what is to keep hot goes there.
  const keepsHot = isFirePlace(next.place.kind) || (next.place.tempC ?? 0) >= HOT_HOLDING_C;
  const leadsOn = dish.steps.some(({ after }) => after.some((gap) => gap.step === next.id));
  return keepsHot || leadsOn ? AT_ONCE_MIN : SERVED_WAIT_MIN;
}

function soaks({ verb, time }: Step): boolean {
  return verb === 'marinate' || verb === 'brine' || (time.kind === 'soak' && verb !== 'soak');
}

function endsByHand({ hands }: Step): boolean {
  return hands.some(({ when }) => when === 'end');
}

/** Somebody takes it out when its time is over. */
function takenOut(step: Step): Step {
  if (!soaks(step) || endsByHand(step)) return step;
  const what = coreWords['mend.outOfSoakStep'];
  return { ...step, hands: [...step.hands, { when: 'end', minutes: OUT_OF_SOAK_MIN, what }] };
}
