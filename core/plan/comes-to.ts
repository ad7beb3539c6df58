import type { Dish, Meal } from '../meal/index.ts';
import { placeNamed, placeOfCooker, type PlaceKind } from '../places/index.ts';
import { expandMeal, type ExpandedStep } from './network/expanded-steps.ts';

/** What a dish comes to before it is planned. Minutes. */
export interface ComesTo {
  /** From the first step to the table, each soak and rest as short as it may be. */
  readonly leastMin: number;
  /** The same, each as long as is best. */
  readonly usualMin: number;
  /** With hands on it. */
  readonly handsMin: number;
  /** What it is cooked in that the kitchen has not. */
  readonly lacks: readonly PlaceKind[];
}

/**
 * How long a dish takes by itself in the kitchen of a meal: its longest way through, step behind
 * step, whoever else wants the oven, and whoever sleeps. The plan says the rest.
 */
export function comesTo(meal: Meal, dish: Dish): ComesTo {
  const steps = expandMeal({ ...meal, dishes: [dish] }, 0);
  const owned = new Set<PlaceKind>(meal.kitchen.appliances.map(({ kind }) => kind));
  const wanted = new Set(steps.map(placeWanted));
  return {
    leastMin: longestWay(steps, (step) => step.duration.leastMin),
    usualMin: longestWay(steps, ({ duration }) => duration.likelyMin),
    handsMin: steps.flatMap(({ hands }) => hands).reduce((sum, { minutes }) => sum + minutes, 0),
    lacks: [...wanted].filter((kind) => {
      const { appliance } = placeNamed(kind);
      return appliance?.limited === true && appliance.assumed !== true && !owned.has(kind);
    }),
  };
}

/** Where a step is cooked: of a slow cooker that stands on the counter, the cooker. */
function placeWanted({ step: { time }, place }: ExpandedStep): PlaceKind {
  const cooker = time.kind === 'heat' ? time.cooker : undefined;
  return cooker === undefined ? place.kind : placeOfCooker(cooker).own;
}

/** The longest way from a first step to the last, minutes. */
function longestWay(
  steps: readonly ExpandedStep[],
  lengthOf: (step: ExpandedStep) => number,
): number {
  const byId = new Map(steps.map((step) => [step.step.id, step]));
  const ends = new Map<string, number>();
  const endOf = (step: ExpandedStep): number => {
    const known = ends.get(step.step.id);
    if (known !== undefined) return known;
    const begins = step.step.after.map((gap) => {
      const before = byId.get(gap.step);
      if (!before) return 0;
      return endOf(before) - (gap.from === 'start' ? lengthOf(before) : 0) + gap.leastMin;
    });
    const end = Math.max(0, ...begins) + lengthOf(step);
    ends.set(step.step.id, end);
    return end;
  };
  return Math.max(0, ...steps.map(endOf));
}
