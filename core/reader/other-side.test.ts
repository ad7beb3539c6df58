import { describe, expect, it } from 'vitest';
import { readRecipe } from './index.ts';

const actsOf = (method: string, food = '1 kg beef sirloin') =>
  readRecipe(`Test dish\n\nIngredients\n${food}\n\nMethod\n${method}\n`).acts;

describe('a stage of its own', () => {
  it.each([
    'Grill 3 minutes per side, then move to the cooler side for 4 min, or until 54 °C inside.',
    'Grill for 6 minutes. Move to the cool side for 4 minutes or until 54 °C.',
  ])('is on the other side of the fire, and its core is its own: “%s”', (method) => {
    expect(actsOf(method)).toMatchObject([
      { verb: 'grill', likelyMin: 6, place: 'grill', untilC: undefined },
      { verb: 'grill', likelyMin: 4, place: 'grill', untilC: 54 },
    ]);
  });

  it.each([
    'Roast for 2 hours at 150 °C. Raise to 230 °C for the last 15 minutes to crackle the skin.',
    'Asa 2 horas a 150 °C. Sube a 230 °C los últimos 15 minutos.',
    'Roast for 2 hours at 150 °C. For the last 15 minutes, raise the oven to 230 °C.',
    'Asa 2 horas a 150 °C. Los últimos 15 minutos, sube a 230 °C.',
    'Asa 2 horas a 150 °C. En los últimos 15 minutos sube la temperatura a 230 °C.',
  ])('is the last of it at another heat: “%s”', (method) => {
    expect(actsOf(method)).toMatchObject([
      { verb: 'roast', likelyMin: 120, tempC: 150 },
      { verb: 'roast', likelyMin: 15, tempC: 230 },
    ]);
  });

  it.each([
    [
      'Smoke at 110 °C for 3 hours. Unwrap and smoke a final hour.',
      { verb: 'smoke', likelyMin: 60 },
    ],
    ['Bake at 190 °C for 15 min. Warm the cream to 60 °C.', { verb: 'simmer', place: 'hob' }],
    [
      'Braise in a 160 °C oven for 3 hours. Reheat gently on the hob for 25 minutes.',
      { verb: 'simmer', place: 'hob', likelyMin: 25, tempC: undefined },
    ],
    [
      'Bake at 200 °C for 12 min. They can sit, closed, for 3 minutes.',
      { verb: 'rest', likelyMin: 3 },
    ],
  ])('does not go by what cooked before: “%s”', (method, wanted) => {
    expect(actsOf(method).at(-1)).toMatchObject(wanted);
  });

  it('a word for done does not take the place of minutes by weight', () => {
    const [roast, more] = actsOf(
      'Roast at 160 °C for 15 minutes per 500 g for medium rare. It is ready when the middle reads 52 °C.',
    );
    expect(roast).toMatchObject({ verb: 'roast', untilC: 52 });
    expect(more).toBeUndefined();
  });

  it('a box is no side: “cooler” alone still is one', () => {
    expect(actsOf('Rest in a cooler for 2 hours.')).toMatchObject([{ verb: 'rest', place: 'box' }]);
  });

  it.each([
    ['Raise to 200 °C and give it 20 minutes to colour.', 200, 20],
    ['Drop to 120 °C and give it an hour.', 120, 60],
  ])('goes on in the heat it was set to: “%s”', (more, tempC, likelyMin) => {
    expect(actsOf(`Roast at 150 °C for 2 hours. ${more}`).at(-1)).toMatchObject({
      verb: 'roast',
      tempC,
      likelyMin,
    });
  });

  it('covered and put into the oven from its simmer, it is braised there', () => {
    const method = 'Bring the pork to a simmer, cover and put in the oven at 150 °C for 3 hours.';
    expect(actsOf(method).at(-1)).toMatchObject({ verb: 'braise', likelyMin: 180, tempC: 150 });
  });
});
