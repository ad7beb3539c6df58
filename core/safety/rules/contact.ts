import { BRUSHED_ON_FIRE_MIN } from '../figures/index.ts';
import type { Rule } from '../finding.ts';
import type { WatchedAct } from '../watched.ts';

/** What is put on food that is, or will be, cooked through. */
const PUTS_ON = new Set(['glaze', 'baste', 'serve', 'slice', 'shred']);

/**
 * What has touched raw food reaches nothing cooked except through a full boil. A part kept clean
 * from the start is clean.
 */
export const contact: Rule = {
  id: 'contact',
  title: 'rule.contact',
  source: 'source.fsisMarinating',
  figures: { key: 'figures.contact' },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      const touched = dish.mixtures.filter((one) => one.touchesRaw && !one.keptClean);
      return touched.flatMap(({ id, name }) => {
        const soaked = dish.acts.findIndex(
          ({ verb, mixtures }) => SOAKS.has(verb) && mixtures.includes(id),
        );
        return dish.acts.flatMap((act, i) => {
          const late = soaked === -1 || i > soaked;
          if (!late || !putsOn(act) || !act.mixtures.includes(id)) return [];
          const boiled = dish.acts
            .slice(0, i)
            .some((one) => boils(one) && one.mixtures.includes(id));
          if (boiled || isCookedOn(act)) return [];
          return [
            {
              rule: 'contact',
              level: 'stop',
              dish: dish.id,
              step: act.id,
              message: { key: 'safety.contact', values: { mixture: name } },
              source: 'source.fsisMarinating',
              mends: [{ kind: 'boilBefore', step: act.id, mixture: id }],
            } as const,
          ];
        });
      });
    }),
};

function isCookedOn({ verb, thenFiredMin }: WatchedAct): boolean {
  return (verb === 'glaze' || verb === 'baste') && thenFiredMin >= BRUSHED_ON_FIRE_MIN;
}

/** A sauce that is reduced boils all the while. */
function boils({ verb }: WatchedAct): boolean {
  return verb === 'boil' || verb === 'reduce';
}

const SOAKS = new Set(['marinate', 'brine', 'mix']);

function putsOn({ verb, afterFire }: WatchedAct): boolean {
  return PUTS_ON.has(verb) && (afterFire || verb === 'glaze' || verb === 'baste');
}
