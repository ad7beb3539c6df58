import { RISES_LEAST_SHARE, RISES_LONGEST_SHARE } from '../../figures/index.ts';
import { riseOf } from '../../heat/index.ts';
import { wholeMinutes, type SettledTime } from './definition.ts';

type Dough = Parameters<typeof riseOf>[0];

/** Where a dough stands that says nothing of it: a warm room. */
const ROOM_C = 22;

/** From a little short of double until it falls. */
export function settledRise(dough: Dough, placeC = ROOM_C): SettledTime {
  const { likely } = riseOf(dough, placeC);
  return {
    duration: wholeMinutes({
      least: likely * RISES_LEAST_SHARE,
      likely,
      most: likely * RISES_LONGEST_SHARE,
    }),
    limitedBy: { key: 'window.risen' },
  };
}

/** The same bounds, for the audit. */
export function allowedRise(dough: Dough, placeC = ROOM_C): readonly [number, number] {
  const doubles = riseOf(dough, placeC).likely;
  return [Math.round(doubles * RISES_LEAST_SHARE), Math.ceil(doubles * RISES_LONGEST_SHARE)];
}
