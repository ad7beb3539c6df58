import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { food, mixture, OIL, on, SALT, YOGHURT } from '../test/batches.ts';
import { scaleMixture, weighingSteps, type Batch } from './index.ts';

const CHILLI = {
  ingredient: 'chilli-flakes',
  amount: '4 g',
  scaling: 'heldBack',
  exponent: 0.67,
};
const PASTE = mixture([YOGHURT, OIL, SALT, CHILLI], {
  kind: 'paste',
  reserve: { amount: '80 ml', purpose: 'for the table' },
  variants: [
    {
      id: 'plain',
      name: 'Without dairy',
      forAvoids: ['dairy'],
      on: ['plain'],
      instead: [{ ingredient: 'rapeseed-oil', amount: '60 g' }],
    },
    { id: 'mild', name: 'Without heat', forAvoids: ['heat'], on: ['mild'] },
  ],
});

const batch = (mainG: number, plainG: number, mildG: number): Batch =>
  scaleMixture(
    PASTE,
    on(mainG, {
      variantFoods: new Map([
        ['plain', [food(plainG, 'lamb-shoulder-bone-in', 'plain')]],
        ['mild', [food(mildG, 'lamb-shoulder-bone-in', 'mild')]],
      ]),
    }),
  );

const weight = fc.double({ min: 80, max: 5000, noNaN: true });
const gramsOf = (name: string, of: Batch) =>
  of.lines.find((line) => line.name === name)?.grams ?? 0;
const sum = (lines: ReadonlyArray<{ grams: number }>) =>
  lines.reduce((total, { grams }) => total + grams, 0);

describe('variants of one batch', () => {
  it('come out before what they go without goes in', () => {
    const { lines, commonCount, variants } = batch(1500, 250, 250);
    expect(lines.slice(0, commonCount).map(({ name }) => name)).toEqual([
      'olive oil',
      'salt, fine table',
    ]);
    expect(lines.slice(commonCount).map(({ name }) => name)).toEqual([
      'yoghurt, full fat',
      'chilli flakes',
    ]);
    const [plain, mild] = variants;
    expect(plain?.lines.map(({ name }) => name)).toEqual(['chilli flakes', 'rapeseed oil']);
    expect(mild?.lines.map(({ name }) => name)).toEqual(['yoghurt, full fat']);
  });

  it('lose nothing: reserve, what goes on, and what was taken out are the whole', () => {
    fc.assert(
      fc.property(weight, weight, weight, (mainG, plainG, mildG) => {
        const { totals, reserve, variants } = batch(mainG, plainG, mildG);
        const taken = variants.reduce((total, { takeG }) => total + takeG, 0);
        expect(totals.onFoodG + (reserve?.grams ?? 0) + taken).toBeCloseTo(totals.grams, 6);
      }),
    );
  });

  it('season every piece alike, large or small', () => {
    fc.assert(
      fc.property(weight, weight, weight, (mainG, plainG, mildG) => {
        const { totals, variants, reserve } = batch(mainG, plainG, mildG);
        // The reserve takes its part of the salt with it, from the main part only by weight.
        expect(reserve?.share).toBeGreaterThan(0);
        for (const variant of variants) {
          expect(variant.saltPctOfFood / totals.saltPctOfFood).toBeGreaterThan(0.9);
          expect(variant.saltPctOfFood / totals.saltPctOfFood).toBeLessThan(1.1);
        }
      }),
    );
  });

  it('give each its dose of what everyone shares', () => {
    const { variants } = batch(1000, 500, 500);
    expect(variants[0]?.takeG).toBeCloseTo(variants[1]?.takeG ?? NaN, 9);
    const without = batch(1000, 0, 0);
    expect(gramsOf('yoghurt, full fat', batch(1000, 500, 500))).toBeCloseTo(
      gramsOf('yoghurt, full fat', without),
      9,
    );
    expect(without.variants.map(({ takeG }) => takeG)).toEqual([0, 0]);
  });

  it('warn when what goes in instead holds it too', () => {
    const wrong = {
      ...PASTE,
      variants: [
        {
          id: 'plain',
          name: 'Without dairy',
          forAvoids: ['dairy' as const],
          on: [],
          instead: [{ ...YOGHURT, ingredient: 'kefir', scaling: 'linear' as const, exponent: 1 }],
        },
      ],
    };
    expect(scaleMixture(wrong, on(1000)).warnings).toContainEqual({
      key: 'batch.variantHolds',
      values: { variant: 'Without dairy', what: 'kefir' },
    });
  });

  it('are weighed out in that order, and the scale reads what is in the bowl', () => {
    const of = batch(1500, 250, 250);
    const steps = weighingSteps(of);
    expect(steps.map(({ name, takesOut }) => (takesOut ? `− ${name}` : name))).toEqual([
      'olive oil',
      'salt, fine table',
      '− Without dairy',
      '− Without heat',
      'yoghurt, full fat',
      'chilli flakes',
    ]);
    const taken = of.variants.reduce((total, { takeG }) => total + takeG, 0);
    expect(sum(steps)).toBeCloseTo(of.totals.grams - taken, 6);
  });
});

describe('one mixture over several foods', () => {
  it('is split by weight, and the parts are the whole', () => {
    fc.assert(
      fc.property(fc.array(weight, { minLength: 1, maxLength: 5 }), (weights) => {
        const foods = weights.map((g, i) => food(g, 'chicken-thigh-boneless', `food-${i}`));
        const { split, totals, onFood } = scaleMixture(
          mixture([YOGHURT, SALT], { reserve: { amount: '50 ml', purpose: 'sauce' } }),
          on(0, { foods }),
        );
        expect(sum(split)).toBeCloseTo(totals.onFoodG, 6);
        expect(onFood.grams).toBeCloseTo(totals.onFoodG, 9);
        split.forEach(({ grams }, i) => {
          expect(grams / totals.onFoodG).toBeCloseTo(
            (weights[i] ?? 0) / weights.reduce((a, b) => a + b),
            9,
          );
        });
      }),
    );
  });

  it('scales there and back', () => {
    const recipe = mixture([YOGHURT, OIL, SALT, CHILLI]);
    fc.assert(
      fc.property(weight, weight, (a, b) => {
        const grams = (w: number) => scaleMixture(recipe, on(w)).lines.map((line) => line.grams);
        const there = grams(a);
        const again = scaleMixture(
          {
            ...recipe,
            basis: { kind: 'perWeight', baselineG: a },
            lines: recipe.lines.map((line, i) => ({
              ...line,
              amount: `${(there[i] ?? 0).toFixed(12)} g`,
            })),
          },
          on(b),
        ).lines.map((line) => line.grams);
        grams(b).forEach((wanted, i) => expect(again[i]).toBeCloseTo(wanted, 5));
      }),
    );
  });
});

describe('lines of their own kind', () => {
  it('are what they are locked at, and the rest grows on', () => {
    const of = (w: number) => scaleMixture(mixture([OIL, { ...SALT, locked: '9 g' }]), on(w));
    expect(gramsOf('salt, fine table', of(500))).toBe(9);
    expect(gramsOf('salt, fine table', of(5000))).toBe(9);
    expect(gramsOf('olive oil', of(5000))).toBeCloseTo(500, 9);
    expect(of(500).lines[1]?.locked).toBe(true);
  });

  it('are open when to taste, and remember the last choice', () => {
    const [line] = scaleMixture(
      mixture([{ ...SALT, amount: '2 g', scaling: 'toTaste' }]),
      on(2000),
    ).lines;
    expect(line).toMatchObject({ scaling: 'toTaste', grams: 4 });
    const none = scaleMixture(mixture([{ ...SALT, amount: '0 g', scaling: 'toTaste' }]), on(2000));
    expect(none.lines[0]).toMatchObject({ grams: 0, measure: '—' });
  });

  it('wait for the end when a stew is salted late: eaten, but not soaked in', () => {
    const early = scaleMixture(mixture([OIL, SALT]), on(1000));
    const late = scaleMixture(mixture([OIL, SALT]), on(1000, { saltAtEnd: true }));
    expect(late.lines[1]?.atEnd).toBe(true);
    expect(late.totals.sodiumMgPerServing).toBeCloseTo(early.totals.sodiumMgPerServing, 9);
    expect(late.meters.saltPct).toBeLessThan(0.01);
    expect(late.window?.leastBecause.key).toBe('window.leastSurface');
    expect(early.window?.leastBecause.key).toBe('window.leastSalt');
  });
});

describe('mixtures made of mixtures', () => {
  const spice = mixture([{ ingredient: 'cumin-seed', amount: '30 g' }, SALT], {
    id: 'spice',
    kind: 'rub',
    basis: { kind: 'asUsed' },
    on: [],
    keepsDays: 90,
  });
  const rub = mixture([OIL, { ingredient: 'spice', part: 'whole', amount: '21 g' }]);

  it('bring what they hold, by weight', () => {
    const { lines, totals } = scaleMixture(rub, on(1000, { siblings: [spice] }));
    expect(lines[1]).toMatchObject({ name: 'Mixture', grams: 21, part: 'whole' });
    // Half of the 42 g, with half of its 12 g of salt.
    expect(totals.saltG).toBeCloseTo(6 + 21 * (30 / 42) * (168 / 100_000 / 0.3934), 1);
  });

  it('are made as large as the others take', () => {
    const made = scaleMixture(spice, on(0, { foods: [], siblings: [rub], demandedG: 84 }));
    expect(made.factor).toBeCloseTo(2, 9);
    expect(made.totals.grams).toBeCloseTo(84, 9);
    expect(made.window).toBeUndefined();
  });

  it('are clean when cooked, for what raw fruit does', () => {
    const fruity = mixture([{ ingredient: 'kiwi-raw', amount: '50 g' }, OIL], { id: 'fruity' });
    const line = { ingredient: 'fruity', amount: '40 g' };
    const dip = (part: string) =>
      scaleMixture(
        mixture([{ ...line, part }], { kind: 'sauce', id: 'dip' }),
        on(1000, { siblings: [fruity] }),
      );
    expect(dip('whole').meters.fruitGPerKg).toBeGreaterThan(0);
    expect(dip('used').meters.fruitGPerKg).toBe(0);
  });
});
