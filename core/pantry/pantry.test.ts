import { describe, expect, it } from 'vitest';
import cuts from './cuts.json';
import { CUTS, CutFile, IngredientFile, INGREDIENTS } from './index.ts';
import ingredients from './ingredients.json';

/** Every [value, source] pair anywhere in a row. */
function sourcesIn(value: unknown): string[] {
  if (Array.isArray(value) && value.length === 2 && typeof value[1] === 'string') return [value[1]];
  if (Array.isArray(value)) return value.flatMap(sourcesIn);
  return typeof value === 'object' && value !== null ? Object.values(value).flatMap(sourcesIn) : [];
}

describe('the pantry', () => {
  it('names a source for every value', () => {
    const file = IngredientFile.parse(ingredients);
    for (const row of file.ingredients) {
      const sources = sourcesIn([row.values, row.countG ?? {}]);
      expect(sources.length).toBeGreaterThan(1);
      for (const source of sources) expect(Object.keys(file.sources)).toContain(source);
    }
    const cutFile = CutFile.parse(cuts);
    for (const row of cutFile.cuts) {
      for (const source of sourcesIn(row)) expect(Object.keys(cutFile.sources)).toContain(source);
    }
  });

  it('gives each its own id', () => {
    expect(INGREDIENTS.size).toBe(ingredients.ingredients.length);
    expect(CUTS.size).toBe(cuts.cuts.length);
  });

  // Weights of a US teaspoon by crystal, from memory of salt comparisons: dense coarse 4.8 g,
  // light flake 2.8 g, fine table 6 g.
  it.each([
    ['salt-coarse-dense', 4.8],
    ['salt-coarse-flake', 2.8],
    ['salt-fine-table', 6],
  ])('knows what a teaspoon of %s weighs', (id, grams) => {
    expect((INGREDIENTS.get(id)?.gPerMl ?? 0) * 4.92892).toBeCloseTo(grams, 1);
  });
});
