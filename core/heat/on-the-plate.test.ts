import { describe, expect, it } from 'vitest';
import { CUTS } from '../pantry/index.ts';
import { USUAL_CONDITIONS } from '../places/index.ts';
import { carryOver, onThePlate, type CookSpec, type Piece } from './index.ts';

const ROOM_C = 21;
const pieceOf = (id: string, weightG: number, thicknessMm?: number): Piece => {
  const cut = CUTS.get(id);
  if (!cut) throw new RangeError(id);
  return { cut, weightG, thicknessMm };
};

describe('how long meat stays hot on a plate', () => {
  // As cooks see it on stoneware; common practice, no source.
  it.each([
    ['beef-rib-roast-bone-in', 3000, 57, undefined, 0.5, 3, 3, 10],
    ['beef-steak', 250, 54, 25, 2, 6, 5, 15],
    ['salmon-fillet', 170, 54, undefined, 2, 6, 5, 15],
    ['pork-shoulder-bone-in', 2500, 90, undefined, 4, 10, 8, 16],
  ] as const)('%s of %d g at %d °C', (id, g, servedC, mm, cold, colder, warm, warmer) => {
    const { coldPlateMin, warmedPlateMin } = onThePlate(pieceOf(id, g, mm), servedC, ROOM_C);
    expect(coldPlateMin).toBeGreaterThan(cold);
    expect(coldPlateMin).toBeLessThan(colder);
    expect(warmedPlateMin).toBeGreaterThan(warm);
    expect(warmedPlateMin).toBeLessThan(warmer);
  });

  it('a joint is carved, a portion is served in its piece', () => {
    expect(onThePlate(pieceOf('beef-rib-roast-bone-in', 3000), 57, ROOM_C).sliceMm).toBe(10);
    expect(onThePlate(pieceOf('beef-steak', 250), 54, ROOM_C).sliceMm).toBe(undefined);
  });

  it('is nothing for what comes to it too cool, and longer in a warm room', () => {
    const slice = pieceOf('beef-rib-roast-bone-in', 3000);
    expect(onThePlate(slice, 48, ROOM_C).warmedPlateMin).toBe(0);
    const [cool, warm] = [15, 30].map((roomC) => onThePlate(slice, 57, roomC).coldPlateMin);
    expect(warm).toBeGreaterThan(cool ?? NaN);
  });
});

it('the middle after its rest is between what it peaks at and what the rest takes from it', () => {
  const rested = (minutes: number) => {
    const stages: CookSpec['stages'] = [
      { cooker: 'oven', tempC: 160, end: { kind: 'core', coreC: 50 } },
      { cooker: 'counter', end: { kind: 'minutes', minutes } },
    ];
    const piece = pieceOf('beef-rib-roast-boneless', 2000);
    return carryOver({ piece, startC: 5, stages, conditions: USUAL_CONDITIONS });
  };
  const short = rested(5);
  expect(short.restedC).toBeCloseTo(short.peakC, 6);
  const long = rested(120);
  expect(long.restMin).toBe(120);
  expect(long.peakC - long.restedC).toBeGreaterThan(2);
});
