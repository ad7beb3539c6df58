/**
 * What a reduction comes to where nothing else is said.
 *
 * @unit share of the volume
 * @source common practice, no source
 * @confidence 0.6
 */
export const REDUCED_TO_SHARE = 0.5;

/**
 * How far a pan is usually filled with what is reduced in it: so high a liquid stands in it.
 *
 * @unit mm
 * @source common practice, no source
 * @confidence 0.3
 */
export const IN_PAN_MM = 40;

/**
 * A dough has risen when it stands so much higher.
 *
 * @unit times its volume
 * @source common practice, no source
 * @confidence 0.8
 */
export const DOUGH_RISEN_TIMES = 2;

/**
 * The colours of sugar on its way to amber and past it, and the heat at which each comes.
 *
 * @unit °C
 * @source confectioners' practice, from memory
 * @confidence 0.6
 */
export const SUGAR_COLOURS = [
  { name: 'straw', tempC: 160 },
  { name: 'honey', tempC: 168 },
  { name: 'amber', tempC: 175 },
  { name: 'dark', tempC: 185 },
  { name: 'burnt', tempC: 195 },
] as const;

/**
 * From one colour of sugar to the next on a middling ring.
 *
 * @unit s
 * @source common practice, no source
 * @confidence 0.4
 */
export const SUGAR_COLOUR_S = 25;

/**
 * What covers a food stands so far above it: a finger's width.
 *
 * @unit mm
 * @source common practice, no source
 * @confidence 0.5
 */
export const COVERS_BY_MM = 15;
