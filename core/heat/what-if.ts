import { WRAPPED_AT_C } from '../figures/index.ts';
import { cooks, environmentNamed, usualC } from '../places/index.ts';
import { thicknessMmOf } from './form.ts';
import { cookedMinutes } from './forecast.ts';
import { isVegetable } from './makeup.ts';
import { NOMINAL, cookOnce, type CookSpec, type StageSpec } from './cook-spec.ts';

/** Other ways of the same cook, as cooks argue about them. */
export const CHANGES = [
  'thicker',
  'tempered',
  'cold',
  'hotter',
  'cooler',
  'wrapped',
  'unwrapped',
] as const;
export type Change = (typeof CHANGES)[number];

/** What one change does to the time on the fire. */
export interface WhatIf {
  readonly change: Change;
  /** Minutes more; less than 0 where it saves. */
  readonly minutes: number;
}

const THICKER_MM = 10;
const TEMPERED_MIN = 60;
const HOTTER_C = 10;

/** A cook with one thing changed; undefined where that makes no sense. */
export function changedCook(spec: CookSpec, change: Change): CookSpec | undefined {
  switch (change) {
    case 'thicker': {
      const thicknessMm = thicknessMmOf(spec.piece) + THICKER_MM;
      return { ...spec, piece: { ...spec.piece, thicknessMm } };
    }
    case 'tempered': {
      const [first] = spec.stages;
      const end = { kind: 'minutes', minutes: TEMPERED_MIN } as const;
      if (!first || !cooks(first.cooker)) return undefined;
      return { ...spec, stages: [{ cooker: 'counter', end }, ...spec.stages] };
    }
    case 'cold': {
      const stages = spec.stages.filter(({ cooker }) => cooker !== 'counter');
      return stages.length > 0 && stages.length < spec.stages.length
        ? { ...spec, stages }
        : undefined;
    }
    case 'hotter':
      return withHeat(spec, HOTTER_C);
    case 'cooler':
      return withHeat(spec, -HOTTER_C);
    case 'wrapped':
      return wrapped(spec);
    case 'unwrapped':
      return spec.stages.some(({ wrap }) => wrap !== undefined)
        ? { ...spec, stages: spec.stages.map(({ wrap: _off, ...stage }) => stage) }
        : undefined;
  }
}

function withHeat(spec: CookSpec, byC: number): CookSpec | undefined {
  const stages = spec.stages.map((stage): StageSpec => {
    const { heats } = environmentNamed(stage.cooker);
    if (!heats || !cooks(stage.cooker)) return stage;
    return { ...stage, tempC: (stage.tempC ?? usualC(stage.cooker, spec.conditions)) + byC };
  });
  return stages.some((stage, i) => stage !== spec.stages[i]) ? { ...spec, stages } : undefined;
}

/** In dry heat, wrapped past the stall where it is bare. */
function wrapped(spec: CookSpec): CookSpec | undefined {
  if (isVegetable(spec.piece.cut)) return undefined;
  if (spec.stages.some(({ wrap }) => wrap !== undefined)) return undefined;
  const i = spec.stages.findLastIndex(({ cooker }) => environmentNamed(cooker).wraps === true);
  const stage = spec.stages[i];
  if (!stage || stage.end.kind === 'minutes') return undefined;
  if (stage.end.kind === 'core' && stage.end.coreC <= WRAPPED_AT_C) return undefined;
  const parts: StageSpec[] = [
    { ...stage, end: { kind: 'core', coreC: WRAPPED_AT_C } },
    { ...stage, wrap: 'foil' },
  ];
  return { ...spec, stages: [...spec.stages.slice(0, i), ...parts, ...spec.stages.slice(i + 1)] };
}

function fireMinutes(spec: CookSpec): number {
  return cookedMinutes(spec, cookOnce(spec, NOMINAL, { everyMin: 1e6 }));
}

/** What the usual changes would do to the time on the fire. */
export function whatIfs(spec: CookSpec): WhatIf[] {
  const now = fireMinutes(spec);
  return CHANGES.flatMap((change) => {
    const other = change === 'cooler' ? undefined : changedCook(spec, change);
    return other ? [{ change, minutes: fireMinutes(other) - now }] : [];
  });
}
