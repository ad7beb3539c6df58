import type { Kitchen } from '../meal/index.ts';
import type { Plan, PlannedStep } from '../plan/index.ts';
import {
  APPLIANCE_KINDS,
  bandOf,
  isLimited,
  type ApplianceKind,
  type HeatBand,
} from '../places/index.ts';

/** What a load carries from one moment to the next in which that does not change. */
export interface LoadSpan {
  readonly startMin: number;
  readonly endMin: number;
  /** Steps that are there, in the order of the meal. */
  readonly steps: readonly PlannedStep[];
  /** How many shelves, rings, litres or pots they take. */
  readonly taken: number;
  readonly tempC?: number | undefined;
  readonly band: HeatBand;
}

/** A freezer limits nothing one would wait for. */
const KINDS = APPLIANCE_KINDS.filter((kind) => isLimited(kind) && kind !== 'freezer');

/** One appliance along the axis of the weave, or all pots together. */
export interface LoadLine {
  readonly kind: ApplianceKind | 'vessel';
  readonly id: string;
  /** Its own name, where there are several of its kind. */
  readonly name?: string | undefined;
  readonly fits: number;
  readonly spans: readonly LoadSpan[];
}

const HOLDS_NO_SHELF = new Set<PlannedStep['verb']>(['preheat', 'light']);

/** A fridge, or the pots, are told only when so much of them is taken: else they limit nothing. */
const TIGHT_SHARE = 0.6;

/**
 * What each appliance of the kitchen holds and how hot it is. Those the plan does not use are left
 * out, and so are a fridge and pots of which there is plenty.
 */
export function loadLinesOf(plan: Pick<Plan, 'steps'>, kitchen: Kitchen): LoadLine[] {
  const steps = plan.steps.filter((step) => step.endMin > step.startMin);
  const lines = KINDS.flatMap((kind): LoadLine[] => {
    const appliances = kitchen.appliances.filter((appliance) => appliance.kind === kind);
    const [first] = appliances;
    const there = steps.filter((step) => step.place.kind === kind);
    if (!first)
      return there.length === 0 ? [] : [{ kind, id: kind, fits: 0, spans: spansOf(there) }];
    return appliances.flatMap(({ id, name, fits, fitsIndirect = 0 }): LoadLine[] => {
      const here = there.filter((step) => (step.appliance ?? first.id) === id);
      if (here.length === 0) return [];
      const named = appliances.length > 1 ? { name } : {};
      return [{ kind, id, ...named, fits: fits + fitsIndirect, spans: spansOf(here) }];
    });
  });
  const inVessels = steps.filter((step) => step.vessel !== undefined);
  const spans = spansOf(inVessels).map((span) => ({
    ...span,
    taken: new Set(span.steps.map((step) => step.vessel)).size,
  }));
  const vessels: LoadLine = {
    kind: 'vessel',
    id: 'vessel',
    fits: kitchen.vessels.length,
    spans,
  };
  return [...lines, vessels].filter(
    ({ kind, fits, spans: all }) =>
      (kind !== 'fridge' && kind !== 'vessel') ||
      all.some(({ taken }) => taken >= fits * TIGHT_SHARE && taken > 0),
  );
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
    const taken = steps
      .filter((step) => !HOLDS_NO_SHELF.has(step.verb))
      .reduce((sum, step) => sum + (step.room ?? 1), 0);
    const band = bandOf(hottest.place, hottest.verb);
    return [{ startMin, endMin, steps, taken, tempC: hottest.place.tempC, band }];
  });
}
