import { carryOver, hotHoldsOf, type CarryOver, type CookSpec, type Hold } from '../heat/index.ts';
import { HOT_HOLDING_C, ROOM_LIMIT_MIN } from './figures/index.ts';

/** What comes after the fire: carry-over, and how long it keeps where. */
export interface Afterwards extends CarryOver {
  readonly holds: ReadonlyArray<
    Pick<Hold, 'place' | 'hotMin'> & {
      /** Until its coldest point has been too cool for two hours. */
      readonly safeMin: number;
    }
  >;
}

/** Carry-over, and how long it keeps hot and safe. @throws RangeError when no stage cooks */
export function afterwards(spec: CookSpec): Afterwards {
  return {
    ...carryOver(spec),
    holds: hotHoldsOf(spec, HOT_HOLDING_C).map(({ place, hotMin, aboveMin }) => ({
      place,
      hotMin,
      safeMin: aboveMin + ROOM_LIMIT_MIN,
    })),
  };
}
