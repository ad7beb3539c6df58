import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CUTS } from '../pantry/index.ts';
import { USUAL_CONDITIONS } from '../places/index.ts';
import type { CookSpec } from './cook-spec.ts';
import { forecast } from './forecast.ts';
import { offsetByThermometer, offsetByWater, THERMOMETER_SD_C, WATER_SD_C } from './oven-test.ts';

const pan = { panCm: 22, minutes: 60, altitudeM: 0 };

describe('an oven tried out', () => {
  it('by a thermometer at three settings runs as far off as they say on the mean', () => {
    const readings = [
      { setC: 120, readC: 108 },
      { setC: 180, readC: 171 },
      { setC: 220, readC: 214 },
    ];
    expect(offsetByThermometer(readings)).toBe(-9);
    expect(() => offsetByThermometer([])).toThrow(RangeError);
  });

  // Kitchen trials of a wide pan of boiling water for an hour at 180 °C, from memory: 250 to 450 g.
  it('by a pan of water loses in an hour what such pans lose', () => {
    const least = offsetByWater({ ...pan, setC: 180, lostG: 250 });
    const most = offsetByWater({ ...pan, setC: 180, lostG: 450 });
    expect(least).toBeLessThan(10);
    expect(most).toBeGreaterThan(-10);
    expect(Math.abs((least + most) / 2)).toBeLessThan(35);
  });

  it('is hotter the more a pan loses, and as hot however long it stood', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 120, max: 500 }),
        fc.integer({ min: 20, max: 120 }),
        (lostG, minutes) => {
          const whole = offsetByWater({ ...pan, setC: 180, lostG });
          const more = offsetByWater({ ...pan, setC: 180, lostG: lostG + 40 });
          expect(more).toBeGreaterThan(whole);
          const share = { ...pan, setC: 180, minutes, lostG: (lostG * minutes) / 60 };
          expect(offsetByWater(share)).toBe(whole);
        },
      ),
    );
  });

  it('refuses what no oven does', () => {
    expect(() => offsetByWater({ ...pan, setC: 180, lostG: 5 })).toThrow(RangeError);
    expect(() => offsetByWater({ ...pan, setC: 180, lostG: 5000 })).toThrow(RangeError);
  });
});

describe('a forecast in an oven whose offset is known', () => {
  const roast = (more: Partial<CookSpec>): CookSpec => {
    const cut = CUTS.get('beef-rib-roast-boneless');
    if (!cut) throw new Error('no such cut');
    return {
      piece: { cut, weightG: 2500, thicknessMm: 120 },
      startC: 5,
      stages: [{ cooker: 'oven', tempC: 150, end: { kind: 'core', coreC: 54 } }],
      conditions: USUAL_CONDITIONS,
      ...more,
    };
  };
  const width = (more: Partial<CookSpec>) => {
    const { least, most } = forecast(roast(more)).minutes;
    return Math.log(most / least);
  };

  it('is as wide as the offset is sure, and never wider than of one that nobody has tried', () => {
    const offsetC = { oven: 0 };
    const widths = [
      width({ offsetC, offsetSdC: { oven: 1 } }),
      width({ offsetC, offsetSdC: { oven: THERMOMETER_SD_C } }),
      width({ offsetC, offsetSdC: { oven: WATER_SD_C } }),
    ];
    expect(widths).toEqual([...widths].sort((a, b) => a - b));
    expect(widths[0]).toBeLessThan(0.97 * (widths[2] ?? 0));
    expect(widths[2]).toBeLessThanOrEqual(width({}) + 1e-9);
  });
});
