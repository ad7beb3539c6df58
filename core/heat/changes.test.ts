import { USUAL_CONDITIONS } from '../places/index.ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CUTS } from '../pantry/index.ts';
import {
  CHANGES_BY_HEAT,
  changesAlong,
  cookOnce,
  stuffedWith,
  type ChangeByHeat,
} from './index.ts';

const cutNamed = (id: string) => {
  const cut = CUTS.get(id);
  if (!cut) throw new Error(id);
  return cut;
};
const searOf = (id: string, coreC: number) =>
  cookOnce(
    {
      piece: { cut: cutNamed(id), weightG: 300 },
      startC: 5,
      conditions: USUAL_CONDITIONS,
      stages: [{ cooker: 'pan', tempC: 230, turnEveryMin: 3, end: { kind: 'core', coreC } }],
    },
    undefined,
    { everyMin: 1 },
  );

describe('what heat does to food', () => {
  // Denaturation, gelatinisation, browning and softening, °C: food chemistry, from memory,
  // confidence 0.85. Red below 55, pink 57 to 64, grey above 70.
  it.each<[ChangeByHeat, number, number?]>([
    ['myosin', 50, 58],
    ['collagenShrinks', 58, 66],
    ['juices', 60, 70],
    ['actin', 71, 83],
    ['pink', 57, 64],
    ['grey', 70],
    ['eggWhiteSets', 62],
    ['eggWhiteFirm', 80, 84],
    ['yolkThickens', 65],
    ['yolkFirm', 70],
    ['whey', 72],
    ['gluten', 70, 85],
    ['wheatStarch', 52, 64],
    ['potatoStarch', 58, 66],
    ['maizeStarch', 62, 72],
    ['riceStarch', 65, 78],
    ['browning', 140],
    ['fructose', 110],
    ['glucose', 160],
    ['sucrose', 165],
    ['pectin', 83],
  ])('%s is at %d °C', (what, fromC, toC) => {
    expect(CHANGES_BY_HEAT[what]).toMatchObject({ fromC, ...(toC !== undefined && { toC }) });
    expect(Object.keys(CHANGES_BY_HEAT)).toHaveLength(21);
  });

  it('is told of what is in the food, and of nothing else', () => {
    expect([...stuffedWith(cutNamed('beef-steak'))]).toEqual(['meat', 'land meat', 'red meat']);
    expect([...stuffedWith(cutNamed('salmon-fillet'))]).toEqual(['meat']);
    expect([...stuffedWith(cutNamed('custard'))]).toEqual(['egg', 'milk']);
    expect([...stuffedWith(cutNamed('potatoes'))]).toEqual(['potato', 'vegetable']);
    expect([...stuffedWith(cutNamed('polenta-dry'))]).toEqual(['maize']);
    expect([...stuffedWith(cutNamed('rice-dry'))]).toEqual(['rice']);
    expect([...stuffedWith(cutNamed('flour-for-loaf'))]).toEqual(['wheat']);
  });

  it('comes when the middle or the edge is that hot, and not before', () => {
    const cook = searOf('beef-steak', 60);
    const found = changesAlong(stuffedWith(cutNamed('beef-steak')), cook);
    const of = (what: ChangeByHeat) => found.find((one) => one.what === what);
    expect(of('myosin')?.overMin).toBeGreaterThan(of('myosin')?.beginsMin ?? Infinity);
    expect(of('pink')?.beginsMin).toBeDefined();
    expect(of('pink')?.overMin).toBeUndefined();
    expect(of('grey')?.beginsMin).toBeUndefined();
    // The edge browns while the middle is still raw.
    expect(of('browning')?.beginsMin).toBeLessThan(of('pink')?.beginsMin ?? 0);
    expect(of('fructose')).toBeUndefined();
    expect(found.at(-1)?.where).toBe('surface');
  });

  it('begins before it is over, whatever the curve', () => {
    const all = new Set(
      Object.values(CHANGES_BY_HEAT).flatMap((row) => (row.in === 'all' ? [] : [row.in])),
    );
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -20, max: 180, noNaN: true }), { minLength: 1 }),
        (temps) => {
          const curve = Float64Array.from(temps);
          const minute = Float64Array.from(temps, (_temp, i) => i);
          for (const one of changesAlong(all, { minute, coreC: curve, surfaceC: curve })) {
            if (one.overMin !== undefined) expect(one.beginsMin).toBeLessThanOrEqual(one.overMin);
            const hot = temps.some((temp) => temp >= one.fromC);
            expect(one.beginsMin !== undefined).toBe(hot);
          }
        },
      ),
    );
  });
});
