import type { Rule } from '../finding.ts';
import { minutesOf, outOfFridge, type WatchedDish } from '../watched.ts';

/**
 * Salt over all else that lies together, %. Source: National Center for Home Food Preservation, fermented
 * vegetables, from memory; kitchen convention of 2 to 5 % with confidence 0.85.
 */
const LEAST_SALT_PCT = 2;
/** A scale reads to the gram. */
const ROUNDING_PCT = 0.1;
/** Under a day nothing sours. Our own line, no source. */
const SOURS_MIN = 24 * 60;

/** Vegetables that sour at room heat lie in enough salt to keep off what spoils them. */
export const souring: Rule = {
  id: 'souring',
  source: 'source.souring',
  figures: { key: 'figures.souring', values: { least: String(LEAST_SALT_PCT) } },
  check: (meal) =>
    meal.dishes.filter(sours).flatMap((dish) =>
      dish.acts
        .filter((act) => act.verb === 'ferment' && outOfFridge(act))
        .filter((act) => minutesOf(act) >= SOURS_MIN)
        .flatMap((act) => {
          const pct = dish.mixtures.reduce((sum, { saltPct }) => sum + saltPct, 0);
          if (pct >= LEAST_SALT_PCT - ROUNDING_PCT) return [];
          return [
            {
              rule: 'souring',
              level: 'stop',
              dish: dish.id,
              step: act.id,
              message: {
                key: 'safety.souring',
                values: { dish: dish.name, pct: pct.toFixed(1), least: String(LEAST_SALT_PCT) },
              },
              source: 'source.souring',
              mends: [{ kind: 'fridge', step: act.id }],
            } as const,
          ];
        }),
    ),
};

/** A leaven ferments as well, and is baked; meat is the counter's rule. */
function sours({ mixtures, foods }: WatchedDish): boolean {
  return (
    foods.every(({ animal }) => animal === 'none') && !mixtures.some(({ makesFood }) => makesFood)
  );
}
