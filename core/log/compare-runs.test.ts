import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import {
  beginRun,
  comparableWith,
  compareRuns,
  eventsOf,
  overRuns,
  parseMeal,
  servingMin,
  type Deed,
  type Meal,
  type Run,
} from '../index.ts';

const NOW = Date.parse('2026-11-27T08:00:00+01:00') / 60_000;
const supper = parseMeal(
  readFileSync(new URL('../../demo/first-frost-supper.json', import.meta.url), 'utf8'),
  NOW,
);
const SERVED = servingMin(supper);

function run(id: string, meal: Meal, deeds: ReadonlyArray<readonly [number, Deed]>): Run {
  return deeds.reduce<Run>(
    (one, [atMin, deed]) => ({
      ...one,
      events: [...one.events, ...eventsOf([deed], one.events, { by: 'a', atMin })],
    }),
    beginRun(meal, id, NOW),
  );
}

const smoked = (minutes: number, afterG: number, salt: number, late: number) =>
  [
    [SERVED - 600, { did: 'weighed', food: 'lamb-shoulder', when: 'before', weightG: 2000 }],
    [SERVED - 500, { did: 'started', step: 'lamb-smoke' }],
    [SERVED - 500, { did: 'probed', probe: 'p', step: 'lamb-smoke' }],
    [SERVED - 500 + minutes - 5, { did: 'read', probe: 'p', coreC: 88 }],
    [SERVED - 500 + minutes, { did: 'done', step: 'lamb-smoke' }],
    [SERVED - 60, { did: 'weighed', food: 'lamb-shoulder', when: 'after', weightG: afterG }],
    [SERVED + late, { did: 'served' }],
    [SERVED + late + 5, { did: 'tasted', dish: 'lamb', scale: 'salt', value: salt }],
  ] as const;

describe('two runs side by side', () => {
  const first = run('a', supper, smoked(300, 1300, 1, 25));
  const more: Meal = {
    ...supper,
    dishes: supper.dishes.map((dish) => ({
      ...dish,
      mixtures: dish.mixtures.map((mixture) => ({
        ...mixture,
        lines: mixture.lines.map((line) =>
          line.ingredient === 'honey' ? { ...line, amount: '2 tbsp' } : line,
        ),
      })),
    })),
  };
  const second = run('b', more, smoked(360, 1200, 0, 0));

  it('tell lateness, weights, minutes over the fire, the core, tastes and what was mixed otherwise', () => {
    const { lateMin, dishes } = compareRuns([first, second]);
    expect(lateMin).toEqual([25, 0]);
    const lamb = dishes.find(({ name }) => name === 'Smoked lamb shoulder');
    expect(lamb?.figures).toEqual([
      {
        rawG: 2000,
        lostShare: 0.35,
        inAllMin: 300,
        onFireMin: 300,
        coreC: 88,
        tastes: { salt: 1 },
      },
      { rawG: 2000, lostShare: 0.4, inAllMin: 360, onFireMin: 360, coreC: 88, tastes: { salt: 0 } },
    ]);
    const honey = dishes.flatMap(({ amounts }) => amounts);
    expect(honey.length).toBeGreaterThan(0);
    expect(
      honey.every(({ ingredient, said }) => ingredient === 'honey' && said[1] === '2 tbsp'),
    ).toBe(true);
  });

  it('are those that have a dish in common, whatever the meal is called', () => {
    const [lamb] = supper.dishes;
    const other = run(
      'c',
      { ...supper, id: 'x', title: 'Another', dishes: lamb ? [lamb] : [] },
      [],
    );
    const none = run('d', { ...supper, dishes: [] }, []);
    expect(comparableWith(first, [first, second, other, none])).toEqual([second, other]);
    // What nobody measured is left out, and no figure is made up for it.
    const [dish] = compareRuns([first, other]).dishes;
    expect(dish?.figures[1]).toMatchObject({
      lostShare: undefined,
      onFireMin: undefined,
      tastes: {},
    });
  });
});

describe('runs in a row', () => {
  it('tell lateness, how far the forecasts were off, and what each cut lost, the oldest first', () => {
    const early = run('a', supper, smoked(300, 1300, 0, 25));
    const [one, two] = overRuns([run('b', supper, smoked(360, 1200, 0, -5)), early]);
    expect([one?.lateMin, two?.lateMin]).toEqual([-5, 25]);
    expect([...(two?.losses.values() ?? [])]).toEqual([expect.closeTo(0.35, 3)]);
    expect(one?.offShare).toBeGreaterThan(0);
    expect(one?.offShare).toBeLessThan(1);
  });

  it('make no figure up of what nobody said', () => {
    const [bare] = overRuns([run('c', supper, [])]);
    expect(bare).toMatchObject({ lateMin: undefined, offShare: undefined });
    expect(bare?.losses.size).toBe(0);
  });
});
