import { EXPORT_FORMATS, exportFormat, plan, TABLES } from '@zemrin/core';
import { InputError, nowOf, readMeal, withinHorizon, type Outcome } from './io.ts';
import type { Options } from './options.ts';

/** `export MEAL --to FORMAT`: the plan, a list, the page, or the dishes as recipes. */
export function exportCommand(file: string, options: Options): Outcome {
  const to = options.to ?? '';
  const format = exportFormat(to);
  if (!format) {
    const known = EXPORT_FORMATS.map(({ id }) => id);
    const written = `${known.slice(0, -1).join(', ')} or ${known.at(-1) ?? ''}`;
    throw new InputError('--to', `“${to}” is no format`, `Write ${written}.`);
  }
  const list = TABLES.find((name) => name === (options.list ?? 'run'));
  if (!list) {
    throw new InputError(
      '--list',
      `“${options.list ?? ''}” is no list`,
      `Write ${TABLES.join(', ')}.`,
    );
  }
  const nowMin = nowOf(options.now);
  const meal = withinHorizon(readMeal(file, nowMin), nowMin, file);
  const made = plan(meal, meal.kitchen, nowMin, { rescues: false });
  const text = format.write({ meal, plan: made, nowMin, list });
  return {
    json: { to, text },
    text: text.replace(/\r?\n$/, ''),
    exit: made.status === 'cannot' ? 3 : 0,
  };
}
