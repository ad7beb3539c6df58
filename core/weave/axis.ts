/**
 * The elastic time axis: three days of brine and four minutes at the griddle in one picture.
 * Between any two events the axis is straight; a stretch gets room by the logarithm of its length,
 * so what is dense is stretched and what only waits is folded. Order and clock stay honest.
 */
export interface Axis {
  /** Event times, rising, in epoch minutes. */
  readonly minutes: readonly number[];
  /** Where each lies, from 0 at the first to 1 at the last. */
  readonly at: readonly number[];
}

/** A stretch that must get at least this share of the axis, to be legible. */
export interface AxisExtent {
  readonly startMin: number;
  readonly endMin: number;
  readonly share: number;
}

/** A stretch grows with ln(1 + minutes / this): what is shorter counts nearly as it is. */
const BEND_MIN = 20;
/** What two events that follow at once still get between them. */
const LEAST_WEIGHT = 0.12;
/** Rounds of giving room: each settles what the one before took from others. */
const ROUNDS = 6;

/**
 * @param events times that must be told apart; at least two different ones, or the axis is one hour
 * @param rooms stretches that need room, as shares of the whole; granted as far as they go together
 */
export function elasticAxis(events: readonly number[], rooms: readonly AxisExtent[] = []): Axis {
  const minutes = [...new Set(events)].sort((a, b) => a - b);
  const last = minutes.at(-1);
  if (last === undefined) return { minutes: [0, 60], at: [0, 1] };
  if (minutes.length === 1) minutes.unshift(last - 60);
  let weights = minutes
    .slice(1)
    .map((at, i) => LEAST_WEIGHT + Math.log(1 + (at - (minutes[i] ?? at)) / BEND_MIN));
  for (let round = 0; round < ROUNDS; round++) weights = giveRoom(minutes, weights, rooms);
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  let sum = 0;
  const at = [0, ...weights.map((weight) => (sum += weight) / total)];
  at[at.length - 1] = 1;
  return { minutes, at };
}

function giveRoom(
  minutes: readonly number[],
  weights: readonly number[],
  rooms: readonly AxisExtent[],
): number[] {
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const factors = weights.map(() => 1);
  for (const room of rooms) {
    const inside = weights.map(
      (_weight, i) => (minutes[i] ?? 0) >= room.startMin && (minutes[i + 1] ?? 0) <= room.endMin,
    );
    const share = weights.reduce((sum, w, i) => sum + (inside[i] ? w : 0), 0) / total;
    if (share <= 0 || share >= room.share) continue;
    const factor = room.share / share;
    inside.forEach((is, i) => {
      if (is) factors[i] = Math.max(factors[i] ?? 1, factor);
    });
  }
  return weights.map((weight, i) => weight * (factors[i] ?? 1));
}

/** Where a moment lies: 0 at the first event, 1 at the last, beyond them in a straight line on. */
export function placeOf(axis: Axis, min: number): number {
  const i = pieceOf(axis.minutes, min);
  return interpolate(min, axis.minutes, axis.at, i);
}

/** The moment at a place, to the minute: the inverse of placeOf. */
export function momentAt(axis: Axis, at: number): number {
  const i = pieceOf(axis.at, at);
  return Math.round(interpolate(at, axis.at, axis.minutes, i));
}

function pieceOf(values: readonly number[], value: number): number {
  let i = values.findIndex((upper, index) => index > 0 && value < upper) - 1;
  if (i < 0) i = values.length - 2;
  return value < (values[0] ?? 0) ? 0 : i;
}

function interpolate(
  value: number,
  from: readonly number[],
  to: readonly number[],
  i: number,
): number {
  const [x0, x1, y0, y1] = [from[i] ?? 0, from[i + 1] ?? 1, to[i] ?? 0, to[i + 1] ?? 1];
  return x1 === x0 ? y0 : y0 + ((value - x0) / (x1 - x0)) * (y1 - y0);
}

/** Where the axis is folded: the middles of stretches squeezed well beyond the usual. */
export function foldsOf(axis: Axis): number[] {
  const pieces = axis.minutes.slice(1).map((end, i) => {
    const start = axis.minutes[i] ?? end;
    const width = (axis.at[i + 1] ?? 0) - (axis.at[i] ?? 0);
    return { middle: (start + end) / 2, length: end - start, squeeze: (end - start) / width };
  });
  const sorted = pieces.map((piece) => piece.squeeze).sort((a, b) => a - b);
  const usual = sorted[Math.floor(sorted.length / 2)] ?? 0;
  return pieces
    .filter((piece) => piece.length >= 120 && piece.squeeze > FOLDED * usual)
    .map((piece) => piece.middle);
}

/** How many times more squeezed than the middle stretch counts as folded. */
const FOLDED = 4;
