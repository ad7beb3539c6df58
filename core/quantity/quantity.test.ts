import { MM_PER_INCH } from '../figures/index.ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  BARE_MEASURE,
  celsiusToF,
  fahrenheitToC,
  GRAMS_PER,
  gramsOf,
  mlOf,
  MEASURES,
  ML_PER,
  parseQuantity,
  printQuantity,
  QuantityError,
  readAsSpoons,
  readLengthMm,
  readMinutes,
  readWeight,
  showLength,
  showMinutes,
  showWeight,
  toMinutes,
  type Measure,
  type Quantity,
  type SpoonSystem,
} from './index.ts';

describe('units against their definitions', () => {
  // NIST Handbook 44, Appendix C; NIST SP 811, Appendix B.
  it.each([
    ['1 US cup', 236.588],
    ['1 US tbsp', 14.787],
    ['1 US tsp', 4.929],
    ['1 US pint', 473.176],
    ['1 US quart', 946.353],
    ['1 US gallon', 3785.412],
    ['1 US fl oz', 29.574],
    // Metric and Australian spoons: by definition.
    ['1 metric cup', 250],
    ['1 metric tbsp', 15],
    ['1 AU tbsp', 20],
    ['1 japanese cup', 200],
    ['1 japanese go', 180.39],
    ['1 dessertspoon', 10],
    ['1 NZ tbsp', 15],
    // The label cup, 21 CFR 101.9, and the British tablespoon before metric: from memory, 0.99.
    ['1 US legal cup', 240],
    ['2 legal cups', 480],
    ['1 old UK tablespoon', 17.758],
    ['1 old tbsp', 17.758],
    // Weights and Measures Act 1985 (UK): imperial pint, gallon, gill, fluid ounce.
    ['1 imperial gallon', 4546.09],
    ['1 gill', 142.065],
    ['1 imperial cup', 284.131],
    ['1 imperial fl oz', 28.413],
    // Common practice: half a dash is a pinch, half a pinch a smidgen.
    ['1 dash', 0.62],
    ['1 pinch', 0.31],
    ['1 smidgen', 0.15],
    ['1 imperial pint', 568.261],
  ])('%s is %d ml', (text, ml) => {
    expect(mlOf(parseQuantity(text), { name: 'water', gPerMl: 1 })).toBeCloseTo(ml, 3);
  });

  it('weighs the pound and the ounce as NIST Handbook 44 does', () => {
    expect(GRAMS_PER.lb).toBeCloseTo(453.592, 3);
    expect(GRAMS_PER.oz).toBeCloseTo(28.3495, 4);
    expect(GRAMS_PER.stone).toBeCloseTo(6350.29, 2);
  });

  it('reads and shows lengths, an inch being 25.4 mm by definition', () => {
    expect(MM_PER_INCH).toBe(25.4);
    const read = (text: string) => readLengthMm(text, 'mm');
    expect(['30', '3 cm', '1 in', '1 1/4 inches', '2"', '28,5 mm'].map(read)).toEqual([
      30, 30, 25.4, 31.75, 50.8, 28.5,
    ]);
    expect(readLengthMm('28', 'cm')).toBe(280);
    for (const text of ['', 'wide', '3 kg', '1.200,5 mm']) expect(read(text), text).toBeUndefined();
    expect([showLength(280), showLength(32), showLength(279.4, 'us')]).toEqual([
      '28 cm',
      '3.2 cm',
      '11 in',
    ]);
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 800 }), (mm) => {
        expect(readLengthMm(showLength(mm), 'mm')).toBeCloseTo(mm, 6);
        expect(Math.abs((readLengthMm(showLength(mm, 'us'), 'mm') ?? 0) - mm)).toBeLessThan(3.2);
      }),
    );
  });

  it('turns °F into °C by definition', () => {
    expect(fahrenheitToC(145)).toBeCloseTo(62.78, 2);
    expect(fahrenheitToC(165)).toBeCloseTo(73.89, 2);
    fc.assert(
      fc.property(fc.double({ min: -40, max: 600, noNaN: true }), (c) => {
        expect(fahrenheitToC(celsiusToF(c))).toBeCloseTo(c, 9);
      }),
    );
  });

  it('agrees that three teaspoons are a tablespoon, but not in Australia', () => {
    const ratio = (system: SpoonSystem) =>
      (ML_PER[BARE_MEASURE[system].tbsp ?? ''] ?? 0) /
      (ML_PER[BARE_MEASURE[system].tsp ?? ''] ?? 1);
    expect(ratio('us')).toBeCloseTo(3, 9);
    expect(ratio('metric')).toBeCloseTo(3, 9);
    expect(ratio('australian')).toBeCloseTo(4, 9);
  });
});

describe('reading amounts', () => {
  it.each<[string, Quantity]>([
    ['1 1/2 tbsp', { dimension: 'volume', low: 1.5, high: 1.5, unit: 'US tbsp' }],
    ['½ cup', { dimension: 'volume', low: 0.5, high: 0.5, unit: 'US cup' }],
    ['1½ cups', { dimension: 'volume', low: 1.5, high: 1.5, unit: 'US cup' }],
    ['2–3 cloves', { dimension: 'count', low: 2, high: 3, unit: 'cloves' }],
    ['2 to 3 cloves', { dimension: 'count', low: 2, high: 3, unit: 'cloves' }],
    ['1,5 kg', { dimension: 'mass', low: 1.5, high: 1.5, unit: 'kg' }],
    ['245F', { dimension: 'temperature', low: 245, high: 245, unit: '°F' }],
    ['5 h 30', { dimension: 'time', low: 330, high: 330, unit: 'min' }],
    ['1 hour 30 minutes', { dimension: 'time', low: 90, high: 90, unit: 'min' }],
    ['25–30 min', { dimension: 'time', low: 25, high: 30, unit: 'min' }],
    ['8', { dimension: 'count', low: 8, high: 8, unit: '' }],
  ])('reads “%s”', (text, expected) => {
    expect(parseQuantity(text)).toEqual(expected);
  });

  it('reads a bare spoon in the cook’s own country, and a named one in its own', () => {
    expect(parseQuantity('2 tbsp', 'australian').unit).toBe('AU tbsp');
    expect(parseQuantity('2 US tbsp', 'australian').unit).toBe('US tbsp');
  });

  it.each([
    ['1,500 g', /two ways.*1500 or 1\.5/],
    ['some salt', /does not begin with a number/],
    ['3–2 cloves', /more to less/],
    ['2 cups 3 tbsp', /two amounts/],
  ])('refuses “%s” and says what to do', (text, message) => {
    expect(() => parseQuantity(text)).toThrow(QuantityError);
    expect(() => parseQuantity(text)).toThrow(message);
  });

  const systems: SpoonSystem[] = ['us', 'metric', 'imperial', 'australian'];
  const value = fc.oneof(
    fc.integer({ min: 0, max: 5000 }),
    fc
      .integer({ min: 1, max: 20000 })
      .map((n) => n / 1000)
      .filter((n) => !/\.\d{3}$/.test(String(n))),
    fc
      .tuple(
        fc.nat(20),
        fc.constantFrom(1 / 2, 1 / 3, 2 / 3, 1 / 4, 3 / 4, 1 / 8, 3 / 8, 5 / 8, 7 / 8),
      )
      .map(([whole, part]) => whole + part),
  );
  const unit = fc.oneof(
    fc
      .constantFrom(...Object.keys(GRAMS_PER))
      .map((u) => ({ dimension: 'mass' as const, unit: u })),
    fc.constantFrom(...Object.keys(ML_PER)).map((u) => ({ dimension: 'volume' as const, unit: u })),
    fc.constantFrom('min', 'h', 'd').map((u) => ({ dimension: 'time' as const, unit: u })),
    fc.constantFrom('°C', '°F').map((u) => ({ dimension: 'temperature' as const, unit: u })),
    fc.constantFrom('', 'cloves', 'legs').map((u) => ({ dimension: 'count' as const, unit: u })),
  );

  it('gives back what it printed: parse(print(q)) = q', () => {
    fc.assert(
      fc.property(value, value, unit, fc.constantFrom(...systems), (a, b, kind, spoons) => {
        const quantity: Quantity = { ...kind, low: Math.min(a, b), high: Math.max(a, b) };
        expect(parseQuantity(printQuantity(quantity, spoons), spoons)).toEqual(quantity);
      }),
      { numRuns: 800 },
    );
  });

  it('reads back every time span it shows', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2879 }), (minutes) => {
        expect(toMinutes(parseQuantity(showMinutes(minutes)))).toBe(minutes);
      }),
    );
  });

  it('takes minutes and weights as cooks type them', () => {
    expect(readMinutes('90')).toBe(90);
    expect(readMinutes('1 h 30')).toBe(90);
    expect(readMinutes('2 days')).toBe(2880);
    expect(readMinutes('a while')).toBeUndefined();
    expect(readWeight('2.62')).toBeCloseTo(2620, 6);
    expect(readWeight('2620')).toBe(2620);
    expect(readWeight('1,7 kg')).toBe(1700);
    expect(readWeight('5 lb 12 oz')).toBeCloseTo(2608.16, 1);
    expect(readWeight('heavy')).toBeUndefined();
    expect(readWeight(showWeight(2608.16, 'us'))).toBeCloseTo(2608.16, 1);
  });
});

describe('volume and count to mass', () => {
  // Densities from memory of common baking charts: honey 1.42, flour spooned 0.53, oil 0.915 g/ml.
  it.each([
    ['1 cup', 1.42, 335.96],
    ['1 cup', 0.53, 125.39],
    ['1 tbsp', 0.915, 13.53],
  ])('weighs %s at %d g/ml as %d g', (text, gPerMl, grams) => {
    expect(gramsOf(parseQuantity(text), { name: 'it', gPerMl })).toBeCloseTo(grams, 1);
  });

  it('weighs what is counted, singular or plural', () => {
    const garlic = { name: 'garlic', countG: { clove: 5 } };
    expect(gramsOf(parseQuantity('4 cloves'), garlic)).toBe(20);
    expect(gramsOf(parseQuantity('1 clove'), garlic)).toBe(5);
    expect(gramsOf(parseQuantity('6 berries'), { name: 'juniper', countG: { berry: 0.25 } })).toBe(
      1.5,
    );
    expect(gramsOf(parseQuantity('2 bulbs'), garlic)).toBeUndefined();
  });
});

describe('spoons', () => {
  it('reads plain amounts plainly', () => {
    expect(readAsSpoons(15, 'metric').text).toBe('1 tbsp');
    expect(readAsSpoons(250, 'metric').text).toBe('1 cup');
    expect(readAsSpoons(50, 'us').text).toBe('3 tbsp + 1 tsp');
  });

  it('stays within 6 % wherever a quarter of a teaspoon can: from 6.5 ml up to ten cups', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 6.5, max: 2300, noNaN: true }),
        fc.constantFrom<SpoonSystem[]>('us', 'metric', 'imperial', 'australian'),
        (ml, system) => {
          const reading = readAsSpoons(ml, system, 5);
          expect(Math.abs(reading.errorPct)).toBeLessThan(6.001);
          expect(reading.ml).toBeCloseTo(ml * (1 + reading.errorPct / 100), 6);
        },
      ),
      { numRuns: 500 },
    );
  });

  const isEighth = (amount: number) =>
    Number.isInteger(amount * 8) && !Number.isInteger(amount * 4);

  // Every way to take at most two kinds of measure, tried one by one.
  function allReadings(owned: readonly Measure[], system: SpoonSystem) {
    const kinds = ['cup', 'tbsp', 'tsp'] as const;
    const nice = [0, 1 / 8, 1 / 4, 1 / 3, 3 / 8, 1 / 2, 5 / 8, 2 / 3, 3 / 4, 7 / 8];
    const most = { cup: 40, tbsp: 8, tsp: 5 };
    return kinds.map((kind) => {
      const size = ML_PER[BARE_MEASURE[system][kind] ?? ''] ?? NaN;
      const scoops = owned
        .filter((measure) => measure.endsWith(` ${kind}`))
        .map((measure) => mlOf(parseQuantity(measure, 'us'), { name: '', gPerMl: 1 }) ?? NaN)
        .map((ml) => ml / (ML_PER[`US ${kind}`] ?? NaN));
      const dips = (amount: number): number => {
        if (Math.abs(amount) < 1e-9) return 0;
        const ways = scoops.filter((scoop) => scoop <= amount + 1e-9);
        // The largest first is not always fewest, so each of the three largest that fit is tried.
        return Math.min(Infinity, ...ways.slice(0, 3).map((scoop) => 1 + dips(amount - scoop)));
      };
      const amounts = [0, 1, 2]
        .flatMap((whole) => nice.map((part) => whole + part))
        .filter((amount) => amount < 2 || !isEighth(amount));
      return amounts
        .filter((amount) => amount > 0 && amount <= most[kind])
        .map((amount) => ({ amount, ml: amount * size, dips: dips(amount) }))
        .filter(({ dips: needed }) => Number.isFinite(needed));
    });
  }

  it('takes the fewest dips there are within the bound, with the spoons there are', () => {
    const drawers = fc.subarray([...MEASURES], { minLength: 1 });
    fc.assert(
      fc.property(
        drawers,
        fc.double({ min: 3, max: 44, noNaN: true }),
        fc.constantFrom<SpoonSystem>('us', 'metric', 'imperial', 'australian'),
        (owned, ml, system) => {
          const reading = readAsSpoons(ml, system, 3, owned);
          const [cups = [], tbsps = [], tsps = []] = allReadings(owned, system);
          const nothing = [{ amount: 0, ml: 0, dips: 0 }];
          const inBound = [...tbsps, ...nothing]
            .flatMap((a) =>
              [...tsps, ...nothing]
                .filter(
                  (b) =>
                    a.amount === 0 ||
                    b.amount === 0 ||
                    (Number.isInteger(a.amount) && !isEighth(b.amount)),
                )
                .map((b) => ({ ml: a.ml + b.ml, dips: a.dips + b.dips })),
            )
            .concat(cups)
            .filter((one) => one.ml > 0 && Math.abs(one.ml / ml - 1) <= 0.03);
          const fewest = Math.min(...inBound.map(({ dips }) => dips));
          if (inBound.length > 0) {
            expect(Math.abs(reading.errorPct)).toBeLessThanOrEqual(3 + 1e-9);
            expect(reading.dips).toBeLessThanOrEqual(fewest);
          }
          for (const part of reading.text.split(' + ')) {
            const unit =
              part
                .split(' ')
                .at(-1)
                ?.replace(/s$|es$/, '') ?? '';
            expect(unit === 'pinch' || owned.some((measure) => measure.endsWith(` ${unit}`))).toBe(
              true,
            );
          }
        },
      ),
      { numRuns: 200 },
    );
  });

  it('says what it means: the parts of a reading add up to its volume', () => {
    fc.assert(
      fc.property(fc.double({ min: 1.3, max: 2000, noNaN: true }), (ml) => {
        const reading = readAsSpoons(ml, 'us');
        const sum = reading.text
          .split(' + ')
          .reduce(
            (total, part) => total + (mlOf(parseQuantity(part), { name: '', gPerMl: 1 }) ?? NaN),
            0,
          );
        expect(sum).toBeCloseTo(reading.ml, 6);
      }),
    );
  });
});
