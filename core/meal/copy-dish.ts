import { freshId } from './ids.ts';
import type { Dish } from './schema.ts';
import { onItsOwn } from './take-part.ts';

/** A dish with ids of its own, so that it can stand beside any other in a meal. */
export function copyDish(dish: Dish, taken: ReadonlySet<string>, name = dish.name): Dish {
  const used = new Set(taken);
  const renamed = new Map<string, string>();
  const rename = (id: string) => {
    const fresh = freshId(id, used);
    used.add(fresh);
    renamed.set(id, fresh);
  };
  rename(dish.id);
  for (const { id } of [...dish.foods, ...dish.mixtures, ...dish.steps]) rename(id);
  for (const { variants } of dish.mixtures) for (const { id } of variants ?? []) rename(id);
  const of = (id: string) => renamed.get(id) ?? id;
  return {
    ...dish,
    id: of(dish.id),
    name,
    foods: dish.foods.map((food) => ({ ...onItsOwn(food), id: of(food.id) })),
    mixtures: dish.mixtures.map(({ vessel: _elsewhere, ...mixture }) => ({
      ...mixture,
      id: of(mixture.id),
      on: mixture.on.map(of),
      lines: mixture.lines.map((line) => ({
        ...line,
        ingredient: line.part === undefined ? line.ingredient : of(line.ingredient),
      })),
      ...(mixture.variants && {
        variants: mixture.variants.map((variant) => ({
          ...variant,
          id: of(variant.id),
          on: variant.on.map(of),
        })),
      }),
    })),
    steps: dish.steps.map(
      ({ begunAt: _begun, endedAt: _ended, pinnedBeforeServeMin: _pin, ...step }) => ({
        ...step,
        id: of(step.id),
        // A step of another dish is not here.
        after: step.after
          .filter((gap) => renamed.has(gap.step))
          .map((gap) => ({ ...gap, step: of(gap.step) })),
        time: {
          ...step.time,
          ...('food' in step.time && { food: of(step.time.food) }),
          ...('mixture' in step.time &&
            step.time.mixture !== undefined && { mixture: of(step.time.mixture) }),
        },
        ...(step.mixtures && { mixtures: step.mixtures.map(of) }),
        ...(step.foods && { foods: step.foods.map(of) }),
      }),
    ),
  };
}
