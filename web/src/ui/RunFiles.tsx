import { readingsCsv, runDocument, type Run, type RunState } from '@zemrin/core';
import { download } from './download.ts';
import { useWords } from '../words/words.ts';

/** The run as a file, and its readings as a table. */
export function RunFiles({ run, state }: { run: Run; state: RunState }) {
  const t = useWords();
  const readings = [...state.readings.values()]
    .flat()
    .map((one) => ({ ...one, minute: one.minute - run.startedMin }));
  return (
    <>
      <button
        type="button"
        className="btn"
        onClick={() =>
          download(
            `${JSON.stringify(runDocument(run), null, 2)}\n`,
            `${run.meal.id}-run.json`,
            'application/json',
          )
        }
      >
        {t('cook.asFile')}
      </button>
      {readings.length > 0 && (
        <button
          type="button"
          className="btn"
          onClick={() => download(readingsCsv(readings), `${run.meal.id}-readings.csv`, 'text/csv')}
        >
          {t('cook.readingsTable')}
        </button>
      )}
    </>
  );
}
