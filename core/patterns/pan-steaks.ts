import {
  after,
  all,
  board,
  elastic,
  every,
  fixed,
  food,
  fridge,
  hob,
  hours,
  line,
  marinated,
  mixture,
  part,
  range,
  sauceFor,
  start,
  temper,
  untilCore,
} from './parts.ts';
import { meatOf } from './meat.ts';
import { coresOf, type Pattern } from './pattern.ts';

/** Steaks and strips from the pan. Figures: our own neutral defaults, common practice, no source. */
export const PAN_STEAKS: readonly Pattern[] = [
  {
    id: 'citrus-steak',
    name: 'Quick citrus steak, vegetables after it',
    kind: 'main',
    cuts: ['beef-skirt', 'beef-hanger', 'beef-steak'],
    cores: coresOf,
    schools: ['washing', 'usedMarinade'],
    chain: ({ cut, coreC }) => ({
      foods: [food({ ...meatOf(cut), inPieces: 4 })],
      mixtures: [
        mixture(
          'marinade',
          'Citrus marinade',
          'marinade',
          [
            line('lime-juice', '3 tbsp'),
            line('orange-juice', '4 tbsp'),
            line('olive-oil', '4 tbsp'),
            line('garlic', '3 cloves', { scaling: 'count' }),
            line('salt-fine-table', '8 g'),
          ],
          hours(0.75, 1, 1.5),
        ),
        sauceFor('The same again, clean', [
          line('lime-juice', '2 tbsp'),
          line('olive-oil', '4 tbsp'),
          line('coriander-leaf', '30 g'),
          line('chilli-fresh', '1', { scaling: 'count' }),
          line('salt-fine-table', '3 g'),
        ]),
      ],
      parts: [
        part('sauce', 'mix', 'The clean sauce first', fixed(8), board, {
          hands: all('Mix the sauce, set it apart'),
          mixtures: ['sauce'],
          after: [],
        }),
        part('mix', 'mix', 'Marinade on', fixed(10), board, {
          hands: all('Mix, coat; wash up'),
          mixtures: ['marinade'],
          washes: true,
          after: after(undefined, 'sauce'),
        }),
        part(
          'soak',
          'marinate',
          'Marinate, an hour',
          { kind: 'soak', mixture: 'marinade' },
          fridge,
        ),
        part('sear', 'sear', 'Sear', untilCore(coreC, { turnEveryMin: 2 }), hob(240), {
          hands: all('Turn every two minutes'),
          doneWhen: { coreC },
          after: after(15, 'soak'),
        }),
        part('rest', 'rest', 'Rest', elastic(5, 8, 15), board, {
          hands: start(2, 'Off, cover loosely'),
          after: after(0, 'sear'),
        }),
        part('vegetables', 'fry', 'Vegetables on the same griddle', range(6, 8, 10), hob(220), {
          hands: all('Toss until they catch'),
          after: after(5, 'sear'),
        }),
        part('slice', 'slice', 'Slice thinly', fixed(5), board, {
          hands: all('Across the grain, sauce over'),
          after: [...after(10, 'rest'), ...after(10, 'vegetables')],
        }),
      ],
    }),
  },
  {
    id: 'thin-strips',
    name: 'Thin strips, hot and short',
    kind: 'main',
    cuts: ['beef-skirt', 'beef-flank', 'pork-collar-steak'],
    cores: coresOf,
    schools: ['washing', 'tenderising', 'firstHalfHour'],
    chain: ({ cut, coreC }) => ({
      foods: [food({ ...meatOf(cut), inPieces: 4, thicknessMm: 16 })],
      mixtures: [
        mixture(
          'marinade',
          'Soy and ginger marinade',
          'marinade',
          [
            line('soy-sauce', '90 ml'),
            line('ginger-grated', '20 g'),
            line('garlic', '3 cloves', { scaling: 'count' }),
            line('neutral-vegetable-oil', '4 tbsp'),
          ],
          hours(1, 1.5, 2),
        ),
      ],
      parts: [
        ...marinated('Mix, coat'),
        part(
          'sear',
          'sear',
          'Very hot, both sides',
          untilCore(coreC, { turnEveryMin: 5 }),
          hob(220),
          {
            hands: all('Dry, into the hot pan, turn'),
            doneWhen: { coreC },
            after: after(undefined, 'soak'),
          },
        ),
        part('rest', 'rest', 'Rest', elastic(3, 5, 12), board, { hands: start(2, 'Off, cover') }),
        part('slice', 'slice', 'Slice', fixed(5), board, { hands: all('Across the grain') }),
      ],
    }),
  },
  {
    id: 'stove-flank',
    name: 'Flank on the stove',
    kind: 'main',
    cuts: ['beef-flank', 'beef-skirt'],
    cores: coresOf,
    schools: ['washing', 'tenderising', 'firstHalfHour'],
    chain: ({ cut, coreC }) => ({
      foods: [food(meatOf(cut))],
      mixtures: [
        mixture(
          'marinade',
          'Vinegar and herb marinade',
          'marinade',
          [
            line('wine-vinegar', '2 tbsp'),
            line('olive-oil', '140 ml'),
            line('thyme-dried', '2 tsp'),
            line('garlic', '3 cloves', { scaling: 'count' }),
            line('salt-fine-table', '9 g'),
          ],
          hours(0.5, 10, 18),
        ),
      ],
      parts: [
        ...marinated('Mix, coat'),
        temper(35),
        part('sear', 'sear', 'In the pan', untilCore(coreC, { turnEveryMin: 6 }), hob(210), {
          hands: [...start(3, 'Into the hot pan'), every(6, 2, 'Turn')],
          doneWhen: { coreC },
          after: after(15, 'temper'),
        }),
        part('rest', 'rest', 'Rest, covered', elastic(4, 5, 12), board, {
          hands: start(2, 'Off, cover'),
        }),
        part('slice', 'slice', 'Slice', fixed(6), board, {
          hands: all('Thinly, across the grain'),
        }),
      ],
    }),
  },
];
