import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mixture, OIL, on, SALT, YOGHURT } from '../test/batches.ts';
import {
  DAILY_SALT_G,
  DAILY_SODIUM_MG,
  DAILY_SUGARS_G,
  labelSaltG,
  roundCount,
  scaleMixture,
  sodiumTerm,
  type BatchFor,
  type Mixture,
} from './index.ts';

describe('scaling from the baseline to the batch', () => {
  it('multiplies a 1 kg recipe by 1.7 for 1.7 kg', () => {
    const batch = scaleMixture(mixture([OIL, SALT]), on(1700));
    expect(batch.factor).toBeCloseTo(1.7, 12);
    expect(batch.lines.map((line) => line.grams)).toEqual([170, expect.closeTo(20.4, 9)]);
  });

  it('is linear in the weight where it says so', () => {
    const recipe = mixture([OIL, SALT, YOGHURT]);
    const weight = fc.double({ min: 50, max: 20_000, noNaN: true });
    fc.assert(
      fc.property(weight, weight, (a, b) => {
        const grams = (w: number) => scaleMixture(recipe, on(w)).totals.grams;
        expect(grams(a) + grams(b)).toBeCloseTo(grams(a + b), 6);
      }),
    );
  });

  it('leaves a fixed mixture as it is', () => {
    const recipe = mixture([OIL], { basis: { kind: 'fixed' }, on: [] });
    expect(scaleMixture(recipe, on(5000)).lines[0]?.grams).toBe(100);
  });

  it('holds strong spice back by the exponent', () => {
    const chilli = {
      ingredient: 'chilli-flakes',
      amount: '4 g',
      scaling: 'heldBack',
      exponent: 0.67,
    };
    const [line] = scaleMixture(mixture([chilli]), on(1750)).lines;
    // 1.75^0.67, by hand.
    expect(line?.factor).toBeCloseTo(1.4549, 3);
    expect(line?.grams).toBeCloseTo(4 * 1.4549, 2);
  });

  it('counts in halves up to six and in whole ones beyond', () => {
    expect([0.1, 2.7, 5.8, 6.2, 8.4].map((one) => roundCount(one))).toEqual([0.5, 2.5, 6, 6, 8]);
    expect([0.2, 2.5].map((one) => roundCount(one, 'bay leaf'))).toEqual([1, 3]);
    const limes = { ingredient: 'black-lime-dried', amount: '3', scaling: 'count' };
    const [line] = scaleMixture(mixture([limes]), on(1750)).lines;
    expect(line?.measure).toBe('5½');
    expect(line?.grams).toBeCloseTo(33, 9);
    expect(line?.measureErrorPct).toBeCloseTo((5.5 / 5.25 - 1) * 100, 6);
  });

  it('gives spoons whose error is the one it says', () => {
    // 100 g of oil at 0.915 g/ml are 109.29 ml; half a US cup is 118.29 ml, 8 % over: not taken.
    const [line] = scaleMixture(mixture([OIL]), on(1000)).lines;
    expect(line?.measure).toBe('⅓ cup + 2 tbsp');
    const exact = scaleMixture(mixture([{ ...OIL, amount: '108 g' }]), on(1000)).lines[0];
    expect(exact?.measure).toBe('½ cup');
    expect(exact?.measureErrorPct).toBeCloseTo((118.294 / (108 / 0.915) - 1) * 100, 2);
  });
});

describe('the reserve', () => {
  const withReserve = (scaling: string) =>
    mixture([OIL, YOGHURT], { reserve: { amount: '80 ml', scaling, purpose: 'for the table' } });

  it('is part of the whole: what is kept and what goes on the food add up to all', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 9000, noNaN: true }),
        fc.constantFrom('linear', 'fixed'),
        (weight, scaling) => {
          const { reserve, totals } = scaleMixture(withReserve(scaling), on(weight));
          expect((reserve?.grams ?? 0) + totals.onFoodG).toBeCloseTo(totals.grams, 6);
          expect((reserve?.ml ?? 0) + totals.onFoodMl).toBeCloseTo(totals.ml, 6);
        },
      ),
    );
  });

  it('grows with the batch, or stays while what goes on the food grows', () => {
    const linear = (w: number) => scaleMixture(withReserve('linear'), on(w));
    expect(linear(1000).reserve?.ml).toBeCloseTo(80, 6);
    expect(linear(2500).reserve?.ml).toBeCloseTo(200, 6);
    const fixed = (w: number) => scaleMixture(withReserve('fixed'), on(w));
    expect(fixed(1000).reserve?.ml).toBeCloseTo(80, 6);
    expect(fixed(2500).reserve?.ml).toBeCloseTo(80, 6);
    expect(fixed(2500).totals.onFoodG).toBeCloseTo(2.5 * fixed(1000).totals.onFoodG, 6);
  });
});

describe('what is in it', () => {
  // Sodium is 39.34 % of salt (molar masses, IUPAC 2021: Na 22.990, Cl 35.45).
  it('counts salt and sodium', () => {
    const { totals } = scaleMixture(mixture([SALT]), on(1000));
    expect(totals.saltG).toBeCloseTo(12, 1);
    expect(totals.saltPctOfFood).toBeCloseTo(1.2, 2);
    expect(totals.sodiumMgPerServing).toBeCloseTo((12 * 393.4) / 4, 0);
  });

  // US labels (21 CFR 101.9, 101.61): 2,300 mg of sodium a day, 2,400 before 2016, 50 g of added
  // sugars; free below 5 mg, very low to 35, low to 140. WHO 2,000 mg and 5 g of salt, UK 6 g; EU
  // labels count salt as 2.5 times the sodium. From memory, confidence 0.98.
  it('counts a day’s sodium, salt and sugar as labels and guidance do', () => {
    expect(DAILY_SODIUM_MG).toBe(2300);
    expect(DAILY_SODIUM_MG).toBeLessThan(2400);
    expect(DAILY_SUGARS_G).toBe(50);
    expect(DAILY_SALT_G).toEqual({ who: 5, uk: 6 });
    expect(labelSaltG(2000)).toBe(DAILY_SALT_G.who);
    const terms = [0, 4.9, 5, 35, 36, 140, 141].map(sodiumTerm);
    const [free, veryLow, low] = ['free', 'veryLow', 'low'];
    expect(terms).toEqual([free, free, veryLow, veryLow, low, low, undefined]);
  });

  it('shares out the sugar as it does the salt', () => {
    const sweet = { ingredient: 'granulated-sugar', amount: '30 g' };
    expect(scaleMixture(mixture([SALT, sweet]), on(1000)).totals.sugarGPerServing).toBeCloseTo(
      7.5,
      6,
    );
  });

  // Sodium per 100 g, from memory of food composition tables; one line of each, four portions.
  it.each([
    ['soy-sauce', '40 g', 550],
    ['soy-sauce-reduced-salt', '40 g', 330],
    ['fish-sauce', '20 g', 392.5],
    ['stock-ready-made', '500 g', 425],
    ['stock-low-salt', '500 g', 75],
    ['mustard-dijon-style', '20 g', 115],
  ])('counts the sodium of %s', (ingredient, amount, mg) => {
    const { totals } = scaleMixture(mixture([{ ingredient, amount }]), on(1000));
    expect(totals.sodiumMgPerServing).toBeCloseTo(mg, 6);
  });

  it('counts only what goes on the food, not the reserve', () => {
    const recipe = mixture([SALT, YOGHURT], {
      reserve: { amount: '150 ml', purpose: 'for the table' },
    });
    const { totals, reserve } = scaleMixture(recipe, on(1000));
    expect(reserve?.share).toBeGreaterThan(0.4);
    expect(totals.saltPctOfFood).toBeLessThan(0.75);
  });

  it('warns of too little, too much for the vessel, too salty and too long', () => {
    const keys = (recipe: Mixture, more: Partial<BatchFor> = {}, cut = 'lamb-leg-boneless') =>
      scaleMixture(recipe, on(1000, more, cut)).warnings.map((warning) => warning.key);
    expect(keys(mixture([{ ...OIL, amount: '30 g' }]))).toEqual(['batch.tooLittle']);
    const full = { vessel: { name: 'bowl', kind: 'bowl' as const, capacityMl: 1200 } };
    expect(keys(mixture([{ ...YOGHURT, amount: '400 g' }]), full)).toEqual(['batch.overflows']);
    expect(keys(mixture([{ ...SALT, amount: '40 g' }], { kind: 'dry brine' }))).toEqual([
      'batch.salty',
    ]);
    const three = { window: { leastMin: 60, bestMin: 600, longestMin: 3 * 1440 } };
    const oily = mixture([{ ...OIL, amount: '300 g' }], three);
    // FSIS marinating guidance, from memory: poultry two days, other meat five.
    expect(keys(oily, {}, 'chicken-whole')).toContain('batch.tooLong');
    expect(keys(oily)).not.toContain('batch.tooLong');
  });
});
