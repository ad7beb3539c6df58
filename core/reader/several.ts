import { recipesIn } from './json-ld.ts';
import { INGREDIENTS, sectionsOf, YIELD } from './sections.ts';

const SEPARATOR = /^\s*(?:-{3,}|={3,}|\*{3,}|_{3,}|~{3,})\s*$/u;
const TITLE = /^#{1,2}\s+\S/u;
const LEAST_INGREDIENTS = 2;

/**
 * The texts of the recipes in a paste, one each: the recipes of a JSON-LD document, or parts of a
 * plain text that each list what goes in and say what is done. Any other paste is one.
 */
export function recipeTexts(input: string): string[] {
  const text = input.replace(/\r\n?/g, '\n');
  if (/^\s*[{[]/.test(text)) return ofJson(text);
  if (/^\s*</.test(text)) return [input];
  const lines = text.split('\n');
  for (const cuts of [separators(lines), titles(lines), lists(lines)]) {
    const parts = whole(lines, cuts);
    if (parts.length > 1) return parts;
  }
  return [input];
}

function ofJson(text: string): string[] {
  try {
    const found = recipesIn(JSON.parse(text));
    return found.length > 1 ? found.map((one) => JSON.stringify(one)) : [text];
  } catch {
    return [text];
  }
}

const separators = (lines: readonly string[]) => indices(lines, (line) => SEPARATOR.test(line));
const titles = (lines: readonly string[]) => indices(lines, (line) => TITLE.test(line));

/** Where a title stands above a list of ingredients. */
function lists(lines: readonly string[]): number[] {
  return indices(lines, (line) => INGREDIENTS.test(line.replace(/^[#*\s]+|[*\s]+$/gu, ''))).map(
    (at) => {
      let from = at;
      // The block above it, or the next one up where that only says how many it feeds.
      for (let blocks = 0; blocks < 2; blocks++) {
        let i = from - 1;
        while (i >= 0 && lines[i]?.trim() === '') i--;
        const end = i;
        while (i >= 0 && lines[i]?.trim() !== '') i--;
        if (end < 0 || end - i > MOST_ABOVE) break;
        from = i + 1;
        if (lines.slice(from, end + 1).some((line) => !YIELD.test(line.trim()))) break;
      }
      return from;
    },
  );
}

/** As many as one recipe has. */
const MOST_LINES = 400;
/** Lines a title, what it feeds and a word about it take. */
const MOST_ABOVE = 3;

function indices(lines: readonly string[], holds: (line: string) => boolean): number[] {
  return lines.flatMap((line, i) => (holds(line) ? [i] : []));
}

/** The parts between cuts, those that are no recipe with the one before. */
function whole(lines: readonly string[], cuts: readonly number[]): string[] {
  const bounds = [...new Set([0, ...cuts, lines.length])].sort((a, b) => a - b);
  const parts = bounds.slice(0, -1).map((from, i) => lines.slice(from, bounds[i + 1]));
  const kept: { readonly lines: string[]; complete: boolean }[] = [];
  for (const part of parts) {
    const bare = part.filter((line) => !SEPARATOR.test(line));
    const last = kept.at(-1);
    const complete = isRecipe(bare);
    if (last === undefined || (complete && last.complete)) kept.push({ lines: bare, complete });
    else {
      for (const line of ['', ...bare]) last.lines.push(line);
      // Of more parts than that nobody makes one recipe: it is not tried over and over.
      last.complete ||= complete || (last.lines.length < MOST_LINES && isRecipe(last.lines));
    }
  }
  return kept.map((part) => part.lines.join('\n'));
}

function isRecipe(lines: readonly string[]): boolean {
  const { ingredients, method } = sectionsOf(lines.join('\n'));
  return ingredients.length >= LEAST_INGREDIENTS && method.length > 0;
}
