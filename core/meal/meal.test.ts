import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  applyCommand,
  avoidConflicts,
  batchOf,
  companyOf,
  freshId,
  MealError,
  mealJsonSchema,
  mealOf,
  parseMeal,
  printMeal,
  seatsOf,
  settleFood,
  copyDish,
  takenIds,
  type Meal,
  type MealProblem,
} from './index.ts';
import { after, at, dish, mealOfDishes, step, supper } from '../test/meals.ts';

const NOW = at('2026-11-25T08:00');

/** A copy of the supper's file with something in it changed. */
function broken(change: (file: Record<string, unknown> & Meal) => void): unknown {
  const file = structuredClone(supper()) as Record<string, unknown> & Meal;
  change(file);
  return file;
}

function problemsOf(file: unknown): readonly MealProblem[] {
  try {
    mealOf(file, NOW);
  } catch (error) {
    if (error instanceof MealError) return error.problems;
    throw error;
  }
  return [];
}

describe('the meal file', () => {
  it('reads back what it wrote', () => {
    const meal = supper();
    expect(parseMeal(printMeal(meal), NOW)).toEqual(meal);
  });

  it('carries fields it does not know through a round trip and through every change', () => {
    const file = broken((f) => {
      f.futureField = { a: 1 };
      Object.assign(f.dishes[0]?.steps[0] ?? {}, { futureStep: 'kept' });
    });
    const changed = applyCommand(mealOf(file, NOW), { do: 'rename', title: 'Other' });
    const back = JSON.parse(printMeal(changed)) as {
      futureField: unknown;
      dishes: { steps: object[] }[];
    };
    expect(back.futureField).toEqual({ a: 1 });
    expect(back.dishes[0]?.steps[0]).toMatchObject({ futureStep: 'kept' });
  });

  it('counts a relative serving day from now, so that an example never ages', () => {
    for (const [now, expected] of [
      ['2026-11-25T08:00', '2026-11-28T19:00'],
      ['2026-11-26T08:00', '2026-12-05T19:00'],
      ['2031-06-01T23:59', '2031-06-07T19:00'],
    ] as const) {
      const file = broken((f) => {
        Object.assign(f.serving, { at: { nextWeekday: 6, time: '19:00', leadDays: 3 } });
      });
      expect(mealOf(file, at(now)).serving.at).toBe(expected);
    }
  });

  it.each<[string, (file: Record<string, unknown> & Meal) => void, string, RegExp]>([
    [
      'a bad date',
      (f) => Object.assign(f.serving, { at: '2026-02-30T19:00' }),
      'serving.at',
      /real date/,
    ],
    [
      'an unknown zone',
      (f) => Object.assign(f.serving, { zone: 'Moon/Base' }),
      'serving.zone',
      /time zone/,
    ],
    ['nobody at table', (f) => Object.assign(f, { eaters: [] }), 'eaters', /too small/],
    ['a missing title', (f) => Reflect.deleteProperty(f, 'title'), 'title', /missing|not a string/],
    [
      'an unknown verb',
      (f) => Object.assign(f.dishes[0]?.steps[0] ?? {}, { verb: 'cook' }),
      'dishes[0].steps[0].verb',
      /does not know/,
    ],
    [
      'a window that runs backwards',
      (f) => Object.assign(f.dishes[1]?.mixtures[0]?.window ?? {}, { bestMin: 1 }),
      'dishes[1].mixtures[0].window',
      /leastMin through bestMin/,
    ],
    [
      'an amount that is none',
      (f) => Object.assign(f.dishes[0]?.mixtures[0]?.lines[0] ?? {}, { amount: 'plenty' }),
      'dishes[0].mixtures[0].lines[0].amount',
      /begin with a number/,
    ],
    [
      'an unknown ingredient',
      (f) => Object.assign(f.dishes[0]?.mixtures[0]?.lines[0] ?? {}, { ingredient: 'moondust' }),
      'dishes[0].mixtures[0].lines[0].ingredient',
      /moondust/,
    ],
    [
      'what cannot be weighed',
      (f) => Object.assign(f.dishes[0]?.mixtures[0]?.lines[0] ?? {}, { amount: '2 jars' }),
      'dishes[0].mixtures[0].lines[0].amount',
      /2 jars/,
    ],
    [
      'a step that follows nothing',
      (f) => Object.assign(f.dishes[0]?.steps[1]?.after[0] ?? {}, { step: 'gone' }),
      'dishes[0].steps[1].after[0].step',
      /gone/,
    ],
    [
      'the same step twice',
      (f) =>
        f.dishes[0]?.steps.push(
          structuredClone(
            f.dishes[0].steps[0] ?? step({ id: 'x', time: { kind: 'fixed', minutes: 1 } }),
          ),
        ),
      'dishes[0].steps[8].id',
      /given twice/,
    ],
    [
      'a fraction of a minute',
      (f) => Object.assign(f.dishes[0]?.steps[0]?.time ?? {}, { minutes: 2.5 }),
      'dishes[0].steps[0].time.minutes',
      /whole|int/,
    ],
  ])('says where and what for %s', (_name, change, path, wrong) => {
    const problems = problemsOf(broken(change));
    expect(problems.map((problem) => problem.path)).toContain(path);
    const said = problems.find((problem) => problem.path === path);
    expect(`${said?.wrong}. ${said?.mend}`).toMatch(wrong);
    expect(said?.mend).not.toBe('');
  });

  it('finds a chain that bites its tail', () => {
    const minutes = { kind: 'fixed' as const, minutes: 10 };
    const circle = mealOfDishes([
      dish('d', [
        step({ id: 'a', time: minutes, after: after('b') }),
        step({ id: 'b', time: minutes, after: after('a') }),
      ]),
    ]);
    expect(problemsOf(circle).map((p) => p.wrong)).toContain('makes “a” wait for itself');
  });

  it('refuses what is no meal, what is no JSON, and what is newer than itself', () => {
    expect(() => parseMeal('{"zemrin":"soup"}', NOW)).toThrow(/not a Zemrin meal/);
    expect(() => parseMeal('{', NOW)).toThrow(/not JSON/);
    expect(() => parseMeal('{"zemrin":"meal","version":99}', NOW)).toThrow(/newer Zemrin/);
    expect(() => parseMeal('null', NOW)).toThrow(MealError);
  });

  it('never fails with anything but a MealError, whatever the file', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (json) => {
        const file = { zemrin: 'meal', version: 1, dishes: json, eaters: json, serving: json };
        expect(problemsOf(file).length).toBeGreaterThan(0);
      }),
    );
  });

  it('has a JSON Schema of the file as it is written', () => {
    const schema = mealJsonSchema() as { required: string[]; properties: Record<string, unknown> };
    expect(schema.required).toEqual(
      expect.arrayContaining(['zemrin', 'version', 'serving', 'dishes']),
    );
    expect(Object.keys(schema.properties)).toContain('kitchen');
  });
});

describe('eaters and amounts', () => {
  it('counts heads and portions', () => {
    expect(companyOf(supper().eaters)).toEqual({ heads: 9, portions: 8 });
  });

  it('buys by portions, but pieces by the head, and sets apart who does without dairy', () => {
    const meal = supper();
    const settled = (dishId: string, food: string) => {
      const found = meal.dishes.find((d) => d.id === dishId);
      const wanted = found?.foods.find((f) => f.id === food);
      if (!found || !wanted) throw new Error('the example has changed');
      return settleFood(meal, found, wanted);
    };
    // Seven portions of 340 g: nine heads less the one without dairy, two of them half.
    expect(settled('lamb', 'lamb-shoulder').weightG).toBe(2380);
    expect(settled('lamb', 'lamb-plain').weightG).toBe(240);
    expect(settled('duck', 'duck-legs').pieces).toBe(8);
    expect(settled('breads', 'flour').pieces).toBe(18);
  });

  it('lets the scale win over the eaters, and gives the suggestion back', () => {
    const weighed = applyCommand(supper(), {
      do: 'weigh',
      dish: 'lamb',
      food: 'lamb-shoulder',
      weightG: 2620,
    });
    const lamb = weighed.dishes[0];
    if (!lamb?.foods[0]) throw new Error('the example has changed');
    expect(settleFood(weighed, lamb, lamb.foods[0])).toMatchObject({
      weightG: 2620,
      suggestedG: 2380,
      weighed: true,
    });
    const back = applyCommand(weighed, {
      do: 'weigh',
      dish: 'lamb',
      food: 'lamb-shoulder',
      weightG: null,
    });
    expect(back).toEqual(supper());
  });

  it('keeps every place where it is when one of them changes', () => {
    const meal = supper();
    const seats = seatsOf(meal.eaters);
    const to = { who: 'child' as const, portion: 0.5, avoids: ['egg' as const] };
    fc.assert(
      fc.property(fc.nat(8), (seat) => {
        const changed = applyCommand(meal, { do: 'changeSeat', seat, to });
        expect(seatsOf(changed.eaters)).toEqual(seats.with(seat, to));
        const back = applyCommand(changed, { do: 'changeSeat', seat, to: seats[seat] ?? to });
        expect(back.eaters).toEqual(meal.eaters);
        const fewer = applyCommand(meal, { do: 'removeSeat', seat });
        expect(seatsOf(fewer.eaters)).toEqual(seats.toSpliced(seat, 1));
      }),
    );
    const alone = mealOfDishes([]);
    const nobody = [0, 0, 0, 0].reduce(
      (m) => applyCommand(m, { do: 'removeSeat', seat: 0 }),
      alone,
    );
    expect(companyOf(nobody.eaters).heads).toBe(1);
  });

  it('says which dish holds what someone does without', () => {
    expect(avoidConflicts(supper())).toEqual([]);
    const more = applyCommand(supper(), {
      do: 'addSeat',
      seat: { who: 'adult', portion: 1, avoids: ['mustard', 'gluten'] },
    });
    expect(avoidConflicts(more).map((c) => [c.dish, c.avoids])).toEqual([
      ['duck', 'mustard'],
      ['breads', 'gluten'],
      ['beetroot', 'mustard'],
      ['gloss', 'mustard'],
    ]);
    const nobodyApart = {
      ...supper(),
      dishes: supper().dishes.map((d) => ({
        ...d,
        foods: d.foods.filter((f) => !f.forAvoids),
        mixtures: d.mixtures.filter((m) => m.id !== 'oil-paste'),
      })),
    };
    expect(avoidConflicts(nobodyApart).map((c) => c.avoids)).toContain('dairy');
  });
});

const someDish = (meal: Meal) => {
  const [dish] = meal.dishes;
  if (!dish) throw new Error('no dish');
  return dish;
};

describe('changing a meal', () => {
  it('never changes the meal it was given', () => {
    const meal = supper();
    const before = printMeal(meal);
    applyCommand(meal, { do: 'putDish', dish: copyDish(someDish(meal), takenIds(meal)), own: [] });
    applyCommand(meal, { do: 'removeStep', step: 'duck-hold' });
    applyCommand(meal, {
      do: 'changeSeat',
      seat: 0,
      to: { who: 'child', portion: 0.5, avoids: [] },
    });
    expect(printMeal(meal)).toBe(before);
  });

  it('keeps a chain whole when a step is taken out or put in', () => {
    const without = applyCommand(supper(), { do: 'removeStep', step: 'duck-hold' });
    const glaze = without.dishes[1]?.steps.find((s) => s.id === 'duck-glaze');
    expect(glaze?.after.map((gap) => gap.step)).toEqual(['duck-braise', 'duck-hot']);
    const added = step({ id: 'new', time: { kind: 'fixed', minutes: 15 } });
    const grown = applyCommand(supper(), { do: 'addStepAfter', step: 'bread-mix', new: added });
    const breads = grown.dishes[2]?.steps;
    expect(breads?.map((s) => s.id).slice(0, 3)).toEqual(['bread-mix', 'new', 'bread-rise']);
    expect(breads?.[1]?.after[0]?.step).toBe('bread-mix');
    expect(breads?.[2]?.after[0]?.step).toBe('new');
    for (const meal of [without, grown]) expect(problemsOf(meal)).toEqual([]);
  });

  it('lets go of a dish that another one drew from', () => {
    const without = applyCommand(supper(), { do: 'removeDish', dish: 'duck' });
    expect(problemsOf(without)).toEqual([]);
    expect(without.dishes.find((d) => d.id === 'gloss')?.steps[0]?.after).toEqual([]);
  });

  it('puts a copy of any dish beside the first, with names of its own', () => {
    let meal = supper();
    const dishes = meal.dishes;
    for (const dish of dishes) {
      for (const _twice of [1, 2]) {
        meal = applyCommand(meal, { do: 'putDish', dish: copyDish(dish, takenIds(meal)), own: [] });
      }
    }
    expect(problemsOf(meal)).toEqual([]);
    expect(meal.dishes).toHaveLength(3 * dishes.length);
    expect(meal.dishes.at(-1)?.steps).toHaveLength(dishes.at(-1)?.steps.length ?? -1);
    expect(freshId('!!', takenIds(meal))).toBe('new');
  });

  it('scales a mixture of the meal by the foods it goes on', () => {
    const meal = supper();
    const [lamb] = meal.dishes;
    const [paste] = lamb?.mixtures ?? [];
    if (!lamb || !paste) throw new Error('the example has changed');
    expect(batchOf(meal, lamb, paste).factor).toBeCloseTo(2620 / 1500, 9);
    expect(batchOf(meal, lamb, paste, 3000).factor).toBe(2);
  });
});
