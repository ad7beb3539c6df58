import { mixableOfLine, type Shelf } from '../batch/index.ts';
import { pantryOf, type Avoidable } from '../pantry/index.ts';
import { cutOf } from './amounts.ts';
import { avoidConflicts } from './avoids.ts';
import { freshId, takenIds } from './ids.ts';
import type { Dish, Food, Meal, Step, StepTime } from './schema.ts';

/** A dish with pieces of their own for all at the table who avoid something it holds. */
export function splitForEaters(
  meal: Meal,
  dish: Dish,
  nameOf: (avoids: Avoidable) => string,
): Dish {
  const conflicts = avoidConflicts({ ...meal, dishes: [dish] });
  return conflicts.reduce((so, { avoids }) => {
    const still = avoidConflicts({ ...meal, dishes: [so] }).some((one) => one.avoids === avoids);
    return still
      ? splitDish({ ...meal, dishes: [...meal.dishes, so] }, so, avoids, nameOf(avoids))
      : so;
  }, dish);
}

/**
 * A dish split for those who avoid something: a piece of their own of every food, of every mixture
 * that holds it a part taken out before it goes in, and steps of their own where one of the two is
 * handled. The part apart comes first, so that nothing of the rest gets into it. Fires and rests
 * are shared. The dish as it is where a food itself holds what they avoid.
 */
export function splitDish(meal: Meal, dish: Dish, avoids: Avoidable, name: string): Dish {
  // Nothing can be left out of what itself holds it: bread of wheat, a fish.
  const isOfIt = dish.foods.some(
    (food) => food.forAvoids === undefined && cutOf(meal, food)?.holds.includes(avoids),
  );
  if (isOfIt) return dish;
  const used = takenIds(meal);
  const fresh = (wish: string) => {
    const id = freshId(wish, used);
    used.add(id);
    return id;
  };
  const shelf: Shelf = {
    pantry: pantryOf(meal.pantry),
    siblings: dish.mixtures,
    spoons: meal.kitchen.spoons,
  };
  const holding = dish.mixtures.filter((mixture) =>
    mixture.lines.some((line) => mixableOfLine(line, shelf).holds.includes(avoids)),
  );
  // What goes on no food in particular, a sauce, goes with all of them.
  const common = dish.foods.filter(({ forAvoids }) => forAvoids === undefined).map(({ id }) => id);
  const onOf = ({ on: own }: Dish['mixtures'][number]) => (own.length > 0 ? own : common);
  const on = new Set(holding.flatMap(onOf));
  const shared = dish.foods.filter(({ id, forAvoids }) => on.has(id) && forAvoids === undefined);
  const apart = new Map<string, Food>();
  for (const food of shared) {
    const { weighedG: _weighed, inPieces: _pieces, ...rest } = food;
    apart.set(food.id, {
      ...rest,
      id: fresh(`${food.id} apart`),
      name: `${food.name}, ${name}`,
      forAvoids: [avoids],
    });
  }
  const held = new Set(holding.map(({ id }) => id));
  return {
    ...dish,
    steps: withOwnSteps(dish.steps, held, name, fresh).map((step) =>
      step.foods
        ? { ...step, foods: step.foods.flatMap((id) => [id, apart.get(id)?.id ?? []].flat()) }
        : step,
    ),
    foods: [...dish.foods, ...apart.values()],
    mixtures: dish.mixtures.map((mixture) => {
      if (!holding.includes(mixture)) {
        return {
          ...mixture,
          on: [...mixture.on, ...mixture.on.flatMap((id) => apart.get(id)?.id ?? [])],
        };
      }
      const variant = {
        id: fresh(`${mixture.id} ${avoids}`),
        name,
        forAvoids: [avoids],
        on: onOf(mixture).flatMap((id) => apart.get(id)?.id ?? []),
        instead: [],
      };
      return { ...mixture, on: onOf(mixture), variants: [...(mixture.variants ?? []), variant] };
    }),
  };
}

/** Handled by hand before or over the fire: what of it is done apart is done first. */
const HANDLED: ReadonlySet<Step['verb']> = new Set([
  'mix',
  'prepare',
  'glaze',
  'baste',
  'marinate',
  'brine',
]);
/** A part of a mixture takes so much of the time its whole does. Our own figure, no source. */
const PART_OF_TIME = 0.4;
const LEAST_MIN = 4;

/** Each step that handles what they avoid has one of theirs before it. */
function withOwnSteps(
  steps: readonly Step[],
  held: ReadonlySet<string>,
  name: string,
  fresh: (wish: string) => string,
): Step[] {
  const own = new Map<string, string>();
  for (const step of steps) {
    if (handles(step, held)) own.set(step.id, fresh(`${step.id} apart`));
  }
  const theirs = (gaps: Step['after']): Step['after'] =>
    gaps.map((gap) => ({ ...gap, step: own.get(gap.step) ?? gap.step }));
  return steps.flatMap((step): Step[] => {
    const id = own.get(step.id);
    if (id === undefined) {
      const both = step.after.flatMap((gap) => {
        const apart = own.get(gap.step);
        return apart === undefined ? [gap] : [gap, anyTimeAfter({ ...gap, step: apart })];
      });
      return [{ ...step, after: both }];
    }
    const apart: Step = {
      ...withoutStart(step),
      id,
      label: `${step.label}, ${name}`,
      after: theirs(step.after),
      time: isSoak(step) ? step.time : shorter(step.time),
      hands: step.hands.map((hands) => ({ ...hands, what: `${hands.what}, ${name}` })),
      ...(step.vessel && { vessel: ownVessel(step.vessel) }),
    };
    // Two soaks lie side by side; what takes hands waits for the part apart, and for nothing longer.
    return [apart, isSoak(step) ? step : { ...step, after: behind(step.after, id) }];
  });
}

/** Right after the part apart, which comes as soon after the rest as it did. */
function behind(gaps: Step['after'], apart: string): Step['after'] {
  const most = gaps.flatMap(({ mostMin }) => mostMin ?? []);
  const first = { step: apart, from: 'end' as const, leastMin: 0 };
  return [
    ...gaps.map(anyTimeAfter),
    most.length > 0 ? { ...first, mostMin: Math.min(...most) } : first,
  ];
}

function anyTimeAfter({ mostMin: _most, ...gap }: Step['after'][number]): Step['after'][number] {
  return gap;
}

function handles(step: Step, held: ReadonlySet<string>): boolean {
  if (!HANDLED.has(step.verb)) return false;
  const about = [
    ...(step.mixtures ?? []),
    ...('mixture' in step.time ? [step.time.mixture ?? ''] : []),
  ];
  return about.some((id) => held.has(id));
}

function isSoak({ verb }: Step): boolean {
  return verb === 'marinate' || verb === 'brine';
}

function shorter(time: StepTime): StepTime {
  const part = (minutes: number) => Math.max(LEAST_MIN, Math.round(minutes * PART_OF_TIME));
  if (time.kind === 'fixed') return { ...time, minutes: part(time.minutes) };
  if (time.kind !== 'range') return time;
  const { leastMin, likelyMin, mostMin } = time;
  return { ...time, leastMin: part(leastMin), likelyMin: part(likelyMin), mostMin: part(mostMin) };
}

/** Begun or pinned is the step it was made of, not this one. */
function withoutStart({
  pinnedBeforeServeMin: _pin,
  begunAt: _begun,
  endedAt: _ended,
  ...step
}: Step): Step {
  return step;
}

/** Another of the same kind: what lies apart does not share a bag. */
function ownVessel({
  one: _one,
  name: _name,
  ...kind
}: NonNullable<Step['vessel']>): Step['vessel'] {
  return kind;
}
