import { z } from 'zod';
import { reducingMinutes } from '../../heat/index.ts';
import { exactly, wholeMinutes, type StepTimeDefinition, learntTimes } from './definition.ts';

const schema = z.looseObject({
  kind: z.literal('reducing'),
  times: learntTimes,
  ml: z.number().positive(),
  /** What is left of it. */
  toShare: z.number().positive().lt(1),
  panCm: z.number().positive().max(80),
  ringW: z.number().positive().max(6000).default(1800),
});

/** A sauce, as long as it takes to lose that much water. */
export const reducing = {
  kind: 'reducing',
  schema,
  elastic: false,
  settle: (pan, { conditions }) => {
    const lostMl = pan.ml * (1 - pan.toShare);
    return { duration: wholeMinutes(reducingMinutes(lostMl, pan, conditions)) };
  },
  allowed: (pan, { conditions }) =>
    exactly(reducingMinutes(pan.ml - pan.ml * pan.toShare, pan, conditions).likely),
} as const satisfies StepTimeDefinition<typeof schema>;
