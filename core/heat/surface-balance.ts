import { KELVIN_AT_0C, LEWIS, STEFAN_BOLTZMANN } from '../figures/index.ts';
import { evaporationJPerKg, saturationPaQuick } from '../air/index.ts';
import type { Surface, Surroundings } from '../places/index.ts';

/**
 * One surface of a food: what it takes up from its surroundings, and what evaporates from it.
 *
 *   hc(Ta − Ts) + εσ(Tw⁴ − Ts⁴) − λJ = 2k/Δx (Ts − T),   J = (psat(min(Ts, boiling)) − pv)/Rm,
 *   Rm = 1/(6.76e-9·hc) + (1 + (dried/crust)^n)/permeance
 *
 * A surface that has given off more water than juice came up grows a crust, and lets through less:
 * this is why the inside of a smoked joint first stalls and then climbs on. Structure from the
 * heat equations of the reference (engineering practice).
 */
export class SurfaceBalance {
  tempC: number;
  /** Water this surface lacks, kg/m². */
  dried = 0;
  /** Given off in all, kg/m². */
  evaporated = 0;

  constructor(
    startC: number,
    private readonly surface: Surface,
  ) {
    this.tempC = startC;
  }

  /** As warm and as dry as two others are in the mean. */
  takeOver(one: SurfaceBalance, other: SurfaceBalance): void {
    this.tempC = (one.tempC + other.tempC) / 2;
    this.dried = (one.dried + other.dried) / 2;
  }

  /**
   * Settles the surface's temperature and gives what flows into the food, W/m².
   *
   * @param conductance 2k/Δx of the half cell beneath
   * @param insideC the temperature of that cell
   * @param seconds of the step
   * @param juice kg/m² that came up in it
   * @param boilingC where its water boils
   */
  flow(
    around: Surroundings,
    airC: number,
    conductance: number,
    insideC: number,
    seconds: number,
    juice: number,
    boilingC: number,
  ): number {
    const { convection, emissivity, vapourPa } = around;
    const wallK = (around.wallC ?? airC) + KELVIN_AT_0C;
    const radiation = STEFAN_BOLTZMANN * emissivity;
    const wallK2 = wallK * wallK;
    const fromWalls = radiation * wallK2 * wallK2;
    let transfer = 0;
    if (vapourPa !== undefined) {
      const { permeance, crustKgPerM2, crustPower } = this.surface;
      const crust = (this.dried / crustKgPerM2) ** crustPower;
      transfer = (around.wetShare ?? 1) / (1 / (LEWIS * convection) + (1 + crust) / permeance);
    }
    let at = this.tempC;
    let water = 0;
    for (let round = 0; round < 2; round++) {
      const kelvin = at + KELVIN_AT_0C;
      const kelvin3 = kelvin * kelvin * kelvin;
      let flux =
        convection * (airC - at) +
        fromWalls -
        radiation * kelvin3 * kelvin -
        conductance * (at - insideC);
      let slope = convection + 4 * radiation * kelvin3 + conductance;
      if (transfer > 0) {
        const heat = evaporationJPerKg(at);
        const wet = at < boilingC ? at : boilingC;
        const saturated = saturationPaQuick(wet);
        water = transfer * (saturated - (vapourPa ?? 0));
        flux -= heat * water;
        if (at < boilingC) {
          slope += heat * transfer * (saturationPaQuick(wet + 0.5) - saturated) * 2;
        }
      }
      at += flux / slope;
    }
    this.tempC = at;
    this.evaporated += water * seconds;
    const dried = this.dried + water * seconds - juice;
    this.dried = dried > 0 ? dried : 0;
    return conductance * (at - insideC);
  }
}
