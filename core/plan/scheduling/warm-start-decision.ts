import { z } from 'zod';

/** What an earlier plan decided, in words that outlast a change of the meal. */
export const WarmStartDecisionSchema = z.object({
  kind: z.enum(['order', 'leave', 'before', 'after']),
  /** What it is about: for an order, the first of two. */
  demand: z.string(),
  second: z.string().optional(),
  resource: z.string(),
  /** Before or after this moment. */
  min: z.number().optional(),
});
export type WarmStartDecision = Readonly<z.infer<typeof WarmStartDecisionSchema>>;

/** What a plan hands on to the next, so that it moves as little as possible. */
export interface PlanOrder {
  /** When it serves, epoch minutes. */
  readonly servingMin: number;
  readonly warmStart: readonly WarmStartDecision[];
  /** What it wished for in hand, where the cook has not set it. */
  readonly inHandTimes?: number | undefined;
}
