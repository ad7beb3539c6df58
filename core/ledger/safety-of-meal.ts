import { ICE_BATH_UNTIL_C, BESIDE_TIMES, WITH_LIQUID_TIMES, FRIDGE_C } from '../figures/index.ts';
import { placeOfCooker } from '../places/index.ts';
import { minutesToCool } from '../heat/index.ts';
import {
  avoidConflicts,
  conditionsOf,
  coolingOfBatch,
  cutOf,
  pieceOf,
  settleFood,
  type Dish,
  type Food,
  type Meal,
  type Step,
} from '../meal/index.ts';
import {
  COOLED_FIRST_TO_C,
  FRIDGE_COLD_C,
  HOT_HOLDING_C,
  watch,
  type Rule,
  type SafetyFinding,
  type WatchedAct,
  type WatchedDish,
  type WatchedMeal,
  type FoodTemperatures,
} from '../safety/index.ts';
import { isEggDish, isMince, isReady, isShellEgg } from '../pantry/index.ts';
import { ancestors, COOLS, followsFire, goesOn, isFire } from './step-chain.ts';
import { minutesWarmInFridge, coreAfterClockTime, temperaturesOf } from './food-temperatures.ts';
import type { StepTiming } from './step-timing.ts';
import { watchedMixture } from './watched-mixture.ts';

/** What the safety rules have to say of a meal as it is planned. */
export function safetyOf(
  meal: Meal,
  servingMin: number,
  planned: readonly StepTiming[],
  rules?: readonly Rule[],
): SafetyFinding[] {
  return watch(watchedMeal(meal, servingMin, planned), rules).map((finding) => {
    const { words } =
      (meal.overruled ?? []).find(
        ({ rule, step }) => rule === finding.rule && step === finding.step,
      ) ?? {};
    return words === undefined ? finding : { ...finding, overruled: words };
  });
}

function watchedMeal(meal: Meal, servingMin: number, planned: readonly StepTiming[]): WatchedMeal {
  const { roomC, outdoorC } = conditionsOf(meal.kitchen);
  const timing = new Map(planned.map((one) => [one.id, one]));
  const conflicts = avoidConflicts(meal);
  return {
    servingMin,
    roomC,
    outdoorC,
    children: meal.eaters.some(({ who }) => who === 'child'),
    frail: meal.eaters.some(({ frail }) => frail === true),
    dishes: meal.dishes.map((dish) => ({
      ...watchedDish(meal, dish, timing),
      conflicts: conflicts.filter((one) => one.dish === dish.id),
    })),
  };
}

function watchedDish(
  meal: Meal,
  dish: Dish,
  timing: ReadonlyMap<string, StepTiming>,
): Omit<WatchedDish, 'conflicts'> {
  const warm = temperaturesOf(meal, dish, timing);
  const acts = dish.steps
    .flatMap((step) => {
      const at = timing.get(step.id);
      if (!at) return [];
      const act = watchedAct(meal, dish, step, at, warm.get(step.id));
      return [{ ...act, thenFiredMin: thenFiredMin(dish, step, timing) }];
    })
    .sort((a, b) => a.startMin - b.startMin);
  return {
    id: dish.id,
    name: dish.name,
    foods: dish.foods.map((food) => watchedFood(meal, food)),
    mixtures: dish.mixtures.map((mixture) => watchedMixture(meal, dish, mixture)),
    acts: acts.map((act, i) => ({
      ...act,
      coolsBackMin: act.afterFire ? 0 : minutesWarmInFridge(meal, dish, acts.slice(0, i), act),
    })),
  };
}

function watchedFood(meal: Meal, food: Food): WatchedDish['foods'][number] {
  const cut = cutOf(meal, food);
  return {
    id: food.id,
    name: food.name,
    animal: cut?.animal ?? 'none',
    minced: cut !== undefined && isMince(cut),
    ready: cut !== undefined && isReady(cut),
    pierced: food.pierced ?? false,
    toxicBean: cut?.id.startsWith('kidney-beans') ?? false,
    grain: GRAINS.test(cut?.id ?? ''),
    starchy: STARCHY.test(cut?.id ?? ''),
    egg: cut !== undefined && isShellEgg(cut),
    eggDish: cut !== undefined && isEggDish(cut),
    frozenFirst: food.frozenBefore ?? false,
  };
}

/** Their spores survive as well. */
const STARCHY = /^(?:lentils|chickpeas|split-peas|kidney-beans|pasta|(?:sweet-)?potatoes)(?:-|$)/;

/** Rice and what is boiled like it: spores survive in all of them. */
const GRAINS = /^(?:rice|pearl-barley|quinoa|bulgur|couscous|polenta)-/;

function watchedAct(
  meal: Meal,
  dish: Dish,
  step: Step,
  at: StepTiming,
  temperatures: FoodTemperatures | undefined,
): Omit<WatchedAct, 'coolsBackMin' | 'thenFiredMin'> {
  const { time, doneWhen, place, verb } = step;
  const until = time.kind === 'heat' && 'coreC' in time.until ? time.until.coreC : undefined;
  const before = ancestors(dish, step);
  const afterFire = before.some((one) => isFire(dish, one));
  const cooker = time.kind === 'heat' ? time.cooker : undefined;
  const cooledBefore = before.some(
    (one) => COOLS.has(one.verb) && one.time.kind !== 'cooling' && followsFire(dish, one),
  );
  return {
    id: step.id,
    label: step.label,
    verb,
    place: place.kind,
    tempC: place.tempC,
    startMin: at.startMin,
    endMin: at.endMin,
    mixtures: mixturesOf(step),
    coreC: isFire(dish, step) ? (until ?? doneWhen?.coreC) : undefined,
    last: isFire(dish, step) && !goesOn(dish, step),
    slowCooker: cooker !== undefined && placeOfCooker(cooker).own === 'slow-cooker',
    afterFire,
    temperatures,
    clockC: coreAfterClockTime(meal, dish, step, at),
    food: 'food' in time ? time.food : undefined,
    tender: time.kind === 'heat' && 'tender' in time.until,
    brineShare: brineShare(meal, dish, step, at),
    washes: step.washes ?? false,
    aside: verb === 'soak' && isAside(dish, step),
    handsOn: step.hands.length > 0,
    wrappedFrozen: verb === 'thaw' ? thawing(meal, dish, step) : undefined,
    ...(COOLS.has(verb) &&
      afterFire &&
      !cooledBefore &&
      time.kind !== 'cooling' && { cools: coolingPot(meal, dish, step) }),
  };
}

/** A brush is no fire of its own. */
const BRUSHES: ReadonlySet<string> = new Set(['glaze', 'baste', 'turn']);

function thenFiredMin(dish: Dish, step: Step, timing: ReadonlyMap<string, StepTiming>): number {
  return dish.steps
    .filter((one) => isFire(dish, one) && !BRUSHES.has(one.verb))
    .filter((one) => ancestors(dish, one).some(({ id }) => id === step.id))
    .flatMap(({ id }) => timing.get(id) ?? [])
    .reduce((sum, { startMin, endMin }) => sum + endMin - startMin, 0);
}

/** The mixtures a step is about, what it soaks in among them. */
function mixturesOf({ time, mixtures }: Step): string[] {
  const soaked = time.kind === 'soak' || time.kind === 'cooling' ? [time.mixture] : [];
  return [...new Set([...(mixtures ?? []), ...soaked])];
}

/** Skewers in water: what follows waits for the food as well, which comes another way. */
function isAside(dish: Dish, step: Step): boolean {
  if (step.after.length > 0 || mixturesOf(step).length > 0) return false;
  return dish.steps.some(
    ({ after }) => after.length > 1 && after.some((gap) => gap.step === step.id),
  );
}

/** A boiled mixture on its way to cold, by its own weight and ice; undefined for any other step. */
function brineShare(meal: Meal, dish: Dish, step: Step, at: StepTiming): number | undefined {
  if (!COOLS.has(step.verb)) return undefined;
  if (step.time.kind === 'cooling') return 1;
  const boiled = dish.mixtures.find(
    ({ id, boiled: hot }) => hot === true && mixturesOf(step).includes(id),
  );
  if (!boiled) return undefined;
  const { fridgeMin, iceBathMin } = coolingOfBatch(meal, dish, boiled);
  const { kind, tempC } = step.place;
  const inIce =
    kind !== 'fridge' && kind !== 'freezer' && tempC !== undefined && tempC <= ICE_BATH_UNTIL_C;
  const needed = inIce
    ? iceBathMin
    : kind === 'fridge' || kind === 'freezer'
      ? fridgeMin
      : Infinity;
  return needed === 0 ? 1 : (at.endMin - at.startMin) / needed;
}

/** What lies in a thaw: one piece of the heaviest food that was an animal. */
function thawing(meal: Meal, dish: Dish, { time }: Step): WatchedAct['wrappedFrozen'] {
  const pieces = dish.foods
    .filter((food) => !('food' in time) || time.food === food.id)
    .flatMap((food) => {
      const cut = cutOf(meal, food);
      return cut && cut.animal !== 'none' ? [pieceOf(meal, dish, food).weightG] : [];
    });
  return pieces.length > 0 ? { pieceG: Math.max(...pieces) } : undefined;
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

const WET: ReadonlySet<string> = new Set(['simmer', 'braise', 'boil']);

function coolingPot(meal: Meal, dish: Dish, step: Step): WatchedAct['cools'] {
  const wet = ancestors(dish, step).some(({ verb }) => WET.has(verb));
  const weightG = dish.foods.reduce((sum, food) => sum + coolsAs(meal, dish, food, wet), 0);
  if (weightG === 0) return undefined;
  const { place } = step;
  const cold =
    place.tempC ?? (place.kind === 'fridge' ? FRIDGE_C : conditionsOf(meal.kitchen).roomC);
  const ice = place.kind !== 'fridge' && place.kind !== 'freezer' && cold <= ICE_BATH_UNTIL_C;
  const pot = { massG: weightG * (wet ? WITH_LIQUID_TIMES : 1) };
  const where = ice ? 'ice-bath' : 'fridge';
  const minutes = (toC: number) =>
    cold >= toC ? Infinity : minutesToCool(pot, HOT_HOLDING_C, toC, where, cold);
  return { to21Min: minutes(COOLED_FIRST_TO_C), to5Min: minutes(FRIDGE_COLD_C) };
}
