import { z } from 'zod';
import { VESSEL_KINDS } from '../batch/index.ts';
import { APPLIANCE_KINDS, WORKPLACES } from '../places/index.ts';
import { clock, id, MEASURES } from '../quantity/index.ts';
import { PracticesSchema } from './practices.ts';

/** The kitchen of a meal document: who is away when, what cooks, what food lies in, who helps. */

export const HoursSchema = z.looseObject({
  kind: z.enum(['asleep', 'away']),
  from: clock,
  to: clock,
  days: z.array(z.number().int().min(1).max(7)).min(1),
  /** Only on this date. */
  on: z.iso.date().optional(),
  what: z.string().optional(),
});

/** No cooker is so far from what it says. */
export const MOST_OFFSET_C = 80;

export const ApplianceSchema = z.looseObject({
  id,
  kind: z.enum(APPLIANCE_KINDS),
  name: z.string(),
  /** Shelves of an oven, rings of a hob, litres of a fridge: how much fits at once. */
  fits: z.number().positive(),
  /** How fast it climbs and falls, where the cook has measured it. */
  upCPerMin: z.number().positive().optional(),
  downCPerMin: z.number().positive().optional(),
  /** How much hotter than it says it runs, as measured. */
  runsHotC: z.number().min(-MOST_OFFSET_C).max(MOST_OFFSET_C).optional(),
  /** How surely: its standard deviation, °C. */
  runsHotSdC: z.number().positive().max(MOST_OFFSET_C).optional(),
  /** An oven that blows. */
  fan: z.boolean().optional(),
  /** A grill with a hot and a cool side: how much fits beside the coals; `fits` is over them. */
  fitsIndirect: z.number().positive().optional(),
});

export const VesselSchema = z.looseObject({
  id,
  name: z.string(),
  kind: z.enum(VESSEL_KINDS).default('tub'),
  capacityMl: z.number().positive(),
  /** Across its bottom, for a pan. */
  widthCm: z.number().min(10).max(80).optional(),
});

/** Someone who lends a hand. */
export const HelperSchema = z.looseObject({
  id,
  name: z.string().min(1),
  from: clock,
  to: clock,
  days: z.array(z.number().int().min(1).max(7)).min(1),
  /** Only on this date. */
  on: z.iso.date().optional(),
  /** Where they may be left to work; left out, everywhere. */
  at: z.array(z.enum(WORKPLACES)).min(1).optional(),
});

export const KitchenSchema = z.looseObject({
  name: z.string(),
  /** The cook has said what stands there: nobody asks again, and new meals begin in it. */
  asked: z.boolean().optional(),
  altitudeM: z.number().min(-430).max(6000).default(0),
  outdoorC: z.number().min(-40).max(50).optional(),
  windMPerS: z.number().min(0).max(30).optional(),
  roomC: z.number().min(5).max(45).optional(),
  units: z.enum(['metric', 'us']).default('metric'),
  spoons: z.enum(['us', 'metric', 'imperial', 'australian']).default('metric'),
  clock: z.enum(['24h', '12h']).default('24h'),
  hours: z.array(HoursSchema).default([]),
  helpers: z.array(HelperSchema).optional(),
  appliances: z.array(ApplianceSchema).default([]),
  vessels: z.array(VesselSchema).default([]),
  /** The spoons and cups there are. */
  measures: z
    .array(z.enum(MEASURES))
    .min(1, 'must hold at least one')
    .default([...MEASURES]),
  schools: PracticesSchema.optional(),
  /** What a unit costs, in the cook's own money: a kilowatt-hour, a kilogram of coals. */
  prices: z
    .looseObject({
      perKWh: z.number().nonnegative().optional(),
      perKgCoals: z.number().nonnegative().optional(),
    })
    .optional(),
});
