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

/** A window of the cook's own, as for indoors: a rest outside is over the sooner the colder it is. */
export const elastic = {
  kind: 'elastic',
  schema,
  elastic: true,
  settle: ({ leastMin, bestMin, longestMin, limitedBy }, { coolsTimes, conditions }) => ({
    duration: estimate(
      leastMin,
      Math.max(leastMin, Math.round(bestMin / coolsTimes)),
      Math.max(leastMin, Math.round(longestMin / coolsTimes)),
    ),
    limitedBy:
      limitedBy !== undefined
        ? { key: 'window.own', values: { text: limitedBy } }
        : coolsTimes > 1
          ? { key: 'window.outside', values: { tempC: { tempC: conditions.outdoorC } } }
          : undefined,
  }),
  allowed: ({ leastMin, longestMin }, { coolsTimes }) => [
    leastMin,
    Math.max(leastMin, Math.round(longestMin / coolsTimes)),
  ],
  stageMin: ({ bestMin }) => bestMin,
} as const satisfies StepTimeDefinition<typeof schema>;
