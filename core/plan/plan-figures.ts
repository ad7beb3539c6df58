import {
  BRIQUETTE_G,
  COALS_AN_HOUR,
  GRILL_COALS_KG_AN_HOUR,
  MEAN_DRAW_KW,
  MINUTES_PER_HOUR,
} from '../figures/index.ts';
import { saltInMeatPct } from '../batch/index.ts';
import { shownCook } from '../heat/index.ts';
import { batchFor, cookerOf, cookUpTo, type Kitchen, type Meal } from '../meal/index.ts';
import type { Plan, PlannedStep } from './planned.ts';

/** The figures of a plan that decide between it and another. */
export interface PlanFigures {
  readonly status: Plan['status'];
  /** First hands-on job, epoch minutes. */
  readonly firstJobMin?: number | undefined;
  readonly servingMin: number;
  readonly handsMin: number;
  /** Chance to serve on time, 0 to 1. */
  readonly onTime: number;
  /** What it asks of the food, and what safety stops. */
  readonly compromises: number;
  readonly stops: number;
  readonly electricityKWh: number;
  readonly coalsKg: number;
  /** In the cook's own money, where the kitchen says what a unit costs. */
  readonly cost?: number | undefined;
  readonly dishes: readonly DishFiguresPlanned[];
}

/** What a dish comes to, where it can be reckoned. */
export interface DishFiguresPlanned {
  readonly dish: string;
  readonly name: string;
  /** 0 to 1: at about 0.5 it slices, at 0.85 it pulls apart. */
  readonly tenderness?: number | undefined;
  /** Salt of its brine in the meat, % of its weight. */
  readonly saltPct?: number | undefined;
}

/** What a plan comes to in the figures that decide. */
export function planFigures(meal: Meal, made: Plan): PlanFigures {
  const hands = made.steps.flatMap((step) => step.hands);
  const electricityKWh = made.steps.reduce((sum, step) => sum + drawnKWh(step), 0);
  const coalsKg = coalsOf(made.steps);
  return {
    status: made.status,
    firstJobMin: made.firstJobMin,
    servingMin: made.servingMin,
    handsMin: hands.reduce((sum, { startMin, endMin }) => sum + endMin - startMin, 0),
    onTime: made.onTime,
    compromises: made.compromises.length,
    stops: made.findings.filter(({ level, overruled }) => level === 'stop' && !overruled).length,
    electricityKWh,
    coalsKg,
    cost: costOf(meal.kitchen, electricityKWh, coalsKg),
    dishes: meal.dishes.map((dish) => ({
      dish: dish.id,
      name: dish.name,
      tenderness: tendernessOf(meal, dish, made.steps),
      saltPct: saltOf(meal, dish, made.steps),
    })),
  };
}

function drawnKWh({ place, startMin, endMin }: PlannedStep): number {
  return ((MEAN_DRAW_KW[place.kind] ?? 0) * (endMin - startMin)) / MINUTES_PER_HOUR;
}

/** One bed burns for all that is over it, from the first step over it to the last. */
function coalsOf(steps: readonly PlannedStep[]): number {
  return (['smoker', 'grill'] as const).reduce((sum, kind) => {
    const over = steps.filter(({ place }) => place.kind === kind);
    if (over.length === 0) return sum;
    const from = Math.min(...over.map(({ startMin }) => startMin));
    const hours = (Math.max(...over.map(({ endMin }) => endMin)) - from) / MINUTES_PER_HOUR;
    const anHour =
      kind === 'smoker' ? (COALS_AN_HOUR * BRIQUETTE_G) / 1000 : GRILL_COALS_KG_AN_HOUR;
    return sum + hours * anHour;
  }, 0);
}

function costOf({ prices }: Kitchen, electricityKWh: number, coalsKg: number): number | undefined {
  if (!prices || (prices.perKWh === undefined && prices.perKgCoals === undefined)) return undefined;
  return electricityKWh * (prices.perKWh ?? 0) + coalsKg * (prices.perKgCoals ?? 0);
}

type Dish = Meal['dishes'][number];

/** Once its last fire that heat times, and the rest after it, are over. */
function tendernessOf(meal: Meal, dish: Dish, planned: readonly PlannedStep[]): number | undefined {
  const last = dish.steps.findLast(({ time, verb }) => time.kind === 'heat' && verb !== 'thaw');
  if (!last) return undefined;
  const spec = cookUpTo(meal, dish, last);
  const rest = dish.steps.find(
    ({ verb, after }) => verb === 'rest' && after.some(({ step }) => step === last.id),
  );
  const at = planned.find(({ id }) => id === rest?.id);
  const cooker = rest && cookerOf(rest, meal.kitchen);
  const resting: typeof spec.stages =
    at && cooker ? [{ cooker, end: { kind: 'minutes', minutes: at.endMin - at.startMin } }] : [];
  return shownCook({ ...spec, stages: [...spec.stages, ...resting] }).tenderness;
}

/** Of its first brine, by how long it lies in it as planned. */
function saltOf(meal: Meal, dish: Dish, planned: readonly PlannedStep[]): number | undefined {
  for (const { id, time, verb } of dish.steps) {
    if (verb !== 'brine' || time.kind !== 'soak') continue;
    const mixture = dish.mixtures.find((one) => one.id === time.mixture);
    const at = planned.find((one) => one.id === id);
    if (!mixture || !at) continue;
    return saltInMeatPct(mixture, batchFor(meal, dish, mixture), at.endMin - at.startMin);
  }
  return undefined;
}
