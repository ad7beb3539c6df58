/**
 * Fits cookers and cuts to the printed charts; writes core/places/coefficients.json and
 * core/heat/charts/chart-factors.json, says how far each row is off, and how far it is where its
 * cut was left out. Run: npx tsx scripts/heat/fit-cookers.ts
 */
import { writeFileSync } from 'node:fs';
import { format } from 'prettier';
import { cookRow, middleOf } from '../../core/heat/charts/roasting-charts.ts';
import { AGREED, cutLeftOut, fitToCharts } from './chart-fit.ts';

const CELLS = 14;
const BY = 'Fitted by scripts/heat/fit-cookers.ts to the printed charts in roasting-charts.json';
const { coefficients, factors } = fitToCharts();

const rounded = (_key: string, value: unknown): unknown =>
  typeof value === 'number' ? Number(value.toPrecision(4)) : value;

async function write(path: string, made: object): Promise<void> {
  const json = JSON.stringify(made, rounded);
  writeFileSync(path, await format(json, { parser: 'json', printWidth: 100 }));
}

await write('core/places/coefficients.json', {
  source: `${BY}, one set for all rows.`,
  ...coefficients,
});
await write('core/heat/charts/chart-factors.json', {
  source: `${BY}: times the thickness of a cut that has charts, drawn towards 1.`,
  thicknessTimes: Object.fromEntries(factors),
});

const leftOut = new Map(cutLeftOut().map(({ row, off }) => [row.id, off]));
const pct = (log: number) => `${(100 * Math.expm1(log)).toFixed(0)} %`.padStart(7);
for (const row of AGREED) {
  const { minutes, evaporated, dripped } = cookRow(row, CELLS, coefficients, factors);
  const off = [Math.log(minutes / middleOf(row.minutes)), leftOut.get(row.id) ?? NaN].map(pct);
  const lost = (100 * (evaporated + dripped)).toFixed(0);
  console.log(`${row.id.padEnd(5)}${row.food.padEnd(48)}${off.join('')}  loses ${lost} %`);
}
