import { LEWIS, WATER_J_PER_G_K } from '../figures/index.ts';
import type { Conditions } from '../places/index.ts';
import { boilingCAt, evaporationJPerKg, saturationPa, vapourPaOf } from '../air/index.ts';
import type { Band } from './forecast.ts';

/** A pan on a ring. */
export interface PanOnRing {
  readonly panCm: number;
  readonly ringW: number;
}

/** Convection over a pan in a still kitchen, W/(m²·K). */
const OVER_PAN = { least: 12, likely: 8, most: 5 } as const;
/** What of a ring's power comes into the pan. Source: kitchen measurements, from memory. */
const RING_SHARE = { least: 0.7, likely: 0.6, most: 0.45 } as const;

/**
 * How long so much water takes to leave a pan. At a simmer the surface gives it off,
 * J = 6.76e-9·hc·(psat − pv); at a rolling boil the ring decides, η·P/λ. Source: engineering
 * practice, from memory, confidence 0.6.
 *
 * @param lostMl water that has to go
 * @param simmerC left out: at a rolling boil
 */
export function reducingMinutes(
  lostMl: number,
  { panCm, ringW }: PanOnRing,
  conditions: Conditions,
  simmerC?: number,
): Band {
  const boilingC = boilingCAt(conditions.altitudeM);
  const room = vapourPaOf(conditions.roomC, 0.5);
  const minutes = (end: keyof Band) => {
    const byRing = (RING_SHARE[end] * ringW) / evaporationJPerKg(boilingC);
    const area = (Math.PI / 4) * (panCm / 100) ** 2;
    const bySurface =
      simmerC === undefined
        ? Infinity
        : LEWIS * OVER_PAN[end] * (saturationPa(Math.min(simmerC, boilingC)) - room) * area;
    return lostMl / 1000 / Math.min(byRing, bySurface) / 60;
  };
  return { least: minutes('least'), likely: minutes('likely'), most: minutes('most') };
}

/** How long a pot takes to come to the boil. @param massG of what is mostly water */
export function boilingMinutes(
  massG: number,
  fromC: number,
  ringW: number,
  conditions: Conditions,
): Band {
  const heatJ = massG * WATER_J_PER_G_K * Math.max(0, boilingCAt(conditions.altitudeM) - fromC);
  const minutes = (end: keyof Band) => heatJ / (RING_SHARE[end] * ringW) / 60;
  return { least: minutes('least'), likely: minutes('likely'), most: minutes('most') };
}
