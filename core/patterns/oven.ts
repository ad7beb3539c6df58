import {
  brined,
  after,
  all,
  shortOf,
  board,
  elastic,
  every,
  fixed,
  food,
  fridge,
  H,
  hob,
  hours,
  line,
  marinated,
  mixture,
  oven,
  part,
  preheat,
  range,
  start,
  temper,
  untilCore,
  untilTender,
} from './parts.ts';
import { meatOf } from './meat.ts';
import { coresOf, type Pattern } from './pattern.ts';

/** Chains of the oven. Figures: our own neutral defaults, common practice, no source. */
export const OVEN: readonly Pattern[] = [
  {
    id: 'covered-bake',
    name: 'Baked under a lid',
    kind: 'main',
    cuts: ['pork-shoulder-boneless', 'lamb-shoulder-boneless', 'pork-collar-steak'],
    cores: () => [],
    fires: ['oven', 'slow cooker', 'grill', 'hob'],
    schools: ['washing', 'tenderising', 'usedMarinade', 'firstHalfHour'],
    chain: ({ cut }) => ({
      foods: [food(meatOf(cut))],
      mixtures: [
        mixture(
          'marinade',
          'Garlic and cider marinade',
          'marinade',
          [
            line('cider-dry', '200 ml'),
            line('garlic', '5 cloves', { scaling: 'count' }),
            line('mustard-dijon-style', '2 tbsp'),
            line('salt-fine-table', '11 g'),
          ],
          hours(20, 24, 30),
        ),
      ],
      parts: [
        ...marinated('Mix, coat, into the dish', 'marinade', 'Turn it over'),
        temper(60),
        preheat(160),
        part('bake', 'braise', 'Bake, covered', untilTender('slices', { wrap: 'lid' }), oven(160), {
          hands: start(4, 'Lid on, into the oven'),
          after: [...after(10, 'temper'), ...after(30, 'preheat')],
          doneWhen: { text: 'a fork goes in easily' },
        }),
        part('rest', 'rest', 'Rest', elastic(15, 25, 45), board, {
          hands: start(3, 'Out, lid ajar'),
        }),
        part('slice', 'slice', 'Slice', fixed(10), board, { hands: all('Slice across the grain') }),
      ],
    }),
  },
  {
    id: 'hot-then-low',
    name: 'Hot oven first, then lower',
    kind: 'main',
    cuts: ['pork-tenderloin', 'beef-fillet', 'pork-loin-boneless', 'lamb-rack'],
    cores: coresOf,
    fires: ['oven', 'grill'],
    schools: ['washing', 'tenderising', 'usedMarinade', 'firstHalfHour'],
    chain: ({ cut, coreC }) => ({
      foods: [food(meatOf(cut))],
      mixtures: [
        mixture('marinade', 'Honey and mustard marinade', 'marinade', [
          line('mustard-wholegrain', '40 g'),
          line('honey', '2 tbsp'),
          line('cider-vinegar', '2 tbsp'),
          line('olive-oil', '4 tbsp'),
          line('cider-dry', '60 ml'),
          line('salt-fine-table', '9 g'),
        ]),
      ],
      parts: [
        ...marinated('Mix, coat'),
        temper(30),
        preheat(230),
        part('hot', 'roast', 'Hot', fixed(15), oven(230), {
          hands: start(3, 'Into the hot oven'),
          after: [...after(10, 'temper'), ...after(20, 'preheat')],
        }),
        part('low', 'roast', 'Lower, by the probe', untilCore(coreC), oven(175), {
          hands: start(2, 'Down to 175, probe in'),
          doneWhen: { coreC },
          after: after(0, 'hot'),
        }),
        part('boil', 'boil', 'Sauce from the marinade', range(12, 14, 18), hob(100), {
          hands: start(4, 'Strain, onto a high ring: a full boil all through, then reduce'),
          after: shortOf('low', 10),
          mixtures: ['marinade'],
        }),
        part('rest', 'rest', 'Rest', elastic(6, 10, 20), board, {
          hands: start(2, 'Out, cover loosely'),
          after: after(0, 'low'),
        }),
        part('slice', 'slice', 'Slice', fixed(6), board, {
          hands: all('Slice, sauce over'),
          after: [...after(10, 'rest'), ...after(40, 'boil')],
        }),
      ],
    }),
  },
  {
    id: 'glazed-strips',
    name: 'Oven strips with a cooked glaze',
    kind: 'main',
    cuts: ['pork-belly-strips', 'chicken-thigh-boneless', 'pork-back-ribs'],
    cores: (cut) => (cut.startsWith('chicken') ? [74] : cut === 'pork-belly-strips' ? [85] : [75]),
    fires: ['oven', 'grill'],
    schools: ['washing', 'firstHalfHour'],
    chain: ({ cut, coreC }) => ({
      foods: [food({ ...meatOf(cut), inPieces: 8 })],
      mixtures: [
        mixture(
          'glaze',
          'Glaze',
          'marinade',
          [
            line('soy-sauce', '150 ml'),
            line('brown-sugar-packed', '90 g'),
            line('ginger-grated', '20 g'),
            line('garlic', '4 cloves', { scaling: 'count' }),
            line('rice-vinegar', '4 tbsp'),
          ],
          {
            boiled: true,
            reserve: { amount: '150 ml', scaling: 'linear', purpose: 'to glaze, clean' },
            ...hours(4, 8, 14),
          },
        ),
      ],
      parts: [
        part('cook', 'boil', 'Cook the glaze', range(9, 10, 12), hob(100), {
          hands: all('Boil, stirring, for ten minutes'),
          after: [],
          mixtures: ['glaze'],
        }),
        part('cool', 'cool', 'Let it go cold', { kind: 'cooling', mixture: 'glaze' }, fridge, {
          hands: start(2, 'Into the fridge'),
          after: after(30, 'cook'),
        }),
        part('mix', 'mix', 'Half on the strips, half kept clean', fixed(10), board, {
          hands: all('Set half aside, coat; wash up'),
          mixtures: ['glaze'],
          washes: true,
          after: after(undefined, 'cool'),
        }),
        part('soak', 'marinate', 'Marinate', { kind: 'soak', mixture: 'glaze' }, fridge),
        preheat(200),
        part('bake', 'roast', 'First bake', range(24, 25, 27), oven(200), {
          hands: start(4, 'On a rack, into the oven'),
          after: [...after(undefined, 'soak'), ...after(20, 'preheat')],
        }),
        part('brush', 'glaze', 'Glaze and turn', fixed(4), oven(200), {
          hands: all('Turn, brush with the clean half'),
          after: after(0, 'bake'),
          mixtures: ['glaze'],
        }),
        part('finish', 'roast', 'Second bake', range(10, 12, 15), oven(200), {
          doneWhen: { coreC },
          after: after(0, 'brush'),
        }),
        part('rest', 'rest', 'Rest', elastic(4, 6, 15), board, {
          hands: start(2, 'Off the heat'),
        }),
      ],
    }),
  },
  {
    id: 'long-roast',
    name: 'Long roast shoulder',
    kind: 'main',
    cuts: ['pork-shoulder-bone-in', 'lamb-shoulder-bone-in', 'wild-boar-shoulder'],
    cores: () => [89, 80, 93],
    fires: ['oven', 'smoker', 'grill', 'slow cooker'],
    schools: ['washing', 'tenderising', 'usedMarinade', 'firstHalfHour'],
    chain: ({ cut, coreC }) => ({
      foods: [food(meatOf(cut))],
      mixtures: [
        mixture(
          'marinade',
          'Sour orange marinade',
          'marinade',
          [
            line('bitter-orange-juice', '100 ml'),
            line('olive-oil', '3 tbsp'),
            line('garlic', '6 cloves', { scaling: 'count' }),
            line('oregano-dried', '2 tsp'),
            line('cumin-ground', '2 tsp'),
            line('salt-fine-table', '13 g'),
          ],
          hours(20, 24, 26),
        ),
      ],
      parts: [
        ...marinated('Mix, pierce and coat', 'marinade', 'Toss it in its marinade'),
        temper(60),
        preheat(150),
        part('roast', 'roast', 'Roast, long', untilCore(coreC), oven(150), {
          hands: [
            ...start(4, 'Into the oven'),
            every(40, 3, 'Look, baste with its own fat', 4 * H),
          ],
          doneWhen: { coreC, text: coreC > 85 ? 'it pulls apart' : 'it slices' },
          after: [...after(15, 'temper'), ...after(30, 'preheat')],
        }),
        part(
          'rest',
          'rest',
          'Rest in foil',
          elastic(40, 60, 100),
          { kind: 'box' },
          { hands: start(4, 'Wrap, into the box') },
        ),
        coreC > 85
          ? part('shred', 'shred', 'Pull', fixed(15), board, {
              hands: all('Pull, into its juices'),
            })
          : part('slice', 'slice', 'Slice', fixed(12), board, {
              hands: all('Slice across the grain'),
            }),
      ],
    }),
  },
  {
    id: 'brined-breast',
    name: 'Brined bird or breast, hot then lower',
    kind: 'main',
    cuts: ['turkey-breast', 'turkey-whole', 'chicken-whole', 'guinea-fowl-whole'],
    cores: () => [74],
    fires: ['oven', 'grill', 'smoker'],
    schools: ['brine', 'washing'],
    chain: ({ cut, coreC }) => ({
      foods: [food(meatOf(cut))],
      mixtures: [
        mixture(
          'brine',
          'Brine',
          'wet brine',
          [
            line('water', '1 l'),
            line('salt-fine-table', '50 g', { scaling: 'salt' }),
            line('granulated-sugar', '50 g', { scaling: 'sugar' }),
            line('bay-leaf', '2', { scaling: 'count' }),
            line('ice', '400 g'),
          ],
          {
            boiled: true,
            salting: { targetPct: 1.75, strengthPct: 6, sugarToSalt: 1 },
            ...(cut.endsWith('-whole') ? hours(12, 20, 24) : hours(8, 12, 16)),
          },
        ),
      ],
      parts: [
        ...brined(5),
        part('dry', 'chill', 'Dry, uncovered', elastic(30, 120, 12 * H), fridge, {
          hands: start(6, 'Drain, pat dry'),
          after: after(15, 'soak'),
        }),
        preheat(200),
        part('hot', 'roast', 'Hot', fixed(20), oven(200), {
          hands: start(3, 'Into the hot oven'),
          after: [...after(15, 'dry'), ...after(20, 'preheat')],
        }),
        part('low', 'roast', 'Lower, by the probe', untilCore(coreC), oven(170), {
          hands: start(2, 'Down to 170, probe in'),
          doneWhen: { coreC },
          after: after(0, 'hot'),
        }),
        part(
          'rest',
          'rest',
          'Rest',
          cut === 'turkey-whole' ? elastic(20, 30, 45) : elastic(10, 15, 25),
          board,
          {
            hands: start(2, 'Out, cover loosely'),
            after: after(0, 'low'),
          },
        ),
        part('slice', 'slice', 'Slice', fixed(8), board, { hands: all('Slice across the grain') }),
      ],
    }),
  },
];
