import { isNamed } from '../../pantry/index.ts';
import { CORE_ROUNDING_C, POULTRY_CORE_C } from '../figures/index.ts';
import type { Rule } from '../finding.ts';

/** What a bird or a joint is stuffed with is in the middle: it reaches 74 °C as well. */
export const stuffing: Rule = {
  id: 'stuffing',
  title: 'rule.stuffing',
  source: 'source.fsisChart',
  figures: { key: 'figures.stuffing', values: { tempC: { tempC: POULTRY_CORE_C } } },
  check: (meal) =>
    meal.dishes.flatMap((dish) => {
      const meat = dish.foods.find(({ animal }) => animal !== 'none');
      const said = [
        ...dish.foods.map(({ name, cut = '' }) => `${name} ${cut}`),
        ...dish.mixtures.map(({ name }) => name),
        ...dish.acts.map(({ label }) => label),
      ];
      const fire = dish.acts.find(({ last }) => last);
      const isStuffed =
        dish.foods.some(({ stuffed }) => stuffed) || said.some((text) => isNamed('stuffing', text));
      if (!meat || !isStuffed) return [];
      const { coreC } = fire ?? {};
      // In a bird the middle that is probed is the stuffing's.
      const short =
        meat.animal === 'poultry' &&
        coreC !== undefined &&
        coreC < POULTRY_CORE_C - CORE_ROUNDING_C;
      return [
        {
          rule: 'stuffing',
          level: short ? 'stop' : 'caution',
          dish: dish.id,
          step: fire?.id,
          message: { key: 'safety.stuffing', values: { tempC: { tempC: POULTRY_CORE_C } } },
          source: 'source.fsisChart',
          mends:
            short && fire
              ? [{ kind: 'core', step: fire.id, coreC: Math.ceil(POULTRY_CORE_C) }]
              : [],
        } as const,
      ];
    }),
};
