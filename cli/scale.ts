import {
  batchOf,
  mannerOf,
  massOf,
  parseQuantity,
  scaleJson,
  say,
  showMinutes,
  showVolume,
  showWeight,
  type NotedBatch,
  type Meal,
} from '@zemrin/core';
import { InputError, nowOf, readMeal, type Outcome } from './io.ts';
import type { Options } from './options.ts';

/** `scale MEAL --dish D --mixture M [--weight 1.7kg]`. */
export function scaleCommand(file: string, options: Options): Outcome {
  const meal = readMeal(file, nowOf(options.now));
  const dish = meal.dishes.find((d) => d.id === options.dish || d.name === options.dish);
  if (!dish) {
    const known = meal.dishes.map((d) => d.id).join(', ');
    throw new InputError(
      '--dish',
      `“${options.dish ?? ''}” is not on this meal`,
      `Name one of: ${known}.`,
    );
  }
  const mixture = dish.mixtures.find((m) => m.id === options.mixture || m.name === options.mixture);
  if (!mixture) {
    const known = dish.mixtures.map((m) => m.id).join(', ') || 'it has none';
    throw new InputError(
      '--mixture',
      `“${options.mixture ?? ''}” is not in ${dish.name}`,
      `Name one of: ${known}.`,
    );
  }
  const batch = batchOf(meal, dish, mixture, weightOf(options.weight));
  return {
    json: scaleJson(batch, mannerOf(meal)),
    text: batchText(mixture.name, batch, meal),
    exit: 0,
  };
}

function weightOf(text: string | undefined): number | undefined {
  if (text === undefined) return undefined;
  const weightG = massOf(parseQuantity(text));
  if (weightG > 0) return weightG;
  throw new InputError(
    '--weight',
    `“${text}” weighs nothing`,
    'Write what the scale says, as in “1.7kg”.',
  );
}

function batchText(name: string, batch: NotedBatch, meal: Meal): string {
  const manner = mannerOf(meal);
  const { totals, reserve, window } = batch;
  const lines = [
    `${name}${batch.batchG > 0 ? ` for ${showWeight(batch.batchG, manner.units)}` : ''}: × ${batch.factor.toFixed(2)}`,
  ];
  for (const line of batch.lines) {
    const off = `${line.measureErrorPct >= 0 ? '+' : ''}${line.measureErrorPct.toFixed(1)} %`;
    lines.push(
      `  ${line.measure.padEnd(20)} ${line.name.padEnd(26)} ${showWeight(line.grams).padStart(8)}  ${off}`,
    );
  }
  lines.push(`In all ${showWeight(totals.grams)}, ${showVolume(totals.ml)}.`);
  for (const variant of batch.variants) {
    const stirred = variant.lines.map((line) => `${line.measure} ${line.name}`).join(', ');
    lines.push(
      `${variant.name}, ${showWeight(variant.foodG)} of food: take out ${showWeight(variant.takeG)} after line ${batch.commonCount}${stirred ? `, stir in ${stirred}` : ''}.`,
    );
  }
  if (reserve) lines.push(`Keep clean first: ${showVolume(reserve.ml)}, ${reserve.purpose}.`);
  if (window) {
    lines.push(
      `Least ${showMinutes(window.leastMin)}, best ${showMinutes(window.bestMin)}, longest ${showMinutes(window.longestMin)}. ${say(window.limitedBy, manner)}`,
    );
  }
  lines.push(...batch.notes.map((note) => say(note, manner)));
  lines.push(...batch.warnings.map((warning) => `! ${say(warning, manner)}`));
  return lines.join('\n');
}
