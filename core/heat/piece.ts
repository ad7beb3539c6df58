import { boundaryConditionsOf } from './boundary-conditions.ts';
import { KELVIN_AT_0C, STEFAN_BOLTZMANN } from '../figures/index.ts';
import { usualC, FITTED, type Conditions, type Cooker } from '../places/index.ts';
import type { Animal, Cut } from '../pantry/index.ts';
import { bodyOf, flatOf, type Form } from './body.ts';
import { boilingCAt } from '../air/index.ts';
import type { PreparedPiece } from './prepared-piece.ts';
import { densityOf, type Composition } from './composition.ts';
import { thermalPropertiesOf, type ThermalProperties } from './thermal-properties.ts';

/** One piece of food, as it goes in. */
export interface Piece {
  readonly cut: Cut;
  readonly weightG: number;
  /** What the cook measured; left out, from the cut and the weight. */
  readonly thicknessMm?: number | undefined;
}

/**
 * Where the first ice forms. Source: ASHRAE Handbook, Refrigeration, from memory.
 */
const FREEZES_C: Readonly<Record<Animal, number>> = {
  beef: -1.7,
  pork: -1.8,
  lamb: -1.9,
  poultry: -2.5,
  game: -1.8,
  fish: -2.2,
  shellfish: -2.2,
  none: -0.8,
};

/** Salt keeps ham from freezing so soon. Same source, confidence 0.85. */
const HAM_FREEZES_C = -3;

function freezesAtC({ id, animal }: Cut): number {
  return id.startsWith('ham-') ? HAM_FREEZES_C : FREEZES_C[animal];
}

/**
 * How fast collagen softens against pork shoulder. Our own calibration, as in tenderness.ts; a cut
 * without much of it counts as its animal.
 */
const COLLAGEN_FACTOR: Readonly<Record<Animal, number>> = {
  beef: 0.85,
  pork: 1,
  lamb: 1.2,
  poultry: 4,
  game: 0.8,
  fish: 8,
  shellfish: 1.5,
  none: 1,
};

/** How fast a cut's collagen softens against pork shoulder's. */
export function tenderFactorOf(cut: Cut): number {
  return COLLAGEN_FACTOR[cut.animal];
}

/** Lean meat, for a cut that does not say what it is made of. */
const LEAN = { waterPct: 70, proteinPct: 21, fatPct: 8, carbohydratePct: 0, ashPct: 1 };

/** What a cut is made of, in shares that sum to 1. */
export function compositionOf(cut: Cut): Composition {
  const { waterPct, proteinPct, fatPct, carbohydratePct, ashPct } = cut.composition ?? LEAN;
  const sum = waterPct + proteinPct + fatPct + carbohydratePct + ashPct;
  return {
    water: waterPct / sum,
    protein: proteinPct / sum,
    fat: fatPct / sum,
    carbohydrate: carbohydratePct / sum,
    ash: ashPct / sum,
    freezesAtC: freezesAtC(cut),
  };
}

/**
 * The form of a piece by its weight. A joint grows as its cut says; a flat piece keeps its
 * thickness and grows wider. A measured thickness wins; the rest of the weight makes it longer.
 *
 * @param solid frozen through: what is hollow counts as a block
 */
export function formOf({ cut, weightG, thicknessMm }: Piece, solid = false): Form {
  const volume = weightG / 1000 / densityOf(compositionOf(cut), 5);
  const given = thicknessMm === undefined ? undefined : thicknessMm / 1000;
  const { body } = cut;
  if (!body) return plainForm(cut, volume, given);
  const thickest = volume * (solid ? 1 : (body.thickestShare ?? 1));
  const round = body.form === 'rod' ? Math.PI / 4 : 1;
  const wide = body.wide ?? 1;
  const usualVolume = (thickest * body.usualG) / weightG;
  const usualM = (usualVolume / (round * wide * body.long)) ** (1 / 3);
  const thickM = given ?? usualM * (weightG / body.usualG) ** body.growth;
  if (body.form === 'rod') {
    return { kind: 'rod', halfM: thickM / 2, long: thickest / (round * thickM ** 3) };
  }
  // What is thinner than usual for its weight is wider and longer.
  const stretch = Math.sqrt(thickest / (wide * body.long * thickM ** 3));
  return brick(thickM, wide * stretch, body.long * stretch);
}

function plainForm(cut: Cut, volume: number, given: number | undefined): Form {
  const usualM = cut.thicknessMm / 1000;
  const thickM = given ?? usualM;
  switch (cut.shape) {
    case 'sphere':
      return { kind: 'sphere', halfM: thickM / 2 };
    case 'cube':
      return { kind: 'brick', halfM: thickM / 2, wide: 1, long: 1 };
    case 'cylinder':
      return { kind: 'rod', halfM: thickM / 2, long: volume / ((Math.PI / 4) * thickM ** 3) };
    case 'brick':
    case 'slab': {
      const side = Math.sqrt(volume / thickM ** 3);
      return brick(thickM, side, side);
    }
  }
}

/** The smallest of the three is its thickness, whatever the cook calls so. */
function brick(thickM: number, wide: number, long: number): Form {
  const least = Math.min(1, wide, long);
  return {
    kind: 'brick',
    halfM: (thickM * least) / 2,
    wide: Math.max(1, Math.min(wide, long)) / least,
    long: Math.max(1, wide, long) / least,
  };
}

/** Thickness of a form, mm. */
export function thicknessMmOf(form: Form): number {
  const thin = form.kind === 'rod' && form.long < 1 ? form.long : 1;
  return 2000 * form.halfM * thin;
}

/** How strongly a cooker's heat comes through the surface, W/(m²·K): for the Biot number. */
function transferOf(cooker: Cooker, tempC: number | undefined, conditions: Conditions): number {
  const { around } = boundaryConditionsOf(cooker, tempC, undefined, conditions);
  const meanK = (around.airC + 50) / 2 + KELVIN_AT_0C;
  return around.convection + 4 * around.emissivity * STEFAN_BOLTZMANN * meanK ** 3;
}

const USUAL_CONDUCTIVITY = 0.5;

/** What is kept of what each makeup comes to: a table of properties takes some milliseconds. */
const knownProperties = new Map<string, ThermalProperties>();

export function propertiesOfCut(cut: Cut): ThermalProperties {
  const composition = compositionOf(cut);
  const key = JSON.stringify(composition);
  const known = knownProperties.get(key);
  if (known) return known;
  const made = thermalPropertiesOf(composition);
  if (knownProperties.size > 60) knownProperties.clear();
  knownProperties.set(key, made);
  return made;
}

/**
 * A piece ready to be cooked.
 *
 * @param cooker the one it spends most of its time in: which body stands in for the piece depends
 *   a little on how strongly heat comes in
 */
export function preparedPiece(
  piece: Piece,
  startC: number,
  cooker: { readonly cooker: Cooker; readonly tempC?: number | undefined },
  conditions: Conditions,
): PreparedPiece {
  const form = formOf(piece, startC < freezesAtC(piece.cut));
  const h = transferOf(
    cooker.cooker,
    cooker.tempC ?? usualC(cooker.cooker, conditions),
    conditions,
  );
  const boilingC = boilingCAt(conditions.altitudeM);
  return {
    body: bodyOf(form, (h * form.halfM) / USUAL_CONDUCTIVITY),
    flat: flatOf(form),
    properties: propertiesOfCut(piece.cut),
    surface: FITTED.surface,
    boilingC,
    startC,
    tenderFactor: tenderFactorOf(piece.cut),
  };
}
