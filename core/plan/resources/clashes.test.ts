import { describe, expect, it } from 'vitest';
import { applyCommand, mannerOf, say, type Kitchen, type Meal, type Step } from '../../index.ts';
import { at, dish, fixed, mealOfDishes, step, supper } from '../../test/meals.ts';
import { plan, type Clash } from '../index.ts';

function withAppliances(meal: Meal, appliances: Kitchen['appliances']): Meal {
  return { ...meal, kitchen: { ...meal.kitchen, appliances } };
}

function clashesOf(meal: Meal): readonly Clash[] {
  return plan(meal, meal.kitchen, at('2026-11-23T08:00')).clashes;
}

const inOven = (id: string, tempC: number): Step =>
  step({ id, verb: 'roast', time: fixed(60), place: { kind: 'oven', tempC } });
const onHob = (id: string): Step =>
  step({ id, verb: 'simmer', time: fixed(90), place: { kind: 'hob', tempC: 100 } });

const OVEN = { id: 'oven', kind: 'oven' as const, name: 'Oven', fits: 2 };
const HOB = { id: 'hob', kind: 'hob' as const, name: 'Hob', fits: 2 };

describe('clashes', () => {
  it('one oven has one temperature', () => {
    const meal = withAppliances(
      mealOfDishes([dish('a', [inOven('roast', 180)]), dish('b', [inOven('bake', 220)])]),
      [OVEN],
    );
    const [clash, ...others] = clashesOf(meal);
    expect(others).toEqual([]);
    expect(clash).toMatchObject({
      kind: 'heat',
      steps: ['roast', 'bake'],
      atMin: at('2026-11-28T18:00'),
    });
    expect(clash && say(clash.text, mannerOf(meal, at(meal.serving.at)))).toBe(
      'At 18:00 the oven is wanted at 180° for roast and at 220° for bake.',
    );
  });

  it('two dishes at one temperature share its shelves, a third does not fit', () => {
    const roasts = (n: number) =>
      withAppliances(
        mealOfDishes(Array.from({ length: n }, (_u, i) => dish(`d${i}`, [inOven(`r${i}`, 180)]))),
        [OVEN],
      );
    expect(clashesOf(roasts(2))).toEqual([]);
    expect(clashesOf(roasts(3)).map((c) => [c.kind, c.steps])).toEqual([
      ['room', ['r0', 'r1', 'r2']],
    ]);
  });

  it('rings run out, and not before they do', () => {
    const pots = (n: number) =>
      withAppliances(
        mealOfDishes(Array.from({ length: n }, (_u, i) => dish(`d${i}`, [onHob(`p${i}`)]))),
        [HOB],
      );
    expect(clashesOf(pots(2))).toEqual([]);
    expect(clashesOf(pots(3)).map((c) => c.kind)).toEqual(['room']);
  });

  it('what a kitchen does not have is said', () => {
    const meal = withAppliances(mealOfDishes([dish('a', [inOven('roast', 180)])]), [HOB]);
    expect(clashesOf(meal).map((c) => c.kind)).toEqual(['missing']);
  });

  it('hands in one step never clash with themselves, and what touches does not overlap', () => {
    const job = (id: string, after: Step['after'] = []): Step =>
      step({ id, time: fixed(20), hands: [{ when: 'all', what: id }], after });
    const chain = mealOfDishes([
      dish('a', [
        job('first'),
        job('second', [{ step: 'first', from: 'end', leastMin: 0, mostMin: 0 }]),
      ]),
    ]);
    expect(clashesOf(chain)).toEqual([]);
    const both = step({
      id: 'both',
      time: fixed(10),
      hands: [
        { when: 'start', minutes: 8, what: 'begin' },
        { when: 'end', minutes: 8, what: 'finish' },
      ],
    });
    expect(clashesOf(mealOfDishes([dish('a', [both])]))).toEqual([]);
  });

  it('are told only of plans that can be', () => {
    const late = applyCommand(supper(), { do: 'serveAt', at: '2026-11-23T12:00' });
    const made = plan(late, late.kitchen, at('2026-11-23T08:00'));
    expect([made.status, made.clashes]).toEqual(['cannot', []]);
  });
});
