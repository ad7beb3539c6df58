import { z } from 'zod';
import { grams } from '../../quantity/index.ts';
import type { BasisDefinition } from './definition.ts';

const schema = z.looseObject({ kind: z.literal('perWeight'), baselineG: grams });

/** Written for so much food. */
export const perWeight = {
  kind: 'perWeight',
  schema,
  words: {
    en: { name: 'by the weight of the food', onScale: 'by weight, × {{factor}} of the recipe' },
  },
  factor: ({ baselineG }, { foodG }) => (foodG > 0 ? foodG / baselineG : 1),
  byFood: true,
  begin: (foodG) => ({ kind: 'perWeight', baselineG: foodG > 0 ? Math.round(foodG) : 1000 }),
} as const satisfies BasisDefinition<typeof schema>;
