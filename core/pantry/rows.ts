import { z } from 'zod';

/** What an eater may avoid: an allergen, or something they do without. */
export const AVOIDABLE = [
  'dairy',
  'egg',
  'fish',
  'gluten',
  'mustard',
  'nuts',
  'peanuts',
  'sesame',
  'shellfish',
  'soy',
  'sulphites',
  'celery',
  'lupin',
  'heat',
  'alcohol',
  'meat',
  'pork',
] as const;
export type Avoidable = (typeof AVOIDABLE)[number];

export const ANIMALS = [
  'beef',
  'lamb',
  'pork',
  'poultry',
  'game',
  'fish',
  'shellfish',
  'none',
] as const;
export const AnimalSchema = z.enum(ANIMALS);
export type Animal = z.infer<typeof AnimalSchema>;

/** Meats that bear acid and fruit enzymes alike: the rows of the table of marinating limits. */
export const SOAK_GROUPS = [
  'fish',
  'shellfish',
  'squid',
  'poultry-pieces',
  'poultry-whole',
  'turkey',
  'pork-tender',
  'pork-tough',
  'beef-tender',
  'beef-tough',
  'lamb',
  'game',
  'tofu',
  'vegetables',
] as const;
export type SoakGroup = (typeof SOAK_GROUPS)[number];

export const ACIDS = ['acetic', 'citric', 'lactic'] as const;
export type AcidKind = (typeof ACIDS)[number];

export const ENZYMES = ['none', 'mild', 'strong'] as const;
export type Enzyme = (typeof ENZYMES)[number];

export const SHAPES = ['slab', 'cylinder', 'brick', 'cube', 'sphere'] as const;
export type Shape = (typeof SHAPES)[number];

export const TEXTURES = [
  'rare',
  'medium rare',
  'medium',
  'flakes',
  'guidance',
  'slices',
  'tender',
  'pulls',
  'set',
] as const;
export type Texture = (typeof TEXTURES)[number];

/** A value with the key of its source in the same file. */
const sourced = z.tuple([z.number().nonnegative(), z.string()]);
const share = z.tuple([z.number().min(0).max(1), z.string()]);
const span = z.tuple([z.tuple([z.number().positive(), z.number().positive()]), z.string()]);
const percent = z.tuple([z.number().min(0).max(100), z.string()]);

export const IngredientRow = z.strictObject({
  id: z.string(),
  /** Left out, its id in words. */
  name: z.string().optional(),
  section: z.string(),
  holds: z.array(z.enum(AVOIDABLE)).default([]),
  spice: z.boolean().default(false),
  /** A salt: any other stands in for it, weight for weight of salt. */
  crystal: z.boolean().default(false),
  values: z.strictObject({
    gPerMl: sourced.optional(),
    sodiumMgPer100g: sourced,
    sugarsGPer100g: sourced,
    /** Only where its sodium is not all salt; otherwise it follows from the sodium. */
    saltPct: percent.optional(),
    waterPct: percent.optional(),
    alcoholPct: percent.optional(),
    /** Sodium nitrite in a curing salt. */
    nitritePct: percent.optional(),
    /** How many times as strong on meat as the fresh fruit. */
    enzymeTimes: sourced.optional(),
  }),
  acid: z.strictObject({ as: z.enum(ACIDS), pct: percent, pH: sourced }).optional(),
  enzyme: z.tuple([z.enum(ENZYMES), z.string()]).optional(),
  countG: z.record(z.string(), sourced).optional(),
});
export type IngredientRow = z.infer<typeof IngredientRow>;

export const CutRow = z.strictObject({
  id: z.string(),
  name: z.string(),
  animal: AnimalSchema,
  soaks: z.enum(SOAK_GROUPS),
  /** The shop section of what was no animal. */
  section: z.string().optional(),
  /** What it holds besides being its animal. */
  holds: z.array(z.enum(AVOIDABLE)).default([]),
  /** Water, protein, fat, carbohydrate with fibre, ash; % of the edible raw part. */
  composition: z.tuple([
    z.tuple([z.number(), z.number(), z.number(), z.number(), z.number()]),
    z.string(),
  ]),
  shape: z.enum(SHAPES),
  thicknessMm: sourced,
  /** Hollow birds and fish: the meat itself, which brine meets from both sides. */
  meatMm: sourced.optional(),
  boneShare: share,
  trimShare: share,
  cookedShare: sourced,
  servedShare: sourced,
  rawPerAdultG: z.tuple([z.tuple([z.number(), z.number()]), z.string()]),
  pieceG: sourced.optional(),
  piecesPerAdult: sourced.optional(),
  /** Minutes in boiling water, from the boil on. */
  boilMin: span.optional(),
  /** Minutes in steam. */
  steamMin: span.optional(),
  /** Minutes in water that has boiled, off the fire. */
  restMin: span.optional(),
  /** Water that a grain takes up and its pan loses, over the dry weight. */
  /** The same by the cup: cups of water for one of dry grain. */
  waterCups: sourced.optional(),
  waterShare: sourced.optional(),
  targets: z.array(z.strictObject({ texture: z.enum(TEXTURES), coreC: sourced })),
});
export type CutRow = z.infer<typeof CutRow>;

const sources = z.record(z.string(), z.string());
export const IngredientFile = z.strictObject({ sources, ingredients: z.array(IngredientRow) });
export const CutFile = z.strictObject({ sources, cuts: z.array(CutRow) });

export const StandInFile = z.strictObject({
  sources,
  standIns: z.array(
    z.strictObject({
      for: z.string(),
      with: z.array(z.strictObject({ ingredient: z.string(), gPerG: z.number().positive() })),
      note: z.string().optional(),
      source: z.string(),
    }),
  ),
});
