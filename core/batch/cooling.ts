import { FRIDGE_COLD_C } from '../safety/index.ts';

/**
 * A boiled brine cooling before the food goes in: a simple estimate. Liquids are stirred by
 * their own warmth, so the whole is taken at one temperature:
 * T = Ta + (T0 − Ta)·exp(−UA·t/(m·c)). U 8 to 12 W/m²K in still air, 150 to 400 in a stirred ice
 * bath. Source: engineering handbooks, from memory.
 */

const BOILING_C = 100;
const WATER_J_PER_G_K = 4.186;
/** Heat to melt a gram of ice. Source: steam tables. */
const MELTING_J_PER_G = 334;
const FRIDGE_C = 3;
const U_FRIDGE = 10;
const U_ICE_BATH = 200;

export interface CoolingEstimate {
  /** Once the ice is in and melted, or off the boil without any. */
  readonly startC: number;
  /** Ice that does not melt stays ice: then it is cold at once. */
  readonly iceLeftG: number;
  readonly fridgeMin: number;
  readonly iceBathMin: number;
}

/**
 * @param hotG what was boiled
 * @param iceG ice that goes in afterwards
 */
export function coolingOf(hotG: number, iceG: number): CoolingEstimate {
  const heatJ = hotG * WATER_J_PER_G_K * BOILING_C;
  const meltJ = iceG * MELTING_J_PER_G;
  if (hotG + iceG === 0) return { startC: 0, iceLeftG: 0, fridgeMin: 0, iceBathMin: 0 };
  if (meltJ >= heatJ)
    return { startC: 0, iceLeftG: iceG - heatJ / MELTING_J_PER_G, fridgeMin: 0, iceBathMin: 0 };
  const startC = (heatJ - meltJ) / ((hotG + iceG) * WATER_J_PER_G_K);
  const minutes = (toC: number, airC: number, u: number) =>
    startC <= toC ? 0 : minutesToCool(hotG + iceG, startC, toC, airC, u);
  return {
    startC,
    iceLeftG: 0,
    fridgeMin: minutes(FRIDGE_COLD_C, FRIDGE_C, U_FRIDGE),
    iceBathMin: minutes(FRIDGE_COLD_C, 0.5, U_ICE_BATH),
  };
}

/** Minutes for so many grams to fall from one temperature to another in a pot of their size. */
function minutesToCool(
  massG: number,
  startC: number,
  toC: number,
  aroundC: number,
  u: number,
): number {
  // A pot as wide as it is high: its whole surface for the volume it holds.
  const volumeM3 = massG / 1e6;
  const areaM2 = 5.54 * volumeM3 ** (2 / 3);
  const seconds =
    ((massG * WATER_J_PER_G_K) / (u * areaM2)) * Math.log((startC - aroundC) / (toC - aroundC));
  return seconds / 60;
}
