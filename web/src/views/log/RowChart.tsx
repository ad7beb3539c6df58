import {
  CategoryScale,
  Chart,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  type ChartData,
  type ChartOptions,
} from 'chart.js';
import { Line } from 'react-chartjs-2';
import { ink } from '../../ui/ink.ts';

Chart.register(LineController, LineElement, PointElement, LinearScale, CategoryScale);

interface Series {
  readonly name: string;
  readonly values: ReadonlyArray<number | undefined>;
}

/** A line for each series, run after run; told as a table beside it. */
export default function RowChart(props: {
  labels: readonly string[];
  series: readonly Series[];
  unit: string;
}) {
  const { labels, series, unit } = props;
  const named = series.some(({ name }) => name !== '');
  const data: ChartData<'line', (number | null)[], string> = {
    labels: [...labels],
    datasets: series.map(({ name, values }, i) => ({
      label: name,
      data: values.map((one) => one ?? null),
      borderColor: ink(i === 0 ? '--ink' : '--muted'),
      backgroundColor: ink(i === 0 ? '--ink' : '--muted'),
      borderWidth: 2.5,
      borderDash: i > 1 ? [4, 3] : [],
      spanGaps: true,
      pointRadius: 4,
    })),
  };
  const options: ChartOptions<'line'> = {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    events: [],
    font: { family: getComputedStyle(document.body).fontFamily },
    plugins: {
      legend: { display: named, labels: { color: ink('--ink'), boxWidth: 14 } },
      tooltip: { enabled: false },
    },
    scales: {
      x: { ticks: { color: ink('--muted'), maxTicksLimit: 6 }, grid: { display: false } },
      y: {
        beginAtZero: true,
        ticks: {
          maxTicksLimit: 4,
          color: ink('--muted'),
          callback: (value) => `${value}${unit}`,
        },
        grid: { color: ink('--line') },
      },
    },
  };
  return (
    <div className="mt-1 h-[150px]" aria-hidden="true">
      <Line data={data} options={options} />
    </div>
  );
}
