import type { Waves } from '../places/index.ts';
import type { Cells } from './cells.ts';

/**
 * What waves leave in each cell of a food, W/kg, from the core outward: they fall off from the
 * surface by Lambert’s law, and all of it together is what the food takes up. In what is thinner than
 * they reach they warm the middle as well as the edge.
 */
export function absorbedIn(
  { volume, dx, whole }: Cells,
  { absorbedW, depthM }: Waves,
  weightG: number,
): Float64Array {
  const last = volume.length - 0.5;
  const fallen = volume.map((_one, i) => Math.exp((-(last - i) * dx) / depthM));
  const mean = fallen.reduce((sum, one, i) => sum + one * (volume[i] ?? 0), 0) / whole;
  const wattsPerKg = absorbedW / (weightG / 1000);
  return fallen.map((one) => (wattsPerKg * one) / mean);
}
