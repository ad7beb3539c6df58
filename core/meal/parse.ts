import type { z } from 'zod';
import { epochMinOf, nextWeekday } from '../time/index.ts';
import { MEAL_VERSION, MealSchema, type Meal, type MealFile } from './schema.ts';
import type { MealProblem } from './problem.ts';
import { checkReferences } from './references.ts';

export class MealError extends Error {
  constructor(readonly problems: readonly MealProblem[]) {
    super(problems.map((p) => `${p.path || 'the file'}: ${p.wrong}. ${p.mend}`).join('\n'));
    this.name = 'MealError';
  }
}

/**
 * Reads the text of a meal file.
 *
 * @param text JSON
 * @param nowMin epoch minutes; a serving time given as "next Saturday" is counted from it
 * @throws MealError with every problem found, each with its path
 */
export function parseMeal(text: string, nowMin: number): Meal {
  return mealOf(readJson(text), nowMin);
}

/** As parseMeal, for a document that is already JSON. */
export function mealOf(json: unknown, nowMin: number): Meal {
  checkHeader(json);
  const parsed = MealSchema.safeParse(json);
  if (!parsed.success) throw new MealError(parsed.error.issues.flatMap(problemsOf));
  const problems = checkReferences(parsed.data);
  if (problems.length > 0) throw new MealError(problems);
  return fixServing(parsed.data, nowMin);
}

/** The text of a meal file: stable order, two spaces, a newline at the end. */
export function printMeal(meal: Meal): string {
  return `${JSON.stringify(meal, null, 2)}\n`;
}

function readJson(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch (error) {
    const where = error instanceof Error ? error.message : '';
    throw new MealError([
      {
        path: '',
        wrong: `is not JSON (${where})`,
        mend: 'Take a file that Zemrin exported, or mend it with a text editor',
      },
    ]);
  }
}

function checkHeader(json: unknown): void {
  const header = (json ?? {}) as { zemrin?: unknown; version?: unknown };
  if (typeof json !== 'object' || header.zemrin !== 'meal') {
    throw new MealError([
      {
        path: 'zemrin',
        wrong: 'is not “meal”, so this is not a Zemrin meal',
        mend: 'Choose a file that Zemrin exported',
      },
    ]);
  }
  if (typeof header.version === 'number' && header.version > MEAL_VERSION) {
    throw new MealError([
      {
        path: 'version',
        wrong: `is ${header.version}, and this Zemrin reads up to ${MEAL_VERSION}`,
        mend: 'Open it with a newer Zemrin; nothing in it was changed',
      },
    ]);
  }
}

function fixServing(file: MealFile, nowMin: number): Meal {
  const { at, zone } = file.serving;
  const fixed =
    typeof at === 'string' ? at : nextWeekday(at.nextWeekday, at.time, at.leadDays, nowMin, zone);
  return { ...file, serving: { ...file.serving, at: fixed, zone } };
}

/** The serving time in epoch minutes. */
export function servingMin(meal: Meal): number {
  return epochMinOf(meal.serving.at, meal.serving.zone);
}

type Issue = z.core.$ZodIssue;

function problemsOf(issue: Issue): MealProblem[] {
  const path = pathText(issue.path);
  switch (issue.code) {
    case 'invalid_type':
      return [
        issue.input === undefined && issue.message.includes('undefined')
          ? { path, wrong: 'is missing', mend: `Write ${article(issue.expected)} there` }
          : {
              path,
              wrong: `is not ${article(issue.expected)}`,
              mend: `Write ${article(issue.expected)} there`,
            },
      ];
    case 'invalid_value':
      return [
        {
          path,
          wrong: 'is a word Zemrin does not know',
          mend: `Write one of: ${issue.values.map(String).join(', ')}`,
        },
      ];
    case 'invalid_union':
      return unionProblems(issue, path);
    case 'too_small':
      return [{ path, wrong: 'is too small', mend: `It ${plain(issue.message)}` }];
    case 'too_big':
      return [{ path, wrong: 'is too large', mend: `It ${plain(issue.message)}` }];
    default:
      return [{ path, wrong: plain(issue.message).replace(/\.$/, ''), mend: 'Change it there' }];
  }
}

function unionProblems(issue: Issue & { code: 'invalid_union' }, path: string): MealProblem[] {
  const closest = [...issue.errors].sort((a, b) => a.length - b.length)[0];
  if (!closest || closest.length === 0) {
    return [
      {
        path:
          issue.path.length > 0 && 'discriminator' in issue
            ? `${path}.${String(issue.discriminator)}`
            : path,
        wrong: 'is not a kind Zemrin knows',
        mend: 'The command “schema” prints the kinds there are',
      },
    ];
  }
  // The same issue with its path counted from the top: still an issue, which spreading forgets.
  return closest.flatMap((inner) =>
    problemsOf({ ...inner, path: [...issue.path, ...inner.path] } as Issue),
  );
}

function plain(message: string): string {
  return message
    .replace(/^(Too small|Too big|Invalid input): /, '')
    .replace(/^expected/, 'must be');
}

function article(kind: string): string {
  return /^[aeiou]/.test(kind) ? `an ${kind}` : `a ${kind}`;
}

function pathText(path: readonly PropertyKey[]): string {
  return path
    .map((key, i) =>
      typeof key === 'number' ? `[${key}]` : i === 0 ? String(key) : `.${String(key)}`,
    )
    .join('');
}
