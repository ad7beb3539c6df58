import { rangesOverlap, type Conflict, type ResourceDemand } from '../../solve/index.ts';
import type { Message, MessageValue } from '../../words/index.ts';
import type { SchedulingModel } from '../scheduling/scheduling-model.ts';
import type { MealNetwork } from '../network/meal-network.ts';
import type { MissingResource } from './demands.ts';
import type { Resource } from './resources.ts';
import type { Clash } from '../planned.ts';

/** What no order could end, in the cook's words and in order of time; and what there is none of. */
export function findClashes(
  model: SchedulingModel,
  left: readonly Conflict[],
  at: readonly number[],
): Clash[] {
  const { built, mealDemands } = model;
  return [
    ...left.map((conflict) => clashOf(conflict, model)),
    ...missingOnce(mealDemands.missing).map((missing) => missingClash(missing, built, at)),
  ].sort((a, b) => a.atMin - b.atMin);
}

function clashOf(conflict: Conflict, model: SchedulingModel): Clash {
  const { built, mealDemands, resources, servingMin } = model;
  const resource = resources[conflict.machine];
  const demands = conflict.there.flatMap((index) => mealDemands.demands[index] ?? []);
  const names = conflict.there.map((index) => nameOf(index, model));
  const atMin = conflict.atMin + servingMin;
  const base = {
    atMin,
    endMin: conflict.endMin + servingMin,
    steps: [...new Set(demands.map((demand) => built.steps[demand.group]?.step.id ?? ''))],
  };
  const values = {
    at: { at: atMin },
    place: placeWord(resource),
    a: names.slice(0, -1).join(', '),
    b: names.at(-1) ?? '',
  };
  if (conflict.kind === 'closed') {
    return { ...base, kind: 'hands', text: { key: 'clash.nobody', values } };
  }
  if (resource?.kind === 'hands') {
    const key = demands.length > 2 ? 'clash.handsMore' : 'clash.hands';
    return { ...base, kind: 'hands', text: { key, values } };
  }
  const [first, second] = demands;
  if (conflict.kind === 'heat' && first && second) {
    return { ...base, kind: 'heat', text: heatText(first, second, conflict, values, model) };
  }
  const key = resource?.kind === 'vessel' ? 'clash.vessel' : 'clash.room';
  const wanted = Math.ceil(demands.reduce((sum, demand) => sum + demand.amount, 0));
  const text: Message = { key, values: { ...values, fits: resource?.fits ?? 0, wanted } };
  return { ...base, kind: 'room', text };
}

function heatText(
  first: ResourceDemand,
  second: ResourceDemand,
  conflict: Conflict,
  values: NonNullable<Message['values']>,
  { built, resources }: SchedulingModel,
): Message {
  const tempOf = (demand: ResourceDemand) => ({ tempC: demand.heat?.lowC ?? 0 });
  const heats = { ...values, tempA: tempOf(first), tempB: tempOf(second) };
  const apart = conflict.endMin <= conflict.atMin || rangesOverlap(first.heat, second.heat);
  const known = built.steps[first.group] && resources[conflict.machine];
  return { key: apart || !known ? 'clash.tooSoon' : 'clash.oven', values: heats };
}

function placeWord(resource: Resource | undefined): MessageValue {
  if (!resource || resource.kind === 'hands') return '';
  return resource.kind === 'vessel' ? resource.name : { place: resource.kind };
}

/** The piece of work, or the step. */
function nameOf(index: number, { built, mealDemands, resources }: SchedulingModel): string {
  const demand = mealDemands.demands[index];
  const label = built.steps[demand?.group ?? -1]?.step.label ?? '';
  const machine = mealDemands.alternatives[demand?.alternative ?? -1]?.machines[0] ?? -1;
  return resources[machine]?.kind === 'hands' ? (built.hands[index]?.hands.what ?? label) : label;
}

/** Each kind that is missing is told once. */
function missingOnce(missing: readonly MissingResource[]): MissingResource[] {
  const told = new Set<string>();
  return missing.filter(({ want, what }) => {
    const key = `${want} ${what}`;
    return !told.has(key) && told.add(key);
  });
}

function missingClash(
  { step, want, what }: MissingResource,
  built: MealNetwork,
  at: readonly number[],
): Clash {
  const { startOf, endOf, steps } = built;
  const label = steps[step]?.step.label ?? '';
  return {
    kind: 'missing',
    atMin: at[startOf[step] ?? 0] ?? 0,
    endMin: at[endOf[step] ?? 0] ?? 0,
    steps: [steps[step]?.step.id ?? ''],
    text: {
      key: 'clash.noPlace',
      values: { a: label, place: want === 'vessel' ? what : { place: want } },
    },
  };
}
