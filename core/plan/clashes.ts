import type { Kitchen } from '../meal/index.ts';
import type { Message } from '../words/index.ts';
import type { MealNetwork } from './build.ts';
import { conflictsIn, roomOf, type Conflict, type Load, type Use } from './loads.ts';
import type { Clash } from './types.ts';

const CAPACITY = ['oven', 'hob', 'smoker', 'grill'] as const;

/** What no order could end, in the cook's words and in order of time; and what there is none of. */
export function findClashes(
  built: MealNetwork,
  loads: readonly Load[],
  at: readonly number[],
  kitchen: Kitchen,
): Clash[] {
  return [
    ...conflictsIn(loads, at).map((conflict) => clashOf(conflict, built, at)),
    ...missing(built, at, kitchen),
  ].sort((a, b) => a.atMin - b.atMin);
}

function clashOf(conflict: Conflict, built: MealNetwork, at: readonly number[]): Clash {
  const { load, there: uses, atMin, endMin } = conflict;
  const ids = [...new Set(uses.map((use) => built.steps[use.step]?.step.id ?? ''))];
  const base = { atMin, endMin, steps: ids };
  const names = uses.map((use) => nameOf(use, load, built));
  const values = {
    at: { at: atMin },
    place: load.kind,
    a: names.slice(0, -1).join(', '),
    b: names.at(-1) ?? '',
  };
  const [first, second] = uses;
  if (load.kind === 'hands') {
    const key = uses.length > 2 ? 'clash.handsMore' : 'clash.hands';
    return { ...base, kind: 'hands', text: { key, values } };
  }
  if (first?.heat && second?.heat && uses.length === 2 && heatDiffers(first, second)) {
    const heats = {
      ...values,
      tempA: { tempC: first.heat.lowC },
      tempB: { tempC: second.heat.lowC },
    };
    const overlap = atMin < (at[first.to] ?? 0) + first.toLag;
    const text: Message = { key: overlap ? 'clash.oven' : 'clash.tooSoon', values: heats };
    return { ...base, kind: 'heat', text };
  }
  const fits = load.capacityAt(atMin);
  const text: Message = { key: 'clash.room', values: { ...values, fits, wanted: uses.length } };
  return { ...base, kind: 'room', text };
}

function heatDiffers(a: Use, b: Use): boolean {
  return (
    a.heat !== undefined &&
    b.heat !== undefined &&
    (a.heat.highC < b.heat.lowC || b.heat.highC < a.heat.lowC)
  );
}

function nameOf(use: Use, load: Load, built: MealNetwork): string {
  const label = built.steps[use.step]?.step.label ?? '';
  if (load.kind !== 'hands') return label;
  return (
    built.hands.find(({ step, node }) => step === use.step && node === use.from)?.hands.what ??
    label
  );
}

/** Steps that want a place this kitchen has none of; each kind is told once. */
function missing(built: MealNetwork, at: readonly number[], kitchen: Kitchen): Clash[] {
  return CAPACITY.flatMap((kind): Clash[] => {
    const first = built.steps.find((step) => step.place.kind === kind && step.span.mostMin > 0);
    if (!first || roomOf(kitchen, kind) > 0) return [];
    const text: Message = { key: 'clash.noPlace', values: { a: first.step.label, place: kind } };
    return [
      {
        kind: 'missing',
        atMin: at[built.startOf[first.index] ?? 0] ?? 0,
        endMin: at[built.endOf[first.index] ?? 0] ?? 0,
        steps: [first.step.id],
        text,
      },
    ];
  });
}
