/** Speed, printed and never asserted: `npm run bench [-- NAME…] [--json] [--keep]`. */
import { batchBench } from './batch.ts';
import { forecastBench } from './forecast.ts';
import { heatBench } from './heat.ts';
import type { Line } from './measure.ts';
import { keep } from './keep.ts';
import { plannerBench } from './planner.ts';
import { bookBench, realMealsBench } from './real-meals.ts';
import { libraryBench } from './library.ts';
import { readerBench } from './reader.ts';
import { solverBench } from './solver.ts';
import { learnBench } from './learn.ts';
import { relayBench } from './relay.ts';
import { replanBench } from './replan.ts';
import { webBench } from './web.ts';

const BENCHES: Readonly<Record<string, () => Line[] | Promise<Line[]>>> = {
  planner: async () => [
    ...plannerBench(),
    ...realMealsBench(),
    ...bookBench(),
    ...(await solverBench()),
  ],
  heat: heatBench,
  forecast: forecastBench,
  reader: readerBench,
  batch: batchBench,
  learn: learnBench,
  web: webBench,
  library: libraryBench,
  relay: relayBench,
  replan: replanBench,
};

const json = process.argv.includes('--json');
const kept = process.argv.includes('--keep');
const asked = process.argv.slice(2).filter((argument) => !argument.startsWith('--'));
const unknown = asked.filter((name) => !(name in BENCHES));
if (unknown.length > 0) {
  console.error(`No bench “${unknown.join(', ')}”. There are: ${Object.keys(BENCHES).join(', ')}.`);
  process.exit(2);
}
const lines: Line[] = [];
for (const name of asked.length > 0 ? asked : Object.keys(BENCHES)) {
  lines.push(...((await BENCHES[name]?.()) ?? []));
}
if (kept) await keep(lines);
if (json) console.log(JSON.stringify(lines, null, 2));
else
  for (const { bench, what, value, unit, target, holds } of lines) {
    const verdict = target === 'told' ? '' : `${target}  ${holds ? 'holds' : 'MISSED'}`;
    console.log(
      `${bench.padEnd(9)}${what.padEnd(58)}${`${value} ${unit}`.padStart(12)}  ${verdict}`,
    );
  }
