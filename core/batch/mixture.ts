import { z } from 'zod';
import { amount, ascending, grams, id, minutes, type Known } from './fields.ts';

export const LineSchema = z.looseObject({
  ingredient: z.string(),
  /** What the cook calls it, where that differs from the pantry. */
  name: z.string().optional(),
  amount,
  scaling: z.enum(['linear', 'count', 'heldBack']).default('linear'),
  /** Held back: the batch factor is raised to this. */
  exponent: z.number().min(0).max(1).default(0.67),
  note: z.string().optional(),
});

export const MixtureSchema = z.looseObject({
  id,
  name: z.string().min(1),
  kind: z.enum([
    'marinade',
    'paste',
    'rub',
    'dry brine',
    'wet brine',
    'glaze',
    'sauce',
    'pickle',
    'dough',
  ]),
  basis: z.discriminatedUnion('kind', [
    z.looseObject({ kind: z.literal('perWeight'), baselineG: grams }),
    z.looseObject({ kind: z.literal('fixed') }),
  ]),
  on: z.array(id).default([]),
  lines: z.array(LineSchema),
  reserve: z
    .looseObject({
      amount,
      /** Grows with the batch, or stays as it is. */
      scaling: z.enum(['linear', 'fixed']).default('linear'),
      purpose: z.string(),
    })
    .optional(),
  window: z
    .looseObject({
      leastMin: minutes,
      bestMin: minutes,
      longestMin: minutes,
      leastBecause: z.string().optional(),
      limitedBy: z.string().optional(),
    })
    .refine(...ascending('leastMin', 'bestMin', 'longestMin'))
    .optional(),
  vessel: z.string().optional(),
  touchesRaw: z.boolean().default(true),
  note: z.string().optional(),
});

export type Mixture = Known<z.infer<typeof MixtureSchema>>;
export type MixtureLine = Known<z.infer<typeof LineSchema>>;
