/** A named number of a boundary condition: what a fire, a bath or air does to the food in it. */
export interface Coefficient {
  readonly value: number;
  readonly unit: 'W/(m²·K)' | 'W/(m²·K) per m/s' | 'Pa' | 'K' | '°C' | 'min' | 'mm' | 'W' | 'share';
  /** What it may be in another kitchen, or in another handbook: the least and the most. */
  readonly range: readonly [number, number];
  /** The law it stands in, or what was seen. */
  readonly correlation: string;
  readonly source: string;
}

/**
 * A coefficient, checked to lie within its range.
 *
 * @throws RangeError where it does not
 */
export function coefficient(one: Coefficient): Coefficient {
  const [least, most] = one.range;
  if (!(one.value >= least && one.value <= most))
    throw new RangeError(`${one.value} ${one.unit} is not from ${least} to ${most}`);
  return one;
}

/** Heat into a surface, W/(m²·K), by Newton's law of cooling. */
export function convection(
  value: number,
  range: readonly [number, number],
  of: string,
  source: string = HANDBOOK,
): Coefficient {
  return coefficient({
    value,
    unit: 'W/(m²·K)',
    range,
    correlation: `Newton’s law of cooling, ${of}`,
    source,
  });
}

export const HANDBOOK = 'handbooks of heat transfer, from memory';
export const FITTED_TO_CHARTS = 'fitted to printed charts by scripts/heat/fit-cookers.ts';
export const OUR_OWN = 'our own line, no source';
