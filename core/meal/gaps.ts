import { CORE_GAP_SLACK_MIN } from '../figures/index.ts';
import { shownCook, stageTimes } from '../heat/index.ts';
import { cookUpTo } from './cook-of-step.ts';
import type { Dish, Meal, Step } from './schema.ts';

/**
 * "Begins when 10° are missing" as a gap in minutes, by how the food of the step it follows warms;
 * so much after that, and so much at the most, as the gap says, or within some minutes.
 * The meal itself where nothing is asked for.
 */
export function withCoreGaps(meal: Meal): Meal {
  if (!meal.dishes.some((dish) => dish.steps.some(asks))) return meal;
  return {
    ...meal,
    dishes: meal.dishes.map((dish) => ({
      ...dish,
      steps: dish.steps.map((step) => (asks(step) ? settled(meal, dish, step) : step)),
    })),
  };
}

function asks({ after }: Step): boolean {
  return after.some(({ coreShortC }) => coreShortC !== undefined);
}

function settled(meal: Meal, dish: Dish, step: Step): Step {
  return {
    ...step,
    after: step.after.map((gap) => {
      const before = dish.steps.find(({ id }) => id === gap.step);
      const minutes =
        before && gap.coreShortC !== undefined
          ? reachedAt(meal, dish, before, gap.coreShortC)
          : undefined;
      return minutes === undefined ? gap : fromMoment(gap, minutes);
    }),
  };
}

type Gap = Step['after'][number];

/**
 * A gap counted from a moment of the step before: as long after it as the cook says, at the least
 * and at the most, or within some minutes where nothing is said.
 *
 * @param minutes from the start of the step before to the moment
 */
export function fromMoment(gap: Gap, minutes: number): Gap {
  const { leastMin, mostMin = Math.max(leastMin, CORE_GAP_SLACK_MIN) } = gap;
  return { ...gap, from: 'start', leastMin: minutes + leastMin, mostMin: minutes + mostMin };
}

/** Minutes from the start of a step until its core is so many degrees short of its end. */
export function reachedAt(meal: Meal, dish: Dish, step: Step, shortC: number): number | undefined {
  const { time } = step;
  if (time.kind !== 'heat' || !('coreC' in time.until)) return undefined;
  const cook = shownCook(cookUpTo(meal, dish, step));
  const { from = 0 } = stageTimes(cook).at(-1) ?? {};
  const wanted = time.until.coreC - shortC;
  const at = Array.from(cook.minute).find(
    (minute, i) => minute >= from && (cook.coreC[i] ?? 0) >= wanted,
  );
  return at === undefined ? undefined : Math.max(0, Math.round(at - from));
}
