import { applyCommand, servingMin as servingMinOf } from '../meal/index.ts';
import { stopsOf, works, type Plan, type Rescue } from '../plan/index.ts';
import { localOf } from '../time/index.ts';
import { earlyDishes, type TryRun } from './keep-hot.ts';
import type { RunState } from './state.ts';

/** Serving times from now on that are tried, minutes: guests are asked in by tens. */
const SOONER_MIN = [10, 20, 30, 40, 60, 80, 100, 120, 150, 180, 240] as const;
/** Guests are told a round time, minutes. */
const ROUND_MIN = 5;
/** Nobody is asked in sooner on a worse chance than this. Our own line, no source. */
const LIKELY = 0.8;
/** A table is not moved for less than this, minutes. */
const WORTH_MIN = 15;
/** Guests have to be told: after the oven that stands empty. Our own order, no source. */
const PRICE = 5;

/**
 * For what is done early: the first serving time, before the wished one, at which nothing of it
 * would wait. None where everything else still takes as long as that.
 */
export function soonerWays(state: RunState, made: Plan, nowMin: number, tryRun: TryRun): Rescue[] {
  if (earlyDishes(state, made).length === 0) return [];
  const { zone } = state.meal.serving;
  for (const laterMin of SOONER_MIN) {
    const servingMin = Math.ceil((nowMin + laterMin) / ROUND_MIN) * ROUND_MIN;
    if (servingMinOf(state.meal) - servingMin < WORTH_MIN) return [];
    const change = { do: 'serveAt', at: localOf(servingMin, zone) } as const;
    const meal = applyCommand(state.meal, change);
    const then = tryRun({ ...state, meal });
    if (!works({ ...then, stops: () => stopsOf(then.findings) }, made)) continue;
    if (then.onTime < LIKELY || earlyDishes({ ...state, meal }, then).length > 0) continue;
    const text = { key: 'rescue.serveAt', values: { at: { at: servingMin } } } as const;
    return [{ text, onTime: then.onTime, servingMin, cost: PRICE, changes: [change] }];
  }
  return [];
}
