import type { Mixture } from '../batch/index.ts';
import { NIGHT_MIN } from '../figures/index.ts';
import type { ReadAct } from './context.ts';

/** "Overnight", and no more than that: till the cook is up, and the oven is wanted. */
export function isNight({ leastMin, mostMin }: Pick<ReadAct, 'leastMin' | 'mostMin'>): boolean {
  return leastMin === NIGHT_MIN.least && mostMin === NIGHT_MIN.most;
}

/** Nobody minds a day under salt or bare in the cold. Common practice, no source. */
const DRY_LASTS_MIN = 24 * 60;
/** A marinade from one evening until the next noon. Common practice, no source. */
const WET_LASTS_MIN = 16 * 60;

/** How long what lies overnight may lie, minutes; without a mixture, bare. */
export function lasting(kind: Mixture['kind'] | undefined): number {
  return kind === undefined || kind === 'rub' || kind === 'dry brine'
    ? DRY_LASTS_MIN
    : WET_LASTS_MIN;
}
