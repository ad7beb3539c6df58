import { MINUTES_PER_DAY } from '../figures/index.ts';
import { findingsOf, ledgerOf, storiesOf } from '../ledger/index.ts';
import { saidOnce, withFindings } from './cautions-at-steps.ts';
import { buildNetwork } from './network/meal-network.ts';
import { solveEarliest, solveLatest } from './network/time-network.ts';
import { frame, traceOf } from './plan-frame.ts';
import type { Plan } from './planned.ts';
import type { Person } from './resources/people.ts';
import type { UntimedMeal } from './timed-meal.ts';
import { plannedStep, type TimedNetwork } from './scheduling/planned-step.ts';

/**
 * The plan one would have needed: times that ignore what it is too late for, so that the cook
 * sees how much is missing. Never called good.
 */
export function planThatCannot({
  meal,
  steps,
  servingMin,
  nowMin,
  people,
  why,
}: UntimedMeal): Plan {
  const open = { servingMin, nowMin: servingMin - 60 * MINUTES_PER_DAY, people };
  let built = buildNetwork(steps, open);
  let solved = solveLatest(built.network);
  if (!solved.ok) {
    // As if nobody slept or went away: so one sees what falls into those hours.
    built = buildNetwork(steps, { ...open, people: people.map(atAllHours) });
    solved = solveLatest(built.network);
  }
  if (!solved.ok) {
    built = buildNetwork(steps, { ...open, loose: true });
    solved = solveLatest(built.network);
  }
  const times = solved.ok ? solved.times : solved.contradiction.times;
  const fromNow = buildNetwork(steps, { servingMin: nowMin, nowMin, people, openServing: true });
  const earliest = solveEarliest(fromNow.network, nowMin + 90 * MINUTES_PER_DAY) ?? times.at;
  const timed: TimedNetwork = {
    meal,
    built,
    times,
    trace: traceOf(built),
    nowMin,
    slack: { built: fromNow, earliest, latest: times.at },
    pinMissedMin: new Map(),
    whose: () => undefined,
    served: () => ({}),
  };
  const placed = steps.map((step) => plannedStep(timed, step));
  const ledger = ledgerOf(meal, servingMin, placed);
  const findings = findingsOf(meal, ledger);
  const planned = saidOnce(placed.map((step) => withFindings(step, findings)));
  return {
    ...frame(meal, servingMin, nowMin, people[0]?.closed ?? [], planned),
    status: 'cannot',
    onTime: 0,
    onTimeOf: [],
    findings,
    stories: storiesOf(ledger),
    tools: ledger.tools,
    // What was never planned cannot clash.
    clashes: [],
    compromises: [],
    ...why(),
    rescues: [],
    surer: [],
    buffers: [],
    warmStart: [],
  };
}

function atAllHours(person: Person): Person {
  return { ...person, closed: [] };
}
