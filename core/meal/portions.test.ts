import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { supper } from '../test/meals.ts';
import { CUTS, feeds, sayFeeds, shareFor, shareOfPlate, yieldOf } from '../index.ts';

describe('portions', () => {
  const cut = (id: string) => {
    const found = CUTS.get(id);
    if (!found) throw new Error(`no cut ${id}`);
    return found;
  };

  it('come out of raw weight, and raw weight out of portions', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CUTS.values()),
        fc.double({ min: 100, max: 10_000, noNaN: true }),
        (of, weightG) => {
          const { boneG, trimG, shrinkG, servedG } = yieldOf(of, weightG);
          expect(boneG + trimG + shrinkG + servedG).toBeCloseTo(weightG, 6);
          const { low, high } = feeds(of, weightG);
          expect(low).toBeLessThanOrEqual(high);
          expect(sayFeeds({ low, high })).not.toBe('');
        },
      ),
    );
    // A whole guinea fowl of 1.25 kg, 0.36 of one for each: not quite three.
    expect(feeds(cut('guinea-fowl-whole'), 1250).low).toBeCloseTo(2.78, 2);
    expect(sayFeeds({ low: 9.8, high: 12.2 })).toBe('10–12');
    expect(sayFeeds({ low: 8.4, high: 8.4 })).toBe('8');
    expect(sayFeeds({ low: 0.9, high: 1.1 })).toBe('1');
  });

  it('ask less of each meat when there are two, and count pieces where one eats pieces', () => {
    const meal = supper();
    const [lamb, duck] = meal.dishes;
    if (!lamb || !duck) throw new Error('the example has changed');
    // Kitchen convention, from memory: seven tenths at a table with several meats.
    expect(shareOfPlate(meal, lamb)).toBe(0.7);
    const alone = { ...meal, dishes: [lamb] };
    const share = shareFor(alone, lamb, cut('lamb-leg-bone-in'));
    expect(share).toEqual({ kind: 'weight', rawG: 375 });
    expect(shareFor(meal, lamb, cut('lamb-leg-bone-in'))).toEqual({ kind: 'weight', rawG: 265 });
    expect(shareFor(meal, duck, cut('duck-leg'))).toMatchObject({
      kind: 'pieces',
      pieces: 1,
      by: 'head',
    });
  });
});
