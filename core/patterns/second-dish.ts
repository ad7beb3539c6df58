import {
  after,
  all,
  board,
  every,
  fixed,
  food,
  hob,
  line,
  mixture,
  part,
  range,
  start,
} from './parts.ts';
import { waterOn } from './boiled.ts';
import { by } from './side.ts';
import type { Pattern } from './pattern.ts';

/** What is cooked already: left over, bought so, or a part of another dish of the table. */
const COOKED = ['cooked-pork', 'cooked-beef', 'cooked-lamb', 'cooked-poultry'] as const;
/** Eaten with bread or pasta: less than as a joint. Common practice, no source. */
const COOKED_G = 110;

/** Dishes of what is cooked already: meat, fish, rice, vegetables. Figures: our own neutral defaults, common practice. */
export const SECOND_DISHES: readonly Pattern[] = [
  {
    id: 'crisped-shreds',
    name: 'Shredded meat, crisped',
    kind: 'main',
    cuts: COOKED,
    cores: () => [],
    ofCooked: true,
    schools: [],
    chain: ({ cut }) => ({
      readyWithinMin: 10,
      foods: [
        food({ cut, name: 'shredded meat', rawG: COOKED_G }),
        by('onion', 'onion', 'vegetable-side', 50),
        by('flatbread', 'flatbread', 'bread-loaf', 80),
      ],
      mixtures: [
        mixture('seasoning', 'Seasoning', 'rub', [
          line('cumin-ground', '1 tsp'),
          line('smoked-paprika', '1 tsp'),
          line('lime-juice', '2 tbsp'),
        ]),
      ],
      parts: [
        part('cut', 'prepare', 'Cut onion and lime', fixed(8), board, {
          hands: all('Onion in fine rings, lime in wedges'),
          foods: ['onion'],
          after: [],
        }),
        part('crisp', 'fry', 'Crisp the meat', range(8, 10, 13), hob(200), {
          hands: all('Spread it flat in a little fat, leave it until it browns, turn it in clumps'),
          mixtures: ['seasoning'],
          foods: ['meat'],
          doneWhen: { coreC: 74, text: 'crisp at the edges, steaming hot all through' },
          after: after(90, 'cut'),
        }),
        part('warm', 'fry', 'Warm the flatbreads', range(4, 5, 7), hob(180), {
          hands: all('Half a minute a side, into a cloth'),
          foods: ['flatbread'],
          after: after(10, 'crisp'),
        }),
        part(
          'fill',
          'serve',
          'Fill the flatbreads',
          fixed(4),
          { kind: 'table' },
          {
            hands: all('Meat, onion, a squeeze of lime'),
            foods: ['meat', 'onion', 'flatbread'],
            after: after(5, 'warm'),
          },
        ),
      ],
    }),
  },
  {
    id: 'sauce-of-cooked-meat',
    name: 'Cooked meat in tomato sauce',
    kind: 'main',
    cuts: COOKED,
    cores: () => [],
    ofCooked: true,
    schools: [],
    chain: ({ cut }) => ({
      readyWithinMin: 10,
      foods: [
        food({ cut, name: 'cooked meat', rawG: COOKED_G }),
        by('pasta', 'pasta', 'pasta-thick-dry', 90),
      ],
      mixtures: [
        mixture(
          'sauce',
          'Tomato sauce',
          'sauce',
          [
            line('canned-tomatoes-salted', '800 g'),
            line('onion-chopped', '150 g'),
            line('olive-oil', '2 tbsp'),
          ],
          { on: [], basis: { kind: 'perPortion', baseline: 4 }, touchesRaw: false },
        ),
      ],
      parts: [
        part('soften', 'fry', 'Soften the onion', range(8, 10, 12), hob(130), {
          hands: [...start(6, 'Chop; oil and onion in, low'), every(4, 1, 'Stir')],
          mixtures: ['sauce'],
          foods: [],
          after: [],
        }),
        part('simmer', 'simmer', 'Simmer the sauce', range(20, 25, 30), hob(95), {
          hands: [...start(2, 'Tomatoes in'), every(8, 1, 'Stir')],
          mixtures: ['sauce'],
          foods: [],
          after: after(5, 'soften'),
        }),
        part('meat', 'simmer', 'The meat in the sauce', range(10, 12, 15), hob(95), {
          hands: start(2, 'Meat in, let it come to a simmer'),
          mixtures: ['sauce'],
          foods: ['meat'],
          doneWhen: { coreC: 74, text: 'steaming hot all through' },
          after: after(10, 'simmer'),
        }),
        { ...waterOn(4000, 'Four litres of water, salted'), foods: [] },
        part('pasta', 'boil', 'Boil the pasta', range(9, 11, 13), hob(100), {
          hands: start(1, 'In, stir'),
          foods: ['pasta'],
          after: after(5, 'water'),
        }),
        part('toss', 'serve', 'Pasta into the sauce', fixed(3), hob(90), {
          hands: all('Drain, toss, a ladle of the water'),
          foods: ['meat', 'pasta'],
          after: [...after(15, 'meat'), ...after(5, 'pasta')],
        }),
      ],
    }),
  },
  {
    id: 'fish-cakes',
    name: 'Cooked fish in potato cakes',
    kind: 'main',
    cuts: ['cooked-fish'],
    cores: () => [],
    ofCooked: true,
    schools: [],
    chain: ({ cut }) => ({
      readyWithinMin: 10,
      foods: [
        food({ cut, name: 'cooked fish', rawG: 110 }),
        by('potatoes', 'potatoes', 'potatoes-cubed', 150),
      ],
      mixtures: [
        mixture(
          'coat',
          'Seasoning and flour',
          'rub',
          [
            line('parsley-chopped', '20 g'),
            line('salt-fine-table', '4 g'),
            line('all-purpose-flour-spooned', '40 g'),
          ],
          { touchesRaw: false },
        ),
      ],
      parts: [
        { ...waterOn(2000, 'Two litres of water, salted'), foods: [] },
        part('boil', 'boil', 'Boil the potatoes', range(12, 15, 20), hob(100), {
          hands: start(8, 'Peel, cut to a thumb, in'),
          foods: ['potatoes'],
          doneWhen: { text: 'a knife goes in by itself' },
          after: after(15, 'water'),
        }),
        part('mash', 'prepare', 'Drain, steam dry, mash', fixed(8), board, {
          hands: all('Drain, let it steam, mash'),
          foods: ['potatoes'],
          after: after(10, 'boil'),
        }),
        part('shape', 'prepare', 'Fold the fish in, shape cakes', fixed(10), board, {
          hands: all('Fish in flakes, fold, shape, flour'),
          mixtures: ['coat'],
          foods: ['meat', 'potatoes'],
          after: after(20, 'mash'),
        }),
        part('fry', 'fry', 'Fry the cakes', range(8, 10, 12), hob(180), {
          hands: [...start(3, 'In, leave them until they brown'), every(5, 2, 'Turn')],
          foods: ['meat', 'potatoes'],
          doneWhen: { coreC: 74, text: 'brown on both sides, steaming hot all through' },
          after: after(20, 'shape'),
        }),
      ],
    }),
  },
  {
    id: 'fried-rice',
    name: 'Cooked rice, fried with egg',
    kind: 'main',
    cuts: ['cooked-rice'],
    cores: () => [],
    ofCooked: true,
    schools: [],
    chain: ({ cut }) => ({
      readyWithinMin: 8,
      foods: [
        food({ cut, name: 'cooked rice', rawG: 180 }),
        by('eggs', 'eggs', 'eggs', 57),
        by('peas', 'peas', 'peas-shelled', 40),
      ],
      mixtures: [
        mixture('season', 'Soy and ginger', 'sauce', [
          line('soy-sauce', '2 tbsp'),
          line('ginger-grated', '10 g'),
          line('neutral-vegetable-oil', '2 tbsp'),
        ]),
      ],
      parts: [
        part('cut', 'prepare', 'Grate the ginger, beat the eggs', fixed(6), board, {
          hands: all('Ginger grated, eggs beaten'),
          foods: ['eggs'],
          mixtures: ['season'],
          after: [],
        }),
        part('rice', 'fry', 'Fry the rice and peas', range(6, 8, 10), hob(220), {
          hands: all('Loosen it cold, spread it, leave it until it crackles, toss'),
          foods: ['meat', 'peas'],
          mixtures: ['season'],
          doneWhen: { coreC: 74, text: 'steaming hot all through, every grain' },
          after: after(30, 'cut'),
        }),
        part('egg', 'fry', 'The eggs through it', range(2, 3, 4), hob(220), {
          hands: all('Aside, eggs in, stir until set, fold through'),
          foods: ['meat', 'peas', 'eggs'],
          doneWhen: { coreC: 74, text: 'the egg is set' },
          after: after(1, 'rice'),
        }),
      ],
    }),
  },
  {
    id: 'vegetables-again',
    name: 'Cooked vegetables, fried crisp, eggs on top',
    kind: 'main',
    cuts: ['cooked-vegetables'],
    cores: () => [],
    ofCooked: true,
    schools: [],
    chain: ({ cut }) => ({
      readyWithinMin: 8,
      foods: [
        food({ cut, name: 'cooked vegetables', rawG: 200 }),
        by('eggs', 'eggs', 'eggs', 57),
        by('onion', 'onion', 'vegetable-side', 40),
      ],
      mixtures: [],
      parts: [
        part('cut', 'prepare', 'Chop the onion', fixed(4), board, {
          hands: all('Onion in dice'),
          foods: ['onion'],
          after: [],
        }),
        part('soften', 'fry', 'Soften the onion', range(5, 6, 8), hob(150), {
          hands: [...start(2, 'Oil and onion in'), every(3, 1, 'Stir')],
          foods: ['onion'],
          after: after(30, 'cut'),
        }),
        part('crisp', 'fry', 'Crisp the vegetables', range(10, 12, 15), hob(190), {
          hands: [...start(2, 'In, press flat, leave them'), every(5, 1, 'Turn in pieces')],
          foods: ['meat', 'onion'],
          doneWhen: { coreC: 74, text: 'brown beneath, steaming hot all through' },
          after: after(1, 'soften'),
        }),
        part('eggs', 'fry', 'Eggs on top, lid on', range(4, 5, 7), hob(150), {
          hands: start(2, 'A hollow for each, eggs in, lid on'),
          foods: ['meat', 'onion', 'eggs'],
          doneWhen: { coreC: 71, text: 'whites and yolks set' },
          after: after(1, 'crisp'),
        }),
      ],
    }),
  },
];

/** What can be made of a food that is cooked already, by the cut it is now. */
export function secondDishesOf(cut: string | undefined): readonly Pattern[] {
  return cut === undefined ? [] : SECOND_DISHES.filter(({ cuts }) => cuts.includes(cut));
}
