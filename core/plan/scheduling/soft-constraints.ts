import { WAIT_HARMS_AFTER_MIN, WAITING } from '../../figures/index.ts';
import type { SoftConstraint } from '../../solve/index.ts';
import type { SoftLimit } from '../network/soft-limits.ts';
import { isLast, type MealNetwork } from '../network/meal-network.ts';
import type { ExpandedStep } from '../network/expanded-steps.ts';
import { bufferedChainsOf, type BufferedChain } from './buffered-chains.ts';

/**
 * What a good plan wants beyond what every plan must, each with its price a minute: steps where
 * the cook put them, time in hand after whatever the food decides, soaks at their best, and
 * nothing earlier than it need be. Our own figures, no source: a step keeps its pin before any
 * other soft constraint, time in hand comes before a soak's best because a late supper is worse than a
 * shorter soak, and a soak is never cut only to begin the work before it later.
 */
export interface MealSoftConstraint extends SoftConstraint {
  readonly kind: 'pin' | 'inHand' | 'best' | 'early' | 'limit';
  readonly step: number;
  readonly chain?: BufferedChain | undefined;
}

const PIN = 4000;
const IN_HAND = 200;
/** A soak or a rest of so many minutes costs a point for each it is short. */
const SOAK_MINUTES = 14_400;
const SOAK_LEAST = 6;
const SOAK_MOST = 40;
/** Too long is a little better than too short: nine hours for twelve is as far off as sixteen. */
const LONGER_SHARE = 0.75;
/** What is ready waits at the table. */
const STALE = 3;

/** @param inHandFactor how much of the spread is kept in hand, 0 for none */
export function softConstraintsOf(
  built: MealNetwork,
  servingMin: number,
  inHandFactor: number,
): MealSoftConstraint[] {
  return [
    ...built.steps.flatMap((step) =>
      step.past ? [] : softConstraintsOfStep(built, step, servingMin),
    ),
    ...built.limits.flatMap(limitConstraints),
    ...bufferConstraints(built, inHandFactor),
  ];
}

function softConstraintsOfStep(
  built: MealNetwork,
  step: ExpandedStep,
  servingMin: number,
): MealSoftConstraint[] {
  const { startOf, endOf, serving, steps } = built;
  const start = startOf[step.index] ?? 0;
  const end = endOf[step.index] ?? 0;
  const soft = (
    kind: MealSoftConstraint['kind'],
    from: number,
    to: number,
    lag: number,
    weight: number,
  ) => ({
    kind,
    step: step.index,
    from: from + 1,
    to: to + 1,
    lag,
    weight,
  });
  const softConstraints: MealSoftConstraint[] = [soft('early', serving, start, 0, 1)];
  if (isLast(step)) softConstraints.push(soft('early', serving, end, 0, STALE));
  if (step.pinnedMin !== undefined) {
    const before = servingMin - step.pinnedMin;
    softConstraints.push(
      soft('pin', start, serving, before, PIN),
      soft('pin', serving, start, -before, PIN),
    );
  }
  if (step.elastic) {
    const best = step.duration.likelyMin;
    const each = Math.min(SOAK_MOST, Math.max(SOAK_LEAST, Math.round(SOAK_MINUTES / (best + 1))));
    const upstream = upstreamOf(step, steps);
    softConstraints.push(
      soft('best', start, end, best, each + upstream),
      soft('best', end, start, -best, Math.max(1, Math.round(each * LONGER_SHARE) - upstream)),
    );
  }
  return softConstraints;
}

/** How many steps come before a step, by whatever way. */
function upstreamOf(step: ExpandedStep, steps: readonly ExpandedStep[]): number {
  const seen = new Set<string>();
  const walk = (one: ExpandedStep) => {
    for (const gap of one.step.after) {
      const before = steps.find((other) => other.step.id === gap.step);
      if (!before || before.past || seen.has(gap.step)) continue;
      seen.add(gap.step);
      walk(before);
    }
  };
  walk(step);
  return seen.size + 1;
}

/** A minute beyond a limit costs its price, and more once the wait does harm. */
function limitConstraints({
  step,
  later,
  earlier,
  mostMin,
  mostOverMin,
  wait,
}: SoftLimit): MealSoftConstraint[] {
  if (mostOverMin === 0) return [];
  const { perMin, laterTimes } = WAITING[wait];
  const soft = { kind: 'limit', step, from: later + 1, to: earlier + 1 } as const;
  const harm = Math.round(perMin * (laterTimes - 1));
  const harms = harm > 0 && mostOverMin > WAIT_HARMS_AFTER_MIN;
  return [
    { ...soft, lag: -mostMin, weight: perMin },
    ...(harms ? [{ ...soft, lag: -(mostMin + WAIT_HARMS_AFTER_MIN), weight: harm }] : []),
  ];
}

function bufferConstraints(built: MealNetwork, factor: number): MealSoftConstraint[] {
  return bufferedChainsOf(built.steps, factor).map((run) => {
    const to = run.absorber === undefined ? built.serving : (built.endOf[run.absorber] ?? 0);
    return {
      kind: 'inHand' as const,
      step: run.absorber ?? run.last,
      chain: run,
      from: (built.startOf[run.first] ?? 0) + 1,
      to: to + 1,
      lag: run.likelyMin + run.bufferMin,
      weight: IN_HAND,
    };
  });
}
