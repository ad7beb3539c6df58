import type { Animal, Cut } from '../pantry/index.ts';
import type { Composition } from './composition.ts';
import { dimensionsOf } from './cut-dimensions.ts';
import { collagenOf, pectinOf, type Softening } from './tenderness.ts';
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
const COLLAGEN_FACTOR: Readonly<Record<Exclude<Animal, 'none'>, number>> = {
  beef: 0.85,
  pork: 1,
  lamb: 1.2,
  poultry: 4,
  game: 0.8,
  fish: 8,
  shellfish: 1.5,
};

/** Water birds have firmer legs than chickens. Same source, confidence 0.4. */
const WATER_BIRD_FACTOR = 2;

/** Octopus and squid are tender in under an hour of simmering. Same source, confidence 0.4. */
const CEPHALOPOD_FACTOR = 3.3;

/**
 * How fast plants soften against a carrot. Our own calibration on minutes in boiling water,
 * common practice, no source; the first that fits.
 */
const PECTIN_FACTORS: ReadonlyArray<readonly [RegExp, number]> = [
  [/^beetroot/, 0.35],
  [/^potatoes/, 1.6],
  [/^sweet-potato/, 1.5],
  [/^(?:aubergine|mushrooms)/, 2.5],
  [/^(?:broccoli|asparagus|corn)/, 2.2],
  [/^(?:cauliflower|brussels)/, 1.5],
];

/** What gets soft in a fire, and whose pieces are known: no leaves, cheese or dry goods. */
export function isVegetable(cut: Cut): boolean {
  return cut.section === 'greengrocer' && dimensionsOf(cut) !== undefined;
}

/** How fast a food gets tender: by its collagen, or by its pectin where it was no animal. */
export function softeningOf({ id, animal }: Cut): Softening {
  if (animal === 'none') {
    const pectin = pectinOf(PECTIN_FACTORS.find(([name]) => name.test(id))?.[1] ?? 1);
    // Of a cob the grains are eaten, and not the pith in its middle.
    return id.startsWith('corn-cob') ? { ...pectin, judgedIn: 'fork' } : pectin;
  }
  if (/^(?:octopus|squid)/.test(id)) return collagenOf(CEPHALOPOD_FACTOR);
  return collagenOf(/^(?:duck|goose)-/.test(id) ? WATER_BIRD_FACTOR : COLLAGEN_FACTOR[animal]);
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
