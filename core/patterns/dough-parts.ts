import type { Mixture, MixtureLine } from '../batch/index.ts';
import { after, all, board, counter, fixed, line, mixture, part, type Part } from './parts.ts';

/** What is made of a dough or a batter, with its mixture. */
export const madeOf = (
  kind: 'dough' | 'batter',
  food: string,
  name: string,
  baselineG: number,
  lines: MixtureLine[],
): Mixture => ({
  ...mixture(kind, name, kind, lines),
  basis: { kind: 'perWeight', baselineG },
  on: [food],
});

/** A plain dough by what it holds of water, for half a kilo of flour. */
export const doughLines = (waterPct: number): MixtureLine[] => [
  line('bread-flour', '500 g'),
  line('water', `${Math.round(waterPct * 5)} g`),
  line('instant-yeast', '5 g'),
  line('salt-fine-table', '9 g'),
];

/** Kneaded, risen, shaped, proved. */
export function doughParts(mixtureId: string, yeastPct = 1, saltPct = 1.8): Part[] {
  return [
    part('knead', 'knead', 'Mix and knead', fixed(15), board, {
      hands: all('Mix, knead until smooth'),
      after: [],
      mixtures: [mixtureId],
    }),
    part('rise', 'rise', 'Rise', { kind: 'rising', yeastPct, saltPct }, counter, {
      after: after(0, 'knead'),
      doneWhen: { text: 'doubled' },
    }),
    part('shape', 'shape', 'Shape', fixed(15), board, {
      hands: all('Divide and shape'),
      after: after(0, 'rise'),
    }),
    part(
      'prove',
      'rise',
      'Prove',
      { kind: 'elastic', leastMin: 15, bestMin: 25, longestMin: 45 },
      counter,
      { after: after(0, 'shape') },
    ),
  ];
}
