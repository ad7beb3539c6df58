import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DishSchema, emptyMeal, mealOf } from '../meal/index.ts';
import { plan } from '../plan/index.ts';
import { corpus, FIELDS, scoreOf, type Field } from '../test/corpus.ts';
import { at } from '../test/meals.ts';
import { recipeJson } from '../formats/index.ts';
import { draftDish, readRecipe } from './index.ts';
import { reserveIn, reserveLit } from './reserve.ts';
import { degreesIn } from './degree.ts';
import { readIngredientLine } from './ingredient-line.ts';
import { spansIn } from './span.ts';

const TEXTS = corpus();

describe('lengths of time in a text', () => {
  it.each([
    ['4 to 6 hours', 240, 300, 360],
    ['4 h to overnight, at most 2 days', 240, 480, 2880],
    ['an hour and a half', 90, 90, 90],
    ['two and a half hours', 150, 150, 150],
    ['between 30 and 40 minutes', 30, 35, 40],
    ['hora y media', 90, 90, 90],
    ['de 30 a 40 minutos', 30, 35, 40],
    ['al menos 4 horas o toda la noche', 240, 480, 720],
    ['at least 30 minutes, preferably overnight', 30, 600, 720],
    ['up to 24 hours', undefined, undefined, 1440],
    ['1 h 30', 90, 90, 90],
  ])('reads “%s”', (text, leastMin, likelyMin, mostMin) => {
    expect(spansIn(text)).toHaveLength(1);
    expect(spansIn(text)[0]).toMatchObject({ sense: 'length' });
    const { leastMin: least, likelyMin: likely, mostMin: most } = spansIn(text)[0] ?? {};
    expect([least, likely, most]).toEqual([leastMin, likelyMin, mostMin]);
  });

  it('tells how often from how long, and a side from the whole', () => {
    expect(spansIn('stir every 20 minutes for 2½–3 hours')).toMatchObject([
      { sense: 'every', likelyMin: 20 },
      { sense: 'length', leastMin: 150, mostMin: 180 },
    ]);
    expect(spansIn('5 to 7 minutes per side')).toMatchObject([{ perSide: true }]);
    expect(spansIn('18 min per pound')).toMatchObject([{ sense: 'perKg' }]);
  });

  it('comes back from however a cook writes whole minutes and hours', () => {
    const unit = fc.constantFrom(
      ['minutes', 1] as const,
      ['min', 1] as const,
      ['hours', 60] as const,
      ['h', 60] as const,
      ['minutos', 1] as const,
      ['horas', 60] as const,
    );
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 59 }),
        fc.integer({ min: 0, max: 30 }),
        unit,
        (low, more, [word, each]) => {
          const text =
            more === 0 ? `Roast for ${low} ${word}.` : `Roast for ${low}–${low + more} ${word}.`;
          expect(spansIn(text)).toMatchObject([
            { leastMin: low * each, mostMin: (low + more) * each },
          ]);
        },
      ),
    );
  });
});

describe('temperatures in a text', () => {
  it('are of the place or of the food’s middle, said once or in two units', () => {
    const read = (text: string) =>
      degreesIn(text, true).map(({ tempC, sense }) => [Math.round(tempC), sense]);
    expect(read('Preheat oven to 350°F (180°C)')).toEqual([[177, 'place']]);
    expect(read('until the internal temperature reaches 145 degrees F')).toEqual([[63, 'core']]);
    // Gas marks by the common table, from memory, confidence 0.99.
    for (const [mark, tempC] of [
      ['¼', 110],
      ['½', 120],
      ['1', 140],
      ['2', 150],
      ['3', 165],
      ['5', 190],
      ['6', 200],
      ['7', 220],
      ['8', 230],
      ['9', 240],
    ] as const) {
      expect(read(`gas mark ${mark}`)).toEqual([[tempC, 'place']]);
    }
    expect(read('gas mark 4')).toEqual([[180, 'place']]);
    expect(degreesIn('a 200 grados', false)).toMatchObject([{ tempC: 200, sense: 'place' }]);
  });
});

describe('ingredient lines', () => {
  it.each([
    ['1 lb 4 oz flank steak', 'flank steak', 567],
    ['2 (400 g) cans chopped tomatoes', 'chopped tomatoes', 800],
    ['600g/1lb 5oz beef chuck', 'beef chuck', 600],
    ['4 pork chops, 250 g each', 'pork chops', 1000],
    ['Pork shoulder – 2 kg', 'Pork shoulder', 2000],
    ['½ cup plus 2 tbsp olive oil', 'olive oil', 135],
    ['2 dientes de ajo picados', 'ajo', 10],
    ['El zumo de 2 limones', 'zumo de limon', 92],
  ])('reads “%s”', (line, name, grams) => {
    const read = readIngredientLine(line, 'us');
    expect(read?.name).toBe(name);
    expect(read?.grams).toBeCloseTo(grams, -1);
  });
});

describe('reading a recipe', () => {
  it('has a corpus of styles, two languages, and a quarter of it nasty', () => {
    expect(TEXTS.length).toBeGreaterThanOrEqual(40);
    expect(new Set(TEXTS.map(({ name }) => name)).size).toBe(TEXTS.length);
  });

  it.each(TEXTS.map((one) => [one.name, one] as const))('gets the chain of “%s”', (_name, one) => {
    expect(scoreOf(one).misses).toEqual([]);
  });

  it('counts what it gets wrong', () => {
    const [one] = TEXTS;
    if (!one) throw new Error('no texts');
    const wrong = {
      ...one,
      chain: [...one.chain.slice(1), { verb: 'thaw' as const, leastMin: 7 }],
    };
    const { scores, misses } = scoreOf(wrong);
    expect(misses.length).toBeGreaterThan(0);
    const total = (field: Field) => scores[field].of;
    expect(FIELDS.reduce((sum, field) => sum + total(field), 0)).toBeGreaterThan(10);
  });

  it('never throws and never loses a word, whatever is pasted', () => {
    const line = fc.oneof(
      fc.constantFrom(...TEXTS.flatMap(({ text }) => text.split('\n'))),
      fc.string({ maxLength: 60 }),
      fc.constantFrom(
        '<script>alert(1)</script>',
        '{"a":',
        '---',
        '# ',
        '½',
        '350°',
        '…',
        'Serves',
      ),
    );
    fc.assert(
      fc.property(
        fc.array(line, { maxLength: 14 }).map((all) => all.join('\n')),
        (text) => {
          if (text.trim() === '') {
            expect(() => readRecipe(text)).toThrow(RangeError);
            return;
          }
          const read = readRecipe(text);
          const kept = read.lines.map((one) => one.text).join('\n');
          if (/[<{[]/.test(text)) return;
          const words = (all: string) => all.match(/[\p{L}]{2,}/gu) ?? [];
          const there = new Set(words(kept));
          const lost = words(text).filter(
            (word) => !there.has(word) && !/^(?:step|paso)$/iu.test(word),
          );
          expect(lost).toEqual([]);
          expect(DishSchema.safeParse(draftDish(read).dish).success).toBe(true);
        },
      ),
      { numRuns: 150 },
    );
  });

  it('takes what is inside a page as text, and runs none of it', () => {
    const page =
      '<h1>Beans</h1><ul><li>300 g <b>beans</b><img src=x onerror=alert(1)></li></ul><script>steal()</script><p>Boil the beans for 4 minutes.</p>';
    const json = JSON.stringify(recipeJson(readRecipe(page)));
    expect(json).not.toMatch(/alert|steal|<b>|onerror/);
    expect(json).toMatch(/beans/);
  });

  it('makes a dish that can be put on a table and planned', () => {
    for (const one of TEXTS) {
      const { dish, own } = draftDish(readRecipe(one.text));
      const empty = emptyMeal('read', one.name, '2026-12-12T19:00', 'UTC', 'Kitchen');
      const meal = mealOf(
        { ...empty, dishes: [dish], pantry: { ingredients: own, cuts: [] } },
        at('2026-11-26T08:00'),
      );
      const made = plan(meal, meal.kitchen, at('2026-11-26T08:00'), { work: 100, rescues: false });
      expect(made.steps.length, one.name).toBe(dish.steps.length);
    }
  });

  it.each([
    ['Set aside half a cup for the glaze.', 118, 'glaze'],
    ['Reserve half for basting.', 150, 'baste'],
    ['Rub half of the marinade into the meat.', 150, 'sauce'],
    ['Pour two thirds of the marinade over it; the rest is brushed on later.', 100, 'baste'],
    ['Unta la carne con un tercio del adobo.', 200, 'sauce'],
  ])('“%s” keeps %d ml of 300 to %s', (sentence, ml, purpose) => {
    const kept = reserveIn([sentence])?.(300);
    expect(Number.parseInt(kept?.amount ?? '', 10)).toBeCloseTo(ml, -0.5);
    expect(kept?.purpose).toBe(purpose);
    const [[from, to] = [0, 0]] = reserveLit(sentence);
    expect(sentence.slice(from, to).length).toBeGreaterThan(8);
    expect(reserveIn(['Serve half of it at once.'])).toBeUndefined();
  });

  // Kitchen convention, °C, from memory, confidence 0.8: blue 46, rare 52, medium rare 56, medium 60,
  // medium well 66, well done 71.
  it.each([
    ['until blue', 46],
    ['until rare', 52],
    ['for medium-rare', 56],
    ['to medium', 60],
    ['until medium well', 66],
    ['until well done', 71],
  ])('grills beef %s as %d °C inside, and chicken by no such word', (words, coreC) => {
    const text = (meat: string) =>
      `Steak\n\n1 kg ${meat}\n\nGrill the meat 4 minutes a side ${words}.`;
    const [beef] = readRecipe(text('beef steak')).acts;
    expect(beef).toMatchObject({ verb: 'grill', untilC: coreC, guessed: true });
    expect(readRecipe(text('chicken breast')).acts[0]?.untilC).toBeUndefined();
  });

  it.each([
    'Sear the steak for 3 minutes over medium heat.',
    'Sear the steak, then turn the heat to medium and cook 4 minutes.',
    'Grill the steak for 4 minutes on medium-high.',
    'Roast the steak 10 minutes and save some for the blue cheese sauce.',
    'Asa la carne 10 minutos y rectifica al punto de sal.',
  ])('takes no heat and no cheese for doneness: “%s”', (method) => {
    const { acts } = readRecipe(`Steak\n\n1 kg beef steak\n\n${method}`);
    expect(acts.length).toBeGreaterThan(0);
    expect(acts.map(({ untilC }) => untilC).filter((coreC) => coreC !== undefined)).toEqual([]);
  });
});

describe('anything at all', () => {
  // No clock: what would be read in more than linear time would not end while the tests run.
  it.each([
    ['spaces', `Roast ${' '.repeat(100_000)} chicken`],
    ['open brackets', '['.repeat(100_000)],
    ['open links', '[a]('.repeat(25_000)],
    ['nested tags', `${'<div>'.repeat(20_000)}Roast for 20 minutes.`],
    ['fractions', '1/'.repeat(50_000)],
    ['commas', 'a, '.repeat(33_000)],
    ['lengths', '5 minutes '.repeat(10_000)],
    ['one word', 'a'.repeat(100_000)],
  ])('is read, or kept unread: %s', (_name, text) => {
    const { lines, acts } = readRecipe(text);
    expect(lines.length + acts.length).toBeGreaterThan(0);
  });
});
