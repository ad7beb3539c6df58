import { z } from 'zod';
import type { BasisDefinition } from './definition.ts';

const schema = z.looseObject({
  kind: z.literal('perPortion'),
  baseline: z.number().positive().max(500),
});

/** Written for so many portions. */
export const perPortion = {
  kind: 'perPortion',
  schema,
  words: {
    en: { name: 'by the portion', onScale: 'by the portion, × {{factor}} of the recipe' },
  },
  factor: ({ baseline }, { portions }) => (portions > 0 ? portions / baseline : 1),
  begin: () => ({ kind: 'perPortion', baseline: 4 }),
} as const satisfies BasisDefinition<typeof schema>;
