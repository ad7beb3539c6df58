import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyCommand, type Kitchen, type Meal, type Step } from '../../index.ts';
import { after, at, dish, fixed, mealOfDishes, step } from '../../test/meals.ts';
import { plantedMeal } from '../../test/planted.ts';
import { audit, plan as planOf, type Plan } from '../index.ts';

const NOW = at('2026-11-28T06:00');
const SERVING = at('2026-11-28T19:00');
const OVEN = { id: 'oven', kind: 'oven' as const, name: 'Oven', fits: 2 };
const HOB = { id: 'hob', kind: 'hob' as const, name: 'Hob', fits: 2 };

function cook(meal: Meal, more: Partial<Kitchen> = {}): Plan {
  const kitchen = { ...meal.kitchen, appliances: [OVEN, HOB], ...more };
  const made = planOf({ ...meal, kitchen }, kitchen, NOW, { rescues: false });
  expect(audit(made, { ...meal, kitchen }, kitchen)).toEqual([]);
  return made;
}

const roast = (id: string, tempC: number, minutes = 60, more: Partial<Step['place']> = {}): Step =>
  step({ id, verb: 'roast', time: fixed(minutes), place: { kind: 'oven', tempC, ...more } });
const pot = (id: string, minutes = 30): Step =>
  step({ id, verb: 'simmer', time: fixed(minutes), place: { kind: 'hob', tempC: 100 } });
const find = (made: Plan, id: string) => {
  const solution = made.steps.find((one) => one.id === id);
  if (!solution) throw new Error(`no ${id}`);
  return solution;
};

describe('one oven', () => {
  it('takes two heats one after the other, with time to climb or fall between', () => {
    const made = cook(
      mealOfDishes([dish('a', [roast('a', 180)], 120), dish('b', [roast('b', 220)], 120)]),
    );
    expect(made.clashes).toEqual([]);
    const [first, second] = [find(made, 'a'), find(made, 'b')].sort(
      (x, y) => x.startMin - y.startMin,
    );
    // 40° at 8° a minute up, or 4° a minute down.
    const wait = (second?.place.tempC ?? 0) > (first?.place.tempC ?? 0) ? 5 : 10;
    expect((second?.startMin ?? 0) - (first?.endMin ?? 0)).toBe(wait);
    expect(first?.why.map(({ key }) => key)).toContain('why.placeElsewhere');
  });

  it('stays hot for what it was heated for, and heating is the climb', () => {
    const hot = step({
      id: 'hot',
      verb: 'preheat',
      time: fixed(15),
      place: { kind: 'oven', tempC: 220 },
    });
    const made = cook(
      mealOfDishes([
        dish('a', [hot, { ...roast('a', 220, 20), after: after('hot', 0, 30) }], 10),
        dish('b', [roast('b', 150, 90)], 240),
      ]),
    );
    expect(made.clashes).toEqual([]);
    expect(find(made, 'b').endMin).toBeLessThanOrEqual(find(made, 'hot').startMin);
  });

  it('is shared by those whose ranges meet, in the middle', () => {
    const made = cook(
      mealOfDishes([
        dish('a', [roast('a', 180, 60, { fromC: 170, toC: 200 })]),
        dish('b', [roast('b', 200, 60, { fromC: 185, toC: 220 })]),
      ]),
    );
    expect(made.clashes).toEqual([]);
    expect([find(made, 'a').place.tempC, find(made, 'b').place.tempC]).toEqual([190, 190]);
    expect(find(made, 'a').endMin).toBe(SERVING);
  });

  it('keeps the food in while its heat changes: no wait between steps of one chain', () => {
    const made = cook(
      mealOfDishes([
        dish('a', [roast('hot', 220, 20), { ...roast('on', 180, 40), after: after('hot', 0, 0) }]),
      ]),
    );
    expect(made.clashes).toEqual([]);
    expect(find(made, 'on').startMin).toBe(find(made, 'hot').endMin);
  });

  // Every order of roasts at different heats, tried one by one.
  it('is put in order wherever any order works', () => {
    const job = fc.record({
      tempC: fc.constantFrom(160, 200, 240),
      minutes: fc.integer({ min: 10, max: 60 }),
      ready: fc.integer({ min: 0, max: 150 }),
    });
    fc.assert(
      fc.property(fc.array(job, { minLength: 2, maxLength: 4 }), (jobs) => {
        const apart = jobs.map((one, i) => ({ ...one, tempC: one.tempC + i }));
        const possible = permutations(apart).some((order) => {
          let next = SERVING;
          let nextC: number | undefined;
          return [...order].reverse().every(({ tempC, minutes, ready }) => {
            const change = nextC === undefined ? 0 : nextC - tempC;
            const wait = change > 0 ? Math.ceil(change / 8) : Math.ceil(-change / 4);
            const end = next - (nextC === undefined ? 0 : wait);
            next = end - minutes;
            nextC = tempC;
            return SERVING - end <= ready;
          });
        });
        const meal = mealOfDishes(
          apart.map(({ tempC, minutes, ready }, i) =>
            dish(`d${i}`, [roast(`r${i}`, tempC, minutes)], ready),
          ),
        );
        const made = cook(meal, { appliances: [{ ...OVEN, fits: 4 }] });
        expect(made.clashes.length + made.compromises.length === 0).toBe(possible);
      }),
      { numRuns: 60 },
    );
  });
});

function permutations<T>(items: readonly T[]): T[][] {
  if (items.length < 2) return [[...items]];
  return items.flatMap((item, i) =>
    permutations(items.toSpliced(i, 1)).map((rest) => [item, ...rest]),
  );
}

describe('rings, shelves and hands', () => {
  it('are waited for, each as long as it is taken', () => {
    const pots = ['p', 'q', 'r'].map((id) => dish(id, [pot(id)], 60));
    const made = cook(mealOfDishes(pots));
    expect(made.clashes).toEqual([]);
    expect(made.steps.filter(({ endMin }) => endMin === SERVING)).toHaveLength(2);
  });

  it('are doubled by a helper, in the helper’s hours and no longer', () => {
    const job = (id: string): Step =>
      step({ id, time: fixed(70), hands: [{ when: 'all', what: `do ${id}` }] });
    const meal = mealOfDishes([dish('a', [job('a')]), dish('b', [job('b')])]);
    const helper = { id: 'h', name: 'Ida', from: '17:00', to: '20:00', days: [6] };
    expect(cook(meal).clashes).toHaveLength(1);
    const helped = cook(meal, { helpers: [helper] });
    expect(helped.clashes).toEqual([]);
    expect(helped.steps.map(({ hands }) => hands[0]?.who).sort()).toEqual(['Ida', undefined]);
    expect(helped.onTime).toBe(1);
    expect(cook(meal, { helpers: [{ ...helper, to: '18:10' }] }).clashes).toHaveLength(1);
    // Lent for another evening, be it the same day of the week.
    expect(cook(meal, { helpers: [{ ...helper, on: '2026-11-28' }] }).clashes).toEqual([]);
    expect(cook(meal, { helpers: [{ ...helper, on: '2026-11-21' }] }).clashes).toHaveLength(1);
  });

  it('say what clashes where no order helps, and solve the rest', () => {
    const made = cook(
      mealOfDishes([
        dish('a', [roast('a', 180)]),
        dish('b', [roast('b', 240)]),
        ...['p', 'q', 'r'].map((id) => dish(id, [pot(id)], 60)),
      ]),
    );
    expect(made.clashes.map(({ kind, steps }) => [kind, [...steps].sort()])).toEqual([
      ['heat', ['a', 'b']],
    ]);
  });

  // Meals that can be done, because they were laid out first and described afterwards.
  const planted = [
    ...[1, 2, 3, 4, 5, 6, 7, 8].map((seed) => ['small', seed] as const),
    ...[1, 2, 3].map((seed) => ['middle', seed] as const),
  ];
  it.each(planted)('suffice for a %s meal that was planted, seed %d', (size, seed) => {
    const meal = plantedMeal(seed, size);
    const made = planOf(meal, meal.kitchen, at('2026-11-20T00:00'), { work: 1500 });
    expect(audit(made, meal, meal.kitchen)).toEqual([]);
    expect(made.clashes).toEqual([]);
  });

  it('offer ways out of a clash, and each really ends it', () => {
    const job = (id: string): Step =>
      step({ id, time: fixed(70), hands: [{ when: 'all', what: `do ${id}` }] });
    const meals = [
      mealOfDishes([dish('a', [job('a')]), dish('b', [job('b')])]),
      mealOfDishes([dish('a', [roast('a', 180)]), dish('b', [roast('b', 200)])]),
      mealOfDishes(['p', 'q', 'r'].map((id) => dish(id, [pot(id, 70)]))),
    ];
    const keys = meals.map((bare) => {
      const meal = { ...bare, kitchen: { ...bare.kitchen, appliances: [OVEN, HOB] } };
      const made = planOf(meal, meal.kitchen, NOW);
      expect(made.clashes.length).toBeGreaterThan(0);
      for (const rescue of made.rescues) {
        const mended = rescue.changes.reduce(applyCommand, meal);
        const tried = planOf(mended, mended.kitchen, NOW);
        expect([tried.status === 'cannot', tried.clashes]).toEqual([false, []]);
      }
      return made.rescues.map(({ text }) => text.key);
    });
    expect(keys).toEqual([
      ['rescue.helper', 'rescue.twoServings', 'rescue.leaveOut', 'rescue.leaveOut'],
      ['rescue.sameHeat', 'rescue.sameHeat', 'rescue.twoServings', 'rescue.secondPlace'],
      ['rescue.twoServings', 'rescue.secondPlace', 'rescue.leaveOut', 'rescue.leaveOut'],
    ]);
  });
});
