import { isFreeOfParasites } from '../free-of-parasites.ts';
import { FISH_PARASITES_C, FISH_FROZEN } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import type { LedgerDish, LedgerFood } from '../ledger.ts';

/** Fish that is eaten less than cooked through has been frozen hard first. */
export const fish: Rule = {
  id: 'fish',
  title: 'rule.fish',
  source: 'source.foodCodeFish',
  figures: {
    key: 'figures.fish',
    values: {
      tempC: { tempC: FISH_PARASITES_C },
      cold: { tempC: FISH_FROZEN.cold.tempC },
      days: String(FISH_FROZEN.cold.hours / 24),
      coldest: { tempC: FISH_FROZEN.coldest.tempC },
      hours: String(FISH_FROZEN.coldest.hours),
    },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      const one = dish.foods.find(
        (food) => food.animal === 'fish' && !food.ready && !isFreeOfParasites(food),
      );
      if (!one) return [];
      if (one.fires.length === 0) return eatenRaw(dish, one);
      return dish.acts.flatMap((act) => {
        if (!act.last || act.coreC === undefined || act.coreC >= FISH_PARASITES_C) return [];
        return [
          {
            rule: 'fish',
            level: 'caution',
            dish: dish.id,
            step: act.id,
            message: { key: 'safety.fishFrozen', values: { food: one.name } },
            source: 'source.foodCodeFish',
            mends: [
              { kind: 'frozen', food: one.id },
              { kind: 'farmed', food: one.id },
            ],
          } as const,
        ];
      });
    }),
};

/** Cured or soured, and never cooked: neither kills the worms in it. */
function eatenRaw({ id, acts }: LedgerDish, food: LedgerFood): SafetyFinding[] {
  const at = food.spans.findLast(({ step }) => step !== undefined)?.step ?? acts.at(-1)?.id;
  return [
    {
      rule: 'fish',
      level: 'caution',
      dish: id,
      step: at,
      message: { key: 'safety.fishRaw', values: { food: food.name } },
      source: 'source.foodCodeFish',
      mends: [
        { kind: 'frozen', food: food.id },
        { kind: 'farmed', food: food.id },
      ],
    },
  ];
}
