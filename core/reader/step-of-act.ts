import { NIGHT_MIN, SLOW_OVEN_GIVE_C } from '../figures/index.ts';
import type { Mixture } from '../batch/index.ts';
import { once, type Food, type Step, type StepTime } from '../meal/index.ts';
import { FIRE_VERBS, type Verb } from '../terms/index.ts';
import type { ReadAct } from './context.ts';
import { isNight, overnight } from './night.ts';
import { isInBath } from './step-gaps.ts';
import { labelOf } from './step-label.ts';
import { isNearlyTooLong, LONGEST_TEMPER_MIN } from './tempered.ts';
import { inWater } from './water-place.ts';

/** What its steps are of. */
export interface About {
  readonly dishId: string;
  readonly foods: readonly Food[];
  readonly mixtures: readonly Mixture[];
  readonly fresh: (wish: string) => string;
}

/** How long a step takes that says nothing of it, and how far that may go. Common practice, no source. */
export const USUAL_MIN: Readonly<Record<Verb, number>> = {
  thaw: 1440,
  brine: 720,
  soak: 30,
  mix: 10,
  marinate: 480,
  temper: 40,
  light: 35,
  preheat: 15,
  sear: 8,
  brown: 12,
  grill: 12,
  smoke: 120,
  roast: 60,
  bake: 30,
  braise: 120,
  simmer: 30,
  boil: 10,
  steam: 15,
  fry: 8,
  reduce: 10,
  glaze: 5,
  baste: 3,
  turn: 2,
  stir: 3,
  rise: 75,
  ferment: 7 * 1440,
  knead: 10,
  shape: 15,
  cool: 40,
  chill: 60,
  rest: 10,
  hold: 15,
  slice: 8,
  shred: 15,
  serve: 5,
  prepare: 15,
};

/** Whose length is ours to choose, within what was said. */
export const ELASTIC: ReadonlySet<Verb> = new Set([
  'brine',
  'marinate',
  'chill',
  'rest',
  'hold',
  'rise',
  'ferment',
  'soak',
  'thaw',
]);
/** Done by hand from beginning to end. */
export const BY_HAND: ReadonlySet<Verb> = new Set([
  'mix',
  'prepare',
  'knead',
  'shape',
  'slice',
  'shred',
  'serve',
  'stir',
  'turn',
  'baste',
  'glaze',
  'sear',
  'fry',
]);
/** A skim or a rinse is quick, chopping is not. Common practice, no source. */
function usualMin({ verb, text, lit }: ReadAct): number {
  const said = text.slice(lit[0]?.[0] ?? 0);
  if (verb === 'cool' && IN_WATER.test(text)) return QUICK_WORK_MIN;
  if (verb === 'soak' && PULSES.test(said)) return NIGHT_MIN.likely;
  return verb === 'prepare' && QUICK_WORK.test(said) ? QUICK_WORK_MIN : USUAL_MIN[verb];
}

/** Under the tap, in ice: cold in no time. */
const IN_WATER =
  /(?<![a-zß-ɏ])(?:refresh|cold (?:running )?water|cold tap|iced? water|agua (?:fr[ií]a|helada|con hielo))(?![a-zß-ɏ])/i;
/** Dried pulses soak for a night. */
export const PULSES =
  /(?<![a-zß-ɏ])(?:beans?|chickpeas?|pulses|garbanzos|alubias|jud[ií]as|frijoles|porotos|fabes)(?![a-zß-ɏ])/i;

const QUICK_WORK =
  /^(?:skim|strain|drain|pat|rinse|wipe|wash|scrape|score|prick|slash|escurr|col(?:a|e|amos)|cuel|lav|sec|espum|retir)/i;
const QUICK_WORK_MIN = 5;

/** One act as a step of a dish: its time, place and hands; what it waits for is not known yet. */
export function stepOf(act: ReadAct, about: About, soak?: string, makes?: string): Step {
  const { verb, place = 'board', tempC } = act;
  const label = labelOf(act);
  const minutes = usualMin(act);
  const likely = act.likelyMin ?? act.leastMin ?? act.mostMin ?? minutes;
  const core = act.untilC === undefined ? {} : { coreC: act.untilC };
  const text = act.until === undefined ? {} : { text: act.until };
  const otherwise = act.otherwise && { otherwise: { ...act.otherwise, chance: 0.25 } };
  const doneWhen = { ...core, ...text, ...otherwise };
  const cools = coolsDown(act, makes);
  const onRoom = COLD_C[place];
  const inFat = isInFat(act);
  return {
    id: about.fresh(`${about.dishId}-${verb}`),
    verb,
    label,
    after: [],
    time: cools ?? timeOf(act, about, soak),
    place: cools
      ? { kind: 'fridge', tempC: COLD_C.fridge }
      : act.slowCooker
        ? { kind: 'slow-cooker', tempC: HIGH_ONLY.test(act.text) ? SLOW_HIGH_C : SLOW_LOW_C }
        : (inWater(act) ?? {
            kind: inFat ? 'deep-fryer' : isUnderPressure(act) ? 'pressure-cooker' : place,
            ...(tempC !== undefined
              ? withGive(act, tempC)
              : onRoom !== undefined && { tempC: onRoom }),
            ...(inFat && tempC === undefined && { tempC: FAT_C }),
          }),
    hands: handsOf(act, label, likely),
    cautions: [],
    ...(Object.keys(doneWhen).length > 0 && { doneWhen }),
  };
}

/** A heat as it is asked; what lies for hours in a slow oven shares it with what asks nearly the same. */
function withGive(
  { verb, place, likelyMin = 0 }: ReadAct,
  tempC: number,
): Pick<Step['place'], 'tempC' | 'fromC' | 'toC'> {
  const isSlow = verb === 'braise' || (likelyMin >= SLOW_FROM_MIN && tempC <= SLOW_MOST_C);
  if (place !== 'oven' || !isSlow || tempC < SLOW_LEAST_C) return { tempC };
  return { tempC, fromC: tempC - SLOW_OVEN_GIVE_C, toC: tempC + SLOW_OVEN_GIVE_C };
}

/** Our own line, no source. */
const SLOW_FROM_MIN = 90;
const SLOW_MOST_C = 170;
/** Where ten degrees less would warm raw meat too slowly. */
const SLOW_LEAST_C = 110;

/** "Cool", of a boiled brine: until it is cold. */
function coolsDown(act: ReadAct, makes: string | undefined): StepTime | undefined {
  const open = act.likelyMin === undefined && act.mostMin === undefined;
  return makes !== undefined && (act.verb === 'cool' || act.verb === 'chill') && open
    ? { kind: 'cooling', mixture: makes }
    : undefined;
}

function isUnderPressure({ verb, text, place }: ReadAct): boolean {
  // "(45 minutes in a pressure cooker)" is another way to do it.
  const said = text.replace(/\([^()]*\)|(?<![a-zß-ɏ])(?:or|o)\s.*$/gi, '');
  return verb === 'braise' && place !== 'oven' && PRESSURE.test(said);
}

const PRESSURE =
  /(?<![a-zß-ɏ])(?:pressure[- ]?cook[a-zß-ɏ]*|(?:high|full|low|under|up to) pressure|olla (?:expr[eé]s|r[aá]pida|a presi[oó]n)|a presi[oó]n|(?:sub|alcanc|cog|tom)[a-zß-ɏ]* (?:la )?presi[oó]n)(?![a-zß-ɏ])/i;

/** "Slide the pan into the oven": it goes on in the metal that browned it. */
function isInHotPan({ place, text }: ReadAct): boolean {
  return place === 'oven' && PAN_INTO_OVEN.test(text);
}

const HOT_PAN = { cooker: 'pan-in-oven' } as const;
const PAN_INTO_OVEN =
  /(?<![a-zß-ɏ])(?:(?:transfer|move|slide|slip|put|pop|place|shove) (?:the |your )?(?:whole |hot |same )?(?:pan|skillet|frying pan|casserole) (?:straight |directly )?(?:in|to|into)(?![a-zß-ɏ])[^.;]{0,20} oven|oven(?: (?:at|set to) \d+ ?°? ?[CF]?)?,? (?:still )?in (?:its|the same|the hot) (?:pan|skillet)|in (?:its|the same|the hot) (?:pan|skillet) [^.;]{0,20}oven|(?:mete|pasa|lleva|pon)[a-zß-ɏ]* la (?:misma )?sart[eé]n (?:en el|al) horno)(?![a-zß-ɏ])/i;

/** Under fat: it is said, or how hot the fat is. */
function isInFat({ verb, place, text, tempC }: ReadAct): boolean {
  if (verb !== 'fry' || place !== 'hob') return false;
  const hot = tempC !== undefined && tempC >= FAT_LEAST_C && tempC <= FAT_MOST_C;
  return (hot && !IN_PAN.test(text)) || UNDER_FAT.test(text);
}

const UNDER_FAT =
  /(?<![a-zß-ɏ])(?:deep[- ]f(?:ry|ried|rying|at)|(?:in|into) (?:the )?(?:deep|hot,? deep|plenty of (?:hot )?) ?(?:oil|fat|butter)|(?:en )?(?:abundante|mucho) aceite|aceite (?:abundante|hondo)|freidora)(?![a-zß-ɏ])/i;
const IN_PAN = /(?<![a-zß-ɏ])(?:frying pan|skillet|griddle|sart[eé]n|plancha)(?![a-zß-ɏ])/i;
/** Fat as hot as one fries in, °C. Common practice, no source. */
const FAT_LEAST_C = 140;
const FAT_MOST_C = 200;
const FAT_C = 175;

/** "On high", and not "on low or on high". */
const HIGH_ONLY =
  /^(?!.*(?<![a-zß-ɏ])(?:low|bajo)(?![a-zß-ɏ])).*(?<![a-zß-ɏ])(?:high|alto)(?![a-zß-ɏ])/i;
/** What its two settings come to; core/places/slow-cooker.ts. */
const SLOW_LOW_C = 91;
const SLOW_HIGH_C = 96;

const COLD_C: Readonly<Partial<Record<string, number>>> = { fridge: 4, counter: 20 };

/** The time as the recipe says it; by heat where it says only a core. */
function timeOf(act: ReadAct, { foods }: About, soak: string | undefined): StepTime {
  const { verb, leastMin, likelyMin, mostMin, untilC } = act;
  if (soak !== undefined && foods.length > 0) return { kind: 'soak', mixture: soak };
  const said = leastMin ?? likelyMin ?? mostMin;
  const [food] = foods;
  if (said === undefined && untilC !== undefined && food && FIRE_VERBS.has(verb)) {
    const until = { coreC: untilC };
    return { kind: 'heat', food: food.id, until, ...(isInHotPan(act) && HOT_PAN) };
  }
  const usual = usualMin(act);
  // "Up to three days": no longer than is usual, where nothing is said of the least.
  const upTo = mostMin !== undefined && ELASTIC.has(verb) ? Math.min(mostMin, usual) : mostMin;
  const likely = Math.max(1, likelyMin ?? leastMin ?? upTo ?? usual);
  const least = Math.min(likely, Math.max(1, leastMin ?? Math.round(likely * 0.8)));
  const most = Math.max(likely, mostMin ?? Math.round(likely * (ELASTIC.has(verb) ? 2 : 1.25)));
  const stretched = Math.max(most, Math.round(likely * (STRETCH[verb] ?? 1)));
  // A dough rises no longer than it must.
  const night = isNight(act) ? overnight(undefined) : undefined;
  const best = night && verb !== 'rise' && verb !== 'ferment' ? night.bestMin : likely;
  const longest = Math.max(most, night?.longestMin ?? stretched);
  // Two hours out are the most, and the way into the fire counts.
  if (isNearlyTooLong(verb, likely))
    return {
      kind: 'elastic',
      leastMin: 60,
      bestMin: LONGEST_TEMPER_MIN,
      longestMin: LONGEST_TEMPER_MIN,
    };
  // A day and a half in a bath may be two.
  if (isInBath(verb, act.tempC) && likely >= LONG_BATH_MIN)
    return {
      kind: 'elastic',
      leastMin: likely,
      bestMin: likely,
      longestMin: Math.max(most, Math.round(likely * LONG_BATH_STRETCH)),
    };
  if (ELASTIC.has(verb))
    return { kind: 'elastic', leastMin: least, bestMin: best, longestMin: longest };
  if (least === likely && likely === most) return { kind: 'fixed', minutes: likely };
  return { kind: 'range', leastMin: least, likelyMin: likely, mostMin: most };
}

/** From so long on a bath does little in an hour more; and how much longer it may be. Common practice, no source. */
const LONG_BATH_MIN = 480;
const LONG_BATH_STRETCH = 1.33;

/** What lies so long may lie longer, times as long. Common practice, no source. */
const STRETCH: Readonly<Partial<Record<Verb, number>>> = {
  rest: 1.5,
  soak: 1.5,
  thaw: 1.5,
  chill: 2,
};

function handsOf(act: ReadAct, label: string, likely: number): Step['hands'] {
  const { verb, tendEveryMin } = act;
  if (BY_HAND.has(verb) || (verb === 'brown' || verb === 'grill' ? likely <= 20 : false))
    return [{ when: 'all', what: label }];
  if (ELASTIC.has(verb) || verb === 'temper' || verb === 'cool')
    return [{ when: 'start', minutes: 3, what: label }];
  const start = { when: 'start' as const, minutes: Math.min(5, likely), what: label };
  const moments = (act.moments ?? []).map(({ afterMin, what }) =>
    once(afterMin, IN_PASSING_MIN, what),
  );
  if (tendEveryMin === undefined || tendEveryMin < 2) return [start, ...moments];
  return [
    start,
    ...moments,
    { when: 'every', everyMin: tendEveryMin, minutes: 2, what: TENDING[act.tendWhat ?? 'stir'] },
  ];
}

/** Something added, a lid taken off. Common practice, no source. */
const IN_PASSING_MIN = 3;

const TENDING = { stir: 'Stir', turn: 'Turn', baste: 'Baste' } as const;
