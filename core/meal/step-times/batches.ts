import { z } from 'zod';
import { ascending, id } from '../../quantity/index.ts';
import { PlaceSchema } from '../place-schema.ts';
import { estimate, type StepTimeDefinition, learntTimes } from './definition.ts';
import { rangeFields } from './range-fields.ts';

const schema = z
  .looseObject({
    kind: z.literal('batches'),
    times: learntTimes,
    food: id,
    perBatch: z.number().int().positive(),
    ...rangeFields,
    /** Where the first rounds wait for the last. */
    keepWarm: PlaceSchema.optional(),
  })
  .refine(...ascending('leastMin', 'likelyMin', 'mostMin'));

/** So many at a time; the minutes are those of one round. */
export const batches = {
  kind: 'batches',
  schema,
  elastic: false,
  settle: ({ food, perBatch, leastMin, likelyMin, mostMin }, { pieces }) => {
    const rounds = Math.max(1, Math.ceil(pieces(food) / perBatch));
    return {
      duration: estimate(rounds * leastMin, rounds * likelyMin, rounds * mostMin),
      rounds,
    };
  },
  allowed: ({ food, perBatch, likelyMin }, { pieces }) => {
    const minutesLong = Math.max(1, Math.ceil(pieces(food) / perBatch)) * likelyMin;
    return [minutesLong, minutesLong];
  },
  stageMin: ({ likelyMin }) => likelyMin,
} as const satisfies StepTimeDefinition<typeof schema>;
