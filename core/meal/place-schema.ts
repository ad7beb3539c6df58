import { z } from 'zod';
import { PLACES } from '../places/index.ts';
import { id } from '../quantity/index.ts';

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
