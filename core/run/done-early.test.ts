import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import {
  applyCommand,
  beginRun,
  draftDish,
  epochMinOf,
  eventsOf,
  foldRun,
  parseMeal,
  planOn,
  readRecipe,
  waysOutOf,
  type Deed,
  type Meal,
} from '../index.ts';

const ZONE = 'Europe/Paris';
const NOON = epochMinOf('2026-12-05T15:00', ZONE);
const TEXT = `Roast chicken and rice
Serves 4

1.8kg chicken
300g rice
600ml water

Roast the chicken at 190 °C until it is 75 °C in the middle. Rest for 15 minutes.

Meanwhile simmer the rice in the water for 20 minutes.`;

/** A Saturday's chicken, for 19:00, and nothing else. */
function chickenAtSeven(): Meal {
  const { dish, own } = draftDish(readRecipe(TEXT));
  const supper = parseMeal(
    readFileSync(new URL('../../demo/first-frost-supper.json', import.meta.url), 'utf8'),
    NOON,
  );
  const bare = { ...supper, dishes: [], serving: { at: '2026-12-05T19:00', zone: ZONE } };
  return applyCommand(bare, { do: 'putDish', dish, own });
}

/** It comes out at 16:25, two hours and a half before it is wanted. */
function outEarly() {
  const meal = chickenAtSeven();
  const roast = meal.dishes[0]?.steps.find(({ verb }) => verb === 'roast')?.id ?? '';
  const said: ReadonlyArray<readonly [number, Deed]> = [
    [10, { did: 'started', step: roast }],
    [85, { did: 'done', step: roast }],
  ];
  const run = said.reduce(
    (before, [minute, deed]) => ({
      ...before,
      events: [
        ...before.events,
        ...eventsOf([deed], before.events, { by: 'a', atMin: NOON + minute }),
      ],
    }),
    beginRun(meal, 'r', NOON),
  );
  return { state: foldRun(run), nowMin: NOON + 86 };
}

describe('what is done early', () => {
  const { state, nowMin } = outEarly();
  const ways = waysOutOf(state, nowMin);

  it('is said, with the rule that a long wait on the board would break', () => {
    const { early, plan } = planOn(state, nowMin);
    expect(early).toBe(true);
    expect(plan.findings.map(({ rule }) => rule)).toContain('holding');
  });

  it('is kept hot in the oven it came from, though rice is still to be cooked', () => {
    const [best] = ways;
    expect(best?.text).toMatchObject({
      key: 'rescue.keepHot',
      values: { place: { place: 'oven' } },
    });
    const meal = (best?.changes ?? []).reduce(applyCommand, state.meal);
    const { plan, early } = planOn({ ...state, meal }, nowMin);
    expect([early, plan.status]).toEqual([false, 'fits']);
    expect(plan.findings.filter(({ level }) => level === 'stop')).toEqual([]);
  });

  it('or eaten sooner, at a round time that leaves the rice its time', () => {
    const sooner = ways.find(({ text }) => text.key === 'rescue.serveAt');
    const servingMin = sooner?.servingMin ?? 0;
    expect(servingMin % 5).toBe(0);
    expect(sooner?.onTime).toBeGreaterThanOrEqual(0.8);
    expect(servingMin).toBeGreaterThanOrEqual(nowMin + 20);
    expect(servingMin).toBeLessThanOrEqual(nowMin + 60);
  });
});
