import type { Animal, Cut } from '../pantry/index.ts';
import type { Composition } from './composition.ts';
import { thermalPropertiesOf, type ThermalProperties } from './thermal-properties.ts';

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

export function freezesAtC({ id, animal }: Cut): number {
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

/** Water birds have firmer legs than chickens. Same source, confidence 0.4. */
const WATER_BIRD_FACTOR = 2;

/** Octopus and squid are tender in under an hour of simmering. Same source, confidence 0.4. */
const CEPHALOPOD_FACTOR = 3.3;

/** How fast a cut's collagen softens against pork shoulder's. */
export function tenderFactorOf({ id, animal }: Cut): number {
  if (/^(?:octopus|squid)/.test(id)) return CEPHALOPOD_FACTOR;
  return /^(?:duck|goose)-/.test(id) ? WATER_BIRD_FACTOR : COLLAGEN_FACTOR[animal];
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
