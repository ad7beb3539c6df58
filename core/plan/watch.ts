import {
  minutesToCool,
  shownCook,
  stageTimes,
  type Cook,
  type CookSpec,
  type StageSpec,
} from '../heat/index.ts';
import {
  avoidConflicts,
  batchOf,
  conditionsOf,
  cookUpTo,
  cookerOf,
  cutOf,
  FIRE_VERBS,
  settleFood,
  type Dish,
  type Food,
  type Meal,
  type Step,
} from '../meal/index.ts';
import { pantryOf } from '../pantry/index.ts';
import { parseQuantity } from '../quantity/index.ts';
import {
  safetyOfCook,
  watch,
  type SafetyFinding,
  type WatchedAct,
  type WatchedDish,
  type WatchedMeal,
  type WatchedMixture,
  type Warmth,
} from '../safety/index.ts';
import { soaks, type Mixture } from '../batch/index.ts';

/** When a step is planned. */
export interface Timing {
  readonly id: string;
  readonly startMin: number;
  readonly endMin: number;
}

/** What the safety rules have to say of a meal as it is planned. */
export function safetyOf(
  meal: Meal,
  servingMin: number,
  planned: readonly Timing[],
): SafetyFinding[] {
  return watch(watchedMeal(meal, servingMin, planned)).map((finding) => {
    const { words } =
      (meal.overruled ?? []).find(
        ({ rule, step }) => rule === finding.rule && step === finding.step,
      ) ?? {};
    return words === undefined ? finding : { ...finding, overruled: words };
  });
}

function watchedMeal(meal: Meal, servingMin: number, planned: readonly Timing[]): WatchedMeal {
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
  timing: ReadonlyMap<string, Timing>,
): Omit<WatchedDish, 'conflicts'> {
  const warm = warmthOf(meal, dish, timing);
  const acts = dish.steps
    .flatMap((step) => {
      const at = timing.get(step.id);
      return at ? [watchedAct(meal, dish, step, at, warm.get(step.id))] : [];
    })
    .sort((a, b) => a.startMin - b.startMin);
  return {
    id: dish.id,
    name: dish.name,
    foods: dish.foods.map((food) => watchedFood(meal, food)),
    mixtures: dish.mixtures.map((mixture) => watchedMixture(meal, dish, mixture)),
    acts,
  };
}

function watchedFood(meal: Meal, food: Food): WatchedDish['foods'][number] {
  const cut = cutOf(meal, food);
  return {
    id: food.id,
    name: food.name,
    animal: cut?.animal ?? 'none',
    minced: cut?.id.endsWith('mince') ?? false,
    pierced: food.pierced ?? false,
    toxicBean: cut?.id.startsWith('kidney-beans') ?? false,
    grain: GRAINS.has(cut?.id ?? ''),
    frozenFirst: food.frozenBefore ?? false,
  };
}

const GRAINS: ReadonlySet<string> = new Set(['rice-dry', 'pearl-barley-dry']);

function watchedMixture(meal: Meal, dish: Dish, mixture: Mixture): WatchedMixture {
  const { ingredients } = pantryOf(meal.pantry);
  const raw = mixture.on.some((id) => {
    const food = dish.foods.find((one) => one.id === id);
    return food !== undefined && (cutOf(meal, food)?.animal ?? 'none') !== 'none';
  });
  const inIt = mixture.lines.flatMap((line) => {
    const found = line.part === undefined ? ingredients.get(line.ingredient) : undefined;
    return found ? [{ line, ...found }] : [];
  });
  const garlic = inIt.some(({ id, section }) => FRESH.test(id) || section === 'herbs');
  const oil = inIt.some(({ id }) => /(^|-)oil$/.test(id));
  const sour = inIt.some(({ acid }) => acid !== undefined);
  const curing = inIt.filter(({ nitritePct }) => nitritePct !== undefined);
  return {
    id: mixture.id,
    name: mixture.name,
    touchesRaw: raw && mixture.touchesRaw && soaks(mixture),
    keptClean: mixture.reserve !== undefined,
    boiled: mixture.boiled ?? false,
    garlicInOil: garlic && oil && !sour,
    keepsDays: mixture.keepsDays,
    ...(curing.length > 0 && {
      cure: {
        ingoingPpm: ingoingPpm(meal, dish, mixture),
        immersed: mixture.kind === 'wet brine',
        bySpoon: curing.some(({ line }) => parseQuantity(line.amount).dimension !== 'mass'),
      },
    }),
  };
}

const FRESH = /^garlic$/;

/**
 * Ingoing nitrite, parts per million: what the curing salt holds, over the food, and the brine
 * with it where it lies in one. Source: USDA/FSIS, Processing Inspectors' Calculations Handbook;
 * from memory.
 */
function ingoingPpm(meal: Meal, dish: Dish, mixture: Mixture): number {
  const { ingredients } = pantryOf(meal.pantry);
  const { lines, totals, batchG } = batchOf(meal, dish, mixture);
  const nitriteG = lines.reduce((sum, { grams }, i) => {
    const pct = ingredients.get(mixture.lines[i]?.ingredient ?? '')?.nitritePct ?? 0;
    return sum + (grams * pct) / 100;
  }, 0);
  const within = batchG + (mixture.kind === 'wet brine' ? totals.grams : 0);
  return within > 0 ? (nitriteG / within) * 1e6 : 0;
}

function watchedAct(
  meal: Meal,
  dish: Dish,
  step: Step,
  at: Timing,
  warmth: Warmth | undefined,
): WatchedAct {
  const { time, doneWhen, place, verb } = step;
  const soaked = time.kind === 'soak' || time.kind === 'cooling' ? [time.mixture] : [];
  const until = time.kind === 'heat' && 'coreC' in time.until ? time.until.coreC : undefined;
  const before = ancestors(dish, step);
  const afterFire = before.some((one) => isFire(dish, one));
  const cooler = time.kind === 'heat' ? time.cooker : undefined;
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
    mixtures: [...new Set([...(step.mixtures ?? []), ...soaked])],
    coreC: isFire(dish, step) ? (until ?? doneWhen?.coreC) : undefined,
    last: isFire(dish, step) && !goesOn(dish, step),
    slowCooker: cooler === 'slow-cooker-low' || cooler === 'slow-cooker-high',
    afterFire,
    warmth,
    ...(COOLS.has(verb) &&
      afterFire &&
      !cooledBefore &&
      time.kind !== 'cooling' && { cools: coolingPot(meal, dish, step) }),
  };
}

/** Whether a step cooks the food: a brine on the boil does not. */
function isFire(dish: Dish, { id, verb, mixtures }: Step): boolean {
  if (!FIRE_VERBS.has(verb)) return false;
  const ofMixture = verb === 'boil' && (mixtures?.length ?? 0) > 0;
  const cooledNext = dish.steps.some(
    ({ time, after }) => time.kind === 'cooling' && after.some((gap) => gap.step === id),
  );
  return !ofMixture && !cooledNext;
}

const COOLS: ReadonlySet<string> = new Set(['cool', 'chill']);

function ancestors(dish: Dish, step: Step): Step[] {
  const found = new Map<string, Step>();
  const visit = (one: Step) => {
    for (const gap of one.after) {
      const before = dish.steps.find(({ id }) => id === gap.step);
      if (!before || found.has(before.id)) continue;
      found.set(before.id, before);
      visit(before);
    }
  };
  visit(step);
  return [...found.values()];
}

function followsFire(dish: Dish, step: Step): boolean {
  return ancestors(dish, step).some((one) => isFire(dish, one));
}

/** Whether the food goes over a fire again after this step, without having been chilled between. */
function goesOn(dish: Dish, step: Step): boolean {
  return dish.steps.some(
    (later) => isFire(dish, later) && ancestors(dish, later).some(({ id }) => id === step.id),
  );
}

/** The liquid a stew or a joint cools in weighs about as much as it does. Our own figure, no source. */
const WITH_LIQUID = 1.6;
const WET: ReadonlySet<string> = new Set(['simmer', 'braise', 'boil']);
const ICE_C = 3;

function coolingPot(meal: Meal, dish: Dish, step: Step): WatchedAct['cools'] {
  const weightG = dish.foods.reduce((sum, food) => sum + settleFood(meal, dish, food).weightG, 0);
  if (weightG === 0) return undefined;
  const { place } = step;
  const cold = place.tempC ?? (place.kind === 'fridge' ? 4 : conditionsOf(meal.kitchen).roomC);
  const ice = place.kind !== 'fridge' && place.kind !== 'freezer' && cold <= ICE_C;
  const wet = ancestors(dish, step).some(({ verb }) => WET.has(verb));
  const pot = { massG: weightG * (wet ? WITH_LIQUID : 1) };
  const where = ice ? 'ice-bath' : 'fridge';
  const minutes = (toC: number) =>
    cold >= toC ? Infinity : minutesToCool(pot, 57, toC, where, cold);
  return { to21Min: minutes(21), to5Min: minutes(5) };
}

/** Temperatures of a dish's foods, step by step, where heat times their chain. */
function warmthOf(
  meal: Meal,
  dish: Dish,
  timing: ReadonlyMap<string, Timing>,
): Map<string, Warmth> {
  const found = new Map<string, Warmth>();
  for (const step of dish.steps) {
    if (step.time.kind !== 'heat' || goesOn(dish, step) || step.verb === 'thaw') continue;
    const spec = cookUpTo(meal, dish, step);
    const rests = restsAfter(meal, dish, step, timing);
    const stages = [...spec.stages, ...rests.map(({ stage }) => stage)];
    const cook = knownCook({ ...spec, stages });
    const { logs, wanted } = safetyOfCook({ ...spec, stages }, cook);
    const times = stageTimes(cook);
    const until = times[spec.stages.length - 1]?.to ?? 0;
    found.set(step.id, { ...part(cook, 0, until), logs, wanted });
    rests.forEach(({ id }, i) => {
      const { from = 0, to = 0 } = times[spec.stages.length + i] ?? {};
      found.set(id, { ...part(cook, from, to), logs, wanted });
    });
  }
  return found;
}

interface Resting {
  readonly id: string;
  readonly stage: StageSpec;
}

/** The rests and holds that follow a fire, as long as they are planned. */
function restsAfter(
  meal: Meal,
  dish: Dish,
  step: Step,
  timing: ReadonlyMap<string, Timing>,
): Resting[] {
  const next = dish.steps.find(
    (one) =>
      (one.verb === 'rest' || one.verb === 'hold') && one.after.some((gap) => gap.step === step.id),
  );
  const at = next && timing.get(next.id);
  const cooker = next && cookerOf(next, meal.kitchen);
  if (!next || !at || cooker === undefined || at.endMin <= at.startMin) return [];
  const end = { kind: 'minutes', minutes: at.endMin - at.startMin } as const;
  const tempC = cooker === 'warm-oven' ? next.place.tempC : undefined;
  return [{ id: next.id, stage: { cooker, tempC, end } }, ...restsAfter(meal, dish, next, timing)];
}

function part(
  { minute, coreC, surfaceC }: Cook,
  from: number,
  to: number,
): Omit<Warmth, 'logs' | 'wanted'> {
  const within = Array.from(minute, (at, i) => ({ at, i })).filter(
    ({ at }) => at >= from - 1e-6 && at <= to + 1e-6,
  );
  return {
    minute: within.map(({ at }) => at),
    coreC: within.map(({ i }) => coreC[i] ?? NaN),
    surfaceC: within.map(({ i }) => surfaceC[i] ?? NaN),
  };
}

/** A cook is asked for at every change of the meal. */
const known = new Map<string, Cook>();

function knownCook(spec: CookSpec): Cook {
  const key = JSON.stringify(spec);
  const made = known.get(key) ?? shownCook(spec);
  if (known.size > 100) known.clear();
  known.set(key, made);
  return made;
}
