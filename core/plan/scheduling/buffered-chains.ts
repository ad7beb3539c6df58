import { isLast } from '../network/meal-network.ts';
import type { ExpandedStep } from '../network/expanded-steps.ts';

/**
 * Nine in ten evenings stay within a step's own most; with this much of it in hand ninety-nine in
 * a hundred do, so that six dishes are on time together more than nine evenings in ten. (z of 0.99
 * over z of 0.90.)
 */
export const BUFFER_FACTOR = 1.8;
/** Nobody is offered more; a meal file takes a little more than that. Our own line, no source. */
export const MOST_IN_HAND = 2 * BUFFER_FACTOR;

/**
 * A chain of steps whose length the food decides, up to the step (or the serving) that can take
 * up what they overrun.
 */
export interface BufferedChain {
  readonly dish: string;
  readonly first: number;
  readonly last: number;
  /** The elastic step behind the chain; undefined where serving itself is next. */
  readonly absorber: number | undefined;
  /** From the first's start to the absorber's end, if all goes as likely and the absorber is cut to its least. */
  readonly likelyMin: number;
  /** What the chain may overrun: the steps' spreads are independent, so they add as squares. */
  readonly bufferMin: number;
}

/** Every run of the steps, with `factor` of its spread wished for in hand. */
export function bufferedChainsOf(
  steps: readonly ExpandedStep[],
  factor = BUFFER_FACTOR,
): BufferedChain[] {
  const byId = new Map(steps.map((step) => [step.step.id, step]));
  const runs: BufferedChain[] = [];
  for (const end of steps) {
    const absorbs = end.elastic && end.step.after.length > 0;
    if (end.past || !(absorbs || (isLast(end) && !end.elastic))) continue;
    const base = { dish: end.dish.id, absorber: absorbs ? end.index : undefined };
    const before = absorbs ? predecessors(end, byId) : [{ step: end, gapMin: 0 }];
    for (const { step, gapMin } of before) {
      const leastEnd = absorbs ? end.duration.leastMin : 0;
      collect(
        step,
        { ...base, last: step.index, likelyMin: leastEnd + gapMin, squares: 0 },
        byId,
        runs,
        factor,
      );
    }
  }
  return runs;
}

interface Trail {
  readonly dish: string;
  readonly absorber: number | undefined;
  readonly last: number;
  readonly likelyMin: number;
  readonly squares: number;
}

/** Walks back from the absorber while the food decides; each way back makes one run. */
function collect(
  step: ExpandedStep,
  trail: Trail,
  byId: ReadonlyMap<string, ExpandedStep>,
  runs: BufferedChain[],
  factor: number,
): void {
  if (step.elastic || step.past) return;
  const over = step.duration.mostMin - step.duration.likelyMin + branchOverMin(step, factor);
  const likelyMin = trail.likelyMin + step.duration.likelyMin;
  const squares = trail.squares + over * over;
  const before = predecessors(step, byId).filter((p) => !p.step.elastic && !p.step.past);
  // Time before a step is of no use when that step itself overruns: each has its own chain.
  if (over > 0) {
    const bufferMin = Math.round(factor * Math.sqrt(squares));
    const { dish, absorber, last } = trail;
    runs.push({ dish, first: step.index, last, absorber, likelyMin, bufferMin });
  }
  for (const { step: earlier, gapMin } of before) {
    collect(earlier, { ...trail, likelyMin: likelyMin + gapMin, squares }, byId, runs, factor);
  }
}

/** What a branch adds to what is held in hand: its minutes, unless it is rare. */
function branchOverMin({ step }: ExpandedStep, factor: number): number {
  const otherwise = step.doneWhen?.otherwise;
  return otherwise && factor > 0 && otherwise.chance >= RARE_BRANCH
    ? otherwise.minutes / factor
    : 0;
}

/** One evening in twenty is borne. Common practice, no source. */
const RARE_BRANCH = 0.05;

function predecessors(
  step: ExpandedStep,
  byId: ReadonlyMap<string, ExpandedStep>,
): { step: ExpandedStep; gapMin: number }[] {
  return step.step.after.flatMap((gap) => {
    const solution = byId.get(gap.step);
    return solution && gap.from === 'end' ? [{ step: solution, gapMin: gap.leastMin }] : [];
  });
}
