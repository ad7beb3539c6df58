import type { Animal } from '../pantry/index.ts';
import { fahrenheitToC } from '../quantity/index.ts';
import tables from './lethality.json';

/**
 * How far heat has killed what makes ill: the same safety by less heat for longer. Printed tables
 * of USDA/FSIS say how long each temperature must be held; between their rows the logarithm of the
 * time is interpolated. Poultry has no single slope, so nothing is fitted. From memory of the
 * tables, and to be compared with them before anyone relies on it.
 */

export interface LethalityTable {
  readonly source: string;
  /** Reduction each row brings, powers of ten. */
  readonly logs: number;
  /** °C and minutes, from the coolest. */
  readonly rows: ReadonlyArray<readonly [coreC: number, minutes: number]>;
}

/** Cooler than this nothing counts, 130 °F. Same source. */
const COUNTS_FROM_C = 54.4;
/** Degrees per power of ten beyond the hottest row. Effective slope of the same tables. */
const BEYOND_Z_C = 5.5;

const TABLES: Readonly<Record<'meat' | 'poultry', LethalityTable>> = {
  meat: tableOf(tables.meat),
  poultry: tableOf(tables.poultry),
};

function tableOf(table: {
  source: string;
  logs: number;
  rows: readonly number[][];
}): LethalityTable {
  const { source, logs } = table;
  return {
    source,
    logs,
    rows: table.rows.map(([f = 0, minutes = 0]) => [fahrenheitToC(f), minutes]),
  };
}

/** The table for an animal: poultry has its own, and is the stricter. */
export function lethalityTable(animal: Animal): LethalityTable {
  return TABLES[animal === 'poultry' ? 'poultry' : 'meat'];
}

/** Minutes at one temperature for the table's whole reduction; Infinity where it does not count. */
export function holdMinutes(animal: Animal, coreC: number): number {
  const { rows } = lethalityTable(animal);
  const [first, last] = [rows[0], rows.at(-1)];
  if (!first || !last || coreC < Math.max(COUNTS_FROM_C, first[0] - 0.05)) return Infinity;
  if (coreC >= last[0]) return last[1] * 10 ** ((last[0] - coreC) / BEYOND_Z_C);
  const above = rows.findIndex(([at]) => at >= coreC);
  const [high, low] = [rows[above] ?? last, rows[above - 1] ?? first];
  if (high[0] === low[0]) return high[1];
  const share = (coreC - low[0]) / (high[0] - low[0]);
  return Math.exp(Math.log(low[1]) * (1 - share) + Math.log(high[1]) * share);
}

/** More than this means nothing any more. */
export const MOST_LOGS = 30;

/** A temperature at a minute. */
export interface Reading {
  readonly minute: number;
  readonly tempC: number;
}

/** What a curve reaches, and when it is enough. */
export interface Lethality {
  /** Powers of ten. */
  readonly logs: number;
  /** What the table asks for. */
  readonly wanted: number;
  readonly enoughAtMin?: number | undefined;
}

/**
 * The reduction along a curve, at its coldest point: the sum of the shares each moment brings. A
 * moment counts as at the cooler of its two ends.
 */
export function lethalityOf(animal: Animal, readings: readonly Reading[]): Lethality {
  const { logs: wanted } = lethalityTable(animal);
  let logs = 0;
  let enoughAtMin: number | undefined;
  readings.forEach((reading, i) => {
    const before = readings[i - 1];
    if (!before) return;
    const minutes = reading.minute - before.minute;
    const rate = wanted / holdMinutes(animal, Math.min(before.tempC, reading.tempC));
    const gained = rate * minutes;
    if (enoughAtMin === undefined && logs + gained >= wanted) {
      enoughAtMin = before.minute + (gained > 0 ? ((wanted - logs) / gained) * minutes : 0);
    }
    logs += gained;
  });
  return { logs: Math.min(logs, MOST_LOGS), wanted, enoughAtMin };
}
