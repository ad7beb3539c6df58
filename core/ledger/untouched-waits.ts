import { keepsWarm, stageMinutes, type Dish, type Step } from '../meal/index.ts';
import { FRIDGE_COLD_C, PART_COOKED_WAIT_MIN } from '../safety/index.ts';
import { isFire } from './step-chain.ts';

/** Two steps that work on a food, others between them, and how long it may wait in all. */
export interface UntouchedWait {
  readonly before: string;
  readonly next: string;
  readonly mostMin: number;
}

/**
 * Food that was browned waits while others are softened and the wine boils down: in all no longer than
 * food waits between two fires. What those steps take longer by themselves no plan can mend.
 *
 * @param foods by step, those it works on
 * @param raw foods that begin raw
 */
export function untouchedWaits(
  dish: Dish,
  foods: ReadonlyMap<string, readonly string[]>,
  raw: ReadonlySet<string>,
): UntouchedWait[] {
  const works = (step: Step, food: string) => foods.get(step.id)?.includes(food) ?? false;
  return dish.steps
    .filter((step) => isFire(dish, step))
    .flatMap((step) =>
      [...raw]
        .filter((food) => works(step, food))
        .flatMap((food) => waitBefore(dish, step, (one) => works(one, food))),
    );
}

/** From the fire a food was last over to a step, where others lie between; none where nothing does. */
function waitBefore(dish: Dish, step: Step, works: (one: Step) => boolean): UntouchedWait[] {
  const way = wayBack(dish, step, works, []);
  const first = way.at(-1);
  if (!first || way.length < 2 || !isFire(dish, first) || waitsWell(first)) return [];
  const meanwhile = way.slice(0, -1).reduce((sum, { time }) => sum + stageMinutes(time), 0);
  return meanwhile < PART_COOKED_WAIT_MIN
    ? [{ before: first.id, next: step.id, mostMin: PART_COOKED_WAIT_MIN }]
    : [];
}

/** The steps before one, the nearest first, up to and with the last that worked on the food. */
function wayBack(
  dish: Dish,
  step: Step,
  works: (one: Step) => boolean,
  passed: readonly Step[],
): readonly Step[] {
  const before = step.after
    .filter(({ from }) => from === 'end')
    .flatMap((gap) => dish.steps.filter(({ id }) => id === gap.step))
    .filter((one) => !passed.includes(one));
  const own = before.find(works);
  if (own) return [...passed, own];
  for (const one of before) {
    const way = wayBack(dish, one, works, [...passed, one]);
    const last = way.at(-1);
    if (last && works(last)) return way;
  }
  return [];
}

/** In the cold, or kept hot, it may wait. */
function waitsWell(step: Step): boolean {
  const { kind, tempC = Infinity } = step.place;
  return keepsWarm(step) || kind === 'fridge' || kind === 'freezer' || tempC <= FRIDGE_COLD_C;
}
