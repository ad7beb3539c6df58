import { readingsCsv, runDocument, type Deed, type Run, type RunState } from '@zemrin/core';
import { download } from './download.ts';
import { ReadingsTable } from './ReadingsTable.tsx';
import { useWords } from '../words/words.ts';

interface Props {
  readonly run: Run;
  readonly state: RunState;
  readonly nowMin: number;
  readonly onSay: (deeds: readonly Deed[]) => void;
}

/** The run as a file, and its readings as a table, out and in. */
export function RunFiles({ run, state, nowMin, onSay }: Props) {
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
      <ReadingsTable run={run} state={state} nowMin={nowMin} onTake={onSay} />
    </>
  );
}
