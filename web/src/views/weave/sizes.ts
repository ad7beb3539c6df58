/** Heights of a thread's row, in px. */
export const THREAD = 26;
export const BEAD = 34;
export const SIDE = 10;
export const ABOVE = 28;
const BELOW = 38;
const SIDE_ROW = 24;

/** How tall a row is with so many side lanes. */
export function rowHeight(lanes: number): number {
  return ABOVE + THREAD + BELOW + lanes * SIDE_ROW;
}

/** Where a side lane lies, under a thread whose top is `y`. */
export function laneTop(y: number, lane: number): number {
  return y + THREAD + BELOW + lane * SIDE_ROW - 10;
}
