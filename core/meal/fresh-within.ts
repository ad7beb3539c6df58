import { COLD_SAUCE_MIN } from '../figures/index.ts';
import type { Dish, Step } from './schema.ts';

/**
 * How long before serving the last of a dish may be ready, minutes: as the cook wishes of the dish;
 * a dressing or a dip that meets no fire stands longer than what it goes with.
 */
export function freshWithinMin({ readyWithinMin }: Dish, step: Step): number {
  return isColdSauce(step) ? Math.max(readyWithinMin, COLD_SAUCE_MIN) : readyWithinMin;
}

function isColdSauce({ verb, foods, place, after }: Step): boolean {
  return verb === 'mix' && foods?.length === 0 && place.kind === 'board' && after.length === 0;
}
