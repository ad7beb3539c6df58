import { z } from 'zod';
import { COOLING_LEAST_SHARE, COOLING_MOST_SHARE } from '../../figures/index.ts';
import { id } from '../../quantity/index.ts';
import { estimate, type StepTimeDefinition, learntTimes } from './definition.ts';

const schema = z.looseObject({ kind: z.literal('cooling'), times: learntTimes, mixture: id });

/** A boiled mixture growing fridge-cold. */
export const cooling = {
  kind: 'cooling',
  schema,
  elastic: false,
  settle: ({ mixture }, { coolingMin }) => {
    const whole = coolingMin(mixture);
    const share = (part: number) => Math.round(whole * part);
    return {
      duration: estimate(share(COOLING_LEAST_SHARE), share(1), share(COOLING_MOST_SHARE)),
    };
  },
  allowed: ({ mixture }, { coolingMin }) => {
    const minutes = Math.round(coolingMin(mixture));
    return [minutes, minutes];
  },
} as const satisfies StepTimeDefinition<typeof schema>;
