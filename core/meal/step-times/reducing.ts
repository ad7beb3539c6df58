import { z } from 'zod';
import { reducingMinutes } from '../../heat/index.ts';
import {
  exactly,
  wholeMinutes,
  type StepFacts,
  type StepTimeDefinition,
  learntTimes,
} from './definition.ts';

const schema = z.looseObject({
  kind: z.literal('reducing'),
  times: learntTimes,
  ml: z.number().positive(),
  /** What it is, where it grows with its batch: `ml` are those of its recipe. */
  mixture: z.string().optional(),
  /** What is left of it. */
  toShare: z.number().positive().lt(1),
  panCm: z.number().positive().max(80),
  ringW: z.number().positive().max(6000).default(1800),
});

/** Millilitres that begin to boil down, at the batch. */
export function reducingMl(
  { ml, mixture }: z.infer<typeof schema>,
  factorOfMixture: StepFacts['factorOfMixture'],
): number {
  return mixture === undefined ? ml : ml * factorOfMixture(mixture);
}

/** A sauce, as long as it takes to lose that much water. */
export const reducing = {
  kind: 'reducing',
  schema,
  elastic: false,
  settle: (pan, { conditions, factorOfMixture }) => {
    const lostMl = reducingMl(pan, factorOfMixture) * (1 - pan.toShare);
    return { duration: wholeMinutes(reducingMinutes(lostMl, pan, conditions)) };
  },
  allowed: (pan, { conditions, factorOfMixture }) => {
    const ml = reducingMl(pan, factorOfMixture);
    return exactly(reducingMinutes(ml - ml * pan.toShare, pan, conditions).likely);
  },
} as const satisfies StepTimeDefinition<typeof schema>;
