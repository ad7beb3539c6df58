import {
  calibrateCooks,
  CUTS,
  cookOnce,
  simulateCook,
  USUAL_CONDITIONS,
  type CookEvidence,
  type CookSpec,
} from '@zemrin/core';
import { atMost, told, type Line } from './measure.ts';

const BENCH = 'learn';
const KITCHENS = 40;
const RUNS = 6;
const TRIED = 8;
/** Beside the food a thermometer is read so often, minutes. */
const EVERY_MIN = 15;

const FIRST = ['beef-rib-roast-boneless', 2500, 150, 54] as const;
const ROASTS: readonly (readonly [string, number, number, number])[] = [
  ['beef-rib-roast-boneless', 2500, 150, 54],
  ['pork-loin-boneless', 1500, 175, 63],
  ['chicken-whole', 1700, 190, 74],
  ['lamb-leg-bone-in', 2200, 160, 60],
  ['turkey-breast', 2400, 165, 71],
];

function specOf(index: number): CookSpec {
  const [id, weightG, tempC, coreC] = ROASTS[index % ROASTS.length] ?? FIRST;
  const cut = CUTS.get(id);
  if (!cut) throw new RangeError(id);
  return {
    piece: { cut, weightG },
    startC: 5,
    stages: [{ cooker: 'oven', tempC, end: { kind: 'core', coreC } }],
    conditions: USUAL_CONDITIONS,
  };
}

/** One cook in a kitchen whose oven is off: what a run would keep of it. */
function cookedOnce(spec: CookSpec, offsetC: number, seed: number, probe: boolean): CookEvidence {
  const truth = simulateCook(spec, seed, { offsetC: { oven: offsetC } });
  const tookMin = truth.endsMin.at(-1) ?? 1;
  const besideC: number[] = [];
  for (let minute = EVERY_MIN; probe && minute < tookMin; minute += EVERY_MIN) {
    const { cookerC } = truth.read(minute, 'p');
    if (cookerC !== undefined) besideC.push(cookerC - (spec.stages[0]?.tempC ?? cookerC));
  }
  return { spec, cooker: 'oven', tookMin, besideC };
}

/** Ovens as they are: a normal spread of 10 °C, one kitchen at each of its steps. */
const hidden = (kitchen: number) => 10 * normalAt((kitchen + 0.5) / KITCHENS);

/** The standard deviations a share of all lies below: by halving, which is enough here. */
function normalAt(share: number): number {
  let [least, most] = [-4, 4];
  for (let i = 0; i < 40; i++) {
    const middle = (least + most) / 2;
    const below = 1 / (1 + Math.exp(-1.702 * middle));
    if (below < share) least = middle;
    else most = middle;
  }
  return least;
}

/** Errors of forecasts before and after six cooks, in percent of the cook, and the offset's own. */
function tried(probe: boolean) {
  const before: number[] = [];
  const after: number[] = [];
  const biasBefore: number[] = [];
  const biasAfter: number[] = [];
  let covered = 0;
  for (let kitchen = 0; kitchen < KITCHENS; kitchen++) {
    const offsetC = hidden(kitchen);
    const cooks = Array.from({ length: RUNS }, (_, i) =>
      cookedOnce(specOf(kitchen + i), offsetC, 1000 * kitchen + i, probe),
    );
    const found = calibrateCooks(cooks);
    if (found.least <= offsetC && offsetC <= found.most) covered++;
    for (let i = 0; i < TRIED; i++) {
      const spec = specOf(kitchen + i);
      const { tookMin } = cookedOnce(spec, offsetC, 500_000 + 1000 * kitchen + i, false);
      const reckon = (c: number) =>
        cookOnce({ ...spec, offsetC: { oven: c } }, undefined, { everyMin: 1e6 }).stages.at(-1)
          ?.minutes ?? 1;
      const learnt = reckon(found.offsetC) * found.times;
      before.push(Math.abs(Math.log(reckon(0) / tookMin)));
      after.push(Math.abs(Math.log(learnt / tookMin)));
      // What the kitchen itself adds: against a forecast that knows its oven, the same cook.
      biasBefore.push(Math.abs(Math.log(reckon(0) / reckon(offsetC))));
      biasAfter.push(Math.abs(Math.log(learnt / reckon(offsetC))));
    }
  }
  const mean = (values: readonly number[]) =>
    values.reduce((sum, value) => sum + value, 0) / values.length;
  return {
    before: mean(before),
    after: mean(after),
    biasBefore: mean(biasBefore),
    biasAfter: mean(biasAfter),
    covered: (100 * covered) / KITCHENS,
  };
}

/** What six cooks in a kitchen with a hidden offset are worth. */
export function learnBench(): Line[] {
  return [true, false].flatMap((probe): Line[] => {
    const how = probe ? 'a thermometer beside the food' : 'times alone';
    const { before, after, biasBefore, biasAfter, covered } = tried(probe);
    const percent = (value: number) => Math.round(value * 1000) / 10;
    return [
      told(BENCH, `error of one cook before, ${how}`, percent(before), '%'),
      told(BENCH, `error of one cook after six, ${how}`, percent(after), '%'),
      atMost(
        BENCH,
        `the kitchen’s own error, after over before, ${how}`,
        Math.round((100 * biasAfter) / biasBefore),
        '%',
        50,
      ),
      told(BENCH, `offsets within the stated eight in ten, ${how}`, covered, 'in 100'),
    ];
  });
}
