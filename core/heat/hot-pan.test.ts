import { describe, expect, it } from 'vitest';
import { CUTS } from '../pantry/index.ts';
import { USUAL_CONDITIONS, type Cooker } from '../places/index.ts';
import { cookOnce, type CookSpec } from './index.ts';

const ROOM_WARM_C = 18;

/** Browned two minutes a side, then into the oven in its pan or on a tray; minutes in the oven. */
function finished(id: string, weightG: number, coreC: number, cooker: Cooker, mm?: number): number {
  const cut = CUTS.get(id);
  if (!cut) throw new RangeError(id);
  const stages: CookSpec['stages'] = [
    { cooker: 'pan', tempC: 210, turnEveryMin: 2, end: { kind: 'minutes', minutes: 4 } },
    { cooker, tempC: 200, end: { kind: 'core', coreC } },
  ];
  const piece = { cut, weightG, thicknessMm: mm };
  const cook = cookOnce({ piece, startC: ROOM_WARM_C, stages, conditions: USUAL_CONDITIONS });
  return cook.stages[1]?.minutes ?? NaN;
}

describe('a hot pan that goes into the oven', () => {
  // As cooks finish them at 200 °C; common practice, no source.
  it.each([
    ['pork-tenderloin', 500, 62, 8, 16, undefined],
    ['chicken-breast', 200, 74, 7, 16, undefined],
    ['beef-fillet', 220, 54, 6, 13, 45],
    ['pork-chop-bone-in', 350, 62, 6, 12, 35],
    ['lamb-rack', 700, 56, 11, 20, undefined],
  ] as const)('%s of %d g to %d °C takes %d to %d minutes', (id, g, coreC, least, most, mm) => {
    const minutes = finished(id, g, coreC, 'pan-in-oven', mm);
    expect(minutes).toBeGreaterThan(least);
    expect(minutes).toBeLessThan(most);
  });

  it('is quicker than a cold tray, and no miracle', () => {
    const share =
      finished('lamb-rack', 700, 56, 'pan-in-oven') / finished('lamb-rack', 700, 56, 'oven');
    expect(share).toBeGreaterThan(0.5);
    expect(share).toBeLessThan(0.9);
  });

  it('counts for less the longer it is in: its metal cools to what the meat lets it be', () => {
    const lead = (coreC: number) =>
      finished('pork-tenderloin', 500, coreC, 'oven') /
      finished('pork-tenderloin', 500, coreC, 'pan-in-oven');
    expect(lead(70)).toBeLessThan(lead(50));
  });
});
