import { rangesOverlap, type TemperatureRange } from '../../solve/index.ts';
import { temperatureRangeOf } from './resources.ts';
import type { PlannedStep } from '../planned.ts';

/**
 * One oven has one heat: dishes in it together that accept a range meet where all their ranges
 * do, as near as can be to what they would have alone. A step that shares with nobody, or only
 * with those it cannot agree with (a clash that is told), keeps its own heat.
 */
export function settleSharedTemperatures(steps: readonly PlannedStep[]): PlannedStep[] {
  return steps.map((step) => {
    const own = temperatureRangeOf(step.place);
    if (!own || step.begun) return step;
    const company = companyOf(step, steps);
    if (company.length < 2) return step;
    const shared = company.reduce<TemperatureRange>((meet, other) => {
      const heat = temperatureRangeOf(other.place) ?? meet;
      return { lowC: Math.max(meet.lowC, heat.lowC), highC: Math.min(meet.highC, heat.highC) };
    }, own);
    if (shared.lowC > shared.highC) return step;
    const wished = company.reduce((sum, other) => sum + (other.place.tempC ?? 0), 0);
    const middle = Math.round(wished / company.length);
    const tempC = Math.min(shared.highC, Math.max(shared.lowC, middle));
    return { ...step, place: { ...step.place, tempC } };
  });
}

/** All that share the place with a step, at once or one through another, and could agree. */
function companyOf(step: PlannedStep, steps: readonly PlannedStep[]): PlannedStep[] {
  const company = [step];
  for (let i = 0; i < company.length; i++) {
    const one = company[i];
    if (!one) break;
    const more = steps.filter(
      (other) =>
        !company.includes(other) &&
        other.place.kind === one.place.kind &&
        other.startMin < one.endMin &&
        one.startMin < other.endMin &&
        rangesOverlap(temperatureRangeOf(one.place), temperatureRangeOf(other.place)),
    );
    company.push(...more);
  }
  return company.sort((a, b) => a.startMin - b.startMin || a.id.localeCompare(b.id));
}
