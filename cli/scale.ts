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
  const lines = [headerOf(name, batch, meal)];
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
  if (reserve)
    lines.push(`Keep clean first: ${reserve.measure}, ${amountOf(reserve)}, ${reserve.purpose}.`);
  if (reserve || batch.split.length > 1)
    for (const part of batch.split)
      lines.push(
        `On ${part.name}, ${showWeight(part.weightG)}: ${part.measure}, ${amountOf(part)}.`,
      );
  if (window) {
    lines.push(
      `Least ${showMinutes(window.leastMin)}, best ${showMinutes(window.bestMin)}, longest ${showMinutes(window.longestMin)}. ${say(window.limitedBy, manner)}`,
    );
  }
  lines.push(...batch.notes.map((note) => say(note, manner)));
  lines.push(...batch.warnings.map((warning) => `! ${say(warning, manner)}`));
  return lines.join('\n');
}

/** What it is mixed for, and by how much more than the recipe says. */
function headerOf(name: string, batch: NotedBatch, { kitchen }: Meal): string {
  const weight = (grams: number) => showWeight(grams, kitchen.units);
  const apartG = batch.allG - batch.batchG;
  const apart = apartG > 0 ? ` and ${weight(apartG)} apart` : '';
  const food = batch.allG > 0 ? ` for ${weight(batch.batchG)}${apart} of food` : '';
  const recipe = batch.baselineG === undefined ? '' : ` for ${weight(batch.baselineG)}`;
  return `${name}${food}: the recipe${recipe} × ${batch.factor.toFixed(2)}`;
}

function amountOf({ grams, ml }: { readonly grams: number; readonly ml: number }): string {
  return `${showVolume(ml)} (${showWeight(grams)})`;
}
