import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import {
  beginRun,
  eventsOf,
  foldRun,
  parseMeal,
  planOn,
  type Deed,
  type Meal,
  type Step,
} from '../index.ts';

const NOW = Date.parse('2026-11-28T13:00:00+01:00') / 60_000;
const read = () =>
  parseMeal(
    readFileSync(new URL('../../demo/first-frost-supper.json', import.meta.url), 'utf8'),
    NOW,
  );

/** A sauce that is started when the lamb has 10° to go. */
function withTrigger(meal: Meal): Meal {
  const dishes = meal.dishes.map((dish) => {
    const wrap = dish.steps.find(({ id }) => id === 'lamb-wrap');
    const sauce: Step | undefined = wrap && {
      id: 'lamb-sauce',
      verb: 'mix',
      label: 'Start the sauce',
      after: [{ step: wrap.id, from: 'end', leastMin: 0, coreShortC: 10 }],
      time: { kind: 'fixed', minutes: 10 },
      place: { kind: 'board' },
      hands: [],
      cautions: [],
    };
    return sauce ? { ...dish, steps: [...dish.steps, sauce] } : dish;
  });
  return { ...meal, dishes };
}

/** When the sauce is to be started, once the lamb has been wrapped for a while and read so. */
function sauceAt(coreC: number | undefined, nowMin = NOW): number {
  const meal = withTrigger(read());
  const steps = ['lamb-paste', 'lamb-marinate', 'lamb-fire', 'lamb-temper', 'lamb-smoke'];
  const say = (deeds: readonly Deed[], atMin: number, run = beginRun(meal, 'r', NOW - 2000)) => ({
    ...run,
    events: [...run.events, ...eventsOf(deeds, run.events, { by: 'a', atMin })],
  });
  let run = say(
    steps.map((step): Deed => ({ did: 'done', step })),
    NOW - 40,
  );
  run = say([{ did: 'started', step: 'lamb-wrap' }], NOW - 40, run);
  run = say([{ did: 'probed', probe: 'p', step: 'lamb-wrap' }], NOW - 39, run);
  for (let i = 3; coreC !== undefined && i >= 1; i--) {
    run = say([{ did: 'read', probe: 'p', coreC: coreC - i * 0.4 }], NOW - i * 5, run);
  }
  if (coreC !== undefined) run = say([{ did: 'read', probe: 'p', coreC }], NOW - 1, run);
  const { plan } = planOn(foldRun(run), nowMin);
  return (plan.steps.find(({ id }) => id === 'lamb-sauce')?.startMin ?? NaN) - nowMin;
}

describe('a step that begins when ten degrees are missing', () => {
  it('begins as heat says while nothing is read, and at once when a reading says so', () => {
    const unread = sauceAt(undefined);
    expect(unread).toBeGreaterThan(5);
    expect(sauceAt(76)).toBe(unread);
    // 93° is the end: at 83 ten are missing.
    expect(sauceAt(83.2)).toBeLessThanOrEqual(1);
  });
});
