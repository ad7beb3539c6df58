import { soaks, type Mixture, type MixtureLine } from '../batch/index.ts';
import { soakWindowOf } from './batches.ts';
import { mapId } from './ids.ts';
import type { Dish, Food, Meal, StepTime } from './schema.ts';

/** A mixture's fields to change; undefined takes one out. */
export type MixtureChange = {
  [Field in Exclude<keyof Mixture, 'id' | 'lines'>]?: Mixture[Field] | undefined;
};

export type LineChange = { [Field in keyof MixtureLine]?: MixtureLine[Field] | undefined };

/** What a cook does to foods and mixtures. */
export type BatchCommand =
  | { do: 'weigh'; dish: string; food: string; weightG: number | null }
  | { do: 'addFood'; dish: string; new: Food }
  | { do: 'editFood'; dish: string; food: string; change: Partial<Omit<Food, 'id'>> }
  | { do: 'removeFood'; dish: string; food: string }
  | { do: 'addMixture'; dish: string; new: Mixture }
  | { do: 'editMixture'; dish: string; mixture: string; change: MixtureChange }
  | { do: 'removeMixture'; dish: string; mixture: string }
  | { do: 'addLine'; dish: string; mixture: string; new: MixtureLine }
  | { do: 'setLine'; dish: string; mixture: string; line: number; change: LineChange }
  | { do: 'replaceLine'; dish: string; mixture: string; line: number; by: readonly MixtureLine[] }
  | { do: 'moveLine'; dish: string; mixture: string; line: number; to: number };

export function inBatches(meal: Meal, dish: Dish, command: BatchCommand): Dish {
  switch (command.do) {
    case 'weigh':
      return { ...dish, foods: mapId(dish.foods, command.food, (f) => weigh(f, command.weightG)) };
    case 'addFood':
      return withFood(dish, command.new);
    case 'editFood':
      return {
        ...dish,
        foods: mapId(dish.foods, command.food, (food) => ({ ...food, ...command.change })),
      };
    case 'removeFood':
      return removeFood(dish, command.food);
    case 'addMixture':
      return { ...dish, mixtures: [...dish.mixtures, command.new] };
    case 'editMixture': {
      const edited = inMixture(dish, command.mixture, (m) => changed(m, command.change));
      return withTimes(meal, dish, edited);
    }
    case 'removeMixture':
      return removeMixture(meal, dish, command.mixture);
    case 'addLine':
      return inLines(dish, command.mixture, (lines) => [...lines, command.new]);
    case 'setLine':
      return inLines(dish, command.mixture, (lines) =>
        lines.map((line, i) => (i === command.line ? changed(line, command.change) : line)),
      );
    case 'replaceLine':
      return inLines(dish, command.mixture, (lines) =>
        lines.flatMap((line, i) => (i === command.line ? command.by : [line])),
      );
    case 'moveLine':
      return inLines(dish, command.mixture, (lines) => moved(lines, command.line, command.to));
  }
}

/** A food more goes the way of the dish's first, wherever a step says what it works on. */
function withFood(dish: Dish, food: Food): Dish {
  const [first] = dish.foods;
  return {
    ...dish,
    foods: [...dish.foods, food],
    steps: dish.steps.map((step) =>
      first && step.foods?.includes(first.id) ? { ...step, foods: [...step.foods, food.id] } : step,
    ),
  };
}

function weigh(food: Food, weightG: number | null): Food {
  const { weighedG: _old, ...rest } = food;
  return weightG === null ? rest : { ...rest, weighedG: weightG };
}

/** With the change, and without what it sets to nothing. */
function changed<T extends object>(
  item: T,
  change: { readonly [Key in keyof T]?: T[Key] | undefined },
): T {
  const gone = new Set(
    Object.entries(change)
      .filter(([, value]) => value === undefined)
      .map(([key]) => key),
  );
  const entries = Object.entries({ ...item, ...change }).filter(([key]) => !gone.has(key));
  return Object.fromEntries(entries) as T;
}

function inMixture(dish: Dish, id: string, change: (mixture: Mixture) => Mixture): Dish {
  return { ...dish, mixtures: mapId(dish.mixtures, id, change) };
}

function inLines(
  dish: Dish,
  id: string,
  change: (lines: readonly MixtureLine[]) => MixtureLine[],
): Dish {
  return inMixture(dish, id, (mixture) => ({ ...mixture, lines: change(mixture.lines) }));
}

function moved<T>(items: readonly T[], from: number, to: number): T[] {
  const item = items[from];
  if (item === undefined || to < 0 || to >= items.length) return [...items];
  return items.toSpliced(from, 1).toSpliced(to, 0, item);
}

/** A food goes unless a step takes its time from it. */
function removeFood(dish: Dish, id: string): Dish {
  if (dish.steps.some((step) => 'food' in step.time && step.time.food === id)) return dish;
  const without = (on: readonly string[]) => on.filter((food) => food !== id);
  return {
    ...dish,
    foods: dish.foods.filter((food) => food.id !== id),
    steps: dish.steps.map((step) => (step.foods ? { ...step, foods: without(step.foods) } : step)),
    mixtures: dish.mixtures.map((mixture) => ({
      ...mixture,
      on: without(mixture.on),
      ...(mixture.variants
        ? { variants: mixture.variants.map((v) => ({ ...v, on: without(v.on) })) }
        : {}),
    })),
  };
}

/** Lines made of it, and what steps say of it, go with it. */
function removeMixture(meal: Meal, dish: Dish, id: string): Dish {
  const without = {
    ...dish,
    mixtures: dish.mixtures
      .filter((other) => other.id !== id)
      .map((other) => ({
        ...other,
        lines: other.lines.filter((line) => line.part === undefined || line.ingredient !== id),
      })),
    steps: dish.steps.map((step) =>
      step.mixtures ? { ...step, mixtures: step.mixtures.filter((other) => other !== id) } : step,
    ),
  };
  return withTimes(meal, dish, without);
}

/** A boiled brine grows cold overnight. Common practice, no source. */
const COOLS_OVERNIGHT: StepTime = { kind: 'range', leastMin: 360, likelyMin: 480, mostMin: 720 };

/** A step whose mixture no longer soaks or cools keeps the hours it had. */
function withTimes(meal: Meal, before: Dish, dish: Dish): Dish {
  const timeOf = (time: StepTime): StepTime => {
    if (time.kind !== 'soak' && time.kind !== 'cooling') return time;
    const now = dish.mixtures.find((mixture) => mixture.id === time.mixture);
    if (now && (time.kind === 'soak' ? soaks(now) : now.boiled === true)) return time;
    const was = before.mixtures.find((mixture) => mixture.id === time.mixture);
    const window = was && soakWindowOf(meal, before, was);
    if (time.kind === 'cooling' || !window) return COOLS_OVERNIGHT;
    const { leastMin, bestMin, longestMin } = window;
    return { kind: 'elastic', leastMin, bestMin, longestMin };
  };
  return { ...dish, steps: dish.steps.map((step) => ({ ...step, time: timeOf(step.time) })) };
}
