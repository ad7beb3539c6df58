import { boundaryConditionsOf } from './boundary-conditions.ts';
import { FREEZER_C, KELVIN_AT_0C, STEFAN_BOLTZMANN } from '../figures/index.ts';
import { usualC, type Conditions, type Cooker, type Surface } from '../places/index.ts';
import type { Cut } from '../pantry/index.ts';
import { bodyOf, type Body, type Form } from './body.ts';
import { iceShare } from './composition.ts';
import { formOf, type Piece } from './form.ts';
import { compositionOf } from './makeup.ts';
import type { Softening } from './tenderness.ts';
import type { ThermalProperties } from './thermal-properties.ts';

/** A food, ready for the fire. */
export interface PreparedPiece {
  /** What stands for it where a stage says no other. */
  readonly body: Body;
  readonly properties: ThermalProperties;
  readonly surface: Surface;
  readonly boilingC: number;
  readonly weightG: number;
  readonly startC: number;
  /** How fast it gets tender. */
  readonly softening: Softening;
}

/** How strongly a cooker's heat comes through the surface, W/(m²·K): for the Biot number. */
function transferOf(cooker: Cooker, tempC: number | undefined, conditions: Conditions): number {
  const { around } = boundaryConditionsOf(cooker, tempC, undefined, conditions);
  const meanK = (around.airC + 50) / 2 + KELVIN_AT_0C;
  return around.convection + 4 * around.emissivity * STEFAN_BOLTZMANN * meanK ** 3;
}

const USUAL_CONDUCTIVITY = 0.5;

/** How much of the ice it would hold in a freezer, 0 to 1: so far it is a block. */
function frozenShareOf(cut: Cut, startC: number): number {
  const composition = compositionOf(cut);
  const most = iceShare(composition, FREEZER_C);
  return most > 0 ? Math.min(1, iceShare(composition, startC) / most) : 0;
}

/** The form of a piece as cold as it begins. */
export function startingForm(piece: Piece, startC: number): Form {
  return formOf(piece, frozenShareOf(piece.cut, startC));
}

/**
 * The body that stands for a form in a cooker: it depends a little on how strongly heat comes in.
 */
export function bodyIn(
  form: Form,
  cooker: { readonly cooker: Cooker; readonly tempC?: number | undefined },
  conditions: Conditions,
): Body {
  const tempC = cooker.tempC ?? usualC(cooker.cooker, conditions);
  const transfer = transferOf(cooker.cooker, tempC, conditions);
  return bodyOf(form, (transfer * form.halfM) / USUAL_CONDUCTIVITY);
}
