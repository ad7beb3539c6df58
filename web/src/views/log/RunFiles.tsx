import { readingsCsv, runDocument, type Run, type RunState } from '@zemrin/core';
import { download } from '../../ui/download.ts';
import { useWords } from '../../words/words.ts';

/** The run as a file, its readings as a table, and the page on paper. */
export function RunFiles({ run, state }: { run: Run; state: RunState }) {
  const t = useWords();
  const readings = [...state.readings.values()]
    .flat()
    .map((one) => ({ ...one, minute: one.minute - run.startedMin }));
  return (
    <div className="mt-8 flex flex-wrap gap-3 print:hidden">
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
      <button type="button" className="btn" data-key="p" onClick={() => window.print()}>
        {t('log.print')} <span className="key">p</span>
      </button>
    </div>
  );
}
