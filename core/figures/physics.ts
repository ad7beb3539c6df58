/**
 * The physical constants, all of them. SI, but for what its name says otherwise.
 *
 * Each figure carries its unit, its source and its confidence: the chance that it matches the
 * source within rounding.
 */

/**
 * 0 °C on the absolute scale.
 *
 * @unit K
 * @source definition
 * @confidence 1
 */
export const KELVIN_AT_0C = 273.15;

/**
 * Radiation of a black body.
 *
 * @unit W/(m²·K⁴)
 * @source CODATA 2018
 * @confidence 1
 */
export const STEFAN_BOLTZMANN = 5.670374e-8;

/**
 * The gas constant, in Arrhenius' law.
 *
 * @unit J/(mol·K)
 * @source CODATA 2018, rounded
 * @confidence 1
 */
export const GAS_CONSTANT = 8.314;

/**
 * Heat capacity of liquid water at kitchen temperatures.
 *
 * @unit J/(g·K)
 * @source steam tables, from memory
 * @confidence 0.95
 */
export const WATER_J_PER_G_K = 4.186;

/**
 * Heat to melt ice.
 *
 * @unit J/kg
 * @source ASHRAE Handbook, Refrigeration, from memory
 * @confidence 0.95
 */
export const MELTING_J_PER_KG = 333.6e3;

/**
 * Heat to boil water away at 100 °C.
 *
 * @unit J/kg
 * @source steam tables, from memory
 * @confidence 0.95
 */
export const BOILING_J_PER_KG = 2.257e6;

/**
 * Heat to evaporate water at 0 °C, and what each degree takes off it: a line through the steam tables.
 *
 * @unit J/kg and J/(kg·K)
 * @source linear fit to steam tables, from memory
 * @confidence 0.9
 */
export const EVAPORATION_LINE = { at0C: 2.501e6, perC: -2361 } as const;

/**
 * Mass transfer by the analogy with heat: kg/(m²·s·Pa) for each W/(m²·K). Lewis relation.
 *
 * @unit kg/(m²·s·Pa) per W/(m²·K)
 * @source engineering practice, from memory
 * @confidence 0.7
 */
export const LEWIS = 6.76e-9;

/**
 * Nine in ten lie below so many standard deviations.
 *
 * @unit standard deviations
 * @source normal distribution
 * @confidence 1
 */
export const NINE_IN_TEN_Z = 1.2815515655446004;

/**
 * The international pound.
 *
 * @unit g
 * @source definition, 1959
 * @confidence 1
 */
export const G_PER_LB = 453.59237;

/**
 * The international inch.
 *
 * @unit mm
 * @source definition, 1959
 * @confidence 1
 */
export const MM_PER_INCH = 25.4;

/**
 * Minutes of a hour.
 *
 * @unit min
 * @source definition
 * @confidence 1
 */
export const MINUTES_PER_HOUR = 60;

/**
 * Minutes of a day.
 *
 * @unit min
 * @source definition
 * @confidence 1
 */
export const MINUTES_PER_DAY = 1440;
