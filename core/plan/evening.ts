import type { Kitchen, Meal } from '../meal/index.ts';
import type { Block } from '../time/index.ts';
import { NORMAL_DRAWS } from './draws.ts';
import { mayWorkAt, peopleOf, workplaceOf } from './people.ts';
import type { PlannedStep } from './types.ts';

/** One in ten evenings lies beyond this many standard deviations. */
const NINE_IN_TEN_Z = 1.2815515655446004;

/** What an evening has to reckon with besides its steps. */
export interface Around {
  readonly meal: Meal;
  readonly kitchen: Kitchen;
  readonly blocks: readonly Block[];
  readonly servingMin: number;
  /** Of something there is only so much: which step waits for which. */
  readonly orders: readonly Order[];
  readonly samples?: number | undefined;
}

/** A step that waits for another's claim on an oven or a ring to end. */
export interface Order {
  readonly before: number;
  readonly fromStart: boolean;
  readonly step: number;
  readonly lagMin: number;
}

/** One evening after another on the same plan: the steps in its order, each when it can. */
export class Evening {
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
  private readonly handsMin: Float64Array;
  private readonly may: readonly (readonly number[])[];
  private readonly persons: readonly Person[];
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

  constructor(steps: readonly PlannedStep[], around: Around) {
    const first = Math.min(around.servingMin, ...steps.map((step) => step.startMin));
    this.persons = personsOf(around, first);
    const lives = livesOf(steps, around);
    const column = (of: (life: Life) => number) => Float64Array.from(lives, of);
    this.index = Int32Array.from(lives, (life) => life.index);
    this.planned = column((life) => life.startMin);
    this.plannedEnd = column((life) => life.endMin);
    this.elastic = Uint8Array.from(lives, (life) => (life.elastic ? 1 : 0));
    this.leastMin = column((life) => life.leastMin);
    this.likelyMin = column((life) => life.likelyMin);
    this.shorter = column((life) => life.shorter);
    this.longer = column((life) => life.longer);
    this.handsMin = column((life) => life.handsMin);
    this.may = lives.map((life) => life.persons);
    this.start = new Float64Array(steps.length);
    this.end = new Float64Array(steps.length);
    this.over = new Float64Array(steps.length);
    this.heldBy = new Int32Array(steps.length);
    const gaps = lives.flatMap((life) => life.gaps);
    this.gapBefore = Int32Array.from(gaps, (gap) => gap.before);
    this.gapFromStart = Uint8Array.from(gaps, (gap) => (gap.fromStart ? 1 : 0));
    this.gapLeast = Float64Array.from(gaps, (gap) => gap.leastMin);
    this.gapMost = Float64Array.from(gaps, (gap) => gap.mostMin);
    this.bounded = Uint8Array.from(lives, (life) =>
      life.gaps.some((gap) => gap.mostMin < Infinity) ? 1 : 0,
    );
    this.awayFrom = this.persons.map(({ closedTo }) =>
      Int32Array.from(lives, (life) => {
        const first = closedTo.findIndex((end) => end > life.startMin);
        return first === -1 ? closedTo.length : first;
      }),
    );
    let sum = 0;
    this.gapFrom = Int32Array.from([0, ...lives.map((life) => (sum += life.gaps.length))]);
  }

  live(): void {
    for (const person of this.persons) {
      person.busy = 0;
      person.lastEnd = -Infinity;
    }
    for (let slot = 0; slot < this.index.length; slot++) this.begin(slot);
  }

  private begin(slot: number): void {
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
    const at = hands > 0 ? this.give(slot, least, hands) : least;
    let length = (this.plannedEnd[slot] as number) - at;
    let beyond = 0;
    if (this.elastic[slot] === 0) {
      if ((this.longer[slot] as number) + (this.shorter[slot] as number) > 0) {
        const z = this.draws[this.draw] as number;
        this.draw = this.draw + 1 === this.draws.length ? 0 : this.draw + 1;
        beyond = z * ((z < 0 ? this.shorter[slot] : this.longer[slot]) as number);
      }
      length = (this.likelyMin[slot] as number) + beyond;
    }
    const index = this.index[slot] as number;
    const shortest = this.leastMin[slot] as number;
    this.over[index] = beyond;
    start[index] = at;
    end[index] = at + (length > shortest ? length : shortest);
    this.heldBy[index] = holder;
  }

  /** The first moment someone who may do it has both hands free for it. */
  private give(slot: number, from: number, minutes: number): number {
    const may = this.may[slot] as readonly number[];
    let best = Infinity;
    let who = -1;
    for (let i = 0; i < may.length; i++) {
      const one = may[i] as number;
      const person = this.persons[one] as Person;
      const early = from < (this.planned[slot] as number);
      const away = early ? 0 : ((this.awayFrom[one] as Int32Array)[slot] as number);
      const at = firstFree(person, from, minutes, away);
      if (at >= best) continue;
      best = at;
      who = one;
    }
    if (who === -1) return from;
    const person = this.persons[who] as Person;
    // Only the last few jobs can still be in the way.
    person.startMin[person.busy % KEPT] = best;
    person.endMin[person.busy % KEPT] = best + minutes;
    person.busy++;
    if (best + minutes > person.lastEnd) person.lastEnd = best + minutes;
    return best;
  }

  /** Going back along what held it up: the step that overran most. */
  worstBehind(step: number): number {
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

const KEPT = 8;

/** A step as the evenings see it. */
interface Life {
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
  /** Hands-on minutes at its start, 0 once it has begun. */
  readonly handsMin: number;
  /** Who may do them. */
  readonly persons: readonly number[];
  readonly gaps: readonly GapBefore[];
}

interface GapBefore {
  readonly before: number;
  readonly fromStart: boolean;
  readonly leastMin: number;
  readonly mostMin: number;
}

/** The steps in the order of the plan, each after all it waits for. */
function livesOf(steps: readonly PlannedStep[], around: Around): Life[] {
  const gaps = gapsOf(steps, around.meal);
  for (const { before, fromStart, step, lagMin } of around.orders) {
    gaps[step]?.push({ before, fromStart, leastMin: lagMin, mostMin: Infinity });
  }
  const people = peopleOf(around.kitchen, around.meal.serving.zone, 0, 0);
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
    const persons = people.flatMap((person, slot) =>
      mayWorkAt(person, workplaceOf(step.place)) ? [slot] : [],
    );
    return [{ ...lifeOf(step), index, persons, gaps: gaps[index] ?? [] }];
  });
}

function lifeOf(step: PlannedStep): Omit<Life, 'index' | 'persons' | 'gaps'> {
  const hands = step.begun ? undefined : step.hands.find((h) => h.startMin === step.startMin);
  const { leastMin, likelyMin, mostMin } = step.span;
  return {
    startMin: step.startMin,
    endMin: step.endMin,
    elastic: step.elastic,
    leastMin: step.elastic ? leastMin : 0,
    likelyMin,
    shorter: (likelyMin - leastMin) / NINE_IN_TEN_Z,
    longer: (mostMin - likelyMin) / NINE_IN_TEN_Z,
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
      const { leastMin, mostMin = Infinity } = gap;
      return [{ before, fromStart: gap.from === 'start', leastMin, mostMin }];
    }),
  );
}

/** Someone with two hands: when not there, and the last few jobs. */
interface Person {
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
function firstFree(person: Person, from: number, minutes: number, away: number): number {
  const { closedFrom, closedTo, startMin, endMin, busy } = person;
  const jobs = busy < KEPT ? busy : KEPT;
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
function personsOf({ kitchen, meal, servingMin }: Around, fromMin: number): Person[] {
  return peopleOf(kitchen, meal.serving.zone, fromMin, servingMin).map(({ closed }) => {
    const near = closed.filter((block) => block.endMin > fromMin);
    return {
      closedFrom: Float64Array.from(near, ({ startMin }) => startMin),
      closedTo: Float64Array.from(near, ({ endMin }) => endMin),
      startMin: new Float64Array(KEPT),
      endMin: new Float64Array(KEPT),
      busy: 0,
      lastEnd: -Infinity,
    };
  });
}
