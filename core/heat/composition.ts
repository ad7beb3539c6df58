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

type Quadratic = readonly [number, number, number];

interface Part {
  /** Its share of the mass where so much is ice. */
  readonly of: (composition: Composition, ice: number) => number;
  /** W/(m·K), kg/m³, J/(kg·K); each as a + b·t + c·t². */
  readonly k: Quadratic;
  readonly rho: Quadratic;
  readonly cp: Quadratic;
}

const PARTS: readonly Part[] = [
  {
    of: ({ protein }) => protein,
    k: [0.17881, 0.0011958, -2.7178e-6],
    rho: [1329.9, -0.5184, 0],
    cp: [2008.2, 1.2089, -0.0013129],
  },
  {
    of: ({ fat }) => fat,
    k: [0.18071, -0.00027604, -1.7749e-7],
    rho: [925.59, -0.41757, 0],
    cp: [1984.2, 1.4733, -0.0048008],
  },
  {
    of: ({ carbohydrate }) => carbohydrate,
    k: [0.20141, 0.0013874, -4.3312e-6],
    rho: [1599.1, -0.31046, 0],
    cp: [1548.8, 1.9625, -0.0059399],
  },
  {
    of: ({ ash }) => ash,
    k: [0.32962, 0.0014011, -2.9069e-6],
    rho: [2423.8, -0.28063, 0],
    cp: [1092.6, 1.8896, -0.0036817],
  },
  {
    of: ({ water }, ice) => water - ice,
    k: [0.57109, 0.0017625, -6.7036e-6],
    rho: [997.18, 0.0031439, -0.0037574],
    cp: [4128.9, -0.090864, 0.0054731],
  },
  {
    of: (_composition, ice) => ice,
    k: [2.2196, -0.0062489, 0.00010154],
    rho: [916.89, -0.13071, 0],
    cp: [2062.3, 6.0769, 0],
  },
];

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
  const ice = iceShare(composition, tempC);
  let volume = 0;
  for (const { of, rho } of PARTS) {
    const share = of(composition, ice);
    if (share > 0) volume += share / at(rho, tempC);
  }
  return 1 / volume;
}

/** Conductivity in W/(m·K): by volume, in parallel. */
export function conductivityOf(composition: Composition, tempC: number): number {
  const ice = iceShare(composition, tempC);
  let volume = 0;
  let conducted = 0;
  for (const { of, rho, k } of PARTS) {
    const share = of(composition, ice);
    if (share <= 0) continue;
    const own = share / at(rho, tempC);
    volume += own;
    conducted += own * at(k, tempC);
  }
  const mean = conducted / volume;
  return tempC < composition.freezesAtC ? mean * FROZEN_K_FACTOR : mean;
}

/** Heat capacity in J/(kg·K), by mass, without the heat of freezing. */
export function heatCapacityOf(composition: Composition, tempC: number): number {
  const ice = iceShare(composition, tempC);
  let sum = 0;
  for (const { of, cp } of PARTS) {
    const share = of(composition, ice);
    if (share > 0) sum += share * at(cp, tempC);
  }
  return sum;
}

function at(of: Quadratic, tempC: number): number {
  return of[0] + (of[1] + of[2] * tempC) * tempC;
}
