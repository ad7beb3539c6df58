import { VERBS } from '../terms/index.ts';
import { COOKERS, READYING, WRAPS, PLACES } from '../places/index.ts';
import { z } from 'zod';
import { MixtureSchema, VESSEL_KINDS } from '../batch/index.ts';
import { AVOIDABLE, OwnPantrySchema } from '../pantry/index.ts';
import { ascending, clock, grams, id, minutes, type Known } from '../quantity/index.ts';
import { isLocal, isZone } from '../time/index.ts';
import { KitchenSchema } from './kitchen-schema.ts';
import { DOCUMENTS, newestVersion } from './versions.ts';
import { PracticesSchema } from './practices.ts';

/**
 * The meal document, as it lies in a file. Objects are loose: fields this version does not know
 * survive a round trip. Amounts of mixture lines stay in the cook's own words ("1 1/2 tbsp").
 */
export const MEAL_VERSION = newestVersion(DOCUMENTS.meal);

/** Two ways to use one fire. */
export const FIRE_SIDES = ['direct', 'indirect'] as const;

export const PlaceSchema = z.looseObject({
  kind: z.enum(PLACES),
  tempC: z.number().min(-30).max(500).optional(),
  /** The heats it accepts around that, when others want the same place. */
  fromC: z.number().min(-30).max(500).optional(),
  toC: z.number().min(-30).max(500).optional(),
  /** A certain oven, hob or grill, where there are several. */
  appliance: id.optional(),
  /** Over the coals, or beside them. */
  zone: z.enum(FIRE_SIDES).optional(),
  /** Room it takes in a fridge. */
  litres: z.number().positive().optional(),
});

/** What a step is in: a certain pot or tub, or any of a kind that is large enough. */
export const InVesselSchema = z.looseObject({
  one: id.optional(),
  kind: z.enum(VESSEL_KINDS).optional(),
  leastMl: z.number().positive().optional(),
  /** Steps of a dish that give it the same name share one, from the first to the last. */
  name: z.string().optional(),
});

export const HandsSchema = z.discriminatedUnion('when', [
  z.looseObject({
    when: z.literal('start'),
    minutes: minutes.positive(),
    what: z.string(),
    /** The school of practice that asks for it. */
    school: z.string().optional(),
  }),
  z.looseObject({ when: z.literal('end'), minutes: minutes.positive(), what: z.string() }),
  z.looseObject({ when: z.literal('all'), what: z.string() }),
  z.looseObject({
    when: z.literal('every'),
    everyMin: minutes.positive(),
    minutes: minutes.positive(),
    what: z.string(),
  }),
]);

/** Tender enough to slice, or to pull apart. */
export const TENDERNESS = ['slices', 'pulls'] as const;

const rangeFields = { leastMin: minutes, likelyMin: minutes, mostMin: minutes };

export const StepTimeSchema = z.discriminatedUnion('kind', [
  z.looseObject({ kind: z.literal('fixed'), minutes }),
  z
    .looseObject({ kind: z.literal('range'), ...rangeFields })
    .refine(...ascending('leastMin', 'likelyMin', 'mostMin')),
  z
    .looseObject({
      kind: z.literal('elastic'),
      leastMin: minutes,
      bestMin: minutes,
      longestMin: minutes,
      limitedBy: z.string().optional(),
    })
    .refine(...ascending('leastMin', 'bestMin', 'longestMin')),
  /** The window of a mixture: how long it may stay on the food. */
  z.looseObject({ kind: z.literal('soak'), mixture: id }),
  /** A boiled mixture growing fridge-cold. */
  z.looseObject({ kind: z.literal('cooling'), mixture: id }),
  /** A rule of thumb by the weight of a food. */
  z
    .looseObject({
      kind: z.literal('perWeight'),
      food: id,
      leastMinPerKg: z.number().nonnegative(),
      likelyMinPerKg: z.number().nonnegative(),
      mostMinPerKg: z.number().nonnegative(),
      plusMin: minutes.default(0),
    })
    .refine(...ascending('leastMinPerKg', 'likelyMinPerKg', 'mostMinPerKg')),
  /** As long as the heat takes to bring a food's middle there, from its cut, weight and fire. */
  z.looseObject({
    kind: z.literal('heat'),
    food: id,
    until: z.union([
      z.looseObject({ coreC: z.number().min(-5).max(99) }),
      z.looseObject({ tender: z.enum(TENDERNESS) }),
    ]),
    wrap: z.enum(WRAPS).optional(),
    turnEveryMin: minutes.positive().optional(),
    /** Where the place does not say it: a slow cooker, a pressure cooker, deep fat. */
    cooker: z.enum(COOKERS).optional(),
  }),
  /** A dough, as long as it takes to rise where it stands. */
  z.looseObject({
    kind: z.literal('rising'),
    /** Instant yeast, % of the flour. */
    yeastPct: z.number().positive().max(5),
    saltPct: z.number().min(0).max(4).default(2),
  }),
  /** The same, with sourdough instead of yeast. */
  z.looseObject({
    kind: z.literal('leavening'),
    /** Ripe leaven, % of the flour. */
    leavenPct: z.number().positive().max(100),
    saltPct: z.number().min(0).max(4).default(2),
  }),
  /** A sauce, as long as it takes to lose that much water. */
  z.looseObject({
    kind: z.literal('reducing'),
    ml: z.number().positive(),
    /** What is left of it. */
    toShare: z.number().positive().lt(1),
    panCm: z.number().positive().max(80),
    ringW: z.number().positive().max(6000).default(1800),
  }),
  /** A fire or an oven getting ready. */
  z.looseObject({ kind: z.literal('readying'), what: z.enum(READYING) }),
  /** A pot coming to the boil. */
  z.looseObject({
    kind: z.literal('boiling'),
    ml: z.number().positive(),
    ringW: z.number().positive().max(6000).default(1800),
  }),
  /** So many at a time; the minutes are those of one round. */
  z
    .looseObject({
      kind: z.literal('batches'),
      food: id,
      perBatch: z.number().int().positive(),
      ...rangeFields,
      /** Where the first rounds wait for the last. */
      keepWarm: PlaceSchema.optional(),
    })
    .refine(...ascending('leastMin', 'likelyMin', 'mostMin')),
]);

export const FollowsSchema = z
  .looseObject({
    step: id,
    /** From which end of the earlier step the gap is counted. */
    from: z.enum(['start', 'end']).default('end'),
    leastMin: minutes.default(0),
    /** Absent: as long as you like. */
    mostMin: minutes.optional(),
    /** It begins when the core of the earlier step is so many degrees short; heat says when. */
    coreShortC: z.number().positive().max(80).optional(),
  })
  .refine((gap) => gap.mostMin === undefined || gap.mostMin >= gap.leastMin, {
    message: 'must not have a most gap below its least gap',
  });

export const StepSchema = z.looseObject({
  id,
  verb: z.enum(VERBS),
  label: z.string().min(1),
  after: z.array(FollowsSchema).default([]),
  time: StepTimeSchema,
  place: PlaceSchema,
  vessel: InVesselSchema.optional(),
  hands: z.array(HandsSchema).default([]),
  doneWhen: z.looseObject({ coreC: z.number().optional(), text: z.string().optional() }).optional(),
  cautions: z.array(z.string()).default([]),
  /** The mixtures it is about: what is mixed, boiled, brushed on. */
  mixtures: z.array(id).optional(),
  /** Straight from the cold: how long it would stand out of the fridge otherwise. */
  temperTime: StepTimeSchema.optional(),
  /** Board, knife, brush and hands are washed in it. */
  washes: z.boolean().optional(),
  /** The school of practice that put it here. */
  school: z.string().optional(),
  /** Where the cook has put its start: minutes before serving. */
  pinnedBeforeServeMin: z.number().int().optional(),
  /** An instant: the cook has begun it, and nothing moves it any more. */
  begunAt: z.iso.datetime({ offset: true }).optional(),
  /** An instant: it is over. */
  endedAt: z.iso.datetime({ offset: true }).optional(),
});

/** How much of a food there should be, until it lies on the scale. */
export const ShareSchema = z.discriminatedUnion('kind', [
  z.looseObject({ kind: z.literal('weight'), rawG: grams }),
  z.looseObject({
    kind: z.literal('pieces'),
    pieces: z.number().positive(),
    pieceG: grams,
    /** By the head, or by the portion (a child's half). */
    by: z.enum(['head', 'portion']),
  }),
  z.looseObject({ kind: z.literal('fixed'), weightG: grams }),
]);

export const FoodSchema = z.looseObject({
  id,
  name: z.string().min(1),
  cut: z.string().optional(),
  share: ShareSchema,
  /** What the cook measured; left out, the cut's own. */
  thicknessMm: z.number().min(1).max(500).optional(),
  /** In how many pieces it is: two birds, a joint cut in four. */
  inPieces: z.number().int().min(1).max(100).optional(),
  /** Injected or pierced: what was on its surface is inside. */
  pierced: z.boolean().optional(),
  /** Frozen hard before, as fish for eating half raw is. */
  frozenBefore: z.boolean().optional(),
  /** What the scale says; wins over the share. */
  weighedG: grams.optional(),
  /** Only for eaters who avoid one of these; the dish's other foods are then for the rest. */
  forAvoids: z.array(z.enum(AVOIDABLE)).optional(),
});

export const DishSchema = z.looseObject({
  id,
  name: z.string().min(1),
  note: z.string().optional(),
  /** The last step ends at most this long before serving. */
  readyWithinMin: minutes,
  foods: z.array(FoodSchema).default([]),
  mixtures: z.array(MixtureSchema).default([]),
  /** Where this dish is done in another way than the kitchen's. */
  schools: PracticesSchema.optional(),
  steps: z.array(StepSchema),
});

export const EatersSchema = z.looseObject({
  count: z.number().int().positive(),
  who: z.enum(['adult', 'child']),
  portion: z.number().positive().max(3),
  avoids: z.array(z.enum(AVOIDABLE)).default([]),
  /** Pregnant, old or ill: nothing rarer than guidance. */
  frail: z.boolean().optional(),
});

const localTime = z.string().refine(isLocal, {
  message: 'must be a real date and time like “2026-11-28T19:00”',
});

export const ServingSchema = z.looseObject({
  /** A date and clock time, or the next such weekday, so many days ahead at the least. */
  at: z.union([
    localTime,
    z.looseObject({
      nextWeekday: z.number().int().min(1).max(7),
      time: clock,
      leadDays: z.number().int().min(0).max(60),
    }),
  ]),
  zone: z.string().refine(isZone, { message: 'must be a time zone like “Europe/Dublin”' }),
});

export const MealSchema = z.looseObject({
  zemrin: z.literal('meal'),
  version: z.literal(MEAL_VERSION),
  id,
  title: z.string().min(1),
  note: z.string().optional(),
  serving: ServingSchema,
  eaters: z.array(EatersSchema).min(1, 'must hold at least one eater'),
  kitchen: KitchenSchema,
  dishes: z.array(DishSchema),
  /** How much of what the food may overrun is kept in hand: 0 for a late start, 3 for a sure one. */
  inHand: z.number().min(0).max(3).optional(),
  /** Ingredients and cuts that are at home already, by id. */
  atHome: z.array(z.string()).optional(),
  /** Rules of safety the cook has overruled, each in words of their own. */
  overruled: z
    .array(z.looseObject({ rule: z.string(), step: id.optional(), words: z.string().min(1) }))
    .optional(),
  /** Ingredients and cuts of the cook's own. */
  pantry: OwnPantrySchema.optional(),
});

export type MealFile = Known<z.infer<typeof MealSchema>>;
/** A meal whose serving time is a date: what everything but the file reader works on. */
export type Meal = Omit<MealFile, 'serving'> & { serving: { at: string; zone: string } };
export type Dish = MealFile['dishes'][number];
export type Food = Dish['foods'][number];
export type Step = Dish['steps'][number];
export type StepTime = Step['time'];
export type Hands = Step['hands'][number];
export type Place = Step['place'];
export type Eaters = MealFile['eaters'][number];
export type Kitchen = MealFile['kitchen'];

/** The JSON Schema of the meal file, as written (defaults may be left out). */
export function mealJsonSchema(): unknown {
  return z.toJSONSchema(MealSchema, { io: 'input' });
}
