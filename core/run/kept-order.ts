import type { Plan, PlanOrder } from '../plan/index.ts';
import { OrderSchema, type Deed, type RunEvent } from './event.ts';

/**
 * The order in which the rest is planned, as something to be kept: the next plan begins from it,
 * after a reload and on every other device that cooks the run.
 *
 * @param kept the order kept last
 * @returns nothing where the plan decides nothing that is not kept already
 */
export function orderDeed(made: Plan, kept: PlanOrder | undefined): Deed | undefined {
  const { servingMin, warmStart } = made;
  // What a file could not take again would cost the whole run.
  if (!OrderSchema.safeParse(warmStart).success) return undefined;
  const known = new Set(kept?.warmStart.map((one) => JSON.stringify(keyOf(one))));
  const isKept =
    kept?.servingMin === servingMin &&
    warmStart.every((one) => known.has(JSON.stringify(keyOf(one))));
  return isKept ? undefined : { did: 'planned', servingMin, decisions: [...warmStart] };
}

function keyOf({ kind, demand, second, resource, min }: PlanOrder['warmStart'][number]) {
  return [kind, demand, second ?? '', resource, min ?? ''];
}

/** The order kept last. */
export function orderOf(events: readonly RunEvent[]): PlanOrder | undefined {
  const last = events.findLast((one) => one.did === 'planned');
  return last && { servingMin: last.servingMin, warmStart: last.decisions };
}

/** The last a cook said. */
export function lastWord(events: readonly RunEvent[]): RunEvent | undefined {
  return events.findLast(({ did }) => !SAID_BY_ITSELF.has(did));
}

/** The device whose cook spoke last: it keeps the order for all, so that there is one. */
export function spokeLast(events: readonly RunEvent[]): string | undefined {
  return lastWord(events)?.by;
}

/** What no cook says: the thermometer and the planner do. */
const SAID_BY_ITSELF: ReadonlySet<RunEvent['did']> = new Set(['planned', 'read']);
