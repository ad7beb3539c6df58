import type { Kitchen } from '../meal/index.ts';
import type { Plan, PlannedStep } from '../plan/index.ts';
import { bandOf, type HeatBand } from './band.ts';

/** What a load carries from one moment to the next in which that does not change. */
export interface LoadSpan {
  readonly startMin: number;
  readonly endMin: number;
  /** Steps that are there, in the order of the meal. */
  readonly steps: readonly PlannedStep[];
  /** How many shelves or rings they take. */
  readonly taken: number;
  readonly tempC?: number | undefined;
  readonly band: HeatBand;
}

/** One appliance along the axis of the weave. */
export interface LoadLine {
  readonly kind: 'oven' | 'hob' | 'smoker' | 'grill';
  readonly fits: number;
  readonly spans: readonly LoadSpan[];
}

const KINDS = ['oven', 'hob', 'smoker', 'grill'] as const;
const HOLDS_NO_SHELF = new Set<PlannedStep['verb']>(['preheat', 'light']);

/** What each appliance of the kitchen holds and how hot it is; those the plan does not use are left out. */
export function loadLinesOf(plan: Pick<Plan, 'steps'>, kitchen: Kitchen): LoadLine[] {
  return KINDS.flatMap((kind) => {
    const there = plan.steps.filter(
      (step) => step.place.kind === kind && step.endMin > step.startMin,
    );
    if (there.length === 0) return [];
    const fits = kitchen.appliances
      .filter((appliance) => appliance.kind === kind)
      .reduce((sum, appliance) => sum + appliance.fits, 0);
    return [{ kind, fits, spans: spansOf(there) }];
  });
}

function spansOf(there: readonly PlannedStep[]): LoadSpan[] {
  const moments = [...new Set(there.flatMap((step) => [step.startMin, step.endMin]))].sort(
    (a, b) => a - b,
  );
  return moments.slice(0, -1).flatMap((startMin, i): LoadSpan[] => {
    const endMin = moments[i + 1] ?? startMin;
    const steps = there.filter((step) => step.startMin < endMin && startMin < step.endMin);
    const hottest = [...steps].sort((a, b) => (b.place.tempC ?? 0) - (a.place.tempC ?? 0))[0];
    if (!hottest) return [];
    const taken = steps.filter((step) => !HOLDS_NO_SHELF.has(step.verb)).length;
    const band = bandOf(hottest.place, hottest.verb);
    return [{ startMin, endMin, steps, taken, tempC: hottest.place.tempC, band }];
  });
}
