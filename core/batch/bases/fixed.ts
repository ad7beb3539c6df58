import { z } from 'zod';
import type { BasisDefinition } from './definition.ts';

const schema = z.looseObject({ kind: z.literal('fixed') });

/** One batch, as it is written. */
export const fixed = {
  kind: 'fixed',
  schema,
  words: { en: { name: 'one batch, as written', onScale: 'one batch, as written' } },
  factor: () => 1,
  begin: () => ({ kind: 'fixed' }),
} as const satisfies BasisDefinition<typeof schema>;
