import { describe, expect, it } from 'vitest';
import { fahrenheitToC } from '../quantity/index.ts';
import { lethalityOfCook } from './cooked.ts';
import { holdMinutes, lethalityOf, lethalityTable } from './lethality.ts';
import tables from './lethality.json';

describe('lethality', () => {
  // USDA/FSIS Appendix A (meat) and poultry tables, from memory: every printed pair.
  it.each([
    ['beef', tables.meat],
    ['poultry', tables.poultry],
  ] as const)('%s: says each printed pair', (animal, { rows, logs }) => {
    for (const [f = 0, minutes = 0] of rows) {
      const tempC = fahrenheitToC(f);
      expect(holdMinutes(animal, tempC)).toBeCloseTo(minutes, 6);
      const held = [0, minutes].map((minute) => ({ minute, tempC }));
      expect(lethalityOf(animal, held).logs).toBeCloseTo(logs, 5);
    }
  });

  it('lies between two rows as their logarithms do, and counts nothing that is cool', () => {
    const middle = holdMinutes('beef', fahrenheitToC(140.5));
    expect(middle).toBeLessThan(holdMinutes('beef', 60));
    expect(middle).toBeGreaterThan(holdMinutes('beef', fahrenheitToC(141)));
    expect(holdMinutes('beef', 54)).toBe(Infinity);
    expect(lethalityTable('poultry').logs).toBe(7);
    // Cooler poultry is not in its table at all.
    expect(holdMinutes('poultry', 56)).toBe(Infinity);
  });

  it('takes the cooler end of each moment, at the point that gets least', () => {
    const rising = [0, 10].map((minute) => ({ minute, tempC: minute === 0 ? 40 : 70 }));
    expect(lethalityOf('beef', rising).logs).toBe(0);
    const fieldC = [0, 1, 2].map((i) => Float32Array.from([i === 0 ? 20 : 60, 70]));
    const minute = [0, 1, 21];
    const cooked = lethalityOfCook('beef', { minute, fieldC });
    expect(cooked.logs).toBeCloseTo((6.5 * 20) / 12, 1);
    expect(cooked.enoughAtMin).toBeCloseTo(13, 1);
    expect(cooked.shares).toEqual([0, 0, 1]);
  });
});
