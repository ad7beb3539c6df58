import { describe, expect, it } from 'vitest';
import { audit, plan } from '../plan/index.ts';
import { applyCommand, emptyMeal, mealOf, takenIds, type Kitchen } from '../meal/index.ts';
import { corpus } from '../test/corpus.ts';
import { APPLIANCES_OF_RECIPES } from '../test/kitchen-of-recipes.ts';
import { at } from '../test/meals.ts';
import ORDINARY from '../test/recipes/ordinary.json' with { type: 'json' };
import { draftDish, readRecipe } from './index.ts';

const NOW = at('2026-11-24T08:00');
const SERVING = '2026-12-12T19:00';

/** A kitchen that has what recipes ask for, its cook asleep at night. */
const KITCHEN: Pick<Kitchen, 'appliances' | 'hours'> = {
  appliances: APPLIANCES_OF_RECIPES,
  hours: [{ kind: 'asleep', from: '23:00', to: '07:00', days: [1, 2, 3, 4, 5, 6, 7] }],
};

/**
 * What is rightly stopped though the recipe names no core: two minutes a side leave a steak rare;
 * a rack is coated for half an hour between two fires; a brisket lies six days in its brine.
 */
const RIGHTLY: ReadonlySet<string> = new Set([
  'Quick citrus steaks',
  'Herb-crusted rack of lamb',
  'Corned brisket',
]);

/** And dishes as people write them down, of which only the plan was judged. */
const TEXTS = [...corpus(), ...ORDINARY].map((one) => [one.name, one] as const);

/** Nearly twelve hours from lighting the smoker: nobody asleep until seven serves it at seven. */
const BEFORE_DAWN = 'Brisket, in notes';

describe('a pasted recipe', () => {
  it.each(TEXTS)('is planned as a cook would cook it: “%s”', (name, { text }) => {
    const base = emptyMeal('m', 'M', SERVING, 'UTC', 'Kitchen');
    const empty = { ...base, kitchen: { ...base.kitchen, ...KITCHEN } };
    const { dish, own } = draftDish(readRecipe(text), takenIds(empty));
    const put = applyCommand(empty, { do: 'putDish', dish, own });
    const meal = mealOf(JSON.parse(JSON.stringify(put)), NOW);
    if (name === BEFORE_DAWN) {
      const { status, rescues } = plan(meal, meal.kitchen, NOW);
      expect(status).toBe('cannot');
      expect(rescues.map(({ text: said }) => said.key)).toContain('rescue.upEarlier');
      return;
    }
    const made = plan(meal, meal.kitchen, NOW, { rescues: false });
    expect(made.status).not.toBe('cannot');
    expect(audit(made, meal, meal.kitchen)).toEqual([]);
    const asked = new Set(
      dish.steps.flatMap(({ id, doneWhen }) => (doneWhen?.coreC === undefined ? [] : [id])),
    );
    // A core the recipe asks for may be below guidance, and that is said.
    const stops = made.findings.filter(
      ({ level, step }) => level === 'stop' && !asked.has(step ?? ''),
    );
    if (!RIGHTLY.has(name)) expect(stops.map(({ message }) => message)).toEqual([]);
  });
});
