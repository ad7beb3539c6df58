import { SERVED_BEFORE_MOST_MIN } from '../figures/index.ts';
import { VERBS } from '../terms/index.ts';
import { z } from 'zod';
import { MixtureSchema, VESSEL_KINDS } from '../batch/index.ts';
import { AVOIDABLE, OwnPantrySchema, PREPARED } from '../pantry/index.ts';
import { clock, grams, id, minutes, type Known } from '../quantity/index.ts';
import { isLocal, isZone } from '../time/index.ts';
import { PlaceSchema } from './place-schema.ts';
import { StepTimeSchema } from './step-times/registry.ts';
import { KitchenSchema } from './kitchen-schema.ts';
import { DOCUMENTS, newestVersion } from './versions.ts';
import { PracticesSchema } from './practices.ts';

/** The version this program writes. */
export const MEAL_VERSION = newestVersion(DOCUMENTS.meal);

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
    /** The first round so long after the beginning; left out, after `everyMin`. */
    firstMin: minutes.positive().optional(),
    minutes: minutes.positive(),
    what: z.string(),
  }),
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

/** "If still tough: a cup of water and another hour": a branch of the chain. */
export const OtherwiseSchema = z.looseObject({
  what: z.string().min(1),
  minutes: minutes.positive(),
  /** How often it comes to that, 0 to 1. */
  chance: z.number().min(0).max(1).default(0.25),
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
  doneWhen: z
    .looseObject({
      coreC: z.number().optional(),
      text: z.string().optional(),
      /** The cook wants it rarer than guidance, and has said so for this table. */
      rarer: z.boolean().optional(),
      /** What is done where it is not done by then: so much longer, in so many of all evenings. */
      otherwise: OtherwiseSchema.optional(),
    })
    .optional(),
  cautions: z.array(z.string()).default([]),
  /** The mixtures it is about: what is mixed, boiled, brushed on. */
  mixtures: z.array(id).optional(),
  /** Which part of them: what was kept clean, or what has been on the food; left out, as its label says. */
  part: z.enum(['reserve', 'used']).optional(),
  /** The foods it works on; left out, as inferred from its dish (works-on.ts). */
  foods: z.array(id).optional(),
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

export const LeftOverSchema = z.looseObject({
  run: z.string().min(1).max(80),
  food: id,
  /** An instant: it was served, and chilled since. */
  cookedAt: z.iso.datetime({ offset: true }),
  /** An instant: it is in the freezer since. */
  frozenAt: z.iso.datetime({ offset: true }).optional(),
  /** What was cooked with it, for who avoids it. */
  holds: z.array(z.enum(AVOIDABLE)).default([]),
});

export const FoodSchema = z.looseObject({
  id,
  name: z.string().min(1),
  cut: z.string().optional(),
  share: ShareSchema,
  /** What the cook measured; left out, the cut's own. */
  thicknessMm: z.number().min(1).max(500).optional(),
  /** In how many pieces it is: two birds, a joint cut in four. */
  inPieces: z.number().int().min(1).max(100).optional(),
  /** A bird stuffed, or cut open and pressed flat; left out, as it comes. */
  prepared: z.enum(PREPARED).optional(),
  /** Injected or pierced: what was on its surface is inside. */
  pierced: z.boolean().optional(),
  /** Frozen hard before, as fish for eating half raw is. */
  frozenBefore: z.boolean().optional(),
  /** Fish of a farm, fed on what holds no parasites. */
  farmed: z.boolean().optional(),
  /** What the scale says; wins over the share. */
  weighedG: grams.optional(),
  /** A part of another dish's food, taken once that step is over; its share is what is taken. */
  from: z.looseObject({ step: id, food: id }).optional(),
  /** Left over from an earlier meal: of which run's food, cooked when, frozen since when. */
  leftOver: LeftOverSchema.optional(),
  /** Only for eaters who avoid one of these; the dish's other foods are then for the rest. */
  forAvoids: z.array(z.enum(AVOIDABLE)).optional(),
});

export const DishSchema = z.looseObject({
  id,
  name: z.string().min(1),
  note: z.string().optional(),
  /** The last step ends at most this long before serving. */
  readyWithinMin: minutes,
  /** It is served so long before the rest: a first serving, a soup before the roast. */
  servedBeforeMin: minutes.max(SERVED_BEFORE_MOST_MIN).optional(),
  /** Made ahead: how many days it is said to keep. */
  keepsDays: z.number().positive().max(365).optional(),
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

/**
 * The meal document, as it lies in a file. Objects are loose: fields this version does not know
 * survive a round trip. Amounts of mixture lines stay in the cook's own words ("1 1/2 tbsp").
 */
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
  /** How much of what the food may overrun is kept in hand: 0 for a late start, 4 for the surest. */
  inHand: z.number().min(0).max(4).optional(),
  /** Ingredients and cuts that are at home already, by id. */
  atHome: z.array(z.string()).optional(),
  /** Rules of safety the cook has overruled, each in words of their own. */
  overruled: z
    .array(z.looseObject({ rule: z.string(), step: id.optional(), words: z.string().min(1) }))
    .optional(),
  /** Proposals of earlier runs that were taken or left, by id. */
  answered: z.array(z.string()).optional(),
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
