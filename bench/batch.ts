import { readFileSync } from 'node:fs';
import { batchOf, epochMinOf, mealOf } from '@zemrin/core';
import { medianMs, told, type Line } from './measure.ts';

/** Scaling every mixture of the example supper. */
export function batchBench(): Line[] {
  const file = new URL('../demo/first-frost-supper.json', import.meta.url);
  const meal = mealOf(
    JSON.parse(readFileSync(file, 'utf8')),
    epochMinOf('2026-11-25T08:00', 'Europe/Paris'),
  );
  const all = meal.dishes.flatMap((dish) => dish.mixtures.map((mixture) => ({ dish, mixture })));
  const each = medianMs(() => all.forEach(({ dish, mixture }) => batchOf(meal, dish, mixture)));
  return [told('batch', `all ${all.length} mixtures of the supper scaled`, each, 'ms')];
}
