/**
 * What a plan pays for what it cannot have: the prices of its wishes. A minute of an earlier start
 * costs one point, so that nothing begins earlier than it need.
 *
 * - `pin`: a minute beside where the cook has put a step. The cook's word goes before every wish,
 *   and gives way only to what the food can bear no longer.
 * - `inHand`: a minute less in hand after what the food decides. A late supper is worse than a
 *   shorter soak.
 * - `soak`: a soak or a rest away from its best, dealt out over its minutes, so that an hour of a
 *   day matters less than an hour of three; so much a minute at least and at most, that none is cut
 *   only to begin the work before it later; too long costs less at the most, since nothing that is
 *   fresh waits for it.
 * - `calm`: a minute that work which could be done sooner reaches into the last half hour. Dearer
 *   than an earlier start and a soak's best, cheaper than time in hand.
 * - `lastTen`: a minute of any work in the last ten, where it can be over before: the guests are there.
 * - `rawTogether`: a minute between raw work of two dishes that could follow on each other, so that
 *   the board is out once and washed once. Dearer than an earlier start, cheaper than a soak of an
 *   evening at its best.
 * - `stale`: a minute that what is ready waits at the table. It is best fresh.
 * - `cools`: a minute that what is best fresh waits off its fire for the next step, or beyond the
 *   first ten for the table. Dearer than a soak that grows a little long: a steak is not cooked an
 *   hour sooner for its marinade's sake.
 *
 * @unit points a minute
 * @source our own scale, no source
 * @confidence 0.5
 */
export const PRICE_PER_MIN = {
  pin: 4000,
  inHand: 200,
  soak: { whole: 14_400, least: 6, most: 40, mostLonger: 12 },
  calm: 45,
  lastTen: 8,
  rawTogether: 20,
  stale: 3,
  cools: 15,
} as const;

/**
 * A minute too long in a soak, against one too short: nine hours for twelve is as far off as
 * sixteen.
 *
 * @unit share
 * @source our own line, no source
 * @confidence 0.4
 */
export const SOAK_LONGER_SHARE = 0.75;

/**
 * The last minutes before serving are for what cannot be done sooner, and for the guests.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.5
 */
export const CALM_LAST_MIN = 30;

/**
 * A first serving comes no longer before the rest: more is another meal.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.5
 */
export const SERVED_BEFORE_MOST_MIN = 240;

/**
 * How much later than the rest a dish may be offered in a second serving.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.4
 */
export const SECOND_SERVING_MIN: readonly number[] = [30, 45, 60, 90, 120];

/**
 * Nobody stands at the stove while the guests sit down.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.5
 */
export const FREE_LAST_MIN = 10;

/**
 * Raw work that lies so near, counted from start to start, is wished together.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.4
 */
export const RAW_NEAR_MIN = 240;

/**
 * The board stays out so long between two pieces of raw work.
 *
 * @unit min
 * @source our own line, no source
 * @confidence 0.5
 */
export const RAW_TOGETHER_MIN = 10;

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
