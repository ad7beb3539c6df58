import { describe, expect, it } from 'vitest';
import { readRecipe } from './index.ts';

const read = (method: string) => readRecipe(`1 kg beef shin\n\n${method}`);
/** What lasts or is set, in a line each: the verb, its minutes, where. */
const said = (method: string) =>
  read(method)
    .acts.filter(({ likelyMin, mostMin, tempC }) => (likelyMin ?? mostMin ?? tempC) !== undefined)
    .map(({ verb, likelyMin, mostMin, place }) => `${verb} ${likelyMin ?? mostMin} ${place}`);

describe('a turn of speech', () => {
  it.each([
    // A fire that is named last belongs to what is done last.
    [
      'Braise for 2 hours. Reheat gently for 30 minutes and glaze under the grill for 5.',
      ['braise 120 hob', 'simmer 30 hob', 'glaze 5 grill'],
    ],
    // Boxes and bags keep warm; they cool nothing.
    [
      'Roast for 90 minutes at 180 °C. Let it stand, wrapped, in a dry cool box for 1 hour.',
      ['roast 90 oven', 'rest 60 box'],
    ],
    ['Boil for 25 minutes. Wait 10 minutes before carving.', ['boil 25 hob', 'rest 10 board']],
    // In its liquid, off the heat.
    [
      'Simmer very gently for 25 minutes. Leave it in its liquid for 30 minutes.',
      ['simmer 25 hob', 'rest 30 board'],
    ],
    [
      'Fry the onions for 10 minutes, lower the heat until it barely blips and leave it for 3 hours.',
      ['fry 10 hob', 'simmer 180 hob'],
    ],
    [
      'Simmer 20 minutes. Keep warm over the lowest heat for up to half an hour.',
      ['simmer 20 hob', 'hold 30 hob'],
    ],
    // Marinated and kept in the cold is one night, not two.
    [
      'Adoba la carne la víspera y guárdala en la nevera. Asa 2 horas a 150 ºC.',
      ['marinate 600 fridge', 'roast 120 oven'],
    ],
    ['Pon la carne en una sartén y cocina a fuego bajo 12 minutos.', ['fry 12 hob']],
    ['Congela la carne dos días.', ['chill 2880 freezer']],
    [
      'Half an hour before grilling, take them out. Grill for 8 minutes.',
      ['temper 30 counter', 'grill 8 grill'],
    ],
    [
      'Roast 35 minutes at 190 °C. Fry the onion 10 minutes, add the meat and cook 8 minutes more.',
      ['roast 35 oven', 'fry 10 hob', 'fry 8 hob'],
    ],
    ['Asa 35 minutos a 190 °C. Que repose 10 minutos.', ['roast 35 oven', 'rest 10 board']],
    ['Sear 2 min/side.', ['sear 4 hob']],
    ['Marca la carne minuto y medio por cara.', ['sear 3 hob']],
    ['Sear 4 minutes. Reposa tapado 20 minutillos.', ['sear 4 hob', 'rest 20 board']],
    ['Dry-fry for 5 minutes, shaking.', ['fry 5 hob']],
    // Counted from its end: no step of its own.
    ['Cuece a fuego lento 2 horas. A falta de 30 minutos, agrega las patatas.', ['simmer 120 hob']],
    [
      'Light the smoker and hold it at 110 °C. Smoke for 5 hours.',
      ['light undefined smoker', 'smoke 300 smoker'],
    ],
  ])('“%s”', (method, steps) => {
    expect(said(method)).toEqual(steps);
  });
});

describe('what is no step of this evening', () => {
  it.each([
    'Simmer for 2 hours, or in a pressure cooker 50 minutes.',
    'Simmer for 2 hours, then foil them for two.',
    'Simmer for 2 hours. Mejor de un día para otro.',
  ])('stands marked in the text: “%s”', (method) => {
    const { acts, unread } = read(method);
    expect(acts.filter(({ likelyMin }) => likelyMin !== undefined && likelyMin !== 120)).toEqual(
      [],
    );
    expect(unread.length).toBeGreaterThan(0);
  });
});
