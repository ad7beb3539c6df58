import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import {
  cueOf,
  cueToBegin,
  CUTS,
  parseMeal,
  patternDish,
  PATTERNS,
  type Cue,
  type Meal,
  type Prepared,
} from '../index.ts';

const NOW = Date.parse('2026-11-25T09:00:00+01:00') / 60_000;
const table: Meal = parseMeal(
  readFileSync(new URL('../../demo/first-frost-supper.json', import.meta.url), 'utf8'),
  NOW,
);

/** The cue of every step of a meal that has one, by its label. */
function cuesOf(meal: Meal): Record<string, Cue> {
  return Object.fromEntries(
    meal.dishes.flatMap((dish) =>
      dish.steps.flatMap((step) => {
        const cue = cueOf(meal, dish, step);
        return cue ? [[step.label, cue] as const] : [];
      }),
    ),
  );
}

/** Of a dish out of the pattern book, on the supper's table. */
function ofPattern(id: string): Record<string, Cue> {
  const pattern = PATTERNS.find((one) => one.id === id) ?? expect.fail(`no pattern ${id}`);
  return cuesOf({ ...table, dishes: [patternDish(pattern, {}, new Set())] });
}

/** The lamb's smoking, with another cut in its place. */
function probeOf(cut: string, weighedG: number, prepared?: Prepared): Cue | undefined {
  if (!CUTS.has(cut)) return expect.fail(`no cut ${cut}`);
  const dishes = table.dishes.map((dish) => ({
    ...dish,
    foods: dish.foods.map((food) =>
      food.id === 'lamb-shoulder' ? { ...food, cut, weighedG, prepared } : food,
    ),
  }));
  return cuesOf({ ...table, dishes }).Smoke;
}

describe('where a probe goes', () => {
  it('is the thigh of a bird, behind the head of a fish, the side of what is flat', () => {
    expect(probeOf('chicken-whole', 1800)).toMatchObject({ kind: 'probe', shape: 'bird' });
    expect(probeOf('turkey-whole', 5000, 'stuffed')).toMatchObject({ shape: 'stuffedBird' });
    expect(probeOf('chicken-whole', 1500, 'flattened')).toMatchObject({ shape: 'bird' });
    expect(probeOf('fish-whole', 900)).toMatchObject({ kind: 'probe', shape: 'fish' });
    expect(probeOf('beef-flank', 800)).toMatchObject({ shape: 'slab', bone: false });
    expect(probeOf('pork-chop-bone-in', 250)).toMatchObject({ shape: 'slab', bone: true });
    expect(probeOf('turkey-breast-bone-in', 3000)).toMatchObject({ shape: 'joint', bone: true });
    expect(probeOf('pork-loin-boneless', 1500)).toMatchObject({ shape: 'joint', bone: false });
  });
});

describe('how one sees that it is done', () => {
  it('is the smoke before the food goes over it, and when the food goes on', () => {
    expect(cuesOf(table)['Light the smoker']).toEqual({ kind: 'smoke' });
    const smoke = table.dishes.flatMap(({ steps }) => steps).find(({ id }) => id === 'lamb-smoke');
    expect(smoke && cueToBegin(smoke)).toEqual({ kind: 'smoke' });
  });

  it('is a level only where something lies in a liquid, in mm only for a piece of meat', () => {
    expect(cuesOf(table)['Dry salt']).toBeUndefined();
    expect(cuesOf(table).Pickle).toEqual({ kind: 'covers' });
    // A brisket of some 67 mm, and a finger's width of 15 over it.
    expect(ofPattern('cured-brisket')['In the brine']).toEqual({ kind: 'covers', levelMm: 82 });
  });

  it('is the colour of the sugar, but not of what is browned in it', () => {
    const stew = ofPattern('browned-stew');
    expect(stew['Sugar to amber']).toEqual({ kind: 'sugar' });
    expect(stew['Brown the pieces, in three rounds']).toEqual({ kind: 'release' });
  });

  it('is twice the height, of dough and of the starter before it', () => {
    const loaf = ofPattern('sourdough-loaf');
    expect([loaf.Ripen, loaf.Rise]).toEqual([
      { kind: 'dough', times: 2 },
      { kind: 'dough', times: 2 },
    ]);
  });

  it('is half the height, by the pan the sauce is in', () => {
    expect(ofPattern('reduction')['Reduce by half']).toMatchObject({ kind: 'reduce', toMm: 13 });
  });
});
