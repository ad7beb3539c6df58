import { showTemperature } from '@zemrin/core';
import {
  Chart,
  Filler,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  type ChartData,
  type ChartOptions,
} from 'chart.js';
import { useMemo } from 'react';
import { Line } from 'react-chartjs-2';
import type { StepForecast } from '../../store/runs.ts';
import { ink } from '../../ui/ink.ts';
import { useCallWords } from './useCallWords.ts';
import type { RunOnPage } from './useRun.ts';

Chart.register(LineController, LineElement, PointElement, LinearScale, Filler);

interface Props {
  readonly page: RunOnPage;
  readonly found: StepForecast;
  readonly targetC: number | undefined;
}

/** Core and fire as they were read, and the band in which the core goes on to where it is pulled. */
export default function ProbeChart({ page, found, targetC }: Props) {
  const words = useCallWords(page);
  const { units } = page.meal.kitchen;
  const data = useMemo(() => dataOf(found, targetC), [found, targetC]);
  const options = useMemo(
    (): ChartOptions<'line'> => ({
      animation: false,
      responsive: true,
      maintainAspectRatio: false,
      parsing: false,
      events: [],
      plugins: { legend: { display: false }, tooltip: { enabled: false } },
      scales: {
        x: {
          type: 'linear',
          ticks: {
            maxTicksLimit: 4,
            callback: (minute) => words.at(found.fromMin + Number(minute)),
            color: ink('--muted'),
          },
          grid: { display: false },
        },
        y: {
          ticks: {
            maxTicksLimit: 5,
            callback: (value) => showTemperature(Number(value), units),
            color: ink('--muted'),
          },
          grid: { color: ink('--line') },
        },
      },
    }),
    // The words of a clock change only with the meal.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [found.fromMin, units],
  );
  return (
    <div className="mt-2 h-[150px]" aria-hidden="true">
      <Line data={data} options={options} />
    </div>
  );
}

function dataOf({ forecast }: StepForecast, targetC: number | undefined): ChartData<'line'> {
  const { trusted, ahead } = forecast;
  const line = (colour: string) => ({
    borderColor: ink(colour),
    borderWidth: 2.5,
    pointRadius: 0,
  });
  const from = trusted[0]?.minute ?? 0;
  const to = ahead.at(-1)?.minute ?? from;
  const cooker = trusted.flatMap(({ minute, cookerC }) =>
    cookerC === undefined ? [] : [{ x: minute, y: cookerC }],
  );
  return {
    datasets: [
      { data: ahead.map(({ minute, leastC }) => ({ x: minute, y: leastC })), ...line('--line') },
      {
        data: ahead.map(({ minute, mostC }) => ({ x: minute, y: mostC })),
        ...line('--line'),
        fill: '-1',
        backgroundColor: `${ink('--now')}33`,
      },
      { data: trusted.map(({ minute, coreC }) => ({ x: minute, y: coreC })), ...line('--ink') },
      { data: cooker, ...line('--strong'), borderWidth: 1.5 },
      ...(targetC === undefined
        ? []
        : [
            {
              data: [
                { x: from, y: targetC },
                { x: to, y: targetC },
              ],
              ...line('--now'),
              borderDash: [5, 4],
              borderWidth: 1.5,
            },
          ]),
    ],
  };
}
