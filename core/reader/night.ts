import type { Mixture } from '../batch/index.ts';
import { NIGHT_MIN } from '../figures/index.ts';
import type { ReadAct } from './context.ts';

/** "Overnight", and no more than that: till the cook is up, and the oven is wanted. */
export function isNight({ leastMin, mostMin }: Pick<ReadAct, 'leastMin' | 'mostMin'>): boolean {
  return leastMin === NIGHT_MIN.least && mostMin === NIGHT_MIN.most;
}

/**
 * How what lies overnight is planned, minutes: from one evening until the cook needs it, which for a
 * supper is the afternoon. Nobody minds a day under salt, bare, or in water; a marinade is at its
 * best until the next noon and does no harm until four; a wet brine salts on. Common practice, no
 * source.
 *
 * @param kind of the mixture it lies in; undefined bare, or in plain water
 */
export function overnight(kind: Mixture['kind'] | undefined): {
  readonly bestMin: number;
  readonly longestMin: number;
} {
  if (kind === 'wet brine') return { bestMin: NIGHT_MIN.likely, longestMin: 16 * 60 };
  return kind === undefined || kind === 'rub' || kind === 'dry brine'
    ? { bestMin: 14 * 60, longestMin: 24 * 60 }
    : { bestMin: 13 * 60, longestMin: 20 * 60 };
}
