import { FRIDGE_C } from '../figures/index.ts';
import type { Verb } from '../terms/index.ts';
import type { PlaceKind } from '../places/index.ts';
import {
  isOnce,
  type Food,
  type Hands,
  type Place,
  type Step,
  type StepTime,
} from '../meal/index.ts';
import { degreesIn } from './degree.ts';
import { HEATS } from './context.ts';
import { NUMBER, numberIn } from './numbers.ts';
import { perKgFactor, spansIn, type ReadDuration } from './span.ts';
import { BY_HAND, ELASTIC, USUAL_MIN } from './step-of-act.ts';
import { languageOf, placeIn, verbsIn, type VerbWords } from './verbs.ts';

type Otherwise = NonNullable<NonNullable<Step['doneWhen']>['otherwise']>;

/** What a phrase about one step says: only what it says, nothing guessed. */
export interface ReadPhrase {
  readonly verb?: Verb | undefined;
  readonly time?: StepTime | undefined;
  readonly tempC?: number | undefined;
  readonly place?: PlaceKind | undefined;
  readonly coreC?: number | undefined;
  readonly tending?: Hands | undefined;
  /** What is done where it is not done by then. */
  readonly otherwise?: Otherwise | undefined;
  /** It starts when the step before is so many degrees short. */
  readonly coreShortC?: number | undefined;
  /** Steps that come after it in the same breath. */
  readonly then: readonly ReadPhrase[];
  /** Parts of the text that were understood. */
  readonly lit: ReadonlyArray<readonly [from: number, to: number]>;
}

const AT_A_TIME = new RegExp(
  `(${NUMBER})\\s+(?:at a time|per (?:round|batch)|a la vez|por tanda)`,
  'i',
);
const SHORT =
  /(?:when|once|cuando)\s+(\d{1,2})\s*(?:°|º|degrees?|grados?)?\s*(?:C|F)?\s*(?:are|is)?\s*(?:missing|short|to go|left|from done|falten)/i;
const SHORT_2 =
  /(\d{1,2})\s*(?:°|º|degrees?|grados?)\s*(?:C|F)?\s*(?:before|short of|antes|to go)/i;
/** "Baste every 40 min, first after 4 h". */
const FIRST = /,?\s*(?:the )?first(?: time| round)? after\s*$/i;
/** "; if not, a cup of water and 1 h more, in 2 of 10". */
const IF_NOT =
  /[;,.]\s*(?:if (?:it is |they are |it’s )?(?:not(?: (?:yet|done|tender))?|still tough|tough))\s*[:,]?\s*(?<what>.+)$/i;
const HOW_OFTEN = /,?\s*(?:in|about)\s+(\d{1,2})\s+(?:of|in|out of)\s+(?:10|ten)\s*$/i;
const THEN = /,?\s*(?:and\s+)?(?:then|followed by|luego|despu[eé]s)\s+/i;

/**
 * The time of a step as one says it: "4 h to overnight, at most 2 days", "25–30 min, then glaze,
 * then 10–15", "until 63° in the middle", "18 min per pound", "stir every 20 min", "three at a
 * time, 3 min a side", "start when 10° are missing".
 *
 * @param verb of the step it is for; what follows a "then" may name another
 */
export function readPhrase(text: string, foods: readonly Food[], verb?: Verb): ReadPhrase {
  const branch = IF_NOT.exec(text);
  const otherwise = branch ? otherwiseOf(branch.groups?.what ?? '') : undefined;
  const own = branch && otherwise ? text.slice(0, branch.index) : text;
  const [head = '', ...rest] = own.split(THEN);
  const first = { ...readOne(head, foods, verb), ...(otherwise && { otherwise }) };
  let last = verb ?? first.verb;
  const minutes = spansIn(own)[0];
  const then = rest.map((part) => {
    // "then 10–15": minutes again, as before.
    const bare = minutes !== undefined && /^\s*\d+(?:\s*[-–]\s*\d+)?\s*[.,;]?\s*$/u.test(part);
    const one = readOne(bare ? `${part.trim().replace(/[.,;]$/, '')} min` : part, foods, undefined);
    const named = one.verb ?? last;
    if (one.verb !== 'glaze' && one.verb !== 'turn' && one.verb !== 'baste') last = named;
    return { ...one, verb: named };
  });
  return { ...first, then };
}

/** What is done, how much longer, and how often; undefined where no time is said. */
function otherwiseOf(text: string): Otherwise | undefined {
  const often = HOW_OFTEN.exec(text);
  const said = often ? text.slice(0, often.index) : text;
  const [span] = spansIn(said);
  const minutes = span?.likelyMin ?? span?.mostMin ?? span?.leastMin;
  if (!span || minutes === undefined) return undefined;
  const what = said
    .slice(0, span.from)
    .replace(/[\s,]*(?:and|for|another|y)?\s*$/i, '')
    .trim();
  const chance = often ? Math.min(1, Number(often[1]) / 10) : USUAL_CHANCE;
  return { what: what === '' ? 'longer' : what, minutes, chance };
}

/** Where nobody says how often. Common practice, no source. */
const USUAL_CHANCE = 0.25;

function readOne(text: string, foods: readonly Food[], verb: Verb | undefined): ReadPhrase {
  const language = languageOf(text);
  const said = verbsIn(text, language).filter(({ verb: one }) => isVerb(one));
  const named =
    said.find(({ verb: one }) => one !== 'stir' && one !== 'turn' && one !== 'baste') ?? said[0];
  const spans = spansIn(text);
  const short = SHORT.exec(text) ?? SHORT_2.exec(text);
  const degrees = degreesIn(text, false).filter(
    ({ from }) => !short || from < short.index || from > short.index + short[0].length,
  );
  const core = degrees.find(({ sense }) => sense === 'core');
  const set = degrees.find(({ sense }) => sense === 'place');
  const every = spans.find(({ sense }) => sense === 'every');
  const begins = spans.find(({ from }) => FIRST.test(text.slice(0, from)));
  const length = spans.find((span) => span.sense !== 'every' && span !== begins);
  const rounds = AT_A_TIME.exec(text);
  const place = placeIn(text);
  const own = (named?.verb as Verb | undefined) ?? verb;
  const [food] = foods;
  return {
    verb: every && TENDS.has(named?.verb ?? 'mix') ? undefined : (named?.verb as Verb | undefined),
    time: timeOf(
      text,
      own,
      length,
      rounds ? numberIn(rounds[1] ?? '') : undefined,
      core?.tempC,
      food,
    ),
    tempC: set?.tempC,
    place: place === 'slow-cooker' ? 'counter' : place,
    coreC: core?.tempC,
    tending:
      every?.likelyMin === undefined
        ? undefined
        : {
            when: 'every',
            everyMin: every.likelyMin,
            ...(begins?.likelyMin !== undefined && { firstMin: begins.likelyMin }),
            minutes: 2,
            what: tendWord(text),
          },
    coreShortC: short ? Number(short[1]) : undefined,
    then: [],
    lit: [
      ...(named ? [[named.from, named.to] as const] : []),
      ...spans.map(({ from, to }) => [from, to] as const),
      ...degrees.map(({ from, to }) => [from, to] as const),
      ...(rounds ? [[rounds.index, rounds.index + rounds[0].length] as const] : []),
      ...(short ? [[short.index, short.index + short[0].length] as const] : []),
    ],
  };
}

const TENDS: ReadonlySet<VerbWords> = new Set<VerbWords>(['stir', 'turn', 'baste']);

function isVerb(said: VerbWords): said is Verb {
  return said !== 'cook' && said !== 'put' && said !== 'wait';
}

function tendWord(text: string): string {
  if (/turn|flip|vuelta|volte/i.test(text)) return 'Turn';
  if (/bast|brush|roc[ií]|rieg/i.test(text)) return 'Baste';
  if (/look|check|mira/i.test(text)) return 'Look';
  return 'Stir';
}

const OPEN: ReadonlySet<Verb> = new Set<Verb>([...ELASTIC, 'cool']);

function timeOf(
  text: string,
  verb: Verb | undefined,
  length: ReadDuration | undefined,
  perBatch: number | undefined,
  coreC: number | undefined,
  food: Food | undefined,
): StepTime | undefined {
  if (!length) {
    const heated =
      coreC !== undefined && food?.cut !== undefined && (verb === undefined || HEATS.has(verb));
    return heated ? { kind: 'heat', food: food.id, until: { coreC } } : undefined;
  }
  const times = length.perSide ? 2 : 1;
  const by = (minutes: number) => Math.max(1, Math.round(minutes * times));
  const usual = verb === undefined ? 30 : USUAL_MIN[verb];
  const likely = length.likelyMin ?? length.leastMin ?? length.mostMin ?? usual;
  const [least, most] = [
    Math.min(length.leastMin ?? likely * 0.7, likely),
    Math.max(length.mostMin ?? likely * 1.5, likely),
  ];
  if (length.sense === 'perKg' && food) {
    const each = perKgFactor(text, length);
    return {
      kind: 'perWeight',
      food: food.id,
      leastMinPerKg: round(least * each),
      likelyMinPerKg: round(likely * each),
      mostMinPerKg: round(most * each),
      plusMin: 0,
    };
  }
  const range = { leastMin: by(least), likelyMin: by(likely), mostMin: by(most) };
  if (perBatch !== undefined && food)
    return {
      kind: 'batches',
      food: food.id,
      perBatch: Math.max(1, Math.round(perBatch)),
      ...range,
    };
  const isOpen = verb !== undefined ? OPEN.has(verb) : most >= 3 * least;
  if (isOpen)
    return { kind: 'elastic', leastMin: by(least), bestMin: by(likely), longestMin: by(most) };
  if (range.leastMin === range.mostMin) return { kind: 'fixed', minutes: range.likelyMin };
  return { kind: 'range', ...range };
}

function round(minutes: number): number {
  return Math.round(minutes * 10) / 10;
}

/** A step changed as a phrase says; what it does not say stays. */
export function withPhrase(step: Step, phrase: ReadPhrase): Step {
  const { verb = step.verb, time, tempC, place, coreC, tending, coreShortC, otherwise } = phrase;
  // One phrase names no food: a step of several stays with its own.
  const own =
    time && 'food' in time && 'food' in step.time ? { ...time, food: step.time.food } : time;
  const isOpen = (own ?? step.time).kind === 'elastic' || (own ?? step.time).kind === 'soak';
  const tended = step.hands
    .filter((one) => one.when !== 'every' || isOnce(one) || tending === undefined)
    // Hands all through a step whose length is open cannot be planned.
    .map((one): Hands =>
      isOpen && one.when === 'all' ? { when: 'start', minutes: 5, what: one.what } : one,
    );
  const where: Place =
    place === undefined || place === step.place.kind ? step.place : { kind: place };
  return {
    ...step,
    verb,
    ...(own && { time: own }),
    place: { ...where, ...(tempC !== undefined && { tempC }) },
    hands: [...tended, ...(tending ? [tending] : [])],
    ...((coreC !== undefined || otherwise) && {
      doneWhen: {
        ...step.doneWhen,
        ...(coreC !== undefined && { coreC }),
        ...(otherwise && { otherwise }),
      },
    }),
    ...(coreShortC !== undefined &&
      step.after[0] && { after: [{ ...step.after[0], coreShortC }, ...step.after.slice(1)] }),
  };
}

const PLACES: Partial<Record<Verb, Place>> = {
  marinate: { kind: 'fridge', tempC: FRIDGE_C },
  brine: { kind: 'fridge', tempC: FRIDGE_C },
  chill: { kind: 'fridge', tempC: FRIDGE_C },
  thaw: { kind: 'fridge', tempC: FRIDGE_C },
  temper: { kind: 'counter', tempC: 20 },
  rise: { kind: 'counter', tempC: 22 },
  ferment: { kind: 'counter', tempC: 20 },
  soak: { kind: 'counter', tempC: 20 },
  cool: { kind: 'counter', tempC: 20 },
  roast: { kind: 'oven', tempC: 180 },
  bake: { kind: 'oven', tempC: 180 },
  preheat: { kind: 'oven', tempC: 180 },
  smoke: { kind: 'smoker', tempC: 120 },
  light: { kind: 'grill', tempC: 230 },
  grill: { kind: 'grill', tempC: 230 },
  sear: { kind: 'hob', tempC: 220 },
  brown: { kind: 'hob', tempC: 200 },
  fry: { kind: 'hob', tempC: 180 },
  simmer: { kind: 'hob', tempC: 95 },
  boil: { kind: 'hob', tempC: 100 },
  steam: { kind: 'hob', tempC: 100 },
  reduce: { kind: 'hob', tempC: 100 },
  braise: { kind: 'oven', tempC: 150 },
  glaze: { kind: 'oven', tempC: 200 },
  hold: { kind: 'hob', tempC: 80 },
  serve: { kind: 'table' },
};

/** A new step from what one types for it: "Roast 40 min at 180, until 63°". Undefined where no verb is named. */
export function stepOfPhrase(text: string, phrase: ReadPhrase, id: string): Step | undefined {
  const { verb } = phrase;
  if (!verb) return undefined;
  const usual = USUAL_MIN[verb];
  const label = text.split(/[,.;]|\s(?:for|at|until|during)\s|\s\d/i)[0]?.trim() || verb;
  const time: StepTime = OPEN.has(verb)
    ? { kind: 'elastic', leastMin: Math.round(usual * 0.6), bestMin: usual, longestMin: usual * 2 }
    : { kind: 'fixed', minutes: usual };
  const hands: Hands[] = BY_HAND.has(verb)
    ? [{ when: 'all', what: label }]
    : [{ when: 'start', minutes: Math.min(4, usual), what: label }];
  const bare: Step = {
    id,
    verb,
    label: label.charAt(0).toUpperCase() + label.slice(1),
    after: [],
    time,
    place: PLACES[verb] ?? { kind: 'board' },
    hands,
    cautions: [],
  };
  return withPhrase(bare, phrase);
}
