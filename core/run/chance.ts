import { randomOf } from '../solve/index.ts';

/** Standard normal numbers by a seed, the same on every machine (Box and Muller 1958). */
export function normalNumbers(seed: number): () => number {
  const random = randomOf(seed);
  return () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}
