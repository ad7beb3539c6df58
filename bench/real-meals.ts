import { applyCommand, audit, plan, wallClock, type Meal, type Plan } from '@zemrin/core';
import { foursOfBook, pairsOfBook, randomMeal } from '../core/test/real-meals.ts';
import { atLeast, atMost, median, percentile, told, type Line } from './measure.ts';

/** Hands-on minutes after half past nine at night or in the first half hour after waking. */
function unkindShare({ steps, zone }: Plan): number {
  let unkind = 0;
  let all = 0;
  for (const { startMin, endMin } of steps.flatMap(({ hands }) => hands)) {
    for (let min = startMin; min < endMin; min++) {
      const { hour, minute } = wallClock(min, zone);
      const clock = hour * 60 + minute;
      all++;
      if (clock >= 21 * 60 + 30 || clock < 7 * 60 + 30) unkind++;
    }
  }
  return all === 0 ? 0 : unkind / all;
}

/** Hands-on minutes in the last half hour before serving. */
function lastHalfHour({ steps, servingMin }: Plan): number {
  return steps
    .flatMap(({ hands }) => hands)
    .reduce((sum, { startMin, endMin }) => {
      const within = Math.min(endMin, servingMin) - Math.max(startMin, servingMin - 30);
      return sum + Math.max(0, within);
    }, 0);
}

/** The pattern book with itself: every pair, and random fours. */
export function bookBench(): Line[] {
  const made = (meals: readonly { meal: Meal; nowMin: number }[]) => {
    const sound = meals.filter(({ meal, nowMin }) => {
      const found = plan(meal, meal.kitchen, nowMin, { rescues: false });
      const stops = found.findings.some(({ level }) => level === 'stop');
      return found.status !== 'cannot' && !stops && audit(found, meal, meal.kitchen).length === 0;
    });
    return (100 * sound.length) / Math.max(1, meals.length);
  };
  return (['ordinary', 'outdoors', 'tiny'] as const).flatMap((kitchen) => {
    const pairs = pairsOfBook(kitchen);
    const what = `of the book, ${kitchen} kitchen: planned, safe, audited`;
    return [
      atLeast('planner', `${pairs.length} pairs ${what}`, made(pairs), '%', 99.5),
      atLeast('planner', `300 fours ${what}`, made(foursOfBook(300, kitchen)), '%', 97),
    ];
  });
}

/** Whether the first way out that is offered leads to a plan that can be carried out. */
function hasWayOut({ meal, nowMin }: { meal: Meal; nowMin: number }): boolean {
  const [first] = plan(meal, meal.kitchen, nowMin).rescues;
  if (!first) return false;
  const changed = first.changes.reduce(applyCommand, meal);
  return plan(changed, changed.kitchen, nowMin, { rescues: false }).status !== 'cannot';
}

/** Meals as cooks put them on the table: whether they come out, how surely, how kindly, how soon. */
export function realMealsBench(count = 200): Line[] {
  const plans = Array.from({ length: count }, (_unused, seed) => {
    const { meal, nowMin } = randomMeal(seed);
    const from = performance.now();
    const made = plan(meal, meal.kitchen, nowMin, { rescues: false });
    const ms = performance.now() - from;
    return { made, ms, meal, nowMin, days: (made.servingMin - nowMin) / 1440 };
  });
  const done = plans.filter(({ made }) => made.status !== 'cannot');
  const sound = done.filter(({ made, meal }) => audit(made, meal, meal.kitchen).length === 0);
  const stuck = plans.filter(({ made }) => made.status === 'cannot');
  const calm = done.filter(({ days }) => days >= 2);
  const clashing = plans.filter(({ made }) => made.clashes.length > 0);
  const clashes = clashing.length;
  const proved = clashing.filter(({ made }) => made.costBound?.proved).length;
  const share = (some: number, of: number) => (100 * some) / Math.max(1, of);
  const unkind = done.reduce((sum, { made }) => sum + unkindShare(made), 0);
  const times = plans.map(({ ms }) => ms);
  return [
    told('planner', `${count} real meals: can be carried out`, share(done.length, count), '%'),
    told('planner', 'real meals: with a clash', clashes, ''),
    atLeast('planner', 'real meals: with a clash that is proved', proved, '', clashes),
    atLeast(
      'planner',
      'real meals that cannot: with a way out that works',
      share(stuck.filter((one) => hasWayOut(one)).length, stuck.length),
      '%',
      100,
    ),
    atLeast(
      'planner',
      'real meals: audited without a finding',
      share(sound.length, done.length),
      '%',
      100,
    ),
    atLeast(
      'planner',
      'real meals, two days or more: chance, median',
      median(calm.map(({ made }) => made.onTime)),
      '',
      0.9,
    ),
    atMost(
      'planner',
      'real meals: hands late at night or on waking',
      share(unkind, done.length),
      '%',
      2,
    ),
    told(
      'planner',
      'real meals: hands in the last half hour, median',
      median(done.map(({ made }) => lastHalfHour(made))),
      'min',
    ),
    told('planner', 'real meals: a plan, median', median(times), 'ms'),
    atMost('planner', 'real meals: a plan, p95', percentile(times, 0.95), 'ms', 1000),
    ...tableOfTwelve(),
  ];
}

/** A table of twelve dishes: whether a plan is there before the cook has gone. */
function tableOfTwelve(): Line[] {
  const made = Array.from({ length: 20 }, (_unused, seed) => {
    const { meal, nowMin } = randomMeal(seed, 12);
    const from = performance.now();
    const found = plan(meal, meal.kitchen, nowMin, { rescues: false });
    const isSound = found.status === 'cannot' || audit(found, meal, meal.kitchen).length === 0;
    return { ms: performance.now() - from, isSound };
  });
  const worst = Math.max(...made.map(({ ms }) => ms));
  return [
    atLeast(
      'planner',
      'twelve dishes: audited, of 20',
      made.filter((one) => one.isSound).length,
      '',
      20,
    ),
    atMost('planner', 'twelve dishes: a plan, worst', worst, 'ms', 5000),
  ];
}
