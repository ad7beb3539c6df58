import { cookedMinutes, VARIED, variationOf, type Band } from './forecast.ts';
import { coreAt } from './ensemble.ts';
import { cookOnce, type CookSpec } from './cook-spec.ts';
import { spreadOf } from './checked-by.ts';
import { evenNormals } from './normal-quantiles.ts';
import { sortReadings, type IgnoredReading, type ProbeReading } from './readings.ts';

/** So many cooks, each a little otherwise, are weighed against what the probe says. */
const LIVE_MEMBERS = 300;
/** Coarser than the cook that is shown: the spread does not depend on it. */
const CELLS = 12;
/** Points of each member's curve. */
const POINTS = 120;
/** A likely cook is reckoned so much further, for members that are slower. */
const FURTHER = 1.6;

/**
 * How far a member may lie from a reading that is still its own, °C: sensor, place of the probe, and
 * what no member has. Our own figure, no source: set by the simulated cooks of
 * `npm run bench -- forecast`.
 */
const READING_SD_C = 2.2;
/** Readings nearer than this tell the same thing twice: so many are told as one. */
const TOLD_APART = 10;
/** What stays unsure of the time left, as a logarithm, however well a member fits. Likewise. */
const LEFT_LOG_SD = 0.06;

/** One cook that may be this one: its core over time, and when each of its stages ends. */
interface Member {
  readonly everyMin: number;
  readonly coreC: Float64Array;
  readonly fireMin: number;
  readonly endMin: number;
}

/** The cooks a food may turn out to be, to be weighed by what is read. */
export interface LiveMembers {
  readonly members: readonly Member[];
  /** When the cook as said is over, minutes from its beginning. */
  readonly likelyMin: number;
}

/** What readings make of a forecast. */
export interface LiveForecast {
  /** On the fire, from the beginning. */
  readonly minutes: Band;
  /** From the moment asked about; 0 once it is there. */
  readonly readyInMin: Band;
  /** The core as it is believed to be now, °C. */
  readonly coreC: number;
  /** How the core may go on: by minute of the cook, between which two temperatures eight in ten are. */
  readonly ahead: ReadonlyArray<{
    readonly minute: number;
    readonly leastC: number;
    readonly mostC: number;
  }>;
  readonly trusted: readonly ProbeReading[];
  readonly ignored: readonly IgnoredReading[];
}

/**
 * Cooks a spec over and over, each time a little otherwise, to be weighed later. Yields how far it
 * is, 0 to 1, so that a worker can tell and stop.
 */
export function* liveMembersOf(
  spec: CookSpec,
  count = LIVE_MEMBERS,
): Generator<number, LiveMembers> {
  const likely = cookOnce(spec, undefined, { cells: CELLS, everyMin: 1e6 });
  const everyMin = Math.max(0.1, (likely.minutes * FURTHER) / POINTS);
  const spread = spreadOf(spec);
  const members: Member[] = [];
  for (let index = 0; index < count; index++) {
    const normals = evenNormals(index, VARIED + 1);
    const stretch = Math.exp(spread.modelLog * (normals[VARIED] ?? 0));
    const one = cookOnce(spec, variationOf(normals, spread), {
      cells: CELLS,
      everyMin: everyMin / 2,
    });
    const endMin = one.minutes * stretch;
    const points = Math.ceil(endMin / everyMin) + 1;
    members.push({
      everyMin,
      coreC: Float64Array.from({ length: points }, (_none, i) =>
        coreAt(one, (i * everyMin) / stretch),
      ),
      fireMin: cookedMinutes(spec, one) * stretch,
      endMin,
    });
    if (index % 10 === 9) yield (index + 1) / count;
  }
  return { members, likelyMin: likely.minutes };
}

/**
 * The forecast weighed by what has been read so far. Each member counts by how near it came to the
 * readings that can be believed, and is asked how long it took from where the core stands now.
 *
 * @param atMin the moment asked about, minutes from the beginning of the cook
 */
export function liveForecast(
  { members, likelyMin }: LiveMembers,
  given: readonly ProbeReading[],
  atMin: number,
): LiveForecast {
  const heard = given.filter(({ minute }) => minute <= atMin);
  const { trusted, ignored } = sortReadings(heard, (minute) => hottestAt(members, minute));
  const told = tellingOf(trusted, likelyMin);
  const last = trusted.at(-1);
  const logs = members.map((member) => logLikelihood(member, told));
  const best = Math.max(...logs);
  const ways = members.map((member, i) => ({
    weight: Math.exp((logs[i] ?? 0) - best),
    left: leftOf(member, last, atMin),
    lead: member.endMin - member.fireMin,
    coreC: coreOf(member, last, atMin),
  }));
  const left = widened(weighedBand(ways, ({ left: one }) => Math.max(0, one)));
  const lead = weighedBand(ways, (one) => one.lead).likely;
  const fire = (minutes: number) => Math.max(0, atMin + minutes - lead);
  return {
    minutes: { least: fire(left.least), likely: fire(left.likely), most: fire(left.most) },
    readyInMin: left,
    coreC: weighedBand(ways, ({ coreC }) => coreC).likely,
    ahead: aheadOf(members, ways, last, atMin, left.most),
    trusted,
    ignored,
  };
}

/** The band of the core from now to where it is most likely over. */
function aheadOf(
  members: readonly Member[],
  ways: readonly Way[],
  last: ProbeReading | undefined,
  atMin: number,
  untilMin: number,
): LiveForecast['ahead'] {
  return Array.from({ length: AHEAD_POINTS + 1 }, (_none, i) => {
    const minute = atMin + (untilMin * i) / AHEAD_POINTS;
    const cores = members.map((member, m) => ({
      weight: ways[m]?.weight ?? 0,
      coreC: coreOf(member, last, minute),
    }));
    const { least, most } = weighedBand(cores, ({ coreC }) => coreC);
    return { minute, leastC: least, mostC: most };
  });
}

/** Points of the band ahead. */
const AHEAD_POINTS = 12;

interface Way {
  readonly weight: number;
  readonly left: number;
  readonly lead: number;
  readonly coreC: number;
}

/** A few readings spread over the cook: those in between say what their neighbours say. */
function tellingOf(trusted: readonly ProbeReading[], likelyMin: number): ProbeReading[] {
  const apartMin = likelyMin / TOLD_APART / 2;
  const told: ProbeReading[] = [];
  for (const reading of trusted.toReversed()) {
    const before = told.at(-1);
    if (!before || before.minute - reading.minute >= apartMin) told.push(reading);
  }
  return told;
}

function logLikelihood(member: Member, told: readonly ProbeReading[]): number {
  return told.reduce((sum, { minute, coreC }) => {
    const off = (memberC(member, minute) - coreC) / READING_SD_C;
    // Beyond three and a half a reading says no more: no one of them may decide alone.
    return sum - Math.min(off * off, 12) / 2;
  }, 0);
}

/** The core of a member; past its end, as it was at the end. */
function memberC({ coreC, everyMin }: Member, minute: number): number {
  const place = Math.max(0, minute / everyMin);
  const low = Math.min(Math.floor(place), coreC.length - 1);
  const [a = NaN, b = a] = [coreC[low], coreC[low + 1]];
  return a + (place - low) * (b - a);
}

/** How long a member has left from where the last reading stands; by the clock without one. */
function leftOf(member: Member, last: ProbeReading | undefined, atMin: number): number {
  const byClock = member.endMin - atMin;
  if (!last) return byClock;
  const own = memberC(member, last.minute);
  const ahead = last.coreC - own;
  const slope = slopeOf(member, last.minute);
  // Where a member climbs, its clock is set by what is read; in a stall the core says nothing of it.
  if (slope < LEAST_SLOPE_C) return byClock;
  const shift = Math.max(-0.5, Math.min(0.5, ahead / slope / Math.max(1, byClock))) * byClock;
  return byClock - shift;
}

/** Flatter than this, °C a minute, and the core no longer tells the time. */
const LEAST_SLOPE_C = 0.02;

function slopeOf(member: Member, minute: number): number {
  const half = member.everyMin;
  return (memberC(member, minute + half) - memberC(member, minute - half)) / (2 * half);
}

function coreOf(member: Member, last: ProbeReading | undefined, atMin: number): number {
  const own = memberC(member, atMin);
  return last ? last.coreC + own - memberC(member, last.minute) : own;
}

function hottestAt(members: readonly Member[], minute: number): number {
  return members.reduce((most, member) => Math.max(most, memberC(member, minute)), -Infinity);
}

function widened({ least, likely, most }: Band): Band {
  const wide = (bound: number, z: number) => {
    const log = Math.log(Math.max(bound, 1e-3) / Math.max(likely, 1e-3));
    return likely * Math.exp(Math.sign(z) * Math.hypot(log, z * LEFT_LOG_SD));
  };
  return likely <= 0
    ? { least: 0, likely: 0, most: Math.max(0, most) }
    : { least: wide(least, -1.28), likely, most: wide(most, 1.28) };
}

/** Weighed quantiles. */
function weighedBand<T extends { readonly weight: number }>(
  ways: readonly T[],
  of: (way: T) => number,
): Band {
  const sorted = ways
    .map((way) => ({ value: of(way), weight: way.weight }))
    .sort((a, b) => a.value - b.value);
  const all = sorted.reduce((sum, { weight }) => sum + weight, 0);
  const at = (share: number): number => {
    let sum = 0;
    for (const { value, weight } of sorted) {
      sum += weight;
      if (sum >= share * all) return value;
    }
    return sorted.at(-1)?.value ?? NaN;
  };
  return { least: at(0.1), likely: at(0.5), most: at(0.9) };
}
