import type { z } from 'zod';
import type { MealProblem } from './problem.ts';

/** What is wrong in a file, each with its place and what to do. */
export class MealError extends Error {
  constructor(readonly problems: readonly MealProblem[]) {
    super(problems.map((p) => `${p.path || 'the file'}: ${p.wrong}. ${p.mend}`).join('\n'));
    this.name = 'MealError';
  }

  /** The same, with the name of the file before each place. */
  in(file: string): MealError {
    return new MealError(
      this.problems.map((problem) => ({
        ...problem,
        path: problem.path === '' ? file : `${file}: ${problem.path}`,
      })),
    );
  }
}

/** JSON, or what is wrong with it. @throws MealError */
export function readJson(text: string): unknown {
  try {
    // Some editors put a mark of their own before the first sign.
    return JSON.parse(text.replace(/^\uFEFF/, '')) as unknown;
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

type Issue = z.core.$ZodIssue;

/** An issue of the schema in the cook's words. */
export function problemsOf(issue: Issue): MealProblem[] {
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
