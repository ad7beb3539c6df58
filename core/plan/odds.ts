import type { Meal } from '../meal/index.ts';
import type { Block } from '../time/index.ts';
import type { PlannedStep } from './plan.ts';

/** On time means at most this long after the serving time. */
const GRACE_MIN = 5;
const SAMPLES = 1000;
/** One in ten evenings lies beyond this many standard deviations. */
const NINE_IN_TEN_Z = 1.2815515655446004;

/**
 * The chance to serve on time, by living through the plan a thousand times: each step whose
 * length the food decides takes a length drawn from its spread (likely as its median, one in ten
 * below least, one in ten above most), each soak and rest gives what it can, hands come one after
 * another, and nights and work hold up what needs hands. Nothing starts before its planned time
 * unless the food cannot wait.
 */
export function chanceOnTime(
  steps: readonly PlannedStep[],
  meal: Meal,
  blocks: readonly Block[],
  servingMin: number,
): number {
  const order = steps
    .map((_step, index) => index)
    .sort((a, b) => {
      const [x, y] = [steps[a], steps[b]];
      return (x?.startMin ?? 0) - (y?.startMin ?? 0) || a - b;
    });
  const gaps = gapsOf(steps, meal);
  const random = randomOf(0x5eed);
  const end = new Float64Array(steps.length);
  const start = new Float64Array(steps.length);
  let onTime = 0;
  for (let sample = 0; sample < SAMPLES; sample++) {
    let handsFree = -Infinity;
    let last = -Infinity;
    for (const index of order) {
      const step = steps[index];
      if (!step) continue;
      const startHands = step.hands[0]?.startMin === step.startMin ? step.hands[0] : undefined;
      const handsMin = startHands ? startHands.endMin - startHands.startMin : 0;
      let at = readyAt(step, gaps[index] ?? [], start, end);
      if (handsMin > 0 && !step.begun) {
        at = freeOf(blocks, Math.max(at, handsFree), handsMin);
        handsFree = at + handsMin;
      }
      start[index] = at;
      end[index] = at + lengthOf(step, at, random);
      last = Math.max(last, end[index] ?? 0);
    }
    if (last <= servingMin + GRACE_MIN) onTime++;
  }
  return onTime / SAMPLES;
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
      return before === undefined
        ? []
        : [
            {
              before,
              fromStart: gap.from === 'start',
              leastMin: gap.leastMin,
              mostMin: gap.mostMin ?? Infinity,
            },
          ];
    }),
  );
}

/** When a step may begin: as planned, but not before what it follows, and not long after it either. */
function readyAt(
  step: PlannedStep,
  gaps: readonly GapBefore[],
  start: Float64Array,
  end: Float64Array,
): number {
  let least = -Infinity;
  let most = Infinity;
  for (const gap of gaps) {
    const from = (gap.fromStart ? start : end)[gap.before] ?? 0;
    least = Math.max(least, from + gap.leastMin);
    most = Math.min(most, from + gap.mostMin);
  }
  return Math.max(least, Math.min(step.startMin, most));
}

function lengthOf(step: PlannedStep, at: number, random: () => number): number {
  const { leastMin, likelyMin, mostMin } = step.span;
  if (step.elastic) return Math.max(leastMin, step.endMin - at);
  if (leastMin === mostMin) return likelyMin;
  const z = normal(random);
  const side = z < 0 ? likelyMin - leastMin : mostMin - likelyMin;
  return Math.max(0, likelyMin + (z * side) / NINE_IN_TEN_Z);
}

function freeOf(blocks: readonly Block[], from: number, handsMin: number): number {
  let at = from;
  for (const block of blocks) {
    if (at < block.endMin && at + handsMin > block.startMin) at = block.endMin;
  }
  return at;
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
