import { z } from 'zod';
import {
  DOCUMENTS,
  MealError,
  mealOf,
  migrated,
  newestVersion,
  problemsOf,
} from '../meal/index.ts';
import type { Run } from './begin-run.ts';
import { RunEventSchema } from './event.ts';
import { inOrder } from './order.ts';

/** The version this program writes. */
export const RUN_VERSION = newestVersion(DOCUMENTS.run);

const RunFileSchema = z.looseObject({
  zemrin: z.literal('run'),
  version: z.literal(RUN_VERSION),
  id: z.string().min(1).max(120),
  /** When it was begun, epoch minutes. */
  startedMin: z.number().finite(),
  /** The meal as it was then. */
  meal: z.unknown(),
  events: z.array(RunEventSchema),
});

/** A run from a document. @throws MealError with every problem found */
export function runOf(json: unknown): Run {
  const parsed = RunFileSchema.safeParse(migrated(json, DOCUMENTS.run));
  if (!parsed.success) throw new MealError(parsed.error.issues.flatMap(problemsOf));
  const { id, startedMin, meal, events } = parsed.data;
  return { id, startedMin, meal: mealOf(meal, Math.floor(startedMin)), events: inOrder(events) };
}

/** A run as it lies in a file. */
export function runDocument({ id, startedMin, meal, events }: Run) {
  return { zemrin: 'run', version: RUN_VERSION, id, startedMin, meal, events };
}
