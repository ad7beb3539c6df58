import { describe, expect, it } from 'vitest';
import { G_PER_LB, FROM_FRIDGE_C } from '../figures/index.ts';
import { CUTS, type Prepared } from '../pantry/index.ts';
import { USUAL_CONDITIONS } from '../places/index.ts';
import { fahrenheitToC } from '../quantity/index.ts';
import { cookedMinutes, cookOnce, type CookSpec } from './index.ts';
import { soonerCook } from './quicker.ts';

const cutNamed = (id: string) => {
  const cut = CUTS.get(id);
  if (!cut) throw new RangeError(id);
  return cut;
};
const roast = (id: string, lb: number, setF: number, prepared?: Prepared): CookSpec => ({
  piece: { cut: cutNamed(id), weightG: lb * G_PER_LB, prepared },
  startC: FROM_FRIDGE_C,
  stages: [
    {
      cooker: 'oven',
      tempC: fahrenheitToC(setF),
      end: { kind: 'core', coreC: fahrenheitToC(165) },
    },
  ],
  conditions: USUAL_CONDITIONS,
});
const minutes = (spec: CookSpec) => cookedMinutes(spec, cookOnce(spec));

describe('a stuffed bird', () => {
  // FSIS, roasting charts for stuffed turkey at 325 °F to 165 °F in the stuffing; from memory.
  it.each([
    [8, 12, 180, 210],
    [12, 14, 210, 240],
    [14, 18, 240, 255],
    [18, 20, 255, 285],
    [20, 24, 285, 315],
  ])('a turkey of %d to %d lb takes %d to %d minutes', (least, most, from, to) => {
    const took = minutes(roast('turkey-whole', (least + most) / 2, 325, 'stuffed'));
    expect(took / ((from + to) / 2)).toBeGreaterThan(0.9);
    expect(took / ((from + to) / 2)).toBeLessThan(1.1);
  });

  // FSIS, chicken and duck at 350 °F, 15 to 30 and 30 to 45 minutes more when stuffed; from memory.
  it.each([
    ['chicken-whole', 4, 12, 33],
    ['duck-whole', 5, 15, 45],
  ])('a %s takes some minutes more than one that is not', (id, lb, least, most) => {
    const more = minutes(roast(id, lb, 350, 'stuffed')) - minutes(roast(id, lb, 350));
    expect(more).toBeGreaterThan(least);
    expect(more).toBeLessThan(most);
  });

  it('is done sooner with the stuffing in a dish of its own, and a joint cannot be', () => {
    const stuffed = roast('turkey-whole', 13, 325, 'stuffed');
    const bare = soonerCook(stuffed, { do: 'unstuffed' });
    expect(bare?.piece.prepared).toBe(undefined);
    expect(bare && minutes(bare)).toBeLessThan(minutes(stuffed));
    expect(soonerCook(roast('turkey-whole', 13, 325), { do: 'unstuffed' })).toBe(undefined);
  });

  it('pressed flat is not stuffed as well', () => {
    const flat = minutes(roast('chicken-whole', 4, 400, 'flattened'));
    expect(flat).toBeLessThan(0.75 * minutes(roast('chicken-whole', 4, 400)));
  });
});

it('of what is no bird it changes nothing', () => {
  expect(minutes(roast('beef-fillet', 3, 400, 'stuffed'))).toBe(
    minutes(roast('beef-fillet', 3, 400)),
  );
});
