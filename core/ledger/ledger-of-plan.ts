import { boilingCAt } from '../air/index.ts';
import { ICE_BATH_UNTIL_C } from '../figures/index.ts';
import { placeOfCooker } from '../places/index.ts';
import {
  animalOf,
  avoidConflicts,
  conditionsOf,
  coolingOfBatch,
  cutOf,
  foodsByStep,
  isAfterFire,
  isAside,
  partTaken,
  pieceOf,
  tableMinOf,
  takenFrom,
  washesUp,
  type Dish,
  type Food,
  type Meal,
  type Step,
} from '../meal/index.ts';
import {
  type LedgerAct,
  type LedgerDish,
  type Ledger,
  type FoodTemperatures,
  type SlowWarming,
} from '../safety/index.ts';
import { FIRE_VERBS } from '../terms/index.ts';
import { coolingPots } from './cooling-pots.ts';
import { minutesWarmInFridge, temperaturesOf, warmsSlowly } from './food-temperatures.ts';
import { ancestors, COOLS, goesOn, isFire, mixturesOf } from './step-chain.ts';
import type { StepTiming } from './step-timing.ts';
import type { DishOfPlan, FoodOfPlan } from './food-of-plan.ts';
import { ledgerFood } from './ledger-food.ts';
import { mixtureFacts } from './ledger-mixture.ts';
import { spansOfMixture } from './mixture-story.ts';
import { toolsOf } from './tool-story.ts';

/** The ledger of a meal: where each food is, how warm, and what has been done to it, by a plan. */
export function ledgerOf(meal: Meal, servingMin: number, planned: readonly StepTiming[]): Ledger {
  const { roomC, outdoorC } = conditionsOf(meal.kitchen);
  const timing = new Map(planned.map((one) => [one.id, one]));
  const conflicts = avoidConflicts(meal);
  const dishes = new Map(
    meal.dishes.map((dish) => {
      const warm = temperaturesOf(meal, dish, timing);
      return [dish.id, { dish, warm, foods: foodsByStep(meal, dish) }] as const;
    }),
  );
  const told = [...dishes.values()].map((of) => ({
    ...ledgerDish({ meal, timing, servingMin, dishes }, of),
    conflicts: conflicts.filter((one) => one.dish === of.dish.id),
  }));
  const vessels = new Map(meal.kitchen.vessels.map((vessel) => [vessel.id, vessel]));
  return {
    servingMin,
    boilingC: boilingCAt(meal.kitchen.altitudeM),
    altitudeM: meal.kitchen.altitudeM,
    vessels,
    tools: toolsOf(told, vessels, servingMin),
    roomC,
    outdoorC,
    children: meal.eaters.some(({ who }) => who === 'child'),
    frail: meal.eaters.some(({ frail }) => frail === true),
    dishes: told,
  };
}

/** A plan with all its dishes. */
interface OfPlan extends Pick<FoodOfPlan, 'meal' | 'timing' | 'servingMin'> {
  readonly dishes: ReadonlyMap<string, DishOfPlan>;
}

/** Of what another dish's food a food is a part, as the ledger tells it. */
function partOf({ meal, dishes }: OfPlan, food: Food): Pick<FoodOfPlan, 'takenFrom'> {
  const source = takenFrom(meal, food);
  const of = source && dishes.get(source.dish.id);
  return of ? { takenFrom: { of, food: source.food, step: source.step.id } } : {};
}

function ledgerDish(plan: OfPlan, of: DishOfPlan): Omit<LedgerDish, 'conflicts'> {
  const { meal, timing } = plan;
  const { dish, warm, foods } = of;
  const servingMin = tableMinOf(dish, plan.servingMin);
  const cooked = new Set(dish.foods.filter((one) => isTakenCooked(meal, one)).map(({ id }) => id));
  const pots = coolingPots(meal, dish, timing);
  const acts = dish.steps
    .flatMap((step) => {
      const at = timing.get(step.id);
      if (!at) return [];
      const act = ledgerAct(meal, dish, step, at, warm.get(step.id));
      const cools = pots.get(step.id);
      return [
        {
          ...act,
          afterFire: act.afterFire || (foods.get(step.id) ?? []).some((id) => cooked.has(id)),
          foods: foods.get(step.id) ?? [],
          warmsSlowly: slowestOf(meal, dish, step, at, foods),
          thenFiredMin: thenFiredMin(dish, step, timing),
          ...(cools && { cools }),
        },
      ];
    })
    .sort((a, b) => a.startMin - b.startMin);
  return {
    id: dish.id,
    name: dish.name,
    keepsDays: dish.keepsDays,
    tableMin: servingMin,
    foods: dish.foods.map((food) =>
      ledgerFood({ meal, timing, servingMin, ...of, food, ...partOf(plan, food) }),
    ),
    mixtures: dish.mixtures.map((mixture) => {
      const facts = mixtureFacts(meal, dish, mixture);
      return { ...facts, spans: spansOfMixture(meal, dish, facts, timing, foods, servingMin) };
    }),
    acts: acts.map((act, i) => ({
      ...act,
      coolsBackMin: act.afterFire ? 0 : minutesWarmInFridge(meal, dish, acts.slice(0, i), act),
    })),
  };
}

/** The raw food of a step that its low fire warms most slowly. */
function slowestOf(
  meal: Meal,
  dish: Dish,
  step: Step,
  { startMin, endMin }: StepTiming,
  foods: DishOfPlan['foods'],
): SlowWarming | undefined {
  if (!isFire(dish, step)) return undefined;
  const all = dish.foods
    .filter(({ id }) => foods.get(step.id)?.includes(id))
    .filter((food) => animalOf(meal, food) !== 'none')
    .flatMap((food) => {
      const ofFood = (one: Step) => foods.get(one.id)?.includes(food.id) ?? false;
      return warmsSlowly(meal, dish, step, food, ofFood, endMin - startMin) ?? [];
    });
  return all.sort((a, b) => b.coreMin - a.coreMin)[0];
}

function isTakenCooked(meal: Meal, food: Food): boolean {
  const source = takenFrom(meal, food);
  return source !== undefined && isAfterFire(source.dish, source.step);
}

function ledgerAct(
  meal: Meal,
  dish: Dish,
  step: Step,
  at: StepTiming,
  temperatures: FoodTemperatures | undefined,
): Omit<LedgerAct, 'coolsBackMin' | 'thenFiredMin' | 'foods' | 'cools'> {
  const { time, doneWhen, place, verb } = step;
  const until = time.kind === 'heat' && 'coreC' in time.until ? time.until.coreC : undefined;
  const before = ancestors(dish, step);
  const afterFire = before.some((one) => isFire(dish, one));
  const cooker = time.kind === 'heat' ? time.cooker : undefined;
  return {
    id: step.id,
    label: step.label,
    verb,
    place: place.kind,
    tempC: place.tempC,
    startMin: at.startMin,
    endMin: at.endMin,
    mixtures: mixturesOf(step),
    part: partTaken(dish, step),
    coreC: isFire(dish, step) ? (until ?? doneWhen?.coreC) : undefined,
    last: isFire(dish, step) && !goesOn(dish, step),
    slowCooker: cooker !== undefined && placeOfCooker(cooker).own === 'slow-cooker',
    afterFire,
    temperatures,
    rarer: doneWhen?.rarer ?? false,
    vessel: step.vessel?.one,
    food: 'food' in time ? time.food : undefined,
    tender: time.kind === 'heat' && 'tender' in time.until,
    brineShare: brineShare(meal, dish, step, at),
    washes: washesUp(step),
    aside: isAside(dish, step),
    handsOn: step.hands.length > 0,
    wrappedFrozen: verb === 'thaw' ? thawing(meal, dish, step) : undefined,
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

/** A boiled mixture on its way to cold, by its own weight and ice; undefined for any other step. */
function brineShare(meal: Meal, dish: Dish, step: Step, at: StepTiming): number | undefined {
  if (!COOLS.has(step.verb)) return undefined;
  if (step.time.kind === 'cooling') return 1;
  const boiled = dish.mixtures.find(
    (one) =>
      mixturesOf(step).includes(one.id) && (one.boiled === true || boilsBefore(dish, step, one.id)),
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

/** A step before this one heats it, whatever the file declares. */
function boilsBefore(dish: Dish, step: Step, mixture: string): boolean {
  return ancestors(dish, step).some(
    (one) => FIRE_VERBS.has(one.verb) && mixturesOf(one).includes(mixture),
  );
}

/** What lies in a thaw: one piece of the heaviest food that was an animal. */
function thawing(meal: Meal, dish: Dish, { time }: Step): LedgerAct['wrappedFrozen'] {
  const pieces = dish.foods
    .filter((food) => !('food' in time) || time.food === food.id)
    .flatMap((food) => {
      const cut = cutOf(meal, food);
      return cut && cut.animal !== 'none' ? [pieceOf(meal, dish, food).weightG] : [];
    });
  return pieces.length > 0 ? { pieceG: Math.max(...pieces) } : undefined;
}
