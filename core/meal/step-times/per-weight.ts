import { z } from 'zod';
import { ascending, id, minutes } from '../../quantity/index.ts';
import { estimate, type StepTimeDefinition } from './definition.ts';

const schema = z
  .looseObject({
    kind: z.literal('perWeight'),
    food: id,
    leastMinPerKg: z.number().nonnegative(),
    likelyMinPerKg: z.number().nonnegative(),
    mostMinPerKg: z.number().nonnegative(),
    plusMin: minutes.default(0),
  })
  .refine(...ascending('leastMinPerKg', 'likelyMinPerKg', 'mostMinPerKg'));

/** A rule of thumb by the weight of a food. */
export const perWeight = {
  kind: 'perWeight',
  schema,
  elastic: false,
  settle: ({ food, leastMinPerKg, likelyMinPerKg, mostMinPerKg, plusMin }, { weightG }) => {
    const kg = weightG(food) / 1000;
    const long = (perKg: number) => Math.round(perKg * kg) + plusMin;
    return { duration: estimate(long(leastMinPerKg), long(likelyMinPerKg), long(mostMinPerKg)) };
  },
  allowed: ({ food, likelyMinPerKg, plusMin }, { weightG }) => {
    const minutesLong = Math.round((likelyMinPerKg * weightG(food)) / 1000) + plusMin;
    return [minutesLong, minutesLong];
  },
} as const satisfies StepTimeDefinition<typeof schema>;
