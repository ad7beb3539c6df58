import { cutOf, foodsByStep, settleFood, type Dish, type Food, type Step } from '../meal/index.ts';
import { isFirePlace } from '../places/index.ts';
import { FIRE_VERBS } from '../terms/index.ts';
import type { RunState } from './state.ts';

/** What no thermometer says has names of its own, so that it is mixed with none. */
const BY_HAND = 'by hand';
const FROM_TABLE = 'from a table';

/** Cooked to a core, going on, and no probe in it: the steps by id. */
export function stepsToProbe(state: RunState): string[] {
  const probed = new Set(state.probes.values());
  return state.meal.dishes.flatMap(({ steps }) =>
    steps
      .filter(({ id, time }) => {
        const going = state.begun.has(id) && !state.ended.has(id);
        return going && time.kind === 'heat' && 'coreC' in time.until && !probed.has(id);
      })
      .map(({ id }) => id),
  );
}

/** The probe for a step: the one its food already has, else the first that is in nothing. */
export function freeProbe(state: RunState, step: string): string {
  const dishOf = (id: string) =>
    state.meal.dishes.find(({ steps }) => steps.some((one) => one.id === id))?.id;
  const own = [...state.probes].find(
    ([probe, other]) =>
      !isByHand(probe) && dishOf(other) === dishOf(step) && state.ended.has(other),
  );
  return own ? own[0] : firstFree('probe', state);
}

/** The name readings by hand of a step's food have: the one they had, else a new one. */
export function handProbe(state: RunState, step: string, food: string | undefined): string {
  const before = [...state.probes].find(
    ([probe, at]) => isByHand(probe) && at === step && state.probedFood.get(probe) === food,
  );
  return before ? before[0] : firstFree(BY_HAND, state);
}

/** A new name for what comes from a table. @param column counted from 0 in that table */
export function tableProbe({ readings }: RunState, column: number): string {
  const before = [...readings.keys()].filter((name) => name.startsWith(FROM_TABLE)).length;
  return `${FROM_TABLE} ${before + column + 1}`;
}

/** Read by the cook, typed in or from a table: no thermometer is told of it. */
export function isByHand(probe: string): boolean {
  return probe.startsWith(BY_HAND) || probe.startsWith(FROM_TABLE);
}

function firstFree(name: string, { probes }: RunState): string {
  let number = 1;
  while (probes.has(`${name} ${number}`)) number++;
  return `${name} ${number}`;
}

/** What is over a fire and has a middle: a step with the food a probe may be in. */
export interface Probeable {
  readonly dish: Dish;
  readonly step: Step;
  /** Named where the step works on several that have a core; else it goes without saying. */
  readonly food?: Food | undefined;
}

/** "Smoked lamb shoulder, Smoke"; of one of several foods first which: lists cut off what is long. */
export function probeableWords({ dish, step, food }: Probeable): string {
  return `${food?.name ?? dish.name}, ${step.label}`;
}

/** Every place a probe may be in: what heat times, and a cut over a fire by the clock. */
export function probeables({ meal }: RunState): Probeable[] {
  return meal.dishes.flatMap((dish) =>
    dish.steps.flatMap((step): Probeable[] => {
      const foods = piecesIn(meal, dish, step);
      const byClock = foods.length > 0 && FIRE_VERBS.has(step.verb) && isFirePlace(step.place.kind);
      if (step.time.kind !== 'heat' && !byClock) return [];
      return foods.length > 1 ? foods.map((food) => ({ dish, step, food })) : [{ dish, step }];
    }),
  );
}

/**
 * What is measured with a probe in one food of a step: that food, and what is no heavier of the same
 * cut beside it, which is warm through before. Where nobody said which food it is, the heaviest.
 */
export function measuredBy(
  state: RunState,
  dish: Dish,
  step: Step,
  said: string | undefined,
): ReadonlySet<string> {
  const pieces = piecesIn(state.meal, dish, step).map((food) => {
    const { weightG, pieces: count = 1 } = settleFood(state.meal, dish, food);
    return { food, pieceG: weightG / Math.max(1, count) };
  });
  const heaviest = pieces.toSorted((a, b) => b.pieceG - a.pieceG)[0];
  const probed = said === undefined ? heaviest : pieces.find(({ food }) => food.id === said);
  if (!probed) return new Set(said === undefined ? [] : [said]);
  const beside = pieces.filter(
    ({ food, pieceG }) => food.cut === probed.food.cut && pieceG <= probed.pieceG,
  );
  return new Set(beside.map(({ food }) => food.id));
}

/** The foods of a step that are cuts with a middle. */
function piecesIn(meal: RunState['meal'], dish: Dish, step: Step): Food[] {
  const ids = foodsByStep(meal, dish).get(step.id) ?? [];
  return dish.foods.filter((food) => ids.includes(food.id) && cutOf(meal, food) !== undefined);
}
