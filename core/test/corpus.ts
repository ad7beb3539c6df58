import { readdirSync, readFileSync } from 'node:fs';
import { recipeJson, type OutlineStep } from '../formats/index.ts';
import { readRecipe } from '../reader/index.ts';

/** Recipes in many styles, each with the chain a cook would write down beside it. */
export interface CorpusText {
  readonly name: string;
  readonly text: string;
  readonly chain: readonly OutlineStep[];
  readonly ingredients: ReadonlyArray<{ name: string; amount: number; unit: 'g' | 'ml' | 'count' }>;
  readonly unread: readonly string[];
}

const FOLDER = new URL('./recipes/', import.meta.url);

export function corpus(): CorpusText[] {
  return readdirSync(FOLDER)
    .sort()
    .flatMap((file) =>
      readFileSync(new URL(file, FOLDER), 'utf8')
        .split(/^#### /m)
        .slice(1)
        .map(textOf),
    );
}

function textOf(part: string): CorpusText {
  const [head = '', expected = ''] = part.split(/^----$/m);
  const [name = '', ...text] = head.split('\n');
  const lines = expected.split('\n').filter((line) => line.trim() !== '');
  return {
    name,
    text: text.join('\n').trim(),
    chain: lines.filter((line) => /^[a-z]/.test(line)).map(stepOf),
    ingredients: lines.flatMap((line) => {
      const match = /^\+ (.+) ([\d.]+) (g|ml|count)$/.exec(line);
      const [, called = '', amount = '', unit = 'g'] = match ?? [];
      return match
        ? [{ name: called, amount: Number(amount), unit: unit as 'g' | 'ml' | 'count' }]
        : [];
    }),
    unread: lines.flatMap((line) => (line.startsWith('? ') ? [line.slice(2)] : [])),
  };
}

/** "roast 240 270 300 at 150 to 90 every 30 in oven". */
function stepOf(line: string): OutlineStep {
  const [verb = '', ...words] = line.split(' ');
  const after = (word: string) => {
    const at = words.indexOf(word);
    return at === -1 ? undefined : words[at + 1];
  };
  const last = words.findIndex((word) => !/^\d+$/.test(word));
  const numbers = words.slice(0, last === -1 ? words.length : last).map(Number);
  const value = (word: string) => (after(word) === undefined ? undefined : Number(after(word)));
  return {
    verb: verb as OutlineStep['verb'],
    leastMin: numbers[0],
    likelyMin: numbers[1],
    mostMin: numbers[2],
    tempC: value('at'),
    untilC: value('to'),
    tendEveryMin: value('every'),
    place: after('in'),
  };
}

export interface Score {
  right: number;
  of: number;
}
export const FIELDS = [
  'verbs',
  'times',
  'heat',
  'core',
  'tending',
  'place',
  'amounts',
  'unread',
] as const;
export type Field = (typeof FIELDS)[number];

/** How much of a text is read as expected, field by field, and what is not. */
export function scoreOf(one: CorpusText): { scores: Record<Field, Score>; misses: string[] } {
  const json = recipeJson(readRecipe(one.text));
  const scores = Object.fromEntries(FIELDS.map((field) => [field, { right: 0, of: 0 }])) as Record<
    Field,
    Score
  >;
  const misses: string[] = [];
  const count = (field: Field, right: boolean, miss: string) => {
    scores[field].of += 1;
    if (right) scores[field].right += 1;
    else misses.push(`${one.name}: ${miss}`);
  };
  const pairs = aligned(one.chain, json.outline);
  const extra = json.outline.length - pairs.filter(([, found]) => found !== undefined).length;
  for (let i = 0; i < extra; i++)
    count('verbs', false, `a step too many in ${json.outline.map(({ verb }) => verb).join(' ')}`);
  for (const [want, found] of pairs) {
    count(
      'verbs',
      found !== undefined,
      `no “${want.verb}” in ${json.outline.map(({ verb }) => verb).join(' ')}`,
    );
    if (!found) continue;
    for (const key of ['leastMin', 'likelyMin', 'mostMin'] as const) {
      if (want[key] !== undefined)
        count(
          'times',
          near(want[key], found[key]),
          `${want.verb} ${key} ${want[key]}, read ${found[key]}`,
        );
    }
    if (want.tempC !== undefined)
      count(
        'heat',
        near(want.tempC, found.tempC),
        `${want.verb} at ${want.tempC}, read ${found.tempC}`,
      );
    if (want.untilC !== undefined)
      count(
        'core',
        near(want.untilC, found.untilC),
        `${want.verb} to ${want.untilC}, read ${found.untilC}`,
      );
    if (want.tendEveryMin !== undefined)
      count(
        'tending',
        near(want.tendEveryMin, found.tendEveryMin),
        `${want.verb} every ${want.tendEveryMin}, read ${found.tendEveryMin}`,
      );
    if (want.place !== undefined)
      count(
        'place',
        want.place === found.place,
        `${want.verb} in ${want.place}, read ${found.place}`,
      );
  }
  for (const { name, amount, unit } of one.ingredients) {
    const found = json.ingredients.find((read) => read.name.toLowerCase() === name.toLowerCase());
    const value = unit === 'g' ? found?.grams : unit === 'ml' ? found?.ml : found?.count;
    count(
      'amounts',
      found !== undefined && near(amount, value),
      `${name} ${amount} ${unit}, read ${value} of ${json.ingredients.map((i) => i.name).join(', ')}`,
    );
  }
  const lost = one.unread.filter((line) => !json.unread.includes(line));
  count(
    'unread',
    lost.length === 0 && json.unread.length === one.unread.length,
    `unread ${JSON.stringify(json.unread)}`,
  );
  return { scores, misses };
}

function near(want: number | undefined, found: number | undefined): boolean {
  return (
    want !== undefined &&
    found !== undefined &&
    Math.abs(found - want) <= Math.max(0.6, 0.03 * want)
  );
}

/** Each expected step with the one it was read as: by the longest common order of verbs. */
function aligned(
  want: readonly OutlineStep[],
  found: readonly OutlineStep[],
): Array<readonly [OutlineStep, OutlineStep | undefined]> {
  const best = Array.from({ length: want.length + 1 }, () =>
    new Array<number>(found.length + 1).fill(0),
  );
  const at = (i: number, j: number) => best[i]?.[j] ?? 0;
  for (let i = want.length - 1; i >= 0; i--) {
    for (let j = found.length - 1; j >= 0; j--) {
      const row = best[i];
      if (row)
        row[j] =
          want[i]?.verb === found[j]?.verb
            ? 1 + at(i + 1, j + 1)
            : Math.max(at(i + 1, j), at(i, j + 1));
    }
  }
  const pairs: Array<readonly [OutlineStep, OutlineStep | undefined]> = [];
  let j = 0;
  want.forEach((step, i) => {
    let k = j;
    while (
      k < found.length &&
      !(found[k]?.verb === step.verb && at(i, k) === 1 + at(i + 1, k + 1) && at(i, k) === at(i, j))
    )
      k += 1;
    const match = found[k];
    pairs.push([step, match]);
    if (match) j = k + 1;
  });
  return pairs;
}
