import type { Batch, Dish, Plan, PlannedStep } from '../../index.ts';

/** One chain, planned: what a cook would look at. */
export interface PlannedChain {
  readonly dish: Dish;
  readonly plan: Plan;
  readonly weightG: number;
  /** A step by what its label begins with. @throws Error where there is none */
  readonly step: (label: string) => PlannedStep;
  readonly batch: (name: string) => Batch;
}

/** A fact a cook would verify by hand. */
export type Fact = readonly [what: string, holds: (chain: PlannedChain) => boolean];

export const min = ({ startMin, endMin }: PlannedStep) => endMin - startMin;
export const lasts =
  (label: string, least: number, most: number) =>
  ({ step }: PlannedChain) =>
    min(step(label)) >= least && min(step(label)) <= most;
export const hours = (label: string, least: number, most: number) =>
  lasts(label, least * 60, most * 60);
/** One ends before the other begins, by so many minutes at most. */
export const followed =
  (first: string, next: string, mostMin = Infinity) =>
  ({ step }: PlannedChain) => {
    const gap = step(next).startMin - step(first).endMin;
    return gap >= 0 && gap <= mostMin;
  };
/** They go on at the same time, some of it. */
export const beside =
  (a: string, b: string) =>
  ({ step }: PlannedChain) =>
    step(a).startMin < step(b).endMin && step(b).startMin < step(a).endMin;
export const at =
  (label: string, kind: string, tempC: number) =>
  ({ step }: PlannedChain) =>
    step(label).place.kind === kind && step(label).place.tempC === tempC;
export const core =
  (coreC: number) =>
  ({ dish }: PlannedChain) =>
    dish.steps.some(({ time, doneWhen }) =>
      time.kind === 'heat' && 'coreC' in time.until
        ? time.until.coreC === coreC
        : doneWhen?.coreC === coreC,
    );
export const says =
  (label: string, words: RegExp) =>
  ({ dish }: PlannedChain) =>
    dish.steps.some(
      (step) =>
        step.label.startsWith(label) &&
        words.test([...step.hands.map(({ what }) => what), ...step.cautions].join('; ')),
    );
export const window =
  (name: string, least: number, best: number, longest: number) =>
  ({ batch }: PlannedChain) => {
    const found = batch(name).window;
    return (
      found?.leastMin === least * 60 &&
      found.bestMin === best * 60 &&
      found.longestMin === longest * 60
    );
  };
/** It grows with the food: so many grams on a kilo. */
export const perKilo =
  (name: string, ingredient: string, grams: number) =>
  ({ batch }: PlannedChain) => {
    const { lines, allG } = batch(name);
    const line = lines.find((one) => one.name.includes(ingredient));
    // What is counted comes whole, and spoons are read to a twentieth.
    return line !== undefined && Math.abs((line.grams / allG) * 1000 - grams) <= grams * 0.06;
  };
/** The salt the meat comes to hold, % of its weight. */
export const saltIn =
  (name: string, least: number, most: number) =>
  ({ batch }: PlannedChain) => {
    const pct = batch(name).totals.saltPctOfFood;
    return pct >= least && pct <= most;
  };
export const keptClean =
  (name: string) =>
  ({ batch }: PlannedChain) =>
    (batch(name).reserve?.ml ?? 0) > 0;

export function near(value: number, wanted: number, off: number): boolean {
  return Math.abs(value - wanted) <= off;
}

export function coresOf({ steps }: Dish): number[] {
  return steps.flatMap(({ time }) =>
    time.kind === 'heat' && 'coreC' in time.until ? [time.until.coreC] : [],
  );
}

export function wraps({ steps }: Dish): string[] {
  return steps.flatMap(({ time }) => (time.kind === 'heat' && time.wrap ? [time.wrap] : []));
}

export function turns({ steps }: Dish, label: string): number | undefined {
  const time = steps.find((step) => step.label.startsWith(label))?.time;
  return time?.kind === 'heat' ? time.turnEveryMin : undefined;
}

export function tends(label: string, everyMin: number) {
  return ({ dish }: PlannedChain) =>
    dish.steps.some(
      (step) =>
        step.label.startsWith(label) &&
        step.hands.some((one) => one.when === 'every' && one.everyMin === everyMin),
    );
}

export function equal({ lines }: Batch, a: string, b: string): boolean {
  const of = (name: string) => lines.find((line) => line.name.includes(name))?.grams ?? 0;
  return of(a) > 0 && near(of(a) / of(b), 1, 0.02);
}

export function byWeight({ split }: Batch): boolean {
  const shares = split.map(({ grams, weightG }) => grams / weightG);
  return split.length === 3 && Math.max(...shares) - Math.min(...shares) < 1e-9;
}

/** In Central Europe in winter: between half past six and eleven in the evening. */
export function awake(epochMin: number): boolean {
  const minute = (epochMin + 60) % 1440;
  return minute >= 390 && minute <= 1380;
}

/** Its number, its pattern, and what is true of it. */
export type ChainRow = readonly [row: number, pattern: string, facts: readonly Fact[]];
