import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  applyCommand,
  audit,
  avoidConflicts,
  copyDish,
  CUTS,
  ledgerOf,
  MealError,
  mealOf,
  partSources,
  patternDish,
  patternNamed,
  plan,
  settleFood,
  shoppingList,
  takenIds,
  withPart,
  type Dish,
  type Meal,
} from '../index.ts';
import { mealOfPattern, NOW } from '../test/pattern-meal.ts';

const named = (id: string) => {
  const found = patternNamed(id);
  if (!found) throw new Error(`no pattern “${id}”`);
  return found;
};

/** A joint that is shredded, and a dish of a part of it. */
function jointAndPart(second = 'crisped-shreds'): Meal {
  const joint = mealOfPattern(named('slow-cooker-joint'));
  const [source] = partSources(joint);
  if (!source) throw new Error('nothing to take a part of');
  const own = patternDish(named(second), {}, takenIds(joint));
  const dish = withPart(own, own.foods[0]?.id ?? '', source);
  const put = applyCommand(joint, { do: 'putDish', dish, own: [] });
  return mealOf(JSON.parse(JSON.stringify(put)), NOW);
}

const dishesOf = ({ dishes: [joint, part] }: Meal): [Dish, Dish] => {
  if (!joint || !part) throw new Error('two dishes');
  return [joint, part];
};
const foodOf = (dish: Dish) => {
  const [food] = dish.foods;
  if (!food) throw new Error('no food');
  return food;
};

describe('a part that becomes another dish', () => {
  it('is bought with the joint, raw for cooked, whoever eats', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30 }), (count) => {
        const meal = jointAndPart();
        const eaters = [{ count, who: 'adult' as const, portion: 1, avoids: [] }];
        const [joint, part] = dishesOf(meal);
        const all = settleFood({ ...meal, eaters }, joint, foodOf(joint));
        const taken = settleFood({ ...meal, eaters }, part, foodOf(part));
        const share = CUTS.get(foodOf(joint).cut ?? '')?.servedShare ?? NaN;
        expect(taken.weightG).toBe(110 * count);
        expect(all.forOthersG * share).toBeCloseTo(taken.weightG, 6);
        // What is left for its own eaters is what they would have had without it.
        const alone = settleFood({ ...meal, eaters, dishes: [joint] }, joint, foodOf(joint));
        expect(Math.abs(all.weightG - all.forOthersG - alone.weightG)).toBeLessThanOrEqual(10);
      }),
      { numRuns: 30 },
    );
  });

  it('is on no shopping list, and its joint is there once with all of it', () => {
    const meal = jointAndPart();
    const [joint] = dishesOf(meal);
    const items = shoppingList(meal, plan(meal, meal.kitchen, NOW, { rescues: false }))
      .flatMap(({ sections }) => sections)
      .flatMap((section) => section.items)
      .filter(({ section }) => section === 'butcher');
    expect(items).toHaveLength(1);
    expect(items[0]?.grams).toBe(settleFood(meal, joint, foodOf(joint)).weightG);
  });

  it.each(['crisped-shreds', 'sauce-of-cooked-meat'])(
    'begins when the joint is so far, and says how much at both steps: %s',
    (second) => {
      const meal = jointAndPart(second);
      const made = plan(meal, meal.kitchen, NOW, { rescues: false });
      expect(made.status).not.toBe('cannot');
      expect(audit(made, meal, meal.kitchen)).toEqual([]);
      expect(made.findings.filter(({ level }) => level !== 'note')).toEqual([]);
      const from = made.steps.find(({ notes }) => notes.some(({ key }) => key === 'part.from'));
      const aside = made.steps.find(({ notes }) => notes.some(({ key }) => key === 'part.aside'));
      expect(aside?.verb).toBe('shred');
      expect(from?.startMin).toBeGreaterThanOrEqual(aside?.endMin ?? Infinity);
      expect((from?.startMin ?? Infinity) - (aside?.endMin ?? 0)).toBeLessThanOrEqual(30);
    },
  );

  it('has been where the joint was, and is raw or cooked as that is', () => {
    const meal = jointAndPart();
    const made = plan(meal, meal.kitchen, NOW, { rescues: false });
    const [joint, part] = ledgerOf(meal, made.servingMin, made.steps).dishes;
    const shredded = made.steps.find(({ verb }) => verb === 'shred');
    const until = (at: number, spans: readonly { fromMin: number; toMin: number }[] = []) =>
      spans.filter(({ toMin }) => toMin <= at).map(({ fromMin }) => fromMin);
    const at = shredded?.endMin ?? 0;
    expect(until(at, part?.foods[0]?.spans)).toEqual(until(at, joint?.foods[0]?.spans));
    expect(part?.foods[0]?.spans.at(-1)?.state).toBe('cooked');
  });

  it('holds what was put on the joint', () => {
    const meal = jointAndPart();
    const [joint, part] = dishesOf(meal);
    const [seasoning] = joint.mixtures;
    if (!seasoning) throw new Error('no mixture');
    const soy = { ...seasoning.lines[0], ingredient: 'soy-sauce', amount: '20 ml' };
    const lines = [...seasoning.lines, soy] as typeof seasoning.lines;
    const dishes = [{ ...joint, mixtures: [{ ...seasoning, lines }] }, part];
    const eaters = [{ count: 1, who: 'adult' as const, portion: 1, avoids: ['soy' as const] }];
    const found = avoidConflicts({ ...meal, dishes, eaters }).filter(
      ({ avoids }) => avoids === 'soy',
    );
    expect(found.map(({ dish }) => dish)).toEqual([joint.id, part.id]);
  });
});

describe('a part whose joint changes', () => {
  it('is taken after the last that is left when its step is removed', () => {
    const meal = jointAndPart();
    const [joint] = dishesOf(meal);
    const shred = joint.steps.find(({ verb }) => verb === 'shred')?.id ?? '';
    const [, part] = dishesOf(applyCommand(meal, { do: 'removeStep', step: shred }));
    const cook = joint.steps.find(({ verb }) => verb === 'braise')?.id;
    expect(foodOf(part).from?.step).toBe(cook);
    expect(part.steps.some(({ after }) => after.some(({ step }) => step === cook))).toBe(true);
  });

  it('is cooked meat of its own when the joint goes, or when it is copied without it', () => {
    const meal = jointAndPart();
    const [joint, part] = dishesOf(meal);
    const alone = applyCommand(meal, { do: 'removeDish', dish: joint.id });
    const copied = { ...meal, dishes: [copyDish(part, new Set())] };
    for (const left of [alone, copied]) {
      const [dish] = mealOf(JSON.parse(JSON.stringify(left)), NOW).dishes;
      expect(dish?.foods[0]).toMatchObject({ cut: 'cooked-pork', name: 'shredded meat' });
      expect(dish?.foods[0]?.from).toBeUndefined();
    }
  });

  it.each([
    ['a step that is nowhere', { step: 'nowhere', food: 'x' }, /no food of another dish/],
    ['a food of its own dish', undefined, /no food of another dish/],
  ])('is refused with %s', (_what, from, wrong) => {
    const meal = jointAndPart();
    const [joint, part] = dishesOf(meal);
    const own = { step: part.steps[0]?.id ?? '', food: part.foods[1]?.id ?? '' };
    const foods = part.foods.map((food, i) => (i === 0 ? { ...food, from: from ?? own } : food));
    const read = () => mealOf({ ...meal, dishes: [joint, { ...part, foods }] }, NOW);
    expect(read).toThrow(MealError);
    expect(read).toThrow(wrong);
  });

  it('is refused where nothing of its dish follows the step it is taken after', () => {
    const meal = jointAndPart();
    const [joint, part] = dishesOf(meal);
    const ids = new Set(part.steps.map(({ id }) => id));
    const steps = part.steps.map((step) => ({
      ...step,
      after: step.after.filter((gap) => ids.has(gap.step)),
    }));
    expect(() => mealOf({ ...meal, dishes: [joint, { ...part, steps }] }, NOW)).toThrow(
      /no step of its own dish follows/,
    );
  });
});
