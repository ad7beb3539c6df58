import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { audit, plan } from '../plan/index.ts';
import { at } from '../test/meals.ts';
import { heat, hob, smallMeal, type Bits } from '../test/small-meal.ts';
import { mealOf, panFit, panMl, type Meal, type PanFit } from './index.ts';

const NOW = at('2026-11-01T08:00');

function searing(cut: string, weightG: number, food: Bits, panCm?: number): Meal {
  const kitchen =
    panCm === undefined
      ? {}
      : {
          vessels: [
            { id: 'pan', kind: 'pan', name: 'Pan', capacityMl: panMl(panCm), widthCm: panCm },
          ],
        };
  return mealOf(
    smallMeal('seared', { cut, weightG, food, kitchen, steps: [heat(63, hob(230), 'sear')] }),
    NOW,
  );
}

function fitOf(meal: Meal): PanFit | undefined {
  const [dish] = meal.dishes;
  const [step] = dish?.steps ?? [];
  return dish && step && panFit(meal, dish, step);
}

describe('pieces in a pan', () => {
  // A slab of 1,060 kg/m³ by hand: 900 g, 25 mm thick, is 340 cm², or 18.4 cm square.
  it('are cut when longer than it is wide, and go in rounds when they do not all lie in it', () => {
    expect(fitOf(searing('beef-flank', 900, {}, 32))).toMatchObject({ panCm: 32, rounds: 1 });
    const narrow = fitOf(searing('beef-flank', 1800, { thicknessMm: 20 }, 20));
    expect(narrow?.cutInto).toBeGreaterThan(1);
    const steaks = fitOf(searing('beef-steak', 1600, { inPieces: 6 }, 26));
    expect(steaks?.cutInto).toBe(1);
    expect(steaks?.rounds).toBeGreaterThan(1);
  });

  it('take a usual pan where the kitchen names none, and leave a thick joint whole', () => {
    expect(fitOf(searing('beef-steak', 300, {}))?.panCm).toBe(28);
    expect(fitOf(searing('beef-topside', 2500, {}))).toBeUndefined();
  });

  it('never cover more than the pan has, and all of them get their turn', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('beef-flank', 'beef-steak', 'chicken-breast', 'pork-tenderloin'),
        fc.integer({ min: 200, max: 4000 }),
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 16, max: 45 }),
        (cut, weightG, inPieces, panCm) => {
          const fit = fitOf(searing(cut, weightG, { inPieces }, panCm));
          if (!fit) return;
          expect(fit.rounds * fit.perRound).toBeGreaterThanOrEqual(inPieces * fit.cutInto);
          expect((fit.rounds - 1) * fit.perRound).toBeLessThan(inPieces * fit.cutInto);
          const wider = fitOf(searing(cut, weightG, { inPieces }, panCm + 6));
          expect(wider?.rounds).toBeLessThanOrEqual(fit.rounds);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('make the step so many times as long, and it says so', () => {
    const planOf = (meal: Meal) => plan(meal, meal.kitchen, NOW, { work: 200, rescues: false });
    const [few, many] = [2, 8].map((inPieces) => {
      const meal = searing('beef-steak', inPieces * 300, { inPieces }, 28);
      const made = planOf(meal);
      expect(audit(made, meal, meal.kitchen)).toEqual([]);
      return made.steps[0];
    });
    if (!few || !many) throw new Error('no step');
    const rounds = many.rounds ?? 1;
    expect(rounds).toBeGreaterThan(1);
    expect(many.endMin - many.startMin).toBeGreaterThan((few.endMin - few.startMin) * (rounds - 1));
    expect(many.notes[0]?.key).toBe('pan.rounds');
    expect(few.notes).toEqual([]);
  });
});
