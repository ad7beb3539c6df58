import { describe, expect, it } from 'vitest';
import { CHILD_PORTION, PORTIONS, shareOfPlate } from '../meal/index.ts';
import { supper } from '../test/meals.ts';
import minutes from '../test/published-minutes.json';
import published from '../test/published-ingredients.json';
import { thicknessMmOf } from '../heat/index.ts';
import {
  cutFromOwn,
  CUTS,
  INGREDIENTS,
  OwnCutSchema,
  OwnPantrySchema,
  pantryOf,
  standInsFor,
} from './index.ts';

describe('what the pantry says', () => {
  it.each(published.rows)('is what the tables say of $id', ({ id, ...values }) => {
    const found = INGREDIENTS.get(id);
    expect(found).toMatchObject(values);
  });

  // Minutes in water and in steam, water for rice, raw grams for an adult: kitchen convention, from
  // memory, the confidence of each block beside it (0.7 and 0.75).
  it('cooks and portions as the tables do', () => {
    const of = (id: string) => {
      const cut = CUTS.get(id);
      if (!cut) throw new Error(id);
      return cut;
    };
    const spans = (block: object) =>
      Object.entries(block).filter((row): row is [string, [number, number]] =>
        Array.isArray(row[1]),
      );
    for (const key of ['boilMin', 'steamMin', 'restMin'] as const) {
      for (const [id, [least, most]] of spans(minutes[key])) {
        expect(of(id)[key], `${id} ${key}`).toEqual({ least, most });
      }
    }
    for (const [id, [low, high]] of spans(minutes.rawPerAdultG)) {
      expect(of(id).rawPerAdultG, id).toEqual({ low, high });
    }
    for (const key of ['waterShare', 'waterCups'] as const) {
      const { confidence: _sure, ...shares } = minutes[key];
      for (const [id, share] of Object.entries(shares)) expect(of(id)[key], id).toBe(share);
    }
  });

  // The same table, confidence 0.7: a child half, a teenager 1.2, a big eater 1.3, 0.7 of each among many.
  it('counts children, appetites and company as kitchens do', () => {
    expect(PORTIONS[0]).toBe(CHILD_PORTION);
    expect(CHILD_PORTION).toBe(0.5);
    expect(PORTIONS.some((portion) => portion >= 1.2 && portion <= 1.3)).toBe(true);
    const meal = supper();
    const [dish] = meal.dishes;
    if (!dish) throw new Error('no dish');
    expect(shareOfPlate({ dishes: [dish, { ...dish, id: 'other' }] }, dish)).toBe(0.7);
  });

  it('holds what it holds: wheat, milk, soy and egg in what is no animal, too', () => {
    expect(CUTS.get('pasta-fresh')?.holds).toEqual(['egg', 'gluten']);
    expect(CUTS.get('tofu-firm')?.holds).toEqual(['soy']);
    expect(CUTS.get('pressed-cheese-grilling')?.holds).toEqual(['dairy']);
    expect(CUTS.get('flour-for-flatbread')?.holds).toEqual(['gluten']);
    expect(CUTS.get('pork-belly')?.holds).toEqual(['meat', 'pork']);
  });

  it('keeps of a built-in cut what the cook’s own in its place does not say', () => {
    const own = (id: string, more: object = {}) =>
      OwnPantrySchema.parse({
        cuts: [{ id, name: 'Mine', animal: 'none', soaks: 'tofu', thicknessMm: 30, ...more }].map(
          (cut) => ({ rawPerAdultG: { low: 100, high: 150 }, ...cut }),
        ),
      });
    const mine = pantryOf(own('tofu-firm', { shape: CUTS.get('tofu-firm')?.shape })).cuts.get(
      'tofu-firm',
    );
    expect(mine).toMatchObject({ name: 'Mine', thicknessMm: 30, holds: ['soy'], own: true });
    expect(mine?.composition).toEqual(CUTS.get('tofu-firm')?.composition);
    const without = pantryOf(own('tofu-firm', { shape: mine?.shape, holds: [] })).cuts.get(
      'tofu-firm',
    );
    expect(without?.holds).toEqual([]);
    // A thickness of one’s own is the thickness, also of a joint with a form.
    const loin = (thicknessMm: number) =>
      cutFromOwn(
        OwnCutSchema.parse({
          id: 'pork-loin-boneless',
          name: 'Mine',
          animal: 'pork',
          soaks: 'pork-tender',
          shape: CUTS.get('pork-loin-boneless')?.shape,
          thicknessMm,
          rawPerAdultG: { low: 100, high: 150 },
        }),
        CUTS.get('pork-loin-boneless'),
      );
    const usual = CUTS.get('pork-loin-boneless')?.thicknessMm ?? NaN;
    expect(loin(usual).sizedAs).toBe('pork-loin-boneless');
    expect(thicknessMmOf({ cut: loin(usual - 20), weightG: 2000 })).toBeCloseTo(usual - 20, 3);
    expect(pantryOf(own('seitan')).cuts.get('seitan')?.targets).toEqual([]);
  });

  // US butter comes in sticks, by definition 113.4 g.
  it('counts butter in sticks', () => {
    for (const id of ['butter-salted', 'butter-unsalted']) {
      expect(INGREDIENTS.get(id)?.countG?.stick, id).toBeCloseTo(113.4, 1);
    }
  });

  // Grams of a US teaspoon by crystal, kitchen comparisons, from memory, confidence 0.7 and more.
  it.each([
    ['salt-fine-table', 1.22, 6],
    ['salt-fine-sea', 1.15, 5.6],
    ['salt-pickling', 1.3, 6.3],
    ['salt-coarse-flake', 0.57, 2.8],
    ['salt-coarse-dense', 0.98, 4.8],
    ['salt-curing', 1.2, 6],
  ])('weighs %s as its crystal does', (id, gPerMl, teaspoonG) => {
    const salt = INGREDIENTS.get(id);
    expect(salt?.gPerMl).toBeCloseTo(gPerMl, 1);
    expect(4.92892 * (salt?.gPerMl ?? 0)).toBeCloseTo(teaspoonG, 0);
  });

  // Yeast by weight: fresh 1, active dry 0.4, instant 0.33; kitchen convention, from memory, confidence 0.7.
  it('takes a third of instant yeast for fresh, and back', () => {
    const of = (one: string, other: string) => {
      const wanted = INGREDIENTS.get(one);
      const found = wanted && standInsFor(wanted, pantryOf(undefined));
      return found?.flatMap(({ parts }) => parts).find(({ ingredient }) => ingredient.id === other)
        ?.gPerG;
    };
    expect(of('fresh-yeast', 'active-dry-yeast')).toBeCloseTo(0.4, 6);
    expect(of('active-dry-yeast', 'fresh-yeast')).toBeCloseTo(1 / 0.4, 6);
    expect(of('active-dry-yeast', 'instant-yeast')).toBeCloseTo(0.33 / 0.4, 6);
    expect(of('fresh-yeast', 'instant-yeast')).toBeCloseTo(0.33, 2);
    expect(of('instant-yeast', 'fresh-yeast')).toBeCloseTo(1 / 0.33, 0);
  });
});
