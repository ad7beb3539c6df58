import { cooks } from '../places/index.ts';
import { PULLS_AT, SLICES_AT } from './tenderness.ts';
import { INTERACTIVE_CELLS, type Cook } from './cook.ts';
import { cookOnce, type CookSpec } from './cook-spec.ts';

const POINTS = 160;
/** Enough to say about how long it takes. */
const ROUGH_CELLS = 6;

/** A cook with its curve and fields, close enough for a picture. */
export function shownCook(spec: CookSpec): Cook {
  const rough = cookOnce(spec, undefined, { everyMin: 1e6, cells: ROUGH_CELLS });
  const everyMin = Math.max(0.05, rough.minutes / POINTS);
  return cookOnce(spec, undefined, { everyMin, cells: INTERACTIVE_CELLS, fields: true });
}

/** The index of the last stage that cooks; the last of all where none does. */
export function lastOnFire({ stages }: CookSpec): number {
  const found = stages.findLastIndex(({ cooker }) => cooks(cooker));
  return found === -1 ? stages.length - 1 : found;
}

/** When each stage begins and ends, in minutes from the first. */
export function stageTimes({ stages }: Pick<Cook, 'stages'>): Array<{ from: number; to: number }> {
  let at = 0;
  return stages.map(({ minutes }) => ({ from: at, to: (at += minutes) }));
}

/** As exact as it is worth saying: five minutes from an hour and a half on. */
export function aboutMinutes(minutes: number): number {
  return Math.abs(minutes) < 90 ? Math.round(minutes) : Math.round(minutes / 5) * 5;
}

/** The point of a curve nearest a moment. */
export function pointAt({ minute }: Pick<Cook, 'minute'>, at: number): number {
  let nearest = 0;
  for (let i = 1; i < minute.length; i++) {
    const [a = 0, b = 0] = [minute[nearest], minute[i]];
    if (Math.abs(b - at) < Math.abs(a - at)) nearest = i;
  }
  return nearest;
}

/** Less than this, and nobody asks whether it pulls apart. */
export const WORTH_TELLING = 0.5;

/** When a cook is tender enough to slice, and to pull apart; nothing for what is not cooked so long. */
export function tenderAt({
  minute,
  tenderByPoint,
  tenderness,
}: Pick<Cook, 'minute' | 'tenderByPoint' | 'tenderness'>): {
  readonly told: boolean;
  readonly slicesMin?: number | undefined;
  readonly pullsMin?: number | undefined;
} {
  if (tenderness < WORTH_TELLING) return { told: false };
  const first = (least: number) => minute[tenderByPoint.findIndex((one) => one >= least)];
  return { told: true, slicesMin: first(SLICES_AT), pullsMin: first(PULLS_AT) };
}
