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

/** Dishes of meat that is cooked already. Figures: our own neutral defaults, common practice. */
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
];
