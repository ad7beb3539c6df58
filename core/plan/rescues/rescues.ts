import { MINUTES_PER_DAY } from '../../figures/index.ts';
import { applyCommand, type Dish, type Kitchen, type Meal } from '../../meal/index.ts';
import { addDays, dayLong, epochMinOf, wallClock } from '../../time/index.ts';
import { buildNetwork } from '../network/meal-network.ts';
import { peopleOf, type Person } from '../resources/people.ts';
import { expandMeal, type ExpandedStep } from '../network/expanded-steps.ts';
import { solveEarliest } from '../network/time-network.ts';
import type { RescueCandidate } from './candidate.ts';
import { allAheadOrBought } from './other-ways.ts';
import {
  dishesInTheWay,
  leaveOut,
  rescueCandidates,
  serveAtCandidate,
  smallerTables,
} from './candidates.ts';
import { twoServings } from './two-servings.ts';
import { upEarlier } from './up-earlier.ts';
import type { Plan, Rescue } from '../planned.ts';
import { works, type TryMeal } from './tried.ts';

/** How far back the cook's hours are laid out. */
const DAYS_BACK = 60;
/** How far ahead a serving time is looked for. */
const DAYS_AHEAD = 30;
/** Serving times are offered on such minutes. */
const ROUND_MIN = 5;
/** How much later than the first hour that works a surer one is looked for, minutes. */
const SURER_AFTER_MIN = [10, 20, 30, 45, 60, 90, 120, 180];
/** Hours tried before none is offered: fine at first, then coarser. */
const FINE_TRIES = 12;
const TRIES_OF_HOURS = 30;
const COARSE_MIN = 20;
/** Days on which the same clock time is tried. */
const DAYS_TRIED = 8;

/** Work, not time: every offer is planned whole, and no more than so many are tried. */
const TRIES = 10;
/** Where nothing else works: every dish, and most pairs of a large table. */
const LAST_TRIES = 24;
/** How many that work are offered, besides other hours. */
const OFFERED = 3;

/** A way out that works, with the chance it gives. */
interface TriedCandidate extends RescueCandidate {
  readonly onTime: number;
}

/**
 * What mends a plan, the cheapest first: each is planned whole before it is offered, and offered
 * only when it can be carried out then.
 */
export function rescuesFor(
  meal: Meal,
  kitchen: Kitchen,
  made: Plan,
  nowMin: number,
  tryMeal: TryMeal,
): Rescue[] {
  const hours = made.status === 'cannot' ? otherHours(meal, kitchen, made, nowMin, tryMeal) : [];
  const never = made.status === 'cannot' ? neverAlone(meal, tryMeal) : [];
  const together = allAheadOrBought(never, meal, made);
  const candidates = [...(together ? [together] : []), ...rescueCandidates(meal, made)];
  const working = thatWork(candidates.slice(0, TRIES), OFFERED, meal, made, tryMeal);
  const apart = made.status === 'cannot' ? apartWays(meal, made, hours) : [];
  const halves = thatWork(apart.slice(0, TRIES), 1, meal, made, tryMeal);
  // Where a later hour works, so may an earlier morning.
  const mornings = hours.length > 0 ? upEarlier(meal, made) : [];
  const up = morningThatWorks(mornings, meal, made, tryMeal);
  const found = [...working, ...halves, ...up, ...hours];
  const last = () => thatWork(lastWays(meal, made, never), 1, meal, made, tryMeal);
  return (found.length > 0 || made.status !== 'cannot' ? found : last())
    .sort((a, b) => a.price - b.price)
    .map(({ price, ...rescue }) => ({ ...rescue, cost: price }));
}

/** The dishes that cannot be done even alone. */
function neverAlone(meal: Meal, tryMeal: TryMeal): Dish[] {
  return meal.dishes.filter((dish) => tryMeal({ ...meal, dishes: [dish] }).status === 'cannot');
}

/** In two servings, tried first at the hour at which everything could be served. */
function apartWays(meal: Meal, made: Plan, hours: readonly TriedCandidate[]): RescueCandidate[] {
  const [nearest] = hours;
  const laterMin = nearest && nearest.servingMin - made.servingMin;
  return twoServings(dishesInTheWay(meal, made), meal, made, laterMin);
}

/** Without the dishes that cannot be done even alone, else without one or two of them. */
function lastWays(meal: Meal, made: Plan, never: readonly Dish[]): RescueCandidate[] {
  const all = never.length > 0 && never.length < meal.dishes.length ? [leaveOut(never, made)] : [];
  return [...all, ...smallerTables(meal, made).slice(0, LAST_TRIES)];
}

/** The latest morning with time in hand, else the latest that can be carried out. */
function morningThatWorks(
  mornings: readonly RescueCandidate[],
  meal: Meal,
  made: Plan,
  tryMeal: TryMeal,
): TriedCandidate[] {
  let latest: TriedCandidate | undefined;
  for (const candidate of mornings) {
    const tried = tryMeal(candidate.changes.reduce(applyCommand, meal));
    if (!works(tried, made)) continue;
    const found = { ...candidate, onTime: tried.onTime };
    if (tried.status === 'fits') return [found];
    latest ??= found;
  }
  return latest ? [latest] : [];
}

/** The first so many that can be carried out. */
function thatWork(
  candidates: readonly RescueCandidate[],
  wanted: number,
  meal: Meal,
  made: Plan,
  tryMeal: TryMeal,
): TriedCandidate[] {
  const found: TriedCandidate[] = [];
  for (const candidate of candidates) {
    if (found.length === wanted) break;
    const tried = tryMeal(candidate.changes.reduce(applyCommand, meal));
    if (works(tried, made)) found.push({ ...candidate, onTime: tried.onTime });
  }
  return found;
}

/**
 * Serving times that work: the nearest after the one asked at which nothing clashes, the nearest
 * with time in hand, and the same clock time on the first later day that has it.
 */
function otherHours(
  meal: Meal,
  kitchen: Kitchen,
  made: Plan,
  nowMin: number,
  tryMeal: TryMeal,
): TriedCandidate[] {
  const { zone, servingMin } = made;
  const asked = Math.max(servingMin, nowMin);
  const last = asked + DAYS_AHEAD * MINUTES_PER_DAY;
  // Nobody's hours matter before the longest chain could begin.
  const from = Math.max(nowMin, asked - DAYS_BACK * MINUTES_PER_DAY);
  const people = peopleOf(kitchen, zone, Math.min(from, asked), last);
  const steps = expandMeal(meal, servingMin);
  const first = firstServing(steps, asked, nowMin, people, last);
  if (first === undefined) return [];

  const offer = (at: number, key: 'rescue.serveAt' | 'rescue.serveSurer', onTime: number) => ({
    ...serveAtCandidate(made, at, key),
    onTime,
  });
  const nearest = nearestThatWorks(meal, made, first, tryMeal);
  const candidates: TriedCandidate[] = [];
  if (nearest) {
    candidates.push(offer(nearest.at, 'rescue.serveAt', nearest.onTime));
    const surer = nearest.fits ? undefined : surerAfter(meal, made, nearest.at, tryMeal);
    if (surer) candidates.push(offer(surer.at, 'rescue.serveSurer', surer.onTime));
  }
  const next = nextDayThatWorks(meal, made, first, tryMeal);
  if (next && candidates.every((candidate) => candidate.servingMin !== next.at)) {
    const day = dayLong(wallClock(next.at, zone).weekday);
    const candidate = offer(next.at, 'rescue.serveAt', next.onTime);
    candidates.push({ ...candidate, text: { key: 'rescue.serveNextDay', values: { day } } });
  }
  return candidates;
}

interface TriedHour {
  readonly at: number;
  readonly onTime: number;
  readonly fits: boolean;
}

function tryHour(
  meal: Meal,
  made: Plan,
  at: number,
  tryMeal: TryMeal,
  carefully = false,
): TriedHour | undefined {
  const tried = tryMeal(meal, at, carefully);
  return works(tried, made)
    ? { at, onTime: tried.onTime, fits: tried.status === 'fits' }
    : undefined;
}

function nearestThatWorks(
  meal: Meal,
  made: Plan,
  first: number,
  tryMeal: TryMeal,
): TriedHour | undefined {
  let at = first;
  for (let i = 0; i < TRIES_OF_HOURS; i++, at += i < FINE_TRIES ? ROUND_MIN : COARSE_MIN) {
    const tried = tryHour(meal, made, at, tryMeal);
    if (tried) return earlierStill(meal, made, first, tried, tryMeal);
  }
  return undefined;
}

/** A quick look misses an hour that is only just possible: those before it are looked at with care. */
function earlierStill(
  meal: Meal,
  made: Plan,
  first: number,
  found: TriedHour,
  tryMeal: TryMeal,
): TriedHour {
  const at = found.at - ROUND_MIN;
  const earlier = at < first ? undefined : tryHour(meal, made, at, tryMeal, true);
  return earlier ? earlierStill(meal, made, first, earlier, tryMeal) : found;
}

function surerAfter(
  meal: Meal,
  made: Plan,
  nearest: number,
  tryMeal: TryMeal,
): TriedHour | undefined {
  for (const later of SURER_AFTER_MIN) {
    const tried = tryHour(meal, made, nearest + later, tryMeal);
    if (tried?.fits) return tried;
  }
  return undefined;
}

/** The first serving time the hard network allows, on a round minute. */
function firstServing(
  steps: readonly ExpandedStep[],
  asked: number,
  nowMin: number,
  people: readonly Person[],
  last: number,
): number | undefined {
  const open = buildNetwork(steps, { servingMin: asked, nowMin, people, openServing: true });
  const first = solveEarliest(open.network, last)?.[open.serving];
  return first === undefined ? undefined : Math.ceil(first / ROUND_MIN) * ROUND_MIN;
}

/** The same clock time on the first later day that has it. */
function nextDayThatWorks(
  meal: Meal,
  made: Plan,
  first: number,
  tryMeal: TryMeal,
): TriedHour | undefined {
  let found: TriedHour | undefined;
  for (let days = 1, tries = 0; days <= DAYS_AHEAD && tries < DAYS_TRIED; days++) {
    const at = epochMinOf(addDays(meal.serving.at, days), meal.serving.zone);
    if (at < first) continue;
    tries++;
    const tried = tryHour(meal, made, at, tryMeal);
    if (tried?.fits) return tried;
    found ??= tried;
  }
  return found;
}
