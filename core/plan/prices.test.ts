import { describe, expect, it } from 'vitest';
import {
  applyCommand,
  CALM_LAST_MIN,
  FREE_LAST_MIN,
  type Dish,
  type Meal,
  type Step,
} from '../index.ts';
import { after, at, dish, elastic, fixed, mealOfDishes, step } from '../test/meals.ts';
import { plan, type Plan } from './index.ts';

/* Each price of core/figures/practice/prices.ts, by a small meal that would be planned otherwise without it. */

const NOON = at('2026-11-28T12:00');
const planOf = (meal: Meal): Plan => plan(meal, meal.kitchen, NOON, { rescues: false });

/** Minutes before serving at which a step begins and ends. */
function before(made: Plan, id: string): [from: number, to: number] {
  const found = made.steps.find((one) => one.id === id);
  if (!found) throw new Error(`no step ${id}`);
  return [made.servingMin - found.startMin, made.servingMin - found.endMin];
}

const whyKeys = (made: Plan, id: string) =>
  made.steps.find((one) => one.id === id)?.why.map(({ key }) => key);

/** A dish of one food. */
const of = (cut: string, weightG: number, made: Dish): Dish => ({
  ...made,
  foods: [{ id: made.id, name: cut, cut, share: { kind: 'fixed', weightG } }],
});

const work = (id: string, minutes: number, more: Partial<Step> = {}) =>
  step({ id, time: fixed(minutes), hands: [{ when: 'all', what: id }], ...more });

describe('a calm last half hour', () => {
  const salad = (readyWithinMin: number): Dish =>
    dish(
      'salad',
      [work('cut', 15), work('dress', 5, { verb: 'mix', after: after('cut', 0, 240) })],
      readyWithinMin,
    );
  const steak = of(
    'beef-steak',
    300,
    dish(
      'steak',
      [
        work('fry', 12, { verb: 'fry', place: { kind: 'hob' } }),
        step({ id: 'rest', verb: 'rest', time: fixed(5), after: after('fry', 0, 2) }),
      ],
      2,
    ),
  );

  it('has what can be done sooner done sooner, and says why', () => {
    const made = planOf(mealOfDishes([salad(0), steak]));
    expect(before(made, 'cut')[1]).toBeGreaterThanOrEqual(CALM_LAST_MIN);
    expect(whyKeys(made, 'cut')).toContain('why.calm');
  });

  it('keeps at its hour what is best fresh, and what the cook wants at the last moment', () => {
    const made = planOf(mealOfDishes([salad(0), steak]));
    expect(before(made, 'fry')).toEqual([17, 5]);
    expect(before(made, 'dress')[1]).toBe(0);
  });

  it('has a pot that waits well done before it, stirs and all, and a risotto not', () => {
    const pot = (cut: string) =>
      of(
        cut,
        900,
        dish(
          'pot',
          [
            step({
              id: 'cook',
              verb: 'simmer',
              time: fixed(90),
              place: { kind: 'hob' },
              hands: [{ when: 'every', everyMin: 15, minutes: 2, what: 'stir' }],
            }),
          ],
          40,
        ),
      );
    const stirs = (cut: string) => {
      const made = planOf(mealOfDishes([pot(cut)]));
      const hands = made.steps.flatMap((one) => one.hands);
      return hands.filter(({ endMin }) => endMin > made.servingMin - CALM_LAST_MIN).length;
    };
    expect(stirs('beef-chuck')).toBe(0);
    expect(stirs('rice-round-dry')).toBeGreaterThan(0);
  });
});

describe('the last ten minutes', () => {
  const carved = (readyWithinMin: number) =>
    planOf(
      mealOfDishes([
        of('beef-rib', 1500, dish('roast', [work('slice', 5, { verb: 'slice' })], readyWithinMin)),
      ]),
    );

  it('are free where the food bears it, and not where it does not', () => {
    expect(before(carved(15), 'slice')).toEqual([FREE_LAST_MIN + 5, FREE_LAST_MIN]);
    expect(before(carved(0), 'slice')).toEqual([5, 0]);
  });
});

describe('what is best fresh', () => {
  const steak = (mostMin: number): Dish =>
    of(
      'beef-steak',
      300,
      dish(
        'steak',
        [
          work('coat', 10, { verb: 'mix', pinnedBeforeServeMin: 400 }),
          step({
            id: 'soak',
            verb: 'marinate',
            place: { kind: 'fridge' },
            time: elastic(30, 200, 1080),
            after: after('coat', 0, 10),
          }),
          work('fry', 12, {
            verb: 'sear',
            place: { kind: 'hob' },
            after: after('soak', 0, 5),
          }),
          step({ id: 'rest', verb: 'rest', time: fixed(5), after: after('fry', 0, mostMin) }),
          work('slice', 4, { verb: 'slice', after: after('rest', 0, mostMin) }),
        ],
        20,
      ),
    );

  it('is not cooked sooner so that it soaks no longer than is best', () => {
    const made = planOf(mealOfDishes([steak(30)]));
    expect(before(made, 'soak')[0] - before(made, 'soak')[1]).toBeGreaterThan(340);
    expect(before(made, 'fry')[1] - before(made, 'rest')[0]).toBeLessThanOrEqual(5);
    expect(before(made, 'slice')[1]).toBeLessThanOrEqual(FREE_LAST_MIN);
  });
});

describe('raw work of two dishes', () => {
  const raw = (id: string, roastMin: number, mostMin: number) =>
    of(
      'beef-chuck',
      900,
      dish(id, [
        work(`${id}-cut`, 10, { verb: 'prepare', place: { kind: 'board' } }),
        step({
          id: `${id}-roast`,
          verb: 'roast',
          place: { kind: 'oven', tempC: 150 },
          time: fixed(roastMin),
          after: after(`${id}-cut`, 0, mostMin),
        }),
      ]),
    );
  const gap = (made: Plan) => before(made, 'stew-cut')[1] - before(made, 'roast-cut')[0];
  const meal = (mostMin: number) => {
    const both = mealOfDishes([raw('stew', 200, 20), raw('roast', 150, mostMin)]);
    both.kitchen.appliances.push({ id: 'oven', kind: 'oven', name: 'Oven', fits: 2 });
    return both;
  };

  it('is done in one go where one may wait, and the plan says why', () => {
    const made = planOf(meal(60));
    expect(gap(made)).toBeLessThanOrEqual(10);
    expect(whyKeys(made, 'roast-cut')).toContain('why.together');
  });

  it('is done twice where neither may', () => {
    expect(gap(planOf(meal(5)))).toBeGreaterThan(20);
  });
});

describe('the price of', () => {
  it('a pin is dearer than time in hand, and a missed one is named first', () => {
    const chain = (longest: number) =>
      mealOfDishes([
        dish('d', [
          step({
            id: 'roast',
            time: { kind: 'range', leastMin: 60, likelyMin: 90, mostMin: 150 },
          }),
          step({ id: 'rest', time: elastic(10, 40, longest), after: after('roast', 0, 5) }),
          work('slice', 5, { after: after('rest', 0, 5) }),
        ]),
      ]);
    const free = planOf(chain(90));
    expect(before(free, 'roast')[0]).toBeGreaterThan(150);
    const pinned = applyCommand(chain(90), {
      do: 'pinStep',
      step: 'roast',
      beforeServeMin: 120,
    });
    expect(before(planOf(pinned), 'roast')[0]).toBe(120);
    const missed = planOf(
      applyCommand(chain(90), { do: 'pinStep', step: 'roast', beforeServeMin: 95 }),
    );
    expect(missed.compromises[0]).toMatchObject({ kind: 'pin', step: 'roast', minutesOver: 10 });
    expect(missed.status).toBe('tight');
  });

  it('time in hand is dearer than a soak at its best', () => {
    const made = planOf(
      mealOfDishes([
        dish('d', [
          step({ id: 'soak', time: elastic(60, 300, 400) }),
          step({
            id: 'roast',
            time: { kind: 'range', leastMin: 60, likelyMin: 90, mostMin: 130 },
            after: after('soak', 0, 5),
          }),
          step({ id: 'rest', time: elastic(10, 10, 120), after: after('roast', 0, 5) }),
        ]),
      ]),
    );
    const [from, to] = before(made, 'soak');
    expect(from - to).toBeLessThan(300);
    expect(before(made, 'rest')[0]).toBeGreaterThan(10 + 60);
  });

  it('a soak at its best is dearer than an earlier start, and too long is as far off as too short', () => {
    const made = planOf(
      mealOfDishes([
        dish('d', [
          step({ id: 'soak', time: elastic(60, 200, 400) }),
          work('fry', 10, { after: after('soak', 0, 5) }),
        ]),
      ]),
    );
    const [from, to] = before(made, 'soak');
    expect(from - to).toBe(200);
  });

  it('what is ready and waits is dearer than an earlier start', () => {
    const made = planOf(
      mealOfDishes([
        dish(
          'd',
          [step({ id: 'bake', verb: 'bake', time: fixed(40), place: { kind: 'hob' } })],
          60,
        ),
      ]),
    );
    expect(before(made, 'bake')).toEqual([40, 0]);
  });

  it('a wait is by what waits: the pot stands, the steak does not', () => {
    const hot = (id: string, cut: string, verb: Step['verb']) =>
      of(cut, 600, dish(id, [work(id, 15, { place: { kind: 'hob' }, verb })], 5));
    const made = planOf(
      mealOfDishes([hot('sear', 'beef-steak', 'sear'), hot('stew', 'beef-chuck', 'braise')]),
    );
    expect(before(made, 'sear')[1]).toBe(0);
    expect(before(made, 'stew')[1]).toBe(15);
    expect(made.compromises.map(({ step: id }) => id)).toEqual(['stew']);
  });
});
