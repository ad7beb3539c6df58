import { z } from 'zod';
import { minutes } from '../../quantity/index.ts';
import { estimate, type StepTimeDefinition } from './definition.ts';

const schema = z.looseObject({ kind: z.literal('fixed'), minutes });

/** So many minutes, neither more nor fewer. */
export const fixed = {
  kind: 'fixed',
  schema,
  elastic: false,
  settle: ({ minutes: long }) => ({ duration: estimate(long, long, long) }),
  allowed: ({ minutes: long }) => [long, long],
  stageMin: ({ minutes: long }) => long,
} as const satisfies StepTimeDefinition<typeof schema>;
