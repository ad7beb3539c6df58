/** What a surface of the food is in or on. Temperatures in °C, everything else SI. */
export interface Surroundings {
  readonly airC: number;
  /** Where it begins, if it only warms up or cools down to that; and how slowly (e-folding). */
  readonly fromC?: number | undefined;
  readonly lagMin?: number | undefined;
  /** What the surface sees, where that is not as warm as the air: glowing coals. */
  readonly wallC?: number | undefined;
  /** W/(m²·K), without radiation. */
  readonly convection: number;
  /** 0 to 1, with the share of its view the walls take. */
  readonly emissivity: number;
  /** Pressure of the vapour in the air; undefined where nothing evaporates: covered, or wet. */
  readonly vapourPa?: number | undefined;
  /** Where water boils in it, if it is under pressure; left out, where it boils in the open. */
  readonly boilingC?: number | undefined;
  /** It lies on a tray, which warms it from below and takes no water from it. */
  readonly tray?: true | undefined;
  /** The share of its surface from which water goes; left out, all of it. */
  readonly wetShare?: number | undefined;
  /** Waves that heat it from within; left out, heat comes by its surface alone. */
  readonly waves?: Waves | undefined;
}

/** What a food takes up of waves, W, and how deep in they have fallen to 1/e of it, m. */
export interface Waves {
  readonly absorbedW: number;
  readonly depthM: number;
}

/** How the surface of meat gives off water. */
export interface Surface {
  /** What a fresh surface lets through, kg/(m²·s·Pa). */
  readonly permeance: number;
  /** Water lost from a surface, kg/m², at which a crust halves what it lets through. */
  readonly crustKgPerM2: number;
  /** How steeply. */
  readonly crustPower: number;
  /** The share of the juice pressed out by heat that wets the surface again; the rest drips. */
  readonly juiceShare: number;
}

/** The temperature of the air so long after the beginning of a stage. */
export function airCAt({ airC, fromC, lagMin }: Surroundings, minutes: number): number {
  if (fromC === undefined || lagMin === undefined || lagMin === 0) return airC;
  return airC - (airC - fromC) * Math.exp(-minutes / lagMin);
}
