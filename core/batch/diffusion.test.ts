import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHAPES } from '../pantry/index.ts';
import {
  minutesToFront,
  minutesToUptake,
  saltDiffusivity,
  saltFrontMm,
  saltUptake,
} from './index.ts';

const HOUR = 60;

describe('salt moving into meat', () => {
  // Meat-curing diffusion studies, from memory: 2.0, 2.2, 2.6 and 3.6e-10 m²/s.
  it.each([
    [2, 2.0e-10],
    [5, 2.2e-10],
    [10, 2.6e-10],
    [20, 3.6e-10],
  ])('is as quick at %d °C as studies found', (tempC, d) => {
    expect(saltDiffusivity(tempC) / d).toBeGreaterThan(0.93);
    expect(saltDiffusivity(tempC) / d).toBeLessThan(1.07);
  });

  it('is 8.72 mm in after a day, by 2√(Dt) worked by hand', () => {
    expect(saltFrontMm(24 * HOUR, 5)).toBeCloseTo(8.72, 2);
    expect(minutesToFront(8.72, 5) / HOUR).toBeCloseTo(24, 1);
  });

  // t95 = 1.13 L²/D for a slab, 0.253 R²/D for a sphere (series solutions, computed).
  it.each([
    ['slab', 25, 9.29],
    ['slab', 50, 37.2],
    ['sphere', 50, (0.253 * 0.025 ** 2) / 2.2e-10 / 86_400],
  ] as const)(
    'has gone 95 %% of the way in a %s of %d mm after %d days',
    (shape, thicknessMm, days) => {
      const minutes = minutesToUptake({ shape, thicknessMm }, 0.95, 5);
      expect(minutes / 1440 / days).toBeCloseTo(1, 1);
      expect(Math.abs(minutes / 1440 / days - 1)).toBeLessThan(0.01);
    },
  );

  // (2/L)√(Dt/π) holds below 60 % of the way; a slab of 25 mm after six hours.
  it('begins as √t', () => {
    const sixHours = saltUptake({ shape: 'slab', thicknessMm: 25 }, 6 * HOUR, 5);
    expect(sixHours).toBeCloseTo((2 / 0.0125) * Math.sqrt((2.2e-10 * 21_600) / Math.PI), 3);
  });

  const body = fc.record({
    shape: fc.constantFrom(...SHAPES),
    thicknessMm: fc.double({ min: 4, max: 200, noNaN: true }),
  });

  it('only grows, never past the whole, faster the warmer and the thinner', () => {
    fc.assert(
      fc.property(
        body,
        fc.double({ min: 1, max: 20_000, noNaN: true }),
        fc.double({ min: 1.01, max: 3, noNaN: true }),
        (b, minutes, more) => {
          const now = saltUptake(b, minutes);
          expect(now).toBeGreaterThan(0);
          expect(now).toBeLessThanOrEqual(1);
          // The series and its short-time form meet within two parts in a thousand.
          const meets = 2e-3;
          expect(saltUptake(b, minutes * more)).toBeGreaterThanOrEqual(now - meets);
          expect(saltUptake(b, minutes, 12)).toBeGreaterThanOrEqual(now - meets);
          const thicker = { ...b, thicknessMm: b.thicknessMm * more };
          expect(saltUptake(thicker, minutes)).toBeLessThanOrEqual(now + meets);
        },
      ),
    );
  });

  it('is found again: minutes to a share give that share', () => {
    fc.assert(
      fc.property(body, fc.double({ min: 0.05, max: 0.95, noNaN: true }), (b, share) => {
        expect(saltUptake(b, minutesToUptake(b, share))).toBeCloseTo(share, 2);
      }),
    );
  });
});
