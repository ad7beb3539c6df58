import { expect, it } from 'vitest';
import { draftDish, readRecipe } from './index.ts';

const cookers = (method: string) =>
  draftDish(readRecipe(`Fillet\n\n1 kg beef fillet\n\n${method}`)).dish.steps.flatMap(({ time }) =>
    time.kind === 'heat' ? [time.cooker] : [],
  );

it.each([
  'Sear 2 minutes a side in a hot pan. Transfer the pan to the oven and roast at 200 °C to 54 °C.',
  'Brown 2 minutes a side, then slide the skillet into a 200 °C oven until the middle reads 52 °C.',
  'Brown for 4 minutes and finish in the oven at 180 °C in the same pan to 58 °C.',
])('it goes on in the metal that browned it: %s', (method) => {
  expect(cookers(method)).toEqual(['pan-in-oven']);
});

it.each([
  'Brown 2 minutes a side. Roast at 200 °C on a tray until 52 °C.',
  'Transfer to the oven at 180 °C and roast to 58 °C.',
])('on a tray it does not: %s', (method) => {
  expect(cookers(method)).toEqual([undefined]);
});
