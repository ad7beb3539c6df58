import { describe, expect, it } from 'vitest';
import published from '../test/published-ingredients.json';
import { CUTS, INGREDIENTS } from './index.ts';

describe('what the pantry says', () => {
  it.each(published.rows)('is what the tables say of $id', ({ id, ...values }) => {
    const found = INGREDIENTS.get(id);
    expect(found).toMatchObject(values);
  });

  // Raw grams for an adult, kitchen convention; turkey a pound to a pound and a half, USDA; from
  // memory, confidence 0.7.
  it.each([
    ['chicken-whole', 400, 500],
    ['turkey-whole', 450, 680],
    ['duck-whole', 600, 800],
    ['beef-brisket', 350, 450],
    ['lamb-leg-bone-in', 330, 420],
    ['salmon-fillet', 150, 200],
    ['beef-mince', 120, 180],
    ['rice-dry', 60, 90],
    ['potatoes', 180, 250],
  ])('plans the usual portion of %s', (id, least, most) => {
    const raw = CUTS.get(id)?.rawPerAdultG;
    expect(raw?.low, id).toBeGreaterThanOrEqual(least * 0.85);
    expect(raw?.high, id).toBeLessThanOrEqual(most * 1.15);
  });
});
