import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CUTS, SOAK_GROUPS } from '../pantry/index.ts';
import { food, mixture, OIL, on, SALT, YOGHURT } from '../test/batches.ts';
import { scaleMixture, type Mixture } from './index.ts';
import { acidLimitMin, enzymeLimitMin } from './soak-limits.ts';

const HOUR = 60;
const window = (recipe: Mixture, cut: string, more = {}) =>
  scaleMixture(recipe, on(1000, more, cut)).window;
/** About one and a half per cent acid. */
const LIMEY = [OIL, { ingredient: 'lime-juice', amount: '45 g' }, SALT];
const plain = mixture([OIL, SALT]);

describe('how long acid and raw fruit may stay on: kitchen convention, from memory', () => {
  // Marinade tables, from memory: hours in a marinade as sour as is usual, pieces of 25 mm.
  it.each([
    ['fish', 0.5],
    ['shellfish', 0.5],
    ['poultry-pieces', 4],
    ['beef-tender', 4],
    ['pork-tender', 6],
    ['lamb', 12],
    ['beef-tough', 24],
  ] as const)('%s bears acid for %d h', (group, hours) => {
    expect(acidLimitMin(group, 25, 1.5, false)).toBeCloseTo(hours * HOUR, 6);
  });

  it('bears sour milk a day where it bears acid for hours', () => {
    expect(acidLimitMin('poultry-pieces', 25, 1, true)).toBe(24 * HOUR);
  });

  // Minutes with 100 g of pineapple, kiwi, papaya or fig to a kilo, common practice, no source.
  it.each([
    ['beef-tough', 120],
    ['poultry-pieces', 45],
    ['lamb', 60],
    ['fish', 10],
  ] as const)('%s bears strong fruit for %d min', (group, minutes) => {
    expect(enzymeLimitMin(group, 25, 100)).toBe(minutes);
  });

  it('is shorter the more there is, and the thinner the piece; fruit never past two days', () => {
    const group = fc.constantFrom(...SOAK_GROUPS);
    const dose = fc.double({ min: 0.2, max: 30, noNaN: true });
    const mm = fc.double({ min: 4, max: 150, noNaN: true });
    fc.assert(
      fc.property(
        group,
        dose,
        mm,
        fc.double({ min: 1, max: 4, noNaN: true }),
        (g, d, thick, more) => {
          const acid = acidLimitMin(g, thick, d, false) ?? Infinity;
          expect(acidLimitMin(g, thick, d * more, false) ?? Infinity).toBeLessThanOrEqual(acid);
          expect(acidLimitMin(g, thick * more, d, false) ?? Infinity).toBeGreaterThanOrEqual(acid);
          const fruit = enzymeLimitMin(g, thick, d * 10) ?? Infinity;
          expect(enzymeLimitMin(g, thick, d * 10 * more) ?? Infinity).toBeLessThanOrEqual(fruit);
          if (fruit !== Infinity) expect(fruit).toBeLessThanOrEqual(2 * 24 * HOUR);
        },
      ),
    );
  });
});

describe('the window of a mixture', () => {
  it('says what limits it', () => {
    const limit = (recipe: Mixture, cut: string) => window(recipe, cut)?.limitedBy.key;
    expect(limit(mixture(LIMEY), 'lamb-leg-boneless')).toBe('window.acid');
    expect(limit(mixture([YOGHURT, SALT]), 'lamb-shoulder-bone-in')).toBe('window.dairy');
    expect(
      limit(mixture([...LIMEY, { ingredient: 'kiwi-raw', amount: '60 g' }]), 'beef-flank'),
    ).toBe('window.enzyme');
    expect(limit(plain, 'beef-chuck')).toBe('window.plain');
    expect(limit(mixture([SALT], { kind: 'dry brine' }), 'chicken-whole')).toBe('window.raw');
  });

  it('runs from least through best to longest for anything on anything', () => {
    const lines = fc.subarray(
      [
        OIL,
        SALT,
        YOGHURT,
        { ingredient: 'lime-juice', amount: '60 g' },
        { ingredient: 'kiwi-raw', amount: '60 g' },
        { ingredient: 'ginger-grated', amount: '20 g' },
        { ingredient: 'soy-sauce', amount: '80 g' },
        { ingredient: 'baking-soda', amount: '5 g' },
      ],
      { minLength: 1 },
    );
    const kind = fc.constantFrom('marinade', 'paste', 'rub', 'dry brine', 'wet brine', 'pickle');
    fc.assert(
      fc.property(lines, kind, fc.constantFrom(...CUTS.keys()), (chosen, of, cut) => {
        const found = window(mixture(chosen, { kind: of }), cut);
        expect(found?.leastMin).toBeGreaterThanOrEqual(5);
        expect(found?.leastMin).toBeLessThanOrEqual(found?.bestMin ?? 0);
        expect(found?.bestMin).toBeLessThanOrEqual(found?.longestMin ?? 0);
        for (const { minutes } of found?.limits ?? [])
          expect(found?.longestMin).toBeLessThanOrEqual(Math.max(5, minutes * 1.13));
      }),
    );
  });

  // Common practice for chains of a home kitchen, no source: within the hours cooks name.
  it.each([
    [
      'thin ribs with pear: three hours, overnight, never past two days',
      'beef-ribs-cross-cut-thin',
      3,
      48,
    ],
    ['flank: half an hour at least, overnight at best', 'beef-flank', 0.5, 48],
  ])('suits %s', (_what, cut, from, to) => {
    const recipe = mixture([
      { ingredient: 'soy-sauce', amount: '90 g' },
      { ingredient: 'pear-grated', amount: '60 g' },
      { ingredient: 'brown-sugar-packed', amount: '30 g' },
      { ingredient: 'sesame-oil-toasted', amount: '15 g' },
    ]);
    const found = window(recipe, cut);
    expect(found?.leastMin).toBeLessThanOrEqual(from * HOUR);
    expect(found?.longestMin).toBeGreaterThanOrEqual(14 * HOUR);
    expect(found?.longestMin).toBeLessThanOrEqual(to * HOUR);
  });

  it('ends for several foods where it ends for the first of them', () => {
    const two = { foods: [food(500, 'beef-chuck-roast', 'a'), food(500, 'chicken-breast', 'b')] };
    const both = scaleMixture(mixture(LIMEY), on(0, two)).window?.longestMin ?? 0;
    expect(both).toBeCloseTo(window(mixture(LIMEY), 'chicken-breast')?.longestMin ?? 0, -2);
    expect(both).toBeLessThan(window(mixture(LIMEY), 'beef-chuck-roast')?.longestMin ?? 0);
  });

  it('warns of what a cook would want to know', () => {
    const warned = (recipe: Mixture, cut: string) =>
      scaleMixture(recipe, on(1000, {}, cut)).warnings.map(({ key }) => key);
    const long = { window: { leastMin: 60, bestMin: 120, longestMin: 3 * 24 * HOUR } };
    const fruity = [...LIMEY, { ingredient: 'papaya-raw', amount: '60 g' }];
    expect(warned(mixture(fruity, long), 'beef-flank')).toEqual(
      expect.arrayContaining(['batch.fruitLong', 'batch.pastLimit', 'window.enzyme']),
    );
    expect(warned(mixture(LIMEY, long), 'white-fish-fillet')).toContain('batch.fishSour');
    expect(warned(mixture(fruity), 'white-fish-fillet')).toContain('batch.enzymeNever');
    expect(warned(mixture(LIMEY), 'white-fish-fillet')).not.toContain('batch.fishSour');
    expect(window(mixture(LIMEY), 'white-fish-fillet')?.longestMin).toBeLessThanOrEqual(30);
  });
});

describe('salt by a target', () => {
  const brine = (salting: object, more: object = {}) =>
    mixture(
      [
        { ingredient: 'water', amount: '1 l' },
        { ingredient: 'salt-fine-table', amount: '50 g', scaling: 'salt' },
        { ingredient: 'granulated-sugar', amount: '20 g', scaling: 'sugar' },
      ],
      { kind: 'wet brine', salting, ...more },
    );

  it('comes out in the meat as it is wanted, ice counted as water', () => {
    const salting = { by: 'equilibrium', targetPct: 1.5, sugarToSalt: 0.5 };
    const of = (recipe: Mixture) => scaleMixture(recipe, on(1000, {}, 'pork-loin-boneless'));
    const { totals, lines } = of(brine(salting));
    expect(totals.saltPctOfFood).toBeCloseTo(1.5, 1);
    // p(water + w·meat)/w with w 0.70: 36.4 g, by hand.
    expect(lines[1]?.grams).toBeCloseTo(36.4, 0);
    expect(lines[2]?.grams).toBeCloseTo((lines[1]?.grams ?? 0) * 0.5, 0);
    const iced = brine(salting);
    const halfIce = {
      ...iced,
      lines: [
        { ingredient: 'water', amount: '500 g', scaling: 'linear' as const, exponent: 1 },
        { ingredient: 'ice', amount: '500 g', scaling: 'linear' as const, exponent: 1 },
        ...iced.lines.slice(1),
      ],
    };
    expect(of(halfIce).lines[2]?.grams).toBeCloseTo(lines[1]?.grams ?? NaN, 6);
  });

  it('is as the kitchen brines where the mixture does not say', () => {
    const salting = { targetPct: 1.2, strengthPct: 6 };
    const strong = scaleMixture(brine(salting), on(1000, { brine: 'strong' }, 'pork-chop-bone-in'));
    expect(strong.lines[1]?.grams).toBeCloseTo((0.06 / 0.94) * 1000, 0);
    expect(strong.window?.limitedBy.key).toBe('window.salt');
    // Brined chops, kitchen conventions from memory: one hour to two days.
    expect(strong.window?.bestMin).toBeGreaterThan(HOUR);
    expect(strong.window?.bestMin).toBeLessThan(48 * HOUR);
  });

  // Hours in a 5 % brine at 4 °C, kitchen convention, from memory, confidence 0.75. Fish, whole birds
  // and loins agree within a quarter at 0.6 % of salt all through; chops and chicken pieces, which
  // kitchens salt only outside, take longer by diffusion, and the order is the same.
  it('brines as long as kitchens do, or longer where they salt only the outside', () => {
    const salting = { by: 'strong' as const, targetPct: 0.6, strengthPct: 5 };
    const bestH = (cut: string) => (window(brine(salting), cut)?.bestMin ?? NaN) / HOUR;
    for (const [cut, least, most] of [
      ['white-fish-fillet', 0.25, 0.5],
      ['prawns-peeled', 0.25, 0.5],
      ['chicken-whole', 4, 12],
      ['pork-loin-boneless', 6, 12],
      ['turkey-whole', 12, 24],
    ] as const) {
      expect(bestH(cut), cut).toBeGreaterThanOrEqual(least * 0.75);
      expect(bestH(cut), cut).toBeLessThanOrEqual(most * 1.25);
    }
    expect(bestH('chicken-breast')).toBeGreaterThan(1);
    expect(bestH('pork-chop-bone-in')).toBeGreaterThan(1);
    const order = ['white-fish-fillet', 'pork-chop-bone-in', 'chicken-whole', 'turkey-whole'];
    const hours = order.map(bestH);
    expect([...hours].sort((a, b) => a - b)).toEqual(hours);
  });

  it('leaves out the salt that other lines bring, and says so when they bring it all', () => {
    const dry = (soy: string) =>
      scaleMixture(
        mixture(
          [
            { ingredient: 'soy-sauce', amount: soy },
            { ingredient: 'salt-fine-table', amount: '10 g', scaling: 'salt' },
          ],
          { kind: 'dry brine', salting: { by: 'dry', targetPct: 1 } },
        ),
        on(1000, {}, 'beef-steak'),
      );
    // 30 g of soy sauce at 13.98 % bring 4.19 g of the 10.
    expect(dry('30 g').lines[1]?.grams).toBeCloseTo(5.81, 1);
    expect(dry('90 g').lines[1]?.grams).toBe(0);
    expect(dry('90 g').warnings.map(({ key }) => key)).toContain('batch.alreadySalted');
  });
});

describe('what covers and what fits', () => {
  const cider = mixture([{ ingredient: 'cider-dry', amount: '2 l' }], {
    kind: 'wet brine',
    basis: { kind: 'cover' },
    boiled: true,
  });
  const vessel = (kind: 'bag' | 'tub' | 'pot', capacityMl: number) => ({
    vessel: { name: kind, kind, capacityMl },
  });

  it('makes as much as covers the food in its vessel, least in a bag with the air out', () => {
    const need = (kind: 'bag' | 'tub' | 'pot', pressed = false) => {
      const { cover, totals } = scaleMixture({ ...cider, pressed }, on(2000, vessel(kind, 9000)));
      expect(totals.onFoodMl).toBeCloseTo(cover?.needMl ?? NaN, 6);
      expect(cover?.enough).toBe(true);
      return cover?.needMl ?? 0;
    };
    expect(need('bag', true)).toBeLessThan(need('bag'));
    expect(need('bag')).toBeLessThan(need('tub'));
    expect(need('tub')).toBeLessThan(need('pot'));
  });

  it('says when it does not fit, and when it would boil over', () => {
    const of = (capacityMl: number, recipe = cider) =>
      scaleMixture(recipe, on(2000, vessel('pot', capacityMl)));
    expect(of(9000).cover?.fits).toBe(true);
    expect(of(3800).warnings.map(({ key }) => key)).toEqual(['batch.overflows']);
    const sweet = mixture(
      [
        { ingredient: 'apple-juice', amount: '3 l' },
        { ingredient: 'granulated-sugar', amount: '500 g' },
      ],
      { kind: 'wet brine', boiled: true },
    );
    expect(
      of(5000, { ...sweet, basis: { kind: 'fixed' } }).warnings.map(({ key }) => key),
    ).toContain('batch.froths');
  });
});
