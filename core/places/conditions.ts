import { coefficient, convection, FITTED_TO_CHARTS } from './coefficient.ts';
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

/** The fitted coefficients of the fires, each with what it may be. */
export const OVEN_CONVECTION = convection(
  FITTED.ovenConvection,
  [5, 15],
  'air that moves by itself in a closed oven',
  FITTED_TO_CHARTS,
);
export const SMOKER_CONVECTION = convection(
  FITTED.smokerConvection,
  [7, 20],
  'the draught of a slow fire',
  FITTED_TO_CHARTS,
);
export const OVEN_VAPOUR = vapour(FITTED.ovenVapourPa);
export const SMOKER_VAPOUR = vapour(FITTED.smokerVapourPa);

function vapour(value: number) {
  return coefficient({
    value,
    unit: 'Pa',
    range: [1000, 12_000],
    correlation: 'Lewis, vapour from a wet surface into the air around it',
    source: FITTED_TO_CHARTS,
  });
}
