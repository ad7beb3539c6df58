import { describe, expect, it } from 'vitest';
import { freshWithinMin, type Dish } from '../meal/index.ts';
import { draftDish, readRecipe } from './index.ts';

/** A dish as it is drafted, without the fires that are lit though nobody says so. */
function drafted(text: string): Dish {
  const { dish } = draftDish(readRecipe(text));
  const fires = new Set(
    dish.steps.filter(({ verb }) => verb === 'preheat' || verb === 'light').map(({ id }) => id),
  );
  const steps = dish.steps
    .filter(({ id }) => !fires.has(id))
    .map((step) => ({ ...step, after: step.after.filter((gap) => !fires.has(gap.step)) }));
  return { ...dish, steps };
}
const mixtures = (text: string) =>
  drafted(text).mixtures.map(({ kind, lines }) => [kind, ...lines.map(({ name }) => name)]);

describe('a list without headings', () => {
  const belly =
    'Belly\n\n1.8 kg pork belly\n2 tsp fennel seeds\n1 tbsp sea salt\n3 onions\n500 ml dry cider\n\n';

  it('is parted where the method names something only after the soak', () => {
    const method =
      'The day before, rub the salt and fennel into the skin and refrigerate overnight. Roast on the onions at 230°C for 30 minutes. Pour the cider around and roast 2 hours at 160°C.';
    expect(mixtures(belly + method)).toEqual([
      ['dry brine', 'fennel seeds', 'sea salt'],
      ['sauce', 'onions', 'dry cider'],
    ]);
    // From one evening until the next afternoon.
    const [brine] = drafted(belly + method).mixtures;
    expect(brine?.window).toEqual({ leastMin: 480, bestMin: 840, longestMin: 1440 });
  });

  it('is one where everything goes in', () => {
    const method =
      'Mix everything and marinate the pork overnight. Roast with the onions for 2 hours.';
    expect(mixtures(belly + method)).toHaveLength(1);
  });
});

it('a labelled brine is a mixture, and not another soak', () => {
  const chicken =
    '1 whole chicken, 1.7 kg\n1 can lager\nBrine: 2 l water, 120 g salt, 60 g sugar\n\n';
  const method = 'Submerge the chicken and refrigerate for 4 hours. Roast at 180°C for 80 minutes.';
  const { steps } = drafted(`Chicken\n\n${chicken}${method}`);
  expect(steps.map(({ verb }) => verb)).toEqual(['brine', 'roast']);
});

it('a cure on the boil has no meat in it, and the legs lie in it afterwards', () => {
  const list = '4 turkey legs, about 600g each\nCure: 3L water, 150g salt, 100g brown sugar\n';
  const { steps } = drafted(
    `Legs\n${list}- Simmer the cure 5 min, chill completely\n- Legs in, weighted, 36 hours in the fridge\n- Smoke at 110C to 77C`,
  );
  expect(steps.map(({ verb, foods }) => [verb, foods?.length])).toEqual([
    ['simmer', 0],
    ['chill', 0],
    ['brine', undefined],
    ['smoke', undefined],
  ]);
});

it('what was browned is in the pot that simmers long, whatever was stirred in', () => {
  const { steps } = drafted(
    'Coq\n\n1 chicken (2 kg), cut into 8\n250 g button mushrooms\n2 tbsp flour\n1 bottle red wine\n\nBrown the chicken for 15 minutes.\nStir in the flour, cook 2 minutes, pour in the wine. Simmer, covered, for 75 minutes.\nMeanwhile fry the mushrooms for 10 minutes.',
  );
  expect(steps.find(({ verb }) => verb === 'simmer')?.foods).toEqual(['chicken']);
});

it('what is added to the pot joins what is in there', () => {
  const { steps } = drafted(
    'Rabbit\n\n1 rabbit, jointed\n250 g button mushrooms\n300 ml wine\n\nBrown the rabbit for 10 minutes. Add the mushrooms and the wine and braise for 1 hour.',
  );
  expect(steps.find(({ verb }) => verb === 'braise')?.foods?.length).toBe(2);
});

it('what was done apart comes together, and waits for all of it', () => {
  const { steps } = drafted(
    'Beans\n\n400 g dried haricot beans\n4 duck legs\n6 pork sausages\n\nSimmer the beans for 1 hour. Meanwhile roast the duck legs at 170 °C for 90 minutes. Brown the sausages for 10 min. Layer everything in a deep dish and bake at 150 °C for 2 hours.',
  );
  const [bake] = steps.filter(({ verb }) => verb === 'bake');
  expect(bake?.foods).toEqual(['duck-legs', 'pork-sausages']);
  const before = steps.filter(({ id }) => bake?.after.some(({ step }) => step === id));
  expect(before.map(({ verb }) => verb)).toEqual(['simmer', 'roast', 'brown']);
});

it('what was chilled meanwhile goes on after it, in the same paragraph', () => {
  const { steps } = drafted(
    'Balls\n\n500 g beef mince\n300 g pork mince\n1 onion\n\nWork everything together, shape into 24 balls and chill half an hour. Meanwhile sweat the onion 10 minutes. Brown the meatballs, 6 minutes. Drop them in the sauce and simmer for 25 minutes.',
  );
  const [brown, simmer] = steps.slice(-2);
  expect([brown?.foods, simmer?.foods]).toEqual(Array(2).fill(['beef-mince', 'pork-mince']));
  const before = steps.filter(({ id }) => brown?.after.some(({ step }) => step === id));
  expect(before.map(({ verb }) => verb)).toEqual(['chill', 'fry']);
});

it('what is flaked and shaped is all there is by then', () => {
  const { steps } = drafted(
    'Cakes\n\n400 g smoked haddock\n500 g potatoes\n\nPoach the fish for 8 minutes. Boil the potatoes, 20 minutes. Flake, mix and season, form 8 cakes. Chill them an hour.',
  );
  expect(steps.slice(-2).map(({ verb, foods }) => [verb, foods])).toEqual([
    ['shape', ['smoked-haddock', 'potatoes']],
    ['chill', ['smoked-haddock', 'potatoes']],
  ]);
});

it('what lies for hours in a slow oven shares its heat, and what is quick or barely warm does not', () => {
  const { steps } = drafted(
    'Plates\n\n1 kg lamb shoulder\n\nBraise for 3 hours at 150 °C in the oven. Roast 20 minutes at 160 °C.',
  );
  expect(steps.map(({ place }) => [place.fromC, place.tempC, place.toC])).toEqual([
    [140, 150, 160],
    [undefined, 160, undefined],
  ]);
  const { steps: barely } = drafted('Plate\n\n1 kg lamb shoulder\n\nRoast for 5 hours at 90 °C.');
  expect(barely[0]?.place.fromC).toBeUndefined();
});

it('vegetables that are cut wait for their fire, and browned meat for its onions', () => {
  const gaps = (text: string) => drafted(text).steps.map(({ after }) => after[0]?.mostMin);
  expect(gaps('Soup\n\n1 cauliflower\n\nTrim the cauliflower. Simmer for 20 minutes.')).toEqual([
    undefined,
    120,
  ]);
  const stew = 'Stew\n\n1 kg beef chuck, cubed\n\nBrown for 10 minutes. Simmer for 2 hours.';
  expect(gaps(stew)).toEqual([undefined, 15]);
  // A steak waits for nothing.
  const steak = 'Steak\n\n2 sirloin steaks\n\nSear for 2 minutes. Roast for 5 minutes at 200 °C.';
  expect(gaps(steak)).toEqual([undefined, 5]);
});

it('a dip is whisked while the oven works, and stands longer than what it goes with', () => {
  const { steps, ...dish } = drafted(
    'Head\n\n1 cauliflower\n100 g tahini\n\nRoast for 60 minutes at 200 °C. Whisk the tahini with water.',
  );
  const [roast, mix] = steps;
  expect(mix?.after).toEqual([]);
  const within = [roast, mix].map((step) => step && freshWithinMin({ steps, ...dish }, step));
  expect(within).toEqual([dish.readyWithinMin, 120]);
});

it('what stands alone above the list is a name, though it begins like an ingredient', () => {
  const { name, foods } = drafted(
    'Salt beef and pickles\n\n2.5 kg beef brisket\n\nSimmer 3 hours.',
  );
  expect([name, foods.map((food) => food.name)]).toEqual([
    'Salt beef and pickles',
    ['beef brisket'],
  ]);
});

it('a heat is no number of pieces', () => {
  const { foods } = drafted('Let it have half an hour more at 200 so the potatoes catch.');
  expect(foods.every(({ inPieces }) => inPieces === undefined)).toBe(true);
});

it('meat that is counted within a sentence is the food', () => {
  const { foods } = drafted(
    'Pies of leek\n\nPoach 4 chicken thighs (about 600g) in 700ml stock for 25 minutes, then shred.',
  );
  expect(foods).toMatchObject([{ inPieces: 4, share: { kind: 'fixed', weightG: 600 } }]);
});

describe('a dough beside meat', () => {
  const list =
    'For the lamb: 1 shoulder of lamb (2kg), 1 tbsp cumin\nFor the dough: 500g flour, 7g yeast, 320ml water\n';
  const lamb = 'Lamb: Roast at 150°C for 4 hours. Rest 30 minutes and pull apart.\n';
  const dough =
    'Dough: Mix, knead for 10 minutes, and leave to rise for 90 minutes. Cook in a dry pan, 2 minutes a side.';

  it('is made while the meat cooks', () => {
    const { steps, foods } = drafted(`Flatbreads\n${list}${lamb}${dough}`);
    const [food] = foods;
    const rises = steps.find(({ verb }) => verb === 'rise');
    expect(steps.find(({ verb }) => verb === 'mix')?.after).toEqual([]);
    expect(rises?.foods).toEqual([]);
    // The bread is fried of the dough, and the lamb waits at the table.
    expect(steps.at(-1)?.after.map(({ step }) => step)).toEqual([rises?.id]);
    expect(food?.cut).toBe('lamb-shoulder-bone-in');
  });

  it('and so is any part that its line names; a soak waits for the pot that names it', () => {
    const beans =
      'For the chickpeas: 400 g dried chickpeas, soaked overnight; 1 onion; 2 tbsp oil\n';
    const { steps } = drafted(`Lamb\n${list}${beans}${lamb}Chickpeas: Simmer for 90 minutes.`);
    const soak = steps.find(({ verb }) => verb === 'soak');
    const simmer = steps.find(({ verb }) => verb === 'simmer');
    expect(simmer?.after.map(({ step }) => step)).toEqual([soak?.id]);
    expect(steps.find(({ verb }) => verb === 'roast')?.after).toEqual([]);
  });

  it('a label that only says when is no part: the meat is in its step', () => {
    const pot = '1 shoulder of lamb (2kg)\n2 onions\n400 g tomatoes\n\n';
    for (const label of ['On the day', 'To finish', 'Next morning']) {
      const { steps } = drafted(`Lamb\n\n${pot}${label}: roast at 150°C for 4 hours.`);
      expect(steps.map(({ verb, foods }) => [verb, foods])).toEqual([['roast', undefined]]);
    }
  });

  it('what is done meanwhile waits for its soak, and a hot oven does not', () => {
    const pot = '1 shoulder of lamb (2kg)\n400 g dried chickpeas, soaked overnight\n1 onion\n\n';
    const { steps } = drafted(
      `Lamb\n\n${pot}Heat the oven to 150°C for the lamb and chickpeas. Roast the lamb for 4 hours. Meanwhile, simmer the chickpeas for 90 minutes.`,
    );
    const soak = steps.find(({ verb }) => verb === 'soak');
    const waits = steps.filter(({ after }) => after.some(({ step }) => step === soak?.id));
    expect(waits.map(({ verb }) => verb)).toEqual(['simmer']);
  });

  it('of a bread alone is the bread', () => {
    const { steps } = drafted(`Bread\n\n500g strong flour\n7g yeast\n320ml water\n\n${dough}`);
    expect(steps.every((step, i) => i === 0 || step.after.length === 1)).toBe(true);
  });
});

describe('what is made beside the meat', () => {
  const foodsOf = (text: string) =>
    drafted(text).steps.map(({ verb, foods, after }) => [verb, foods?.length, after.length]);

  it('is no meat that simmers in cider to its core, though the list ends with a glaze', () => {
    const text =
      'Gammon\n\n1 gammon joint, 3 kg\n2 litres cider\nglaze: 100 g honey, 2 tbsp mustard\n\nPut it in a pan with the cider. Simmer very gently for 2 hours to 68 °C inside. Rest 5 minutes.';
    expect(foodsOf(text)).toEqual([
      ['simmer', undefined, 0],
      ['rest', undefined, 1],
    ]);
  });

  it('is a milk that is warmed and infuses for itself, at any time', () => {
    const text =
      'Turkey\n\n1 turkey crown, 2.6 kg\n600 ml milk\n\nRoast for 104 minutes at 190 °C. Rest 30 minutes.\nFor the sauce, warm the milk, take off the heat and leave to infuse for 30 minutes.';
    expect(foodsOf(text)).toEqual([
      ['roast', undefined, 0],
      ['rest', undefined, 1],
      ['simmer', 0, 0],
      ['rest', 0, 1],
    ]);
  });

  it('is a sauce that waits for no meat, and goes on the table hot', () => {
    const { steps } = drafted(
      'Chicken\n\n1 chicken, 1.6 kg\n300 ml cream\n\nRoast for 80 minutes at 190 °C. Rest 20 minutes.\nFor the sauce, simmer the cream for 10 minutes.\nCarve the chicken.',
    );
    const [, , sauce, carve] = steps;
    expect(sauce?.after).toEqual([]);
    expect(carve?.after).toContainEqual({ step: sauce?.id, from: 'end', leastMin: 0, mostMin: 30 });
  });

  it('is no chop, where herbs are chopped', () => {
    expect(
      drafted('Rice salad\n300 g rice\n\nBoil for 12 minutes. Chop the herbs.').foods,
    ).toMatchObject([{ cut: 'rice-dry' }]);
  });

  it('is no stuffing: mince goes into the fire with the bird it is in', () => {
    const { foods, steps } = drafted(
      'Turkey\n1 turkey, 5 kg\n600 g minced pork\n\nStuff the turkey. Roast at 180°C for 3 hours 30.',
    );
    expect(steps.at(-1)?.foods).toEqual(foods.map(({ id }) => id));
  });
});
