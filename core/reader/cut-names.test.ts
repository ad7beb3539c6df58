import { describe, expect, it } from 'vitest';
import { CUTS } from '../pantry/index.ts';
import { CUT_NAMES } from './cut-names.ts';
import { readRecipe } from './index.ts';
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

describe('the cut of an ingredient', () => {
  it.each([
    // Raw all through, whatever it is called besides.
    ['4 beef burgers', 'beef-mince'],
    ['500 g steak mince', 'beef-mince'],
    ['600 g minced lamb', 'lamb-mince'],
    ['500 g pork shoulder, minced', 'pork-mince'],
    ['4 hamburguesas de ternera', 'beef-mince'],
    ['8 pork sausages', 'pork-sausage-mince'],
    ['4 lamb burgers', 'lamb-mince'],
    ['6 lamb sausages', 'lamb-mince'],
    ['8 chicken sausages', 'chicken-mince'],
    ['4 salchichas de pollo', 'chicken-mince'],
    ['4 hamburguesas de cerdo', 'pork-mince'],
    ['500 g pork and beef mince', 'pork-mince'],
    ['4 chicken breasts, with 1 tsp ground cumin', 'chicken-breast'],
    // With its bone or without, as the line says.
    ['1 boned and rolled shoulder of lamb, 1.8 kg', 'lamb-shoulder-boneless'],
    ['8 chicken thighs, skin on, bone in', 'chicken-thigh-bone-in'],
    ['500 g raw king prawns, peeled', 'prawns-peeled'],
    // Of the animal it names.
    ['4 turkey steaks', 'turkey-breast'],
    ['4 goose steaks', 'goose-whole'],
    ['4 swordfish steaks', 'tuna-steak'],
    ['4 cauliflower steaks', 'cauliflower'],
    // What it is counted in belongs to it.
    ['2 racks of lamb', 'lamb-rack'],
    ['200 g cooked chicken', 'cooked-poultry'],
    // Cooked in its tin, or no meat at all.
    ['2 tins kidney beans', undefined],
    ['400 g can kidney beans', undefined],
    ['4 steaks, as thick as you can get', 'beef-steak'],
    ['4 veggie burgers', undefined],
    ['12 quail eggs', undefined],
    ['300 g smoked salmon', undefined],
  ])('“%s”', (line, id) => {
    expect(readRecipe(`Dish\n${line}\n\nFry for 10 minutes.`).ingredients[0]?.cut).toBe(id);
  });
});
