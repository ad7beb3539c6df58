import { MINUTES_PER_DAY } from '../../figures/index.ts';
import { applyCommand, type Kitchen, type Meal } from '../../meal/index.ts';
import { addDays, dayLong, epochMinOf, wallClock } from '../../time/index.ts';
import { buildNetwork } from '../network/meal-network.ts';
import { peopleOf, type Person } from '../resources/people.ts';
import { expandMeal, type ExpandedStep } from '../network/expanded-steps.ts';
import { solveEarliest } from '../network/time-network.ts';
import { rescueCandidates, serveAtCandidate, type RescueCandidate } from './candidates.ts';
import type { Plan, Rescue } from '../planned.ts';

/** How far back the cook's hours are laid out. */
const DAYS_BACK = 60;
/** How far ahead a serving time is looked for. */
const DAYS_AHEAD = 30;
/** Serving times are offered on such minutes. */
const ROUND_MIN = 5;
/** After three hours of fine steps, so many coarse ones. */
const FINE_STEPS = 36;
const COARSE_STEPS = 24;
const COARSE_MIN = 30;

/** Work, not time: every offer is planned whole, and no more than so many are tried. */
const TRIES = 10;
/** How many that work are offered, besides other hours. */
const OFFERED = 3;

/** What a plan for a changed meal, or for another serving time, comes to. */
export type TryMeal = (meal: Meal, servingMin?: number) => Pick<Plan, 'status' | 'clashes'>;

/**
 * What mends a plan, the cheapest first: each is planned whole before it is offered, and offered
 * only when nothing clashes then.
 */
export function rescuesFor(
  meal: Meal,
  kitchen: Kitchen,
  made: Plan,
  nowMin: number,
  tryMeal: TryMeal,
): Rescue[] {
  const hours = made.status === 'cannot' ? otherHours(meal, kitchen, made, nowMin, tryMeal) : [];
  const solution: RescueCandidate[] = [];
  for (const candidate of rescueCandidates(meal, made).slice(0, TRIES)) {
    if (solution.length === OFFERED) break;
    // One later hour is enough.
    if (
      candidate.servingMin > made.servingMin &&
      solution.some((one) => one.servingMin > made.servingMin)
    )
      continue;
    const tried = tryMeal(candidate.changes.reduce(applyCommand, meal));
    if (tried.status !== 'cannot' && tried.clashes.length === 0) solution.push(candidate);
  }
  return [...solution, ...hours]
    .sort((a, b) => a.price - b.price)
    .map(({ text, servingMin, changes }) => ({ text, servingMin, changes }));
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
): RescueCandidate[] {
  const { zone, servingMin } = made;
  const asked = Math.max(servingMin, nowMin);
  const last = asked + DAYS_AHEAD * MINUTES_PER_DAY;
  // Nobody's hours matter before the longest chain could begin.
  const from = Math.max(nowMin, asked - DAYS_BACK * MINUTES_PER_DAY);
  const people = peopleOf(kitchen, zone, Math.min(from, asked), last);
  const steps = expandMeal(meal, servingMin);
  const first = firstServing(steps, asked, nowMin, people, last);
  if (first === undefined) return [];

  const candidates: RescueCandidate[] = [];
  let clashing: number | undefined;
  for (const at of stepsFrom(first)) {
    const { status, clashes } = tryMeal(meal, at);
    if (status === 'cannot') continue;
    clashing ??= at;
    if (status === 'tight' && (candidates.length > 0 || clashes.length > 0)) continue;
    candidates.push(
      serveAtCandidate(made, at, candidates.length === 0 ? 'rescue.serveAt' : 'rescue.serveSurer'),
    );
    if (status === 'fits') break;
  }
  if (candidates.length === 0 && clashing !== undefined) {
    candidates.push(serveAtCandidate(made, clashing, 'rescue.serveAt'));
  }
  const sameClock = nextDayThatWorks(meal, first, tryMeal);
  if (
    sameClock !== undefined &&
    candidates.every((candidate) => candidate.servingMin !== sameClock)
  ) {
    const day = dayLong(wallClock(sameClock, zone).weekday);
    const candidate = serveAtCandidate(made, sameClock, 'rescue.serveAt');
    candidates.push({ ...candidate, text: { key: 'rescue.serveNextDay', values: { day } } });
  }
  return candidates;
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

function* stepsFrom(first: number): Generator<number> {
  let at = first;
  for (let i = 0; i < FINE_STEPS; i++, at += ROUND_MIN) yield at;
  for (let i = 0; i < COARSE_STEPS; i++, at += COARSE_MIN) yield at;
}

function nextDayThatWorks(meal: Meal, first: number, tryMeal: TryMeal): number | undefined {
  for (let days = 1; days <= DAYS_AHEAD; days++) {
    const at = epochMinOf(addDays(meal.serving.at, days), meal.serving.zone);
    if (at >= first && tryMeal(meal, at).status === 'fits') return at;
  }
  return undefined;
}
