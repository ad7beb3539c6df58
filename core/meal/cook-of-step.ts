import { FROM_FRIDGE_C, FREEZER_C } from '../figures/index.ts';
import { FIRE_VERBS, type Verb } from '../terms/index.ts';
import {
  cookerIn,
  COOKERS,
  environmentNamed,
  placeOfCooker,
  USUAL_CONDITIONS,
  type ApplianceKind,
  type Conditions,
  type Cooker,
} from '../places/index.ts';
import {
  forecast,
  PULLS_AT,
  SLICES_AT,
  type Band,
  type CookSpec,
  type End,
  type Forecast,
  type StageSpec,
} from '../heat/index.ts';
import { FRIDGE_COLD_C } from '../safety/index.ts';
import { cutOf, foodOf, settleFood } from './amounts.ts';
import { stageMinutes } from './step-times/registry.ts';
import type { Dish, Food, Kitchen, Meal, Step, StepTime } from './schema.ts';

/** What of a meal its cooking depends on. */
export type HeatContext = Pick<Meal, 'eaters' | 'kitchen' | 'pantry' | 'dishes'>;
export type HeatTime = Extract<StepTime, { kind: 'heat' }>;
export type DoneUntil = HeatTime['until'];

/** What is done to the food itself at all; what is before it in its chain counts. */
const ON_FOOD: ReadonlySet<Verb> = new Set<Verb>([
  ...FIRE_VERBS,
  'thaw',
  'brine',
  'marinate',
  'soak',
  'temper',
  'chill',
  'rest',
  'hold',
]);

/** Where the meal is cooked, as heat sees it. */
export function conditionsOf(kitchen: Kitchen): Conditions {
  return {
    altitudeM: kitchen.altitudeM,
    roomC: kitchen.roomC ?? USUAL_CONDITIONS.roomC,
    outdoorC: kitchen.outdoorC ?? USUAL_CONDITIONS.outdoorC,
    windMPerS: kitchen.windMPerS ?? USUAL_CONDITIONS.windMPerS,
  };
}

/** A figure of each of this kitchen's cookers that has it. */
function byCooker({ appliances }: Kitchen, figure: 'runsHotC' | 'runsHotSdC'): CookSpec['offsetC'] {
  const found = appliances.flatMap(({ kind, fan, ...one }) => {
    const value = one[figure];
    return value === undefined
      ? []
      : cookersOf(kind, fan ?? false).map((cooker) => [cooker, value]);
  });
  return found.length > 0 ? (Object.fromEntries(found) as CookSpec['offsetC']) : undefined;
}

/** What an appliance is as heat sees it: an oven blows, or it does not. */
function cookersOf(kind: ApplianceKind, fan: boolean): readonly Cooker[] {
  const other = kind === 'oven' ? (fan ? 'oven' : 'fan-oven') : undefined;
  return kind === 'hob' || kind === 'box'
    ? []
    : COOKERS.filter((one) => placeOfCooker(one).own === kind && one !== other);
}

/** How a stage ends. */
export function endOf(until: DoneUntil): End {
  if ('coreC' in until) return { kind: 'core', coreC: until.coreC };
  return { kind: 'tender', tenderness: until.tender === 'pulls' ? PULLS_AT : SLICES_AT };
}

/** Where a cook takes place: the conditions, and what the kitchen's cookers are known to be off. */
export function placeOfCook(
  kitchen: Kitchen,
): Pick<CookSpec, 'conditions' | 'offsetC' | 'offsetSdC'> {
  const offsetC = byCooker(kitchen, 'runsHotC');
  const offsetSdC = byCooker(kitchen, 'runsHotSdC');
  return {
    conditions: conditionsOf(kitchen),
    ...(offsetC && { offsetC }),
    ...(offsetSdC && { offsetSdC }),
  };
}

/**
 * In how many pieces a food is cooked, 1 and more: as many as were counted, or cut into; what the
 * cook did not count comes in the pieces its cut comes in.
 */
export function piecesOf(meal: HeatContext, dish: Dish, food: Food): number {
  const { weightG, pieces } = settleFood(meal, dish, food);
  const each = cutOf(meal, food)?.pieceG;
  const usual = each === undefined ? 1 : Math.max(1, Math.round(weightG / each));
  const count = pieces ?? (food.inPieces === undefined ? usual : 1);
  return Math.max(1, count) * (food.inPieces ?? 1);
}

/** One piece of a food, as it goes in. @throws RangeError for a food without a cut */
export function pieceOf(meal: HeatContext, dish: Dish, food: Food): CookSpec['piece'] {
  const cut = cutOf(meal, food);
  if (!cut) throw new RangeError(`food “${food.id}” has no cut`);
  const { weightG } = settleFood(meal, dish, food);
  const each = weightG / piecesOf(meal, dish, food);
  const { thicknessMm, prepared } = food;
  return { cut, weightG: Math.max(1, each), thicknessMm, ...(prepared && { prepared }) };
}

/** What a step's place is, as heat sees it; undefined where the food meets no heat of its own. */
export function cookerOf(step: Step, kitchen: Kitchen): Cooker | undefined {
  const { verb, place, time } = step;
  if (time.kind === 'heat' && time.cooker !== undefined) return time.cooker;
  return cookerIn(place.kind, { verb, ...place, fan: isFan(step, kitchen) });
}

function isFan(step: Step, kitchen: Kitchen): boolean {
  const ovens = kitchen.appliances.filter(({ kind }) => kind === 'oven');
  const one = ovens.find(({ id }) => id === step.place.appliance) ?? ovens[0];
  return one?.fan === true;
}

/**
 * The step a food comes from, in its own chain. Turning it and basting it are no halt, nor is what
 * says that it works on other foods, or on none.
 */
function stepBefore(
  dish: Dish,
  step: Step,
  food: string | undefined,
  passed: readonly Step[] = [],
): Step | undefined {
  const before = step.after.flatMap((gap) =>
    dish.steps.filter(({ id }) => id === gap.step && gap.from === 'end'),
  );
  const isOthers = ({ foods }: Step) =>
    foods !== undefined && (foods.length === 0 || (food !== undefined && !foods.includes(food)));
  const own = before.find((one) => ON_FOOD.has(one.verb) && !isOthers(one));
  if (own) return own;
  const passes = before.find(
    (one) => (IN_PASSING.has(one.verb) || isOthers(one)) && !passed.includes(one),
  );
  return passes && stepBefore(dish, passes, food, [...passed, passes]);
}

/** The food a step is timed by. */
function timedFood({ time }: Step): string | undefined {
  return 'food' in time ? time.food : undefined;
}

/** What is done to a food between two stages of its cook, and takes no heat from it. */
const IN_PASSING: ReadonlySet<Verb> = new Set<Verb>(['turn', 'baste', 'stir', 'prepare']);

/**
 * The cook of a food up to and with a step: from where it lay cold, through all that warmed it
 * since.
 *
 * @throws RangeError where the step does not take its time from heat
 */
export function cookUpTo(meal: HeatContext, dish: Dish, step: Step): CookSpec {
  if (step.time.kind !== 'heat') throw new RangeError(`step “${step.id}” is not timed by heat`);
  const { chain, startC } = chainUpTo(dish, step);
  return {
    piece: pieceOf(meal, dish, foodOf(dish, step.time.food)),
    startC,
    stages: chain.flatMap((one) => stageOf(one, meal.kitchen)),
    ...placeOfCook(meal.kitchen),
  };
}

/** The steps a food goes through from where it lay cold, up to and with one; and how cold it lay. */
export function chainUpTo(dish: Dish, step: Step): { chain: Step[]; startC: number } {
  const chain: Step[] = [step];
  let startC = FROM_FRIDGE_C;
  const food = timedFood(step);
  for (let at = stepBefore(dish, step, food); at; at = stepBefore(dish, at, food)) {
    if (at.place.kind === 'freezer') startC = FREEZER_C;
    if (liesCold(at.place)) break;
    // A cook is some stages long; a circle of steps has been refused before.
    if (chain.includes(at)) break;
    chain.unshift(at);
  }
  if (step.verb === 'thaw' && chain.length === 1) startC = FREEZER_C;
  return { chain, startC };
}

/** In a fridge, or in what is as cold as one: an ice box, a cellar in winter. */
function liesCold({ kind, tempC }: Step['place']): boolean {
  return kind === 'freezer' || kind === 'fridge' || (tempC !== undefined && tempC <= FRIDGE_COLD_C);
}

/** A step as a stage of a cook; none where the food meets no heat. */
export function stageOf(step: Step, kitchen: Kitchen): StageSpec[] {
  const cooker = cookerOf(step, kitchen);
  if (cooker === undefined) return [];
  const { time, place } = step;
  // What an oven or a ring is set to is not what the liquid in the pot is at.
  const liquid = cooker === 'braise' || cooker === 'boil' || cooker === 'steam';
  const set = environmentNamed(cooker).heats && !liquid ? place.tempC : undefined;
  return [
    {
      cooker,
      tempC: set,
      ...(time.kind === 'heat' && {
        wrap: time.wrap,
        turnEveryMin: time.turnEveryMin,
      }),
      end:
        time.kind === 'heat' ? endOf(time.until) : { kind: 'minutes', minutes: stageMinutes(time) },
    },
  ];
}

/** The last stage of a cook: what the step itself takes. */
export interface StepHeat {
  readonly minutes: Band;
  /** False where the fire is too cool ever to bring it there. */
  readonly reached: boolean;
}

/** A forecast takes some milliseconds and is asked for at every change of the meal. */
const known = new Map<string, Forecast>();
const MOST_KNOWN = 200;

/** How long a step takes whose time comes from heat. */
export function heatOfStep(meal: HeatContext, dish: Dish, step: Step): StepHeat {
  const { spec, stage } = wholeCook(meal, dish, step);
  const key = JSON.stringify(spec);
  let found = known.get(key);
  if (!found) {
    found = forecast(spec);
    if (known.size >= MOST_KNOWN) known.clear();
    known.set(key, found);
  }
  const { stages } = found;
  const { minutes, reached } = stages[stage] ?? { minutes: found.minutes, reached: true };
  return { minutes, reached };
}

/**
 * The cook a step is a stage of, to its last stage that heat times: one forecast serves all its
 * steps, since what comes later changes nothing before.
 */
function wholeCook(meal: HeatContext, dish: Dish, step: Step): { spec: CookSpec; stage: number } {
  const own = cookUpTo(meal, dish, step);
  const stage = own.stages.length - 1;
  let last = step;
  for (;;) {
    const next = dish.steps.find(
      (later) =>
        later.time.kind === 'heat' && stepBefore(dish, later, timedFood(later))?.id === last.id,
    );
    if (!next || next.id === step.id) break;
    last = next;
  }
  const whole = last === step ? own : cookUpTo(meal, dish, last);
  // A chill in between begins a cook of its own.
  const same =
    whole.stages.length > stage && whole.startC === own.startC && whole.piece.cut === own.piece.cut;
  return { spec: same ? whole : own, stage };
}

/** The steps of a dish that heat times, for each food in the order of the file. */
export function heatSteps(dish: Dish): ReadonlyArray<Step & { time: HeatTime }> {
  return dish.steps.filter((step): step is Step & { time: HeatTime } => step.time.kind === 'heat');
}
