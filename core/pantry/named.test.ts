import { describe, expect, it } from 'vitest';
import { animalNamed } from './named.ts';
import { isPlantNamed } from './plants-named.ts';

describe('what a food’s name alone says', () => {
  // Common practice, no source. Written before they were asked.
  it.each([
    ['lamb koftas', 'lamb', true],
    ['kebabs', 'lamb', true],
    ['tuna steaks', 'fish', false],
    ['chicken and bean burgers', 'poultry', true],
    ['spare ribs', 'pork', false],
    ['partridge', 'poultry', false],
    ['pot roast', 'beef', false],
  ] as const)('%s: %s', (name, animal, minced) =>
    expect(animalNamed(name)).toMatchObject({ animal, minced }),
  );

  it.each([
    'roast potatoes',
    'nut roast',
    'mushroom burgers',
    'vegetable kebabs',
    'celery ribs',
    'crab apples',
    'oyster mushrooms',
    'zanahorias',
  ])('no animal: %s', (name) => {
    expect(animalNamed(name)).toBeUndefined();
    expect(isPlantNamed(name)).toBe(true);
  });

  it.each(['the good stuff', 'Sunday surprise'])(
    'nothing, so that the cook is asked: %s',
    (name) => {
      expect(animalNamed(name)).toBeUndefined();
      expect(isPlantNamed(name)).toBe(false);
    },
  );
});
