import { CUTS } from '../pantry/index.ts';
import type { Meat } from './parts.ts';

/** A cut as the food of a pattern: what an adult eats of it, or a share of that. */
export function meatOf(cut: string, share = 1): Meat {
  const found = CUTS.get(cut);
  if (!found) throw new RangeError(`no cut “${cut}”`);
  const { low, high } = found.rawPerAdultG;
  return { cut, name: found.name, rawG: Math.round((share * (low + high)) / 20) * 10 };
}
