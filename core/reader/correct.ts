import { soaks } from '../batch/index.ts';
import type { Dish, Step, StepTime } from '../meal/index.ts';
import type { SpoonSystem } from '../quantity/index.ts';
import { readIngredientLine, type ReadIngredient } from './ingredient-line.ts';
import type { ReadRecipe } from './read.ts';
import { USUAL_MIN } from './step-of-act.ts';

/**
 * An ingredient as the cook writes it anew beside the recipe, in the recipe's own language and
 * spoons. Undefined for a line that names nothing.
 */
export function correctedIngredient(
  { language }: Pick<ReadRecipe, 'language'>,
  line: string,
  mixture: string | undefined,
  spoons: SpoonSystem,
): ReadIngredient | undefined {
  return readIngredientLine(
    line,
    language === 'es' && spoons === 'us' ? 'metric' : spoons,
    mixture,
  );
}

/** What a mixture of a recipe may be called, besides those it names. */
export const USUAL_MIXTURES = ['Marinade', 'Brine', 'Rub', 'Sauce', 'Glaze', 'Dough', 'Pickle'];

/** The mixtures ingredients may belong to: those the recipe names first. */
export function mixtureNames(ingredients: readonly ReadIngredient[]): string[] {
  const named = ingredients.flatMap(({ mixture }) => mixture ?? []);
  return [...new Set([...named, ...USUAL_MIXTURES])];
}

/**
 * A chain the cook has mended, with the foods and mixtures of a draft made anew: its steps speak of
 * those that stand where theirs stood. A step whose own is gone takes its usual time.
 *
 * @param before the draft the chain was mended from
 */
export function redrafted(mended: Dish, before: Dish, after: Dish): Dish {
  const foods = standIns(before.foods, after.foods);
  const mixtures = standIns(before.mixtures, after.mixtures);
  const soaking = standIns(before.mixtures, after.mixtures.filter(soaks));
  const boiling = standIns(
    before.mixtures,
    after.mixtures.filter(({ boiled }) => boiled === true),
  );
  const fitting = { soak: soaking, cooling: boiling } as const;
  return {
    ...mended,
    foods: after.foods,
    mixtures: after.mixtures,
    steps: mended.steps.map(({ foods: worked, ...step }): Step => {
      const own = worked?.flatMap((id) => foods.get(id) ?? []);
      const named = step.mixtures?.flatMap((id) => mixtures.get(id) ?? []);
      const { kind } = step.time;
      const time = timeWith(
        step,
        foods,
        kind === 'soak' || kind === 'cooling' ? fitting[kind] : mixtures,
      );
      return {
        ...step,
        time,
        ...(named && { mixtures: named }),
        // Where all it worked on are gone, its words tell again.
        ...(own && (own.length > 0 || worked?.length === 0) && { foods: own }),
      };
    }),
  };
}

/** By id where it is still there, else by its place. */
function standIns(
  before: ReadonlyArray<{ readonly id: string }>,
  after: ReadonlyArray<{ readonly id: string }>,
): Map<string, string> {
  const there = new Set(after.map(({ id }) => id));
  const found = new Map(after.map(({ id }) => [id, id]));
  before.forEach(({ id }, i) => {
    const now = there.has(id) ? id : after[i]?.id;
    if (now !== undefined) found.set(id, now);
  });
  return found;
}

function timeWith(
  { time, verb }: Step,
  foods: ReadonlyMap<string, string>,
  mixtures: ReadonlyMap<string, string>,
): StepTime {
  if ('food' in time) {
    const food = foods.get(time.food);
    return food === undefined ? usual(verb) : { ...time, food };
  }
  if ('mixture' in time && time.mixture !== undefined) {
    const mixture = mixtures.get(time.mixture);
    return mixture === undefined ? usual(verb) : { ...time, mixture };
  }
  return time;
}

function usual(verb: Step['verb']): StepTime {
  const minutes = USUAL_MIN[verb];
  return verb === 'marinate' || verb === 'brine'
    ? { kind: 'elastic', leastMin: 60, bestMin: minutes, longestMin: 2 * minutes }
    : { kind: 'fixed', minutes };
}
