import {
  carryOver,
  hotHoldsOf,
  onThePlate,
  type CarryOver,
  type CookSpec,
  type Hold,
  type OnThePlate,
} from '../heat/index.ts';
import { HOT_HOLDING_C, ROOM_LIMIT_MIN } from './figures/index.ts';

/** What comes after the fire: carry-over, the plate, and how long it keeps where. */
export interface Afterwards extends CarryOver {
  /** Of what was an animal. */
  readonly plate?: OnThePlate | undefined;
  readonly holds: ReadonlyArray<
    Pick<Hold, 'place' | 'hotMin'> & {
      /** Until its coldest point has been too cool for two hours. */
      readonly safeMin: number;
    }
  >;
}

/** Carry-over, and how long it keeps hot and safe. @throws RangeError when no stage cooks */
export function afterwards(spec: CookSpec): Afterwards {
  const { piece, conditions } = spec;
  const carried = carryOver(spec);
  const isMeat = piece.cut.animal !== 'none';
  return {
    ...carried,
    ...(isMeat && { plate: onThePlate(piece, carried.restedC, conditions.roomC) }),
    holds: hotHoldsOf(spec, HOT_HOLDING_C).map(({ place, hotMin, aboveMin }) => ({
      place,
      hotMin,
      safeMin: aboveMin + ROOM_LIMIT_MIN,
    })),
  };
}
