import { z } from 'zod';
import type { BasisDefinition } from './definition.ts';

const schema = z.looseObject({ kind: z.literal('cover') });

/** As much as covers the food in its vessel. */
export const cover = {
  kind: 'cover',
  schema,
  words: {
    en: {
      name: 'as much as covers the food',
      onScale: 'enough to cover, × {{factor}} of the recipe',
    },
  },
  factor: (_basis, { foodG, recipeMl, dose, coverMlPerG }) =>
    recipeMl * dose > 0 && foodG > 0 ? (foodG * coverMlPerG) / (recipeMl * dose) : 1,
  covers: true,
  byFood: true,
  begin: () => ({ kind: 'cover' }),
} as const satisfies BasisDefinition<typeof schema>;
