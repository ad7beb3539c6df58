import {
  after,
  all,
  beside,
  board,
  elastic,
  fixed,
  food,
  fridge,
  grill,
  hob,
  hours,
  line,
  marinated,
  mixture,
  outside,
  part,
  range,
  sauceFor,
  smoker,
  start,
  temper,
  untilCore,
} from './parts.ts';
import { coresOf, type Pattern } from './pattern.ts';
import { meatOf } from './meat.ts';
import { by } from './side.ts';
import { doughParts, doughLines } from './dough-parts.ts';

const lightSmoker = (tempC: number) =>
  part('light', 'light', 'Light the smoker', { kind: 'readying', what: 'smoker' }, smoker(tempC), {
    after: [],
  });

const quickPickle = mixture(
  'pickle',
  'Quick pickle',
  'pickle',
  [
    line('rice-vinegar', '120 ml'),
    line('granulated-sugar', '30 g'),
    line('salt-fine-table', '6 g'),
  ],
  {
    on: ['cucumber'],
    basis: { kind: 'perWeight', baselineG: 300 },
    touchesRaw: false,
    ...hours(0.5, 2, 48),
  },
);

/** The usual core of the chain before the others: what is rarer than guidance says so at its step. */
function rarerFirst(cores: readonly number[], usualC: number | undefined): number[] {
  return usualC === undefined ? [...cores] : [usualC, ...cores.filter((coreC) => coreC !== usualC)];
}

/** Chains in smoke. Figures: our own neutral defaults, common practice, no source. */
export const SMOKE: readonly Pattern[] = [
  {
    id: 'smoke-then-grill',
    name: 'Smoked strips, with steamed buns',
    kind: 'main',
    cuts: ['pork-belly-strips', 'pork-collar-steak'],
    cores: () => [65],
    schools: ['washing', 'usedMarinade', 'firstHalfHour'],
    chain: ({ cut, coreC }) => ({
      foods: [
        food({ ...meatOf(cut), inPieces: 4, thicknessMm: 50 }),
        {
          id: 'flour',
          name: 'flour',
          cut: 'flour-for-flatbread',
          share: { kind: 'pieces', pieces: 2, pieceG: 35, by: 'head' },
        },
        by('cucumber', 'cucumber', 'vegetable-side', 70),
      ],
      mixtures: [
        mixture(
          'marinade',
          'Soy and malt marinade',
          'marinade',
          [
            line('soy-sauce', '100 ml'),
            line('malt-syrup', '3 tbsp'),
            line('rice-vinegar', '4 tbsp'),
            line('water', '60 ml'),
            line('five-spice', '1 tsp'),
          ],
          {
            reserve: { amount: '40 ml', scaling: 'linear', purpose: 'sauce' },
            ...hours(3, 4, 12),
          },
        ),
        {
          ...mixture('dough', 'Bun dough', 'dough', doughLines(58)),
          basis: { kind: 'perWeight', baselineG: 500 },
          on: ['flour'],
        },
        quickPickle,
      ],
      parts: [
        ...marinated('Mix, set a part aside, coat the strips'),
        lightSmoker(120),
        part('smoke', 'smoke', 'Smoke', untilCore(62), smoker(120), {
          hands: start(4, 'On the grate, lid down'),
          after: [...after(undefined, 'soak'), ...after(20, 'light')],
        }),
        part('grill', 'grill', 'Over direct heat', untilCore(coreC), grill(230), {
          hands: all('Turn until the edges catch'),
          doneWhen: { coreC },
          after: after(5, 'smoke'),
        }),
        part('rest', 'rest', 'Rest', elastic(5, 10, 15), outside, {
          hands: start(2, 'Off, cover loosely'),
          after: after(0, 'grill'),
        }),
        part('slice', 'slice', 'Slice', fixed(6), board, {
          hands: all('Slice across the grain'),
          after: after(5, 'rest'),
        }),
        ...doughParts('dough'),
        part(
          'steam',
          'steam',
          'Steam the buns',
          { kind: 'batches', food: 'flour', perBatch: 8, leastMin: 10, likelyMin: 11, mostMin: 13 },
          hob(100),
          { hands: start(3, 'Into the steamer'), after: after(15, 'prove') },
        ),
        part('cut', 'prepare', 'Slice the cucumber, pour the pickle on', fixed(12), board, {
          hands: all('Slice, pour on'),
          after: [],
          mixtures: ['pickle'],
        }),
        part('pickle', 'soak', 'Pickle', { kind: 'soak', mixture: 'pickle' }, fridge, {
          after: after(10, 'cut'),
        }),
        part('crumble', 'fry', 'Crumble in the pan', range(6, 8, 10), hob(170), {
          hands: all('Toast crumbs in a little fat'),
          after: [],
        }),
        part(
          'serve',
          'serve',
          'Fill the buns',
          fixed(5),
          { kind: 'table' },
          {
            hands: all('Fill at the table'),
            after: [
              ...after(10, 'slice'),
              ...after(20, 'steam'),
              ...after(undefined, 'pickle'),
              ...after(60, 'crumble'),
            ],
          },
        ),
      ],
    }),
  },
  {
    id: 'smoked-loin',
    name: 'Loin by the probe',
    kind: 'main',
    cuts: ['venison-loin', 'pork-loin-boneless', 'beef-fillet'],
    cores: (cut) => rarerFirst(coresOf(cut), cut === 'venison-loin' ? 54 : undefined),
    fires: ['smoker', 'grill', 'oven'],
    schools: ['washing', 'usedMarinade', 'firstHalfHour'],
    chain: ({ cut, coreC }) => ({
      foods: [food(meatOf(cut))],
      mixtures: [
        mixture(
          'marinade',
          'Juniper marinade',
          'marinade',
          [
            line('wine-dry', '150 ml'),
            line('juniper-berry', '10', { scaling: 'count' }),
            line('olive-oil', '3 tbsp'),
            line('thyme-sprig', '4', { scaling: 'count' }),
            line('salt-fine-table', '8 g'),
          ],
          hours(12, 24, 30),
        ),
        sauceFor('Fruit, reduced', [
          line('redcurrant-jelly', '120 g'),
          line('wine-dry', '200 ml'),
          line('stock-low-salt', '150 ml'),
        ]),
      ],
      parts: [
        ...marinated('Mix, coat', 'marinade', 'Turn it over two or three times'),
        temper(30),
        lightSmoker(150),
        part('smoke', 'smoke', 'Slow, by the probe', untilCore(coreC), smoker(150), {
          hands: start(4, 'On the grate, probe in the middle'),
          doneWhen: { coreC },
          after: [...after(15, 'temper'), ...after(20, 'light')],
        }),
        part('rest', 'rest', 'Rest', elastic(4, 5, 12), board, {
          hands: start(2, 'Off, cover loosely'),
          after: after(0, 'smoke'),
        }),
        part(
          'reduce',
          'reduce',
          'Reduce the fruit by half',
          { kind: 'reducing', mixture: 'sauce', ml: 350, toShare: 0.5, panCm: 24, ringW: 1800 },
          hob(100),
          {
            hands: start(3, 'Jelly, wine and stock on a high ring'),
            after: beside('smoke'),
            mixtures: ['sauce'],
          },
        ),
        part('slice', 'slice', 'Slice', fixed(6), board, {
          hands: all('Slice across the grain'),
          after: [...after(10, 'rest'), ...after(30, 'reduce')],
        }),
      ],
    }),
  },
];
