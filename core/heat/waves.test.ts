import { describe, expect, it } from 'vitest';
import { CUTS } from '../pantry/index.ts';
import { USUAL_CONDITIONS } from '../places/index.ts';
import { cellsOf } from './cells.ts';
import { cookOnce, type CookSpec, type End } from './index.ts';
import { absorbedIn } from './waves.ts';

const until74: End = { kind: 'core', coreC: 74 };
const warmed = (id: string, weightG: number, end: End = until74) => {
  const cut = CUTS.get(id);
  if (!cut) throw new RangeError(id);
  const stages: CookSpec['stages'] = [{ cooker: 'microwave', end }];
  return cookOnce({ piece: { cut, weightG }, startC: 5, stages, conditions: USUAL_CONDITIONS });
};

describe('a microwave warms from within', () => {
  // What cooks see of 800 W, covered, out of the fridge; common practice, no source.
  it.each([
    ['chicken-breast', 150, 1.5, 4],
    ['potatoes-cubed', 300, 2.5, 6],
    ['cooked-rice', 250, 2, 4.5],
  ])('%s of %d g is hot through in %d to %d minutes', (id, weightG, least, most) => {
    const { minutes } = warmed(id, weightG);
    expect(minutes).toBeGreaterThan(least);
    expect(minutes).toBeLessThan(most);
  });

  it('takes about twice as long for twice as much', () => {
    const ratio = warmed('cooked-rice', 500).minutes / warmed('cooked-rice', 250).minutes;
    expect(ratio).toBeGreaterThan(1.6);
    expect(ratio).toBeLessThan(2.6);
  });

  it('keeps account of its heat: what is taken up is held or steamed away', () => {
    const { takenUpJ, heldJ, steamedJ } = warmed('chicken-breast', 200, {
      kind: 'minutes',
      minutes: 3,
    });
    expect(takenUpJ).toBeCloseTo(heldJ + steamedJ, -1);
  });

  it('leaves as much in all the cells as the food takes up, most at the edge', () => {
    const cells = cellsOf({ dimension: 2, halfM: 0.03 }, false, 20);
    const each = absorbedIn(cells, { absorbedW: 450, depthM: 0.012 }, 500);
    const sum = each.reduce((all, one, i) => all + one * (cells.volume[i] ?? 0), 0);
    expect((sum / cells.whole) * 0.5).toBeCloseTo(450, 6);
    expect(each.at(-1)).toBeGreaterThan(3 * (each[0] ?? 0));
  });

  it('of what is thinner than the waves reach, the middle is warmed as the edge is', () => {
    const each = absorbedIn(
      cellsOf({ dimension: 1, halfM: 0.002 }, false, 8),
      {
        absorbedW: 450,
        depthM: 0.012,
      },
      100,
    );
    expect((each[0] ?? 0) / (each.at(-1) ?? 1)).toBeGreaterThan(0.8);
  });
});
