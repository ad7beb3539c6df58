import { FRIDGE_C, USUAL_EGG_G } from '../figures/index.ts';
import { eggMinutes } from '../heat/index.ts';
import { CUTS } from '../pantry/index.ts';
import type { Food } from '../meal/index.ts';
import { waterOn } from './boiled.ts';
import {
  after,
  all,
  board,
  elastic,
  every,
  fixed,
  hob,
  part,
  range,
  start,
  type Part,
} from './parts.ts';
import type { Pattern } from './pattern.ts';

/**
 * Where yolk meets white, and the most minutes cooks give a usual egg from the fridge: firm first, as
 * guidance has it, then medium, jammy, soft. Kitchen convention, from memory, confidence 0.85.
 */
const EGG_CORES: ReadonlyArray<readonly [coreC: number, mostMin: number]> = [
  [77, 12],
  [70, 9],
  [66, 7],
  [63, 6],
];

const SIZES = ['eggs', 'eggs-medium', 'eggs-extra-large', 'eggs-jumbo'] as const;

const egg = (cut: string): Food => ({
  id: 'eggs',
  name: 'eggs',
  cut,
  share: { kind: 'pieces', pieces: 1, pieceG: gramsOf(cut), by: 'head' },
});

const gramsOf = (cut: string) => CUTS.get(cut)?.pieceG ?? USUAL_EGG_G;

/** Between the formula and the kitchen's own minutes, which go with the egg's size as the formula does. */
function eggRange(cut: string, coreC: number) {
  const shellG = gramsOf(cut);
  const least = eggMinutes(shellG, FRIDGE_C, 100, coreC);
  const mostUsual = EGG_CORES.find(([at]) => at === coreC)?.[1] ?? least * 1.4;
  const most = Math.round(mostUsual * (shellG / USUAL_EGG_G) ** (2 / 3));
  return range(Math.round(least), Math.round((least + most) / 2), most);
}

/** An egg dish of one chain, whatever the size of its eggs. */
const inWater = (id: string, name: string, parts: Part[], readyWithinMin: number): Pattern => ({
  id,
  name,
  kind: 'side',
  cuts: SIZES,
  cores: () => [],
  schools: [],
  chain: ({ cut }) => ({ foods: [egg(cut)], mixtures: [], parts, readyWithinMin }),
});

/** Eggs in water. Minutes: a published formula and kitchen convention, from memory. */
export const EGGS: readonly Pattern[] = [
  {
    id: 'eggs',
    name: 'Eggs in their shell',
    kind: 'side',
    cuts: SIZES,
    cores: () => EGG_CORES.map(([coreC]) => coreC),
    schools: [],
    chain: ({ cut, coreC }) => ({
      foods: [egg(cut)],
      mixtures: [],
      parts: [
        waterOn(1500),
        part('cook', 'boil', 'Boil', eggRange(cut, coreC), hob(100), {
          hands: start(1, 'In, straight from the fridge'),
          after: after(15, 'water'),
          doneWhen: { coreC },
        }),
        part('cold', 'serve', 'Cold water, then table', fixed(2), board, {
          hands: all('Under cold water'),
          after: after(1, 'cook'),
        }),
      ],
      readyWithinMin: 10,
    }),
  },
  inWater(
    'eggs-poached',
    'Eggs, poached',
    [
      waterOn(2000, 'Water on, a spoon of vinegar'),
      part(
        'poach',
        'simmer',
        'Poach, barely moving',
        { kind: 'batches', food: 'eggs', perBatch: 4, leastMin: 3, likelyMin: 4, mostMin: 4 },
        hob(92),
        {
          hands: all('Crack into a cup, slip in, lift out onto cloth'),
          after: after(15, 'water'),
          doneWhen: { coreC: 63, text: 'white set, yolk soft' },
        },
      ),
    ],
    6,
  ),
  inWater(
    'eggs-low',
    'Eggs, held at 63 degrees',
    [
      part('water', 'simmer', 'Water to 63°', range(10, 12, 15), hob(63), {
        hands: start(5, 'Water on, to 63 by the thermometer'),
        after: [],
      }),
      part('hold', 'simmer', 'Eggs in, held there', range(45, 50, 60), hob(63), {
        hands: [...start(2, 'Eggs in, in their shells'), every(10, 1, 'Look at the thermometer')],
        after: after(15, 'water'),
        doneWhen: { coreC: 63, text: 'white like soft curd' },
      }),
      part('stand', 'rest', 'Out, ready to crack', elastic(1, 3, 20), board, {
        hands: start(1, 'Lift out'),
      }),
    ],
    15,
  ),
];
