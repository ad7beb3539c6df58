import { describe, expect, it } from 'vitest';
import { CUTS } from '../pantry/index.ts';
import { USUAL_CONDITIONS, type Cooker } from '../places/index.ts';
import { cookOnce } from './cook-spec.ts';
import { hoursToTender, pectinOf, PULLS_AT, SLICES_AT } from './tenderness.ts';

/** Minutes until a piece of a vegetable is so soft. */
function minutesOf(
  id: string,
  weightG: number,
  cooker: Cooker,
  tempC?: number,
  tenderness = SLICES_AT,
  thicknessMm?: number,
): number {
  const cut = CUTS.get(id);
  if (!cut) throw new Error(id);
  const end = { kind: 'tender', tenderness } as const;
  return cookOnce({
    piece: { cut, weightG, thicknessMm },
    startC: 18,
    stages: [{ cooker, tempC, end }],
    conditions: USUAL_CONDITIONS,
  }).minutes;
}

describe('vegetables are soft when a knife goes in', () => {
  // Minutes of boiling, steaming and roasting by the piece: common practice, no source.
  it.each([
    ['carrots', 6, 'boil', undefined, 5, 8],
    ['carrots', 6, 'steam', undefined, 7, 10],
    ['potatoes-cubed', 17, 'boil', undefined, 9, 13],
    ['potatoes-small', 40, 'boil', undefined, 15, 25],
    ['potatoes-small', 40, 'steam-oven', 100, 15, 27],
    ['beetroot-cut', 120, 'boil', undefined, 28, 50],
    ['brussels-sprouts', 15, 'boil', undefined, 6, 12],
    ['broccoli', 20, 'boil', undefined, 3, 7],
    ['green-beans', 9, 'steam', undefined, 4, 8],
    ['sweet-potatoes', 17, 'steam', undefined, 10, 14],
    ['mushrooms', 20, 'oven', 200, 10, 22],
    ['cauliflower', 40, 'oven', 220, 14, 30],
    ['potatoes', 75, 'oven', 200, 28, 60],
  ] as const)('%s of %d g, %s %s', (id, weightG, cooker, tempC, least, most) => {
    const minutes = minutesOf(id, weightG, cooker, tempC);
    expect(minutes).toBeGreaterThanOrEqual(least);
    expect(minutes).toBeLessThanOrEqual(most);
  });

  it('slices of aubergine sooner than a whole one', () => {
    const slice = minutesOf('aubergine', 60, 'oven', 200, SLICES_AT, 20);
    const whole = minutesOf('aubergine', 300, 'oven', 200);
    expect(slice).toBeLessThan(whole / 2);
  });

  it('and mash later, and never where it is not hot enough', () => {
    expect(minutesOf('potatoes-cubed', 17, 'boil', undefined, PULLS_AT)).toBeGreaterThan(
      minutesOf('potatoes-cubed', 17, 'boil') + 2,
    );
    expect(() => hoursToTender(75, SLICES_AT, pectinOf(1))).toThrow('Say a higher temperature');
  });
});

describe('a room full of steam', () => {
  it('heats about as fast as a pot of it, whatever lies in it', () => {
    for (const [id, weightG] of [
      ['potatoes-small', 40],
      ['carrots', 6],
    ] as const) {
      const oven = minutesOf(id, weightG, 'steam-oven', 100);
      const pot = minutesOf(id, weightG, 'steam');
      expect(oven).toBeGreaterThanOrEqual(pot);
      expect(oven).toBeLessThan(1.4 * pot);
    }
  });
});
