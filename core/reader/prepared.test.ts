import { describe, expect, it } from 'vitest';
import { draftDish, readRecipe } from './index.ts';

const prepared = (line: string, method: string) =>
  draftDish(readRecipe(`Dish\n\n${line}\n\n${method}`)).dish.foods.find(
    (food) => food.prepared !== undefined,
  )?.prepared;

describe('how a bird is made ready, by its recipe', () => {
  it.each([
    ['1 chicken, 1.6 kg', 'Spatchcock the chicken. Roast at 220 °C for 45 minutes.'],
    ['1 chicken (1.7 kg), backbone removed', 'Grill skin up for 50 minutes at 180 °C.'],
    [
      '1 chicken, 1.7 kg',
      'Flatten the chicken: cut down both sides of the spine. Grill 45 minutes.',
    ],
    ['2 chickens, 1.5 kg each', 'Split the birds down the back, open them flat. Grill 45 minutes.'],
    ['1 butterflied turkey, 5 kg', 'Roast at 220 °C for 80 minutes.'],
    ['1 pollo', 'Quita el espinazo y aplasta el pollo. Al horno a 200 °C 50 minutos.'],
    ['2 picantones de 450 g', 'Ábrelos por la espalda y aplánalos. A la parrilla 30 minutos.'],
  ])('%s: %s — pressed flat', (line, method) => {
    expect(prepared(line, method)).toBe('flattened');
  });

  it.each([
    ['1 duck, 2.3 kg\n300 g cooked rice', 'Fill the duck with the rice. Roast 2 hours at 180 °C.'],
    ['1 chicken, 1.8 kg', 'Spoon the rice into the cavity. Roast 1 hour 40 at 180 °C.'],
    ['1 turkey (7 kg)', 'Pack the stuffing loosely into the bird. Roast at 165 °C for 4 hours.'],
    ['1 stuffed chicken, 2 kg', 'Roast for 2 hours at 180 °C.'],
    ['1 turkey, 5 kg', 'Stuff the turkey just before it goes in. Roast at 165 °C for 3 1/2 hours.'],
    ['1 pavo de 6 kg', 'Introduce el relleno en el pavo. Asar a 165 °C 4 horas.'],
    ['1 pollo de 1,8 kg', 'Rellénalo con el arroz. Al horno a 180 °C una hora y 50 minutos.'],
  ])('%s: %s — stuffed', (line, method) => {
    expect(prepared(line, method)).toBe('stuffed');
  });

  it.each([
    // A lemon lets the air in.
    ['1 chicken, 1.8 kg', 'Stuff it with a halved lemon and thyme. Roast 80 minutes at 190 °C.'],
    [
      '1 turkey, 5 kg',
      'Bake the stuffing in a dish alongside. Roast the turkey 3 hours at 165 °C.',
    ],
    ['1 turkey, 5.5 kg', 'Do not stuff the bird; roast it at 165 °C for 3 hours 15 minutes.'],
    ['1 chicken', 'Serve with sage and onion stuffing. Roast at 190 °C for 75 minutes.'],
    ['1 chicken, 1.6 kg', 'Roast for 75 minutes at 190 °C. Cut out the backbone and carve.'],
    // No whole bird: its thickness is its own.
    ['4 chicken breasts', 'Stuff the breasts with the cheese mixture. Bake 25 minutes at 200 °C.'],
  ])('%s: %s — as it comes', (line, method) => {
    expect(prepared(line, method)).toBeUndefined();
  });
});
