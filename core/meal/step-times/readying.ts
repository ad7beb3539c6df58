import { z } from 'zod';
import { readyingMinutes } from '../../heat/index.ts';
import { READYING } from '../../places/index.ts';
import { wholeMinutes, type StepTimeDefinition, learntTimes } from './definition.ts';

const schema = z.looseObject({
  kind: z.literal('readying'),
  times: learntTimes,
  what: z.enum(READYING),
});

/** A fire or an oven getting ready. */
export const readying = {
  kind: 'readying',
  schema,
  elastic: false,
  settle: ({ what }) => ({ duration: wholeMinutes(readyingMinutes(what)) }),
  allowed: ({ what }) => {
    const likely = Math.round(readyingMinutes(what).likely);
    return [likely, likely];
  },
} as const satisfies StepTimeDefinition<typeof schema>;
