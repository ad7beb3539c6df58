import { z } from 'zod';
import { type StepTimeDefinition, learntTimes } from './definition.ts';
import { allowedRise, settledRise } from './dough.ts';

const schema = z.looseObject({
  kind: z.literal('rising'),
  times: learntTimes,
  /** Instant yeast, % of the flour. */
  yeastPct: z.number().positive().max(5),
  saltPct: z.number().min(0).max(4).default(2),
});

/** A dough, as long as it takes to rise where it stands. */
export const rising = {
  kind: 'rising',
  schema,
  elastic: true,
  settle: (dough, { placeC }) => settledRise(dough, placeC),
  allowed: (dough, { placeC }) => allowedRise(dough, placeC),
} as const satisfies StepTimeDefinition<typeof schema>;
