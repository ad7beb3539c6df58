import { writeFileSync } from 'node:fs';
import {
  asPlanned,
  plan,
  rehearsalJson,
  rehearse,
  runDocument,
  TROUBLES,
  type Trouble,
} from '@zemrin/core';
import { InputError, nowOf, readMeal, withinHorizon, type Outcome } from './io.ts';
import type { Options } from './options.ts';

/** A run begins so long before its first job. */
const BEFORE_FIRST_MIN = 5;

/**
 * `rehearse MEAL`: the whole meal cooked from its first job, the cook doing what is said, in a
 * kitchen nobody knows. `--speed` is taken and changes nothing: without a screen nobody waits.
 */
export function rehearseCommand(file: string, options: Options): Outcome {
  const nowMin = nowOf(options.now);
  const meal = withinHorizon(readMeal(file, nowMin), nowMin, file);
  const seed = numberOf('--seed', options.seed) ?? 1;
  numberOf('--speed', options.speed);
  const first = plan(meal, meal.kitchen, nowMin, { rescues: false });
  const fromMin = Math.max(nowMin, (first.firstJobMin ?? nowMin) - BEFORE_FIRST_MIN);
  const troubles = troublesOf(options.trouble);
  const rehearsal = rehearse(asPlanned(meal, first), { nowMin: fromMin, seed, troubles });
  if (options.save !== undefined) {
    writeFileSync(options.save, `${JSON.stringify(runDocument(rehearsal.run), null, 2)}\n`);
  }
  const json = rehearsalJson(rehearsal);
  const text = [
    json.servedAt === null
      ? `Given up; the table was set for ${json.wantedAt}.`
      : `Served at ${json.servedAt}; the table was set for ${json.wantedAt}.`,
    `${json.events} events, planned anew with moves ${json.moved} times.`,
    ...json.stops.map((stop) => `! ${stop.text}`),
    ...json.compromises.map((one) => `  ${one.text}`),
    ...json.onTimeToldAt.map(({ at, onTime }) => `  ${at}  ${Math.round(100 * onTime)} in 100`),
  ].join('\n');
  const good = json.servedAt !== null && json.stops.length === 0;
  return { json, text, exit: good ? 0 : 3 };
}

function numberOf(option: string, text: string | undefined): number | undefined {
  if (text === undefined) return undefined;
  const value = Number(text);
  if (Number.isFinite(value) && text.trim() !== '') return value;
  throw new InputError(option, `“${text}” is no number`, `Write it like “${option} 7”.`);
}

function troublesOf(text = ''): Trouble[] {
  const names = text.split(',').filter((name) => name !== '');
  return names.map((name) => {
    const known = TROUBLES.find((one) => one === name);
    if (known) return known;
    throw new InputError('--trouble', `“${name}” is none`, `There are: ${TROUBLES.join(', ')}.`);
  });
}
