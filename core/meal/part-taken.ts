import type { Dish, Step } from './schema.ts';

/** Which part of its mixtures a step takes: what was kept clean, or what has been on the food. */
export type PartTaken = NonNullable<Step['part']>;

const USED =
  /\b(used|(has |have |had )?(lay|lain|been|soaked|sat|marinated) (in|on)|what is left of|left in the (bag|bowl|dish|tub)|from the bag)\b/i;
/** "Spoon over what was kept clean in the bowl": whatever else it says. */
const KEPT = /\b(kept|clean|reserved?|set aside|put by|fresh)\b/i;

/**
 * Which part of its mixtures a step takes: as it says; else, once something has soaked in them, as its
 * label does, or what one of them keeps clean. Undefined where there is only the whole.
 */
export function partTaken(
  dish: Pick<Dish, 'mixtures' | 'steps'>,
  step: Pick<Step, 'id' | 'part' | 'label' | 'mixtures'>,
): PartTaken | undefined {
  if (step.part) return step.part;
  const taken = dish.mixtures.filter(({ id }) => step.mixtures?.includes(id));
  const soaked = taken.some(({ id }) => soaksBefore(dish, step.id, id));
  if (!soaked) return undefined;
  if (USED.test(step.label) && !KEPT.test(step.label)) return 'used';
  return taken.some(({ reserve }) => reserve) ? 'reserve' : undefined;
}

/** A step that it follows, near or far, lets something lie in a mixture. */
function soaksBefore({ steps }: Pick<Dish, 'steps'>, id: string, mixture: string): boolean {
  const seen = new Set<string>();
  const visit = (one: string): boolean => {
    if (seen.has(one)) return false;
    seen.add(one);
    const step = steps.find((other) => other.id === one);
    return step?.after.some((gap) => liesIn(steps, gap.step, mixture) || visit(gap.step)) ?? false;
  };
  return visit(id);
}

function liesIn(steps: readonly Step[], id: string, mixture: string): boolean {
  const step = steps.find((one) => one.id === id);
  if (!step) return false;
  const { time, verb, mixtures } = step;
  const soaks = verb === 'marinate' || verb === 'brine';
  return (
    (time.kind === 'soak' && time.mixture === mixture) ||
    (soaks && (mixtures?.includes(mixture) ?? false))
  );
}
