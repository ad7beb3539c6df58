import {
  after,
  all,
  beside,
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
  oven,
  part,
  preheat,
  range,
  sauceFor,
  start,
  temper,
  untilCore,
} from './parts.ts';
import { meatOf } from './meat.ts';
import type { Pattern } from './pattern.ts';

/** Chains of pan and griddle. Figures: our own neutral defaults, common practice, no source. */
export const PAN: readonly Pattern[] = [
  {
    id: 'thin-ribs-one-pot',
    name: 'Thin ribs from the rice pot',
    kind: 'main',
    cuts: ['beef-ribs-cross-cut-thin'],
    cores: () => [],
    schools: ['tenderising', 'washing'],
    chain: ({ cut }) => ({
      foods: [
        {
          id: 'meat',
          name: 'thin cross-cut ribs',
          cut,
          share: { kind: 'pieces', pieces: 3, pieceG: 95, by: 'portion' },
        },
        { id: 'rice', name: 'rice', cut: 'rice-dry', share: { kind: 'weight', rawG: 75 } },
      ],
      mixtures: [
        mixture('sugar', 'Sugar, first', 'rub', [line('brown-sugar-packed', '30 g')], {
          window: { leastMin: 10, bestMin: 12, longestMin: 15 },
        }),
        mixture(
          'marinade',
          'Pear and soy marinade',
          'marinade',
          [
            line('soy-sauce', '100 ml'),
            line('pear-grated', '80 g'),
            line('sesame-oil-toasted', '1 tbsp'),
            line('garlic', '4 cloves', { scaling: 'count' }),
            line('spring-onion', '40 g'),
          ],
          hours(3, 8, 14),
        ),
      ],
      parts: [
        part('sugar', 'prepare', 'Sugar on the ribs', range(10, 12, 15), board, {
          hands: start(4, 'Rinse, dry, rub with sugar'),
          mixtures: ['sugar'],
          after: [],
        }),
        part('mix', 'mix', 'Marinade on', fixed(12), board, {
          hands: all('Grate, mix, layer; wash up'),
          mixtures: ['marinade'],
          washes: true,
          after: after(5, 'sugar'),
        }),
        part('soak', 'marinate', 'Marinate', { kind: 'soak', mixture: 'marinade' }, fridge),
        temper(30, 'Out of the fridge, drain'),
        part('rice', 'steam', 'Rice, in the small pot', range(22, 25, 28), hob(100), {
          hands: start(6, 'Rinse the rice, water on, lid on'),
          after: [],
          vessel: { kind: 'pot', leastMl: 1500, name: 'small pot' },
        }),
        part('out', 'prepare', 'Rice into a bowl, pot wiped', fixed(4), board, {
          hands: all('Rice out and covered, wipe the pot'),
          after: after(5, 'rice'),
        }),
        part(
          'fry',
          'fry',
          'Ribs, three at a time',
          { kind: 'batches', food: 'meat', perBatch: 3, leastMin: 5, likelyMin: 6, mostMin: 7 },
          hob(220),
          {
            hands: all('Three minutes a side, wipe the pot between rounds'),
            vessel: { kind: 'pot', leastMl: 1500, name: 'small pot' },
            after: [...after(20, 'temper'), ...after(5, 'out')],
            doneWhen: { coreC: 71, text: 'browned on both sides' },
          },
        ),
      ],
    }),
  },
  {
    id: 'glazed-in-its-marinade',
    name: 'Cooked in its marinade until it coats',
    kind: 'main',
    cuts: ['pork-collar-steak', 'chicken-thigh-boneless', 'pork-tenderloin'],
    cores: (cut) => (cut.startsWith('chicken') ? [74] : [71]),
    schools: ['washing', 'firstHalfHour'],
    chain: ({ cut, coreC }) => ({
      foods: [food({ ...meatOf(cut), inPieces: 4 })],
      mixtures: [
        mixture(
          'marinade',
          'Sweet soy marinade',
          'marinade',
          [
            line('soy-sauce', '120 ml'),
            line('honey', '60 g'),
            line('five-spice', '1 tsp'),
            line('garlic', '4 cloves', { scaling: 'count' }),
            line('rice-wine', '3 tbsp'),
          ],
          hours(8, 10, 16),
        ),
      ],
      parts: [
        ...marinated('Mix, coat', 'marinade', 'Turn it over'),
        part('glaze', 'simmer', 'In its marinade, over low heat', range(28, 36, 46), hob(96), {
          hands: [
            ...start(4, 'Meat and marinade in, up to a boil, then low'),
            every(6, 2, 'Turn, spoon the syrup over'),
          ],
          after: after(undefined, 'soak'),
          doneWhen: { coreC, text: 'the syrup coats' },
        }),
        part('rest', 'rest', 'Rest', elastic(20, 25, 35), board, {
          hands: start(2, 'Off the heat, in its syrup'),
        }),
        part('slice', 'slice', 'Slice', fixed(6), board, { hands: all('Slice, syrup over') }),
      ],
    }),
  },
  {
    id: 'brined-chops',
    name: 'Brined chops, pan then oven',
    kind: 'main',
    cuts: ['pork-chop-bone-in', 'pork-loin-boneless'],
    cores: () => [63, 68],
    schools: ['brine', 'washing'],
    chain: ({ cut, coreC }) => ({
      foods: [food({ ...meatOf(cut), inPieces: 4, thicknessMm: 28 })],
      mixtures: [
        mixture(
          'brine',
          'Cold brine',
          'wet brine',
          [
            line('water', '900 ml'),
            line('salt-fine-table', '40 g', { scaling: 'salt' }),
            line('granulated-sugar', '22 g', { scaling: 'sugar' }),
            line('sage-leaf', '6', { scaling: 'count' }),
          ],
          { salting: { targetPct: 1.6, strengthPct: 6, sugarToSalt: 0.55 }, ...hours(24, 30, 48) },
        ),
        sauceFor('Pan sauce', [
          line('cider-dry', '200 ml'),
          line('mustard-wholegrain', '1 tbsp'),
          line('creme-fraiche', '3 tbsp'),
        ]),
      ],
      parts: [
        part('mix', 'mix', 'Stir the brine', fixed(10), board, {
          hands: all('Stir until clear, chops in; wash up'),
          mixtures: ['brine'],
          washes: true,
          after: [],
        }),
        part('soak', 'brine', 'In the brine', { kind: 'soak', mixture: 'brine' }, fridge),
        part('dry', 'prepare', 'Drain and dry', fixed(6), board, {
          hands: all('Drain, pat dry; wash up'),
          washes: true,
          after: after(undefined, 'soak'),
        }),
        preheat(200),
        part('sear', 'sear', 'Sear', fixed(7), hob(230), {
          hands: all('Four minutes, then three'),
          after: after(20, 'dry'),
        }),
        part('oven', 'roast', 'In the oven', untilCore(coreC), oven(200), {
          hands: start(2, 'Onto a tray, into the oven: the pan is free for the sauce'),
          doneWhen: { coreC },
          after: [...after(5, 'sear'), ...after(30, 'preheat')],
        }),
        part(
          'sauce',
          'reduce',
          'Pan sauce',
          { kind: 'reducing', mixture: 'sauce', ml: 220, toShare: 0.5, panCm: 26, ringW: 1800 },
          hob(100),
          {
            hands: start(4, 'Deglaze, reduce, mustard and cream in'),
            after: beside('oven', 8),
            mixtures: ['sauce'],
          },
        ),
        part('rest', 'rest', 'Rest', elastic(3, 5, 15), board, {
          hands: start(2, 'Out, cover'),
          after: [...after(0, 'oven')],
        }),
        part(
          'serve',
          'serve',
          'Sauce over',
          fixed(2),
          { kind: 'table' },
          { hands: all('Sauce over'), after: [...after(5, 'rest'), ...after(15, 'sauce')] },
        ),
      ],
    }),
  },
];
