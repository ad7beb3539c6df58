import { describe, expect, it } from 'vitest';
import {
  CUTS,
  liveForecast,
  liveMembersOf,
  simulateCook,
  USUAL_CONDITIONS,
  type CookSpec,
  type ProbeReading,
} from '../index.ts';

const cut = CUTS.get('lamb-leg-bone-in');
if (!cut) throw new Error('no leg');
const SPEC: CookSpec = {
  piece: { cut, weightG: 2200 },
  startC: 5,
  conditions: USUAL_CONDITIONS,
  stages: [{ cooker: 'oven', tempC: 160, end: { kind: 'core', coreC: 60 } }],
};

function membersOf(spec: CookSpec) {
  const work = liveMembersOf(spec, 120);
  let next = work.next();
  while (next.done !== true) next = work.next();
  return next.value;
}
const MEMBERS = membersOf(SPEC);

/** What a probe says every two minutes of one kitchen’s cook. */
function readings(seed: number, untilMin: number): ProbeReading[] {
  const { read } = simulateCook(SPEC, seed);
  return Array.from({ length: Math.floor(untilMin / 2) }, (_none, i) => read((i + 1) * 2, 'p'));
}

describe('a forecast weighed by what is read', () => {
  it('is nearer the end than the one before it began, three quarters through', () => {
    const seeds = Array.from({ length: 12 }, (_none, i) => 50 + i);
    const off = seeds.map((seed) => {
      const end = simulateCook(SPEC, seed).endsMin.at(-1) ?? 0;
      const told = liveForecast(MEMBERS, readings(seed, 0.75 * end), 0.75 * end);
      return [
        Math.abs(told.readyInMin.likely - 0.25 * end) / end,
        Math.abs(MEMBERS.likelyMin - end) / end,
      ] as const;
    });
    const mean = (side: 0 | 1) => off.reduce((sum, one) => sum + one[side], 0) / off.length;
    // The wish is 4 % of the whole cook; `npm run bench -- forecast` prints it for forty cooks.
    expect(mean(0)).toBeLessThan(0.04);
    expect(mean(0)).toBeLessThan(mean(1) / 2);
  });

  it('without a reading says what heat says', () => {
    const { minutes, readyInMin } = liveForecast(MEMBERS, [], 0);
    expect(Math.abs(minutes.likely / MEMBERS.likelyMin - 1)).toBeLessThan(0.05);
    expect(readyInMin.least).toBeLessThan(readyInMin.likely);
    expect(readyInMin.most).toBeGreaterThan(readyInMin.likely);
  });

  it('does not believe a probe that slipped, until it is back', () => {
    const honest = readings(50, 80);
    const slipped = honest.map((one) =>
      one.minute > 30 && one.minute <= 50 ? { ...one, coreC: one.coreC + 30 } : one,
    );
    const told = liveForecast(MEMBERS, slipped, 80);
    expect(new Set(told.ignored.map(({ why }) => why))).toEqual(new Set(['slipped']));
    expect(told.ignored.every(({ minute }) => minute > 30 && minute <= 50)).toBe(true);
    const clean = liveForecast(MEMBERS, honest, 80);
    expect(Math.abs(told.readyInMin.likely - clean.readyInMin.likely)).toBeLessThan(6);
  });

  it('says what bone, a dead battery and a lost signal are', () => {
    const whyOf = (change: (one: ProbeReading) => ProbeReading) =>
      new Set(
        liveForecast(MEMBERS, readings(50, 80).map(change), 80).ignored.map(({ why }) => why),
      );
    expect(whyOf((one) => ({ ...one, coreC: one.coreC + one.minute }))).toContain('touches bone');
    expect(whyOf((one) => (one.minute > 40 ? { ...one, coreC: 30.4 } : one))).toContain('stuck');
    expect(whyOf((one) => (one.minute === 20 ? { ...one, coreC: NaN } : one))).toEqual(
      new Set(['no signal']),
    );
    expect(whyOf((one) => (one.minute === 20 ? { ...one, coreC: 400 } : one))).toEqual(
      new Set(['out of range']),
    );
  });

  it('is there when the core is', () => {
    const done: ProbeReading[] = [...readings(50, 40), { minute: 41, probe: 'q', coreC: 61 }];
    expect(liveForecast(MEMBERS, done, 41).trusted.length).toBeGreaterThan(0);
    const last: ProbeReading = { minute: 200, probe: 'p', coreC: 61 };
    expect(liveForecast(MEMBERS, [...readings(50, 196), last], 200).readyInMin.likely).toBe(0);
  });
});
