import { describe, expect, it } from 'vitest';
import cuts from './cuts.json';
import {
  CUTS,
  CutFile,
  IngredientFile,
  INGREDIENTS,
  OwnCutSchema,
  OwnIngredientSchema,
  pantryOf,
  saltPctOfSodium,
  StandInFile,
  standInsFor,
} from './index.ts';
import ingredients from './ingredients.json';
import standIns from './stand-ins.json';

/** Every [value, source] pair anywhere in a row. */
function sourcesIn(value: unknown): string[] {
  if (Array.isArray(value) && value.length === 2 && typeof value[1] === 'string') return [value[1]];
  if (Array.isArray(value)) return value.flatMap(sourcesIn);
  return typeof value === 'object' && value !== null ? Object.values(value).flatMap(sourcesIn) : [];
}

/** Every number anywhere in a row that is not in a [value, source] pair. */
function unsourcedIn(value: unknown): number[] {
  if (typeof value === 'number') return [value];
  if (Array.isArray(value)) {
    if (value.length === 2 && typeof value[1] === 'string') return [];
    return value.flatMap(unsourcedIn);
  }
  return typeof value === 'object' && value !== null
    ? Object.values(value).flatMap(unsourcedIn)
    : [];
}

const file = IngredientFile.parse(ingredients);
const cutFile = CutFile.parse(cuts);
const ingredient = (id: string) => {
  const found = INGREDIENTS.get(id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};

describe('the pantry', () => {
  it('is large enough to cook from', () => {
    expect(INGREDIENTS.size).toBeGreaterThanOrEqual(150);
    expect(CUTS.size).toBeGreaterThanOrEqual(60);
  });

  it('names a source for every value', () => {
    for (const row of file.ingredients) {
      expect(unsourcedIn(row), row.id).toEqual([]);
      for (const source of sourcesIn({ ...row, holds: [] }))
        expect(Object.keys(file.sources)).toContain(source);
      const told = INGREDIENTS.get(row.id)?.sources ?? {};
      expect(Object.keys(told), row.id).toEqual(
        expect.arrayContaining(['sodiumMgPer100g', 'saltPct']),
      );
      for (const words of Object.values(told)) expect(words.length).toBeGreaterThan(10);
    }
    for (const row of cutFile.cuts) {
      expect(unsourcedIn(row), row.id).toEqual([]);
      for (const source of sourcesIn({ ...row, holds: [] }))
        expect(Object.keys(cutFile.sources)).toContain(source);
    }
  });

  it('gives each its own id', () => {
    expect(INGREDIENTS.size).toBe(ingredients.ingredients.length);
    expect(CUTS.size).toBe(cuts.cuts.length);
  });

  it('knows no brands: salt is told by its crystal', () => {
    const salts = [...INGREDIENTS.values()].filter(({ crystal }) => crystal);
    expect(salts.map(({ name }) => name)).toEqual(
      expect.arrayContaining([
        'salt, fine table',
        'salt, coarse flake',
        'salt, coarse dense',
        'salt, flaky sea',
      ]),
    );
  });

  // Weights of a US teaspoon by crystal, from memory of salt comparisons: dense coarse 4.8 g,
  // light flake 2.8 g, fine table 6 g, pickling 6.3 g.
  it.each([
    ['salt-coarse-dense', 4.8],
    ['salt-coarse-flake', 2.8],
    ['salt-fine-table', 6],
    ['salt-pickling', 6.4],
  ])('knows what a teaspoon of %s weighs', (id, grams) => {
    expect((ingredient(id).gPerMl ?? 0) * 4.92892).toBeCloseTo(grams, 1);
  });

  // Sodium per 100 g, from memory of food composition tables.
  it.each([
    ['soy-sauce', 5500],
    ['soy-sauce-reduced-salt', 3300],
    ['fish-sauce', 7850],
    ['mustard-dijon-style', 2300],
    ['stock-ready-made', 340],
    ['miso-paste', 3730],
  ])('knows the sodium of %s', (id, sodium) => {
    expect(ingredient(id).sodiumMgPer100g).toBe(sodium);
  });

  it('takes salt from sodium, but not where the sodium is no salt', () => {
    // 1 g of sodium is 2.542 g of salt (molar masses).
    expect(saltPctOfSodium(1000)).toBeCloseTo(2.542, 3);
    expect(ingredient('soy-sauce').saltPct).toBeCloseTo(13.98, 2);
    expect(ingredient('baking-soda').saltPct).toBe(0);
    expect(ingredient('salt-low-sodium').saltPct).toBe(50);
  });

  it('knows raw fruit that softens meat, and that cooking ends it', () => {
    for (const id of ['pineapple-raw', 'kiwi-raw', 'papaya-raw', 'fig-raw', 'ginger-grated'])
      expect(ingredient(id).enzyme).toBe('strong');
    for (const id of ['apple-grated', 'pear-grated', 'mango-raw'])
      expect(ingredient(id).enzyme).toBe('mild');
    expect(ingredient('pineapple-juice-canned').enzyme).toBe('none');
    expect(ingredient('ginger-ground').enzyme).toBe('none');
  });

  // pH from memory of food-science tables.
  it.each([
    ['lemon-juice', 2.3],
    ['wine-dry', 3.4],
    ['yoghurt-full-fat', 4.3],
    ['soy-sauce', 4.8],
    ['orange-juice', 3.7],
  ])('knows how sour %s is', (id, pH) => {
    expect(ingredient(id).acid?.pH).toBe(pH);
    expect(ingredient(id).sources.pH).toMatch(/from memory/);
  });
});

describe('what can stand in', () => {
  const names = (id: string) =>
    standInsFor(ingredient(id), pantryOf(undefined)).map(({ parts }) =>
      parts.map((part) => part.ingredient.id).join('+'),
    );

  it('is in the pantry, and has a source', () => {
    const { sources, standIns: rows } = StandInFile.parse(standIns);
    for (const row of rows) {
      for (const id of [row.for, ...row.with.map((part) => part.ingredient)])
        expect(INGREDIENTS.has(id), id).toBe(true);
      expect(sources).toHaveProperty(row.source);
      expect(row.with.map((part) => part.ingredient)).not.toContain(row.for);
    }
  });

  it('goes both ways for malt syrup and honey, and mixes two for bitter orange', () => {
    expect(names('malt-syrup')).toContain('honey');
    expect(names('honey')).toContain('malt-syrup');
    expect(names('bitter-orange-juice')).toContain('orange-juice+lime-juice');
  });

  it('takes any salt for any other, by the weight of the salt in it', () => {
    const half = standInsFor(ingredient('salt-coarse-flake'), pantryOf(undefined)).find(
      ({ parts }) => parts[0]?.ingredient.id === 'salt-low-sodium',
    );
    expect(half?.parts[0]?.gPerG).toBeCloseTo(2, 1);
    expect(names('salt-fine-table')).toHaveLength(7);
  });
});

describe('a pantry of one’s own', () => {
  const verjus = OwnIngredientSchema.parse({ id: 'green-grape', name: 'green grape juice' });
  const honey = OwnIngredientSchema.parse({ id: 'honey', name: 'heather honey', gPerMl: 1.44 });
  const neck = OwnCutSchema.parse({
    id: 'goat-neck',
    name: 'goat neck',
    animal: 'lamb',
    soaks: 'lamb',
    thicknessMm: 60,
    boneShare: 0.3,
    trimShare: 0.1,
    cookedShare: 0.6,
    rawPerAdultG: { low: 300, high: 400 },
  });

  it('adds to the built-in one, and wins over it', () => {
    const own = { ingredients: [verjus, honey], cuts: [neck] };
    const pantry = pantryOf(own);
    expect(pantry.ingredients.size).toBe(INGREDIENTS.size + 1);
    expect(pantry.ingredients.get('honey')).toMatchObject({ name: 'heather honey', own: true });
    // (1 − 0.3 − 0.1) × 0.6, by hand.
    expect(pantry.cuts.get('goat-neck')?.servedShare).toBeCloseTo(0.36, 9);
    expect(pantryOf(own)).toBe(pantry);
    expect(pantryOf(undefined).ingredients.get('honey')?.own).toBe(false);
  });

  it('refuses what cannot be', () => {
    expect(OwnIngredientSchema.safeParse({ id: 'x', name: '' }).success).toBe(false);
    expect(OwnIngredientSchema.safeParse({ id: 'x', name: 'x', gPerMl: 0 }).success).toBe(false);
    expect(OwnCutSchema.safeParse({ ...neck, boneShare: 0.9, trimShare: 0.2 }).success).toBe(false);
  });
});
