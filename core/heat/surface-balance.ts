import { KELVIN_AT_0C, LEWIS, STEFAN_BOLTZMANN } from '../figures/index.ts';
import {
  boilingCAtPressure,
  evaporationJPerKg,
  pressurePaAt,
  saturationPaQuick,
} from '../air/index.ts';
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

  private dewOfPa = NaN;
  private dewAtC = NaN;

  /** Where the room's vapour condenses, °C. */
  private dewC(vapourPa: number): number {
    if (vapourPa !== this.dewOfPa) {
      this.dewOfPa = vapourPa;
      this.dewAtC = boilingCAtPressure(vapourPa);
    }
    return this.dewAtC;
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
    let condensing = 0;
    if (vapourPa !== undefined) {
      const { permeance, crustKgPerM2, crustPower } = this.surface;
      const crust = (this.dried / crustKgPerM2) ** crustPower;
      transfer = (around.wetShare ?? 1) / (1 / (LEWIS * convection) + (1 + crust) / permeance);
      if (vapourPa > STEAMY_PA) condensing = LEWIS * convection * steamFlow(vapourPa);
    }
    let at = this.tempC;
    let water = 0;
    const dewC = condensing > 0 ? this.dewC(vapourPa ?? 0) : -Infinity;
    // In steam the surface hangs at the dew point: there it takes more rounds to settle.
    const rounds = this.tempC < dewC ? 6 : 2;
    for (let round = 0; round < rounds; round++) {
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
        const short = saturated - (vapourPa ?? 0);
        // What condenses need not come out of the food.
        const passes = at < dewC ? condensing : transfer;
        water = passes * short;
        flux -= heat * water;
        if (at < boilingC) {
          slope += heat * passes * (saturationPaQuick(wet + 0.5) - saturated) * 2;
        }
      }
      const next = at + flux / slope;
      // Not past the dew point in one go: on the other side another law holds.
      at = at < dewC === next < dewC ? next : at < dewC ? dewC : dewC - JUST_BELOW_C;
    }
    this.tempC = at;
    this.evaporated += water * seconds;
    const dried = this.dried + water * seconds - juice;
    this.dried = dried > 0 ? dried : 0;
    return conductance * (at - insideC);
  }
}

/**
 * How much faster vapour comes to a cold surface where there is little air in its way: the air's
 * own pressure over its logarithmic mean between the room and a surface that is cold. Stefan flow,
 * textbook of mass transfer.
 */
function steamFlow(vapourPa: number): number {
  const airPa = Math.max(LEAST_AIR_PA, SEA_LEVEL_PA - vapourPa);
  const thin = airPa / SEA_LEVEL_PA;
  return thin > NEARLY_ALL_AIR ? 1 : Math.log(1 / thin) / (1 - thin);
}

const SEA_LEVEL_PA = pressurePaAt(0);
/** Above so much air in it, it is as good as none. */
const NEARLY_ALL_AIR = 0.98;
/** With so much vapour it is a room full of steam, Pa; in less, what condenses is not told apart. Our own line, no source. */
const STEAMY_PA = 30_000;
const JUST_BELOW_C = 0.01;
/** Some air always comes in. Our own line, no source. */
const LEAST_AIR_PA = 2000;
