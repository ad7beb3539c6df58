import { PLACES, type PlaceKind, bandOf, type HeatBand } from '../places/index.ts';
import type { Meal } from '../meal/index.ts';
import type { Plan, PlannedStep } from '../plan/index.ts';

/** A step where it happens. */
export interface PlaceBar {
  readonly step: PlannedStep;
  readonly band: HeatBand;
  /** Which of the lanes of its place: steps that overlap lie one under another. */
  readonly lane: number;
}

/** A place and all that happens there, in order of time. */
export interface PlaceRow {
  readonly kind: PlaceKind;
  readonly id: string;
  /** The appliance's own name, where it has one. */
  readonly name?: string | undefined;
  readonly lanes: number;
  readonly bars: readonly PlaceBar[];
}

/** The plan by place instead of by dish: from the cold to the table. */
export function placeRowsOf(plan: Pick<Plan, 'steps'>, meal: Meal): PlaceRow[] {
  const steps = plan.steps.filter((step) => step.endMin > step.startMin);
  return PLACES.flatMap((kind): PlaceRow[] => {
    const there = steps.filter((step) => step.place.kind === kind);
    const appliances = meal.kitchen.appliances.filter((appliance) => appliance.kind === kind);
    const first = appliances[0]?.id ?? kind;
    return [...new Set([first, ...appliances.map(({ id }) => id)])].flatMap((id): PlaceRow[] => {
      const here = there.filter((step) => (step.appliance ?? first) === id);
      if (here.length === 0) return [];
      const name = appliances.find((appliance) => appliance.id === id)?.name;
      return [{ kind, id, name, ...laneBars(here) }];
    });
  });
}

function laneBars(steps: readonly PlannedStep[]): Pick<PlaceRow, 'lanes' | 'bars'> {
  const freeAt: number[] = [];
  const bars = [...steps]
    .sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin)
    .map((step): PlaceBar => {
      const free = freeAt.findIndex((min) => min <= step.startMin);
      const lane = free === -1 ? freeAt.length : free;
      freeAt[lane] = step.endMin;
      return { step, band: bandOf(step.place, step.verb), lane };
    });
  return { lanes: freeAt.length, bars };
}
