import { FRIDGE_C, ICE_WATER_C } from '../figures/index.ts';
import { icedC, minutesToCool } from '../heat/index.ts';
import { FRIDGE_COLD_C } from '../safety/index.ts';

const BOILING_C = 100;

/** A boiled brine cooling before the food goes in. */
export interface CoolingEstimate {
  /** Once the ice is in and melted, or off the boil without any. */
  readonly startC: number;
  /** Ice that does not melt stays ice: then it is cold at once. */
  readonly iceLeftG: number;
  readonly fridgeMin: number;
  readonly iceBathMin: number;
}

/**
 * How long a boiled mixture takes to grow fridge-cold, in a pot as wide as it is deep.
 *
 * @param hotG what was boiled
 * @param iceG ice that goes in afterwards
 */
export function coolingOf(hotG: number, iceG: number): CoolingEstimate {
  const { tempC: startC, iceLeftG } = icedC(hotG, BOILING_C, iceG);
  const pot = { massG: hotG + iceG };
  return {
    startC,
    iceLeftG,
    fridgeMin: minutesToCool(pot, startC, FRIDGE_COLD_C, 'fridge', FRIDGE_C),
    iceBathMin: minutesToCool(pot, startC, FRIDGE_COLD_C, 'ice-bath', ICE_WATER_C),
  };
}
