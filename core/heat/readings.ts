/** What a thermometer says at a moment of a cook. */
export interface ProbeReading {
  /** From the beginning of the cook. */
  readonly minute: number;
  readonly probe: string;
  readonly coreC: number;
  /** Of the air around it, where that is measured too. */
  readonly cookerC?: number | undefined;
}

/** Why a reading is not believed. */
export type Distrust = 'no signal' | 'out of range' | 'slipped' | 'touches bone' | 'stuck';

export interface IgnoredReading {
  readonly minute: number;
  readonly probe: string;
  readonly why: Distrust;
}

/** No core of a cook is ever outside of this, °C. */
const RANGE_C = [-35, 130] as const;
/** No core of a joint moves faster than this, °C a minute, beyond what a sensor trembles. */
const FASTEST_C = 3;
const TREMBLE_C = 2;
/** A slipped probe is back when it stands so near to where it left, for each minute away, °C. */
const BACK_WITHIN_C = 4;
const CLIMBS_AWAY_C = 0.6;
/** Hotter than any cook of this kind could be by so much, °C, and it is not in the middle. */
const BEYOND_ANY_C = 9;
/** The very same figure for so many minutes, while others would climb: nothing is measured. */
const STUCK_MIN = 20;
const STUCK_READINGS = 6;

/**
 * Which readings to believe. A jump no joint can make is a probe that slipped, until it stands where
 * it could have come to meanwhile; hotter than any cook like this could be, it touches bone or lies
 * at the surface; the same figure over and over comes from a battery or a cable.
 *
 * @param hottestC the hottest core any cook of this kind has at a minute; left out where it is not
 *   known: then bone is not told, and the rest is
 */
export function sortReadings(
  readings: readonly ProbeReading[],
  hottestC: (minute: number) => number = () => Infinity,
): { trusted: ProbeReading[]; ignored: IgnoredReading[] } {
  const trusted: ProbeReading[] = [];
  const ignored: IgnoredReading[] = [];
  const inOrder = readings.toSorted((a, b) => a.minute - b.minute);
  for (const probe of new Set(inOrder.map((one) => one.probe))) {
    const all = inOrder.filter((one) => one.probe === probe);
    let last: ProbeReading | undefined;
    all.forEach((reading, i) => {
      const why = distrust(reading, last, all.slice(0, i), hottestC(reading.minute));
      if (why !== undefined) {
        ignored.push({ minute: reading.minute, probe: reading.probe, why });
        return;
      }
      trusted.push(reading);
      last = reading;
    });
  }
  return { trusted: trusted.sort((a, b) => a.minute - b.minute), ignored };
}

function distrust(
  { coreC, minute }: ProbeReading,
  last: ProbeReading | undefined,
  before: readonly ProbeReading[],
  hottestC: number,
): Distrust | undefined {
  if (!Number.isFinite(coreC)) return 'no signal';
  if (coreC < RANGE_C[0] || coreC > RANGE_C[1]) return 'out of range';
  if (last) {
    const away = Math.max(0, minute - last.minute);
    const jumped = Math.abs(coreC - last.coreC);
    // What was believed a moment ago moves slowly; what has been away longer may be further on.
    const may = Math.min(FASTEST_C * away, BACK_WITHIN_C + CLIMBS_AWAY_C * away) + TREMBLE_C;
    if (jumped > may) return 'slipped';
  }
  if (coreC > hottestC + BEYOND_ANY_C) return 'touches bone';
  const same = before.filter((one) => minute - one.minute <= STUCK_MIN);
  // A thermometer that tells tenths trembles; one that tells whole degrees may stand in a stall.
  const stuck =
    !Number.isInteger(coreC) &&
    same.length >= STUCK_READINGS &&
    minute - (same[0]?.minute ?? minute) >= STUCK_MIN * 0.8 &&
    same.every((one) => one.coreC === coreC);
  return stuck ? 'stuck' : undefined;
}
