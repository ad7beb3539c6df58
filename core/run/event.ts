import { z } from 'zod';
import { isCommand, type Command } from '../meal/index.ts';
import { WarmStartDecisionSchema } from '../plan/index.ts';
import { id, minutes } from '../quantity/index.ts';

/** What one event may keep of an order: more than any table asks for. */
export const OrderSchema = z.array(WarmStartDecisionSchema).max(3000);

/** Whole and half minutes since the epoch: a run knows seconds, a plan does not. */
const moment = z.number().finite();
const text = z.string().max(2000);

/**
 * What every event carries: its own name, the device it happened on, and its place in the order. Of
 * two devices that did not hear each other the counts may be equal: then the device's name decides,
 * so that every device folds the same events in the same order.
 */
const happened = {
  id: z.string().min(1).max(80),
  by: z.string().min(1).max(40),
  /** One more than the highest the device had heard. */
  count: z.number().int().nonnegative(),
  atMin: moment,
};

/** What is asked of a dish at the table. */
export const TASTE_SCALES = ['salt', 'heat', 'sweet', 'acid', 'tender', 'char', 'juicy'] as const;
export type TasteScale = (typeof TASTE_SCALES)[number];

/** A probe's name, as its thermometer calls it. */
const probe = z.string().min(1).max(120);

const event = <Did extends string, Shape extends z.ZodRawShape>(did: Did, shape: Shape) =>
  z.object({ ...happened, did: z.literal(did), ...shape });

/** Everything that can happen in a run. Nothing is ever taken back: undoing is an event too. */
export const RunEventSchema = z.discriminatedUnion('did', [
  event('started', { step: id }),
  event('done', { step: id }),
  /** When it was, as the cook tells it afterwards. */
  event('toldTimes', { step: id, begunMin: moment, endedMin: moment }),
  /** Looked after: turned, basted, topped up. */
  event('tended', { step: id }),
  /** Not done yet, or running late: so many minutes more from now. */
  event('longer', { step: id, minutes: minutes.positive() }),
  event('skipped', { step: id }),
  event('timed', { timer: id, label: text, minutes: minutes.positive() }),
  event('timerEnded', { timer: id }),
  /** How it was at the table: from −2, too little, to 2, too much. */
  event('tasted', {
    dish: id,
    scale: z.enum(TASTE_SCALES),
    value: z.number().int().min(-2).max(2),
  }),
  /** A food on the scale: before the fire, after it, or what was left of it. */
  event('weighed', {
    food: id,
    when: z.enum(['before', 'after', 'left']),
    weightG: z.number().nonnegative().max(100_000),
  }),
  /** What is left of a food was put into the freezer. */
  event('frozen', { food: id }),
  event('noted', {
    text: text.min(1),
    step: id.optional(),
    dish: id.optional(),
    /** Who said it at the table, where it was not the cook. */
    who: z.string().max(80).optional(),
  }),
  /** A picture, small enough to be kept beside the words. */
  event('pictured', { image: z.string().max(400_000), step: id.optional() }),
  event('read', {
    probe,
    coreC: z.number().nullable(),
    cookerC: z.number().optional(),
    /** When it was, where a table of readings was taken in afterwards. */
    readMin: moment.optional(),
  }),
  /**
   * A probe is put into what a step works on, into one of its foods where there are several; without
   * a step it is taken out.
   */
  event('probed', {
    probe,
    step: id.optional(),
    food: id.optional(),
  }),
  /** The meal itself is changed: guests late, one more, a dish dropped, a way out taken. */
  event('changed', {
    commands: z.array(z.custom<Command>(isCommand, { message: 'is no change Zemrin knows' })),
    why: text,
  }),
  /** A fire went out: what lies in that appliance waits so long. */
  event('fireOut', { appliance: id, minutes: minutes.positive() }),
  /** The least core was measured, or the cook serves it as it is, in words. */
  event('confirmed', {
    step: id,
    /** Of one food, where the step works on several. */
    food: id.optional(),
    coreC: z.number().optional(),
    words: text.optional(),
  }),
  /** A dish of a first serving is on the table. */
  event('dishServed', { dish: id }),
  event('served', {}),
  /** The order in which the rest is planned: what is planned on begins from it. */
  event('planned', {
    servingMin: moment,
    decisions: OrderSchema,
  }),
  event('undone', { event: z.string() }),
]);

export type RunEvent = z.infer<typeof RunEventSchema>;
/** What happened in the kitchen; the planner's own events are none. */
export type Happening = Exclude<RunEvent, { did: 'planned' }>;
/** What happened, before it has a name, a device and a place in the order. */
export type Deed = RunEvent extends infer One
  ? One extends RunEvent
    ? Omit<One, 'id' | 'by' | 'count' | 'atMin'>
    : never
  : never;

/**
 * Deeds as events at the end of a log. A clock that was set back does not run backwards here: no
 * event lies before the one it was appended to.
 */
export function eventsOf(
  deeds: readonly Deed[],
  log: readonly RunEvent[],
  { by, atMin }: { readonly by: string; readonly atMin: number },
): RunEvent[] {
  const last = log.at(-1);
  const count = log.reduce((most, one) => Math.max(most, one.count), 0);
  const at = Math.max(atMin, last?.atMin ?? -Infinity);
  return deeds.map((deed, i) => {
    const place = count + 1 + i;
    // A deed with what every event carries is an event: the union is spread member by member.
    return { ...deed, id: `${by}-${place}`, by, count: place, atMin: at } as RunEvent;
  });
}
