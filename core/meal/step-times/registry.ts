import { z } from 'zod';
import { batches } from './batches.ts';
import { boiling } from './boiling.ts';
import { cooling } from './cooling.ts';
import { elastic } from './elastic.ts';
import { fixed } from './fixed.ts';
import { heat } from './heat.ts';
import { leavening } from './leavening.ts';
import { perWeight } from './per-weight.ts';
import { range } from './range.ts';
import { readying } from './readying.ts';
import { reducing } from './reducing.ts';
import { rising } from './rising.ts';
import { soak } from './soak.ts';
import {
  exactly,
  wholeMinutes,
  type SettledTime,
  type StepFacts,
  type StepTimeDefinition,
} from './definition.ts';

/** Every way to say how long a step takes; docs/extending.md shows how to add one. */
const REGISTERED = [
  fixed,
  range,
  elastic,
  soak,
  cooling,
  perWeight,
  heat,
  rising,
  leavening,
  reducing,
  readying,
  boiling,
  batches,
] as const;

type Registered = (typeof REGISTERED)[number];
export type StepTimeKind = Registered['kind'];

// Mapping a tuple forgets that it is one: the schemas are those of the list, in its order.
const schemas = REGISTERED.map(({ schema }) => schema) as unknown as SchemasOf<typeof REGISTERED>;
type SchemasOf<List extends readonly { readonly schema: z.ZodType }[]> = {
  -readonly [Place in keyof List]: List[Place]['schema'];
};

/** The time of a step as it lies in a meal file. */
export const StepTimeSchema = z.discriminatedUnion('kind', schemas);

type Timed = { readonly kind: string; readonly times?: number | undefined };

/** What is known of a way to say a time. @throws RangeError for a kind in no registry */
export function stepTimeNamed(
  kind: string,
  registered: readonly StepTimeDefinition[] = REGISTERED,
): StepTimeDefinition {
  const found = registered.find((one) => one.kind === kind);
  if (!found) throw new RangeError(`“${kind}” is in no registry`);
  return found;
}

/** Its length is the plan's to choose within a window. */
export function isElastic({ kind }: Timed): boolean {
  return stepTimeNamed(kind).elastic;
}

/** A time settled for its meal, as long as was learnt here. */
export function settledTime(time: Timed, facts: StepFacts): SettledTime {
  const settled = stepTimeNamed(time.kind).settle(time, facts);
  const { times = 1 } = time;
  if (times === 1) return settled;
  const { leastMin, likelyMin, mostMin } = settled.duration;
  const [least, likely, most] = [times * leastMin, times * likelyMin, times * mostMin];
  return { ...settled, duration: wholeMinutes({ least, likely, most }) };
}

/** The least and the longest a planned step may be, minutes: for the audit. */
export function allowedMinutes(time: Timed, facts: StepFacts): readonly [number, number] {
  const [least, most] = stepTimeNamed(time.kind).allowed(time, facts);
  const { times = 1 } = time;
  return times === 1 ? [least, most] : [exactly(times * least)[0], exactly(times * most)[1]];
}

/** Its likely length as a stage of a cook, minutes. */
export function stageMinutes(time: Timed): number {
  return stepTimeNamed(time.kind).stageMin?.(time) ?? 0;
}
