import type { Rehearsed } from '../storage/records.ts';

/**
 * A clock that only goes forward: a machine's clock that is set back while the page is open counts
 * by the time gone by instead, and one that slept counts by the machine's.
 */
let lastWallMs = Date.now();
let lastTickMs = performance.now();
let nowMs = lastWallMs;
/** By how much the clock of the device that is followed is ahead. */
let skewMs = 0;

/** From now on the time is another device's, by so much ahead of this one's. */
export function setSkewMs(ms: number): void {
  skewMs = ms;
}

function wallNowMs(): number {
  const wall = Date.now();
  const tick = performance.now();
  nowMs += Math.max(wall - lastWallMs, tick - lastTickMs, 0);
  lastWallMs = wall;
  lastTickMs = tick;
  return nowMs + skewMs;
}

/** What time it is in a run, epoch minutes with their seconds; quicker where it is rehearsed. */
export function runMinute(startedMin: number, rehearsal: Rehearsed | undefined): number {
  const now = wallNowMs();
  if (!rehearsal) return now / 60_000;
  return startedMin + ((now - rehearsal.fromMs) / 60_000) * rehearsal.speed;
}

/** The machine's own time, milliseconds. */
export function machineMs(): number {
  return wallNowMs();
}
