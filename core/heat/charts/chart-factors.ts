import file from './chart-factors.json';

/**
 * What printed charts say of a cut beyond its dimensions: times its thickness. Written by
 * scripts/heat/fit-cookers.ts.
 */
export const CHART_FACTORS: ReadonlyMap<string, number> = new Map(
  Object.entries(file.thicknessTimes),
);
