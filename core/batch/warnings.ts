import { SALT_HIGH_PCT, MINUTES_PER_DAY } from '../figures/index.ts';
import type { Message } from '../words/index.ts';
import { basisNamed } from './bases/registry.ts';
import { acidPct, type Contents } from './contents.ts';
import type { Cover } from './cover.ts';
import type { Mixture } from './mixture.ts';
import { allFoods, type BatchFor, type WeighedMixture } from './weigh.ts';
import { fruitNever, FRUIT_LONGEST_MIN } from './soak-limits.ts';
import { fruitOn, type SoakWindow } from './window.ts';

/** Something the cook should know before the mixture goes on. */
export type BatchWarning = Message;

/** What the warnings look at. */
export interface WarningContext {
  readonly mixture: Mixture;
  readonly batch: BatchFor;
  readonly weighed: WeighedMixture;
  readonly onFood: Contents;
  readonly saltPctOfFood: number;
  readonly cover: Cover | undefined;
  readonly window: SoakWindow | undefined;
}

export function batchWarnings(looked: WarningContext): BatchWarning[] {
  return [
    ...coverWarnings(looked),
    ...saltWarnings(looked),
    ...soakWarnings(looked),
    ...variantWarnings(looked),
    ...partWarnings(looked),
  ];
}

function coverWarnings({ cover, mixture, batch }: WarningContext): BatchWarning[] {
  if (basisNamed(mixture.basis.kind).byFood && allFoods(batch).every((one) => one.weightG === 0)) {
    return [{ key: 'batch.noFood', values: { mixture: mixture.name } }];
  }
  if (!cover) return [];
  const warnings: BatchWarning[] = [];
  if (!cover.enough) {
    const values = { have: { ml: cover.haveMl }, need: { ml: cover.needMl } };
    warnings.push({ key: 'batch.tooLittle', values });
  }
  if (cover.froths) {
    warnings.push({ key: 'batch.froths', values: { vessel: cover.vessel?.name ?? '' } });
  } else if (cover.fits === false) {
    const values = { vessel: cover.vessel?.name ?? '', fill: { ml: cover.fillMl } };
    warnings.push({ key: 'batch.overflows', values });
  }
  return warnings;
}

function saltWarnings({ mixture, weighed, saltPctOfFood }: WarningContext): BatchWarning[] {
  const eatenWithFood = mixture.kind !== 'pickle' && mixture.kind !== 'wet brine';
  if (eatenWithFood && saltPctOfFood > SALT_HIGH_PCT) {
    return [{ key: 'batch.salty', values: { pct: saltPctOfFood.toFixed(1) } }];
  }
  const salted = weighed.lines.some(({ line }) => line.scaling === 'salt');
  const without = weighed.lines.find(
    ({ line, grams, locked }) => line.scaling === 'salt' && !locked && grams <= 0,
  );
  return salted && without ? [{ key: 'batch.alreadySalted' }] : [];
}

function soakWarnings({ mixture, batch, onFood, window }: WarningContext): BatchWarning[] {
  if (!window) return [];
  const warnings: BatchWarning[] = [];
  const groups = batch.foods.map(({ cut }) => cut?.soaks);
  const fruitGPerKg = fruitOn(mixture, batch, onFood);
  if (groups.some((group) => group !== undefined && fruitNever(group, fruitGPerKg))) {
    warnings.push({ key: 'batch.enzymeNever' });
  }
  const fishy = groups.some((group) => group === 'fish' || group === 'shellfish');
  if (fishy && acidPct(onFood) > 0.5 && window.longestMin > 30) {
    warnings.push({ key: 'batch.fishSour' });
  }
  if (!window.own) return warnings;
  const raw = window.limits.find(({ kind }) => kind === 'raw');
  if (mixture.touchesRaw && raw && window.longestMin > raw.minutes) {
    warnings.push({
      key: 'batch.tooLong',
      values: { days: String(raw.minutes / MINUTES_PER_DAY) },
    });
  }
  if (fruitGPerKg > 0 && window.longestMin > FRUIT_LONGEST_MIN) {
    warnings.push({ key: 'batch.fruitLong' });
  }
  const past = window.limits.find(
    ({ kind, minutes }) => kind !== 'raw' && window.longestMin > minutes * 1.05,
  );
  if (past) {
    const values = { minutes: { minutes: past.minutes } };
    warnings.push({ key: 'batch.pastLimit', values }, past.message);
  }
  return warnings;
}

/** What goes in instead must not hold what is avoided. */
function variantWarnings({ weighed }: WarningContext): BatchWarning[] {
  return weighed.variants.flatMap(({ variant, lines }) =>
    lines
      .filter(({ of }) => of.holds.some((held) => variant.forAvoids.includes(held)))
      .map(({ of }) => ({
        key: 'batch.variantHolds' as const,
        values: { variant: variant.name, what: of.name },
      })),
  );
}

/** More of another mixture than there is. */
function partWarnings({ weighed }: WarningContext): BatchWarning[] {
  return weighed.lines.flatMap(({ line, of, grams }) => {
    const thereIs = line.part === 'whole' ? undefined : of.countG?.[''];
    return line.part === undefined || thereIs === undefined || grams <= thereIs * 1.01
      ? []
      : [{ key: 'batch.moreThanThere' as const, values: { what: of.name } }];
  });
}
