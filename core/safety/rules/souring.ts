import { SOURED_SALT_PCT, SOURS_FROM_MIN } from '../figures/index.ts';
import type { Rule } from '../finding.ts';
import { minutesOf, outOfFridge, type LedgerDish } from '../ledger.ts';

/** A scale reads to the gram. */
const ROUNDING_PCT = 0.1;

/** Vegetables that sour at room heat lie in enough salt to keep off what spoils them. */
export const souring: Rule = {
  id: 'souring',
  title: 'rule.souring',
  source: 'source.souring',
  figures: { key: 'figures.souring', values: { least: String(SOURED_SALT_PCT) } },
  check: (meal) =>
    meal.dishes.filter(sours).flatMap((dish) =>
      dish.acts
        .filter((act) => act.verb === 'ferment' && outOfFridge(act))
        .filter((act) => minutesOf(act) >= SOURS_FROM_MIN)
        .flatMap((act) => {
          const pct = dish.mixtures.reduce((sum, { saltPct }) => sum + saltPct, 0);
          if (pct >= SOURED_SALT_PCT - ROUNDING_PCT) return [];
          return [
            {
              rule: 'souring',
              level: 'stop',
              dish: dish.id,
              step: act.id,
              message: {
                key: 'safety.souring',
                values: { dish: dish.name, pct: pct.toFixed(1), least: String(SOURED_SALT_PCT) },
              },
              source: 'source.souring',
              mends: [{ kind: 'fridge', step: act.id }],
            } as const,
          ];
        }),
    ),
};

/** A leaven ferments as well, and is baked; meat is the counter's rule. */
function sours({ mixtures, foods }: LedgerDish): boolean {
  return (
    foods.every(({ animal }) => animal === 'none') && !mixtures.some(({ makesFood }) => makesFood)
  );
}
