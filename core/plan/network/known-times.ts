import { MINUTES_PER_DAY } from '../../figures/index.ts';
import type { ExpandedStep } from './expanded-steps.ts';

/** Between which moments something lies; no `upper` means up to serving. */
interface Bounds {
  readonly lower: number;
  readonly upper?: number;
}

/** What is known of a step's start and end. */
export interface KnownTimes {
  readonly start: Bounds;
  readonly end: Bounds;
}

/** How far back an unmarked step may lie when one after it has begun. */
const REACH_BACK_MIN = 60 * MINUTES_PER_DAY;

/**
 * What the cook's own word and the clock say of a step. One that has not begun starts no earlier
 * than now. One that has, stands where it was begun; it ended when its first follower began, or
 * after its likely time, or is still going on.
 */
export function knownTimesOf(
  step: ExpandedStep,
  steps: readonly ExpandedStep[],
  nowMin: number,
): KnownTimes {
  if (!step.past) return { start: { lower: nowMin }, end: { lower: nowMin } };
  const begun = step.begunMin;
  const long = { lower: nowMin - REACH_BACK_MIN };
  const end = endOf(step, steps, nowMin);
  return {
    start: begun === undefined ? long : exactly(begun),
    end: end === undefined ? { lower: begun ?? long.lower } : end,
  };
}

function endOf(
  step: ExpandedStep,
  steps: readonly ExpandedStep[],
  nowMin: number,
): Bounds | undefined {
  if (step.endedMin !== undefined) return exactly(step.endedMin);
  const followers = followersBegun(step, steps);
  const likelyEnd = (step.begunMin ?? Infinity) + step.duration.likelyMin;
  if (followers.length === 0) {
    const waiting = nowMin - longestWaitAfter(step, steps);
    if (!step.elastic) return exactly(Math.max(likelyEnd, waiting));
    const leastEnd = (step.begunMin ?? Infinity) + step.duration.leastMin;
    return { lower: Math.min(nowMin, Math.max(leastEnd, waiting)) };
  }
  const followed = Math.min(...followers.map((other) => other.begunMin ?? Infinity));
  const end = step.elastic ? followed : Math.min(followed, likelyEnd);
  return Number.isFinite(end) ? exactly(end) : undefined;
}

/**
 * How long what follows a step may wait. A step whose time is up may have ended so long ago without
 * the next having begun; what follows at once would have begun, so then it is still going on.
 */
function longestWaitAfter(step: ExpandedStep, steps: readonly ExpandedStep[]): number {
  const waits = steps
    .flatMap((other) => other.step.after)
    .filter((gap) => gap.step === step.step.id && gap.from === 'end')
    .map((gap) => gap.mostMin ?? Infinity);
  return Math.min(Infinity, ...waits);
}

/** The cook has begun it, and nothing that follows it: it is going on now. */
export function isGoingOn(step: ExpandedStep, steps: readonly ExpandedStep[]): boolean {
  return step.begunMin !== undefined && followersBegun(step, steps).length === 0;
}

function followersBegun(step: ExpandedStep, steps: readonly ExpandedStep[]): ExpandedStep[] {
  return steps.filter(
    (other) => other.past && other.step.after.some((gap) => gap.step === step.step.id),
  );
}

function exactly(min: number): Bounds {
  return { lower: min, upper: min };
}
