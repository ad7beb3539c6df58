import type { Kitchen } from '../meal/index.ts';
import type { Message } from '../words/index.ts';
import { jobsOf } from './jobs.ts';
import type { Clash, PlannedStep } from './types.ts';

const HEATED = ['oven', 'smoker', 'grill'] as const;
const CAPACITY = ['oven', 'hob', 'smoker', 'grill'] as const;

/** All clashes of a plan, in order of time: hands, heat of one oven, and room in or on it. */
export function findClashes(steps: readonly PlannedStep[], kitchen: Kitchen): Clash[] {
  return [...handsClashes(steps), ...heatClashes(steps), ...roomClashes(steps, kitchen)].sort(
    (a, b) => a.atMin - b.atMin,
  );
}

function handsClashes(steps: readonly PlannedStep[]): Clash[] {
  const pieces = jobsOf({ steps });
  return pairs(pieces)
    .filter(([a, b]) => a.step !== b.step && a.startMin < b.endMin && b.startMin < a.endMin)
    .map(([a, b]) => {
      const atMin = Math.max(a.startMin, b.startMin);
      return {
        kind: 'hands' as const,
        atMin,
        endMin: Math.min(a.endMin, b.endMin),
        steps: [a.step.id, b.step.id],
        text: { key: 'clash.hands', values: { at: { at: atMin }, a: a.what, b: b.what } },
      };
    });
}

function heatClashes(steps: readonly PlannedStep[]): Clash[] {
  return HEATED.flatMap((kind) =>
    pairs(steps.filter((step) => step.place.kind === kind && step.place.tempC !== undefined))
      .filter(([a, b]) => a.place.tempC !== b.place.tempC && overlap(a, b))
      .map(([a, b]) => {
        const atMin = Math.max(a.startMin, b.startMin);
        const values = {
          at: { at: atMin },
          place: kind,
          a: a.label,
          b: b.label,
          tempA: { tempC: a.place.tempC ?? 0 },
          tempB: { tempC: b.place.tempC ?? 0 },
        };
        return {
          kind: 'heat' as const,
          atMin,
          endMin: Math.min(a.endMin, b.endMin),
          steps: [a.id, b.id],
          text: { key: 'clash.oven', values },
        };
      }),
  );
}

function roomClashes(steps: readonly PlannedStep[], kitchen: Kitchen): Clash[] {
  return CAPACITY.flatMap((kind): Clash[] => {
    const there = steps.filter((step) => step.place.kind === kind && step.endMin > step.startMin);
    const fits = kitchen.appliances
      .filter((appliance) => appliance.kind === kind)
      .reduce((sum, appliance) => sum + appliance.fits, 0);
    const first = there[0];
    if (first && fits === 0) {
      const text: Message = { key: 'clash.noPlace', values: { a: first.label, place: kind } };
      return [
        { kind: 'missing', atMin: first.startMin, endMin: first.endMin, steps: [first.id], text },
      ];
    }
    return there.flatMap((step): Clash[] => {
      const together = there.filter(
        (other) => other.startMin <= step.startMin && other.endMin > step.startMin,
      );
      if (together.length <= fits || together[together.length - 1] !== step) return [];
      const values = {
        at: { at: step.startMin },
        place: kind,
        fits,
        wanted: together.length,
        a: together
          .slice(0, -1)
          .map((other) => other.label)
          .join(', '),
        b: step.label,
      };
      return [
        {
          kind: 'room',
          atMin: step.startMin,
          endMin: Math.min(...together.map((other) => other.endMin)),
          steps: together.map((other) => other.id),
          text: { key: 'clash.room', values },
        },
      ];
    });
  });
}

function overlap(a: PlannedStep, b: PlannedStep): boolean {
  return a.startMin < b.endMin && b.startMin < a.endMin;
}

function pairs<T>(items: readonly T[]): [T, T][] {
  return items.flatMap((a, i) => items.slice(i + 1).map((b): [T, T] => [a, b]));
}
