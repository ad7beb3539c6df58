import { LEAST_TIMED } from './at-clock.ts';
import { clockAfter, type Clock } from './clock.ts';
import type { RawLine } from './raw-recipe.ts';
import { spansIn } from './span.ts';
import { verbsIn, type Language } from './verbs.ts';

/** A line of a timetable: when, what it says, how it is to be read, and how long what it begins goes on. */
export interface TimetableLine {
  readonly line: RawLine;
  /** With the verb that its shorthand leaves out: "beef in" is roasted. */
  readonly asRead: string;
  /** Until the line that ends it, where one does and it says no length of its own. */
  readonly lastsMin: number | undefined;
  /** It takes something off its fire, and says no more. */
  readonly ends: boolean;
  /** Something else cooks when it begins, and goes on. */
  readonly beside: boolean;
}

/**
 * A running order or a log, "10.30 beef out … 11.15 beef in … 13.10 beef out": what a line begins
 * goes on until the one that ends it.
 *
 * @returns undefined where the lines are no timetable
 */
export function timetableOf(
  method: readonly RawLine[],
  language: Language,
): readonly TimetableLine[] | undefined {
  const timed = method.filter(({ clock }) => clock !== undefined);
  if (timed.length < LEAST_TIMED) return undefined;
  const entries = entriesOf(timed);
  const fires = firesOf(entries);
  return method.map((line) => {
    const at = entries.findIndex((one) => one.line === line);
    const entry = entries[at];
    if (!entry) return { line, asRead: line.text, lastsMin: undefined, ends: false, beside: false };
    const end = endOf(entry, entries.slice(at + 1));
    const own = spansIn(line.text).some(({ sense }) => sense === 'length');
    const lastsMin = own || !end ? undefined : end.atMin - entry.atMin;
    const ends = entry.kind === 'out' && !/\d/.test(line.text);
    const others = entries
      .slice(0, at)
      .filter((one) => one.kind === 'in' && isIn(one, at, entries));
    const inIt = others.findLast(({ line: { text } }) => !ON.test(text));
    const turned = { ...entry, food: inIt && bareOf(inIt.line.text) };
    // "Oven up to 220 for the puddings", while the beef rests.
    const empty = entry.kind === 'turn' && others.length === 0;
    const beside =
      empty || (entry.kind === 'in' && others.some(({ names }) => !meet(names, entry.names)));
    return {
      line,
      asRead: asRead(turned, fires[at] ?? 'oven', lastsMin, language),
      lastsMin,
      ends,
      beside,
    };
  });
}

/** Whether what an entry put over its fire is still there at a later one. */
function isIn(entry: Entry, at: number, entries: readonly Entry[]): boolean {
  const off = entries.findIndex(
    (one) => one.kind === 'out' && one.atMin >= entry.atMin && meet(one.names, entry.names),
  );
  return off === -1 || off > at;
}

type Kind = 'preheat' | 'turn' | 'in' | 'out' | 'cold' | 'wrap' | 'other';

interface Entry {
  readonly line: RawLine;
  readonly atMin: number;
  readonly kind: Kind;
  /** Words that may name a food. */
  readonly names: ReadonlySet<string>;
}

function entriesOf(lines: readonly RawLine[]): Entry[] {
  let before: Clock | undefined;
  return lines.flatMap((line) => {
    const clock = clockAfter(line.clock ?? '', before);
    if (!clock) return [];
    before = clock;
    const names = new Set(
      [...(line.text.toLowerCase().split(/[,.;(–—]/u)[0] ?? '').matchAll(/\p{L}{3,}/gu)].flatMap(
        ({ 0: word }) => (NO_FOOD.test(word) ? [] : [word.replace(/s$/, '')]),
      ),
    );
    return [{ line, atMin: clock.atMin, kind: kindOf(line.text), names }];
  });
}

/** What a line says, by its shortest words; the most telling first. */
const KINDS: ReadonlyArray<readonly [Kind, RegExp]> = [
  ['cold', /(?:out of|from) (?:the )?(?:fridge|cold)|de la nevera|del frigor[ií]fico/i],
  [
    'preheat',
    /(?<![a-zß-ɏ])(?:oven|grill|smoker|bbq|barbecue|kettle|horno|ahumador|barbacoa)(?: goes| is)? (?:on|lit|encendido)(?![a-zß-ɏ])|^(?:light|preheat|heat|enciende|precalienta)(?![a-zß-ɏ])/i,
  ],
  [
    'turn',
    /^(?:(?:turn|oven|heat|temp|it|horno|knock|drop|crank|baja|sube|bajar|subir)(?: it| the oven| el horno)? )*(?:back )?(?:down|up|to|a|baja[a-zß-ɏ]*|sube[a-zß-ɏ]*)(?: to| a)? \d{3}/i,
  ],
  [
    'wrap',
    /^(?:un)?wrap(?:ped)?(?![a-zß-ɏ])|^(?:in|into) (?:foil|paper)(?![a-zß-ɏ])|^env(?:ue|o)l/i,
  ],
  [
    'out',
    /(?<![a-zß-ɏ])(?:out|off|drain[a-zß-ɏ]*|strain[a-zß-ɏ]*|pulled(?= (?:at|off|from|when))|escurr[a-zß-ɏ]*|fuera|saca(?:r|mos)?|retira(?:r)?)(?![a-zß-ɏ])/i,
  ],
  [
    'in',
    /(?<![a-zß-ɏ])(?:(?:goes? |went )?(?:in|on)(?=[\s,.;]*$|[,;]| at \d| to (?:boil|simmer|steam|fry|grill|the (?:grill|smoker|barbecue))| (?:the|a) (?:oven|grill|smoker|barbecue|bbq))|into (?:the )?(?:oven|smoker|pan|hot fat|fat)|al horno|al ahumador|a la parrilla|a las brasas|a hervir|dentro)(?![a-zß-ɏ])/i,
  ],
];

function kindOf(text: string): Kind {
  return KINDS.find(([, pattern]) => pattern.test(text))?.[0] ?? 'other';
}

/** Words of a running order that name no food. */
const NO_FOOD =
  /^(?:the|and|out|off|into|from|fridge|oven|turn|down|over|under|foil|rest|resting|back|pan|hot|with|for|all|put|take|start|check|heat|low|high|fat|tray|carve|serve|eat|board|lid|boil|simmer|roast|grill|smoker|light|coals|warm|plates|minutes|mins|hours|horno|parrilla|brasas|fuera|nevera|like|internal|reads|reading|probe|temp|con|del|las|los|para|una|saca|pon|mete)$/u;

/** "Carve", "eat": the end of whatever rests. */
const EATEN =
  /(?<![a-zß-ɏ])(?:carved?|sliced?|shred[a-zß-ɏ]*|pull(?:ed)?(?! (?:out|at|off|from|when))|serve|served|eat|dish up|plate|table|trincha[a-zß-ɏ]*|deshebra[a-zß-ɏ]*|desmenuza[a-zß-ɏ]*|corta[a-zß-ɏ]*|servir|sirve|comer|comemos|a la mesa)(?![a-zß-ɏ])/i;
const EVERYTHING = /(?<![a-zß-ɏ])(?:everything|all|todo)(?![a-zß-ɏ])/i;

/** The line that ends what an entry begins. */
function endOf(entry: Entry, later: readonly Entry[]): Entry | undefined {
  const same = ({ names }: Entry) => meet(entry.names, names);
  const ends = ({ kind, line, names }: Entry) =>
    kind === 'wrap' ||
    (kind === 'out' &&
      (names.size === 0 || EVERYTHING.test(line.text) || meet(entry.names, names)));
  if (entry.kind === 'preheat') return undefined;
  // What is in there is nobody's own any more once the oven is turned.
  if (entry.kind === 'turn')
    return (
      later.find(({ kind }) => kind === 'out' || kind === 'turn' || kind === 'cold') ??
      later.find(({ line }) => EATEN.test(line.text))
    );
  if (entry.kind === 'wrap') return later.find(({ kind }) => kind === 'out' || kind === 'wrap');
  if (entry.kind === 'in')
    return (
      later.find((one) => one.kind === 'turn' || ends(one) || (one.kind === 'in' && same(one))) ??
      later.find(({ line }) => EATEN.test(line.text))
    );
  if (entry.kind === 'out')
    return later.find((one) => EATEN.test(one.line.text) || (one.kind === 'in' && same(one)));
  return later.find(same);
}

function meet(some: ReadonlySet<string>, others: ReadonlySet<string>): boolean {
  return [...some].some((name) => others.has(name));
}

type Fire = 'oven' | 'smoker' | 'grill';

/** Which fire was last spoken of, at each line. */
function firesOf(entries: readonly Entry[]): Fire[] {
  let fire: Fire = 'oven';
  return entries.map(({ line: { text } }) => {
    if (/smoker|ahumador/i.test(text)) fire = 'smoker';
    else if (
      /grill|bbq|barbecue|kettle|coals|parrilla|barbacoa|brasas|prender el fuego/i.test(text)
    )
      fire = 'grill';
    else if (/(?<![a-zß-ɏ])(?:oven|horno)(?![a-zß-ɏ])/i.test(text)) fire = 'oven';
    return fire;
  });
}

/** What a shorthand leaves out, as a recipe says it. */
interface Said {
  readonly cooks: Readonly<Record<Fire, string>>;
  readonly heats: Readonly<Record<Fire, string>>;
  readonly boils: string;
  readonly lasting: (minutes: number) => string;
  readonly at: string;
  readonly rests: string;
  readonly on: string;
}

const SAID: Readonly<Record<Language, Said>> = {
  en: {
    cooks: { oven: 'Roast the', smoker: 'Smoke the', grill: 'Grill the' },
    heats: {
      oven: 'Preheat the oven to',
      smoker: 'Preheat the smoker to',
      grill: 'Preheat the grill to',
    },
    boils: 'Boil the',
    lasting: (minutes) => `, ${minutes} minutes`,
    at: 'at',
    rests: ', then rest',
    on: ', then',
  },
  es: {
    cooks: { oven: 'Asa', smoker: 'Ahúma', grill: 'Asa a la parrilla' },
    heats: {
      oven: 'Precalienta el horno a',
      smoker: 'Precalienta el ahumador a',
      grill: 'Precalienta la parrilla a',
    },
    boils: 'Hierve',
    lasting: (minutes) => `, ${minutes} minutos`,
    at: 'a',
    rests: ', luego deja reposar',
    on: ', luego',
  },
};

const ON_RING = /(?<![a-zß-ɏ])on to (boil|simmer|steam|fry)(?![a-zß-ɏ])/i;
/** "Potatoes on": over a ring. */
const ON = /(?<![a-zß-ɏ])on(?=[\s,.;]*$|[,;])|a hervir/i;
/** "Out when 55". */
const CORE = /(?<![a-zß-ɏ])(when|at|cuando|a los)\s+([4-9]\d)(?![\d:.])(?!\s*(?:°|º|C\b))/i;
const DRAINS = /^(?:drain|strain|escurr)/i;
const RESTS = /(?<![a-zß-ɏ])(?:rest|repos)/i;

/** The line with the verb that its shorthand leaves out. */
function asRead(
  { kind, line: { text }, food = '' }: Entry & { readonly food?: string | undefined },
  fire: Fire,
  lastsMin: number | undefined,
  language: Language,
): string {
  const said = SAID[language];
  const lasting = lastsMin === undefined ? '' : said.lasting(lastsMin);
  const [set] = HEAT.exec(text) ?? [];
  const [first] = verbsIn(text, language);
  const ordered = first?.from === 0 && first.verb !== 'put' && first.verb !== 'turn';
  switch (kind) {
    case 'preheat':
      return set && !ordered ? `${said.heats[fire]} ${set}` : text;
    case 'turn':
      return set && lasting ? `${said.cooks[fire]} ${food} ${said.at} ${set}${lasting}` : text;
    case 'wrap':
      return lasting ? `${text}${said.on} ${said.cooks[fire].toLowerCase()}${lasting}` : text;
    case 'out':
      return lasting && !RESTS.test(text) && !DRAINS.test(text)
        ? `${text.replace(CORE, '$1 $2 °C inside')}${said.rests}${lasting}`
        : text;
    case 'in': {
      if (ordered) return text;
      const [ring, verb] = ON_RING.exec(text) ?? [];
      const bare = text.replace(GOES, '').replace(/^(?:the|el|la|los|las) /i, '');
      if (ring) return `${verb} the ${bare}${lasting}`;
      const boils = fire === 'oven' && ON.test(text);
      return `${boils ? said.boils : said.cooks[fire]} ${bare}${lasting}`;
    }
    default:
      return text.replace(/^pulled(?= (?:it|the|apart))/i, 'pull');
  }
}

/** "Beef in": beef. */
function bareOf(text: string): string {
  const [own = text] = text.split(/[,;(]/u);
  return own
    .replace(GOES, '')
    .replace(/^(?:the|el|la|los|las) /i, '')
    .trim();
}

/** An oven's heat: "240", "180C". */
const HEAT = /(?<!\d)\d{3}(?!\d)(?:\s*(?:°|º|degrees|grados)?\s*[CF](?!\p{L}))?/u;
/** "Goes in": what the verb says. */
const GOES =
  /(?<![a-zß-ɏ])(?:(?:goes? |went |va )?(?:in|on(?: to (?:boil|simmer|steam|fry|grill))?)(?=[\s,.;]*$|[,;]| at \d)|al horno|a la parrilla|a las brasas|al ahumador|a hervir|dentro)(?![a-zß-ɏ])/i;
