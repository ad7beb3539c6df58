import {
  CALM_LAST_MIN,
  FREE_LAST_MIN,
  PRICE_PER_MIN,
  SOAK_LONGER_SHARE,
  WAIT_HARMS_AFTER_MIN,
  WAITING,
  type WaitKind,
} from '../../figures/index.ts';
import { FIRE_VERBS } from '../../terms/index.ts';
import type { SoftConstraint } from '../../solve/index.ts';
import type { SoftLimit } from '../network/soft-limits.ts';
import { isLast, type HandsNode, type MealNetwork } from '../network/meal-network.ts';
import type { ExpandedStep } from '../network/expanded-steps.ts';
import { bufferedChainsOf, type BufferedChain } from './buffered-chains.ts';

/**
 * What a good plan wants beyond what every plan must, each with its price a minute: steps where
 * the cook put them, time in hand after whatever the food decides, soaks at their best, a calm last
 * half hour, and nothing earlier than it need be. The prices and why: core/figures/practice/prices.ts.
 */
export interface MealSoftConstraint extends SoftConstraint {
  readonly kind: 'pin' | 'inHand' | 'best' | 'early' | 'limit' | 'calm' | 'cools' | 'together';
  readonly step: number;
  readonly chain?: BufferedChain | undefined;
  /** What it is wished together with. */
  readonly other?: number | undefined;
  /** Minutes of the work that is wished to be over. */
  readonly workMin?: number | undefined;
}

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
    ...built.steps.flatMap((step) => (step.past ? [] : coolsConstraints(built, step))),
    ...built.hands.flatMap((hands) => calmConstraints(built, hands)),
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
  if (isLast(step)) softConstraints.push(soft('early', serving, end, 0, PRICE_PER_MIN.stale));
  if (step.pinnedMin !== undefined) {
    const before = servingMin - step.pinnedMin;
    softConstraints.push(
      soft('pin', start, serving, before, PRICE_PER_MIN.pin),
      soft('pin', serving, start, -before, PRICE_PER_MIN.pin),
    );
  }
  if (step.elastic) {
    const best = step.duration.likelyMin;
    const each = soakPerMin(best);
    const upstream = upstreamOf(step, steps);
    softConstraints.push(
      soft('best', start, end, best, each + upstream),
      soft('best', end, start, -best, Math.max(1, longerPerMin(each) - upstream)),
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

/** A soak of so many minutes costs so much for each it is short. */
function soakPerMin(bestMin: number): number {
  const { whole, least, most } = PRICE_PER_MIN.soak;
  return Math.min(most, Math.max(least, Math.round(whole / (bestMin + 1))));
}

/** And so much for each it is too long. */
function longerPerMin(each: number): number {
  return Math.min(PRICE_PER_MIN.soak.mostLonger, Math.round(each * SOAK_LONGER_SHARE));
}

/** Best fresh: to have it ready a little sooner is no gain. */
const BEST_FRESH: ReadonlySet<WaitKind> = new Set([
  'crust',
  'bare',
  'sliced',
  'grain',
  'vegetable',
  'fire',
]);

/** What is best fresh and off its fire neither waits for the next step nor long for the table. */
function coolsConstraints(
  { steps, startOf, endOf, serving }: MealNetwork,
  step: ExpandedStep,
): MealSoftConstraint[] {
  const weight = PRICE_PER_MIN.cools;
  const cools = ({ wait }: ExpandedStep) => wait !== 'fire' && BEST_FRESH.has(wait);
  const start = (startOf[step.index] ?? 0) + 1;
  const end = (endOf[step.index] ?? 0) + 1;
  const waits = step.step.after.flatMap((gap): MealSoftConstraint[] => {
    const before = steps.find((one) => one.step.id === gap.step);
    if (!before || !cools(before) || gap.from === 'start') return [];
    const to = (endOf[before.index] ?? 0) + 1;
    return [{ kind: 'cools', step: before.index, from: start, to, lag: -gap.leastMin, weight }];
  });
  if (!isLast(step) || !cools(step)) return waits;
  const lag = -(FREE_LAST_MIN + (step.dish.servedBeforeMin ?? 0));
  return [...waits, { kind: 'cools', step: step.index, from: serving + 1, to: end, lag, weight }];
}

function goesOnFireAgain({ dish, step }: ExpandedStep): boolean {
  const next = dish.steps.filter(({ after }) => after.some((gap) => gap.step === step.id));
  return next.some((one) => FIRE_VERBS.has(one.verb));
}

/** Work that need not be in the last half hour is over before it. */
function calmConstraints(
  { steps, serving }: MealNetwork,
  { step: index, node, hands }: HandsNode,
): MealSoftConstraint[] {
  const step = steps[index];
  if (!step || step.past) return [];
  const [from, to] = [node + 1, serving + 1];
  const workMin = hands.minutes + (step.dish.servedBeforeMin ?? 0);
  const over = (lastMin: number, weight: number) =>
    ({ kind: 'calm', step: index, from, to, lag: workMin + lastMin, weight, workMin }) as const;
  const lastTen = over(FREE_LAST_MIN, PRICE_PER_MIN.lastTen);
  const isBestFresh = BEST_FRESH.has(step.wait) && !goesOnFireAgain(step);
  // What is best fresh is moved only where the cook lets it stand so long.
  const stands = !isBestFresh || step.dish.readyWithinMin >= FREE_LAST_MIN;
  const calm = isBestFresh ? [] : [over(CALM_LAST_MIN, PRICE_PER_MIN.calm)];
  return stands ? [lastTen, ...calm] : calm;
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
    const atTable = run.absorber === undefined;
    const to = atTable ? built.serving : (built.endOf[run.absorber ?? 0] ?? 0);
    const beforeMin = atTable ? (built.steps[run.last]?.dish.servedBeforeMin ?? 0) : 0;
    return {
      kind: 'inHand' as const,
      step: run.absorber ?? run.last,
      chain: run,
      from: (built.startOf[run.first] ?? 0) + 1,
      to: to + 1,
      lag: run.likelyMin + run.bufferMin + beforeMin,
      weight: PRICE_PER_MIN.inHand,
    };
  });
}
