import { z } from 'zod';
import { id, type Known } from '../quantity/index.ts';
import { allergensNamed } from './allergens-named.ts';
import { heldBy, type Cut } from './cut.ts';
import { saltPctOfSodium, type Ingredient } from './ingredient.ts';
import { ACIDS, AnimalSchema, AVOIDABLE, ENZYMES, SHAPES, SOAK_GROUPS } from './rows.ts';

const amount = z.number().nonnegative();
const percent = z.number().min(0).max(100);
const share = z.number().min(0).max(1);

/** An ingredient of the cook's own. With the id of a built-in one it takes its place. */
export const OwnIngredientSchema = z.looseObject({
  id,
  name: z.string().min(1),
  section: z.string().default('other'),
  /** Left out: what its name says, as such things usually are. */
  holds: z.array(z.enum(AVOIDABLE)).optional(),
  spice: z.boolean().default(false),
  crystal: z.boolean().default(false),
  gPerMl: z.number().positive().max(25).optional(),
  sodiumMgPer100g: amount.max(40_000).default(0),
  sugarsGPer100g: percent.default(0),
  /** Left out: all its sodium is salt. */
  saltPct: percent.optional(),
  waterPct: percent.default(0),
  alcoholPct: percent.default(0),
  acid: z
    .looseObject({ as: z.enum(ACIDS), pct: percent, pH: z.number().min(0).max(14) })
    .optional(),
  enzyme: z.enum(ENZYMES).default('none'),
  countG: z.record(z.string(), z.number().positive()).optional(),
});
export type OwnIngredient = Known<z.infer<typeof OwnIngredientSchema>>;

/** A cut of the cook's own. With the id of a built-in one it takes its place. */
export const OwnCutSchema = z
  .looseObject({
    id,
    name: z.string().min(1),
    animal: AnimalSchema,
    soaks: z.enum(SOAK_GROUPS),
    holds: z.array(z.enum(AVOIDABLE)).optional(),
    shape: z.enum(SHAPES).default('slab'),
    thicknessMm: z.number().positive().max(500),
    boneShare: share.default(0),
    trimShare: share.default(0),
    /** Cooked weight over raw weight; grains gain. */
    cookedShare: z.number().positive().max(5).default(0.75),
    rawPerAdultG: z.looseObject({ low: z.number().positive(), high: z.number().positive() }),
  })
  .refine((cut) => cut.boneShare + cut.trimShare < 1, {
    message: 'must leave something to eat once bone and trim are off',
  })
  .refine((cut) => cut.rawPerAdultG.low <= cut.rawPerAdultG.high, {
    message: 'must have a raw weight that runs from low to high',
  });
export type OwnCut = Known<z.infer<typeof OwnCutSchema>>;

export const OwnPantrySchema = z.looseObject({
  ingredients: z.array(OwnIngredientSchema).default([]),
  cuts: z.array(OwnCutSchema).default([]),
});
export type OwnPantry = Known<z.infer<typeof OwnPantrySchema>>;

const OWN_SOURCE = 'Your own';

export function ingredientFromOwn(own: OwnIngredient): Ingredient {
  return {
    ...own,
    holds: own.holds ?? allergensNamed(own.name),
    saltPct: own.saltPct ?? Math.min(100, saltPctOfSodium(own.sodiumMgPer100g)),
    enzymeTimes: 1,
    own: true,
    sources: Object.fromEntries(Object.keys(own).map((name) => [name, OWN_SOURCE])),
  };
}

/**
 * What is served of an own cut: what is left without bone and trim, as it cooks down. One that takes
 * a built-in's place keeps what it does not say: what it holds, is made of and is done at.
 */
export function cutFromOwn(own: OwnCut, builtIn?: Cut): Cut {
  const edible = 1 - own.boneShare - own.trimShare;
  const same = builtIn?.animal === own.animal ? builtIn : undefined;
  const base = same?.shape === own.shape ? same : undefined;
  // A thickness of one's own is the thickness, whatever the joint's usual form.
  const sizedAs = base?.thicknessMm === own.thicknessMm ? base.sizedAs : undefined;
  return {
    ...base,
    ...own,
    sizedAs,
    holds: [...new Set(heldBy(own.animal, own.holds ?? same?.holds))],
    servedShare: edible * own.cookedShare,
    meatMm: own.thicknessMm,
    targets: base?.targets ?? [],
    own: true,
  };
}

/**
 * A cut that no pantry has, by what decides how it heats: its animal, its shape and its thickness.
 *
 * @param thicknessMm where it is thickest
 */
export function cutFromNowhere(
  name: string,
  animal: Cut['animal'],
  shape: Cut['shape'],
  thicknessMm: number,
): Cut {
  // Nothing soaks here, and nobody is served: what is asked for that is left as it usually is.
  const soaks = animal === 'fish' ? 'fish' : 'beef-tender';
  const rawPerAdultG = { low: 180, high: 250 };
  const own = { id: 'from-nowhere', name, animal, soaks, shape, thicknessMm, rawPerAdultG };
  return cutFromOwn(OwnCutSchema.parse(own));
}
