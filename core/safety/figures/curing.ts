/**
 * Ingoing nitrite at the most, by how it is cured and what it goes on.
 *
 * @unit parts per million
 * @source USDA/FSIS, Processing Inspectors' Calculations Handbook, from memory
 * @confidence 0.85
 */
export const NITRITE_MOST_PPM = {
  immersed: { mince: 156, belly: 120, other: 200 },
  dry: { mince: 156, belly: 200, other: 625 },
} as const;

/**
 * In the European Union less may be added.
 *
 * @unit parts per million
 * @source Regulation (EC) 1333/2008 before 2025, from memory
 * @confidence 0.75
 */
export const NITRITE_EU_PPM = 150;
