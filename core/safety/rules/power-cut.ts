import { POWER_NOTE_FROM_MIN } from '../figures/index.ts';
import { POWER_OUT_H } from '../figures/index.ts';
import type { Rule } from '../finding.ts';
import { minutesOf, rawFoods } from '../ledger.ts';

/** What to do when the power fails while raw food lies cold. */
export const powerCut: Rule = {
  id: 'powerCut',
  title: 'rule.powerCut',
  source: 'source.storage',
  figures: { key: 'figures.powerCut', values: { hours: String(POWER_OUT_H.fridge) } },
  check: (meal) => {
    for (const dish of meal.dishes) {
      if (rawFoods(dish).length === 0) continue;
      const lies = dish.acts.find(
        (act) => act.place === 'fridge' && minutesOf(act) > POWER_NOTE_FROM_MIN,
      );
      if (!lies) continue;
      return [
        {
          rule: 'powerCut',
          level: 'note',
          dish: dish.id,
          message: { key: 'safety.powerCut', values: { hours: String(POWER_OUT_H.fridge) } },
          source: 'source.storage',
          mends: [],
        },
      ];
    }
    return [];
  },
};
