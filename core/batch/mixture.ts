import { HELD_BACK_EXPONENT } from '../figures/index.ts';
import { z } from 'zod';
import { AVOIDABLE } from '../pantry/index.ts';
import { basisNamed, BasisSchema } from './bases/registry.ts';
import { amount, ascending, id, minutes, type Known } from '../quantity/index.ts';

/** How a line grows with its batch. */
export const SCALINGS = [
  /** With the batch. */
  'linear',
  /** With the batch, to a number one can take. */
  'count',
  /** More slowly: heat and strong spice, by an exponent. */
  'heldBack',
  /** As the cook likes it; the amount is the last choice. */
  'toTaste',
  /** As much as the salting of the mixture asks for. */
  'salt',
  /** By its ratio to the salt. */
  'sugar',
] as const;
export type Scaling = (typeof SCALINGS)[number];

export const LineSchema = z.looseObject({
  /** Of the pantry; with a `part`, another mixture of the dish. */
  ingredient: z.string(),
  /** A mixture made before: all of it, what was kept clean, or what has been on the food. */
  part: z.enum(['whole', 'reserve', 'used']).optional(),
  /** What the cook calls it, where that differs from the pantry. */
  name: z.string().optional(),
  amount,
  scaling: z.enum(SCALINGS).default('linear'),
  /** Held back: the batch factor is raised to this. */
  exponent: z.number().min(0).max(1).default(HELD_BACK_EXPONENT),
  /** So much in this batch, whatever it weighs. */
  locked: amount.optional(),
  /** The school of practice that put it here. */
  school: z.string().optional(),
  note: z.string().optional(),
});

export const MIXTURE_KINDS = [
  'marinade',
  'paste',
  'rub',
  'dry brine',
  'wet brine',
  'glaze',
  'sauce',
  'pickle',
  'dough',
  'batter',
] as const;

/** What a food is made of, and not what goes on it. */
export const MAKES_FOOD: ReadonlySet<(typeof MIXTURE_KINDS)[number]> = new Set(['dough', 'batter']);

/** A part for eaters who avoid something, taken out before what they avoid goes in. */
export const VariantSchema = z.looseObject({
  id,
  name: z.string().min(1),
  forAvoids: z.array(z.enum(AVOIDABLE)).min(1, 'must say what is avoided'),
  on: z.array(id).default([]),
  /** What goes in instead, written for the baseline of the mixture. */
  instead: z.array(LineSchema).default([]),
});

export const SaltingSchema = z.looseObject({
  /** Left out: as the kitchen does it. */
  by: z.enum(['equilibrium', 'strong', 'dry']).optional(),
  /** Salt wanted in the food, % of its weight without bone. */
  targetPct: z.number().positive().max(8),
  /** Strong and short: salt in the brine, % of its weight. */
  strengthPct: z.number().positive().max(26).default(5),
  /** Grams of sugar for a gram of salt. */
  sugarToSalt: z.number().nonnegative().max(5).default(0),
});

export const WindowSchema = z
  .looseObject({
    leastMin: minutes,
    bestMin: minutes,
    longestMin: minutes,
    leastBecause: z.string().optional(),
    limitedBy: z.string().optional(),
  })
  .refine(...ascending('leastMin', 'bestMin', 'longestMin'));

export const MixtureSchema = z.looseObject({
  id,
  name: z.string().min(1),
  kind: z.enum(MIXTURE_KINDS),
  basis: BasisSchema,
  on: z.array(id).default([]),
  lines: z.array(LineSchema),
  variants: z.array(VariantSchema).optional(),
  salting: SaltingSchema.optional(),
  reserve: z
    .looseObject({
      amount,
      /** Grows with the batch, or stays as it is. */
      scaling: z.enum(['linear', 'fixed']).default('linear'),
      purpose: z.string(),
    })
    .optional(),
  /** The cook's own; left out, it follows from what is in the mixture and what it goes on. */
  window: WindowSchema.optional(),
  vessel: z.string().optional(),
  /** The air pressed out of the bag, or a plate laid on top. */
  pressed: z.boolean().optional(),
  /** Brought to the boil first, and cooled cold before the food goes in. */
  boiled: z.boolean().optional(),
  /** Made ahead: so many days cold. */
  keepsDays: z.number().positive().max(365).optional(),
  touchesRaw: z.boolean().default(true),
  note: z.string().optional(),
});

export type Mixture = Known<z.infer<typeof MixtureSchema>>;
export type MixtureLine = Known<z.infer<typeof LineSchema>>;
export type Variant = Known<z.infer<typeof VariantSchema>>;
export type Salting = Known<z.infer<typeof SaltingSchema>>;
export type MixtureKind = Mixture['kind'];

/** Kinds that lie on food for a time. */
const SOAKING: ReadonlySet<MixtureKind> = new Set([
  'marinade',
  'paste',
  'rub',
  'dry brine',
  'wet brine',
  'pickle',
]);

/** Whether a mixture lies on its food for hours one plans. */
export function soaks(mixture: Pick<Mixture, 'kind' | 'window' | 'basis'>): boolean {
  if (mixture.window !== undefined) return true;
  return SOAKING.has(mixture.kind) && !basisNamed(mixture.basis.kind).onlyUsed;
}
