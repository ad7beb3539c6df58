import { sortReadings } from '../heat/index.ts';
import {
  fromMoment,
  reachedAt,
  settledTime,
  stepFactsOf,
  type Dish,
  type DurationEstimate,
  type Meal,
  type Step,
} from '../meal/index.ts';
import type { RunState } from './state.ts';

type Gap = Step['after'][number];

/**
 * "Begins when 10° are missing", while that is going on: at once when a reading says so; else at
 * the share of the time that heat gives it, of as long as it is thought to last now.
 *
 * @param expected how long what is going on is thought to last, by step
 */
export function withLiveCoreGaps(
  meal: Meal,
  state: RunState,
  expected: ReadonlyMap<string, DurationEstimate>,
  nowMin: number,
): Meal {
  const settle = (dish: Dish, gap: Gap): Gap => {
    const before = dish.steps.find(({ id }) => id === gap.step);
    const begun = before && state.begun.get(before.id);
    const lasts = before && expected.get(before.id);
    if (!before || begun === undefined || !lasts || gap.coreShortC === undefined) return gap;
    const minutes = isThere(state, before, gap.coreShortC)
      ? Math.max(0, nowMin - Math.round(begun))
      : inProportion(meal, dish, before, gap.coreShortC, lasts);
    if (minutes === undefined) return gap;
    const { coreShortC: _told, ...rest } = gap;
    return fromMoment(rest, minutes);
  };
  const asks = ({ after }: Step) => after.some(({ coreShortC }) => coreShortC !== undefined);
  if (!meal.dishes.some(({ steps }) => steps.some(asks))) return meal;
  return {
    ...meal,
    dishes: meal.dishes.map((dish) => ({
      ...dish,
      steps: dish.steps.map((step) =>
        asks(step) ? { ...step, after: step.after.map((gap) => settle(dish, gap)) } : step,
      ),
    })),
  };
}

/** Whether a probe that can be believed has come so near to the end. */
function isThere({ probes, readings }: RunState, { id, time }: Step, shortC: number): boolean {
  if (time.kind !== 'heat' || !('coreC' in time.until)) return false;
  const wanted = time.until.coreC - shortC;
  return [...probes].some(
    ([probe, step]) =>
      step === id &&
      (sortReadings(readings.get(probe) ?? []).trusted.at(-1)?.coreC ?? -Infinity) >= wanted,
  );
}

function inProportion(
  meal: Meal,
  dish: Dish,
  step: Step,
  shortC: number,
  { likelyMin }: DurationEstimate,
): number | undefined {
  const reached = reachedAt(meal, dish, step, shortC);
  const usual = settledTime(step.time, stepFactsOf(meal, dish, step)).duration.likelyMin;
  return reached === undefined || usual <= 0
    ? undefined
    : Math.round((reached * likelyMin) / usual);
}
