import { freshId, type Dish, type Kitchen, type Step } from '../meal/index.ts';
import { FIRES, fireOf, onFire, placeOfFire, type Fire } from './other-fire.ts';
import type { Part } from './parts.ts';

/** The other fires a kitchen has for a dish, and the dish over each. Empty for what is in no fire that can be another. */
export function overOtherFires(
  dish: Dish,
  { appliances }: Pick<Kitchen, 'appliances'>,
  taken: ReadonlySet<string>,
): Array<{ readonly fire: Fire; readonly dish: Dish }> {
  const own = new Set(dish.steps.flatMap((step) => fireOf(step) ?? []));
  const there = FIRES.filter(
    (fire) => !own.has(fire) && appliances.some(({ kind }) => kind === placeOfFire(fire)),
  );
  return there.flatMap((fire) => {
    const parts = onFire(dish.steps, fire, freshId(`${dish.id} ready`, taken));
    const moved = parts.some((part, i) => part.place.kind !== dish.steps[i]?.place.kind);
    return moved ? [{ fire, dish: { ...dish, steps: parts.map(whole) } }] : [];
  });
}

function whole({ after, hands, cautions, ...part }: Part): Step {
  return {
    ...part,
    after: after ?? [],
    hands: [...(hands ?? [])],
    cautions: [...(cautions ?? [])],
  };
}
