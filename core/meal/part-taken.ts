import type { Dish, Step } from './schema.ts';

/** Which part of its mixtures a step takes: what was kept clean, or what has been on the food. */
export type PartTaken = NonNullable<Step['part']>;

const USED =
  /\b(used|(has |have |had )?(lay|lain|been|soaked|sat|marinated) (in|on)|what is left of|left in the (bag|bowl|dish|tub)|from the (bag|bowl|tub))\b/i;

/**
 * Which part of its mixtures a step takes: as it says; else as its label does; else, where one of them
 * keeps a part clean, that. Undefined where there is only the whole.
 */
export function partTaken(
  { mixtures }: Pick<Dish, 'mixtures'>,
  step: Pick<Step, 'part' | 'label' | 'mixtures' | 'time'>,
): PartTaken | undefined {
  if (step.part) return step.part;
  if (step.time.kind === 'soak') return undefined;
  const taken = mixtures.filter(({ id }) => step.mixtures?.includes(id));
  if (USED.test(step.label)) return 'used';
  return taken.some(({ reserve }) => reserve) ? 'reserve' : undefined;
}
