import { coefficient, convection as convectionOf, HANDBOOK, OUR_OWN } from './coefficient.ts';
import type { Surroundings } from './surroundings.ts';

export const WRAPS = ['foil', 'lid'] as const;
export type Wrap = (typeof WRAPS)[number];

/** What a food meets: all around, or above and below where those differ. */
export interface BoundaryConditions {
  readonly around: Surroundings;
  readonly under?: Surroundings | undefined;
}

/** Of painted, sooty or crusted surfaces. */
export const EMISSIVITY = coefficient({
  value: 0.9,
  unit: 'share',
  range: [0.8, 0.97],
  correlation: 'Stefan and Boltzmann, grey walls',
  source: HANDBOOK,
});
/** How damp the air of a room is, and of a day outside. */
export const ROOM_HUMIDITY = humidity(0.5, [0.3, 0.7]);
export const OUTDOOR_HUMIDITY = humidity(0.6, [0.3, 0.95]);
/** Foil lies a little off the food: what goes across the gap, and what it still radiates. */
export const WRAP_GAP = convectionOf(60, [25, 150], 'across a gap of some millimetres', OUR_OWN);
export const WRAP_EMISSIVITY = coefficient({
  value: 0.3,
  unit: 'share',
  range: [0.05, 0.4],
  correlation: 'Stefan and Boltzmann, creased and greasy foil',
  source: HANDBOOK,
});

/** An oil film between a food and the hot metal it lies on. */
export const PAN_CONTACT = convectionOf(
  320,
  [150, 900],
  'a film of oil between metal and meat',
  'measured under patties on hot plates, as published; from memory',
);

function humidity(value: number, range: readonly [number, number]) {
  const correlation = 'share of what would saturate the air';
  return coefficient({ value, unit: 'share', range, correlation, source: 'a usual day' });
}

/** Moving or still air, W/(m²·K), with so much vapour in it, Pa. */
export function air(airC: number, convection: number, vapourPa: number): Surroundings {
  return { airC, convection, vapourPa, emissivity: EMISSIVITY.value };
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
    convection: 1 / (1 / bare.convection + 1 / WRAP_GAP.value),
    emissivity: Math.min(bare.emissivity, WRAP_EMISSIVITY.value),
  };
}
