import { expect, it } from 'vitest';
import { draftDish, readRecipe } from './index.ts';

const isFrozenBefore = (line: string) =>
  draftDish(readRecipe(`Plate\n\nIngredients\n${line}\n\nMethod\nServe.\n`), new Set()).dish
    .foods[0]?.frozenBefore ?? false;

it.each([
  ['600 g sea bass, frozen and thawed', true],
  ['600 g sea bass, previously frozen', true],
  ['500 g cod that has been frozen', true],
  ['600 g de lubina descongelada', true],
  ['1 kg salmon fillet, not previously frozen', false],
  ['1 kg salmon fillet, never frozen', false],
  ['600 g de lubina que no haya sido congelada', false],
  ['1 kg de lomo de cerdo descongelado', false],
  ['1 kg pork loin, frozen and thawed', false],
])('only fish that was frozen hard is free of parasites: %s', (line, frozen) =>
  expect(isFrozenBefore(line)).toBe(frozen),
);
