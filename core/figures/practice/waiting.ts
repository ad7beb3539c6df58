/** How a food bears waiting longer than the cook likes, between two steps or before it is eaten. */
export type WaitKind =
  | 'cold'
  | 'kept warm'
  | 'soaking'
  | 'raw'
  | 'dough'
  | 'fire'
  | 'crust'
  | 'bare'
  | 'joint'
  | 'sliced'
  | 'pot'
  | 'shredded'
  | 'grain'
  | 'vegetable'
  | 'baked'
  | 'sauce'
  | 'tending';

/** What a minute beyond the cook's most costs, and how many are borne at all. */
export interface WaitingPrice {
  /** Points a minute: in hand, a minute of a sure evening is worth 200. */
  readonly perMin: number;
  /** Beyond the first quarter of an hour each minute costs this many times as much. */
  readonly laterTimes: number;
  /** No longer than this beyond what the cook likes, minutes. */
  readonly mostOverMin: number;
}

/**
 * The minutes after which a wait does more harm.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.4
 */
export const WAIT_HARMS_AFTER_MIN = 15;

/**
 * The price of waiting, by what waits and how: what keeps in a lid or in foil is cheap, a crust, a
 * bare steak and what is sliced are dear. Always dearer than time in hand, so that no food is made
 * to wait only for a surer evening, even where several chains want time in hand at once.
 *
 * @unit points a minute, and minutes
 * @source common practice, no source; the scale is our own
 * @confidence 0.5
 */
export const WAITING: Readonly<Record<WaitKind, WaitingPrice>> = {
  cold: { perMin: 900, laterTimes: 1, mostOverMin: 90 },
  'kept warm': { perMin: 900, laterTimes: 1, mostOverMin: 360 },
  joint: { perMin: 1000, laterTimes: 1.5, mostOverMin: 60 },
  pot: { perMin: 1050, laterTimes: 1.5, mostOverMin: 60 },
  shredded: { perMin: 1100, laterTimes: 1.5, mostOverMin: 60 },
  baked: { perMin: 1150, laterTimes: 1.5, mostOverMin: 60 },
  sauce: { perMin: 1200, laterTimes: 2, mostOverMin: 45 },
  fire: { perMin: 1250, laterTimes: 1.5, mostOverMin: 60 },
  soaking: { perMin: 1400, laterTimes: 2, mostOverMin: 60 },
  grain: { perMin: 1500, laterTimes: 2, mostOverMin: 40 },
  tending: { perMin: 1500, laterTimes: 2, mostOverMin: 30 },
  raw: { perMin: 1600, laterTimes: 2, mostOverMin: 45 },
  vegetable: { perMin: 1900, laterTimes: 2, mostOverMin: 30 },
  dough: { perMin: 2100, laterTimes: 2, mostOverMin: 30 },
  bare: { perMin: 2400, laterTimes: 2, mostOverMin: 30 },
  crust: { perMin: 2600, laterTimes: 2, mostOverMin: 25 },
  sliced: { perMin: 2800, laterTimes: 2, mostOverMin: 25 },
};

/**
 * A piece so heavy is warm at its middle for long after.
 *
 * @unit g
 * @source common practice, no source
 * @confidence 0.5
 */
export const JOINT_FROM_G = 1200;
