import { cutOf, servingMin } from '../meal/index.ts';
import type { Run } from '../run/index.ts';
import { factsOf } from './facts.ts';
import { atTable, lossOf } from './tasting.ts';

/** One run as a point on a line through all of them. */
export interface RunInARow {
  readonly run: string;
  readonly title: string;
  /** When it was served, or begun where it never was; epoch minutes. */
  readonly atMin: number;
  /** Served so many minutes late, below 0 early; undefined: never served. */
  readonly lateMin?: number | undefined;
  /** By how much the forecasts of its cooks were off, the mean, a share of the forecast. */
  readonly offShare?: number | undefined;
  /** What cuts lost over their fires, by the cut's name, a share of the raw weight. */
  readonly losses: ReadonlyMap<string, number>;
}

/** All runs, the oldest first: whether forecasts get better, suppers less late, and what cuts lose. */
export function overRuns(runs: readonly Run[]): RunInARow[] {
  return runs.map(inARow).toSorted((a, b) => a.atMin - b.atMin);
}

function inARow(run: Run): RunInARow {
  const { state, cooks } = factsOf(run);
  const { servedMin } = state;
  const off = cooks
    .filter(({ interrupted }) => !interrupted)
    .map(({ reckoned, tookMin }) => Math.abs(tookMin / Math.max(1, reckoned.likelyMin) - 1));
  return {
    run: run.id,
    title: run.meal.title,
    atMin: servedMin ?? run.startedMin,
    lateMin: servedMin === undefined ? undefined : Math.round(servedMin - servingMin(run.meal)),
    offShare: off.length === 0 ? undefined : off.reduce((sum, one) => sum + one, 0) / off.length,
    losses: new Map(
      atTable(state).flatMap(({ dish: id, weights }) => {
        const dish = state.meal.dishes.find((one) => one.id === id);
        return weights.flatMap((weighed) => {
          const food = dish?.foods.find((one) => one.id === weighed.food);
          const lost = dish && food && lossOf(state.meal, dish, food, weighed).lostShare;
          if (!food || lost === undefined) return [];
          return [[cutOf(state.meal, food)?.name ?? food.name, lost] as const];
        });
      }),
    ),
  };
}
