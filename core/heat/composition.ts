/**
 * What a food is made of, and what follows for heat. Component polynomials of Choi and Okos
 * (1986), valid −40 to 150 °C, as the ASHRAE Handbook, Refrigeration, prints them; from memory.
 * The slope of fat's conductivity is −2.7604e-4: some copies print e-3, which turns negative.
 */

/** Shares of the mass, which sum to 1. */
export interface Composition {
  readonly water: number;
  readonly protein: number;
  readonly fat: number;
  readonly carbohydrate: number;
  readonly ash: number;
  /** Where the first ice forms, °C. */
  readonly freezesAtC: number;
}

type Component = Exclude<keyof Composition, 'freezesAtC'> | 'ice';
type Cubic = readonly [number, number, number];

/** W/(m·K), kg/m³, J/(kg·K); each as a + b·t + c·t². */
const COMPONENTS: Readonly<Record<Component, { k: Cubic; rho: Cubic; cp: Cubic }>> = {
  protein: {
    k: [0.17881, 0.0011958, -2.7178e-6],
    rho: [1329.9, -0.5184, 0],
    cp: [2008.2, 1.2089, -0.0013129],
  },
  fat: {
    k: [0.18071, -0.00027604, -1.7749e-7],
    rho: [925.59, -0.41757, 0],
    cp: [1984.2, 1.4733, -0.0048008],
  },
  carbohydrate: {
    k: [0.20141, 0.0013874, -4.3312e-6],
    rho: [1599.1, -0.31046, 0],
    cp: [1548.8, 1.9625, -0.0059399],
  },
  ash: {
    k: [0.32962, 0.0014011, -2.9069e-6],
    rho: [2423.8, -0.28063, 0],
    cp: [1092.6, 1.8896, -0.0036817],
  },
  water: {
    k: [0.57109, 0.0017625, -6.7036e-6],
    rho: [997.18, 0.0031439, -0.0037574],
    cp: [4128.9, -0.090864, 0.0054731],
  },
  ice: {
    k: [2.2196, -0.0062489, 0.00010154],
    rho: [916.89, -0.13071, 0],
    cp: [2062.3, 6.0769, 0],
  },
};

const PARTS: readonly Component[] = ['water', 'ice', 'protein', 'fat', 'carbohydrate', 'ash'];

/** Parallel conduction overstates what is frozen. Our own calibration, no source. */
const FROZEN_K_FACTOR = 0.92;

/** The share of ice at a temperature (Schwartzberg 1976 in the form of Chen 1985, from memory). */
export function iceShare(composition: Composition, tempC: number): number {
  const { freezesAtC, water, protein } = composition;
  // Water bound to protein never freezes.
  return tempC < freezesAtC ? Math.max(0, (water - 0.4 * protein) * (1 - freezesAtC / tempC)) : 0;
}

/** Density in kg/m³: 1/ρ = Σ x/ρ. */
export function densityOf(composition: Composition, tempC: number): number {
  return 1 / total(composition, tempC, (share, part) => share / at(COMPONENTS[part].rho, tempC));
}

/** Conductivity in W/(m·K): by volume, in parallel. */
export function conductivityOf(composition: Composition, tempC: number): number {
  const density = densityOf(composition, tempC);
  const k = total(
    composition,
    tempC,
    (share, part) =>
      ((share * density) / at(COMPONENTS[part].rho, tempC)) * at(COMPONENTS[part].k, tempC),
  );
  return tempC < composition.freezesAtC ? k * FROZEN_K_FACTOR : k;
}

/** Heat capacity in J/(kg·K), by mass, without the heat of freezing. */
export function heatCapacityOf(composition: Composition, tempC: number): number {
  return total(composition, tempC, (share, part) => share * at(COMPONENTS[part].cp, tempC));
}

function total(
  composition: Composition,
  tempC: number,
  of: (share: number, part: Component) => number,
): number {
  const ice = iceShare(composition, tempC);
  return PARTS.reduce((sum, part) => {
    const share =
      part === 'ice' ? ice : part === 'water' ? composition.water - ice : composition[part];
    return share > 0 ? sum + of(share, part) : sum;
  }, 0);
}

function at([a, b, c]: Cubic, tempC: number): number {
  return a + b * tempC + c * tempC * tempC;
}
