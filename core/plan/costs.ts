import type { Cost } from '../solve/index.ts';
import { isLast, type MealNetwork } from './build.ts';
import type { ExpandedStep } from './expand.ts';
import { runsOf, type Run } from './runs.ts';

/**
 * What a good plan wants beyond what every plan must, each with its price a minute: steps where
 * the cook put them, time in hand after whatever the food decides, soaks at their best, and
 * nothing earlier than it need be. Our own figures, no source: a step keeps its pin before any
 * other wish, time in hand comes before a soak's best because a late supper is worse than a
 * shorter soak, and a soak is never cut only to begin the work before it later.
 */
export interface Wish extends Cost {
  readonly kind: 'pin' | 'inHand' | 'best' | 'early';
  readonly step: number;
  readonly run?: Run | undefined;
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
export function wishesOf(built: MealNetwork, servingMin: number, inHandFactor: number): Wish[] {
  return [
    ...built.steps.flatMap((step) => (step.past ? [] : wishesOfStep(built, step, servingMin))),
    ...inHandWishes(built, inHandFactor),
  ];
}

function wishesOfStep(built: MealNetwork, step: ExpandedStep, servingMin: number): Wish[] {
  const { startOf, endOf, serving, steps } = built;
  const start = startOf[step.index] ?? 0;
  const end = endOf[step.index] ?? 0;
  const wish = (kind: Wish['kind'], from: number, to: number, lag: number, weight: number) => ({
    kind,
    step: step.index,
    from: from + 1,
    to: to + 1,
    lag,
    weight,
  });
  const wishes: Wish[] = [wish('early', serving, start, 0, 1)];
  if (isLast(step)) wishes.push(wish('early', serving, end, 0, STALE));
  if (step.pinnedMin !== undefined) {
    const before = servingMin - step.pinnedMin;
    wishes.push(
      wish('pin', start, serving, before, PIN),
      wish('pin', serving, start, -before, PIN),
    );
  }
  if (step.elastic) {
    const best = step.span.likelyMin;
    const each = Math.min(SOAK_MOST, Math.max(SOAK_LEAST, Math.round(SOAK_MINUTES / (best + 1))));
    const upstream = upstreamOf(step, steps);
    wishes.push(
      wish('best', start, end, best, each + upstream),
      wish('best', end, start, -best, Math.max(1, Math.round(each * LONGER_SHARE) - upstream)),
    );
  }
  return wishes;
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

function inHandWishes(built: MealNetwork, factor: number): Wish[] {
  return runsOf(built.steps, factor).map((run) => {
    const to = run.absorber === undefined ? built.serving : (built.endOf[run.absorber] ?? 0);
    return {
      kind: 'inHand' as const,
      step: run.absorber ?? run.last,
      run,
      from: (built.startOf[run.first] ?? 0) + 1,
      to: to + 1,
      lag: run.likelyMin + run.wishedMin,
      weight: IN_HAND,
    };
  });
}
