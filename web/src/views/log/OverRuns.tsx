import { showMinutes, wallClock, type Run, type RunInARow } from '@zemrin/core';
import { lazy, Suspense, useEffect, useState } from 'react';
import { useWords } from '../../words/words.ts';
import { runPlanner } from '../../workers/runs.ts';

const RowChart = lazy(() => import('./RowChart.tsx'));

/** Two points are the least line. */
const LEAST_RUNS = 2;
/** The last so many; a longer line says no more. */
const MOST_RUNS = 40;

/** Whether forecasts get better, suppers less late, and what cuts lose: drawn, and as a table. */
export function OverRuns({ runs }: { runs: readonly Run[] }) {
  const t = useWords();
  const rows = useOverRuns(runs);
  if (rows.length < LEAST_RUNS) return null;
  const zone = runs[0]?.meal.serving.zone ?? 'UTC';
  const labels = rows.map(({ atMin }) => dateOf(atMin, zone));
  const cuts = [...new Set(rows.flatMap(({ losses }) => [...losses.keys()]))];
  const drawn = [
    {
      title: t('log.over.off'),
      series: [{ name: '', values: rows.map(({ offShare }) => percent(offShare)) }],
      unit: ' %',
    },
    {
      title: t('log.over.late'),
      series: [{ name: '', values: rows.map(({ lateMin }) => lateMin) }],
      unit: ' min',
    },
    {
      title: t('log.over.loss'),
      series: cuts.map((name) => ({
        name,
        values: rows.map(({ losses }) => percent(losses.get(name))),
      })),
      unit: ' %',
    },
  ].filter(({ series }) => series.some(({ values }) => values.some((one) => one !== undefined)));
  return (
    <section className="mt-8" aria-label={t('log.over')}>
      <h2 className="text-xl">{t('log.over')}</h2>
      <div className="mt-3 grid gap-x-8 gap-y-5 md:grid-cols-2 xl:grid-cols-3">
        {drawn.map(({ title, series, unit }) => (
          <figure key={title}>
            <figcaption className="text-sm text-muted">{title}</figcaption>
            <Suspense fallback={<div className="h-[150px]" />}>
              <RowChart labels={labels} series={series} unit={unit} />
            </Suspense>
          </figure>
        ))}
      </div>
      <details className="mt-3">
        <summary className="min-h-[40px] cursor-pointer py-2">{t('log.over.table')}</summary>
        <Table rows={rows} labels={labels} cuts={cuts} />
      </details>
    </section>
  );
}

function Table(props: { rows: readonly RunInARow[]; labels: readonly string[]; cuts: string[] }) {
  const t = useWords();
  const { rows, labels, cuts } = props;
  const heads = [
    t('log.over.date'),
    t('log.over.off'),
    t('log.over.late'),
    ...cuts.map((cut) => `${t('log.over.loss')}: ${cut}`),
  ];
  return (
    <div className="overflow-x-auto">
      <table className="text-left">
        <thead>
          <tr className="border-b border-line">
            {heads.map((head) => (
              <th key={head} scope="col" className="py-1.5 pr-4 text-sm font-normal text-muted">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ run, offShare, lateMin, losses }, i) => (
            <tr key={run} className="border-b border-line">
              <th scope="row" className="py-1.5 pr-4 font-normal">
                {labels[i]}
              </th>
              <td className="pr-4">{said(percent(offShare), '%')}</td>
              <td className="pr-4">{lateMin === undefined ? '–' : lateSaid(lateMin)}</td>
              {cuts.map((cut) => (
                <td key={cut} className="pr-4">
                  {said(percent(losses.get(cut)), '%')}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

const lateSaid = (minutes: number): string =>
  minutes < 0 ? `−${showMinutes(-minutes)}` : showMinutes(minutes);

const said = (value: number | undefined, unit: string): string =>
  value === undefined ? '–' : `${value} ${unit}`;

const percent = (share: number | undefined): number | undefined =>
  share === undefined ? undefined : Math.round(100 * share);

function dateOf(atMin: number, zone: string): string {
  const { day, month } = wallClock(Math.floor(atMin), zone);
  return `${day}.${month}.`;
}

/** Reckoned beside the page: every fire of every run is cooked again for it. */
function useOverRuns(runs: readonly Run[]): readonly RunInARow[] {
  const [rows, setRows] = useState<readonly RunInARow[]>([]);
  useEffect(() => {
    if (runs.length < LEAST_RUNS) return undefined;
    let gone = false;
    const last = runs.toSorted((a, b) => b.startedMin - a.startedMin).slice(0, MOST_RUNS);
    void runPlanner()
      .overRuns(last)
      .then((found) => {
        if (!gone) setRows(found);
      });
    return () => {
      gone = true;
    };
  }, [runs]);
  return rows;
}
