import type { Verb } from '../terms/index.ts';
import type { PlaceKind } from '../places/index.ts';
import { HEATS, IN_OVEN, type Context, type ReadAct } from './context.ts';
import type { Degree } from './degree.ts';
import { donenessIn } from './doneness.ts';
import { placeOf } from './settle-place.ts';
import { verbOf } from './settle-verb.ts';
import { perKgFactor, type ReadDuration } from './span.ts';
import { placeIn, type VerbWords, type VerbHit } from './verbs.ts';

const UNTIL = /(?:until|till|hasta que|hasta)\s+([^.;,(]{3,80})/iu;

const QUICK: ReadonlySet<VerbWords> = new Set<VerbWords>([
  'mix',
  'prepare',
  'serve',
  'slice',
  'shred',
  'shape',
]);

/** Where "rare" is said of meat. */
const DRY_FIRE: ReadonlySet<Verb> = new Set(['sear', 'grill', 'roast', 'bake', 'smoke', 'fry']);

export interface Share {
  readonly spans: readonly ReadDuration[];
  readonly degrees: readonly Degree[];
}

type MadeAct = Omit<ReadAct, 'line' | 'group' | 'meanwhile' | 'dayBefore'>;

/** The step a verb stands for, with what of its sentence belongs to it. */
export function actOf(
  text: string,
  hit: VerbHit,
  next: VerbHit | undefined,
  share: Share,
  context: Context,
): MadeAct | undefined {
  const own = text.slice(hit.from, next?.from ?? text.length);
  const before = text.slice(0, hit.from);
  const named = placeIn(own) ?? (next ? undefined : placeIn(before));
  const verb = verbOf(hit, before, own, named, context);
  if (verb === undefined) return undefined;
  const place = placeOf(verb, verb === 'light' ? (placeIn(text) ?? named) : named, context);
  const length = share.spans.find(({ sense }) => sense === 'length' || sense === 'perKg');
  const every = share.spans.find(({ sense }) => sense === 'every');
  const set = share.degrees.find(
    ({ sense, from }) => sense === 'place' && from < (next?.from ?? Infinity),
  );
  const core = share.degrees.find(({ sense }) => sense === 'core');
  const isSet =
    HEATS.has(verb) || verb === 'preheat' || verb === 'hold' || verb === 'rise' || verb === 'light';
  const tempC = isSet
    ? (set?.tempC ?? (HEATS.has(verb) ? inherited(verb, place, context) : undefined))
    : undefined;
  if (set && place === 'oven' && isSet) context.ovenC = set.tempC;
  if (set && (place === 'smoker' || place === 'grill') && isSet) context.fireC = set.tempC;
  const called =
    core === undefined && context.redMeat && DRY_FIRE.has(verb) ? donenessIn(own) : undefined;
  const until = UNTIL.exec(own)?.[1]?.trim();
  const until2 = /room temperature|temperatura ambiente/iu.test(until ?? '') ? undefined : until;
  return {
    verb,
    text,
    ...(length && !QUICK.has(verb) ? minutesOf(text, length, context) : {}),
    ...(!length && verb === 'rest' && bareRest(own)),
    tempC,
    untilC: HEATS.has(verb) ? (core?.tempC ?? called) : undefined,
    until: core ? undefined : until2,
    tendEveryMin: every?.likelyMin,
    tendWhat: every ? tendingIn(own) : undefined,
    place: place === undefined || place === 'slow-cooker' ? (place ? 'counter' : undefined) : place,
    slowCooker: place === 'slow-cooker' || (context.slowCooker && verb === 'braise') || undefined,
    lit: [
      [hit.from, hit.to],
      ...share.spans.map(({ from, to }) => [from, to] as const),
      ...share.degrees.map(({ from, to }) => [from, to] as const),
    ],
    guessed:
      called !== undefined || hit.verb === 'cook' || hit.verb === 'put' || hit.verb === 'wait',
  };
}

export function tendingIn(text: string): ReadAct['tendWhat'] {
  if (/turn|flip|vuelta|volte|gir[aá]nd/iu.test(text)) return 'turn';
  if (/bast|brush|roci|reg[aá]nd|pint[aá]nd|mop/iu.test(text)) return 'baste';
  return 'stir';
}

/** An oven stays as hot as it was last set, and so does a fire. */
function inherited(verb: Verb, place: PlaceKind | undefined, context: Context): number | undefined {
  if (place === 'oven' && IN_OVEN.has(verb)) return context.ovenC;
  if (place === 'smoker' || place === 'grill') return context.fireC;
  return undefined;
}

export function minutesOf(
  text: string,
  span: ReadDuration,
  context: Context,
): Pick<ReadAct, 'leastMin' | 'likelyMin' | 'mostMin'> {
  const weight =
    span.sense === 'perKg' ? (perKgFactor(text, span) * (context.weightG ?? NaN)) / 1000 : 1;
  const times = weight * (span.perSide ? 2 : 1);
  const by = (value: number | undefined) =>
    value === undefined || Number.isNaN(times)
      ? undefined
      : Math.max(value > 0 ? 1 : 0, Math.round(value * times));
  return { leastMin: by(span.leastMin), likelyMin: by(span.likelyMin), mostMin: by(span.mostMin) };
}

/** "Rest 5.": minutes, of course. */
function bareRest(own: string): Pick<ReadAct, 'leastMin' | 'likelyMin' | 'mostMin'> | undefined {
  const found = /^(?:rest|reposar?)\s+(\d{1,2})(?:\s*[-–]\s*(\d{1,2}))?\s*(?:[.,;]|$)/iu.exec(own);
  if (!found) return undefined;
  const [least, most] = [Number(found[1]), Number(found[2] ?? found[1])];
  return { leastMin: least, likelyMin: Math.round((least + most) / 2), mostMin: most };
}
