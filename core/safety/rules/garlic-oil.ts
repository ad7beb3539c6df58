import { ROOM_LIMIT_MIN } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import { minutesOf, outOfFridge, type LedgerDish, type LedgerMixture } from '../ledger.ts';

/** Days that garlic or herbs in oil keep cold. Source: public guidance on botulism; from memory. */
const MOST_DAYS = 4;

/** Garlic and herbs in oil: cold, and for days only. */
export const garlicOil: Rule = {
  id: 'garlicOil',
  title: 'rule.garlicOil',
  source: 'source.botulism',
  figures: { key: 'figures.garlicOil', values: { days: String(MOST_DAYS) } },
  check: (meal) =>
    meal.dishes.flatMap((dish) =>
      dish.mixtures
        .filter(({ garlicInOil }) => garlicInOil)
        .flatMap((mixture) => [...tooLong(dish, mixture), ...tooWarm(dish, mixture)]),
    ),
};

function tooLong(dish: LedgerDish, { id, name, keepsDays }: LedgerMixture): SafetyFinding[] {
  if (keepsDays === undefined || keepsDays <= MOST_DAYS) return [];
  return [
    {
      rule: 'garlicOil',
      level: 'stop',
      dish: dish.id,
      message: {
        key: 'safety.garlicOil',
        values: { mixture: name, days: String(keepsDays), most: String(MOST_DAYS) },
      },
      source: 'source.botulism',
      mends: [{ kind: 'keeps', mixture: id, days: MOST_DAYS }],
    },
  ];
}

/** It draws on the counter, away from any fire. */
function tooWarm(dish: LedgerDish, { id, name }: LedgerMixture): SafetyFinding[] {
  return dish.acts
    .filter((act) => act.mixtures.includes(id) && outOfFridge(act))
    .filter((act) => minutesOf(act) > ROOM_LIMIT_MIN)
    .map((act) => ({
      rule: 'garlicOil',
      level: 'stop',
      dish: dish.id,
      step: act.id,
      message: {
        key: 'safety.garlicOilWarm',
        values: { mixture: name, minutes: { minutes: minutesOf(act) } },
      },
      source: 'source.botulism',
      mends: [{ kind: 'fridge', step: act.id }],
    }));
}
