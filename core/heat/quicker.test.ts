import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CUTS } from '../pantry/index.ts';
import { USUAL_CONDITIONS, type Cooker } from '../places/index.ts';
import { cookOnce, type CookSpec } from './cook-spec.ts';
import { cookedMinutes } from './forecast.ts';
import { quickerCooks, soonerCook } from './quicker.ts';

function cookOf(
  id: string,
  weightG: number,
  cooker: Cooker,
  tempC: number,
  coreC: number,
): CookSpec {
  const cut = CUTS.get(id);
  if (!cut) throw new Error(id);
  return {
    piece: { cut, weightG },
    startC: 5,
    conditions: USUAL_CONDITIONS,
    stages: [{ cooker, tempC, end: { kind: 'core', coreC } }],
  };
}

const minutes = (spec: CookSpec) => cookedMinutes(spec, cookOnce(spec));

describe('what makes a cook quicker', () => {
  it('a bird cut along the back takes a quarter to a half less, as cooks find; from memory', () => {
    const bird = cookOf('chicken-whole', 1800, 'oven', 200, 74);
    const flat = soonerCook(bird, { do: 'flattened' });
    const share = flat && minutes(flat) / minutes(bird);
    expect(share).toBeGreaterThan(0.5);
    expect(share).toBeLessThan(0.75);
    expect(soonerCook(cookOf('beef-fillet', 1500, 'oven', 200, 54), { do: 'flattened' })).toBe(
      undefined,
    );
  });

  it('turns the fire up no further than it takes, and no higher than it goes', () => {
    const roast = cookOf('beef-rib-roast-bone-in', 2500, 'oven', 150, 54);
    const byC = (wanted: number) =>
      quickerCooks(roast, wanted)
        .flatMap(({ ways }) => ways)
        .flatMap((way) => (way.do === 'hotter' ? [way.byC] : []))[0] ?? Infinity;
    expect(byC(5)).toBeLessThan(byC(25));
    const hot = { ...roast, stages: [{ ...roast.stages[0], tempC: 280 }] } as CookSpec;
    expect(soonerCook(hot, { do: 'hotter', byC: 60 })).toBe(undefined);
  });

  it('says what it saves, is enough or the nearest there is, and puts the kindest first', () => {
    const cuts = ['chicken-whole', 'pork-loin-boneless', 'lamb-leg-bone-in', 'salmon-side'];
    fc.assert(
      fc.property(
        fc.constantFrom(...cuts),
        fc.integer({ min: 120, max: 220 }),
        fc.integer({ min: 1, max: 240 }),
        (id, tempC, wanted) => {
          const spec = cookOf(id, 1800, 'oven', tempC, 60);
          const found = quickerCooks(spec, wanted);
          const now = minutes(spec);
          for (const one of found) {
            expect(Math.abs(now - minutes(one.spec) - one.savedMin)).toBeLessThan(0.1);
            expect(one.savedMin).toBeGreaterThan(0);
            expect(one.enough).toBe(found[0]?.enough);
            expect(one.ways.length).toBeLessThanOrEqual(2);
          }
          expect(found.length).toBeLessThanOrEqual(4);
          // None that is told later asks less of the food and of the cook than one before it.
          if (found[0]?.enough === true)
            found.slice(1).forEach((one, i) => {
              const before = found[i];
              const harms = (cook = one) => [-cook.tenderer, cook.drier].map((x) => Math.max(0, x));
              const kinder = harms().every((harm, k) => harm < (harms(before)[k] ?? 0));
              expect(kinder && one.ways.length <= (before?.ways.length ?? 0)).toBe(false);
            });
          else {
            const most = Math.max(0, ...found.map(({ savedMin }) => savedMin));
            for (const way of ['flattened', 'halved', 'thinner', 'tempered', 'wrapped'] as const) {
              const alone = soonerCook(spec, { do: way });
              if (alone) expect(now - minutes(alone)).toBeLessThan(most + 0.1);
            }
            expect(most).toBeLessThan(wanted);
          }
        },
      ),
      { numRuns: 25 },
    );
  });

  it('finds nothing for a cook that never gets there', () => {
    expect(quickerCooks(cookOf('chicken-whole', 1800, 'oven', 60, 74), 10)).toEqual([]);
  });
});
