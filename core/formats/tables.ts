import Papa from 'papaparse';
import { runSheet, shoppingList, weighingList, type RunRow } from '../lists/index.ts';
import type { Meal } from '../meal/index.ts';
import type { Plan } from '../plan/index.ts';
import { showMinutes, showTemperature, showWeight } from '../quantity/index.ts';
import { dayLong, isoOf, showTime, wallClock } from '../time/index.ts';
import { say, type Manner } from '../words/index.ts';
import { mannerOf } from './plan-json.ts';

/** The lists of a meal as CSV: one table after another name, each with its head. */
export const TABLES = ['run', 'shopping', 'weighing'] as const;
export type TableName = (typeof TABLES)[number];

/** What a spreadsheet would take as a formula. */
const FORMULA = /^[=+\-@\t\r]/;

/** A list as CSV (RFC 4180), with its column names first. */
export function tableCsv(name: TableName, meal: Meal, plan: Plan): string {
  return `${Papa.unparse(rowsOf(name, meal, plan), { newline: '\r\n', escapeFormulae: FORMULA })}\r\n`;
}

function rowsOf(name: TableName, meal: Meal, plan: Plan): Array<Record<string, string>> {
  const iso = (min: number) => isoOf(min, plan.zone);
  const manner = mannerOf(meal, plan.servingMin);
  switch (name) {
    case 'run':
      return runSheet(meal, plan).rows.map((row) => ({
        at: iso(row.atMin),
        end: iso(row.endMin),
        dish: row.dish,
        what: row.what,
        hands: row.hands ? 'yes' : '',
        who: row.who ?? '',
        place: row.place ?? '',
        tempC: row.tempC === undefined ? '' : String(row.tempC),
        untilC: row.untilC === undefined ? '' : String(row.untilC),
        mind: [...row.stops, ...row.minds].map((message) => say(message, manner)).join(' '),
      }));
    case 'shopping':
      return shoppingList(meal, plan).flatMap(({ date, sections }) =>
        sections.flatMap(({ section, items }) =>
          items.map((item) => ({
            day: date,
            section,
            item: item.name,
            buy: item.buy,
            grams: String(Math.round(item.grams)),
            for: item.dishes.join('; '),
            atHome: item.atHome ? 'yes' : '',
          })),
        ),
      );
    case 'weighing':
      return weighingList(meal, plan).flatMap((session) =>
        session.steps.map((step) => ({
          at: session.atMin === undefined ? '' : iso(session.atMin),
          mixture: session.name,
          dish: session.dish,
          item: step.name,
          grams: step.open ? '' : String(Math.round(step.grams * 10) / 10),
          measure: step.measure ?? '',
          note: step.note ?? '',
        })),
      );
  }
}

/** The run sheet, the shopping and the weighing of a meal as one Markdown page. */
export function mealMarkdown(meal: Meal, plan: Plan): string {
  const manner = mannerOf(meal, plan.servingMin);
  const { zone } = plan;
  const at = wallClock(plan.servingMin, zone);
  const time = (min: number) => showTime(min, zone, meal.kitchen.clock, plan.servingMin);
  const sheet = runSheet(meal, plan);
  const heads = meal.eaters.reduce((sum, { count }) => sum + count, 0);
  return [
    `# ${md(meal.title)}`,
    '',
    `${dayLong(at.weekday)} ${at.date}, ${time(plan.servingMin)}, for ${heads}.`,
    '',
    ...meal.dishes.map(
      (dish) => `- ${md(dish.name)}${dish.note === undefined ? '' : `: ${md(dish.note)}`}`,
    ),
    '',
    '## By time',
    '',
    ...sheet.stops.map((message) => `**${md(say(message, manner))}**\n`),
    ...sheet.rows.map((row) => runLine(row, time, manner)),
    '',
    '## Allergens',
    '',
    ...sheet.allergens.flatMap(({ dish, plates }) =>
      plates.map(
        ({ variant, holds }) =>
          `- ${md(dish)}${variant === undefined ? '' : `, ${md(variant)}`}: ${holds.length === 0 ? 'none of those watched' : holds.join(', ')}`,
      ),
    ),
    '',
    '## Shopping',
    ...shoppingList(meal, plan).flatMap(({ atMin, sections }) => [
      '',
      `### By ${time(atMin)}`,
      ...sections.flatMap(({ section, items }) => [
        '',
        `${section}:`,
        '',
        ...items.map((item) => `- [${item.atHome ? 'x' : ' '}] ${md(item.name)}: ${item.buy}`),
      ]),
    ]),
    '',
    '## Fetch and weigh',
    ...weighingList(meal, plan).flatMap(({ name, dish, atMin, steps, reserve }) => [
      '',
      `### ${md(name)} (${md(dish)})${atMin === undefined ? '' : `, ${time(atMin)}`}`,
      '',
      ...steps.map(
        (step) =>
          `- ${md(step.name)}: ${step.open ? 'to taste' : showWeight(Math.abs(step.grams), meal.kitchen.units)}${step.measure ? ` (${step.measure})` : ''}${step.takesOut ? ', taken out' : ''}`,
      ),
      ...(reserve ? [`- set aside ${Math.round(reserve.ml)} ml: ${md(reserve.purpose)}`] : []),
    ]),
    '',
  ].join('\n');
}

function runLine(row: RunRow, time: (min: number) => string, manner: Manner): string {
  const facts = [
    row.tempC === undefined ? undefined : showTemperature(row.tempC, manner.units),
    row.untilC === undefined
      ? undefined
      : `until ${showTemperature(row.untilC, manner.units)} inside`,
    row.endMin > row.atMin ? showMinutes(row.endMin - row.atMin) : undefined,
  ].filter((fact) => fact !== undefined);
  const minds = [...row.stops, ...row.minds].map((message) => md(say(message, manner)));
  return `- **${time(row.atMin)}** ${row.hands ? '(hands) ' : ''}${md(row.what)} (${md(row.dish)}${facts.length > 0 ? `; ${facts.join(', ')}` : ''})${minds.map((text) => `\n  - ${text}`).join('')}`;
}

/** A cook's words with what Markdown would take as its own made plain. */
function md(text: string): string {
  return text.replace(/([\\`*_[\]<>#|])/g, '\\$1');
}
