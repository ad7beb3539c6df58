import type { Surroundings } from './surroundings.ts';

export const WRAPS = ['foil', 'lid'] as const;
export type Wrap = (typeof WRAPS)[number];

/** What a food meets: all around, or above and below where those differ. */
export interface BoundaryConditions {
  readonly around: Surroundings;
  readonly under?: Surroundings | undefined;
}

/** Of painted, sooty or crusted surfaces. Source: engineering practice, from memory. */
const EMISSIVITY = 0.9;
/** Foil lies a little off the food: W/(m²·K) across the gap, and what it still radiates. */
const WRAP_GAP = 60;
const WRAP_EMISSIVITY = 0.3;

/** Moving or still air, W/(m²·K), with so much vapour in it, Pa. */
export function air(airC: number, convection: number, vapourPa: number): Surroundings {
  return { airC, convection, vapourPa, emissivity: EMISSIVITY };
}

/** Where nothing evaporates: one coefficient, W/(m²·K), holds all. */
export function bath(airC: number, convection: number): Surroundings {
  return { airC, convection, emissivity: 0 };
}

/** The same under foil or a lid. */
export function wrappedIn(bare: BoundaryConditions, wrap: Wrap): BoundaryConditions {
  return {
    around: wrapped(bare.around, wrap),
    ...(bare.under && { under: wrapped(bare.under, wrap) }),
  };
}

function wrapped(bare: Surroundings, wrap: Wrap): Surroundings {
  const { vapourPa: _closed, ...rest } = bare;
  if (wrap === 'lid' || bare.vapourPa === undefined) return rest;
  return {
    ...rest,
    convection: 1 / (1 / bare.convection + 1 / WRAP_GAP),
    emissivity: Math.min(bare.emissivity, WRAP_EMISSIVITY),
  };
}
