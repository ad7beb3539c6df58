import { describe, expect, it } from 'vitest';
import type { Kitchen, Meal, Step } from '../index.ts';
import { after, at, dish, elastic, fixed, mealOfDishes, NIGHT, step, WORK } from '../test/meals.ts';
import { audit, plan as planOf, type Plan } from './index.ts';

const NOW = at('2026-11-26T06:00');
const find = (made: Plan, id: string) => {
  const solution = made.steps.find((one) => one.id === id);
  if (!solution) throw new Error(`no ${id}`);
  return solution;
};
const overlap = (made: Plan, a: string, b: string) =>
  find(made, a).startMin < find(made, b).endMin && find(made, b).startMin < find(made, a).endMin;

function cook(meal: Meal, more: Partial<Kitchen> = {}): Plan {
  const kitchen = { ...meal.kitchen, ...more };
  const made = planOf({ ...meal, kitchen }, kitchen, NOW);
  expect(audit(made, { ...meal, kitchen }, kitchen)).toEqual([]);
  return made;
}

const oven = (id: string, more: object = {}) => ({
  id,
  kind: 'oven' as const,
  name: id,
  fits: 2,
  ...more,
});
const roast = (id: string, tempC: number, more: Partial<Step> = {}): Step =>
  step({ id, verb: 'roast', time: fixed(60), place: { kind: 'oven', tempC }, ...more });
const two = (a: Step, b: Step, ready = 0) =>
  mealOfDishes([dish('a', [a], ready), dish('b', [b], ready)]);

describe('ovens', () => {
  it('of which there are two take two heats at once, each dish its own', () => {
    const made = cook(two(roast('a', 160), roast('b', 240)), {
      appliances: [oven('top'), oven('low')],
    });
    expect(made.clashes).toEqual([]);
    expect(new Set([find(made, 'a').appliance, find(made, 'b').appliance]).size).toBe(2);
  });

  it('are heated before, and it is the same one that is heated', () => {
    const hot = step({
      id: 'hot',
      verb: 'preheat',
      time: fixed(15),
      place: { kind: 'oven', tempC: 240 },
    });
    const meal = mealOfDishes([
      dish('a', [hot, roast('b', 240, { after: after('hot', 0, 10) })]),
      dish('c', [roast('c', 160)]),
    ]);
    const made = cook(meal, { appliances: [oven('top'), oven('low')] });
    expect(made.clashes).toEqual([]);
    expect(find(made, 'hot').appliance).toBe(find(made, 'b').appliance);
    expect(find(made, 'c').appliance).not.toBe(find(made, 'b').appliance);
  });

  it('climb and fall as fast as the kitchen says', () => {
    const wait = (downCPerMin: number) => {
      const slow = cook(two(roast('a', 220), roast('b', 160, { pinnedBeforeServeMin: 60 }), 400), {
        appliances: [oven('oven', { downCPerMin })],
      });
      return find(slow, 'b').startMin - find(slow, 'a').endMin;
    };
    expect([wait(4), wait(2)]).toEqual([15, 30]);
  });

  it('named by a dish are that dish’s', () => {
    const place = { kind: 'oven' as const, tempC: 200, appliance: 'low' };
    const made = cook(two(roast('a', 200, { place }), roast('b', 200)), {
      appliances: [oven('top'), oven('low')],
    });
    expect(find(made, 'a').appliance).toBe('low');
  });
});

describe('a grill', () => {
  it('has two sides, and what is beside the coals is not in the way of what is over them', () => {
    const grilled = (id: string, zone: 'direct' | 'indirect') =>
      step({ id, verb: 'grill', time: fixed(60), place: { kind: 'grill', tempC: 230, zone } });
    const grill = { id: 'grill', kind: 'grill' as const, name: 'Grill', fits: 1 };
    const sides = { ...grill, fitsIndirect: 1 };
    const apart = two(grilled('a', 'direct'), grilled('b', 'indirect'));
    expect(cook(apart, { appliances: [sides] }).clashes).toEqual([]);
    const same = two(grilled('a', 'direct'), grilled('b', 'direct'));
    expect(cook(same, { appliances: [sides] }).clashes).toHaveLength(1);
  });
});

describe('vessels', () => {
  const pot = { id: 'pot', name: 'pot', kind: 'pot' as const, capacityMl: 5000 };
  const simmer = (id: string, leastMl: number, name?: string): Step =>
    step({
      id,
      verb: 'simmer',
      time: fixed(50),
      place: { kind: 'hob', tempC: 96 },
      vessel: { kind: 'pot', leastMl, ...(name === undefined ? {} : { name }) },
    });

  it('are wanted one after another, washed between', () => {
    const made = cook(two(simmer('a', 3000), simmer('b', 3000), 120), { vessels: [pot] });
    expect(made.clashes).toEqual([]);
    const [first, second] = [find(made, 'a'), find(made, 'b')].sort(
      (x, y) => x.startMin - y.startMin,
    );
    expect((second?.startMin ?? 0) - (first?.endMin ?? 0)).toBeGreaterThanOrEqual(5);
  });

  it('are taken by size, the smallest that does', () => {
    const large = { ...pot, id: 'large', capacityMl: 9000 };
    const made = cook(two(simmer('a', 3000), simmer('b', 8000)), { vessels: [large, pot] });
    expect([find(made, 'a').vessel, find(made, 'b').vessel]).toEqual(['pot', 'large']);
  });

  it('stay with a dish from the first step that names them to the last', () => {
    const held = mealOfDishes([
      dish('a', [
        simmer('a', 3000, 'the stew'),
        { ...simmer('a2', 3000, 'the stew'), after: after('a', 60, 60) },
      ]),
      dish('b', [simmer('b', 3000)], 300),
    ]);
    const made = cook(held, { vessels: [pot] });
    expect(made.clashes).toEqual([]);
    expect([find(made, 'a').vessel, find(made, 'a2').vessel]).toEqual(['pot', 'pot']);
    // Between the stew's two steps there would be room enough, and the pot is not free.
    expect(find(made, 'b').endMin).toBeLessThanOrEqual(find(made, 'a').startMin - 5);
  });

  it('of a kind there is none of are told, and a second one is offered where one is short', () => {
    const steamed = { ...simmer('a', 1000), vessel: { kind: 'steamer' as const } };
    expect(cook(two(steamed, simmer('b', 1000)), { vessels: [pot] }).clashes[0]?.kind).toBe(
      'missing',
    );
    const short = cook(two(simmer('a', 3000), simmer('b', 3000)), { vessels: [pot] });
    expect(short.rescues.map(({ text }) => text.key)).toContain('rescue.vessel');
  });

  it('that hold a marinade are taken until the food is out', () => {
    const litres = (id: string, size: number): Step =>
      step({
        id,
        verb: 'chill',
        time: fixed(60),
        place: { kind: 'fridge', tempC: 4, litres: size },
      });
    const fridge = { id: 'fridge', kind: 'fridge' as const, name: 'Fridge', fits: 10 };
    const meal = two(litres('a', 6), litres('b', 6), 200);
    const made = cook(meal, { appliances: [fridge] });
    expect(made.clashes).toEqual([]);
    expect(overlap(made, 'a', 'b')).toBe(false);
    expect(overlap(cook(meal, { appliances: [{ ...fridge, fits: 20 }] }), 'a', 'b')).toBe(true);
  });
});

describe('people', () => {
  const job = (id: string, kind: Step['place']['kind']): Step =>
    step({ id, time: fixed(100), place: { kind }, hands: [{ when: 'all', what: id }] });
  const helper = { id: 'h', name: 'Ida', from: '17:00', to: '20:00', days: [6] };

  it('work where they may', () => {
    const meal = two(job('a', 'board'), job('b', 'hob'));
    const made = cook(meal, { helpers: [{ ...helper, at: ['board'] }] });
    expect(made.clashes).toEqual([]);
    expect([find(made, 'a').hands[0]?.who, find(made, 'b').hands[0]?.who]).toEqual([
      'Ida',
      undefined,
    ]);
    const fires = two(job('a', 'smoker'), job('b', 'smoker'));
    const { clashes } = cook(fires, { helpers: [{ ...helper, at: ['board'] }] });
    expect(clashes.map(({ kind }) => kind)).toContain('hands');
  });

  it('help while the cook is away', () => {
    const meal = mealOfDishes(
      [dish('a', [job('a', 'board')])],
      [{ ...WORK, days: [6], to: '19:30' }],
    );
    expect(planOf(meal, meal.kitchen, NOW).status).toBe('cannot');
    expect(find(cook(meal, { helpers: [helper] }), 'a').hands[0]?.who).toBe('Ida');
  });

  it('are not woken to switch on an oven, nor to take out what is done', () => {
    const hot = step({
      id: 'hot',
      verb: 'preheat',
      time: fixed(15),
      place: { kind: 'oven', tempC: 120 },
    });
    const meal = mealOfDishes(
      [
        dish('a', [
          hot,
          roast('a', 120, { time: elastic(400, 480, 720), after: after('hot', 0, 30) }),
          step({
            id: 'chill',
            time: elastic(240, 540, 900),
            place: { kind: 'fridge' },
            after: after('a', 0, 10),
          }),
        ]),
      ],
      [NIGHT],
    );
    const made = cook(meal, { appliances: [oven('oven')] });
    const asleep = (min: number) => made.blocks.some((b) => b.startMin <= min && min < b.endMin);
    expect(asleep(find(made, 'hot').startMin)).toBe(false);
    expect(asleep(find(made, 'a').endMin)).toBe(false);
  });
});

describe('rounds through a small pan', () => {
  it('hold an oven warm for what is done first', () => {
    const time = {
      kind: 'batches' as const,
      food: 'f',
      perBatch: 2,
      leastMin: 8,
      likelyMin: 10,
      mostMin: 12,
    };
    const food = {
      id: 'f',
      name: 'cakes',
      share: { kind: 'pieces' as const, pieces: 2, pieceG: 50, by: 'head' as const },
    };
    const fry = step({
      id: 'fry',
      verb: 'fry',
      place: { kind: 'hob', tempC: 180 },
      time: { ...time, keepWarm: { kind: 'oven', tempC: 80, fromC: 70, toC: 90 } },
    });
    const meal = mealOfDishes([
      { ...dish('a', [fry], 5), foods: [food] },
      dish('b', [roast('b', 200)], 120),
    ]);
    const hob = { id: 'hob', kind: 'hob' as const, name: 'Hob', fits: 4 };
    const made = cook(meal, { appliances: [oven('oven'), hob] });
    expect(made.clashes).toEqual([]);
    // Four portions of two, two at a time: forty minutes in which the oven cannot be at 200°.
    expect(overlap(made, 'fry', 'b')).toBe(false);
  });
});
