import {
  MealError,
  parseReadings,
  probeables,
  probeableWords,
  readingsDeeds,
  type Deed,
  type Probeable,
  type ProbeReading,
  type Run,
  type RunState,
  type TableFrom,
} from '@zemrin/core';
import { useState } from 'react';
import { problemsIn } from '../store/take-run.ts';
import { useWords } from '../words/words.ts';
import { Choice } from './Choice.tsx';
import { FileButton } from './FileButton.tsx';

interface Props {
  readonly run: Run;
  readonly state: RunState;
  /** Epoch minutes. */
  readonly nowMin: number;
  readonly onTake: (deeds: readonly Deed[]) => void;
}

const OUT = '';

/** A table of readings taken into a run: asked where each probe of it was, and from when it counts. */
export function ReadingsTable({ run, state, nowMin, onTake }: Props) {
  const t = useWords();
  const [table, setTable] = useState<readonly ProbeReading[]>();
  const [wrong, setWrong] = useState<readonly string[]>([]);
  const places = probeables(state).filter(({ step }) => state.begun.has(step.id));
  const read = (text: string) => {
    setTable(undefined);
    if (places.length === 0) return setWrong([t('cook.tableNowhere')]);
    try {
      setTable(parseReadings(text));
      setWrong([]);
    } catch (error) {
      if (!(error instanceof MealError)) throw error;
      setWrong(problemsIn(error));
    }
  };
  const take = (at: ReadonlyMap<string, Probeable>, from: TableFrom) => {
    const { startedMin } = run;
    const made = readingsDeeds(state, table ?? [], at, { from, startedMin, nowMin });
    if (typeof made === 'string') return setWrong([t(`cook.tableWrong.${made}`)]);
    setTable(undefined);
    setWrong([]);
    onTake(made);
  };
  return (
    <div className="max-w-md">
      <FileButton label={t('cook.tableIn')} accept=".csv,text/csv" onText={read} />
      {table && (
        <Probes
          key={columnsOf(table).join('\n')}
          table={table}
          places={places}
          state={state}
          onTake={take}
        />
      )}
      {wrong.length > 0 && (
        <ul role="alert" className="mt-2 text-clash">
          {wrong.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </ul>
      )}
    </div>
  );
}

function columnsOf(table: readonly ProbeReading[]): string[] {
  return [...new Set(table.map(({ probe }) => probe))];
}

/** Every probe of the table with where it was. */
function Probes(props: {
  readonly table: readonly ProbeReading[];
  readonly places: readonly Probeable[];
  readonly state: RunState;
  readonly onTake: (at: ReadonlyMap<string, Probeable>, from: TableFrom) => void;
}) {
  const t = useWords();
  const { table, places, state, onTake } = props;
  const probes = columnsOf(table);
  const usual = (probe: string, i: number) => {
    const known = places.findIndex(({ step }) => step.id === state.probes.get(probe));
    const index = known >= 0 ? known : i;
    return index < places.length ? `${index}` : OUT;
  };
  const [chosen, setChosen] = useState<ReadonlyMap<string, string>>(
    () => new Map(probes.map((probe, i) => [probe, usual(probe, i)])),
  );
  const [from, setFrom] = useState<TableFrom>('step');
  const options = [
    ...places.map((one, i) => [`${i}`, probeableWords(one)] as const),
    [OUT, t('cook.tableOut')] as const,
  ];
  const at = new Map(
    [...chosen].flatMap(([probe, index]) => {
      const place = index === OUT ? undefined : places[Number(index)];
      return place ? [[probe, place] as const] : [];
    }),
  );
  return (
    <div className="mt-3 space-y-3">
      {probes.map((probe) => (
        <Choice
          key={probe}
          label={t('cook.tableProbe', { probe })}
          value={chosen.get(probe) ?? OUT}
          options={options}
          onChoose={(index) => setChosen(new Map([...chosen, [probe, index]]))}
        />
      ))}
      <Choice
        label={t('cook.tableFrom')}
        value={from}
        options={(['step', 'run'] as const).map((one) => [one, t(`cook.tableFrom.${one}`)])}
        onChoose={setFrom}
      />
      <button type="button" className="btn cook-btn btn-go" onClick={() => onTake(at, from)}>
        {t('cook.tableTake')}
      </button>
    </div>
  );
}
