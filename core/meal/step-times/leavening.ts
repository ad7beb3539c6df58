import { z } from 'zod';
import { type StepTimeDefinition, learntTimes } from './definition.ts';
import { allowedRise, settledRise } from './dough.ts';

const schema = z.looseObject({
  kind: z.literal('leavening'),
  times: learntTimes,
  /** Ripe leaven, % of the flour. */
  leavenPct: z.number().positive().max(100),
  saltPct: z.number().min(0).max(4).default(2),
});

/** The same, with sourdough instead of yeast. */
export const leavening = {
  kind: 'leavening',
  schema,
  elastic: true,
  settle: (dough, { placeC }) => settledRise(dough, placeC),
  allowed: (dough, { placeC }) => allowedRise(dough, placeC),
} as const satisfies StepTimeDefinition<typeof schema>;
