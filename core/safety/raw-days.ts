import type { Animal } from '../pantry/index.ts';
import { CURED_DAYS, LONGEST_RAW_DAYS, MINCED_DAYS, OTHER_MEAT_DAYS } from './figures/index.ts';

const BY_ANIMAL: Partial<Readonly<Record<Animal, number>>> = LONGEST_RAW_DAYS;

/** Days a raw food keeps in the fridge, thawed or bought. Same sources. */
export function rawDays(food: {
  readonly animal: Animal;
  readonly minced: boolean;
  readonly cured: boolean;
}): number {
  const days = BY_ANIMAL[food.animal] ?? OTHER_MEAT_DAYS;
  if (food.minced) return Math.min(days, MINCED_DAYS);
  return food.cured && days === OTHER_MEAT_DAYS ? CURED_DAYS : days;
}

/** The strictest limit among the animals, and whose it is; undefined for no animals at all. */
export function longestRaw(
  animals: readonly Animal[],
): { readonly days: number; readonly animal: Animal } | undefined {
  return animals
    .filter((animal) => animal !== 'none')
    .map((animal) => ({ animal, days: BY_ANIMAL[animal] ?? OTHER_MEAT_DAYS }))
    .reduce<{ days: number; animal: Animal } | undefined>(
      (strictest, one) => (strictest && strictest.days <= one.days ? strictest : one),
      undefined,
    );
}
