import fitted from './cookers.json';
import { boilingCAt, boilingCAtPressure, pressurePaAt, vapourPaOf } from './air.ts';
import { NON_COOKING_PLACES, type Cooker, type Wrap } from './names.ts';
import type { Surface, Surroundings } from './surroundings.ts';

/** Where the cook stands. */
export interface Conditions {
  readonly altitudeM: number;
  readonly roomC: number;
  readonly outdoorC: number;
  readonly windMPerS: number;
}

export const USUAL_CONDITIONS: Conditions = {
  altitudeM: 0,
  roomC: 21,
  outdoorC: 15,
  windMPerS: 1,
};

/** What its times rest on: coefficients fitted to printed charts, or a handbook's usual ones. */
export type ForecastBasis = 'fitted' | 'handbook';

export interface CookerData {
  readonly usualC: number;
  /** Heats one may set. Undefined where it is what it is. */
  readonly heats?: readonly [number, number];
  readonly basis: ForecastBasis;
  /** How far off what it says one such cooker in three is, °C. */
  readonly offsetSdC: number;
}

/** Source of the handbook figures: engineering practice, from memory; offsets: kitchen convention. */
const HOT_AIR = { basis: 'fitted', offsetSdC: 10 } as const;
const LIQUID = { basis: 'handbook', offsetSdC: 1.5 } as const;
const COLD = { basis: 'handbook', offsetSdC: 1.5 } as const;

export const COOKER_DATA: Readonly<Record<Cooker, CookerData>> = {
  oven: { usualC: 170, heats: [60, 280], ...HOT_AIR },
  'fan-oven': { usualC: 150, heats: [60, 260], basis: 'handbook', offsetSdC: 8 },
  smoker: { usualC: 115, heats: [60, 200], basis: 'fitted', offsetSdC: 8 },
  'grill-direct': { usualC: 230, heats: [150, 350], basis: 'handbook', offsetSdC: 30 },
  'grill-indirect': { usualC: 160, heats: [90, 260], basis: 'handbook', offsetSdC: 15 },
  pan: { usualC: 190, heats: [110, 260], basis: 'handbook', offsetSdC: 20 },
  griddle: { usualC: 220, heats: [130, 280], basis: 'handbook', offsetSdC: 20 },
  'deep-fryer': { usualC: 175, heats: [130, 195], basis: 'handbook', offsetSdC: 6 },
  boil: { usualC: 100, ...LIQUID },
  simmer: { usualC: 92, heats: [60, 99], ...LIQUID },
  braise: { usualC: 95, heats: [75, 99], ...LIQUID },
  'slow-cooker-low': { usualC: 91, ...LIQUID },
  'slow-cooker-high': { usualC: 96, ...LIQUID },
  steam: { usualC: 100, ...LIQUID },
  pressure: { usualC: 117, ...LIQUID },
  fridge: { usualC: 4, heats: [0, 8], ...COLD },
  freezer: { usualC: -18, heats: [-30, -10], ...COLD },
  'cold-water': { usualC: 10, heats: [2, 21], ...COLD },
  'running-water': { usualC: 12, heats: [2, 21], ...COLD },
  'ice-bath': { usualC: 1, basis: 'handbook', offsetSdC: 0.5 },
  counter: { usualC: 21, heats: [5, 38], basis: 'handbook', offsetSdC: 2 },
  outdoors: { usualC: 15, heats: [-20, 40], basis: 'handbook', offsetSdC: 2 },
  foil: { usualC: 21, heats: [5, 38], basis: 'handbook', offsetSdC: 2 },
  'warm-oven': { usualC: 70, heats: [55, 100], basis: 'handbook', offsetSdC: 8 },
  box: { usualC: 60, basis: 'handbook', offsetSdC: 3 },
};

const STILL: ReadonlySet<Cooker> = new Set(NON_COOKING_PLACES);

export function cooks(cooker: Cooker): boolean {
  return !STILL.has(cooker);
}

/** What was fitted, one set for all foods. */
export interface Coefficients {
  readonly ovenConvection: number;
  readonly ovenVapourPa: number;
  readonly smokerConvection: number;
  readonly smokerVapourPa: number;
  /** The surface of meat, one for all cookers. */
  readonly surface: Surface;
}

export const FITTED: Coefficients = fitted;

/** Foil lies a little off the food: W/(m²·K) across the gap, and what it still radiates. */
const WRAP_GAP = 60;
const WRAP_EMISSIVITY = 0.6;
const EMISSIVITY = 0.9;

export interface BoundaryConditions {
  readonly around: Surroundings;
  readonly under?: Surroundings | undefined;
}

/**
 * What a food meets in a cooker.
 *
 * @param tempC what it is set to; left out, the usual
 */
export function boundaryConditionsOf(
  cooker: Cooker,
  tempC: number | undefined,
  wrap: Wrap | undefined,
  conditions: Conditions,
  fitted: Coefficients = FITTED,
): BoundaryConditions {
  const boundary = unwrappedBoundaryConditions(
    cooker,
    tempC ?? usualC(cooker, conditions),
    conditions,
    fitted,
  );
  if (wrap === undefined) return boundary;
  return {
    around: wrapped(boundary.around, wrap),
    ...(boundary.under && { under: wrapped(boundary.under, wrap) }),
  };
}

/** What a cooker is at when nobody sets it. */
export function usualC(cooker: Cooker, { roomC, outdoorC }: Conditions): number {
  if (cooker === 'counter' || cooker === 'foil') return roomC;
  return cooker === 'outdoors' ? outdoorC : COOKER_DATA[cooker].usualC;
}

function unwrappedBoundaryConditions(
  cooker: Cooker,
  airC: number,
  conditions: Conditions,
  fitted: Coefficients,
): BoundaryConditions {
  const boilingC = boilingCAt(conditions.altitudeM);
  const room = vapourPaOf(conditions.roomC, 0.5);
  switch (cooker) {
    case 'oven':
      return { around: air(airC, fitted.ovenConvection, fitted.ovenVapourPa) };
    case 'fan-oven':
      return { around: air(airC, FAN_CONVECTION, fitted.ovenVapourPa) };
    case 'smoker':
    case 'grill-indirect':
      return { around: air(airC, fitted.smokerConvection, fitted.smokerVapourPa) };
    case 'grill-direct':
      return {
        around: { ...air(airC, 25, fitted.smokerVapourPa), wallC: COALS_C, emissivity: COALS_VIEW },
        under: openSide(airC, conditions),
      };
    case 'pan':
    case 'griddle':
      // Oil film below, still and steamy air above.
      return { around: bath(airC, PAN_CONTACT), under: air(OVER_PAN_C, 8, room) };
    case 'deep-fryer':
      return { around: bath(airC, 400) };
    case 'boil':
      return { around: bath(boilingC, 1500) };
    case 'simmer':
      return { around: bath(Math.min(airC, boilingC - 1), 800) };
    case 'braise':
      return { around: bath(Math.min(airC, boilingC - 2), 500) };
    case 'slow-cooker-low':
      return { around: { ...bath(Math.min(airC, boilingC - 2), 200), fromC: 20, lagMin: 150 } };
    case 'slow-cooker-high':
      return { around: { ...bath(Math.min(airC, boilingC - 1), 200), fromC: 20, lagMin: 65 } };
    case 'steam':
      return { around: bath(boilingC, 600) };
    case 'pressure':
      return {
        around: {
          ...bath(boilingCAtPressure(pressurePaAt(conditions.altitudeM) + 80_000), 1000),
          fromC: boilingC - 10,
          lagMin: 4,
        },
      };
    case 'fridge':
    case 'freezer':
      return { around: bath(airC, 8) };
    case 'cold-water':
      return { around: bath(airC, 120) };
    case 'running-water':
      return { around: bath(airC, 400) };
    case 'ice-bath':
      return { around: bath(airC, 250) };
    case 'counter':
      return { around: air(airC, 5, room) };
    case 'outdoors':
      // Jürges (1924) for smooth surfaces, from memory: 5.6 + 4 v.
      return {
        around: air(airC, 5.6 + 4 * conditions.windMPerS, vapourPaOf(airC, 0.6)),
      };
    case 'foil':
      return { around: bath(airC, 9.5) };
    case 'warm-oven':
      return { around: bath(airC, 9) };
    case 'box':
      // Its walls lose half a watt for each degree, over the food's own surface.
      return { around: bath(conditions.roomC, 4) };
  }
}

/** The side away from the coals: warm air from them, mixed with what the wind brings. */
function openSide(airC: number, { outdoorC, windMPerS }: Conditions): Surroundings {
  const mixedC = outdoorC + OVER_COALS * (airC - outdoorC);
  return air(mixedC, 10 + 2 * windMPerS, vapourPaOf(outdoorC, 0.6));
}

const FAN_CONVECTION = 18;
/** Glowing coals, and the share of its view they take. Source: as above. */
const COALS_C = 550;
const COALS_VIEW = 0.75;
/** How much of the fire's warmth the air above the grate has. */
const OVER_COALS = 0.45;
const PAN_CONTACT = 220;
const OVER_PAN_C = 45;

function air(airC: number, convection: number, vapourPa: number): Surroundings {
  return { airC, convection, vapourPa, emissivity: EMISSIVITY };
}

/** Where nothing evaporates: one coefficient holds all. */
function bath(airC: number, convection: number): Surroundings {
  return { airC, convection, emissivity: 0 };
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
