import { z } from 'zod';
import { ascending, minutes } from '../../quantity/index.ts';
import { estimate, type StepTimeDefinition } from './definition.ts';

const schema = z
  .looseObject({
    kind: z.literal('elastic'),
    leastMin: minutes,
    bestMin: minutes,
    longestMin: minutes,
    limitedBy: z.string().optional(),
  })
  .refine(...ascending('leastMin', 'bestMin', 'longestMin'));

/** A window of the cook's own. */
export const elastic = {
  kind: 'elastic',
  schema,
  elastic: true,
  settle: ({ leastMin, bestMin, longestMin, limitedBy }) => ({
    duration: estimate(leastMin, bestMin, longestMin),
    limitedBy:
      limitedBy === undefined ? undefined : { key: 'window.own', values: { text: limitedBy } },
  }),
  allowed: ({ leastMin, longestMin }) => [leastMin, longestMin],
  stageMin: ({ bestMin }) => bestMin,
} as const satisfies StepTimeDefinition<typeof schema>;
