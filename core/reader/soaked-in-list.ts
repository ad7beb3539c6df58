import type { Context, ReadAct } from './context.ts';
import type { ReadIngredient } from './ingredient-line.ts';
import { readMethodSentence } from './method-sentence.ts';
import type { ReadLine } from './read-line.ts';
import { spansIn } from './span.ts';

/** "400 g chickpeas, soaked overnight": how it lies, and for how long. */
const SOAKED =
  /(?<![a-zß-ɏ])(?:soaked|steeped|(?:puest[oa]s? )?(?:en|a) remojo|remojad[oa]s?|desalad[oa]s?)(?![a-zß-ɏ])/i;
/** "Since the evening before". */
const SINCE =
  /(?:desde )?(?:la )?(?:v[ií]spera|noche (?:antes|anterior))|(?:the |since the )?(?:night|evening|day) before/i;
/** The method says it itself. */
const IN_METHOD = /(?<![a-zß-ɏ])(?:soak|steep|remoj|desal)/i;

/**
 * The soaks that only the list of ingredients tells, each a step before all others; what lies in
 * water before the cook begins must be planned as well. Changes `acts`, and the lines they stand in.
 */
export function readListedSoaks(
  ingredients: readonly ReadIngredient[],
  method: readonly string[],
  context: Context,
  acts: ReadAct[],
  lines: ReadLine[],
): void {
  if (method.some((text) => IN_METHOD.test(text))) return;
  for (const [at, { line, name }] of ingredients.entries()) {
    const long = timeOf(line);
    const own = lines.findIndex(({ ingredient, text }) => ingredient === at && text === line);
    const told = lines[own];
    if (long === undefined || !told) continue;
    const first = acts.length;
    const sentence =
      context.language === 'es' ? `Poner en remojo ${name} ${long}.` : `Soak the ${name} ${long}.`;
    readMethodSentence(
      { sentence, line: -1 - at, at: -1, rather: false, listed: true, dayBefore: false },
      context,
      acts,
      [],
    );
    lines[own] = { ...told, acts: acts.slice(first).map((_act, i) => first + i) };
  }
}

/** A soak that only the list tells. */
export function isListedSoak({ verb, line }: ReadAct): boolean {
  return verb === 'soak' && line < 0;
}

/** How long a line says its food has lain in water, in words the method would use. */
function timeOf(line: string): string | undefined {
  const soaked = SOAKED.exec(line);
  if (!soaked) return undefined;
  const behind = line.slice(soaked.index + soaked[0].length);
  if (SINCE.test(behind)) return soaked[0].startsWith('s') ? 'overnight' : 'toda la noche';
  const [span] = spansIn(behind);
  return (
    span &&
    `${/^\d/.test(behind.slice(span.from)) ? forOf(soaked[0]) : ''}${behind.slice(span.from, span.to)}`
  );
}

const forOf = (soaked: string) => (/^s/i.test(soaked) ? 'for ' : 'durante ');
