import type { Meal } from '../meal/index.ts';
import type { Plan, PlannedStep } from '../plan/index.ts';

/** Something to have ready, and from when to when it is wanted. */
export interface EquipmentItem {
  readonly id: string;
  readonly name: string;
  readonly kind: 'appliance' | 'vessel' | 'tool';
  readonly fromMin: number;
  readonly toMin: number;
  /** The steps that want it, by their label. */
  readonly steps: readonly string[];
}

/** What a step asks for besides its place, by what it does. */
export const TOOLS = ['thermometer', 'scale', 'skewers', 'foil', 'chimney', 'rack', 'ice'] as const;
export type Tool = (typeof TOOLS)[number];

/** Every appliance, vessel and tool the plan counts on, in the order it is wanted. */
export function equipmentList(meal: Meal, plan: Plan): EquipmentItem[] {
  const found = new Map<string, EquipmentItem>();
  const add = (id: string, name: string, kind: EquipmentItem['kind'], step: PlannedStep) => {
    const before = found.get(id);
    found.set(id, {
      id,
      name,
      kind,
      fromMin: Math.min(before?.fromMin ?? Infinity, step.startMin),
      toMin: Math.max(before?.toMin ?? -Infinity, step.endMin),
      steps: [...new Set([...(before?.steps ?? []), step.label])],
    });
  };
  const { appliances, vessels } = meal.kitchen;
  for (const step of plan.steps) {
    const appliance = appliances.find(({ id }) => id === step.appliance);
    if (appliance) add(appliance.id, appliance.name, 'appliance', step);
    const vessel = vessels.find(({ id }) => id === step.vessel);
    if (vessel) add(vessel.id, vessel.name, 'vessel', step);
    for (const tool of toolsOf(meal, step)) add(`tool-${tool}`, tool, 'tool', step);
  }
  for (const { id: dish, mixtures } of meal.dishes) {
    const [first] = plan.steps.filter((step) => step.dish === dish);
    for (const mixture of mixtures) {
      const vessel = vessels.find(({ id }) => id === mixture.vessel);
      if (first && vessel) add(vessel.id, vessel.name, 'vessel', first);
      if (first) add('tool-scale', 'scale', 'tool', first);
    }
  }
  const kinds = ['appliance', 'vessel', 'tool'];
  return [...found.values()].sort(
    (a, b) => kinds.indexOf(a.kind) - kinds.indexOf(b.kind) || a.fromMin - b.fromMin,
  );
}

function toolsOf(meal: Meal, planned: PlannedStep): Tool[] {
  const step = meal.dishes.flatMap(({ steps }) => steps).find(({ id }) => id === planned.id);
  if (!step) return [];
  const { time, doneWhen, verb, place } = step;
  const byCore = doneWhen?.coreC !== undefined || (time.kind === 'heat' && 'coreC' in time.until);
  const tools: Tool[] = [];
  if (byCore) tools.push('thermometer');
  if (verb === 'light') tools.push('chimney');
  if (time.kind === 'heat' && time.wrap === 'foil') tools.push('foil');
  if (time.kind === 'cooling' || (place.kind === 'counter' && (place.tempC ?? 20) <= 3))
    tools.push('ice');
  if (
    verb === 'soak' &&
    step.after.length === 0 &&
    step.mixtures === undefined &&
    time.kind !== 'soak'
  )
    tools.push('skewers');
  return tools;
}
