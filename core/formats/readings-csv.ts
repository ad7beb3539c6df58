import Papa from 'papaparse';
import { liveForecast, liveMembersOf, type CookSpec, type ProbeReading } from '../heat/index.ts';
import { MealError } from '../meal/index.ts';

const COLUMNS = ['minute', 'probe', 'coreC', 'cookerC'] as const;
/** Lines told of a file that is bad from top to bottom. */
const TOLD = 5;

/**
 * Readings from a table with the columns `minute, probe, coreC` and, if there is one, `cookerC`. An
 * empty core is a moment without a signal, and is kept as such.
 *
 * @throws MealError where a column is missing or a line holds no number
 */
export function parseReadings(text: string): ProbeReading[] {
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.trim(),
  });
  const missing = COLUMNS.slice(0, 3).filter((name) => !(meta.fields ?? []).includes(name));
  if (missing.length > 0) {
    const wrong = `has no column ${missing.map((name) => `“${name}”`).join(', ')}`;
    throw new MealError([
      { path: '', wrong, mend: 'Its first line must be “minute,probe,coreC,cookerC”' },
    ]);
  }
  const bad: { path: string; wrong: string; mend: string }[] = [];
  const readings = data.map((row, i): ProbeReading => {
    const number = (name: (typeof COLUMNS)[number]): number => {
      const value = (row[name] ?? '').trim();
      const found = value === '' ? NaN : Number(value);
      if (value !== '' && !Number.isFinite(found)) {
        const wrong = `“${value}” is no number`;
        bad.push({
          path: `line ${i + 2}, ${name}`,
          wrong,
          mend: 'Write it like 63.5, or leave it empty',
        });
      }
      return found;
    };
    const minute = number('minute');
    if (Number.isNaN(minute) && (row.minute ?? '').trim() === '') {
      bad.push({
        path: `line ${i + 2}, minute`,
        wrong: 'is empty',
        mend: 'Write the minute of the cook',
      });
    }
    const [coreC, cookerC] = [number('coreC'), number('cookerC')];
    const probe = (row.probe ?? '').trim() || 'probe';
    return Number.isNaN(cookerC) ? { minute, probe, coreC } : { minute, probe, coreC, cookerC };
  });
  if (bad.length > 0) throw new MealError(bad.slice(0, TOLD));
  return readings;
}

/** Readings as a table, in the form `parseReadings` takes. */
export function readingsCsv(readings: readonly ProbeReading[]): string {
  const rows = readings.map(({ minute, probe, coreC, cookerC }) => ({
    minute: Number(minute.toFixed(2)),
    probe,
    coreC: Number.isFinite(coreC) ? coreC : '',
    cookerC: cookerC ?? '',
  }));
  return `${Papa.unparse(rows, { columns: [...COLUMNS], newline: '\r\n' })}\r\n`;
}

/**
 * A forecast weighed by readings, as other tools read it.
 *
 * @param atMin the moment asked about; left out, that of the last reading
 */
export function forecastJson(spec: CookSpec, readings: readonly ProbeReading[], atMin?: number) {
  const last = readings.reduce((most, { minute }) => Math.max(most, minute), 0);
  const work = liveMembersOf(spec);
  let next = work.next();
  while (next.done !== true) next = work.next();
  const { minutes, readyInMin, coreC, trusted, ignored } = liveForecast(
    next.value,
    readings,
    atMin ?? last,
  );
  return { minutes, readyInMin, coreC, trusted, ignored };
}
