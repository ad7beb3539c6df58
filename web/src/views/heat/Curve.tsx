import {
  lastOnFire,
  showMinutes,
  stageTimes,
  type Cook,
  type DraftCook,
  type Ensemble,
  type Stall,
} from '@zemrin/core';
import {
  Chart,
  Filler,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  type ChartData,
  type ChartOptions,
  type Plugin,
} from 'chart.js';
import { useEffect, useMemo, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { Line } from 'react-chartjs-2';
import { useWords, type Say } from '../../words/words.ts';
import { heatColour, paint } from './colours.ts';
import { dashed, dot, label } from './drawing.ts';

Chart.register(LineController, LineElement, PointElement, LinearScale, Filler);

interface CurveProps {
  readonly spec: DraftCook;
  readonly cook: Cook;
  readonly band?: Ensemble | undefined;
  readonly other?: Cook | undefined;
  readonly safeC?: number | undefined;
  /** By point, how much of what public tables want has been reached, 0 to 1. */
  readonly shares: readonly number[];
  readonly enoughAtMin?: number | undefined;
  readonly stall?: Stall | undefined;
  readonly moment?: number | undefined;
  readonly onMoment: (minute: number) => void;
}

type Marks = Pick<CurveProps, 'spec' | 'cook' | 'safeC' | 'stall' | 'enoughAtMin' | 'moment'> & {
  readonly t: Say;
};

/** A chart takes its plugins once: they look up what is to be marked each time it is drawn. */
const MARKS = new WeakMap<Chart, Marks>();

const HEIGHT_PX = 330;

/** Core and surface over time, with the band of likelihood; stages as bands behind. */
export function Curve(props: CurveProps) {
  const t = useWords();
  const { spec, cook, band, other, safeC, shares, enoughAtMin, stall, moment, onMoment } = props;
  const lengthMin = Math.max(cook.minutes, other?.minutes ?? 0);
  const data = useMemo(() => dataOf({ cook, band, other, shares }), [cook, band, other, shares]);
  const options = useMemo(() => optionsOf(lengthMin, safeC), [lengthMin, safeC]);
  const chart = useRef<Chart<'line', Points>>(null);
  useEffect(() => {
    if (!chart.current) return;
    MARKS.set(chart.current, { spec, cook, safeC, stall, enoughAtMin, moment, t });
    chart.current.draw();
  });
  const at = moment ?? cook.minutes / 2;
  const onKeyDown = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onMoment(Math.min(cook.minutes, Math.max(0, at + (by * cook.minutes) / 40)));
  };
  const onPointer = (event: PointerEvent<HTMLElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const share = (event.clientX - box.left - AXIS_PX) / (box.width - AXIS_PX - RIGHT_PX);
    onMoment(Math.min(cook.minutes, Math.max(0, share * lengthMin)));
  };
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label={t('heat.curve')}
      aria-valuemin={0}
      aria-valuemax={Math.round(cook.minutes)}
      aria-valuenow={Math.round(at)}
      aria-valuetext={showMinutes(Math.round(at))}
      className="min-w-0"
      style={{ height: HEIGHT_PX }}
      onKeyDown={onKeyDown}
      onPointerMove={onPointer}
      onPointerDown={onPointer}
    >
      <Line ref={chart} data={data} options={options} plugins={PLUGINS} aria-hidden="true" />
    </div>
  );
}

const AXIS_PX = 40;
const RIGHT_PX = 12;
/** The names of the stages stand above the curve. */
const NAMES_PX = 22;

type Points = { x: number; y: number }[];

function pointsOf(minute: ArrayLike<number>, value: ArrayLike<number>): Points {
  return Array.from(minute, (x, i) => ({ x, y: value[i] ?? NaN }));
}

/** As far as it is not enough yet; the rest would only be a line across. */
function safePoints({ minute }: Cook, shares: readonly number[]): Points {
  const enough = shares.findIndex((share) => share >= 1);
  const until = enough === -1 ? shares : shares.slice(0, enough + 1);
  return until.map((share, i) => ({ x: minute[i] ?? NaN, y: 100 * share }));
}

function dataOf({
  cook,
  band,
  other,
  shares,
}: Pick<CurveProps, 'cook' | 'band' | 'other' | 'shares'>): ChartData<'line', Points> {
  const core = paint('--strong');
  const line = { pointRadius: 0, tension: 0.2 };
  const under = band
    ? [
        { ...line, data: pointsOf(band.minute, band.leastC), borderWidth: 0 },
        {
          ...line,
          data: pointsOf(band.minute, band.mostC),
          borderWidth: 0,
          fill: '-1',
          backgroundColor: paint('--strong', 0.22),
        },
      ]
    : [];
  const beside = other
    ? [
        {
          ...line,
          data: pointsOf(other.minute, other.coreC),
          borderColor: paint('--ink'),
          borderWidth: 2,
          borderDash: [8, 4],
        },
      ]
    : [];
  return {
    datasets: [
      ...under,
      ...beside,
      {
        ...line,
        data: pointsOf(cook.minute, cook.surfaceC),
        borderColor: paint('--muted'),
        borderWidth: 2,
        borderDash: [2, 4],
      },
      // In hundredths on the same axis: at the top of a hundred it is enough.
      {
        ...line,
        data: safePoints(cook, shares),
        borderColor: paint('--now'),
        borderWidth: 1.5,
      },
      { ...line, data: pointsOf(cook.minute, cook.coreC), borderColor: core, borderWidth: 3.5 },
    ],
  };
}

function optionsOf(lengthMin: number, safeC: number | undefined): ChartOptions<'line'> {
  const hour = lengthMin > 150;
  const stepMin = hour ? 60 * Math.ceil(lengthMin / 60 / 10) : lengthMin > 40 ? 15 : 5;
  const font = { family: 'Atkinson Hyperlegible Next Variable', size: 13 };
  return {
    animation: false,
    maintainAspectRatio: false,
    events: [],
    layout: { padding: { right: RIGHT_PX, top: NAMES_PX } },
    scales: {
      x: {
        type: 'linear',
        min: 0,
        max: lengthMin,
        grid: { display: false },
        border: { display: false },
        // On whole hours and quarters, whatever the cook's own length is.
        afterBuildTicks: (axis) => {
          const count = Math.floor(lengthMin / stepMin);
          axis.ticks = Array.from({ length: count }, (_unused, i) => ({
            value: (i + 1) * stepMin,
          }));
        },
        ticks: {
          autoSkip: true,
          autoSkipPadding: 14,
          maxRotation: 0,
          font,
          color: paint('--muted'),
          callback: (value) => showMinutes(Number(value)),
        },
      },
      y: {
        min: 0,
        suggestedMax: Math.max(100, (safeC ?? 0) + 10),
        grid: { color: paint('--line') },
        border: { display: false },
        afterFit: (scale) => {
          scale.width = AXIS_PX;
        },
        ticks: { stepSize: 20, font, color: paint('--muted'), callback: (value) => `${value}°` },
      },
    },
  };
}

/** The stages, as bands in the colour of their heat. */
const STAGES_BEHIND: Plugin<'line'> = {
  id: 'stages',
  beforeDatasetsDraw: (chart) => {
    const { ctx, chartArea, scales } = chart;
    const marks = MARKS.get(chart);
    const x = scales.x;
    if (!x || !marks) return;
    const { spec, cook, t } = marks;
    stageTimes(cook).forEach(({ from, to }, i) => {
      const stage = spec.stages[i];
      if (!stage) return;
      const [left, right] = [x.getPixelForValue(from), x.getPixelForValue(to)];
      ctx.fillStyle = heatColour(stage, 0.2);
      ctx.fillRect(left, chartArea.top, right - left, chartArea.bottom - chartArea.top);
      const name = t(`cooker.${stage.cooker}`) + (stage.wrap ? `, ${t(`wrap.${stage.wrap}`)}` : '');
      label(ctx, name, (left + right) / 2, chartArea.top - 7, right - left - 6, 'center', true);
    });
  },
};

/** The least safe line, the stall, where it is pulled, its peak, and the moment looked at. */
const MARKS_OVER: Plugin<'line'> = {
  id: 'marks',
  afterDatasetsDraw: (chart) => {
    const { ctx, chartArea, scales } = chart;
    const marks = MARKS.get(chart);
    const { x, y } = scales;
    if (!x || !y || !marks) return;
    const { spec, cook, safeC, stall, enoughAtMin, moment, t } = marks;
    const width = chartArea.right - chartArea.left;
    if (safeC !== undefined) {
      dashed(ctx, chartArea.left, chartArea.right, y.getPixelForValue(safeC), paint('--now'));
      const words = t('heat.safeLine', { tempC: Math.round(safeC) });
      label(
        ctx,
        words,
        chartArea.left + 6,
        y.getPixelForValue(safeC) - 7,
        width,
        'left',
        false,
        '--now',
      );
    }
    if (enoughAtMin !== undefined) {
      const at = x.getPixelForValue(enoughAtMin);
      const left = chartArea.right - at > ENOUGH_PX;
      const from = left ? at + 6 : at - 6;
      const align = left ? 'left' : 'right';
      label(ctx, t('heat.enough'), from, chartArea.bottom - 8, 160, align, false, '--now');
    }
    const fire = stageTimes(cook)[lastOnFire(spec)];
    const pull = cook.stages[lastOnFire(spec)];
    if (fire && pull?.reached) {
      const at = { x: x.getPixelForValue(fire.to), y: y.getPixelForValue(pull.coreC) };
      dot(ctx, at.x, at.y);
      const words = t('heat.pullAt', { tempC: Math.round(pull.coreC) });
      // Near the top there is no room above: what it says goes below.
      const high = at.y < chartArea.top + WORD_PX;
      const climbs = cook.peakCoreC > pull.coreC + 1;
      // And where a peak is named above it, too.
      label(ctx, words, at.x - 10, at.y + (high || climbs ? 24 : -14), 220, 'right', true);
      if (climbs) {
        const peak = cook.coreC.indexOf(Math.max(...cook.coreC));
        const px = x.getPixelForValue(cook.minute[peak] ?? 0);
        const py = y.getPixelForValue(cook.peakCoreC);
        dot(ctx, px, py, 4);
        const under = at.y + (px - at.x > PEAK_WORD_PX ? 24 : 42);
        label(ctx, t('heat.peakHere'), px + 8, high ? under : py - 9, 120, 'right', true);
      }
    }
    if (stall) {
      const middle = x.getPixelForValue((stall.fromMin + stall.toMin) / 2);
      label(ctx, t('heat.stallHere'), middle, y.getPixelForValue(stall.coreC) - 18, 200, 'center');
    }
    if (moment !== undefined) {
      ctx.strokeStyle = paint('--ink', 0.5);
      ctx.lineWidth = 1;
      ctx.setLineDash([]);
      const at = x.getPixelForValue(moment);
      ctx.beginPath();
      ctx.moveTo(at, chartArea.top);
      ctx.lineTo(at, chartArea.bottom);
      ctx.stroke();
    }
  },
};

/** Room for its words to the right of where it is safe. */
const ENOUGH_PX = 110;
/** Room for a word above a bead. */
const WORD_PX = 30;
/** As far from where it is pulled, its peak has room for its word beside. */
const PEAK_WORD_PX = 34;

const PLUGINS = [STAGES_BEHIND, MARKS_OVER];
