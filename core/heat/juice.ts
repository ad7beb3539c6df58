/**
 * The share of its mass that meat presses out as juice once it has been so hot: 0.38/(1 + e^−(T −
 * 67)/7). A lumped curve of our own calibration; confidence 0.5.
 */
export function juiceShareAt(peakC: number): number {
  const place = (Math.min(Math.max(peakC, TABLE_FROM_C), TABLE_TO_C) - TABLE_FROM_C) * PER_C;
  const below = Math.floor(place);
  const low = TABLE[below] as number;
  return low + (place - below) * ((TABLE[below + 1] as number) - low);
}

/** It is asked for at every step of every cell: from a table, within 1e-5 of the curve. */
const TABLE_FROM_C = -40;
const TABLE_TO_C = 160;
const PER_C = 4;
const TABLE = /* @__PURE__ */ Float64Array.from(
  { length: (TABLE_TO_C - TABLE_FROM_C) * PER_C + 2 },
  (_unused, i) => 0.38 / (1 + Math.exp((67 - TABLE_FROM_C - i / PER_C) / 7)),
);
