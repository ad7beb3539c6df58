import { FROM_FRIDGE_C } from '../figures/index.ts';
import { cooks, isFirePlace } from '../places/index.ts';
import {
  cookOnce,
  shownCook,
  stageTimes,
  type Cook,
  type CookSpec,
  type StageSpec,
} from '../heat/index.ts';
import {
  chainUpTo,
  cookerOf,
  cookUpTo,
  cutOf,
  pieceOf,
  placeOfCook,
  stageOf,
  type Dish,
  type Food,
  type Meal,
  type Step,
} from '../meal/index.ts';
import {
  outOfFridge,
  growingMinutes,
  POULTRY_CORE_C,
  ROOM_LIMIT_MIN,
  type SlowWarming,
  safetyOfCook,
  type LedgerAct,
  type FoodTemperatures,
  type WarmthCurve,
  GROWS_UNTIL_C,
  GROWS_FROM_C,
} from '../safety/index.ts';
import { goesOn, isFire } from './step-chain.ts';
import type { StepTiming } from './step-timing.ts';

/** Temperatures of a dish's foods, step by step, where heat times their chain. */
export function temperaturesOf(
  meal: Meal,
  dish: Dish,
  timing: ReadonlyMap<string, StepTiming>,
): Map<string, FoodTemperatures> {
  const solution = new Map<string, FoodTemperatures>();
  for (const step of dish.steps) {
    if (step.time.kind !== 'heat' || goesOn(dish, step) || step.verb === 'thaw') continue;
    const spec = cookUpTo(meal, dish, step);
    const rests = restsAfter(meal, dish, step, timing);
    const stages = [...spec.stages, ...rests.map(({ stage }) => stage)];
    const cook = knownCook({ ...spec, stages });
    const { logs, wanted } = knownSafety({ ...spec, stages });
    const times = stageTimes(cook);
    const until = times[spec.stages.length - 1]?.to ?? 0;
    const firstFire = spec.stages.findIndex(({ cooker }) => cooks(cooker));
    // Even an oven that only keeps warm is its fire when it has no other.
    const lit = times[firstFire === -1 ? spec.stages.length - 1 : firstFire]?.from ?? until;
    const warmingMin = minutesBelow(cook, lit, until, GROWS_UNTIL_C);
    solution.set(step.id, { ...part(cook, 0, until), logs, wanted, warmingMin });
    rests.forEach(({ id }, i) => {
      const { from = 0, to = 0 } = times[spec.stages.length + i] ?? {};
      solution.set(id, { ...part(cook, from, to), logs, wanted, warmingMin: 0 });
    });
  }
  return solution;
}

/**
 * Temperatures in the rests of a food that cooked beside the one that timed the fire: as long over it
 * as that one was.
 *
 * @param ofFood whether a step works on this food
 */
export function restsBeside(
  meal: Meal,
  dish: Dish,
  food: Food,
  ofFood: (step: Step) => boolean,
  timing: ReadonlyMap<string, StepTiming>,
): Map<string, WarmthCurve> {
  const found = new Map<string, WarmthCurve>();
  if (!cutOf(meal, food)) return found;
  for (const step of dish.steps) {
    const { time } = step;
    if (time.kind !== 'heat' || time.food === food.id || goesOn(dish, step) || !ofFood(step)) {
      continue;
    }
    const rests = restsAfter(meal, dish, step, timing).filter(({ id }) =>
      dish.steps.some((one) => one.id === id && ofFood(one)),
    );
    if (rests.length === 0) continue;
    const spec = cookUpTo(meal, dish, step);
    const lasted = stageTimes(
      knownCook({ ...spec, stages: [...spec.stages, ...rests.map(({ stage }) => stage)] }),
    );
    const fires = spec.stages.map((stage, i): StageSpec => {
      const { from = 0, to = 0 } = lasted[i] ?? {};
      return { ...stage, end: { kind: 'minutes', minutes: to - from } };
    });
    const stages = [...fires, ...rests.map(({ stage }) => stage)];
    const cook = knownCook({ ...spec, piece: pieceOf(meal, dish, food), stages }, onlyItsSurface);
    const times = stageTimes(cook);
    rests.forEach(({ id }, i) => {
      const { from = 0, to = 0 } = times[fires.length + i] ?? {};
      found.set(id, part(cook, from, to));
    });
  }
  return found;
}

/** Minutes in which the surface is cooler than that, between two moments of a cook. */
function minutesBelow(
  { minute, surfaceC }: Pick<Cook, 'minute' | 'surfaceC'>,
  from: number,
  to: number,
  tempC: number,
): number {
  let sum = 0;
  for (let i = 1; i < minute.length; i++) {
    const [a, b] = [minute[i - 1] ?? 0, minute[i] ?? 0];
    if (a >= from - 1e-6 && b <= to + 1e-6 && (surfaceC[i - 1] ?? 0) < tempC) sum += b - a;
  }
  return Math.round(sum);
}

/** A fridge has taken the warmth out of a surface long before. */
const LOOK_MIN = 240;
const FRIDGE: ReadonlySet<string> = new Set(['fridge', 'freezer']);

/**
 * How long a food's surface is still above 10 °C in a cold place, after it stood warm: by its own
 * curve, of the food that holds the warmth longest.
 */
export function minutesWarmInFridge(
  meal: Meal,
  dish: Dish,
  before: ReadonlyArray<Omit<LedgerAct, 'coolsBackMin'>>,
  act: Omit<LedgerAct, 'coolsBackMin'>,
): number {
  if (!FRIDGE.has(act.place)) return 0;
  const last = before.filter(({ afterFire }) => !afterFire).at(-1);
  if (!last || !outOfFridge(last) || last.endMin <= last.startMin) return 0;
  const minutes = Math.min(act.endMin - act.startMin, LOOK_MIN);
  const each = dish.foods.flatMap((food) => {
    const cut = cutOf(meal, food);
    if (!cut || cut.animal === 'none' || minutes <= 0) return [];
    const out = { kind: 'minutes', minutes: last.endMin - last.startMin } as const;
    const cook = knownCook(
      {
        piece: pieceOf(meal, dish, food),
        startC: FROM_FRIDGE_C,
        stages: [
          { cooker: 'counter', end: out },
          { cooker: 'fridge', end: { kind: 'minutes', minutes } },
        ],
        ...placeOfCook(meal.kitchen),
      },
      onlyItsSurface,
    );
    const warm = Array.from(cook.minute).findIndex(
      (at, i) => at > out.minutes && (cook.surfaceC[i] ?? 0) <= GROWS_FROM_C,
    );
    return [warm === -1 ? minutes : (cook.minute[warm] ?? 0) - out.minutes];
  });
  return Math.round(Math.max(0, ...each));
}

/**
 * The middle of a food after a fire that nothing but the clock ends, at its warmest: by its cut and
 * weight, and with the rest that follows; of water cooler than food has to be, also what so long in it
 * does. Undefined where that cannot be reckoned.
 *
 * @param ofFood whether a step works on this food
 * @param minutes how long each piece is on the fire
 */
export function afterClockTime(
  meal: Meal,
  dish: Dish,
  step: Step,
  food: Food,
  ofFood: (step: Step) => boolean,
  minutes: number,
  timing: ReadonlyMap<string, StepTiming>,
): AfterClockTime | undefined {
  if (!cutOf(meal, food) || minutes <= 0) return undefined;
  const { chain: whole, startC } = chainUpTo(dish, step);
  const chain = whole.filter(ofFood);
  const stages = chain.flatMap((one) => stageOf(one, meal.kitchen));
  const end = { kind: 'minutes', minutes } as const;
  const [last] = stages.slice(-1);
  if (!last || stages.length !== chain.length) return undefined;
  const spec = {
    piece: pieceOf(meal, dish, food),
    startC,
    stages: [
      ...[...stages.slice(0, -1), { ...last, end }].map(turned),
      ...standingAfter(meal, dish, step, timing),
    ],
    ...placeOfCook(meal.kitchen),
  };
  const cook = knownCook(spec);
  const from = stageTimes(cook)[stages.length - 1]?.to ?? 0;
  const coreC = Math.max(...cook.coreC.filter((_coreC, i) => (cook.minute[i] ?? 0) >= from - 1e-6));
  const inBath = step.place.kind === 'hob' && (step.place.tempC ?? Infinity) < POULTRY_CORE_C;
  return { coreC, ...(inBath && knownSafety(spec)) };
}

/**
 * How slowly a low fire that the clock ends warms a food from the cold; undefined where the fire is no
 * low one, or nothing can be reckoned.
 */
export function warmsSlowly(
  meal: Meal,
  dish: Dish,
  step: Step,
  food: Food,
  ofFood: (step: Step) => boolean,
  minutes: number,
): SlowWarming | undefined {
  // What is cooler than that warms nothing: it is judged by its core.
  const { kind, tempC = Infinity } = step.place;
  const low = isFirePlace(kind) && tempC < LOW_FIRE_C && tempC >= GROWS_UNTIL_C;
  if (!low || step.time.kind === 'heat' || minutes < ROOM_LIMIT_MIN) return undefined;
  const [stage] = stageOf(step, meal.kitchen);
  const { chain } = chainUpTo(dish, step);
  if (
    !stage ||
    !cutOf(meal, food) ||
    chain.filter((one) => ofFood(one) && isFire(dish, one)).length !== 1
  )
    return undefined;
  const { minute, coreC, surfaceC } = knownCook({
    piece: pieceOf(meal, dish, food),
    startC: FROM_FRIDGE_C,
    stages: [{ ...stage, end: { kind: 'minutes', minutes } }],
    ...placeOfCook(meal.kitchen),
  });
  return {
    coreMin: growingMinutes(minute, coreC),
    surfaceMin: minutesBelow({ minute, surfaceC }, 0, minutes, GROWS_UNTIL_C),
  };
}

/** A fire as low warms slowly; below boiling. Our own line, no source. */
const LOW_FIRE_C = 100;

/** What a fire that the clock ends comes to. */
interface AfterClockTime {
  readonly coreC: number;
  readonly logs?: number;
  readonly wanted?: number;
}

/** Nobody leaves it on one side. */
function turned(stage: StageSpec): StageSpec {
  if (stage.end.kind !== 'minutes' || stage.turnEveryMin !== undefined) return stage;
  return { ...stage, turnEveryMin: Math.max(1, stage.end.minutes / 2) };
}

/** Its rests; where nothing follows, it stands on its way to the table. */
function standingAfter(
  meal: Meal,
  dish: Dish,
  step: Step,
  timing: ReadonlyMap<string, StepTiming>,
): StageSpec[] {
  const rests = restsAfter(meal, dish, step, timing).map(({ stage }) => stage);
  const goesOnto = dish.steps.some(({ after }) => after.some((gap) => gap.step === step.id));
  if (rests.length > 0 || goesOnto) return rests;
  return [{ cooker: 'counter', end: { kind: 'minutes', minutes: PLATED_MIN } }];
}

/** From the fire to the fork. Common practice, no source. */
const PLATED_MIN = 3;

interface Resting {
  readonly id: string;
  readonly stage: StageSpec;
}

/** The rests and holds that follow a fire, as long as they are planned. */
function restsAfter(
  meal: Meal,
  dish: Dish,
  step: Step,
  timing: ReadonlyMap<string, StepTiming>,
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

function part({ minute, coreC, surfaceC }: Cook, from: number, to: number): WarmthCurve {
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
const known = new Map<string, Known>();
const MOST_KNOWN = 200;

interface Known {
  readonly cook: Cook;
  /** What it does for safety, once that was asked for. */
  safety?: ReturnType<typeof safetyOfCook>;
}

type CookOf = (spec: CookSpec) => Cook;

function lookUp(spec: CookSpec, cookOf: CookOf): Known {
  const key = JSON.stringify(spec);
  const made = known.get(key) ?? { cook: cookOf(spec) };
  if (known.size > MOST_KNOWN) known.clear();
  known.set(key, made);
  return made;
}

function knownCook(spec: CookSpec, cookOf: CookOf = shownCook): Cook {
  return lookUp(spec, cookOf).cook;
}

/** Less exact than a cook that is shown, and a fifth of its time. */
function onlyItsSurface(spec: CookSpec): Cook {
  return cookOnce(spec, undefined, { everyMin: 2, cells: 12 });
}

function knownSafety(spec: CookSpec): ReturnType<typeof safetyOfCook> {
  const made = lookUp(spec, shownCook);
  made.safety ??= safetyOfCook(spec, made.cook);
  return made.safety;
}
