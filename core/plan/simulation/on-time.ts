import { WAIT_HARMS_AFTER_MIN } from '../../figures/index.ts';
import { freshWithinMin, leavesFood, tableMinOf } from '../../meal/index.ts';
import { ScheduleSimulation, type SimulationContext } from './schedule-simulation.ts';
import type { Danger, DishChance, PlannedStep } from '../planned.ts';

/** On time means at most this long after the serving time. */
const GRACE_MIN = 5;
/** Evenings lived through for a plan that is wanted at once. */
const SAMPLES = 500;
/** A step is named as the danger when it is behind so many of the late evenings. */
const DANGER_SHARE = 0.2;

export interface OnTimeChances {
  readonly onTime: number;
  readonly onTimeOf: readonly DishChance[];
  readonly endangeredBy?: Danger | undefined;
}

/**
 * The chance to serve on time, by living through the plan many times: each step whose length the
 * food decides takes a length drawn from its spread (likely as its median, one in ten below least,
 * one in ten above most), each soak and rest gives what it can, whoever is free and able does what
 * comes next in the plan, or goes on with something else while it is not ready, and nights and
 * work hold up what needs hands. Nothing starts before its planned time unless the food cannot
 * wait. A dish that is ready so long before serving that the wait harms it is not on time either.
 */
export function simulateOnTime(
  steps: readonly PlannedStep[],
  context: SimulationContext,
): OnTimeChances {
  const { servingMin, samples = SAMPLES, meal } = context;
  const simulation = new ScheduleSimulation(steps, context);
  const lasts = steps.flatMap((_step, index) => (isLast(steps, index, context) ? [index] : []));
  const dishOf = lasts.map((index) => meal.dishes.findIndex(({ id }) => id === steps[index]?.dish));
  const wantedMin = dishOf.map((dish) => tableMinOf(meal.dishes[dish] ?? {}, servingMin));
  const earliest = lasts.map((last, i) => {
    const dish = meal.dishes[dishOf[i] as number];
    const step = dish?.steps.find(({ id }) => id === steps[last]?.id);
    const readyWithinMin = dish && step ? freshWithinMin(dish, step) : 0;
    const bornMin = context.bornEarlyMin?.get(steps[last]?.id ?? '') ?? 0;
    return (wantedMin[i] as number) - readyWithinMin - bornMin - WAIT_HARMS_AFTER_MIN;
  });
  const missed = new Int32Array(meal.dishes.length);
  const lastMissed = new Int32Array(meal.dishes.length).fill(-1);
  const blamed = new Int32Array(steps.length);
  let onTime = 0;
  for (let sample = 0; sample < samples; sample++) {
    simulation.simulate();
    let latest = -1;
    for (let i = 0; i < lasts.length; i++) {
      const end = simulation.end[lasts[i] as number] as number;
      if (end <= (wantedMin[i] as number) + GRACE_MIN && end >= (earliest[i] as number)) continue;
      const dish = dishOf[i] as number;
      if (lastMissed[dish] !== sample) missed[dish] = (missed[dish] as number) + 1;
      lastMissed[dish] = sample;
      if (latest === -1 || end > (simulation.end[latest] as number)) latest = lasts[i] as number;
    }
    if (latest === -1) {
      onTime++;
      continue;
    }
    const blame = simulation.largestOverrunBehind(latest);
    if (blame !== -1) blamed[blame] = (blamed[blame] as number) + 1;
  }
  return {
    onTime: onTime / samples,
    onTimeOf: meal.dishes.map(({ id }, dish) => ({
      dish: id,
      onTime: 1 - (missed[dish] ?? 0) / samples,
    })),
    endangeredBy: dangerOf(steps, blamed, samples - onTime),
  };
}

function dangerOf(
  steps: readonly PlannedStep[],
  blamed: Int32Array,
  late: number,
): Danger | undefined {
  const most = Math.max(0, ...blamed);
  const step = steps[blamed.indexOf(most)];
  if (!step || late === 0 || most / late < DANGER_SHARE) return undefined;
  return { step: step.id, share: most / late };
}

function isLast(
  steps: readonly PlannedStep[],
  index: number,
  { meal }: SimulationContext,
): boolean {
  const dish = meal.dishes.find((one) => one.id === steps[index]?.dish);
  const step = dish?.steps.find(({ id }) => id === steps[index]?.id);
  return !dish || !step || leavesFood(dish, step);
}
