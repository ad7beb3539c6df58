import type { Body, Flat } from './body.ts';
import type { Surface } from '../places/index.ts';
import type { ThermalProperties } from './thermal-properties.ts';

/** A food, ready for the fire. */
export interface PreparedPiece {
  readonly body: Body;
  /** As it lies in a pan or over coals. */
  readonly flat: Flat;
  readonly properties: ThermalProperties;
  readonly surface: Surface;
  readonly boilingC: number;
  readonly startC: number;
  /** Of its collagen; 1 for pork shoulder. */
  readonly tenderFactor: number;
}
