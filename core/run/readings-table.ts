import type { ProbeReading } from '../heat/index.ts';
import type { Deed } from './event.ts';
import { READING_EVERY_MIN } from './readings-kept.ts';
import { tableProbe, type Probeable } from './probes.ts';
import type { RunState } from './state.ts';

/** From when the minutes of a table count. */
export type TableFrom = 'step' | 'run';

/** Why a table is not taken in. */
export type TableRefused = 'stillToCome' | 'notBegun' | 'none';

/**
 * A table of readings as what happened in a run: a probe of its own for each column of the table,
 * and its readings at their own time.
 *
 * @param at where each probe of the table was; those left out are not taken in
 * @param startedMin when the run began, epoch minutes
 * @param nowMin what is read later than now is refused: its minutes count from elsewhere
 */
export function readingsDeeds(
  state: RunState,
  table: readonly ProbeReading[],
  at: ReadonlyMap<string, Probeable>,
  { from, startedMin, nowMin }: { from: TableFrom; startedMin: number; nowMin: number },
): readonly Deed[] | TableRefused {
  const deeds: Deed[] = [];
  for (const [i, [column, { step, food }]] of [...at].entries()) {
    const begun = state.begun.get(step.id);
    if (begun === undefined) return 'notBegun';
    const zeroMin = from === 'run' ? startedMin : begun;
    const probe = tableProbe(state, i);
    const read = thinned(table.filter((one) => one.probe === column));
    if (read.some(({ minute }) => zeroMin + minute > nowMin)) return 'stillToCome';
    if (read.length === 0) continue;
    deeds.push({ did: 'probed', probe, step: step.id, ...(food && { food: food.id }) });
    for (const { minute, coreC, cookerC } of read) {
      const warm = Number.isFinite(coreC) ? coreC : null;
      const fire = cookerC === undefined ? {} : { cookerC };
      deeds.push({ did: 'read', probe, coreC: warm, ...fire, readMin: zeroMin + minute });
    }
  }
  return deeds.length === 0 ? 'none' : deeds;
}

/** One a minute: a table may have one a second. */
function thinned(readings: readonly ProbeReading[]): ProbeReading[] {
  const kept: ProbeReading[] = [];
  for (const one of readings.toSorted((a, b) => a.minute - b.minute)) {
    const last = kept.at(-1);
    if (!last || one.minute - last.minute >= READING_EVERY_MIN) kept.push(one);
  }
  return kept;
}
