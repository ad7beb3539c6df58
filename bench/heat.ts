import { performance } from 'node:perf_hooks';
import {
  cookOnce,
  CUTS,
  ensembleOf,
  forecast,
  INTERACTIVE_CELLS,
  MEMBERS,
  shownCook,
  USUAL_CONDITIONS,
  type CookSpec,
} from '@zemrin/core';
import {
  DISPUTED_CUT,
  middleOf,
  ROASTING_ROWS,
  specOfRow,
} from '../core/heat/charts/roasting-charts.ts';
import { cutLeftOut } from '../scripts/heat/chart-fit.ts';
import { regressionLeftOut } from '../scripts/heat/chart-regression.ts';
import { atMost, median, medianMs, told, type Line } from './measure.ts';

const BENCH = 'heat';

/** How well heat agrees with printed charts, row by row, and how fast it is. */
export function heatBench(): Line[] {
  return [...agreementLines(), ...leftOutLines(), ...speedLines()];
}

function agreementLines(): Line[] {
  const rows = ROASTING_ROWS.map((row) => {
    const { minutes } = forecast(specOfRow(row));
    const printed = middleOf(row.minutes);
    const offPct = 100 * (minutes.likely / printed - 1);
    return { row, offPct, held: minutes.least <= printed && printed <= minutes.most };
  });
  const agreed = rows.filter(({ row }) => row.cut !== DISPUTED_CUT);
  const off = (of: (one: (typeof rows)[number]) => boolean) =>
    agreed.filter(of).map(({ offPct }) => Math.abs(offPct));
  const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length;
  const sure = off(({ row }) => row.cooker === 'oven' && row.confidence >= 0.7);
  const heldPct = (100 * rows.filter(({ held }) => held).length) / rows.length;
  return [
    ...rows.map(({ row, offPct }) =>
      told(BENCH, `row ${row.id}: ${row.food}`.slice(0, 56), offPct, '%'),
    ),
    atMost(BENCH, `oven rows of confidence 0.7, ${sure.length}: mean off`, mean(sure), '%', 10),
    atMost(BENCH, 'the same: median off', median(sure), '%', 7),
    atMost(
      BENCH,
      'all oven rows: mean off',
      mean(off(({ row }) => row.cooker === 'oven')),
      '%',
      13,
    ),
    atMost(
      BENCH,
      'smoking rows: mean off',
      mean(off(({ row }) => row.cooker === 'smoker')),
      '%',
      18,
    ),
    {
      bench: BENCH,
      what: 'the band of eight in ten holds, of all rows',
      value: Math.round(heldPct),
      unit: '%',
      target: '75–90',
      holds: heldPct >= 75 && heldPct <= 90,
    },
  ];
}

/** Each cut by a fit that never saw it, beside what weight and heat alone foretell. */
function leftOutLines(): Line[] {
  const model = cutLeftOut();
  const plain = regressionLeftOut();
  const mean = (offs: ReadonlyArray<{ row: { cooker: string }; off: number }>, cooker: string) => {
    const of = offs.filter(({ row }) => row.cooker === cooker);
    return (100 * of.reduce((sum, { off }) => sum + Math.abs(Math.expm1(off)), 0)) / of.length;
  };
  return [
    atMost(BENCH, 'cut left out, oven rows: mean off', mean(model, 'oven'), '%', 12),
    atMost(BENCH, 'cut left out, smoking rows: mean off', mean(model, 'smoker'), '%', 15),
    told(BENCH, 'by weight and heat alone, oven rows', mean(plain, 'oven'), '%'),
  ];
}

function speedLines(): Line[] {
  const cut = CUTS.get('pork-shoulder-bone-in');
  if (!cut) throw new Error('no shoulder');
  // Ten hours on the smoke, to the minute.
  const tenHours: CookSpec = {
    piece: { cut, weightG: 3600 },
    startC: 5,
    conditions: USUAL_CONDITIONS,
    stages: [{ cooker: 'smoker', tempC: 110, end: { kind: 'minutes', minutes: 600 } }],
  };
  const reference = medianMs(millionMultiplications, 20, 5);
  const one = medianMs(
    () => void cookOnce(tenHours, undefined, { cells: INTERACTIVE_CELLS }),
    30,
    15,
  );
  const members = (): number => {
    const from = performance.now();
    const all = ensembleOf(tenHours, cookOnce(tenHours), MEMBERS);
    while (!all.next().done);
    return performance.now() - from;
  };
  members();
  const whole = median([members(), members(), members()]);
  const slider = medianMs(() => void shownCook(tenHours), 20, 10);
  return [
    told(BENCH, 'a million multiplications, for comparison', reference, 'ms'),
    atMost(BENCH, 'ten hours on the interactive grid', one, 'ms', 7),
    told(BENCH, 'the same, in millions of multiplications', one / reference, '×'),
    atMost(BENCH, `${MEMBERS} members of ten hours`, whole, 'ms', 1000),
    atMost(BENCH, 'what a slider reckons at each move', slider, 'ms', 16),
  ];
}

function millionMultiplications(): void {
  let product = 1.0000001;
  for (let i = 0; i < 1e6; i++) product = product * 1.0000001 + 1e-12;
  if (product === 0) throw new Error('never');
}
