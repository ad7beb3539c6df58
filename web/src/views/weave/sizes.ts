/** Heights of a thread's row, in px. */
export const THREAD = 26;
export const BEAD = 34;
export const SIDE = 10;
export const ABOVE = 28;
const BELOW = 38;
const SIDE_ROW = 22;
/** Side lanes keep clear of the words beneath their thread. */
const LANE_GAP = 6;

/** How tall a row is with so many side lanes. */
export function rowHeight(lanes: number): number {
  return ABOVE + THREAD + BELOW + (lanes > 0 ? LANE_GAP + lanes * SIDE_ROW : 0);
}

/** Where a side lane lies, under a thread whose top is `y`. */
export function laneTop(y: number, lane: number): number {
  return y + THREAD + BELOW + LANE_GAP + lane * SIDE_ROW - 6;
}
