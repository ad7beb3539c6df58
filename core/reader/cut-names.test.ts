import { describe, expect, it } from 'vitest';
import { CUTS } from '../pantry/index.ts';
import { CUT_NAMES } from './cut-names.ts';
import { cutNamed } from './known-foods.ts';

describe('what recipes call a cut', () => {
  it('is the name of one in the pantry', () => {
    expect(Object.keys(CUT_NAMES).filter((id) => !CUTS.has(id))).toEqual([]);
  });

  it('is found again, every name of every cut', () => {
    const wrong = Object.entries(CUT_NAMES).flatMap(([id, names]) =>
      names.split('|').filter((name) => cutNamed(name)?.id !== id),
    );
    expect(wrong).toEqual([]);
  });

  it.each([
    ['1.2 kg bone-in chicken thighs, skin on', 'chicken-thigh-bone-in'],
    ['3 lb chuck roast, cut in 1-inch cubes', 'beef-chuck-roast'],
    ['4 lomos de merluza', 'white-fish-fillet'],
    ['2 costillares de cerdo', 'pork-spare-ribs'],
    ['a smoked ham hock', 'ham-hock'],
    ['mejillones frescos', 'mussels'],
  ])('is found in “%s”', (line, id) => {
    expect(cutNamed(line)?.id).toBe(id);
  });

  it.each([
    'chicken stock',
    'fish sauce',
    'beef dripping',
    'hueso de jamón',
    'burger buns',
    'shrimp paste',
  ])('and not in what is only made of it: “%s”', (line) => {
    expect(cutNamed(line)).toBeUndefined();
  });
});
