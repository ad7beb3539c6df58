import { MELTING_J_PER_KG, WATER_J_PER_G_K } from '../figures/index.ts';

/**
 * Liquids cooling. They are stirred by their own warmth, so the whole is taken at one temperature:
 * T = Ta + (T0 − Ta)·e^(−U·A·t/(m·c)). U 8 to 12 W/(m²·K) in still air, 150 to 400 in a stirred
 * ice bath. Source: engineering handbooks, from memory.
 */

/** Heat to melt a gram of ice. */
const MELTING_J_PER_G = MELTING_J_PER_KG / 1000;

export const COOLING_U = { fridge: 10, 'ice-bath': 200, counter: 10 } as const;
export type CoolingPlace = keyof typeof COOLING_U;

/** A pot of liquid. */
export interface Pot {
  readonly massG: number;
  /** Left out: as wide as it is deep. */
  readonly widthCm?: number | undefined;
}

/**
 * Minutes until a pot of liquid has fallen from one temperature to another.
 *
 * @throws RangeError when what is around it is not colder than that
 */
export function minutesToCool(
  pot: Pot,
  fromC: number,
  toC: number,
  place: CoolingPlace,
  aroundC: number,
): number {
  if (fromC <= toC) return 0;
  if (aroundC >= toC) throw new RangeError(`nothing at ${aroundC} °C cools to ${toC} °C`);
  const perSecond = (COOLING_U[place] * surfaceM2(pot)) / (pot.massG * WATER_J_PER_G_K);
  return Math.log((fromC - aroundC) / (toC - aroundC)) / perSecond / 60;
}

/**
 * How warm a pot, or a piece taken for one of its weight, is after so long: of what it began at, °C.
 * It may warm as well as cool; a bound for a piece, whose middle follows its outside late.
 */
export function warmthAfter(
  pot: Pot,
  fromC: number,
  minutes: number,
  place: CoolingPlace,
  aroundC: number,
): number {
  const perSecond = (COOLING_U[place] * surfaceM2(pot)) / (pot.massG * WATER_J_PER_G_K);
  return aroundC + (fromC - aroundC) * Math.exp(-perSecond * minutes * 60);
}

/** Bottom, side and top of a round pot, filled as high as its liquid stands. */
function surfaceM2({ massG, widthCm }: Pot): number {
  const volumeM3 = massG / 1e6;
  const widthM = widthCm === undefined ? (volumeM3 * (4 / Math.PI)) ** (1 / 3) : widthCm / 100;
  const depthM = volumeM3 / ((Math.PI / 4) * widthM ** 2);
  return (Math.PI / 2) * widthM ** 2 + Math.PI * widthM * depthM;
}

/** A hot liquid once ice has melted in it: its temperature, and ice that does not melt. */
export function icedC(
  hotG: number,
  hotC: number,
  iceG: number,
): { tempC: number; iceLeftG: number } {
  const heatJ = hotG * WATER_J_PER_G_K * hotC;
  const meltJ = iceG * MELTING_J_PER_G;
  if (hotG + iceG === 0) return { tempC: 0, iceLeftG: 0 };
  if (meltJ >= heatJ) return { tempC: 0, iceLeftG: iceG - heatJ / MELTING_J_PER_G };
  return { tempC: (heatJ - meltJ) / ((hotG + iceG) * WATER_J_PER_G_K), iceLeftG: 0 };
}
