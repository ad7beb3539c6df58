import type { Animal } from '../pantry/index.ts';
import { LONGEST_RAW_DAYS } from '../safety/index.ts';
import type { Message } from '../words/index.ts';
import type { Cover } from './cover.ts';
import type { Mixture } from './mixture.ts';

/** Something the cook should know before the mixture goes on. */
export type BatchWarning = Message;

/** The strongest salting most people still like, % of the food. Common practice, no source. */
const SALT_HIGH_PCT = 2.5;

export function batchWarnings(
  animals: readonly Animal[],
  mixture: Mixture,
  totals: { readonly saltPctOfFood: number },
  cover: Cover | undefined,
): BatchWarning[] {
  const warnings: BatchWarning[] = [];
  if (cover && !cover.enough) {
    warnings.push({
      key: 'batch.tooLittle',
      values: { have: { ml: cover.haveMl }, need: { ml: cover.needMl } },
    });
  }
  if (cover?.fits === false) {
    warnings.push({
      key: 'batch.overflows',
      values: { vessel: cover.vessel ?? '', fill: { ml: cover.fillMl } },
    });
  }
  const eatenWithFood = mixture.kind !== 'pickle' && mixture.kind !== 'wet brine';
  if (eatenWithFood && totals.saltPctOfFood > SALT_HIGH_PCT) {
    warnings.push({ key: 'batch.salty', values: { pct: totals.saltPctOfFood.toFixed(1) } });
  }
  const poultry = animals.includes('poultry');
  const longestDays = poultry ? LONGEST_RAW_DAYS.poultry : LONGEST_RAW_DAYS.other;
  if (mixture.touchesRaw && mixture.window && mixture.window.longestMin > longestDays * 1440) {
    warnings.push({ key: 'batch.tooLong', values: { days: String(longestDays) } });
  }
  return warnings;
}
