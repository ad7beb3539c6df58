import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { saltPctOfSodium } from '../pantry/ingredient.ts';
import {
  coolingOf,
  DAILY_SODIUM_MG,
  eggFloats,
  saltedFor,
  saltingFor,
  USUAL_STRENGTHS,
  drySaltG,
  equilibriumSaltG,
  METER_RANGES,
  MixtureSchema,
  saltAfterSoaking,
  saltAtRest,
  strongSaltG,
} from './index.ts';

const LEG = { boneless: 1000, waterShare: 0.72 };

describe('salt by a target', () => {
  it('lives in water only: 35.8 g and not 30 for a kilo in a kilo at 1.5 %, by hand', () => {
    // 0.015 × (1000 + 0.72 × 1000) / 0.72
    expect(equilibriumSaltG(0.015, LEG, 1000)).toBeCloseTo(35.8, 1);
    // The simple p·(meat + water) leaves the meat a sixth short of its target.
    expect(saltAtRest(0.015 * 2000, LEG, 1000)).toBeCloseTo(0.01256, 5);
  });

  it('comes out as wanted at rest, whatever the meat and the water', () => {
    const share = fc.double({ min: 0.5, max: 0.85, noNaN: true });
    const grams = fc.double({ min: 50, max: 20_000, noNaN: true });
    const target = fc.double({ min: 0.002, max: 0.05, noNaN: true });
    fc.assert(
      fc.property(share, grams, grams, target, (waterShare, boneless, waterG, wanted) => {
        const food = { boneless, waterShare };
        const saltG = equilibriumSaltG(wanted, food, waterG);
        expect(saltAtRest(saltG, food, waterG)).toBeCloseTo(wanted, 10);
        expect(saltG).toBeGreaterThan(wanted * boneless);
      }),
    );
  });

  it('is a share of the brine when strong, of the meat when dry', () => {
    // A 5 % brine by weight: 52.6 g in a litre, since 52.6 / 1052.6 is 5 %.
    expect(strongSaltG(0.05, 1000)).toBeCloseTo(52.63, 2);
    // One US cup of table salt in a US gallon is 7.2 % (kitchen convention, from memory).
    expect(strongSaltG(0.072, 3785) / (236.6 * 1.22)).toBeCloseTo(1, 1);
    expect(drySaltG(0.01, LEG)).toBeCloseTo(10, 9);
  });

  it('soaks out toward fresh water and never past it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.005, max: 0.06, noNaN: true }),
        fc.double({ min: 100, max: 10_000, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (salt, fresh, uptake) => {
          const left = saltAfterSoaking(salt, LEG, fresh, uptake);
          expect(left).toBeLessThanOrEqual(salt + 1e-12);
          expect(left).toBeGreaterThan(0);
        },
      ),
    );
    // At rest with twice its weight of water: 0.03 × 0.72 / (0.72 + 2), by hand.
    expect(saltAfterSoaking(0.03, LEG, 2000, 1)).toBeCloseTo((0.03 * 0.72) / 2.72, 9);
  });
});

describe('salt as kitchens and labels count it', () => {
  const STRENGTHS = { min: 0, max: 0.264 };

  // Brine strengths by weight, kitchen convention, from memory, confidence 0.85: a quarter of a US cup
  // of table salt in a quart is 7.2 %, half a cup in a gallon 3.7; saturated at 20 °C 26.4.
  it.each([
    [0.25 * 236.588 * 1.22, 946.353, 0.072],
    [0.5 * 236.588 * 1.22, 3785.41, 0.037],
    [236.588 * 1.22, 3785.41, 0.072],
  ])('%d g of table salt in %d g of water is a brine of %d', (saltG, waterG, strength) => {
    expect(strongSaltG(strength, waterG) / saltG).toBeCloseTo(1, 1);
    expect(strength).toBeLessThan(STRENGTHS.max);
  });

  // Light 3 %, common 5, strong 8; a saturated one at 20 °C 26.4. Same source and confidence.
  it('brines as strong as is common, and never past what water takes up', () => {
    const strength = (strengthPct?: number) =>
      MixtureSchema.safeParse({
        id: 'b',
        name: 'Brine',
        kind: 'wet brine',
        basis: { kind: 'fixed' },
        on: [],
        lines: [],
        touchesRaw: true,
        salting: { targetPct: 1, ...(strengthPct !== undefined && { strengthPct }) },
      });
    expect(strength().data?.salting?.strengthPct).toBe(5);
    for (const common of [3, 5, 8, 26]) expect(strength(common).success).toBe(true);
    expect(strength(26.5).success).toBe(false);
  });

  // The same source: vegetables to sour 2 to 5 %, cucumbers 3.5 to 5, cabbage 2 dry, white cheese 6
  // to 10, pasta water 1; a fresh egg floats at 10 to 11.
  it('knows what is usual for what', () => {
    const told = USUAL_STRENGTHS.map(({ what, fromPct, toPct }) => [what, fromPct, toPct]);
    expect(told).toEqual([
      ['light', 3, 3],
      ['common', 5, 5],
      ['strong', 8, 8],
      ['vegetables', 2, 5],
      ['cucumbers', 3.5, 5],
      ['cabbage', 2, 2],
      ['cheese', 6, 10],
      ['pasta', 1, 1],
    ]);
    const mine = { targetPct: 1.2, strengthPct: 6.2, sugarToSalt: 0.5 };
    expect(saltedFor(mine)).toBeUndefined();
    for (const { what, by, fromPct, toPct, usualPct } of USUAL_STRENGTHS) {
      expect(usualPct >= fromPct && usualPct <= toPct, what).toBe(true);
      const set = saltingFor(what, mine);
      expect(set).toMatchObject({ by, sugarToSalt: 0.5 });
      expect(saltedFor(set)).toBe(what);
    }
    expect([9, 10, 11, 12].map(eggFloats)).toEqual([false, true, true, false]);
  });

  // The same: dry brines of 0.8 to 1.5 % of the meat, 1 usual; a teaspoon of table salt a kilo is 0.6 %.
  it('rubs on what dry brines weigh', () => {
    expect(drySaltG(0.01, LEG)).toBeCloseTo(10, 9);
    const teaspoonG = 4.92892 * 1.22;
    expect(teaspoonG / 1000).toBeCloseTo(0.006, 3);
    expect([METER_RANGES.salt.from, METER_RANGES.salt.to]).toEqual([0.8, 1.5]);
  });

  // Sodium is 0.3934 of salt by atomic weights; FDA Daily Value 2,300 mg; from memory, confidence 0.98.
  it('takes salt from sodium', () => {
    expect(saltPctOfSodium(393.4)).toBeCloseTo(1, 3);
    expect(saltPctOfSodium(1000)).toBeCloseTo(2.542, 3);
    expect(DAILY_SODIUM_MG).toBe(2300);
  });
});

describe('a boiled brine growing cold', () => {
  it('counts ice as what it is: 333.6 J melt a gram', () => {
    // 1 kg at 100 °C with 500 g of ice: (418600 − 166800) / (1500 × 4.186), by hand.
    expect(coolingOf(1000, 500).startC).toBeCloseTo(40.1, 2);
    // What a kilogram takes for a degree is a kilocalorie: 4.184 kJ by definition.
    const { startC } = coolingOf(1000, 500);
    expect((333.6 * 500) / (100_000 - 1500 * startC) / 4.184).toBeCloseTo(1, 3);
    // A quarter more ice than the heat can melt stays ice.
    const cold = coolingOf(1000, 1567);
    expect(cold.startC).toBe(0);
    expect(cold.iceLeftG).toBeCloseTo(1567 - 418_600 / 333.6, 3);
    expect(cold.fridgeMin).toBe(0);
  });

  it('takes hours in a fridge, minutes in an ice bath, longer the more there is', () => {
    const litre = coolingOf(1000, 0);
    expect(litre.fridgeMin).toBeGreaterThan(5 * 60);
    expect(litre.iceBathMin).toBeLessThan(60);
    expect(coolingOf(4000, 0).fridgeMin).toBeGreaterThan(litre.fridgeMin * 1.4);
    expect(coolingOf(700, 300).fridgeMin).toBeLessThan(litre.fridgeMin);
  });
});
