import { agree, type Conflict, type Use } from '../solve/index.ts';
import type { Message } from '../words/index.ts';
import type { Arrangement } from './arrange.ts';
import type { MealNetwork } from './build.ts';
import type { Missing } from './claims.ts';
import type { Load } from './loads.ts';
import type { Clash } from './types.ts';

/** What no order could end, in the cook's words and in order of time; and what there is none of. */
export function findClashes(
  arrangement: Arrangement,
  left: readonly Conflict[],
  at: readonly number[],
): Clash[] {
  const { built, claims } = arrangement;
  return [
    ...left.map((conflict) => clashOf(conflict, arrangement)),
    ...missingOnce(claims.missing).map((missing) => missingClash(missing, built, at)),
  ].sort((a, b) => a.atMin - b.atMin);
}

function clashOf(conflict: Conflict, arrangement: Arrangement): Clash {
  const { built, claims, loads, servingMin } = arrangement;
  const load = loads[conflict.machine];
  const uses = conflict.there.flatMap((index) => claims.uses[index] ?? []);
  const names = conflict.there.map((index) => nameOf(index, arrangement));
  const atMin = conflict.atMin + servingMin;
  const base = {
    atMin,
    endMin: conflict.endMin + servingMin,
    steps: [...new Set(uses.map((use) => built.steps[use.group]?.step.id ?? ''))],
  };
  const values = {
    at: { at: atMin },
    place: placeWord(load),
    a: names.slice(0, -1).join(', '),
    b: names.at(-1) ?? '',
  };
  if (conflict.kind === 'closed') {
    return { ...base, kind: 'hands', text: { key: 'clash.nobody', values } };
  }
  if (load?.kind === 'hands') {
    const key = uses.length > 2 ? 'clash.handsMore' : 'clash.hands';
    return { ...base, kind: 'hands', text: { key, values } };
  }
  const [first, second] = uses;
  if (conflict.kind === 'heat' && first && second) {
    return { ...base, kind: 'heat', text: heatText(first, second, conflict, values, arrangement) };
  }
  const key = load?.kind === 'vessel' ? 'clash.vessel' : 'clash.room';
  const wanted = Math.ceil(uses.reduce((sum, use) => sum + use.amount, 0));
  const text: Message = { key, values: { ...values, fits: load?.fits ?? 0, wanted } };
  return { ...base, kind: 'room', text };
}

function heatText(
  first: Use,
  second: Use,
  conflict: Conflict,
  values: NonNullable<Message['values']>,
  { built, loads }: Arrangement,
): Message {
  const tempOf = (use: Use) => ({ tempC: use.heat?.lowC ?? 0 });
  const heats = { ...values, tempA: tempOf(first), tempB: tempOf(second) };
  const apart = conflict.endMin <= conflict.atMin || agree(first.heat, second.heat);
  const known = built.steps[first.group] && loads[conflict.machine];
  return { key: apart || !known ? 'clash.tooSoon' : 'clash.oven', values: heats };
}

function placeWord(load: Load | undefined): string {
  if (!load) return '';
  return load.kind === 'vessel' ? load.name : load.kind;
}

/** The piece of work, or the step. */
function nameOf(index: number, { built, claims, loads }: Arrangement): string {
  const use = claims.uses[index];
  const label = built.steps[use?.group ?? -1]?.step.label ?? '';
  const machine = claims.picks[use?.pick ?? -1]?.machines[0] ?? -1;
  return loads[machine]?.kind === 'hands' ? (built.hands[index]?.hands.what ?? label) : label;
}

/** Each kind that is missing is told once. */
function missingOnce(missing: readonly Missing[]): Missing[] {
  const told = new Set<string>();
  return missing.filter(({ want, what }) => {
    const key = `${want} ${what}`;
    return !told.has(key) && told.add(key);
  });
}

function missingClash({ step, what }: Missing, built: MealNetwork, at: readonly number[]): Clash {
  const { startOf, endOf, steps } = built;
  const label = steps[step]?.step.label ?? '';
  return {
    kind: 'missing',
    atMin: at[startOf[step] ?? 0] ?? 0,
    endMin: at[endOf[step] ?? 0] ?? 0,
    steps: [steps[step]?.step.id ?? ''],
    text: { key: 'clash.noPlace', values: { a: label, place: what } },
  };
}
