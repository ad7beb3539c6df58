import { z } from 'zod';
import type { BasisDefinition } from './definition.ts';

const schema = z.looseObject({ kind: z.literal('asUsed') });

/** As much as the dish's other mixtures take of it. */
export const asUsed = {
  kind: 'asUsed',
  schema,
  words: {
    en: { name: 'as much as the others take', onScale: 'as much as is used, × {{factor}}' },
  },
  factor: (_basis, { recipeG, demandedG }) =>
    recipeG > 0 && demandedG !== undefined && demandedG > 0 ? demandedG / recipeG : 1,
  onlyUsed: true,
  begin: () => ({ kind: 'asUsed' }),
} as const satisfies BasisDefinition<typeof schema>;
