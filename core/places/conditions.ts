import fitted from './coefficients.json';
import type { Surface } from './surroundings.ts';

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

/** What was fitted to printed charts, one set for all foods. */
export interface Coefficients {
  readonly ovenConvection: number;
  readonly ovenVapourPa: number;
  readonly smokerConvection: number;
  readonly smokerVapourPa: number;
  /** The surface of meat, one for all cookers. */
  readonly surface: Surface;
}

export const FITTED: Coefficients = fitted;
