import {
  CLOCK_DOUBT_C,
  CORE_ROUNDING_C,
  UNRECKONED_FIRE_MIN,
  WHOLE_CUT_CORE_C,
} from './figures/index.ts';
import { leastCoreOf, type CoreFacts } from './least-core.ts';
import type { LedgerFire } from './ledger.ts';

/** Raw food that no row of the chart names is held to the whole cuts'. */
export function leastFor(food: CoreFacts): number {
  return leastCoreOf(food) ?? WHOLE_CUT_CORE_C;
}

/** Whether a fire cooks a food through: by its middle, by less heat for longer, or by the clock. */
export function killsIn(fire: LedgerFire, food: CoreFacts): boolean {
  const isMeasured = fire.coreC !== undefined && !fire.tender;
  const isByHolding = !fire.partly && (isMeasured || isTooCool(fire, food));
  return killsOutright(fire, food) || (isByHolding && isHeldLongEnough(fire, food));
}

/** The same, without counting how long it is held at less heat than the chart names. */
export function killsOutright(fire: LedgerFire, food: CoreFacts): boolean {
  if (food.animal === 'none' || food.ready) return true;
  const least = leastFor(food);
  if (isTooCool(fire, food)) return false;
  if (fire.tender) return true;
  if (fire.coreC !== undefined) return fire.coreC >= least - CORE_ROUNDING_C;
  // A core that is said tells more than the word; the clock does not.
  if (fire.partly) return false;
  if (fire.clockC !== undefined) return fire.clockC >= least - CLOCK_DOUBT_C;
  // Nothing to reckon by: a fire worth the name is taken for one.
  return fire.endMin - fire.startMin >= UNRECKONED_FIRE_MIN;
}

/** The fire itself is cooler than the food has to be. */
export function isTooCool({ mostC }: LedgerFire, food: CoreFacts): boolean {
  return mostC !== undefined && mostC < leastFor(food) - CORE_ROUNDING_C;
}

/** Held long enough at less heat. Printed tables speak of whole cuts and poultry, not of mince or fish. */
export function isHeldLongEnough(
  { logs, wanted }: Pick<LedgerFire, 'logs' | 'wanted'>,
  { animal, minced }: CoreFacts,
): boolean {
  if (logs === undefined || wanted === undefined) return false;
  return !minced && animal !== 'fish' && animal !== 'shellfish' && logs >= wanted;
}
