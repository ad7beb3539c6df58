import { z } from 'zod';
import { ascending } from '../../quantity/index.ts';
import { estimate, type StepTimeDefinition } from './definition.ts';
import { rangeFields } from './range-fields.ts';

const schema = z
  .looseObject({ kind: z.literal('range'), ...rangeFields })
  .refine(...ascending('leastMin', 'likelyMin', 'mostMin'));

/** As long as it takes, which the cook knows within bounds. */
export const range = {
  kind: 'range',
  schema,
  elastic: false,
  settle: ({ leastMin, likelyMin, mostMin }) => ({
    duration: estimate(leastMin, likelyMin, mostMin),
  }),
  allowed: ({ likelyMin }) => [likelyMin, likelyMin],
  stageMin: ({ likelyMin }) => likelyMin,
} as const satisfies StepTimeDefinition<typeof schema>;
