import { EGG_FLOATS_PCT } from '../figures/index.ts';
import type { Salting } from './mixture.ts';

/** What one salts for. */
export type SaltedFor =
  'light' | 'common' | 'strong' | 'vegetables' | 'cucumbers' | 'cabbage' | 'cheese' | 'pasta';

/** How strong that usually is, % of the brine, or dry of the food. */
export interface UsualStrength {
  readonly what: SaltedFor;
  readonly by: 'strong' | 'dry';
  readonly fromPct: number;
  readonly toPct: number;
  readonly usualPct: number;
}

const strength = (
  what: SaltedFor,
  fromPct: number,
  toPct = fromPct,
  usualPct = fromPct,
  by: UsualStrength['by'] = 'strong',
): UsualStrength => ({ what, by, fromPct, toPct, usualPct });

/** By weight. Source: kitchen convention, from memory, confidence 0.85. */
export const USUAL_STRENGTHS: readonly UsualStrength[] = [
  strength('light', 3),
  strength('common', 5),
  strength('strong', 8),
  strength('vegetables', 2, 5, 3.5),
  strength('cucumbers', 3.5, 5, 4.5),
  strength('cabbage', 2, 2, 2, 'dry'),
  strength('cheese', 6, 10, 7),
  strength('pasta', 1),
];

/** A salting set as is usual for that; what else it says stays. */
export function saltingFor(what: SaltedFor, salting: Salting): Salting {
  const usual = USUAL_STRENGTHS.find((one) => one.what === what);
  if (!usual) return salting;
  const { by, usualPct } = usual;
  return by === 'dry'
    ? { ...salting, by, targetPct: usualPct }
    : { ...salting, by, strengthPct: usualPct };
}

/** What a salting is usual for; undefined where it is the cook's own. */
export function saltedFor({ by, targetPct, strengthPct }: Salting): SaltedFor | undefined {
  const pct = by === 'dry' ? targetPct : strengthPct;
  return USUAL_STRENGTHS.find((one) => one.by === by && one.usualPct === pct)?.what;
}

export function eggFloats(strengthPct: number): boolean {
  return strengthPct >= EGG_FLOATS_PCT.from && strengthPct <= EGG_FLOATS_PCT.to;
}
