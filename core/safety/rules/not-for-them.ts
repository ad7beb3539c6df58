import { EGG_CORE_C } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import type { WatchedDish } from '../watched.ts';

/** What of a meal is not for children, the pregnant, the old and the ill: egg that stays raw. */
export const notForThem: Rule = {
  id: 'notForThem',
  title: 'rule.notForThem',
  source: 'source.fsisEggs',
  figures: { key: 'figures.notForThem' },
  check: (meal) => {
    if (!meal.children && !meal.frail) return [];
    return meal.dishes.flatMap((dish) => [
      ...dish.mixtures
        .filter(({ rawEgg }) => rawEgg)
        .map(({ name }) => found(dish.id, 'safety.rawEgg', name)),
      ...softEggs(dish),
    ]);
  },
};

/** An egg in its shell that is taken off before it is firm. */
function softEggs(dish: WatchedDish): SafetyFinding[] {
  const egg = dish.foods.find((food) => food.egg);
  if (!egg) return [];
  return dish.acts
    .filter(({ last, coreC }) => last && coreC !== undefined && coreC < EGG_CORE_C - 0.5)
    .map(({ id }) => ({
      ...found(dish.id, 'safety.softEgg', egg.name),
      step: id,
      mends: [{ kind: 'core', step: id, coreC: 77 }],
    }));
}

function found(
  dish: string,
  key: 'safety.rawEgg' | 'safety.softEgg',
  mixture: string,
): SafetyFinding {
  return {
    rule: 'notForThem',
    level: 'caution',
    dish,
    message: { key, values: { mixture } },
    source: 'source.fsisEggs',
    mends: [],
  };
}
