import { sortReadings } from '../heat/index.ts';
import { cutOf, foodsByStep, isAside } from '../meal/index.ts';
import { leastCoreC } from '../safety/index.ts';
import { FIRE_VERBS } from '../terms/index.ts';
import { measuredBy } from './probes.ts';
import type { RunState } from './state.ts';

/** Food that guidance wants a least core of, and nobody has measured yet. */
export interface Unmeasured {
  /** Its last step over a fire. */
  readonly step: string;
  readonly food: { readonly id: string; readonly name: string };
  readonly leastC: number;
}

/**
 * What is over its last fire and has not been seen to come to its least core: by a reading while it
 * lay there or after, by the cook's word of one, or by the cook's own words for serving it as it is.
 * A probe that nobody said the food of is in the heaviest of those its step works on: another cut
 * beside it is measured too.
 * What stews for hours in liquid and is pulled apart is measured by the fork, and is left out.
 *
 * @param only the dishes of a first serving, by id; left out, all
 */
export function unmeasuredOf(state: RunState, only?: readonly string[]): Unmeasured[] {
  const { meal, ended, begun, confirmed } = state;
  const asked = meal.dishes.filter(({ id }) => only === undefined || only.includes(id));
  return asked.flatMap((dish) => {
    const byStep = foodsByStep(meal, dish);
    const isMeasured = (at: string, said: string | undefined, food: string) => {
      const step = dish.steps.find((one) => one.id === at);
      return step !== undefined && measuredBy(state, dish, step, said).has(food);
    };
    return dish.foods.flatMap((food): Unmeasured[] => {
      const { id, name } = food;
      const cut = cutOf(meal, food);
      const leastC = cut && leastCoreC(cut);
      if (leastC === undefined) return [];
      const fires = dish.steps.filter(
        (step) =>
          FIRE_VERBS.has(step.verb) &&
          !isAside(dish, step) &&
          byStep.get(step.id)?.includes(food.id),
      );
      const last = fires.at(-1);
      if (!last || !begun.has(last.id) || fires.some((step) => isTender(step))) return [];
      // The last word on it counts: what was typed before may have been a slip.
      const known = (confirmed.get(last.id) ?? []).findLast(
        ({ food: of }) => of === undefined || isMeasured(last.id, of, id),
      );
      if (known && (known.words !== undefined || (known.coreC ?? 0) >= leastC)) return [];
      const ids = new Set(fires.map((fire) => fire.id));
      const from = begun.get(fires[0]?.id ?? '') ?? Infinity;
      const hot = [...state.probes].some(
        ([probe, step]) =>
          ids.has(step) &&
          isMeasured(step, state.probedFood.get(probe), food.id) &&
          // A probe that slipped to where it is hotter has measured nothing.
          sortReadings(state.readings.get(probe) ?? []).trusted.some(
            ({ minute, coreC }) => minute >= from && coreC >= leastC,
          ),
      );
      // While it is still over the fire there is time to measure.
      return hot || !ended.has(last.id) ? [] : [{ step: last.id, food: { id, name }, leastC }];
    });
  });
}

/** Cooked until it is tender: far beyond any least core. */
function isTender({ time }: RunState['meal']['dishes'][number]['steps'][number]): boolean {
  return time.kind === 'heat' && 'tender' in time.until;
}
