import type { Mixture } from './mixture.ts';

/** Whether there is enough to cover the food, and whether the vessel holds both. */
export interface Cover {
  readonly needMl: number;
  readonly haveMl: number;
  readonly enough: boolean;
  /** Undefined when no vessel is named. */
  readonly fits?: boolean | undefined;
  readonly vessel?: string | undefined;
  /** Food and mixture together. */
  readonly fillMl: number;
  readonly capacityMl?: number | undefined;
}

/** Something food and mixture lie in. */
export interface Vessel {
  readonly name: string;
  readonly capacityMl: number;
}

/** Raw meat and most vegetables are a little heavier than water. Common practice, no source. */
const FOOD_G_PER_ML = 1.05;

/**
 * Millilitres wanted per gram of food: a rub is dusted on, a paste coats, a marinade lies in a
 * bag with the air pressed out, a brine or pickle covers in a tub. Common practice, no source.
 */
const NEED_ML_PER_G: Readonly<Record<Mixture['kind'], number>> = {
  rub: 0.01,
  'dry brine': 0.004,
  paste: 0.1,
  glaze: 0.05,
  marinade: 0.15,
  pickle: 0.5,
  'wet brine': 0.9,
  sauce: 0,
  dough: 0,
};

/** A tub is full at nine tenths: the rest is for turning. Common practice, no source. */
const FULL_SHARE = 0.9;

export function coverOf(
  mixture: Mixture,
  foodG: number,
  haveMl: number,
  vessel: Vessel | undefined,
): Cover | undefined {
  const perG = NEED_ML_PER_G[mixture.kind];
  if (perG === 0 || foodG === 0) return undefined;
  const needMl = foodG * perG;
  const fillMl = foodG / FOOD_G_PER_ML + haveMl;
  return {
    needMl,
    haveMl,
    // A twentieth short is still turned over and covered.
    enough: haveMl >= needMl * 0.95,
    fits: vessel ? fillMl <= vessel.capacityMl * FULL_SHARE : undefined,
    vessel: vessel?.name,
    fillMl,
    capacityMl: vessel?.capacityMl,
  };
}
