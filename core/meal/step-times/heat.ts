import { z } from 'zod';
import { COOKERS, WRAPS } from '../../places/index.ts';
import { id, minutes } from '../../quantity/index.ts';
import { exactly, wholeMinutes, type StepTimeDefinition, learntTimes } from './definition.ts';

/** Tender enough to slice, or to pull apart. */
export const TENDERNESS = ['slices', 'pulls'] as const;

const schema = z.looseObject({
  kind: z.literal('heat'),
  times: learntTimes,
  food: id,
  until: z.union([
    z.looseObject({ coreC: z.number().min(-5).max(99) }),
    z.looseObject({ tender: z.enum(TENDERNESS) }),
  ]),
  wrap: z.enum(WRAPS).optional(),
  turnEveryMin: minutes.positive().optional(),
  /** Where the place does not say it: a slow cooker, a pressure cooker, deep fat. */
  cooker: z.enum(COOKERS).optional(),
});

/** As long as the heat takes to bring a food's middle there, from its cut, weight and fire. */
export const heat = {
  kind: 'heat',
  schema,
  elastic: false,
  settle: (_time, facts) => {
    const { minutes: band, reached } = facts.heat();
    const { rounds, message } = facts.panRounds();
    const { least, likely, most } = band;
    return {
      duration: wholeMinutes({
        least: rounds * least,
        likely: rounds * likely,
        most: rounds * most,
      }),
      reached,
      ...(rounds > 1 && { rounds }),
      fit: message,
    };
  },
  allowed: (_time, facts) => exactly(facts.heat().minutes.likely * facts.panRounds().rounds),
} as const satisfies StepTimeDefinition<typeof schema>;
