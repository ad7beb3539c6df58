import { z } from 'zod';
import { id } from '../../quantity/index.ts';
import { estimate, type StepTimeDefinition } from './definition.ts';

const schema = z.looseObject({ kind: z.literal('soak'), mixture: id });

/** The window of a mixture: how long it may stay on the food. */
export const soak = {
  kind: 'soak',
  schema,
  elastic: true,
  settle: ({ mixture }, { soakWindow }) => {
    const { leastMin, bestMin, longestMin, limitedBy } = soakWindow(mixture);
    return { duration: estimate(leastMin, bestMin, longestMin), limitedBy };
  },
  allowed: ({ mixture }, { soakWindow }) => {
    const window = soakWindow(mixture);
    return [window.leastMin, window.longestMin];
  },
} as const satisfies StepTimeDefinition<typeof schema>;
