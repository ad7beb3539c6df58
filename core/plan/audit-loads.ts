import type { Kitchen, Step } from '../meal/index.ts';
import { stretchesOf } from '../time/index.ts';
import type { Finding } from './audit.ts';
import type { Plan, PlannedStep } from './types.ts';

/**
 * Whether more of anything is used than there is, looked at minute by minute where something
 * begins: written on its own, so that it can catch the planner.
 */
export function loadFindings(
  plan: Plan,
  stepOf: ReadonlyMap<string, Step>,
  kitchen: Kitchen,
): Finding[] {
  const told = (a: string, b: string) =>
    plan.clashes.some((clash) => clash.steps.includes(a) && clash.steps.includes(b));
  return [
    ...handsFindings(plan, kitchen, told),
    ...heatFindings(plan, stepOf, told),
    ...roomFindings(plan, kitchen),
  ];
}

type Told = (a: string, b: string) => boolean;

function handsFindings(plan: Plan, kitchen: Kitchen, told: Told): Finding[] {
  const pieces = plan.steps
    .filter((step) => !step.begun)
    .flatMap((step) => step.hands.map((hands) => ({ id: step.id, ...hands })));
  const found: Finding[] = [];
  for (const a of pieces) {
    const together = pieces.filter((b) => b.startMin <= a.startMin && b.endMin > a.startMin);
    const others = [...new Set(together.map(({ id }) => id))].filter((id) => id !== a.id);
    const extra = (kitchen.helpers ?? []).filter((helper) =>
      stretchesOf(helper, plan.zone, a.startMin, a.startMin + 1).some(
        ({ startMin, endMin }) => startMin <= a.startMin && a.startMin < endMin,
      ),
    ).length;
    if (others.length <= extra || others.some((other) => told(a.id, other))) continue;
    found.push({ rule: 'hands', steps: [a.id, ...others], text: 'more jobs than hands' });
  }
  return found;
}

const HEATED = new Set(['oven', 'smoker', 'grill']);

function heatFindings(plan: Plan, stepOf: ReadonlyMap<string, Step>, told: Told): Finding[] {
  const hot = plan.steps.filter((step) => HEATED.has(step.place.kind) && step.place.tempC);
  const range = (step: PlannedStep) => {
    const { tempC = 0, fromC = tempC, toC = tempC } = stepOf.get(step.id)?.place ?? step.place;
    return [Math.min(fromC, tempC), Math.max(toC, tempC)] as const;
  };
  return hot.flatMap((a, i) =>
    hot.slice(i + 1).flatMap((b): Finding[] => {
      if (a.place.kind !== b.place.kind || (a.begun && b.begun) || told(a.id, b.id)) return [];
      if (a.startMin >= b.endMin || b.startMin >= a.endMin) return [];
      const [aLow, aHigh] = range(a);
      const [bLow, bHigh] = range(b);
      return aLow <= bHigh && bLow <= aHigh
        ? []
        : [{ rule: 'heat', steps: [a.id, b.id], text: 'one place at two heats' }];
    }),
  );
}

function roomFindings(plan: Plan, kitchen: Kitchen): Finding[] {
  return ['oven', 'hob', 'smoker', 'grill'].flatMap((kind) => {
    const room = kitchen.appliances
      .filter((appliance) => appliance.kind === kind)
      .reduce((sum, appliance) => sum + appliance.fits, 0);
    const there = plan.steps.filter(
      (step) =>
        step.place.kind === kind && step.verb !== 'preheat' && step.verb !== 'light' && room > 0,
    );
    return there.flatMap((step): Finding[] => {
      const together = there.filter(
        (other) => other.startMin <= step.startMin && other.endMin > step.startMin,
      );
      const said = plan.clashes.some((clash) => clash.steps.includes(step.id));
      if (together.length <= room || said || together.every((other) => other.begun)) return [];
      const steps = together.map((other) => other.id);
      return [{ rule: 'room', steps, text: `${together.length} where ${room} fit` }];
    });
  });
}
