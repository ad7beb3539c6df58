import { MINUTES_PER_DAY, TEND_TOLERANCE, WAITING, type WaitKind } from '../../figures/index.ts';
import { isFirePlace } from '../../places/index.ts';
import { TABLE } from '../../ledger/index.ts';
import { freshWithinMin, keepsWarm, leavesFood } from '../../meal/index.ts';
import { SERVED_WAIT_MIN } from '../../safety/index.ts';
import type { Verb } from '../../terms/index.ts';
import { knownTimesOf, isGoingOn } from './known-times.ts';
import type { ExpandedHands, ExpandedStep } from './expanded-steps.ts';
import { addGaps, type AddLimit } from './gaps.ts';
import { gapKey, type SafeGapLimits, type SoftLimit } from './soft-limits.ts';
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
  /** The mosts that may be passed at a price, in the order they were built. */
  readonly limits: readonly SoftLimit[];
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
  /** The longest gaps by safety, whatever they cost. */
  readonly safeGaps?: SafeGapLimits | undefined;
  /**
   * How many minutes each limit may be passed, by its index in `limits`; left out, as many as are
   * borne at all.
   */
  readonly overMin?: readonly number[] | undefined;
  /** Every limit holds: nothing is borne beyond what the cook likes. */
  readonly rigid?: boolean;
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
  const limits: SoftLimit[] = [];
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
    limits,
    people,
  };
  const limit: AddLimit = (soft, why) => {
    const most = options.rigid ? 0 : soft.mostOverMin;
    const over = options.overMin?.[limits.length] ?? most;
    limits.push(soft);
    network.addArc({ from: soft.later, to: soft.earlier, lag: -(soft.mostMin + over), why });
  };
  for (const step of steps) {
    addLength(built, step, options, limit);
    hands.push(...addHands(built, step, latest, options.nowMin, limit));
    calls.push(...addCalls(built, step));
  }
  addGaps(built, options, limit);
  addServing(built, options, limit);
  return built;
}

function addLength(
  built: MealNetwork,
  step: ExpandedStep,
  { loose = false, nowMin }: BuildOptions,
  limit: AddLimit,
): void {
  const { network, startOf, endOf } = built;
  const from = startOf[step.index] ?? 0;
  const to = endOf[step.index] ?? 0;
  // A step that is over lasted as long as it did.
  const known = (node: number) => network.upper[node] === network.lower[node];
  if (step.past && known(from) && known(to)) return;
  const least = step.elastic ? step.duration.leastMin : step.duration.likelyMin;
  const most = step.elastic ? step.duration.mostMin : step.duration.likelyMin;
  network.addArc({ from, to, lag: least, why: { kind: 'takes', step: step.index } });
  if (loose) return;
  const why = { kind: 'atMost', step: step.index } as const;
  if (!step.past) {
    network.addArc({ from: to, to: from, lag: -most, why });
    return;
  }
  if (!step.elastic || step.begunMin === undefined) return;
  // What goes on is ended by the cook: past its longest every minute more has its price.
  const mostMin = Math.max(most, nowMin - step.begunMin);
  const { index, wait } = step;
  const soft = { later: to, earlier: from, mostMin, mostOverMin: MINUTES_PER_DAY, wait };
  limit({ kind: 'lasts', step: index, ...soft }, why);
}

function addHands(
  built: MealNetwork,
  step: ExpandedStep,
  latest: number,
  nowMin: number,
  limit: AddLimit,
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
    const { gapMin: every = 0, everyMin: beat = 0 } = hands.tends ?? {};
    const drift = Math.floor(Math.min(beat, every) * TEND_TOLERANCE);
    // Each kind of tending has a beat of its own.
    if (hands.tends?.dueMin === every) lastPulse = start;
    network.addArc({ from: lastPulse, to: node, lag: every - drift, why });
    limit(
      {
        kind: 'tend',
        step: step.index,
        later: node,
        earlier: lastPulse,
        mostMin: every + drift,
        mostOverMin: Math.min(WAITING.tending.mostOverMin, every - drift),
        wait: 'tending',
      },
      why,
    );
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
  if (isFirePlace(step.place.kind) && !endsAlone(step)) {
    call(built.endOf[step.index] ?? 0);
  }
  return calls;
}

/** A fire that is only lit, and a cooker that keeps warm by itself when its time is over. */
function endsAlone({ step }: ExpandedStep): boolean {
  return HEATS_ALONE.has(step.verb) || keepsWarm(step);
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
    const { dueMin = 0, gapMin = 0, everyMin = 0 } = hands.tends ?? {};
    const drift = Math.floor(Math.min(everyMin, gapMin) * TEND_TOLERANCE);
    const due = (step.begunMin ?? nowMin) + dueMin;
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

function addServing(
  built: MealNetwork,
  { loose = false, safeGaps, servingMin }: BuildOptions,
  limit: AddLimit,
): void {
  const { network, steps, endOf, serving } = built;
  for (const step of steps) {
    const end = endOf[step.index] ?? 0;
    const { servedBeforeMin = 0 } = step.dish;
    // A dish of a first serving is on the table before the rest; begun too late, it holds up nobody.
    const roomMin = step.past ? servingMin - soonestEnd(built, step) : Infinity;
    const beforeMin = Math.max(0, Math.min(servedBeforeMin, roomMin));
    const why = { kind: 'serving', step: step.index } as const;
    network.addArc({ from: end, to: serving, lag: beforeMin, why });
    if (!isLast(step) || loose || step.past) continue;
    const safe = safeGaps?.get(gapKey(step.step.id, TABLE))?.mostMin ?? Infinity;
    const mostMin = Math.min(freshWithinMin(step.dish, step.step), safe) + beforeMin;
    limit(
      {
        kind: 'fresh',
        step: step.index,
        later: serving,
        earlier: end,
        mostMin,
        mostOverMin: safe < Infinity ? 0 : bornBeforeServing(step),
        wait: step.wait,
      },
      { kind: 'fresh', step: step.index },
    );
  }
}

/** The earliest what goes on can end, or when it ended. */
function soonestEnd({ network, startOf, endOf }: MealNetwork, step: ExpandedStep): number {
  const start = network.lower[startOf[step.index] ?? 0] ?? 0;
  const end = network.lower[endOf[step.index] ?? 0] ?? 0;
  return step.endedMin === undefined ? Math.max(end, start + step.duration.leastMin) : end;
}

/** No longer than food may stand warm by safety, where nothing keeps it hot or cold. */
function bornBeforeServing({ wait, dish }: ExpandedStep): number {
  const { mostOverMin } = WAITING[wait];
  if (!STANDS_WARM.has(wait)) return mostOverMin;
  return Math.max(0, Math.min(mostOverMin, SERVED_WAIT_MIN - dish.readyWithinMin));
}

const STANDS_WARM: ReadonlySet<WaitKind> = new Set([
  'crust',
  'bare',
  'joint',
  'sliced',
  'pot',
  'shredded',
  'grain',
]);

/** Nothing in its own dish follows its end: what it leaves is what is served. */
export function isLast({ dish, step }: ExpandedStep): boolean {
  return leavesFood(dish, step);
}
