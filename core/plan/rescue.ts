import type { Kitchen, Meal } from '../meal/index.ts';
import { addDays, dayLong, epochMinOf, localOf, wallClock } from '../time/index.ts';
import { buildNetwork } from './build.ts';
import { peopleOf, type Person } from './people.ts';
import type { ExpandedStep } from './expand.ts';
import { solveEarliest } from './network.ts';
import type { Plan, Rescue } from './types.ts';

/** How far ahead a serving time is looked for. */
const DAYS_AHEAD = 30;
/** Serving times are offered on such minutes. */
const ROUND_MIN = 5;
/** After three hours of fine steps, so many coarse ones. */
const FINE_STEPS = 36;
const COARSE_STEPS = 24;
const COARSE_MIN = 30;

/** What a plan for another serving time comes to. */
export type TryServing = (servingMin: number) => Pick<Plan, 'status' | 'clashes'>;

/**
 * Serving times that work: the nearest after the one asked at which nothing clashes, the nearest
 * with time in hand, and the same clock time on the first later day that has it. Each is planned
 * whole before it is offered.
 */
export function findRescues(
  meal: Meal,
  kitchen: Kitchen,
  steps: readonly ExpandedStep[],
  servingMin: number,
  nowMin: number,
  tryServing: TryServing,
): Rescue[] {
  const { zone } = meal.serving;
  const asked = Math.max(servingMin, nowMin);
  const last = asked + DAYS_AHEAD * 1440;
  const people = peopleOf(kitchen, zone, Math.min(nowMin, servingMin), last);
  const first = firstServing(steps, asked, nowMin, people, last);
  if (first === undefined) return [];

  const rescues: Rescue[] = [];
  const offer = (at: number, text: Rescue['text']) =>
    rescues.push({ text, servingMin: at, changes: [{ do: 'serveAt', at: localOf(at, zone) }] });
  let clashing: number | undefined;
  for (const at of stepsFrom(first)) {
    const { status, clashes } = tryServing(at);
    if (status === 'cannot') continue;
    clashing ??= at;
    if (status === 'tight' && (rescues.length > 0 || clashes.length > 0)) continue;
    const key = rescues.length === 0 ? 'rescue.serveAt' : 'rescue.serveSurer';
    offer(at, { key, values: { at: { at } } });
    if (status === 'fits') break;
  }
  if (rescues.length === 0 && clashing !== undefined) {
    offer(clashing, { key: 'rescue.serveAt', values: { at: { at: clashing } } });
  }
  const sameClock = nextDayThatWorks(meal, first, tryServing);
  if (sameClock !== undefined && rescues.every((rescue) => rescue.servingMin !== sameClock)) {
    const day = dayLong(wallClock(sameClock, zone).weekday);
    offer(sameClock, { key: 'rescue.serveNextDay', values: { day } });
  }
  return rescues;
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

function nextDayThatWorks(meal: Meal, first: number, tryServing: TryServing): number | undefined {
  for (let days = 1; days <= DAYS_AHEAD; days++) {
    const at = epochMinOf(addDays(meal.serving.at, days), meal.serving.zone);
    if (at >= first && tryServing(at).status === 'fits') return at;
  }
  return undefined;
}
