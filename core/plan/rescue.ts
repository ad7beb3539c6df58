import type { Kitchen, Meal } from '../meal/index.ts';
import { addDays, blocksOf, dayLong, epochMinOf, localOf, wallClock } from '../time/index.ts';
import { buildNetwork } from './build.ts';
import type { ExpandedStep } from './expand.ts';
import { solveEarliest, solveLatest } from './network.ts';
import type { Rescue } from './plan.ts';

/** How far ahead a serving time is looked for. */
const DAYS_AHEAD = 30;
/** Serving times are offered on such minutes. */
const ROUND_MIN = 5;

/**
 * Serving times that work: the nearest after the one asked, and the same clock time on the first
 * later day that works. Both are solved before they are offered.
 */
export function findRescues(
  meal: Meal,
  kitchen: Kitchen,
  steps: readonly ExpandedStep[],
  servingMin: number,
  nowMin: number,
): Rescue[] {
  const { zone } = meal.serving;
  const last = Math.max(servingMin, nowMin) + DAYS_AHEAD * 1440;
  const blocks = blocksOf(kitchen.hours, zone, Math.min(nowMin, servingMin), last);
  const works = (at: number) =>
    at >= nowMin && solveLatest(buildNetwork(steps, { servingMin: at, nowMin, blocks }).network).ok;
  const rescues: Rescue[] = [];

  const nearest = nearestServing(steps, servingMin, nowMin, blocks, last, works);
  if (nearest !== undefined) {
    const changes = [{ do: 'serveAt' as const, at: localOf(nearest, zone) }];
    rescues.push({
      text: { key: 'rescue.serveAt', values: { at: { at: nearest } } },
      servingMin: nearest,
      changes,
    });
  }
  if (nearest === undefined) return rescues;
  for (let days = 1; days <= DAYS_AHEAD; days++) {
    const local = addDays(meal.serving.at, days);
    const at = epochMinOf(local, zone);
    if (at < nearest || !works(at)) continue;
    const day = dayLong(wallClock(at, zone).weekday);
    if (at !== nearest) {
      rescues.push({
        text: { key: 'rescue.serveNextDay', values: { day } },
        servingMin: at,
        changes: [{ do: 'serveAt', at: local }],
      });
    }
    break;
  }
  return rescues;
}

/** The first serving time from the one asked on that works, on a round minute. */
function nearestServing(
  steps: readonly ExpandedStep[],
  servingMin: number,
  nowMin: number,
  blocks: Parameters<typeof buildNetwork>[1]['blocks'],
  last: number,
  works: (at: number) => boolean,
): number | undefined {
  const asked = Math.max(servingMin, nowMin);
  const open = buildNetwork(steps, { servingMin: asked, nowMin, blocks, openServing: true });
  const first = solveEarliest(open.network, last)?.[open.serving];
  if (first === undefined) return undefined;
  for (let at = Math.ceil(first / ROUND_MIN) * ROUND_MIN; at <= first + 1440; at += ROUND_MIN) {
    if (works(at)) return at;
  }
  return works(first) ? first : undefined;
}
