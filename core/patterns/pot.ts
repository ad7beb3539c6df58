import { once } from '../meal/index.ts';
import {
  brined,
  after,
  all,
  board,
  counter,
  elastic,
  every,
  fixed,
  food,
  fridge,
  H,
  hob,
  hours,
  ifNot,
  line,
  marinated,
  cookingLiquid,
  mixture,
  oven,
  part,
  preheat,
  range,
  start,
  untilTender,
} from './parts.ts';
import { meatOf } from './meat.ts';
import type { Pattern } from './pattern.ts';

/** Chains of pots: slow cooker, stews, brined joints. Figures: our own neutral defaults, common practice. */
export const POT: readonly Pattern[] = [
  {
    id: 'slow-cooker-joint',
    name: 'Slow-cooker joint, shredded',
    kind: 'main',
    cuts: ['pork-shoulder-boneless', 'beef-chuck-roast'],
    cores: () => [],
    fires: ['slow cooker', 'oven', 'hob', 'pressure cooker'],
    schools: ['washing'],
    chain: ({ cut }) => ({
      foods: [food({ ...meatOf(cut), inPieces: 4 })],
      mixtures: [
        mixture('seasoning', 'Seasoning', 'rub', [
          line('salt-fine-table', '10 g'),
          line('cumin-ground', '1 tsp'),
          line('smoked-paprika', '2 tsp'),
        ]),
        {
          ...cookingLiquid(
            [
              line('stock-low-salt', '600 ml'),
              line('onion-chopped', '200 g'),
              line('cider-vinegar', '2 tbsp'),
            ],
            1000,
          ),
          basis: { kind: 'cover' },
        },
      ],
      parts: [
        part('cut', 'prepare', 'Cut in four', fixed(15), board, {
          hands: all('Trim, cut into four large pieces, season; wash up'),
          mixtures: ['seasoning'],
          washes: true,
          after: [],
        }),
        part(
          'cook',
          'braise',
          'In the slow cooker',
          untilTender('pulls', { cooker: 'slow-cooker-high' }),
          counter,
          {
            hands: [
              ...start(8, 'Liquid in, to cover, and room below the rim; lid on'),
              once(2 * H + 15, 3, 'Turn the pieces'),
              every(30, 2, 'Try: does it pull apart?', 4 * H),
            ],
            after: after(20, 'cut'),
            mixtures: ['liquid'],
            doneWhen: { text: 'it pulls apart; try at four hours' },
          },
        ),
        part('shred', 'shred', 'Shred in its juice', fixed(15), board, {
          hands: all('Shred with two forks, back into the juice; a part aside for another dish'),
        }),
        part('hold', 'hold', 'Keep warm', elastic(5, 20, 180), hob(75), {
          hands: start(2, 'On a low ring, lid on'),
        }),
      ],
    }),
  },
  {
    id: 'browned-stew',
    name: 'Stew browned in caramelised sugar',
    kind: 'main',
    cuts: ['chicken-thigh-bone-in', 'beef-chuck', 'lamb-neck'],
    cores: () => [],
    fires: ['hob', 'pressure cooker'],
    schools: ['washing', 'stewSalt', 'firstHalfHour'],
    chain: ({ cut }) => ({
      foods: [food({ ...meatOf(cut), inPieces: 12 })],
      mixtures: [
        mixture(
          'marinade',
          'Green seasoning',
          'marinade',
          [
            line('spring-onion', '60 g'),
            line('thyme-sprig', '6', { scaling: 'count' }),
            line('garlic', '5 cloves', { scaling: 'count' }),
            line('lime-juice', '1 tbsp'),
            line('salt-fine-table', '12 g'),
          ],
          hours(8, 12, 24),
        ),
        {
          ...cookingLiquid(
            [line('granulated-sugar', '50 g'), line('neutral-vegetable-oil', '3 tbsp')],
            1000,
          ),
          id: 'caramel',
          name: 'Caramel',
        },
        cookingLiquid([line('water', '600 ml'), line('carrot', '150 g')], 1000),
      ],
      parts: [
        ...marinated('Chop, season, toss', 'marinade'),
        part('caramel', 'brown', 'Sugar to amber', range(4, 6, 8), hob(180), {
          hands: all('Melt the sugar in the oil: a minute decides'),
          mixtures: ['caramel'],
          after: after(undefined, 'soak'),
          cautions: ['Keep wet food back: hot sugar spits and sticks.'],
        }),
        part(
          'brown',
          'brown',
          'Brown the pieces, in three rounds',
          { kind: 'batches', food: 'meat', perBatch: 4, leastMin: 4, likelyMin: 5, mostMin: 7 },
          hob(200),
          { hands: all('Turn in the caramel until brown'), after: after(0, 'caramel') },
        ),
        part(
          'kettle',
          'boil',
          'Liquid to the boil',
          { kind: 'boiling', ml: 900, ringW: 1800 },
          hob(100),
          { hands: start(2, 'Water on'), after: [] },
        ),
        part('simmer', 'simmer', 'Simmer', range(80, 90, 100), hob(95), {
          hands: [
            ...start(3, 'Boiling liquid in, lid on'),
            every(30, 2, 'Stir, look at the level'),
          ],
          mixtures: ['liquid'],
          after: [...after(5, 'brown'), ...after(10, 'kettle')],
        }),
        part('first', 'simmer', 'First things in', range(18, 20, 24), hob(95), {
          hands: start(4, 'Roots in'),
          after: after(0, 'simmer'),
        }),
        part('second', 'simmer', 'Last things in', range(8, 10, 14), hob(95), {
          hands: start(3, 'Tender things in'),
          after: after(0, 'first'),
          doneWhen: { text: 'tender', ...ifNot('more liquid', 30, 2) },
        }),
        part('hold', 'hold', 'Keep warm', elastic(5, 15, 60), hob(80), {
          hands: start(2, 'Lid on, low'),
        }),
      ],
    }),
  },
  {
    id: 'own-juice-braise',
    name: 'Cooked down in its own juice, then braised',
    kind: 'main',
    cuts: ['beef-shin', 'beef-cheek', 'lamb-shank', 'venison-dice'],
    cores: () => [],
    fires: ['hob', 'pressure cooker'],
    schools: ['stewSalt', 'washing'],
    chain: ({ cut }) => ({
      foods: [food({ ...meatOf(cut), inPieces: 8 })],
      mixtures: [
        cookingLiquid(
          [
            line('stock-low-salt', '600 ml'),
            line('tomato-paste', '2 tbsp'),
            line('onion-chopped', '250 g'),
            line('paprika', '1 tbsp'),
            line('salt-fine-table', '18 g'),
          ],
          1600,
        ),
      ],
      parts: [
        part('cut', 'prepare', 'Cut, salt', fixed(20), board, {
          hands: all('Cut, salt; wash up'),
          washes: true,
          after: [],
        }),
        part('down', 'simmer', 'Down in its own juice', range(22, 28, 36), hob(110), {
          hands: [...start(4, 'Lid on until it gives juice, then off'), every(8, 3, 'Stir, skim')],
          after: after(20, 'cut'),
        }),
        part('braise', 'simmer', 'Braise', range(150, 170, 200), hob(95), {
          hands: [...start(4, 'Liquid in, lid on'), every(20, 2, 'Stir, look at the level')],
          mixtures: ['liquid'],
          after: after(5, 'down'),
          doneWhen: { text: 'a fork goes in', ...ifNot('a cup of water', 60, 2) },
        }),
        part('hold', 'hold', 'Keep warm', elastic(5, 20, 75), hob(80), {
          hands: start(2, 'Lid ajar, low'),
        }),
      ],
    }),
  },
  {
    id: 'cured-brisket',
    name: 'Brined joint, simmered',
    kind: 'main',
    cuts: ['beef-brisket', 'ham-hock'],
    cores: () => [],
    schools: ['brine', 'washing'],
    chain: ({ cut }) => ({
      foods: [food(meatOf(cut))],
      mixtures: [
        mixture(
          'brine',
          'Spiced brine',
          'wet brine',
          [
            line('water', '900 ml'),
            line('salt-fine-table', '75 g', { scaling: 'salt' }),
            line('brown-sugar-packed', '35 g', { scaling: 'sugar' }),
            line('mustard-seed', '2 tsp'),
            line('black-peppercorn', '2 tsp'),
            line('ice', '300 g'),
          ],
          {
            boiled: true,
            salting: { targetPct: 2.8, strengthPct: 10, sugarToSalt: 0.47 },
            ...hours(3 * 24, 4.5 * 24, 5 * 24),
          },
        ),
      ],
      parts: [
        ...brined(6),
        part('water', 'soak', 'Soak in fresh water', elastic(90, 120, 4 * H), fridge, {
          hands: start(5, 'Rinse, fresh water on'),
          after: after(30, 'soak'),
        }),
        part('simmer', 'simmer', 'Simmer', range(160, 180, 220), hob(92), {
          hands: [
            ...start(8, 'Fresh water on, up to a simmer, skim'),
            every(60, 2, 'Look at the level'),
          ],
          after: after(30, 'water'),
          doneWhen: { text: 'a skewer slides out' },
        }),
        part('rest', 'rest', 'Rest in its liquor', elastic(10, 20, 45), hob(80), {
          hands: start(2, 'Off the ring'),
        }),
        part('slice', 'slice', 'Slice', fixed(10), board, { hands: all('Slice across the grain') }),
      ],
    }),
  },
  {
    id: 'covered-oven-braise',
    name: 'Browned, then braised in the oven',
    kind: 'main',
    cuts: ['duck-leg', 'beef-short-ribs', 'lamb-shank'],
    cores: () => [],
    fires: ['oven', 'hob', 'slow cooker', 'pressure cooker'],
    schools: ['stewSalt', 'washing'],
    chain: ({ cut }) => ({
      foods: [food({ ...meatOf(cut), inPieces: 6 })],
      mixtures: [
        mixture('seasoning', 'Seasoning', 'rub', [line('salt-fine-table', '10 g')]),
        cookingLiquid(
          [
            line('cider-dry', '400 ml'),
            line('stock-low-salt', '300 ml'),
            line('onion-chopped', '200 g'),
            line('thyme-sprig', '5', { scaling: 'count' }),
          ],
          1600,
        ),
      ],
      parts: [
        part('salt', 'prepare', 'Dry and salt', fixed(10), board, {
          hands: all('Pat dry, salt; wash up'),
          mixtures: ['seasoning'],
          washes: true,
          after: [],
        }),
        part('brown', 'brown', 'Brown', range(14, 18, 24), hob(200), {
          hands: all('Brown all sides'),
          after: after(20, 'salt'),
        }),
        preheat(150),
        part('braise', 'braise', 'Braise', untilTender('pulls', { wrap: 'lid' }), oven(150), {
          hands: start(5, 'Liquid in, lid on, into the oven'),
          after: [...after(10, 'brown'), ...after(30, 'preheat')],
          doneWhen: { text: 'it gives to a fork' },
        }),
        part('hold', 'hold', 'Keep warm', elastic(5, 20, 75), hob(80), {
          hands: start(3, 'Skim, lid on'),
        }),
      ],
    }),
  },
];
