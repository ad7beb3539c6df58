import { servingMin, type Dish } from '../meal/index.ts';
import { foldRun, TASTE_SCALES, type Run, type RunState, type TasteScale } from '../run/index.ts';
import { FIRE_VERBS } from '../terms/index.ts';
import { atTable, lossOf } from './tasting.ts';

/** What is measured of a dish of a run; what nobody measured is left out. */
export interface DishFigures {
  /** Of its first food, g. */
  readonly rawG?: number | undefined;
  /** How much of that the fire took, 0 to 1. */
  readonly lostShare?: number | undefined;
  /** From the beginning of its first step to the end of its last, minutes. */
  readonly inAllMin?: number | undefined;
  /** On its fires, one after another, minutes. */
  readonly onFireMin?: number | undefined;
  /** What was last read in its middle, °C. */
  readonly coreC?: number | undefined;
  /** How it was at the table, −2 to 2. */
  readonly tastes: Readonly<Partial<Record<TasteScale, number>>>;
}

/** A dish two runs have both: its figures in each, and what of its mixtures was another amount. */
export interface ComparedDish {
  readonly name: string;
  readonly figures: readonly [DishFigures, DishFigures];
  readonly amounts: ReadonlyArray<{
    readonly mixture: string;
    readonly ingredient: string;
    readonly said: readonly [string | undefined, string | undefined];
  }>;
}

/** Two runs side by side. */
export interface ComparedRuns {
  /** Minutes after (or before, below 0) the time the table was set for; undefined: never served. */
  readonly lateMin: readonly [number | undefined, number | undefined];
  readonly dishes: readonly ComparedDish[];
}

/** Two runs side by side, dish by dish; dishes are the same where they are called the same. */
export function compareRuns(runs: readonly [Run, Run]): ComparedRuns {
  const [a, b] = [foldRun(runs[0]), foldRun(runs[1])];
  const late = ({ servedMin }: RunState, { meal }: Run) =>
    servedMin === undefined ? undefined : Math.round(servedMin - servingMin(meal));
  return {
    lateMin: [late(a, runs[0]), late(b, runs[1])],
    dishes: a.meal.dishes.flatMap((dish) => {
      const same = b.meal.dishes.find((other) => isSame(dish, other));
      if (!same) return [];
      return [
        {
          name: dish.name,
          figures: [figuresOf(a, dish), figuresOf(b, same)] as const,
          amounts: otherAmounts(dish, same),
        },
      ];
    }),
  };
}

/** Which of the runs have a dish in common with one of them. */
export function comparableWith(run: Run, runs: readonly Run[]): Run[] {
  return runs.filter(
    (other) =>
      other.id !== run.id &&
      other.meal.dishes.some((dish) => run.meal.dishes.some((mine) => isSame(mine, dish))),
  );
}

const isSame = (a: Dish, b: Dish): boolean =>
  a.name.trim().toLowerCase() === b.name.trim().toLowerCase();

function figuresOf(state: RunState, dish: Dish): DishFigures {
  const { meal, begun, ended } = state;
  const spans = dish.steps.flatMap((step) => {
    const [from, to] = [begun.get(step.id), ended.get(step.id)];
    return from === undefined || to === undefined ? [] : [{ step, from, to }];
  });
  const onFire = spans.filter(({ step }) => FIRE_VERBS.has(step.verb));
  const sum = onFire.reduce((all, { from, to }) => all + to - from, 0);
  const table = atTable(state).find((one) => one.dish === dish.id);
  const tastes = Object.fromEntries(
    TASTE_SCALES.flatMap((scale) => {
      const value = table?.tastes.get(scale);
      return value === undefined ? [] : [[scale, value]];
    }),
  );
  const [food] = dish.foods;
  const weighed = food && table?.weights.find((one) => one.food === food.id);
  return {
    ...(food && lossOf(meal, dish, food, weighed)),
    inAllMin:
      spans.length === 0
        ? undefined
        : Math.max(...spans.map(({ to }) => to)) - Math.min(...spans.map(({ from }) => from)),
    onFireMin: onFire.length === 0 ? undefined : sum,
    coreC: lastCore(state, dish),
    tastes,
  };
}

/** By the probe that was in it, while its step was on. */
function lastCore({ begun, ended, probes, readings, confirmed }: RunState, dish: Dish) {
  const measured = dish.steps.flatMap(({ id }) => {
    const from = begun.get(id);
    const probed = [...probes].filter(([, step]) => step === id).map(([probe]) => probe);
    const read = probed.flatMap((probe) =>
      (readings.get(probe) ?? []).flatMap(({ minute, coreC }) =>
        coreC === null ||
        from === undefined ||
        minute < from ||
        minute > (ended.get(id) ?? Infinity)
          ? []
          : [{ minute, coreC }],
      ),
    );
    const said = (confirmed.get(id) ?? []).flatMap(({ atMin, coreC }) =>
      coreC === undefined ? [] : [{ minute: atMin, coreC }],
    );
    return [...read, ...said];
  });
  return measured.toSorted((a, b) => a.minute - b.minute).at(-1)?.coreC;
}

function otherAmounts(a: Dish, b: Dish): ComparedDish['amounts'] {
  return a.mixtures.flatMap((mixture) => {
    const same = b.mixtures.find((one) => one.name === mixture.name);
    if (!same) return [];
    const names = new Set([...mixture.lines, ...same.lines].map(({ ingredient }) => ingredient));
    return [...names].flatMap((ingredient) => {
      const said = [amountOf(mixture, ingredient), amountOf(same, ingredient)] as const;
      return said[0] === said[1] ? [] : [{ mixture: mixture.name, ingredient, said }];
    });
  });
}

function amountOf({ lines }: Dish['mixtures'][number], ingredient: string): string | undefined {
  return lines.find((line) => line.ingredient === ingredient)?.amount;
}
