import {
  after,
  all,
  beside,
  board,
  counter,
  elastic,
  every,
  fixed,
  food,
  fridge,
  grill,
  H,
  hob,
  hours,
  line,
  marinated,
  mixture,
  part,
  range,
  start,
  temper,
  untilCore,
} from './parts.ts';
import { coresOf, type Pattern } from './pattern.ts';
import type { Step } from '../meal/index.ts';
import { meatOf } from './meat.ts';

const light = (label = 'Light the coals') =>
  part('light', 'light', label, { kind: 'readying', what: 'chimney-briquettes' }, grill(230), {
    after: [],
  });

/** Coals lit an hour before food goes on: by then they are even. */
const coals: Step['after'] = [{ step: 'light', from: 'start', leastMin: H, mostMin: 2 * H }];

/** Chains over coals and in smoke. Figures: our own neutral defaults, common practice, no source. */
export const GRILL: readonly Pattern[] = [
  {
    id: 'skewered-cubes',
    name: 'Cubes on skewers',
    kind: 'main',
    cuts: ['lamb-leg-boneless', 'pork-loin-boneless', 'chicken-thigh-boneless', 'beef-rump-roast'],
    cores: coresOf2,
    fires: ['grill', 'oven'],
    schools: ['washing', 'tenderising', 'usedMarinade', 'firstHalfHour'],
    chain: ({ cut, coreC }) => ({
      foods: [food({ ...meatOf(cut), inPieces: 24, thicknessMm: 32 })],
      mixtures: [
        mixture(
          'marinade',
          'Yoghurt marinade',
          'marinade',
          [
            line('yoghurt-full-fat', '200 g'),
            line('olive-oil', '3 tbsp'),
            line('lemon-juice', '2 tbsp'),
            line('garlic', '3 cloves', { scaling: 'count' }),
            line('cumin-ground', '2 tsp'),
            line('salt-fine-table', '10 g'),
          ],
          {
            reserve: { amount: '80 ml', scaling: 'linear', purpose: 'to baste, clean' },
            ...hours(4, 10, 16),
          },
        ),
      ],
      parts: [
        part('cut', 'prepare', 'Cut into cubes of 3 cm', fixed(25), board, {
          hands: all('Trim, cut into cubes of one size'),
          after: [],
        }),
        part('mix', 'mix', 'Mix, set a part aside, coat', fixed(15), board, {
          hands: all('Mix, set a part aside for basting, coat; wash up'),
          mixtures: ['marinade'],
          washes: true,
        }),
        part('soak', 'marinate', 'Marinate', { kind: 'soak', mixture: 'marinade' }, fridge),
        part('wood', 'soak', 'Skewers in water', elastic(30, 120, 12 * H), counter, {
          after: [],
          hands: start(2, 'Lay the wooden skewers in water'),
        }),
        part('thread', 'prepare', 'Thread the skewers', fixed(20), board, {
          hands: all('Thread the cubes, not too tight; wash up'),
          washes: true,
          after: [...after(undefined, 'soak'), ...after(undefined, 'wood')],
          cautions: ['Keep the bare ends of wood off the flame.'],
        }),
        light(),
        part('grill', 'grill', 'Over the coals', range(3, 4, 5), grill(230), {
          hands: all('Turn every two minutes; what flares goes to the cool side'),
          after: [...after(20, 'thread'), ...after(20, 'light')],
        }),
        part(
          'finish',
          'grill',
          'On the cool side, basted',
          untilCore(coreC, { turnEveryMin: 3 }),
          grill(180, 'indirect'),
          {
            hands: all('Baste late, from the clean part; turn'),
            doneWhen: { coreC },
            after: after(0, 'grill'),
            mixtures: ['marinade'],
          },
        ),
        part('rest', 'rest', 'Rest', elastic(3, 5, 12), board, {
          hands: start(2, 'Off the heat, cover'),
        }),
      ],
    }),
  },
  {
    id: 'direct-then-indirect',
    name: 'Steaks over the fire, then beside it',
    kind: 'main',
    cuts: ['beef-steak', 'pork-collar-steak', 'venison-loin'],
    cores: coresOf,
    fires: ['grill', 'oven'],
    schools: ['washing', 'usedMarinade', 'firstHalfHour'],
    chain: ({ cut, coreC }) => ({
      foods: [food({ ...meatOf(cut), inPieces: 6, thicknessMm: 35 })],
      mixtures: [
        mixture(
          'marinade',
          'Mustard and onion marinade',
          'marinade',
          [
            line('mustard-wholegrain', '60 g'),
            line('onion-chopped', '250 g', { name: 'onion, in rings' }),
            line('olive-oil', '4 tbsp'),
            line('black-pepper-ground', '1 tsp'),
            line('salt-fine-table', '9 g'),
          ],
          hours(12, 24, 48),
        ),
      ],
      parts: [
        ...marinated('Layer the steaks with mustard and onion'),
        temper(30),
        light(),
        part('direct', 'grill', 'Over the coals', range(5, 7, 9), grill(250), {
          hands: all('Three to four minutes a side'),
          after: [...after(15, 'temper'), ...after(20, 'light')],
        }),
        part('indirect', 'grill', 'Beside the coals', untilCore(coreC), grill(160, 'indirect'), {
          hands: start(2, 'Move beside the coals, lid down'),
          doneWhen: { coreC },
          after: after(0, 'direct'),
        }),
        part('onions', 'fry', 'Onions of the marinade, in a pan', range(12, 15, 20), hob(180), {
          hands: all('Fry the onions hard, all through'),
          after: beside('direct'),
          mixtures: ['marinade'],
        }),
        part('rest', 'rest', 'Rest', elastic(3, 6, 15), board, {
          hands: start(2, 'Off, onto a warm plate'),
          after: [...after(5, 'indirect'), ...after(20, 'onions')],
        }),
      ],
    }),
  },
  {
    id: 'three-meats',
    name: 'One marinade over three meats',
    kind: 'main',
    cuts: ['chicken-thigh-boneless'],
    cores: () => [74],
    schools: ['washing', 'tenderising', 'firstHalfHour'],
    chain: () => ({
      foods: [
        food({ ...meatOf('chicken-thigh-boneless', 0.45), inPieces: 6 }),
        food({ ...meatOf('pork-collar-steak', 0.45), inPieces: 4 }, 'pork'),
        food({ ...meatOf('beef-flank', 0.45) }, 'beef'),
      ],
      mixtures: [
        {
          ...mixture('marinade', 'Citrus and pear marinade', 'marinade', [
            line('orange-juice', '150 ml'),
            line('neutral-vegetable-oil', '3 tbsp'),
            line('pear-grated', '80 g'),
            line('garlic', '5 cloves', { scaling: 'count' }),
            line('oregano-dried', '2 tsp'),
            line('salt-fine-table', '12 g'),
          ]),
          on: ['meat', 'pork', 'beef'],
          ...hours(2, 8, 14),
        },
      ],
      parts: [
        ...marinated('Mix, share out by weight, keep the meats apart'),
        light(),
        part(
          'chicken',
          'grill',
          'Chicken over the coals',
          untilCore(74, { turnEveryMin: 4 }),
          grill(230),
          {
            hands: start(4, 'Chicken on, turn now and then'),
            doneWhen: { coreC: 74 },
            after: [...after(undefined, 'soak'), ...after(20, 'light')],
          },
        ),
        part(
          'pork',
          'grill',
          'Pork over the coals',
          untilCore(63, { turnEveryMin: 4 }, 'pork'),
          grill(230),
          {
            hands: start(3, 'Pork on'),
            doneWhen: { coreC: 63 },
            after: [...after(undefined, 'soak'), ...after(30, 'light')],
          },
        ),
        part(
          'beef',
          'grill',
          'Beef over the coals',
          untilCore(63, { turnEveryMin: 4 }, 'beef'),
          grill(230),
          {
            hands: start(3, 'Beef on'),
            doneWhen: { coreC: 63 },
            after: [...after(undefined, 'soak'), ...after(30, 'light')],
          },
        ),
        part('boil', 'boil', 'Boil what the meat lay in', range(10, 12, 15), hob(100), {
          hands: all('A full rolling boil, then strain'),
          after: after(undefined, 'soak'),
          mixtures: ['marinade'],
        }),
        part('dip', 'reduce', 'Down to a dip', range(8, 10, 14), hob(100), {
          hands: start(2, 'Reduce until it coats a spoon'),
          after: after(20, 'boil'),
          mixtures: ['marinade'],
        }),
        part('rest', 'rest', 'Rest', elastic(4, 6, 15), board, {
          hands: start(3, 'All off, each on a plate of its own'),
          after: [...after(10, 'chicken'), ...after(10, 'pork'), ...after(10, 'beef')],
        }),
        part('slice', 'slice', 'Slice', fixed(10), board, {
          hands: all('Slice across the grain'),
          after: [...after(10, 'rest'), ...after(40, 'dip')],
        }),
      ],
    }),
  },
  {
    id: 'steaks-and-foil',
    name: 'Fruit-marinated steaks and ribs in foil',
    kind: 'main',
    cuts: ['beef-steak'],
    cores: () => [63],
    schools: ['washing', 'tenderising', 'firstHalfHour'],
    chain: ({ cut, coreC }) => ({
      foods: [
        food({ ...meatOf(cut, 0.6), inPieces: 6, thicknessMm: 45 }),
        food({ ...meatOf('pork-back-ribs', 0.6), inPieces: 2 }, 'ribs'),
      ],
      mixtures: [
        {
          ...mixture('marinade', 'Oil and fruit marinade', 'marinade', [
            line('neutral-vegetable-oil', '120 ml'),
            line('kiwi-raw', '20 g', { note: 'weighed: more turns it to paste' }),
            line('garlic', '4 cloves', { scaling: 'count' }),
            line('paprika', '1 tbsp'),
            line('salt-fine-table', '11 g'),
          ]),
          on: ['meat', 'ribs'],
          ...hours(12, 18, 22),
        },
      ],
      parts: [
        ...marinated('Weigh the fruit, mix, coat, keep apart'),
        light('Light the coals'),
        part(
          'ribs',
          'grill',
          'Ribs in foil, beside the coals',
          untilCore(85, { wrap: 'foil' }, 'ribs'),
          grill(170, 'indirect'),
          {
            hands: start(6, 'Wrap in foil, on the cool side'),
            doneWhen: { coreC: 85 },
            after: [...after(undefined, 'soak'), ...coals],
          },
        ),
        part(
          'steaks',
          'grill',
          'Steaks beside the coals',
          untilCore(coreC, { turnEveryMin: 20 }),
          grill(170, 'indirect'),
          {
            hands: [...start(4, 'Steaks on, lid down'), every(20, 3, 'Turn')],
            doneWhen: { coreC },
            after: [...after(undefined, 'soak'), ...coals],
          },
        ),
        part('rest', 'rest', 'Rest', elastic(4, 6, 15), board, {
          hands: start(2, 'All off'),
          after: [...after(5, 'steaks'), ...after(30, 'ribs')],
        }),
      ],
    }),
  },
];

/** Cubes are eaten through: guidance, or the cook's own target. */
function coresOf2(cut: string): number[] {
  const cores = coresOf(cut);
  return cores.length > 0 ? cores : [74];
}
