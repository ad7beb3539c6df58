import { NIGHT_MIN } from '../figures/index.ts';
import { FIRE_VERBS, type Verb } from '../terms/index.ts';
import type { Mixture } from '../batch/index.ts';
import { once, type Food, type Step, type StepTime } from '../meal/index.ts';
import type { ReadAct } from './context.ts';
import { componentsBeside } from './components-beside.ts';
import type { ReadRecipe } from './read.ts';
import { madeForSoak } from './made-for-soak.ts';
import { isNight, overnight } from './night.ts';
import { soaksOfActs } from './soaks.ts';
import { isListedSoak } from './soaked-in-list.ts';
import { mixturesUsedAgain } from './used-again.ts';
import { foodsOfActs, isOfSauce, OFF_FIRE } from './step-foods.ts';
import { isNearlyTooLong, LONGEST_TEMPER_MIN } from './tempered.ts';
import { inWater } from './water-place.ts';
import { besides, follows, isInBath, isSoak, joining, joiningHot } from './step-gaps.ts';
import { labelOf } from './step-label.ts';
import { joinLast, lastNoun, takeNamed, type WaitingStep } from './waiting-steps.ts';

interface About {
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
const ELASTIC: ReadonlySet<Verb> = new Set([
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
const AHEAD: ReadonlySet<Verb> = new Set(['preheat', 'light']);

/**
 * The steps of a recipe as a chain: one after the other; fires, sauces and what goes on meanwhile
 * beside it.
 */
export function stepsOf(recipe: ReadRecipe, about: About): Step[] {
  const steps: Step[] = [];
  let main: Step | undefined;
  /** The last step of a sauce that is made beside. */
  let side: Step | undefined;
  /** It waits for no meat, so only what it goes into says how soon it is wanted. */
  let isFree = false;
  /** The last step of each component that is made beside, by its name. */
  const components = new Map<string, Step>();
  let component: { readonly name: string; readonly line: number } | undefined;
  /** What waits for the step that names it. */
  const waiting: WaitingStep[] = [];
  let joins: Step[] = [];
  /** The food has been over a fire. */
  let isHot = false;
  const foods = foodsOfActs(recipe, about.foods);
  const soaks = soaksOfActs(recipe.acts, about.mixtures);
  const { byAct: again, atTable } = mixturesUsedAgain(recipe, about.mixtures, soaks);
  const made = madeForSoak(recipe.acts, foods, soaks);
  const beside = componentsBeside(recipe.acts, about.foods, recipe.ingredients);
  // Where there is no food, everything is done to the one mixture.
  const [only] = about.foods.length === 0 && about.mixtures.length === 1 ? about.mixtures : [];
  const joined = (step: Step) => {
    joins.push(step);
    steps.push(step);
  };
  recipe.acts.forEach((act, i) => {
    const worked = foods[i];
    const makes = made.get(i);
    const step = {
      ...stepOf(act, about, soaks.get(i), makes),
      ...(worked && { foods: [...worked] }),
      ...withMixtures(
        again.get(i) ??
          (makes === undefined ? undefined : [makes]) ??
          (only && !ALONE.has(act.verb) ? [only.id] : undefined),
      ),
    };
    const soaksLater = recipe.acts.slice(i + 1).some(({ verb }) => isSoak(verb));
    const ofLine = worked?.length === 0 && act.line === component?.line;
    const name = AHEAD.has(act.verb)
      ? undefined
      : (beside.get(i) ?? (ofLine ? component?.name : undefined));
    // Taken only by what goes on with it: an oven that is heated for beans does not want them yet.
    const named = () => takeNamed(waiting, act.text).map(joining);
    if (isListedSoak(act) && about.foods.length > 0) {
      steps.push(step);
      waiting.push({ step, word: lastNoun(act.text) });
    } else if (name !== undefined) {
      const before = components.get(name);
      joins = joins.filter((one) => one !== before);
      const made = { ...step, after: [...(before ? [follows(before, act)] : []), ...named()] };
      components.set(name, made);
      component = { name, line: act.line };
      // A dough is what is baked next; anything else is served beside.
      if (name === 'dough') joined(made);
      else steps.push(made);
    } else if (AHEAD.has(act.verb) || isAside(act) || (main && isOfPulses(act))) joined(step);
    else if (worked?.length === 0 && main && !soaksLater && isMadeBeside(act, main, side)) {
      isFree = side ? isFree : isOfItself(act);
      const after = side ? [follows(side, act)] : isFree ? [] : besides(main);
      joins = joins.filter((one) => one !== side);
      side = { ...step, after: [...after, ...named()] };
      joined(side);
    } else if (act.meanwhile && main) {
      // What was begun beside goes on beside.
      const before = joins.find((one) => sameFoods(one, step));
      joins = joins.filter((one) => one !== before);
      const after = before ? [follows(before, act)] : besides(main);
      joined({ ...step, after: [...after, ...named()] });
    } else {
      const gap = main && follows(main, act, side, isHot);
      main = {
        ...step,
        after: [
          ...(gap ? [gap] : []),
          ...joins.map((one) => (isFree && one === side ? joiningHot(one) : joining(one))),
          ...named(),
        ],
      };
      if (worked?.length !== 0 && FIRE_VERBS.has(act.verb)) isHot = true;
      [joins, side] = [[], undefined];
      steps.push(main);
    }
  });
  joinLast(steps, waiting, joining);
  if (atTable && main) {
    const text = recipe.lines[atTable.line]?.text ?? '';
    const act: ReadAct = { ...SERVED, text, line: atTable.line };
    const mixtures = withMixtures(atTable.mixtures);
    steps.push({ ...stepOf(act, about), after: [follows(main, act)], ...mixtures });
  }
  return steps;
}

function sameFoods(
  { foods: some = [] }: Step,
  { foods: others = [] }: Pick<Step, 'foods'>,
): boolean {
  return (
    some.length > 0 && some.length === others.length && some.every((id) => others.includes(id))
  );
}

/** Put on at the table. */
const SERVED = {
  verb: 'serve',
  place: 'table',
  meanwhile: false,
  dayBefore: false,
  lit: [],
  guessed: true,
} as const satisfies Omit<ReadAct, 'text' | 'line'>;

/** What is done to no food and no mixture. */
const ALONE: ReadonlySet<Verb> = new Set(['light', 'preheat', 'serve']);

function withMixtures(mixtures: readonly string[] | undefined): Pick<Step, 'mixtures'> {
  return mixtures ? { mixtures: [...mixtures] } : {};
}

/** A sauce: by its words, after another of its steps, or while the meat is off its fire. */
function isMadeBeside(act: ReadAct, main: Step, side: Step | undefined): boolean {
  // "Fry the lardons", while the chicken is still in its wine: it is not out for that.
  const stillSoaks = isSoak(main.verb) && FIRE_VERBS.has(act.verb);
  return side !== undefined || OFF_FIRE.has(main.verb) || stillSoaks || isOfSauce(act);
}

/** "For the sauce, warm the milk": nothing of the meat is in it, and it need not wait for any. */
function isOfItself(act: ReadAct): boolean {
  return isOfSauce(act) && !OF_MEAT.test(act.text);
}

const OF_MEAT =
  /(?<!\p{L})(?:juices?|drippings?|cooking (?:liquid|liquor)|braising|fat|tin|tray|pan|skillet|pot|casserole|deglaz\p{L}*|meat|rest(?:s|ing)?|jugos?|fondo|desgl\p{L}*|bandeja|fuente|sart[eé]n|cazuela|olla|carne|repos\p{L}*)(?!\p{L})/iu;

/** Skewers or chips in water, while the meat waits its turn. */
function isAside({ verb, text }: ReadAct): boolean {
  return verb === 'soak' && ASIDE.test(text);
}

/** Beans soak beside whatever else is done. */
function isOfPulses({ verb, text, likelyMin }: ReadAct): boolean {
  return verb === 'soak' && PULSES.test(text) && (likelyMin ?? NIGHT_MIN.likely) >= NIGHT_MIN.least;
}

const ASIDE =
  /(?<!\p{L})(?:skewers?|sticks?|(?:wood )?chips|planks?|brochetas|palillos|astillas)(?!\p{L})/iu;

/** A skim or a rinse is quick, chopping is not. Common practice, no source. */
function usualMin({ verb, text, lit }: ReadAct): number {
  const said = text.slice(lit[0]?.[0] ?? 0);
  if (verb === 'cool' && IN_WATER.test(text)) return QUICK_WORK_MIN;
  if (verb === 'soak' && PULSES.test(said)) return NIGHT_MIN.likely;
  return verb === 'prepare' && QUICK_WORK.test(said) ? QUICK_WORK_MIN : USUAL_MIN[verb];
}

/** Under the tap, in ice: cold in no time. */
const IN_WATER =
  /(?<!\p{L})(?:refresh|cold (?:running )?water|cold tap|iced? water|agua (?:fr[ií]a|helada|con hielo))(?!\p{L})/iu;
/** Dried pulses soak for a night. */
const PULSES =
  /(?<!\p{L})(?:beans?|chickpeas?|pulses|garbanzos|alubias|jud[ií]as|frijoles|porotos|fabes)(?!\p{L})/iu;

const QUICK_WORK =
  /^(?:skim|strain|drain|pat|rinse|wipe|wash|scrape|score|prick|slash|escurr|col(?:a|e|amos)|cuel|lav|sec|espum|retir)/iu;
const QUICK_WORK_MIN = 5;

function stepOf(act: ReadAct, about: About, soak?: string, makes?: string): Step {
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
            ...(tempC !== undefined ? { tempC } : onRoom !== undefined && { tempC: onRoom }),
            ...(inFat && tempC === undefined && { tempC: FAT_C }),
          }),
    hands: handsOf(act, label, likely),
    cautions: [],
    ...(Object.keys(doneWhen).length > 0 && { doneWhen }),
  };
}

/** "Cool", of a boiled brine: until it is cold. */
function coolsDown(act: ReadAct, makes: string | undefined): StepTime | undefined {
  const open = act.likelyMin === undefined && act.mostMin === undefined;
  return makes !== undefined && (act.verb === 'cool' || act.verb === 'chill') && open
    ? { kind: 'cooling', mixture: makes }
    : undefined;
}

function isUnderPressure({ verb, text, place }: ReadAct): boolean {
  // "(45 minutes in a pressure cooker)" is another way to do it.
  const said = text.replace(/\([^()]*\)|(?<!\p{L})(?:or|o)\s.*$/giu, '');
  return verb === 'braise' && place !== 'oven' && PRESSURE.test(said);
}

const PRESSURE =
  /(?<!\p{L})(?:pressure[- ]?cook\p{L}*|(?:high|full|low|up to) pressure|olla (?:expr[eé]s|r[aá]pida|a presi[oó]n)|a presi[oó]n|(?:sub|alcanc|cog|tom)\p{L}* (?:la )?presi[oó]n)(?!\p{L})/iu;

/** Under fat: it is said, or how hot the fat is. */
function isInFat({ verb, place, text, tempC }: ReadAct): boolean {
  if (verb !== 'fry' || place !== 'hob') return false;
  const hot = tempC !== undefined && tempC >= FAT_LEAST_C && tempC <= FAT_MOST_C;
  return (hot && !IN_PAN.test(text)) || UNDER_FAT.test(text);
}

const UNDER_FAT =
  /(?<!\p{L})(?:deep[- ]f(?:ry|ried|rying|at)|(?:in|into) (?:the )?(?:deep|hot,? deep|plenty of (?:hot )?) ?(?:oil|fat|butter)|(?:en )?(?:abundante|mucho) aceite|aceite (?:abundante|hondo)|freidora)(?!\p{L})/iu;
const IN_PAN = /(?<!\p{L})(?:frying pan|skillet|griddle|sart[eé]n|plancha)(?!\p{L})/iu;
/** Fat as hot as one fries in, °C. Common practice, no source. */
const FAT_LEAST_C = 140;
const FAT_MOST_C = 200;
const FAT_C = 175;

/** "On high", and not "on low or on high". */
const HIGH_ONLY = /^(?!.*(?<!\p{L})(?:low|bajo)(?!\p{L})).*(?<!\p{L})(?:high|alto)(?!\p{L})/iu;
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
    return { kind: 'heat', food: food.id, until: { coreC: untilC } };
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
