import { TEND_TOLERANCE } from '../../figures/index.ts';
import { isFirePlace } from '../../places/index.ts';
import type { Verb } from '../../terms/index.ts';
import { knownTimesOf, isGoingOn } from './known-times.ts';
import type { ExpandedHands, ExpandedStep } from './expanded-steps.ts';
import { TimeNetwork } from './time-network.ts';
import { closedAt, workplaceOf, type Person } from '../resources/people.ts';

/** A piece of hands-on work and the node at which it begins. */
export interface HandsNode {
  readonly step: number;
  readonly node: number;
  readonly hands: ExpandedHands;
}

/** The network of a meal, and where each step lies in it. */
export interface MealNetwork {
  readonly network: TimeNetwork;
  readonly steps: readonly ExpandedStep[];
  readonly serving: number;
  readonly startOf: readonly number[];
  readonly endOf: readonly number[];
  readonly hands: readonly HandsNode[];
  /** Moments at which someone must be there for a minute, though no work is counted. */
  readonly attendances: readonly Attendance[];
  readonly people: readonly Person[];
}

export interface Attendance {
  readonly step: number;
  readonly node: number;
}

/** What is only switched on, and takes no time of the hands. */
export const SWITCHED_ON: ReadonlySet<Verb> = new Set(['preheat', 'light', 'thaw']);

export interface BuildOptions {
  readonly servingMin: number;
  /** Nothing new begins before. */
  readonly nowMin: number;
  readonly people: readonly Person[];
  /** Steps, by id, that start when they start. */
  readonly frozen?: ReadonlyMap<string, number> | undefined;
  /** Serving may be later than asked: for the nearest time that works. */
  readonly openServing?: boolean;
  /** Leaves out all that keeps steps together, so that a plan of some kind always exists. */
  readonly loose?: boolean;
}

/** Builds the hard part of the network: what must hold in every plan. */
export function buildNetwork(steps: readonly ExpandedStep[], options: BuildOptions): MealNetwork {
  const network = new TimeNetwork(options.people[0]?.closed ?? []);
  const latest = options.openServing ? Number.MAX_SAFE_INTEGER : options.servingMin;
  const serving = network.addNode(options.servingMin, latest);
  const startOf: number[] = [];
  const endOf: number[] = [];
  const hands: HandsNode[] = [];
  const calls: Attendance[] = [];
  for (const step of steps) {
    const fact = knownTimesOf(step, steps, options.nowMin);
    const frozen = step.past ? undefined : options.frozen?.get(step.step.id);
    startOf.push(network.addNode(frozen ?? fact.start.lower, frozen ?? fact.start.upper ?? latest));
    endOf.push(network.addNode(fact.end.lower, fact.end.upper ?? latest));
  }
  const { people } = options;
  const built: MealNetwork = {
    network,
    steps,
    serving,
    startOf,
    endOf,
    hands,
    attendances: calls,
    people,
  };
  for (const step of steps) {
    addLength(built, step, options.loose ?? false);
    hands.push(...addHands(built, step, latest, options.nowMin));
    calls.push(...addCalls(built, step));
  }
  addGaps(built, options.nowMin, options.loose ?? false);
  addServing(built, options.loose ?? false);
  return built;
}

function addLength(built: MealNetwork, step: ExpandedStep, loose: boolean): void {
  const { network, startOf, endOf } = built;
  const from = startOf[step.index] ?? 0;
  const to = endOf[step.index] ?? 0;
  // A step that is over lasted as long as it did.
  const known = (node: number) => network.upper[node] === network.lower[node];
  if (step.past && known(from) && known(to)) return;
  const least = step.elastic ? step.duration.leastMin : step.duration.likelyMin;
  const most = step.elastic ? step.duration.mostMin : step.duration.likelyMin;
  network.addArc({ from, to, lag: least, why: { kind: 'takes', step: step.index } });
  if (step.past || loose) return;
  network.addArc({ from: to, to: from, lag: -most, why: { kind: 'atMost', step: step.index } });
}

function addHands(
  built: MealNetwork,
  step: ExpandedStep,
  latest: number,
  nowMin: number,
): HandsNode[] {
  if (step.past) {
    return isGoingOn(step, built.steps) ? addHandsLeft(built, step, latest, nowMin) : [];
  }
  const { network } = built;
  const start = built.startOf[step.index] ?? 0;
  const end = built.endOf[step.index] ?? 0;
  const why = { kind: 'hands', step: step.index } as const;
  const closed = closedAt(built.people, workplaceOf(step.place));
  let lastPulse = start;
  return step.hands.map((hands): HandsNode => {
    if (hands.where === 'start') {
      network.keepOut(start, hands.minutes, closed);
      return { step: step.index, node: start, hands };
    }
    const node = network.addNode(nowMin, latest);
    network.keepOut(node, hands.minutes, closed);
    if (hands.where === 'end') {
      addAtEnd(network, node, end, hands.minutes, step.index);
      return { step: step.index, node, hands };
    }
    const every = hands.everyMin ?? 0;
    const drift = Math.floor(every * TEND_TOLERANCE);
    network.addArc({ from: lastPulse, to: node, lag: every - drift, why });
    network.addArc({ from: node, to: lastPulse, lag: -(every + drift), why });
    network.addArc({ from: node, to: end, lag: hands.minutes, why });
    lastPulse = node;
    return { step: step.index, node, hands };
  });
}

/**
 * Nobody is woken: what is switched on is switched on by someone who is there, and what is over a
 * fire or in the oven does not end while everyone sleeps or is away.
 */
function addCalls(built: MealNetwork, step: ExpandedStep): Attendance[] {
  if (step.past) return [];
  const { network, people } = built;
  const closed = people[0]?.closed ?? [];
  const calls: Attendance[] = [];
  const call = (node: number) => {
    if ((network.handsMin[node] ?? 0) > 0) return;
    network.keepOut(node, 1, closed);
    calls.push({ step: step.index, node });
  };
  if (SWITCHED_ON.has(step.step.verb)) call(built.startOf[step.index] ?? 0);
  if (isFirePlace(step.place.kind) && !HEATS_ALONE.has(step.step.verb)) {
    call(built.endOf[step.index] ?? 0);
  }
  return calls;
}

const HEATS_ALONE: ReadonlySet<Verb> = new Set(['preheat', 'light']);

/**
 * What a step that is going on still wants of the hands, night or no night: it burns already.
 */
function addHandsLeft(
  built: MealNetwork,
  step: ExpandedStep,
  latest: number,
  nowMin: number,
): HandsNode[] {
  const { network } = built;
  const end = built.endOf[step.index] ?? 0;
  return step.hands.flatMap((hands): HandsNode[] => {
    if (hands.where === 'start' || (network.upper[end] ?? latest) <= nowMin) return [];
    if (hands.where === 'end') {
      const node = network.addNode((network.lower[end] ?? nowMin) - hands.minutes, latest);
      addAtEnd(network, node, end, hands.minutes, step.index);
      return [{ step: step.index, node, hands }];
    }
    const every = hands.everyMin ?? 0;
    const drift = Math.floor(every * TEND_TOLERANCE);
    const due = (step.begunMin ?? nowMin) + (hands.pulse ?? 0) * every;
    const upper = Math.min(due + drift, (network.upper[end] ?? latest) - hands.minutes);
    if (upper < nowMin) return [];
    const node = network.addNode(Math.max(nowMin, Math.min(due - drift, upper)), upper);
    return [{ step: step.index, node, hands }];
  });
}

function addAtEnd(
  network: TimeNetwork,
  node: number,
  end: number,
  minutes: number,
  step: number,
): void {
  const why = { kind: 'hands', step } as const;
  network.addArc({ from: node, to: end, lag: minutes, why });
  network.addArc({ from: end, to: node, lag: -minutes, why });
}

function addGaps(built: MealNetwork, nowMin: number, loose: boolean): void {
  const { network, steps, startOf, endOf } = built;
  const byId = new Map(steps.map((step) => [step.step.id, step.index]));
  for (const step of steps) {
    // What came before a step that has begun does not matter any more.
    if (step.past) continue;
    for (const gap of step.step.after) {
      const before = byId.get(gap.step);
      if (before === undefined) continue;
      const from = (gap.from === 'start' ? startOf : endOf)[before] ?? 0;
      const to = startOf[step.index] ?? 0;
      network.addArc({
        from,
        to,
        lag: gap.leastMin,
        why: { kind: 'gapLeast', step: step.index, before },
      });
      if (gap.mostMin === undefined || loose) continue;
      // What is over waits already too long: nothing mends that any more.
      const overMin = steps[before]?.endedMin;
      if (overMin !== undefined && overMin + gap.mostMin < nowMin) continue;
      network.addArc({
        from: to,
        to: from,
        lag: -gap.mostMin,
        why: { kind: 'gapMost', step: step.index, before },
      });
    }
  }
}

function addServing(built: MealNetwork, loose: boolean): void {
  const { network, steps, endOf, serving } = built;
  for (const step of steps) {
    const end = endOf[step.index] ?? 0;
    network.addArc({ from: end, to: serving, lag: 0, why: { kind: 'serving', step: step.index } });
    if (!isLast(step) || loose || step.past) continue;
    network.addArc({
      from: serving,
      to: end,
      lag: -step.dish.readyWithinMin,
      why: { kind: 'fresh', step: step.index },
    });
  }
}

/** Nothing in its own dish follows it: what it leaves is what is served. */
export function isLast(step: ExpandedStep): boolean {
  return !step.dish.steps.some((other) => other.after.some((gap) => gap.step === step.step.id));
}
