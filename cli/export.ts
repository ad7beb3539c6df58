import {
  mealLd,
  mealMarkdown,
  plan,
  planCalendar,
  tableCsv,
  TABLES,
  type Meal,
  type Plan,
  type TableName,
} from '@zemrin/core';
import { InputError, nowOf, readMeal, type Outcome } from './io.ts';
import type { Options } from './options.ts';

const FORMATS: Readonly<
  Record<string, (meal: Meal, made: Plan, nowMin: number, list: TableName) => string>
> = {
  ics: (meal, made, nowMin) => planCalendar(meal, made, nowMin),
  csv: (meal, made, _nowMin, list) => tableCsv(list, meal, made),
  md: (meal, made) => mealMarkdown(meal, made),
  jsonld: (meal) => `${JSON.stringify(mealLd(meal), null, 2)}\n`,
};

/** `export MEAL --to ics|csv|md|jsonld`: the plan, a list, the page, or the dishes as recipes. */
export function exportCommand(file: string, options: Options): Outcome {
  const to = options.to ?? '';
  const write = FORMATS[to];
  if (!write) {
    throw new InputError('--to', `“${to}” is no format`, 'Write ics, csv, md or jsonld.');
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
  const meal = readMeal(file, nowMin);
  const made = plan(meal, meal.kitchen, nowMin, { rescues: false });
  const text = write(meal, made, nowMin, list);
  return {
    json: { to, text },
    text: text.replace(/\r?\n$/, ''),
    exit: made.status === 'cannot' ? 3 : 0,
  };
}
