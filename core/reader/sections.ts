import { AT_CLOCK, isAtClock, LEAST_TIMED } from './at-clock.ts';
import { spansIn } from './span.ts';
import { DAY_BEFORE } from './day-before.ts';
import type { RawLine, RawRecipe } from './raw-recipe.ts';
import {
  bare,
  BULLET,
  ENDS_AMOUNT,
  isAmount,
  LED,
  listAt,
  LISTED,
  listOf,
  LISTS,
  numberedLines,
  piped,
  STARTS_AMOUNT,
  STEP_NUMBER,
} from './lists.ts';
import { beginsDoing, verbsIn } from './verbs.ts';

export const INGREDIENTS =
  /^(?:the )?(?:ingredients?|ingredientes|what you(?:'ll| will)? need|you(?:'ll| will) need|shopping|necesitas|se necesita|qu[eé] necesitas)\b[^.]{0,40}:?$/i;
const METHOD =
  /^(?:the )?(?:method|directions?|instructions?|steps?|preparation|how to(?: make it| cook it)?|procedure|to (?:make|cook|prepare)[^.]{0,30}|preparaci[oó]n|elaboraci[oó]n|instrucciones|m[eé]todo|modo de (?:hacer|preparaci[oó]n)|pasos|c[oó]mo se hace|procedimiento)\s*:?$/i;
/** "Prep 25 min. Cook 8 hr 30." */
const MORE_TIMES =
  /^(?:(?:prep(?:aration)?|cook(?:ing)?|total|active|rest(?:ing)?|chill(?:ing)?|marinating)(?: time)?\s*[:–-]?\s*\d[a-zß-ɏ\d\s½-]{0,16}[.,;/|·]?\s*){2,}$/i;
export const YIELD =
  /^(?:serves|servings?|yields?|makes|feeds|enough for|raciones|porciones|rinde|comensales|para|for(?= \d+ (?:people|persons)))\b[^.]{0,20}?(?:\d|\b(?:two|three|four|five|six|seven|eight|nine|ten|twelve|dos|tres|cuatro|cinco|seis|siete|ocho|nueve|diez|doce)\b)|^\d+(?:\s*[-–]\s*\d+)?\s+(?:servings?|portions?|people|raciones|porciones|personas|comensales)\b/i;
const TIMES =
  /^(?:(?:prep(?:aration)?|cook(?:ing)?|total|active|inactive|ready in|resting|marinating|marinade)(?: time)?|tiempo(?: de [a-zß-ɏó]+)?|tiempo total|preparaci[oó]n|cocci[oó]n)\s*[:–-]\s*[^.]{1,40}$/i;
/** "Prep 20m", above everything else. */
const BARE_TIMES =
  /^(?:prep|cook(?:ing)?|total|active|ready in|marinat[a-zß-ɏ]+)(?: time)?\s*[:–-]?\s*(?:about\s*)?\d+\s*(?:h|m|hrs?|hours?|mins?|minutes?)(?![a-zß-ɏ])[a-zß-ɏ\d\s½]{0,14}(?:\+\s*[a-zß-ɏ ]{3,24})?$/i;
/** "Marinade: 100 ml soy": no time. */
const STARTS_MIXTURE = /^marinade\s*:/i;
const GROUP = /^(?:for (?:the )?|para (?:el |la |los |las )?)?([^:.]{2,40}?)\s*:$/i;
const FOR_THE = /^(?:for (?:the )?|para (?:el |la |los |las )?)([a-zß-ɏ '&-]{2,40})$/i;
/** "Ingredientes (6 raciones)". */
const IN_BRACKETS =
  /\(((?:for |para )?\d+[^)]*(?:serving|portion|people|raci|porci|persona|comensal)[^)]*)\)/i;
const PEOPLE = /people|persons|guests|personas|comensales/i;
/** "STEP 2" above its text. */
const STEP_HEADING = /^(?:step|paso)\s*\d{1,2}\s*:?$/i;

/** "FRI", "Day 2", "The night before:" above what is done then. */
const DAY_HEADING =
  /^(?:(?:(?:mon|tues?|wed(?:nes)?|thu(?:rs?)?|fri|sat(?:ur)?|sun)(?:day)?|lunes|martes|mi[eé]rcoles|jueves|viernes|s[aá]bado|domingo|(?:day|d[ií]a) \d|today|tomorrow|hoy|mañana)(?: (?:am|pm|morning|afternoon|evening|night|por la (?:mañana|tarde|noche)))?|(?:the )?(?:night|day|evening) before|el d[ií]a (?:antes|anterior)|(?:on )?the day(?: itself)?|el mismo d[ií]a)\s*:?$/i;

const DAY_PREFIX =
  /^(?:(?:mon|tues|wednes|thurs|fri|satur|sun)day|(?:the )?(?:night|day|evening|morning)|lunes|martes|mi[eé]rcoles|jueves|viernes|s[aá]bado|domingo|la (?:noche|víspera)|el d[ií]a)[a-zß-ɏ ]{0,20}[:,]\s+/i;

/** No line of a recipe is longer: it is kept as it is, and not read. */
const LONGEST_LINE = 12_000;

type Part = 'start' | 'ingredients' | 'method';

/** Sorts the lines of a plain text or Markdown page into what goes in, what is done, and the rest. */
export function sectionsOf(text: string): RawRecipe {
  const ingredients: RawLine[] = [];
  const method: RawLine[] = [];
  const other: string[] = [];
  const told: string[] = [];
  let title: string | undefined;
  let yieldText: string | undefined;
  let part: Part = 'start';
  let group: string | undefined;
  let [headed, dayBefore] = [false, false];
  /** Lines of the group, and whether a blank one stands before this. */
  const run = { lines: 0, blank: false, spaced: false, before: 0 };
  const lines = text.split('\n');
  const listFrom = listAt(lines);
  const numbered = numberedLines(lines);
  const timetable = lines.filter((one) => isAtClock(bare(one))).length >= LEAST_TIMED;
  const toMethod = (at: number, told: string) => {
    // What stands apart from the list is of none of its groups.
    if (part === 'ingredients' && run.blank) group = undefined;
    // What stands above the list is done, and the list is still to come.
    if (part !== 'start' || at > listFrom) part = 'method';
    method.push({ text: told, group, dayBefore });
  };
  for (const [at, raw] of lines.entries()) {
    const heading = /^#{1,6}\s/.test(raw.trim());
    if (raw.length > LONGEST_LINE) {
      other.push(raw.trim());
      continue;
    }
    const line = numbered.has(at) ? bare(raw).replace(/^(\d{1,2})\s/, '$1. ') : bare(raw);
    if (line === '') {
      run.blank = true;
      continue;
    }
    if (timetable && title === undefined && part === 'start' && !isAtClock(line)) {
      title = line;
      continue;
    }
    if (timetable && isAtClock(line)) {
      part = 'method';
      method.push({ text: line.replace(AT_CLOCK, ''), group, clock: clockOf(line) });
      continue;
    }
    if (part !== 'method' && !STEP_NUMBER.test(line) && piped(line).length > 0) {
      if (part === 'start') part = 'ingredients';
      ingredients.push(...piped(line).map((text) => ({ text, group })));
      continue;
    }
    const facts = line.split(/\s*[|·•;]\s*|,\s+/).filter((one) => one !== '');
    if (facts.length > 1 && facts.every((one) => YIELD.test(one) || isTime(one, part))) {
      yieldText ??= facts.find((one) => YIELD.test(one));
      told.push(...facts);
    } else if (INGREDIENTS.test(line)) {
      [part, group] = ['ingredients', undefined];
      headed = true;
      yieldText ??= IN_BRACKETS.exec(line)?.[1];
      told.push(line);
    } else if (METHOD.test(line) || STEP_HEADING.test(line)) {
      [part, group] = ['method', undefined];
      told.push(line);
    } else if (yieldText === undefined && YIELD.test(line) && line.length < 60 && part !== 'method')
      yieldText = line;
    else if (isTime(line, part)) told.push(line);
    else if (title !== undefined && DAY_HEADING.test(line)) {
      dayBefore = DAY_BEFORE.test(line);
      told.push(line);
    } else if (title === undefined && part === 'start' && isName(lines, at, heading)) title = line;
    else if (isGroup(line, heading, part)) {
      group = groupName(line);
      Object.assign(run, { lines: 0, blank: false, spaced: false });
      told.push(line);
    } else if (part !== 'method' && listOf(line).length > 0) {
      const lead = leadOf(line);
      if (lead !== '') told.push(lead);
      if (LED.test(line)) group = groupName(lead);
      if (YIELD.test(lead)) yieldText ??= lead;
      run.blank = false;
      ingredients.push(...listOf(line).map((text) => ({ text, group })));
    } else if (part === 'start' && title !== undefined && isStory(line, at < listFrom)) {
      other.push(line);
    } else if (
      isMethod(raw, line, part) ||
      (part === 'ingredients' && !headed && isNote(raw, line))
    ) {
      toMethod(at, line.replace(STEP_NUMBER, ''));
    } else if (isIngredient(raw, line, part)) {
      if (part === 'start') {
        part = 'ingredients';
        ingredients.push(...listedBefore(other, run.before).map((text) => ({ text, group })));
      }
      if (endsGroup(run)) group = undefined;
      ingredients.push({ text: line, group });
    } else if (title === undefined && part === 'start' && isTitle(line)) title = line;
    else if (!headed && isDoing(line)) {
      toMethod(at, line);
    } else {
      run.before = run.blank ? 1 : run.before + 1;
      run.blank = false;
      other.push(line);
    }
  }
  return { title, yieldText, ingredients, method, facts: told, other };
}

/** Takes a line into its group; whether the blank line before it ended that, whose own stand close. */
function endsGroup(run: { lines: number; blank: boolean; spaced: boolean }): boolean {
  if (run.lines === 1) run.spaced = run.blank;
  const ends = run.lines > 1 && run.blank && !run.spaced;
  run.lines += 1;
  run.blank = false;
  return ends;
}

/** "Ingredients:", "For the steak:" before a list in the same line; empty where there is none. */
function leadOf(line: string): string {
  return (LISTS.exec(line) ?? LED.exec(line))?.[0].trim() ?? '';
}

function clockOf(line: string): string | undefined {
  return AT_CLOCK.exec(line)?.[0].trim();
}

/** How long the whole takes, as a page tells it of itself. */
function isTime(line: string, part: Part): boolean {
  if (part === 'start' && (BARE_TIMES.test(line) || MORE_TIMES.test(line))) return true;
  return TIMES.test(line) && (spansIn(line).length > 0 || !STARTS_MIXTURE.test(line));
}

/** Told above the list, and nothing that is done: it is no order, and begins with none. */
function isStory(line: string, aboveList: boolean): boolean {
  if (!aboveList || isAmount(line) || STEP_NUMBER.test(line)) return false;
  const orders = (['en', 'es'] as const).some((language) => verbsIn(line, language)[0]?.from === 0);
  return !orders && line.split(/\s+/).length > LEAST_STORY_WORDS;
}

const LEAST_STORY_WORDS = 10;

/** Short, and no note of when something went on. */
/** "Salt beef and pickles", with a blank line below and nothing above: a name, whatever it begins with. */
function isName(lines: readonly string[], at: number, heading: boolean): boolean {
  if (heading) return true;
  const line = bare(lines[at] ?? '');
  const isFirst = lines.slice(0, at).every((one) => one.trim() === '');
  const isApart = (lines[at + 1] ?? 'x').trim() === '' && at + 2 < lines.length;
  const isPlain = isTitle(line) && !STARTS_AMOUNT.test(line) && !/[\d:.]/u.test(line);
  return isFirst && isApart && isPlain && !isGroup(line, false, 'start');
}

function isTitle(line: string): boolean {
  return line.length <= LONGEST_TITLE && !AT_A_CLOCK.test(line);
}

const LONGEST_TITLE = 80;

function isGroup(line: string, heading: boolean, part: Part): boolean {
  if (part === 'start' && !heading)
    return (
      (GROUP.test(line) || (FOR_THE.test(line) && !PEOPLE.test(line))) &&
      !STARTS_AMOUNT.test(line) &&
      line.split(' ').length <= 5
    );
  if (heading) return !STARTS_AMOUNT.test(line);
  if (STARTS_AMOUNT.test(line) || line.split(' ').length > 6) return false;
  return GROUP.test(line) || (part === 'ingredients' && FOR_THE.test(line));
}

function groupName(line: string): string {
  const name = (GROUP.exec(line)?.[1] ?? FOR_THE.exec(line)?.[1] ?? line).trim();
  return name
    .replace(/^(?:for (?:the )?|para (?:el |la |los |las )?)/i, '')
    .replace(/^[\p{Lu} ]+$/u, (capitals) => capitals.toLowerCase())
    .replace(/^\p{Ll}/u, (c) => c.toUpperCase());
}

function isMethod(raw: string, line: string, part: Part): boolean {
  if (part === 'method') return true;
  if (STEP_NUMBER.test(line)) return true;
  const words = line.split(/\s+/).length;
  const long = words > LEAST_TOLD_WORDS && /[.;!]\s+\p{L}/u.test(line) && spansIn(line).length > 1;
  const sentence = /[.;!]$/.test(line) || /[.;]\s+\p{Lu}/u.test(line) || long;
  const onADay = DAY_PREFIX.test(line) && isDoing(line);
  if (part === 'ingredients' && (ordersFirst(raw, line) || onADay)) return true;
  const counted = STARTS_AMOUNT.test(line) || ENDS_AMOUNT.test(line) || BULLET.test(raw.trim());
  if (part === 'ingredients' && !counted && words > 2 && AT_A_CLOCK.test(line)) return true;
  if (part === 'start' && BULLET.test(raw.trim()) && isDoing(line)) return true;
  if (part === 'ingredients') {
    // "Two days ahead, mix the salt with…" begins with a number and is no amount.
    const orders =
      !STARTS_AMOUNT.test(line) ||
      verbsIn(line, 'en').length > 1 ||
      /^(?:al? (?:la )?[a-zß-ɏ]|ten en )/i.test(line) ||
      // "Five minutes in the freezer".
      spansIn(line)[0]?.from === 0;
    const begins = verbsIn(line, 'en')[0]?.from === 0 || verbsIn(line, 'es')[0]?.from === 0;
    const lasts = (words > 4 || begins) && spansIn(line).length > 0 && !MADE_BEFORE.test(line);
    return sentence && (words > 9 || lasts) && !BULLET.test(raw.trim()) && orders;
  }
  return (
    (sentence && words > 6 && !STARTS_AMOUNT.test(line)) || (words > 12 && spansIn(line).length > 0)
  );
}

/** No ingredient is told at such length. Our own line, no source. */
const LEAST_TOLD_WORDS = 20;

/** A note of what is done: it lasts, it is hot, or it begins with an order. */
function isDoing(told: string): boolean {
  // "Friday night: soak the beans".
  const line = told.replace(DAY_PREFIX, '');
  if (STARTS_AMOUNT.test(line)) return false;
  const orders = (['en', 'es'] as const).some((language) => verbsIn(line, language)[0]?.from === 0);
  const set = /\d\s*°?\s*[CF]\b|(?:oven|horno|smoker|grill)(?: on)?,? \d{3}/i;
  return orders || spansIn(line).length > 0 || set.test(line) || AT_A_CLOCK.test(line);
}

/** "Brisket on 5:45", "pulled at 95": a diary of what was done. */
const AT_A_CLOCK =
  /(?<!\d)(?:\d{1,2}[:.]\d{2}|\d{1,2} ?[ap]m)(?![a-zß-ɏ\d])|(?<![a-zß-ɏ])(?:at|to|until|till?|hasta) \d{2,3}(?![\d:.,]*\d| ?(?:g|kg|ml|l|%))(?![a-zß-ɏ])/i;

/** Among bullets without a heading, one of what is done: from there on all are. */
function isNote(raw: string, line: string): boolean {
  if (!BULLET.test(raw.trim()) || STARTS_AMOUNT.test(line) || COUNTED.test(line)) return false;
  const first = (['en', 'es'] as const).some((language) => {
    const hit = verbsIn(line, language)[0];
    return hit?.from === 0 && !/^\s+(?:of|de)\s/i.test(line.slice(hit.to));
  });
  const timed = spansIn(line).length > 0 && !MADE_BEFORE.test(line);
  return (first && line.split(/\s+/).length >= 3) || timed || DEGREES.test(line);
}

/** "Brine: 2 litres water, …". */
const COUNTED = /^[\p{L} ]{2,30}:\s*\d/u;
/** "Beans, soaked overnight": done already. */
const MADE_BEFORE = /(?<![a-zß-ɏ])(?:[a-zß-ɏ]+ed|remojad[oa]s?|descongelad[oa]s?)(?![a-zß-ɏ])/i;
const DEGREES = /\d\s*[°º]?\s*[CF](?!\p{L})/u;

/** "Fire up the smoker…": a line that begins with an order. */
function ordersFirst(raw: string, line: string): boolean {
  if (STARTS_AMOUNT.test(line) || BULLET.test(raw.trim()) || line.split(' ').length < 4)
    return false;
  const orders = (['en', 'es'] as const).some((language) => verbsIn(line, language)[0]?.from === 0);
  return orders || (beginsDoing(line) && spansIn(line).length > 0);
}

function isIngredient(raw: string, line: string, part: Part): boolean {
  if (part === 'ingredients') return true;
  const words = line.split(/\s+/).length;
  if (words > 16 || NAMED_BY_HOURS.test(line)) return false;
  return (
    STARTS_AMOUNT.test(line) ||
    /^[a-zß-ɏ ]{3,40}[,:]\s*\d+(?:[.,]\d+)?(?:\s*(?!(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec|ene|abr|ago|dic)[a-zß-ɏ]*$)[a-zß-ɏ]+)?$/i.test(
      line,
    ) ||
    ENDS_AMOUNT.test(line) ||
    LISTED.test(line) ||
    BULLET.test(raw.trim())
  );
}

/** "7-hour lamb": what it is called. */
const NAMED_BY_HOURS = /^\d{1,2}(?:-(?:hour|hr|minute|day)|\s(?:hour|hr))[- ][a-zß-ɏ]/i;
/** "Flour for dusting" right above what is counted: the last few lines that were taken for nothing. */
function listedBefore(other: string[], lines: number): string[] {
  const from = Math.max(0, other.length - lines);
  const isListed = (line: string) => line.split(/\s+/).length <= 8 && !/[.!?:]$/.test(line);
  return other.slice(from).every(isListed) ? other.splice(from) : [];
}
