import type { Kitchen, Meal } from '../meal/index.ts';
import { stretchesOf, type Block } from '../time/index.ts';
import type { PlannedStep } from './types.ts';

/** On time means at most this long after the serving time. */
const GRACE_MIN = 5;
const SAMPLES = 500;
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
}

/** A step that waits for another's claim on an oven or a ring to end. */
export interface Order {
  readonly before: number;
  readonly fromStart: boolean;
  readonly step: number;
  readonly lagMin: number;
}

/**
 * The chance to serve on time, by living through the plan five hundred times: each step whose
 * length the food decides takes a length drawn from its spread (likely as its median, one in ten
 * below least, one in ten above most), each soak and rest gives what it can, one pair of hands
 * does what is ready first, and nights and work hold up what needs hands. Nothing starts before
 * its planned time unless the food cannot wait.
 */
export function chanceOnTime(steps: readonly PlannedStep[], around: Around): number {
  const { servingMin } = around;
  const gaps = gapsOf(steps, around.meal);
  for (const { before, fromStart, step, lagMin } of around.orders) {
    gaps[step]?.push({ before, fromStart, leastMin: lagMin, mostMin: Infinity });
  }
  const lives = steps.map((step, index) => lifeOf(step, gaps[index] ?? []));
  const first = Math.min(servingMin, ...steps.map((step) => step.startMin));
  const evening = new Evening(lives, personsOf(around, first));
  let onTime = 0;
  for (let sample = 0; sample < SAMPLES; sample++) {
    if (evening.live() <= servingMin + GRACE_MIN) onTime++;
  }
  return onTime / SAMPLES;
}

/** One evening after another on the same plan. */
class Evening {
  private readonly start: Float64Array;
  private readonly end: Float64Array;
  /** When each step could begin as far as the food goes. */
  private readonly readyAt: Float64Array;
  private readonly waitsFor: Uint8Array;
  private readonly followers: readonly number[][];
  private draw = 0;

  constructor(
    private readonly lives: readonly Life[],
    private readonly persons: readonly Person[],
  ) {
    this.start = new Float64Array(lives.length);
    this.end = new Float64Array(lives.length);
    this.readyAt = new Float64Array(lives.length);
    this.waitsFor = new Uint8Array(lives.length);
    this.followers = lives.map((_life, index) =>
      lives.flatMap((other, o) => (other.gaps.some((gap) => gap.before === index) ? [o] : [])),
    );
  }

  /** Lives through one evening; returns when its last step ends. */
  live(): number {
    const ready: number[] = [];
    for (let index = 0; index < this.lives.length; index++) {
      const life = this.lives[index];
      if (!life) continue;
      this.waitsFor[index] = life.waitsFor;
      if (life.waitsFor === 0) this.makeReady(index, life, ready);
    }
    for (const person of this.persons) person.freeMin = -Infinity;
    let last = -Infinity;
    while (ready.length > 0) {
      const { slot, at, person } = this.nextOf(ready);
      const index = ready[slot] ?? 0;
      ready.splice(slot, 1);
      const life = this.lives[index];
      if (!life) break;
      if (person) person.freeMin = at + life.handsMin;
      const z = life.spread ? (NORMAL_DRAWS[this.draw++ % NORMAL_DRAWS.length] ?? 0) : 0;
      const finish = at + lengthOf(life, at, z);
      this.start[index] = at;
      this.end[index] = finish;
      if (finish > last) last = finish;
      for (const next of this.followers[index] ?? []) {
        const follower = this.lives[next];
        const left = (this.waitsFor[next] ?? 0) - 1;
        this.waitsFor[next] = left;
        if (follower && left === 0) this.makeReady(next, follower, ready);
      }
    }
    return last;
  }

  private makeReady(index: number, life: Life, ready: number[]): void {
    this.readyAt[index] = readyAt(life, this.start, this.end);
    ready.push(index);
  }

  /** Of the ready steps, the one that can begin first; of two at once, the one planned first. */
  private nextOf(ready: readonly number[]): { slot: number; at: number; person?: Person } {
    let slot = 0;
    let person: Person | undefined;
    let bestAt = Infinity;
    let bestPlanned = Infinity;
    for (let i = 0; i < ready.length; i++) {
      const index = ready[i] ?? 0;
      const life = this.lives[index];
      let at = this.readyAt[index] ?? 0;
      if (!life) continue;
      let who: Person | undefined;
      if (life.handsMin > 0) ({ at, who } = this.firstFree(at, life.handsMin));
      if (at > bestAt || (at === bestAt && life.startMin >= bestPlanned)) continue;
      slot = i;
      person = who;
      bestAt = at;
      bestPlanned = life.startMin;
    }
    return person ? { slot, at: bestAt, person } : { slot, at: bestAt };
  }

  /** Whoever can do so many minutes' work first, and when. */
  private firstFree(readyAt: number, minutes: number): { at: number; who: Person | undefined } {
    let at = Infinity;
    let who: Person | undefined;
    for (const person of this.persons) {
      const free = person.firstFrom(Math.max(readyAt, person.freeMin), minutes);
      if (free >= at) continue;
      at = free;
      who = person;
    }
    return { at, who };
  }
}

/** A step as the evenings see it. */
interface Life {
  readonly startMin: number;
  readonly endMin: number;
  readonly elastic: boolean;
  readonly spread: boolean;
  readonly leastMin: number;
  readonly likelyMin: number;
  readonly mostMin: number;
  /** Hands-on minutes at its start, 0 once it has begun. */
  readonly handsMin: number;
  readonly gaps: readonly GapBefore[];
  /** How many different steps it follows. */
  readonly waitsFor: number;
}

function lifeOf(step: PlannedStep, gaps: readonly GapBefore[]): Life {
  const hands = step.begun ? undefined : step.hands.find((h) => h.startMin === step.startMin);
  const { leastMin, likelyMin, mostMin } = step.span;
  return {
    startMin: step.startMin,
    endMin: step.endMin,
    elastic: step.elastic,
    spread: !step.elastic && mostMin > leastMin,
    leastMin,
    likelyMin,
    mostMin,
    handsMin: hands ? hands.endMin - hands.startMin : 0,
    gaps,
    waitsFor: new Set(gaps.map((gap) => gap.before)).size,
  };
}

interface GapBefore {
  readonly before: number;
  readonly fromStart: boolean;
  readonly leastMin: number;
  readonly mostMin: number;
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

/** When a step may begin: as planned, but not before what it follows, and not long after it either. */
function readyAt(life: Life, start: Float64Array, end: Float64Array): number {
  let least = -Infinity;
  let most = Infinity;
  for (const gap of life.gaps) {
    const from = (gap.fromStart ? start : end)[gap.before] ?? 0;
    if (from + gap.leastMin > least) least = from + gap.leastMin;
    if (from + gap.mostMin < most) most = from + gap.mostMin;
  }
  return Math.max(least, Math.min(life.startMin, most));
}

function lengthOf(life: Life, at: number, z: number): number {
  if (life.elastic) return Math.max(life.leastMin, life.endMin - at);
  const side = z < 0 ? life.likelyMin - life.leastMin : life.mostMin - life.likelyMin;
  return Math.max(0, life.likelyMin + (z * side) / NINE_IN_TEN_Z);
}

/** Someone with two hands: when they can begin so many minutes' work, from a moment on. */
interface Person {
  freeMin: number;
  readonly firstFrom: (min: number, minutes: number) => number;
}

/** The cook, outside of nights and work, and the helpers, inside of their hours. */
function personsOf({ kitchen, meal, blocks, servingMin }: Around, fromMin: number): Person[] {
  const nights = blocks.filter((block) => block.endMin > fromMin);
  const cook: Person = {
    freeMin: -Infinity,
    firstFrom: (min, minutes) => {
      let at = min;
      for (const block of nights) {
        if (at < block.endMin && at + minutes > block.startMin) at = block.endMin;
      }
      return at;
    },
  };
  const helpers = (kitchen.helpers ?? []).map((helper): Person => {
    const there = stretchesOf(helper, meal.serving.zone, fromMin, servingMin + 1);
    return {
      freeMin: -Infinity,
      firstFrom: (min, minutes) => {
        const stretch = there.find(({ endMin }) => min + minutes <= endMin);
        return stretch ? Math.max(min, stretch.startMin) : Infinity;
      },
    };
  });
  return [cook, ...helpers];
}

/** A repeatable stream of numbers in (0, 1): mulberry32, public domain. */
function randomOf(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return (((t ^ (t >>> 14)) >>> 0) + 0.5) / 4294967296;
  };
}

/** A standard normal draw (Box and Muller 1958). */
function normal(random: () => number): number {
  return Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random());
}

/** Drawn once: the same evenings for every plan, so that two plans differ by what differs in them. */
const NORMAL_DRAWS = (() => {
  const random = randomOf(0x5eed);
  return Float64Array.from({ length: 8191 }, () => normal(random));
})();
