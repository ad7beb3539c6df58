import type { RunEvent } from './event.ts';

/** Of one probe a reading is kept so often, minutes of the run. */
export const READING_EVERY_MIN = 1;
/** A device that kept them and is silent so long has been closed: another goes on. */
const SILENT_MIN = 3;

/**
 * Whether this device keeps what a probe says now. Every device that cooks a run hears the same
 * thermometer; the one that put the probe in, or kept its last reading, goes on with it.
 *
 * @param nowMin epoch minutes
 */
export function keepsReading(
  events: readonly RunEvent[],
  probe: string,
  device: string,
  nowMin: number,
): boolean {
  const last = events.findLast(
    (one) => (one.did === 'read' || one.did === 'probed') && one.probe === probe,
  );
  if (last?.did === 'probed' && last.by === device) return true;
  const since = nowMin - (last?.atMin ?? -Infinity);
  return since >= (last?.by === device ? READING_EVERY_MIN : SILENT_MIN);
}
