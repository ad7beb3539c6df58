import { basisNamed } from './bases/registry.ts';
import {
  FOOD_G_PER_ML,
  VOID_SHARE,
  FULL_SHARE,
  BOILING_SHARE,
  FROTHING_SHARE,
  COAT_ML_PER_G,
} from '../figures/index.ts';
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

/** What it lies in where none is named. */
export function usualVessel({ kind }: Pick<Mixture, 'kind'>): VesselKind {
  return kind === 'sauce' ? 'pot' : 'tub';
}

/** A marinade is turned now and then: a quarter of what would cover, and at least so much. */
const MARINADE_OF_COVER = 0.25;
const MARINADE_LEAST_ML_PER_G = 0.1;

/**
 * Millilitres of mixture a gram of food wants in its vessel; 0 for doughs, batters, and sauces that
 * need not cover.
 */
export function needMlPerG(
  mixture: Pick<Mixture, 'kind' | 'pressed' | 'basis'>,
  vessel: VesselKind,
): number {
  const { covers: mustCover } = basisNamed(mixture.basis.kind);
  if (MAKES_FOOD.has(mixture.kind) || (mixture.kind === 'sauce' && !mustCover)) return 0;
  const coats: Partial<Readonly<Record<MixtureKind, number>>> = COAT_ML_PER_G;
  const coat = coats[mixture.kind];
  if (coat !== undefined && !mustCover) return coat;
  const voids = (mixture.pressed ? PRESSED_VOID_SHARE : VOID_SHARE)[vessel];
  const covers = voids / (1 - voids) / FOOD_G_PER_ML;
  if (mixture.kind !== 'marinade' || mustCover) return covers;
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
  const perG = needMlPerG(mixture, vessel?.kind ?? usualVessel(mixture));
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
