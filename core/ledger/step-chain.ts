import { FIRE_VERBS } from '../terms/index.ts';
import type { Dish, Step } from '../meal/index.ts';

/** How the steps of a dish hang together, as safety asks. */

/** Whether a step cooks the food: a brine on the boil does not, nor what says that it works on none. */
export function isFire(dish: Dish, { id, verb, mixtures, foods }: Step): boolean {
  if (!FIRE_VERBS.has(verb) || foods?.length === 0) return false;
  const ofMixture = verb === 'boil' && (mixtures?.length ?? 0) > 0;
  const cooledNext = dish.steps.some(
    ({ time, after }) => time.kind === 'cooling' && after.some((gap) => gap.step === id),
  );
  return !ofMixture && !cooledNext;
}

export const COOLS: ReadonlySet<string> = new Set(['cool', 'chill']);

export function ancestors(dish: Dish, step: Step): Step[] {
  const solution = new Map<string, Step>();
  const visit = (one: Step) => {
    for (const gap of one.after) {
      const before = dish.steps.find(({ id }) => id === gap.step);
      if (!before || solution.has(before.id)) continue;
      solution.set(before.id, before);
      visit(before);
    }
  };
  visit(step);
  return [...solution.values()];
}

export function followsFire(dish: Dish, step: Step): boolean {
  return ancestors(dish, step).some((one) => isFire(dish, one));
}

/** Whether the food goes over a fire again after this step, without having been chilled between. */
export function goesOn(dish: Dish, step: Step): boolean {
  return dish.steps.some(
    (later) => isFire(dish, later) && ancestors(dish, later).some(({ id }) => id === step.id),
  );
}

/** The mixtures a step is about, what it soaks in among them. */
export function mixturesOf({ time, mixtures }: Step): string[] {
  const soaked = time.kind === 'soak' || time.kind === 'cooling' ? [time.mixture] : [];
  return [...new Set([...(mixtures ?? []), ...soaked])];
}
