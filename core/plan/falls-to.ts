import type { FoodStory } from '../ledger/index.ts';
import type { Compromise, PlannedStep } from './planned.ts';

/** Nobody asks how warm it still is of what was no warmer. */
const HOT_FROM_C = 45;
/** What falls by less is as hot as it was. */
const FELT_C = 3;

/**
 * The compromises of a plan, each with how warm the middle of the food is when the wait is over,
 * where it was hot and is cooler then.
 *
 * @param steps as planned
 */
export function withWarmth(
  compromises: readonly Compromise[],
  steps: readonly PlannedStep[],
  stories: readonly FoodStory[],
  servingMin: number,
): Compromise[] {
  const byId = new Map(steps.map((step) => [step.id, step]));
  return compromises.map((one): Compromise => {
    const from = byId.get(one.step);
    if (!from || (one.kind !== 'gap' && one.kind !== 'fresh')) return one;
    const until = one.next === undefined ? servingMin : byId.get(one.next)?.startMin;
    if (until === undefined) return one;
    const cores = stories
      .filter(({ dish }) => dish === one.dish)
      .flatMap(({ spans }) => spans.filter((span) => span.leftBy === one.step))
      .filter((span) => span.fromMin >= from.endMin && span.toMin <= until);
    const [first] = cores;
    const fallsToC = Math.min(...cores.map(({ coreC }) => coreC[1]));
    if (!first || first.coreC[0] < HOT_FROM_C || first.coreC[0] - fallsToC < FELT_C) return one;
    return {
      ...one,
      fallsTo: { key: 'compromise.fallsTo', values: { tempC: { tempC: fallsToC } } },
    };
  });
}
