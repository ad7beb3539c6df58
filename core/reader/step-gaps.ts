import { MINUTES_PER_DAY, NEXT_STEP_MOST_MIN } from '../figures/index.ts';
import type { Step } from '../meal/index.ts';
import { FIRE_VERBS, type Verb } from '../terms/index.ts';
import type { ReadAct } from './context.ts';
import { OFF_FIRE } from './step-foods.ts';

type Gap = Step['after'][number];

/** Made at the same time; a sauce not before the meat is off its fire. */
export function besides({ id, verb }: Step): Gap[] {
  return OFF_FIRE.has(verb) ? [{ step: id, from: 'start', leastMin: 0 }] : [];
}

/** What was made beside is wanted here; a fire does not burn for long. */
export function joining({ id, verb }: Step): Gap {
  return { step: id, from: 'end', leastMin: 0, ...(verb === 'light' && { mostMin: EMBERS_MIN }) };
}

/** A sauce that was made for itself is wanted while it is hot. */
export function joiningHot(step: Step): Gap {
  return FIRE_VERBS.has(step.verb) || step.verb === 'reduce'
    ? { ...joining(step), mostMin: IN_LID_MIN }
    : joining(step);
}

/** The next step comes when the one before is over; how soon, by what is between. */
export function follows(
  before: Step,
  act: ReadAct,
  side?: Step,
  { isHot = false, isPlant = false }: { readonly isHot?: boolean; readonly isPlant?: boolean } = {},
): Gap {
  // It waits for its sauce.
  const waits = side !== undefined && side.id !== before.id;
  const open = act.dayBefore || isSoak(act.verb) || isSoak(before.verb) || waits;
  const gap = { step: before.id, from: 'end' as const, leastMin: 0 };
  // What was cooked goes into the cold before long, and comes out within days; a dough the next.
  if (before.verb === 'chill' && before.place.kind === 'fridge')
    return { ...gap, mostMin: isHot ? COOKED_KEEPS_MIN : MINUTES_PER_DAY };
  if (act.verb === 'chill' && !waits && !isSoak(before.verb) && !act.dayBefore)
    return { ...gap, mostMin: isHot ? INTO_COLD_MIN : NEXT_STEP_MOST_MIN };
  // Seared and coated, it goes on at once.
  const atOnce = isHot && FIRE_VERBS.has(act.verb);
  if (open) return gap;
  const isBath = isInBath(before.verb, before.place.tempC);
  if (isPlant && MADE_READY.has(before.verb))
    return { ...gap, mostMin: isHot ? COOKED_PLANTS_MIN : CUT_PLANTS_MIN };
  const mostMin = atOnce && !isBath ? betweenFires(before, act.verb) : waitAfter(before, act.verb);
  return { ...gap, mostMin };
}

/** Vegetables that are cut wait for their fire, less long once they are parboiled. Common practice, no source. */
const CUT_PLANTS_MIN = 120;
const COOKED_PLANTS_MIN = 45;
const MADE_READY: ReadonlySet<Verb> = new Set(['prepare', 'mix', 'slice']);

/** Browned meat waits for its onions, a stew in its lid for what is stirred in; a steak for nothing. */
function betweenFires(before: Step, next: Verb): number {
  if (!IN_POT.has(next)) return AT_ONCE_MIN;
  if (before.verb === 'brown') return A_WHILE_MIN;
  if (!WET_FIRES.has(before.verb)) return AT_ONCE_MIN;
  const share = Math.round(minutesOf(before) * IN_BATH_SHARE);
  return Math.max(AT_ONCE_MIN, Math.min(IN_LID_MIN, share));
}

const IN_POT: ReadonlySet<Verb> = new Set(['simmer', 'braise', 'boil', 'fry']);

/** How long food may wait between two things done to it, minutes. Common practice, no source. */
function waitAfter(step: Step, next: Verb): number {
  const { verb: before } = step;
  if (isInBath(before, step.place.tempC)) return inBathMin(step);
  if (WET_FIRES.has(before) && OFF_FIRE.has(next)) return IN_LID_MIN;
  if (TURNS.has(before)) return AT_ONCE_MIN;
  if (before === 'temper') return SOON_MIN;
  if (!FIRE_VERBS.has(before)) return before === 'rest' ? A_WHILE_MIN : NEXT_STEP_MOST_MIN;
  const goesOn = FIRE_VERBS.has(next) || TURNS.has(next) || OFF_FIRE.has(next);
  return goesOn ? AT_ONCE_MIN : A_WHILE_MIN;
}

/** Cooked in a liquid that does not boil. @param tempC of the liquid */
export function isInBath(verb: Verb, tempC: number | undefined): boolean {
  return WET_FIRES.has(verb) && (tempC ?? Infinity) <= BATH_MOST_C;
}

/** How long what is done may lie on in its bath: a fish poached for ten minutes no hour. */
function inBathMin(step: Step): number {
  const share = Math.round(minutesOf(step) * IN_BATH_SHARE);
  return Math.max(AT_ONCE_MIN, Math.min(IN_BATH_MIN, share));
}

function minutesOf({ time }: Step): number {
  return time.kind === 'fixed' ? time.minutes : 'leastMin' in time ? time.leastMin : 0;
}

const WET_FIRES: ReadonlySet<Verb> = new Set(['simmer', 'braise']);
/** Hotter, it cooks on. Our own line, no source. */
const BATH_MOST_C = 85;
/** In its bath it stays as it is for half as long again, in its lid it stays hot. Common practice, no source. */
const IN_BATH_MIN = 120;
const IN_BATH_SHARE = 0.5;
const IN_LID_MIN = 30;
const TURNS: ReadonlySet<Verb> = new Set(['turn', 'baste', 'glaze', 'stir']);
const AT_ONCE_MIN = 5;
/** Out of the cold, food does not wait again. */
const SOON_MIN = 10;
const A_WHILE_MIN = 15;
/** Three days, as guidance has it; and how soon it goes in. FoodSafety.gov, cold storage chart, from memory. */
const COOKED_KEEPS_MIN = 3 * MINUTES_PER_DAY;
const INTO_COLD_MIN = 90;
/** Coals that are ready. */
const EMBERS_MIN = 30;

/** What lies in the cold, and may lie longer. */
export function isSoak(verb: Verb): boolean {
  return verb === 'marinate' || verb === 'brine' || verb === 'chill';
}
