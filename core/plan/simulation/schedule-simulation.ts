import { WAIT_HARMS_AFTER_MIN } from '../../figures/index.ts';
import { NINE_IN_TEN_Z } from '../../figures/index.ts';
import type { Meal } from '../../meal/index.ts';
import { drawAbove, NORMAL_DRAWS } from './normal-draws.ts';
import { mayWorkAt, workplaceOf, type Person } from '../resources/people.ts';
import type { PlannedStep } from '../planned.ts';

/** What a simulated run reckons with besides its steps. */
export interface SimulationContext {
  readonly meal: Meal;
  /** The cook first, then the helpers, with the hours in which they are not to be had. */
  readonly people: readonly Person[];
  readonly servingMin: number;
  /** What is over by now is a fact, and what is going on only has its rest before it. */
  readonly nowMin?: number | undefined;
  /** Of something there is only so much: which step waits for which. */
  readonly orders: readonly ResourceOrder[];
  readonly samples?: number | undefined;
  /** By step: how much sooner than the cook likes the plan itself has it ready. */
  readonly bornEarlyMin?: ReadonlyMap<string, number> | undefined;
}

/** A step that waits for another's demand for an oven or a ring to end. */
export interface ResourceOrder {
  readonly before: number;
  readonly fromStart: boolean;
  readonly step: number;
  readonly lagMin: number;
}

/** One simulated run after another of the same plan: the steps in its order, each when it can. */
export class ScheduleSimulation {
  readonly end: Float64Array;
  private readonly start: Float64Array;
  /** Minutes longer than likely. */
  private readonly over: Float64Array;
  /** The step each had to wait for; −1 for none. */
  private readonly heldBy: Int32Array;
  /** By place in the order of the plan, column by column. */
  private readonly index: Int32Array;
  private readonly planned: Float64Array;
  private readonly plannedEnd: Float64Array;
  private readonly elastic: Uint8Array;
  private readonly leastMin: Float64Array;
  private readonly likelyMin: Float64Array;
  private readonly shorter: Float64Array;
  private readonly longer: Float64Array;
  /** What is not done by then takes so much longer, on evenings whose draw is above this. */
  private readonly branchMin: Float64Array;
  private readonly branchAbove: Float64Array;
  private readonly handsMin: Float64Array;
  private readonly may: readonly (readonly number[])[];
  private readonly workers: readonly Worker[];
  /** All gaps one behind the other: for each life from where to where, and what they say. */
  private readonly gapFrom: Int32Array;
  private readonly gapBefore: Int32Array;
  private readonly gapFromStart: Uint8Array;
  private readonly gapLeast: Float64Array;
  private readonly gapMost: Float64Array;
  /** By slot: whether any of its gaps has a most. */
  private readonly bounded: Uint8Array;
  /** By slot and person: the first stretch they are away that ends after its planned start. */
  private readonly awayFrom: readonly Int32Array[];
  private readonly draws = NORMAL_DRAWS;
  private draw = 0;

  constructor(planned: readonly PlannedStep[], context: SimulationContext) {
    const first = Math.min(context.servingMin, ...planned.map((step) => step.startMin));
    this.workers = workersOf(context, first);
    const steps = simulatedStepsOf(planned, context);
    const column = (of: (step: SimulatedStep) => number) => Float64Array.from(steps, of);
    this.index = Int32Array.from(steps, (step) => step.index);
    this.planned = column((step) => step.startMin);
    this.plannedEnd = column((step) => step.endMin);
    this.elastic = Uint8Array.from(steps, (step) => (step.elastic ? 1 : 0));
    this.leastMin = column((step) => step.leastMin);
    this.likelyMin = column((step) => step.likelyMin);
    this.shorter = column((step) => step.shorter);
    this.longer = column((step) => step.longer);
    this.branchMin = column((step) => step.branchMin);
    this.branchAbove = column((step) => step.branchAbove);
    this.handsMin = column((step) => step.handsMin);
    this.may = steps.map((step) => step.workers);
    this.start = new Float64Array(steps.length);
    this.end = new Float64Array(steps.length);
    this.over = new Float64Array(steps.length);
    this.heldBy = new Int32Array(steps.length);
    const gaps = steps.flatMap((step) => step.gaps);
    this.gapBefore = Int32Array.from(gaps, (gap) => gap.before);
    this.gapFromStart = Uint8Array.from(gaps, (gap) => (gap.fromStart ? 1 : 0));
    this.gapLeast = Float64Array.from(gaps, (gap) => gap.leastMin);
    this.gapMost = Float64Array.from(gaps, (gap) => gap.mostMin);
    this.bounded = Uint8Array.from(steps, (step) =>
      step.gaps.some((gap) => gap.mostMin < Infinity) ? 1 : 0,
    );
    this.awayFrom = this.workers.map(({ closedTo }) =>
      Int32Array.from(steps, (step) => {
        const first = closedTo.findIndex((end) => end > step.startMin);
        return first === -1 ? closedTo.length : first;
      }),
    );
    let sum = 0;
    this.gapFrom = Int32Array.from([0, ...steps.map((step) => (sum += step.gaps.length))]);
  }

  simulate(): void {
    for (const worker of this.workers) {
      worker.busy = 0;
      worker.lastEnd = -Infinity;
    }
    for (let slot = 0; slot < this.index.length; slot++) this.startStep(slot);
  }

  private startStep(slot: number): void {
    const { start, end, gapBefore, gapFromStart } = this;
    const last = this.gapFrom[slot + 1] as number;
    let least = this.planned[slot] as number;
    let holder = -1;
    // What has a most gap may have to begin before its planned time.
    const first = this.bounded[slot] === 1 ? (this.gapFrom[slot] as number) : last;
    for (let gap = first; gap < last; gap++) {
      const before = gapBefore[gap] as number;
      const from = (gapFromStart[gap] === 1 ? start[before] : end[before]) as number;
      const most = from + (this.gapMost[gap] as number);
      if (most < least) least = most;
    }
    for (let gap = this.gapFrom[slot] as number; gap < last; gap++) {
      const before = gapBefore[gap] as number;
      const from = (gapFromStart[gap] === 1 ? start[before] : end[before]) as number;
      const ready = from + (this.gapLeast[gap] as number);
      if (ready > least) {
        least = ready;
        holder = before;
      }
    }
    const hands = this.handsMin[slot] as number;
    const at = hands > 0 ? this.assignWorker(slot, least, hands) : least;
    let length = (this.plannedEnd[slot] as number) - at;
    let beyond = 0;
    if (this.elastic[slot] === 0) {
      if ((this.longer[slot] as number) + (this.shorter[slot] as number) > 0) {
        const z = this.nextDraw();
        beyond = z * ((z < 0 ? this.shorter[slot] : this.longer[slot]) as number);
      }
      const branchMin = this.branchMin[slot] as number;
      if (branchMin > 0 && this.nextDraw() > (this.branchAbove[slot] as number))
        beyond += branchMin;
      length = (this.likelyMin[slot] as number) + beyond;
    }
    const index = this.index[slot] as number;
    const shortest = this.leastMin[slot] as number;
    this.over[index] = beyond;
    start[index] = at;
    end[index] = at + (length > shortest ? length : shortest);
    this.heldBy[index] = holder;
  }

  private nextDraw(): number {
    const z = this.draws[this.draw] as number;
    this.draw = this.draw + 1 === this.draws.length ? 0 : this.draw + 1;
    return z;
  }

  /** The first moment someone who may do it has both hands free for it. */
  private assignWorker(slot: number, from: number, minutes: number): number {
    const may = this.may[slot] as readonly number[];
    let best = Infinity;
    let who = -1;
    for (let i = 0; i < may.length; i++) {
      const one = may[i] as number;
      const person = this.workers[one] as Worker;
      const early = from < (this.planned[slot] as number);
      const away = early ? 0 : ((this.awayFrom[one] as Int32Array)[slot] as number);
      const at = firstFree(person, from, minutes, away);
      if (at >= best) continue;
      best = at;
      who = one;
    }
    if (who === -1) return from;
    const person = this.workers[who] as Worker;
    // Only the last few jobs can still be in the way.
    person.startMin[person.busy % RECENT_JOBS] = best;
    person.endMin[person.busy % RECENT_JOBS] = best + minutes;
    person.busy++;
    if (best + minutes > person.lastEnd) person.lastEnd = best + minutes;
    return best;
  }

  /** Going back along what held it up: the step that overran most. */
  largestOverrunBehind(step: number): number {
    let worst = -1;
    let most = 0;
    for (let index = step; index !== -1; index = this.heldBy[index] as number) {
      const over = this.over[index] as number;
      if (over > most) {
        worst = index;
        most = over;
      }
    }
    return worst;
  }
}

const RECENT_JOBS = 8;

/** A step as the evenings see it. */
interface SimulatedStep {
  readonly index: number;
  readonly startMin: number;
  readonly endMin: number;
  readonly elastic: boolean;
  /** A length is never below this. */
  readonly leastMin: number;
  readonly likelyMin: number;
  /** A standard deviation of how much shorter, and longer, it is. */
  readonly shorter: number;
  readonly longer: number;
  readonly branchMin: number;
  readonly branchAbove: number;
  /** Hands-on minutes at its start, 0 once it has begun. */
  readonly handsMin: number;
  /** Who may do them. */
  readonly workers: readonly number[];
  readonly gaps: readonly GapBefore[];
}

interface GapBefore {
  readonly before: number;
  readonly fromStart: boolean;
  readonly leastMin: number;
  readonly mostMin: number;
}

/** The steps in the order of the plan, each after all it waits for. */
function simulatedStepsOf(
  steps: readonly PlannedStep[],
  context: SimulationContext,
): SimulatedStep[] {
  const gaps = gapsOf(steps, context.meal);
  for (const { before, fromStart, step, lagMin } of context.orders) {
    gaps[step]?.push({ before, fromStart, leastMin: lagMin, mostMin: Infinity });
  }
  const { people } = context;
  const order: number[] = [];
  const seen = new Uint8Array(steps.length);
  const visit = (index: number) => {
    if (seen[index] === 1) return;
    seen[index] = 1;
    for (const gap of gaps[index] ?? []) visit(gap.before);
    order.push(index);
  };
  steps
    .map((_step, index) => index)
    .sort((a, b) => (steps[a]?.startMin ?? 0) - (steps[b]?.startMin ?? 0) || a - b)
    .forEach(visit);
  return order.flatMap((index) => {
    const step = steps[index];
    if (!step) return [];
    const workers = people.flatMap((person, slot) =>
      mayWorkAt(person, workplaceOf(step.place)) ? [slot] : [],
    );
    return [{ ...simulatedStepOf(step, context.nowMin), index, workers, gaps: gaps[index] ?? [] }];
  });
}

function simulatedStepOf(
  step: PlannedStep,
  nowMin = -Infinity,
): Omit<SimulatedStep, 'index' | 'workers' | 'gaps'> {
  const { startMin, endMin } = step;
  const over = step.begun && endMin <= nowMin;
  const sure = { branchMin: 0, branchAbove: Infinity };
  const fact = { leastMin: 0, likelyMin: endMin - startMin, shorter: 0, longer: 0, ...sure };
  if (over) return { startMin, endMin, elastic: false, ...fact, handsMin: 0 };
  const hands = step.begun ? undefined : step.hands.find((h) => h.startMin === step.startMin);
  const { leastMin, likelyMin, mostMin } = step.duration;
  return {
    startMin,
    endMin,
    elastic: step.elastic,
    // Nothing that is going on ends before now.
    leastMin: Math.max(step.elastic ? leastMin : 0, step.begun ? nowMin - startMin : 0),
    likelyMin,
    shorter: (likelyMin - leastMin) / NINE_IN_TEN_Z,
    longer: (mostMin - likelyMin) / NINE_IN_TEN_Z,
    ...(step.otherwise
      ? { branchMin: step.otherwise.minutes, branchAbove: drawAbove(step.otherwise.chance) }
      : sure),
    handsMin: hands ? hands.endMin - hands.startMin : 0,
  };
}

function gapsOf(steps: readonly PlannedStep[], meal: Meal): GapBefore[][] {
  const indexOf = new Map(steps.map((step, index) => [step.id, index]));
  const after = new Map(meal.dishes.flatMap((d) => d.steps.map((step) => [step.id, step.after])));
  return steps.map((step) =>
    (after.get(step.id) ?? []).flatMap((gap) => {
      const before = indexOf.get(gap.step);
      if (before === undefined) return [];
      const fromStart = gap.from === 'start';
      const earlier = steps[before];
      const plannedMin = step.startMin - ((fromStart ? earlier?.startMin : earlier?.endMin) ?? 0);
      // On the evening it waits until the wait does harm, and as long as the plan says.
      const bornMin = (gap.mostMin ?? Infinity) + WAIT_HARMS_AFTER_MIN;
      return [
        { before, fromStart, leastMin: gap.leastMin, mostMin: Math.max(bornMin, plannedMin) },
      ];
    }),
  );
}

/** Someone with two hands: when not there, and the last few jobs. */
interface Worker {
  readonly closedFrom: Float64Array;
  readonly closedTo: Float64Array;
  readonly startMin: Float64Array;
  readonly endMin: Float64Array;
  busy: number;
  /** The latest end of any job so far. */
  lastEnd: number;
}

/**
 * The first moment at which a person is there and has nothing else to do for so long.
 *
 * @param away the first stretch away that may matter
 */
function firstFree(person: Worker, from: number, minutes: number, away: number): number {
  const { closedFrom, closedTo, startMin, endMin, busy } = person;
  const jobs = busy < RECENT_JOBS ? busy : RECENT_JOBS;
  let at = from;
  for (let again = true; again;) {
    again = false;
    for (let i = away; i < closedTo.length; i++) {
      if ((closedFrom[i] as number) >= at + minutes) break;
      if (at < (closedTo[i] as number)) at = closedTo[i] as number;
    }
    // Later than all they have done so far, nothing is in the way.
    if (at >= person.lastEnd) return at;
    for (let i = 0; i < jobs; i++) {
      const end = endMin[i] as number;
      if (at < end && at + minutes > (startMin[i] as number)) {
        at = end;
        again = true;
      }
    }
  }
  return at;
}

/** The cook, outside of nights and work, and the helpers, inside of their hours. */
function workersOf({ people }: SimulationContext, fromMin: number): Worker[] {
  return people.map(({ closed }) => {
    const near = closed.filter((block) => block.endMin > fromMin);
    return {
      closedFrom: Float64Array.from(near, ({ startMin }) => startMin),
      closedTo: Float64Array.from(near, ({ endMin }) => endMin),
      startMin: new Float64Array(RECENT_JOBS),
      endMin: new Float64Array(RECENT_JOBS),
      busy: 0,
      lastEnd: -Infinity,
    };
  });
}
