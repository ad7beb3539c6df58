import { describe, expect, it } from 'vitest';
import { applyCommand, emptyMeal } from '../meal/index.ts';
import { plan } from '../plan/index.ts';
import { at } from '../test/meals.ts';
import { draftDish, readRecipe } from './index.ts';

const dishOf = (list: string, method = 'Roast for 1 hour.') =>
  draftDish(readRecipe(`Dish\n${list}\n1 onion\n\n${method}`)).dish;
const foodOf = (list: string, method?: string) => {
  const [food] = dishOf(list, method).foods;
  const weightG = food?.share.kind === 'fixed' ? food.share.weightG : undefined;
  return { cut: food?.cut, weightG, pieces: food?.inPieces ?? 1, thicknessMm: food?.thicknessMm };
};

/** What stands in a text is read; what does not is common practice, no source. */
describe('how a food is cut', () => {
  it.each([
    // How thick it is, said with it.
    ['4 pork chops, 2.5 cm thick', 'pork-chop-bone-in', 1000, 4, 25],
    ['2 sirloin steaks, an inch thick', 'beef-steak', 500, 2, 25.4],
    ['1 chuletón de vaca de 1 kg, de dos dedos de grosor', 'beef-steak', 1000, 1, 36],
    ['4 rodajas de merluza de 3 cm (200 g cada una)', 'white-fish-fillet', 800, 4, 30],
    ['1 butterflied leg of lamb, 1.8 kg, about 4 cm thick', 'lamb-leg-boneless', 1800, 1, 40],
    ['2 entrecots de 300 g (3 cm)', 'beef-steak', 600, 2, 30],
    ['2 chicken breasts, halved horizontally', 'chicken-breast', 360, 4, 15],
    ['2 chicken breasts, butterflied', 'chicken-breast', 360, 2, 15],
    ['500 g beef mince, in 8 balls', 'beef-mince', 500, 8, undefined],
    ['1.5 kg beef shin, in large chunks', 'beef-shin', 1500, 43, undefined],
    // The form a butcher cuts it into, and what that is cut from.
    ['4 veal escalopes, about 120 g each', 'beef-steak', 480, 4, 6],
    ['4 filetes de pavo', 'turkey-breast', 720, 4, 20],
    ['600 g rib-eye, thinly sliced', 'beef-steak', 600, 30, 4],
    ['450 g turkey, cut into strips', 'turkey-breast', 450, 30, 10],
    ['4 mackerel fillets', 'mackerel-whole', 360, 4, 12],
    ['2 gammon steaks', 'ham-bone-in', 360, 2, 20],
    // What is sold as steaks, by the strip or whole is no form of something else.
    ['4 steaks', 'beef-steak', 1000, 4, undefined],
    ['2 strip steaks', 'beef-steak', 500, 2, undefined],
    ['1 leg of lamb', 'lamb-leg-bone-in', 2300, 1, undefined],
    // An animal that is sold whole and cut up.
    ['1 pollo troceado', 'chicken-thigh-bone-in', 1600, 8, undefined],
    ['1 chicken, about 4 lb, cut up', 'chicken-thigh-bone-in', 1814, 8, undefined],
    ['600 g boquerones', 'mackerel-whole', 600, 40, undefined],
    ['8 thin slices of topside', 'beef-topside', 960, 8, 8],
    ['800 g de cerdo en dados de 2,5 cm', 'pork-shoulder-boneless', 800, 51, undefined],
    // Cooked before.
    ['400 g cooked salmon', 'cooked-fish', 400, 1, undefined],
    ['2 kg de asado de tira', 'beef-short-ribs', 2000, 1, undefined],
    ['600 g part-cooked chicken', 'chicken-whole', 600, 1, undefined],
    ['12 sardinas', 'mackerel-whole', 720, 12, undefined],
  ])('“%s”', (line, cut, weightG, pieces, thicknessMm) => {
    expect(foodOf(line)).toEqual({ cut, weightG, pieces, thicknessMm });
  });

  it.each([
    ['4 chicken breasts', 'Pound the breasts to an even 1 cm. Grill 6 minutes.', 4, 10],
    ['500 g pork mince', 'Roll the meat into 20 balls. Fry for 8 minutes.', 20, undefined],
    ['900 g beef mince', 'Pack the mince into a loaf tin. Bake for 80 minutes.', 1, undefined],
    ['500 g beef mince', 'Form into 10 patties. Fry for 4 minutes.', 10, 12],
    ['600 g lamb mince', 'Shape into 12 koftas. Grill for 10 minutes.', 12, undefined],
    ['700 g lamb mince', 'Shape the mince round 8 skewers. Grill for 10 minutes.', 8, undefined],
    ['2 pork tenderloins, 400 g each, in 2 cm medallions', 'Fry for 6 minutes.', 10, 20],
    ['600 g beef mince', 'Make 8 balls. Press them flat and fry for 3 minutes.', 8, 8],
    // What is done to something else.
    ['1 kg beef shin', 'Slice the onion thinly. Braise for 3 hours.', 1, undefined],
    ['1 kg beef shin', 'Cut the onion into 3 cm chunks. Braise for 3 hours.', 1, undefined],
  ])('“%s”, by what is done to it: “%s”', (line, method, pieces, thicknessMm) => {
    const { pieces: found, thicknessMm: mm } = foodOf(line, method);
    expect([found, mm]).toEqual([pieces, thicknessMm]);
  });
});

describe('a pressure cooker', () => {
  it.each([
    ['Pressure cook for 40 minutes.', 'pressure-cooker'],
    ['Braise for 2 hours (45 minutes in a pressure cooker).', 'hob'],
  ])('is used where it is said, not where it may be: “%s”', (method, kind) => {
    const { steps } = dishOf('1 kg beef shin', method);
    expect(steps.map(({ place }) => place.kind)).toEqual([kind]);
  });
});

describe('what is fried', () => {
  it.each([
    ['Fry at 180 °C for 7 minutes.', 'deep-fryer', 180],
    ['Deep-fry for 3 minutes.', 'deep-fryer', 175],
    ['Fry in a frying pan for 8 minutes.', 'hob', undefined],
    ['Fry in butter for 8 minutes.', 'hob', undefined],
  ] as const)('lies in deep fat where that is said: “%s”', (method, kind, tempC) => {
    const place = dishOf('4 cod fillets', method).steps.find(({ verb }) => verb === 'fry')?.place;
    expect(place).toEqual(tempC === undefined ? { kind } : { kind, tempC });
  });

  it('in a pot on a ring, where the kitchen has no fryer', () => {
    const meal = applyCommand(emptyMeal('m', 'M', '2026-12-12T19:00', 'UTC', 'Kitchen'), {
      do: 'putDish',
      dish: dishOf('4 cod fillets', 'Fry at 180 °C for 7 minutes.'),
      own: [],
    });
    const hob = { id: 'hob', kind: 'hob' as const, name: 'Hob', fits: 4 };
    const made = plan(meal, { ...meal.kitchen, appliances: [hob] }, at('2026-12-12T08:00'));
    expect(made.status).toBe('fits');
    expect(made.steps.map(({ place, appliance }) => [place.kind, appliance])).toContainEqual([
      'hob',
      'hob',
    ]);
  });
});

describe('a weight within a name', () => {
  it.each([
    ['A nice 1.5 kg chicken', 'chicken', 1500],
    ['A 2-kilo piece of topside', 'topside', 2000],
    ['Two 400 g tins of tomatoes', 'tins of tomatoes', 800],
    ['a leg of lamb weighing roughly 2 kg', 'leg of lamb', 2000],
    ['un pollo de corral de kilo y medio', 'pollo de corral', 1500],
    ['2 steaks of 250 g each', 'steaks', 500],
    ['cuarto y mitad de carne picada', 'carne picada', 375],
  ])('is read: “%s”', (line, name, grams) => {
    const [first] = readRecipe(`Dish\n${line}\n1 onion\n\nRoast.`).ingredients;
    expect([first?.name, first?.grams]).toEqual([name, grams]);
  });

  it('and the cut, from the title, where the list has only the word', () => {
    const { ingredients } = readRecipe('Sunday rib of beef\nA 3 kg rib\n2 onions\n\nRoast.');
    expect(ingredients[0]).toMatchObject({ cut: 'beef-rib-roast-bone-in', guessed: true });
  });
});

describe('what a recipe does that is not safe', () => {
  it('keeps the frozen meat that nobody thaws frozen until its fire', () => {
    const { steps } = dishOf('1.5 kg frozen beef chuck roast', 'Slow cook on low for 8 hours.');
    expect(steps[0]?.place.kind).toBe('freezer');
    const thawed = dishOf('1.5 kg frozen beef chuck roast, thawed', 'Braise for 3 hours.');
    expect(thawed.steps[0]?.place.kind).not.toBe('freezer');
  });

  it.each([
    ['Grill 20 minutes. Pour the marinade over and serve.', 'serve'],
    ['Grill 20 minutes. Pour over the marinade. Simmer for 5 minutes.', 'simmer'],
  ])('puts a marinade on what was cooked where it says so: “%s”', (method, verb) => {
    const { steps, mixtures } = dishOf(
      '1 kg chicken thighs\nMarinade: 100 ml soy, 2 tbsp honey',
      `Marinate overnight. ${method}`,
    );
    const used = steps.filter((step) => step.mixtures?.includes(mixtures[0]?.id ?? '?'));
    expect(used.map((step) => step.verb)).toEqual([verb]);
  });

  it('but not where it is thrown away', () => {
    const { steps } = dishOf(
      '1 kg chicken thighs\nMarinade: 100 ml soy, 2 tbsp honey',
      'Marinate overnight. Grill 20 minutes. Discard the marinade.',
    );
    expect(steps.filter((step) => step.mixtures !== undefined)).toEqual([]);
  });

  it.each([
    ['Pressure cook for 30 minutes.', 0],
    ['Slow cook on low for 8 hours.', 1],
  ])('boils kidney beans hard, or says so: “%s”', (method, stops) => {
    const base = emptyMeal('m', 'M', '2026-12-12T19:00', 'UTC', 'Kitchen');
    const dish = dishOf('300 g dried kidney beans', `Soak overnight. ${method}`);
    const meal = applyCommand(base, { do: 'putDish', dish, own: [] });
    const { findings } = plan(meal, meal.kitchen, at('2026-12-11T08:00'), { rescues: false });
    expect(findings.filter(({ rule, level }) => rule === 'beans' && level === 'stop')).toHaveLength(
      stops,
    );
  });

  it.each(['Deep fry', 'Shallow fry', 'Pan fry', 'Stir fry', 'Dry fry'])(
    '“%s” is fried, though it stands in two words',
    (said) => {
      expect(dishOf('500 g pork strips', `${said} for 4 minutes.`).steps[0]?.verb).toBe('fry');
    },
  );

  it('keeps a dish as long as the recipe says, and a frozen one as long as it likes', () => {
    const kept = (said: string) => dishOf('1 kg pork belly', `Simmer 2 hours. ${said}`).keepsDays;
    expect(kept('Pot under fat; it keeps 6 months in the larder.')).toBe(180);
    expect(kept('It keeps 3 months in the freezer.')).toBeUndefined();
  });

  it.each([
    ['60 g salt', 'Cure in the fridge for 6 hours.', 'dry brine'],
    ['60 g salt\n1 kg water', 'Brine in the fridge for 6 hours.', 'wet brine'],
    ['60 g salt', 'Brine in the salt and a litre of water for 6 hours.', 'wet brine'],
    ['60 g salt', 'Cure for 6 hours. Rinse the salt off under cold water.', 'dry brine'],
  ])('lies in a brine that is wet only with water: %s, %s', (salt, method, kind) => {
    const { dish } = draftDish(readRecipe(`Loin\n1 kg pork loin\n${salt}\n\n${method}`));
    expect(dish.mixtures[0]?.kind).toBe(kind);
  });

  it.each([
    ['Scatter with ginger and steam for 12 minutes.', undefined],
    ['Steam the broccoli for 4 minutes.', []],
  ])('is steamed itself, or what is named is: %s', (method, foods) => {
    const { dish } = draftDish(
      readRecipe(
        `Bass\n4 cod fillets\n20 g ginger\n200 g broccoli\n\nGrill for 8 minutes. ${method}`,
      ),
    );
    expect(dish.steps.find(({ verb }) => verb === 'steam')?.foods).toEqual(foods);
  });

  it('keeps an oil as long as the recipe says', () => {
    const { dish } = draftDish(
      readRecipe(
        'Oil\n3 heads of garlic\n300 ml olive oil\n\nSimmer 40 minutes. It keeps a month.',
      ),
    );
    expect(dish.mixtures[0]?.keepsDays).toBe(30);
  });
});
