import { readFileSync } from 'node:fs';
import { epochMinOfIso, horizonProblem, MealError, parseMeal, type Meal } from '@zemrin/core';

/** What a command has to say, in both forms, and how it ends. */
export interface Outcome {
  readonly json: unknown;
  readonly text: string;
  readonly exit: 0 | 2 | 3;
}

/** Bad input: where, what is wrong, what to do. */
export class InputError extends Error {
  constructor(where: string, wrong: string, mend: string) {
    super(`${where}: ${wrong}. ${mend}`);
    this.name = 'InputError';
  }
}

/** The moment a command counts from: `--now`, or this machine's clock. */
export function nowOf(text: string | undefined, zone = 'UTC'): number {
  return text === undefined ? Math.floor(Date.now() / 60_000) : instantOf(text, zone, '--now');
}

/** An ISO moment from an option; a time without offset is taken in the zone given. */
export function instantOf(text: string, zone: string, option: string): number {
  try {
    return epochMinOfIso(text, zone);
  } catch {
    throw new InputError(
      option,
      `“${text}” is not a moment`,
      'Write it as “2026-11-28T19:00:00+01:00”.',
    );
  }
}

/** Reads and checks a meal file. @throws InputError, MealError (with the file's name) */
export function readMeal(file: string, nowMin: number): Meal {
  return readWith(file, (text) => parseMeal(text, nowMin));
}

/** A meal that can be planned from now on. @throws MealError where its date is years away */
export function withinHorizon(meal: Meal, nowMin: number, file: string): Meal {
  const problem = horizonProblem(meal, nowMin);
  if (problem) throw new MealError([problem]).in(file);
  return meal;
}

/** What stands for standard input in place of a file's name. */
const STANDARD_INPUT = '-';

/** What came on standard input: it can be read once, and is asked for again with another moment. */
let standardInput: string | undefined;

function textOf(file: string): string {
  if (file !== STANDARD_INPUT) return readFileSync(file, 'utf8');
  standardInput ??= readFileSync(0, 'utf8');
  return standardInput;
}

/** Reads a file by what understands it. @throws InputError, MealError (with the file's name) */
export function readWith<T>(file: string, parse: (text: string) => T): T {
  let text: string;
  try {
    text = textOf(file);
  } catch (error) {
    const why = error instanceof Error && 'code' in error ? String(error.code) : 'unreadable';
    throw new InputError(file, `cannot be read (${why})`, 'Check the name and try again.');
  }
  try {
    return parse(text);
  } catch (error) {
    throw error instanceof MealError ? error.in(file) : error;
  }
}
