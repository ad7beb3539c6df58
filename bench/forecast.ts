import { performance } from 'node:perf_hooks';
import {
  CUTS,
  liveForecast,
  liveMembersOf,
  simulateCook,
  USUAL_CONDITIONS,
  type Band,
  type CookSpec,
  type Cooker,
  type LiveMembers,
  type ProbeReading,
} from '@zemrin/core';
import { atMost, median, told, type Line } from './measure.ts';

const BENCH = 'forecast';
/** Simulated cooks of each kind. */
const COOKS = 40;
/** Minutes between two readings. */
const EVERY_MIN = 2;

interface Kind {
  readonly name: string;
  readonly spec: (index: number) => CookSpec;
  /** By share of the cook: the most it may be off, in percent of the whole. */
  readonly target: ReadonlyMap<number, number>;
}

const ROASTS: readonly (readonly [string, number, Cooker, number, number])[] = [
  ['beef-rib-roast-boneless', 2500, 'oven', 120, 54],
  ['pork-loin-boneless', 1500, 'oven', 175, 63],
  ['chicken-whole', 1700, 'oven', 190, 74],
  ['lamb-leg-bone-in', 2200, 'oven', 160, 60],
  ['turkey-breast', 2400, 'oven', 165, 71],
];

const FIRST = ['beef-rib-roast-boneless', 2500, 'oven', 120, 54] as const;

const KINDS: readonly Kind[] = [
  {
    name: 'roasts',
    spec: (index) => {
      const [cut, weightG, cooker, tempC, coreC] = ROASTS[index % ROASTS.length] ?? FIRST;
      return specOf(cut, weightG, [{ cooker, tempC, end: { kind: 'core', coreC } }]);
    },
    target: new Map([
      [0.5, 10],
      [0.75, 4],
    ]),
  },
  {
    name: 'smoked shoulder',
    spec: (index) =>
      specOf('pork-shoulder-bone-in', 2400 + (index % 4) * 500, [
        { cooker: 'smoker', tempC: 115, end: { kind: 'core', coreC: 93 } },
      ]),
    target: new Map([
      [0.5, 20],
      [0.75, 12],
    ]),
  },
];

function specOf(cut: string, weightG: number, stages: CookSpec['stages']): CookSpec {
  const found = CUTS.get(cut);
  if (!found) throw new Error(`no cut ${cut}`);
  return { piece: { cut: found, weightG }, startC: 5, stages, conditions: USUAL_CONDITIONS };
}

/** How well a live forecast tells the end of cooks that are otherwise than it thinks. */
export function forecastBench(): Line[] {
  return KINDS.flatMap((kind) => linesOf(kind));
}

function linesOf({ name, spec, target }: Kind): Line[] {
  const known = new Map<string, LiveMembers>();
  const membersOf = (one: CookSpec) => {
    const key = `${one.piece.cut.id} ${one.piece.weightG}`;
    const found = known.get(key) ?? ended(liveMembersOf(one));
    known.set(key, found);
    return found;
  };
  const cooks = Array.from({ length: COOKS }, (_none, i) => {
    const one = spec(i);
    const truth = simulateCook(one, 1000 + i);
    return { members: membersOf(one), end: endC(one), truth, tookMin: truth.endsMin.at(-1) ?? NaN };
  });
  let held = 0;
  const tookMs: number[] = [];
  const lines = [...target].flatMap(([share, limit]) => {
    const off = cooks.map(({ members, end, truth, tookMin }) => {
      const atMin = share * tookMin;
      const readings = readingsOf(truth, atMin);
      const from = performance.now();
      const { readyInMin } = liveForecast(members, readings, atMin);
      tookMs.push(performance.now() - from);
      const left = tookMin - atMin;
      if (holds(readyInMin, left)) held++;
      const straight = straightLine(readings, end, atMin);
      return {
        ours: Math.abs(readyInMin.likely - left) / tookMin,
        byLine: Math.abs(straight - left) / tookMin,
        before: Math.abs((members.likelyMin - tookMin) / tookMin),
      };
    });
    const mean = (of: (one: (typeof off)[number]) => number) =>
      (100 * off.reduce((sum, one) => sum + of(one), 0)) / off.length;
    const at = `${name}: mean off at ${100 * share} % of the cook`;
    return [
      atMost(
        BENCH,
        at,
        mean(({ ours }) => ours),
        '%',
        limit,
      ),
      told(
        BENCH,
        '  by a straight line through the last half hour',
        mean((o) => o.byLine),
        '%',
      ),
      told(
        BENCH,
        '  by the forecast before it began',
        mean(({ before }) => before),
        '%',
      ),
    ];
  });
  const heldPct = Math.round((100 * held) / (COOKS * target.size));
  return [
    ...lines,
    {
      bench: BENCH,
      what: `${name}: the band of eight in ten holds`,
      value: heldPct,
      unit: '%',
      target: '75–90',
      holds: heldPct >= 75 && heldPct <= 90,
    },
    told(BENCH, `${name}: an update, median`, median(tookMs), 'ms'),
  ];
}

function readingsOf({ read }: ReturnType<typeof simulateCook>, untilMin: number): ProbeReading[] {
  const count = Math.floor(untilMin / EVERY_MIN);
  return Array.from({ length: count }, (_none, i) => read((i + 1) * EVERY_MIN, 'core'));
}

function endC({ stages }: CookSpec): number {
  const end = stages.at(-1)?.end;
  return end?.kind === 'core' ? end.coreC : NaN;
}

const holds = ({ least, most }: Band, value: number) => least <= value && value <= most;

/** What a cook does by eye: the pace of the last half hour, kept. */
function straightLine(readings: readonly ProbeReading[], endCore: number, atMin: number): number {
  const last = readings.filter(({ minute }) => minute > atMin - 30);
  const [first, now] = [last[0], last.at(-1)];
  if (!first || !now) return NaN;
  const pace = (now.coreC - first.coreC) / (now.minute - first.minute);
  return pace <= 0.01 ? 600 : (endCore - now.coreC) / pace;
}

function ended<T>(work: Generator<unknown, T>): T {
  for (;;) {
    const { done, value } = work.next();
    if (done === true) return value;
  }
}
