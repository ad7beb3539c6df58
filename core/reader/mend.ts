import { FIRE_VERBS, type Verb } from '../terms/index.ts';
import { MINUTES_PER_DAY } from '../figures/index.ts';
import type { SpoonSystem } from '../quantity/index.ts';
import type { ReadAct } from './context.ts';
import { correctedIngredient } from './correct.ts';
import type { ReadIngredient } from './ingredient-line.ts';
import { degreesIn } from './degree.ts';
import type { ReadLine } from './read-line.ts';
import type { ReadRecipe } from './read.ts';
import { spansIn } from './span.ts';
import { LONGEST_MIN } from './surroundings.ts';

/** What a line that was not understood most likely means; a step by its index. */
export type ReadMend =
  /** A number in it belongs to the step before. */
  | { readonly kind: 'time'; readonly act: number; readonly verb: Verb; readonly minutes: number }
  | { readonly kind: 'heat'; readonly act: number; readonly verb: Verb; readonly tempC: number }
  | { readonly kind: 'core'; readonly act: number; readonly verb: Verb; readonly coreC: number }
  /** It is an ingredient. */
  | { readonly kind: 'ingredient'; readonly ingredient: ReadIngredient }
  /** It is a step of its own, after that one. */
  | {
      readonly kind: 'step';
      readonly after: number;
      readonly verb: Verb;
      readonly minutes?: number | undefined;
    };

/** The likely mend of a line; undefined for one that was understood, or that says nothing to do. */
export function likelyMend(
  recipe: ReadRecipe,
  at: number,
  spoons: SpoonSystem,
): ReadMend | undefined {
  const line = recipe.lines[at];
  if (!line || (line.part !== 'unread' && !line.lost)) return undefined;
  const ingredient = correctedIngredient(recipe, line.text, undefined, spoons);
  if (line.part === 'unread' && ingredient && isWeighed(ingredient)) {
    return { kind: 'ingredient', ingredient };
  }
  const own = line.acts.flatMap((i) => recipe.acts[i] ?? []);
  const before = lastActBy(recipe.lines, at);
  const last = recipe.acts[before];
  const minutes = unownedMin(line, own);
  const degree = unownedDegree(line, own, recipe.fahrenheit);
  if (last && degree?.sense === 'core' && last.untilC === undefined) {
    return { kind: 'core', act: before, verb: last.verb, coreC: degree.tempC };
  }
  if (last && degree?.sense === 'place' && last.tempC === undefined && isFire(last)) {
    return { kind: 'heat', act: before, verb: last.verb, tempC: degree.tempC };
  }
  const open = last && last.likelyMin === undefined && last.mostMin === undefined;
  if (open && minutes !== undefined && lasts(last, minutes)) {
    return { kind: 'time', act: before, verb: last.verb, minutes };
  }
  if (line.part !== 'unread' || !/\p{L}{3}/u.test(line.text)) return undefined;
  if (minutes !== undefined && minutes >= KEEPS_FROM_MIN) return undefined;
  const goesOn = last && minutes !== undefined && isFire(last) ? last.verb : undefined;
  // Nobody fries for nine hours, nor is that any rest.
  if (goesOn && (minutes ?? 0) > (LONGEST_MIN[goesOn] ?? Infinity)) return undefined;
  const waits = minutes !== undefined && minutes >= WAITS_FROM_MIN ? 'rest' : 'prepare';
  return { kind: 'step', after: before, verb: goesOn ?? waits, minutes };
}

/** Nobody stands at a board for longer: it waits. Our own line, no source. */
const WAITS_FROM_MIN = 45;

/** What is said to last so long is how long it keeps. Our own line, no source. */
const KEEPS_FROM_MIN = 2 * MINUTES_PER_DAY;
const AT_THE_BOARD: ReadonlySet<Verb> = new Set(['prepare', 'mix', 'serve', 'slice', 'stir']);

function lasts({ verb }: ReadAct, minutes: number): boolean {
  return minutes < (AT_THE_BOARD.has(verb) ? WAITS_FROM_MIN : KEEPS_FROM_MIN);
}

/** It says how much of it there is, of something the pantry knows. */
function isWeighed({ grams, ml, count, ingredient, cut }: ReadIngredient): boolean {
  const known = ingredient !== undefined || cut !== undefined;
  return grams !== undefined || (known && (ml !== undefined || count !== undefined));
}

function isFire({ verb }: ReadAct): boolean {
  return FIRE_VERBS.has(verb);
}

/** The last step of a line, or of those above; -1 where there is none. */
function lastActBy(lines: readonly ReadLine[], at: number): number {
  return Math.max(-1, ...lines.slice(0, at + 1).flatMap(({ acts }) => acts));
}

/** A length in a line that none of its steps has. */
function unownedMin({ text }: ReadLine, own: readonly ReadAct[]): number | undefined {
  const taken = new Set(
    own.flatMap(({ leastMin, likelyMin, mostMin }) => [leastMin, likelyMin, mostMin]),
  );
  return spansIn(text)
    .filter(({ sense }) => sense === 'length')
    .map(({ leastMin, likelyMin, mostMin }) => likelyMin ?? mostMin ?? leastMin)
    .find((minutes) => minutes !== undefined && !taken.has(minutes));
}

function unownedDegree({ text }: ReadLine, own: readonly ReadAct[], fahrenheit: boolean) {
  const taken = new Set(own.flatMap(({ tempC, untilC }) => [tempC, untilC]));
  return degreesIn(text, fahrenheit).find(({ tempC }) => !taken.has(tempC));
}

/** The recipe with a line mended: its number given to its step, or a step put in. */
export function mendLine(recipe: ReadRecipe, at: number, mend: ReadMend): ReadRecipe {
  const line = recipe.lines[at];
  if (!line) return recipe;
  const unread = without(recipe.unread, line.text);
  if (mend.kind === 'ingredient') {
    const read = { ...line, part: 'ingredient' as const, ingredient: recipe.ingredients.length };
    const ingredients = [...recipe.ingredients, mend.ingredient];
    return { ...recipe, unread, ingredients, lines: recipe.lines.with(at, read) };
  }
  if (mend.kind === 'step') return withStep({ ...recipe, unread }, at, line, mend);
  const change =
    mend.kind === 'time'
      ? { likelyMin: mend.minutes }
      : mend.kind === 'heat'
        ? { tempC: mend.tempC }
        : { untilC: mend.coreC };
  const acts = recipe.acts.map((act, i) => (i === mend.act ? { ...act, ...change } : act));
  const owners = [...new Set([...line.acts, mend.act])];
  const read = { ...line, part: 'method' as const, lost: false, acts: owners };
  // What else in it has no owner yet stays marked.
  const own = owners.flatMap((i) => acts[i] ?? []);
  const lost = isOpen(read, own, recipe.fahrenheit);
  return {
    ...recipe,
    unread: lost ? recipe.unread : unread,
    acts,
    lines: recipe.lines.with(at, { ...read, lost }),
  };
}

/** Whether a length or a heat of a line is none of its steps'; an oven that blows is set this much lower. */
function isOpen(line: ReadLine, own: readonly ReadAct[], fahrenheit: boolean): boolean {
  const degree = unownedDegree(line, own, fahrenheit);
  const heats = own.flatMap(({ tempC, untilC }) => [tempC ?? [], untilC ?? []].flat());
  const again = heats.some((tempC) => Math.abs(tempC - (degree?.tempC ?? NaN)) <= FAN_LOWER_C);
  return unownedMin(line, own) !== undefined || (degree !== undefined && !again);
}

/** Common practice, no source; with what °F in whole tens is off. */
const FAN_LOWER_C = 25;

function without(all: readonly string[], text: string): string[] {
  const at = all.indexOf(text);
  return at === -1 ? [...all] : all.toSpliced(at, 1);
}

/** A step put in behind another; the steps after it are one further on. */
function withStep(
  recipe: ReadRecipe,
  at: number,
  line: ReadLine,
  { after, verb, minutes }: Extract<ReadMend, { kind: 'step' }>,
): ReadRecipe {
  const before = recipe.acts[after];
  const act: ReadAct = {
    verb,
    text: line.text,
    line: before?.line ?? 0,
    likelyMin: minutes,
    ...(before && before.verb === verb && { tempC: before.tempC, place: before.place }),
    meanwhile: false,
    dayBefore: false,
    lit: [],
    guessed: false,
  };
  const moved = (i: number) => (i > after ? i + 1 : i);
  const lines = recipe.lines.map((one, i) =>
    i === at
      ? { ...one, part: 'method' as const, lost: false, acts: [after + 1] }
      : { ...one, acts: one.acts.map(moved) },
  );
  return { ...recipe, lines, acts: recipe.acts.toSpliced(after + 1, 0, act) };
}
