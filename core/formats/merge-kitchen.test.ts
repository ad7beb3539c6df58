import { describe, expect, it } from 'vitest';
import { supper } from '../test/meals.ts';
import { applyCommand, copyDish, takenIds, type Kitchen } from '../meal/index.ts';
import { kitchenChanges, mergedKitchen, printDish, readBundle } from './index.ts';

const mine: Kitchen = supper().kitchen;
const theirs: Kitchen = {
  ...mine,
  name: 'Bothy',
  appliances: [
    ...mine.appliances.slice(1),
    { id: mine.appliances[0]?.id ?? 'a', kind: 'grill', name: 'Kettle on legs', fits: 4 },
  ],
  vessels: mine.vessels.map((vessel, i) =>
    i === 0 ? { ...vessel, capacityMl: vessel.capacityMl + 1000 } : vessel,
  ),
};

describe('another kitchen coming in', () => {
  it('is told by what is new, what is other, and what only this one has', () => {
    expect(kitchenChanges(mine, mine)).toEqual([]);
    const changes = kitchenChanges(mine, theirs);
    expect(changes.map(({ of }) => of)).toEqual(['appliances', 'vessels']);
    expect(changes[0]).toMatchObject({
      added: ['Kettle on legs'],
      onlyHere: [mine.appliances[0]?.name],
    });
    expect(changes[1]?.differs).toEqual([mine.vessels[0]?.name]);
  });

  it('tells other days apart and what is set for all of it, and loses no hours', () => {
    const asleep = { kind: 'asleep' as const, from: '23:00', to: '07:00', days: [1, 2, 3, 4, 5] };
    const here: Kitchen = { ...mine, hours: [asleep] };
    const other: Kitchen = { ...here, altitudeM: 1800, hours: [{ ...asleep, days: [6, 7] }] };
    const changes = kitchenChanges(here, other);
    expect(changes.map(({ of }) => of)).toEqual(['hours', 'settings']);
    expect(changes[1]?.differs).toEqual(['altitudeM']);
    expect(mergedKitchen(here, other, 'keepBoth').hours).toHaveLength(2);
    expect(mergedKitchen(here, other, 'keepBoth').altitudeM).toBe(mine.altitudeM);
  });

  it('adds without taking anything away, and every id stays its own', () => {
    const both = mergedKitchen(mine, theirs, 'keepBoth');
    expect(both.name).toBe(mine.name);
    expect(both.appliances.slice(0, mine.appliances.length)).toEqual(mine.appliances);
    expect(both.appliances.map(({ name }) => name)).toContain('Kettle on legs');
    const ids = both.appliances.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(kitchenChanges(both, theirs).flatMap(({ added }) => added)).toEqual([]);
    expect(mergedKitchen(both, theirs, 'keepBoth')).toEqual(both);
    expect(mergedKitchen(mine, theirs, 'replace')).toEqual(theirs);
  });
});

describe('a dish coming in', () => {
  it('brings the ingredients and the cuts of its own cook', () => {
    const cut = {
      id: 'own-brawn',
      name: 'brawn',
      animal: 'pork' as const,
      soaks: 'pork-tough' as const,
      shape: 'slab' as const,
      thicknessMm: 40,
      boneShare: 0,
      trimShare: 0,
      cookedShare: 0.8,
      rawPerAdultG: { low: 150, high: 200 },
    };
    const base = supper();
    const [dish] = base.dishes;
    if (!dish) throw new Error('no dish');
    const given = applyCommand(applyCommand(base, { do: 'ownCut', cut }), {
      do: 'editFood',
      dish: dish.id,
      food: dish.foods[0]?.id ?? '',
      change: { cut: cut.id },
    });
    const [changed] = given.dishes;
    const file = changed && printDish(given, changed);
    const bundle = readBundle(file ?? '', 29_000_000);
    if (bundle.kind !== 'dish') throw new Error(bundle.kind);
    const made = copyDish(bundle.dish, takenIds(base));
    const { ingredients, cuts } = bundle.own;
    const taken = applyCommand(base, { do: 'putDish', dish: made, own: ingredients, cuts });
    expect(taken.pantry?.cuts.map(({ id }) => id)).toContain('own-brawn');
  });
});
