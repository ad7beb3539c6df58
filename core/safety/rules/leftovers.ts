import { THROWN_AFTER_MIN } from '../figures/index.ts';
import { ROOM_LIMIT_MIN } from '../figures/index.ts';
import { KEEPING, type Keeping } from '../figures/index.ts';
import type { Rule } from '../finding.ts';
import type { LedgerDish } from '../ledger.ts';

/** What is left over: cold soon, and for days only. */
export const leftovers: Rule = {
  id: 'leftovers',
  title: 'rule.leftovers',
  source: 'source.storage',
  figures: {
    key: 'figures.leftovers',
    values: {
      meat: String(KEEPING.cookedMeat.fridgeDays[0]),
      rice: String(KEEPING.cookedRice.fridgeDays[0]),
      thrown: { minutes: THROWN_AFTER_MIN },
    },
  },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      const kept = keepingOf(dish);
      if (!kept) return [];
      return [
        {
          rule: 'leftovers',
          level: 'note',
          dish: dish.id,
          message: {
            key: kept.freezerMonths ? 'safety.leftovers' : 'safety.leftoversCold',
            values: {
              dish: dish.name,
              days: String(kept.fridgeDays[0]),
              by: { at: dish.tableMin + ROOM_LIMIT_MIN },
              ...(kept.freezerMonths && { months: String(kept.freezerMonths[0]) }),
            },
          },
          source: 'source.storage',
          mends: [],
        } as const,
      ];
    }),
};

/** By the strictest of what is in it. */
function keepingOf({ foods, acts }: LedgerDish): Keeping | undefined {
  if (foods.some(({ grain }) => grain)) return KEEPING.cookedRice;
  if (!foods.some(({ animal }) => animal !== 'none')) {
    return foods.some(({ eggDish }) => eggDish) ? KEEPING.custards : undefined;
  }
  return acts.some(({ verb }) => verb === 'braise' || verb === 'simmer')
    ? KEEPING.stews
    : KEEPING.cookedMeat;
}
