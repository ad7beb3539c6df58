/** One line of a benchmark. */
export interface Line {
  readonly bench: string;
  readonly what: string;
  readonly value: number;
  readonly unit: string;
  readonly target: string;
  readonly holds: boolean;
}

/** Milliseconds of `run`, the median of many, after it has been warmed up. */
export function medianMs(run: () => void, times = 60, warmUp = 30): number {
  for (let i = 0; i < warmUp; i++) run();
  const took = Array.from({ length: times }, () => {
    const from = performance.now();
    run();
    return performance.now() - from;
  });
  return median(took);
}

export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? NaN;
}

/** The value below which so large a share of all lies, 0 to 1. */
export function percentile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? NaN;
}

/** A line whose value must be this one. */
export function exactly(
  bench: string,
  what: string,
  value: number,
  unit: string,
  wanted: number,
): Line {
  return { bench, what, value: round(value), unit, target: `= ${wanted}`, holds: value === wanted };
}

/** A line whose value must not pass a limit. */
export function atMost(
  bench: string,
  what: string,
  value: number,
  unit: string,
  limit: number,
): Line {
  return { bench, what, value: round(value), unit, target: `≤ ${limit}`, holds: value <= limit };
}

/** A line whose value must be at least so much. */
export function atLeast(
  bench: string,
  what: string,
  value: number,
  unit: string,
  least: number,
): Line {
  const target = `≥ ${least}`;
  return { bench, what, value: round(value), unit, target, holds: value >= least };
}

/** A line that is only told. */
export function told(bench: string, what: string, value: number, unit: string): Line {
  return { bench, what, value: round(value), unit, target: 'told', holds: true };
}

function round(value: number): number {
  return Number(value.toPrecision(3));
}
