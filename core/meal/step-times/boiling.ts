import { z } from 'zod';
import { TAP_WATER_C } from '../../figures/index.ts';
import { boilingMinutes } from '../../heat/index.ts';
import { exactly, wholeMinutes, type StepTimeDefinition, learntTimes } from './definition.ts';

const schema = z.looseObject({
  kind: z.literal('boiling'),
  times: learntTimes,
  ml: z.number().positive(),
  ringW: z.number().positive().max(6000).default(1800),
});

/** A pot coming to the boil. */
export const boiling = {
  kind: 'boiling',
  schema,
  elastic: false,
  settle: ({ ml, ringW }, { conditions }) => ({
    duration: wholeMinutes(boilingMinutes(ml, TAP_WATER_C, ringW, conditions)),
  }),
  allowed: ({ ml, ringW }, { conditions }) =>
    exactly(boilingMinutes(ml, TAP_WATER_C, ringW, conditions).likely),
} as const satisfies StepTimeDefinition<typeof schema>;
