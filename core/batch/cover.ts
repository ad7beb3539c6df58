import type { Contents } from './contents.ts';
import { MAKES_FOOD, type Mixture, type MixtureKind } from './mixture.ts';

export const VESSEL_KINDS = ['bag', 'tub', 'bowl', 'pot', 'tray', 'jar', 'pan', 'steamer'] as const;
export type VesselKind = (typeof VESSEL_KINDS)[number];

/** Something food and mixture lie in. */
export interface Vessel {
  readonly name: string;
  readonly kind: VesselKind;
  readonly capacityMl: number;
}

/** Whether there is enough to cover the food, and whether the vessel holds both. */
export interface Cover {
  readonly needMl: number;
  readonly haveMl: number;
  readonly enough: boolean;
  /** Undefined when no vessel is named. */
  readonly fits?: boolean | undefined;
  readonly vessel?: Vessel | undefined;
  /** Food and mixture together. */
  readonly fillMl: number;
  /** How full it may be: the rest is for turning, or for froth. */
  readonly fullMl?: number | undefined;
  /** What is brought to the boil in it may froth over. */
  readonly froths: boolean;
}

/** Raw meat and most vegetables are a little heavier than water. Common practice, no source. */
export const FOOD_G_PER_ML = 1.05;

/** Of a vessel packed with food, the share that is left between the pieces. Common practice, no source. */
const VOID_SHARE: Readonly<Record<VesselKind, number>> = {
  bag: 0.3,
  tub: 0.45,
  jar: 0.4,
  bowl: 0.5,
  pot: 0.5,
  tray: 0.55,
  pan: 0.55,
  steamer: 0.6,
};
/** A bag with its air pressed out, or a plate on top, lies close around the food. */
const PRESSED_VOID_SHARE: Readonly<Record<VesselKind, number>> = {
  bag: 0.18,
  tub: 0.38,
  jar: 0.35,
  bowl: 0.42,
  pot: 0.42,
  tray: 0.45,
  pan: 0.45,
  steamer: 0.5,
};

/** How full each may be. Common practice, no source. */
const FULL_SHARE: Readonly<Record<VesselKind, number>> = {
  bag: 0.75,
  tub: 0.9,
  jar: 0.95,
  bowl: 0.85,
  pot: 0.85,
  tray: 0.75,
  pan: 0.7,
  steamer: 0.8,
};
/** On the boil: sugar, milk and beer froth. Common practice, no source. */
const BOILING_SHARE = 0.75;
const FROTHING_SHARE = 0.6;

/** What is dusted, coated or turned needs less than what is covered. Common practice, no source. */
const COAT_ML_PER_G: Partial<Readonly<Record<MixtureKind, number>>> = {
  rub: 0.01,
  'dry brine': 0.004,
  paste: 0.1,
  glaze: 0.05,
};
/** A marinade is turned now and then: a quarter of what would cover, and at least so much. */
const MARINADE_OF_COVER = 0.25;
const MARINADE_LEAST_ML_PER_G = 0.1;

/** Millilitres of mixture a gram of food wants in its vessel; 0 for sauces, doughs and batters. */
export function needMlPerG(
  mixture: Pick<Mixture, 'kind' | 'pressed' | 'basis'>,
  vessel: VesselKind,
): number {
  if (mixture.kind === 'sauce' || MAKES_FOOD.has(mixture.kind)) return 0;
  const coat = COAT_ML_PER_G[mixture.kind];
  if (coat !== undefined) return coat;
  const voids = (mixture.pressed ? PRESSED_VOID_SHARE : VOID_SHARE)[vessel];
  const covers = voids / (1 - voids) / FOOD_G_PER_ML;
  if (mixture.kind !== 'marinade' || mixture.basis.kind === 'cover') return covers;
  return Math.max(MARINADE_LEAST_ML_PER_G, covers * MARINADE_OF_COVER);
}

/**
 * @param foodG all the food it goes on
 * @param onFood the mixture that goes on it, the reserve already out
 */
export function coverOf(
  mixture: Mixture,
  foodG: number,
  onFood: Contents,
  vessel: Vessel | undefined,
): Cover | undefined {
  const perG = needMlPerG(mixture, vessel?.kind ?? 'tub');
  if (perG === 0 || foodG === 0) return undefined;
  const needMl = foodG * perG;
  const fillMl = foodG / FOOD_G_PER_ML + onFood.ml;
  const froths = mixture.boiled === true && onFood.sugarG / Math.max(1, onFood.grams) > 0.1;
  const boils = mixture.boiled === true && vessel?.kind === 'pot';
  const boilingMl = vessel && vessel.capacityMl * (froths ? FROTHING_SHARE : BOILING_SHARE);
  const fullMl = vessel && vessel.capacityMl * FULL_SHARE[vessel.kind];
  return {
    needMl,
    haveMl: onFood.ml,
    // A twentieth short is still turned over and covered.
    enough: onFood.ml >= needMl * 0.95,
    fits:
      fullMl === undefined || boilingMl === undefined
        ? undefined
        : fillMl <= fullMl && (!boils || onFood.ml <= boilingMl),
    vessel,
    fillMl,
    fullMl,
    froths: boils && boilingMl !== undefined && onFood.ml > boilingMl,
  };
}
