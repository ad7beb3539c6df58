import { readFileSync } from 'node:fs';
import { applyCommand, audit, epochMinOf, mealOf, plan } from '@zemrin/core';
import { medianMs, told, type Line } from './measure.ts';

const ZONE = 'Europe/Paris';

/** A fixed amount of plain arithmetic, so that a slow machine is told from a slow planner. */
function referenceLoop(): void {
  let x = 1;
  for (let i = 0; i < 1_000_000; i++) x = (x * 1103515245 + 12345) & 0x7fffffff;
  if (x === -1) throw new Error('unreachable');
}

/** Planning the example supper: at once, after a change, and when it cannot be done. */
export function plannerBench(): Line[] {
  const file = new URL('../demo/first-frost-supper.json', import.meta.url);
  const nowMin = epochMinOf('2026-11-25T08:00', ZONE);
  const meal = mealOf(JSON.parse(readFileSync(file, 'utf8')), nowMin);
  const firstFrom = performance.now();
  const made = plan(meal, meal.kitchen, nowMin);
  const first = performance.now() - firstFrom;
  let grams = 2000;
  let last = made;
  const replan = medianMs(() => {
    grams = grams > 3000 ? 2000 : grams + 10;
    const heavier = applyCommand(meal, {
      do: 'weigh',
      dish: 'lamb',
      food: 'lamb-shoulder',
      weightG: grams,
    });
    // As the application's worker does while the cook is at it: ways out come when the hand rests.
    last = plan(heavier, heavier.kitchen, nowMin, { previous: last, work: 500, rescues: false });
  });
  const late = applyCommand(meal, { do: 'serveAt', at: '2026-11-25T19:00' });
  const cannot = medianMs(() => plan(late, late.kitchen, nowMin), 5, 2);
  const checked = medianMs(() => audit(made, meal, meal.kitchen));
  const loop = medianMs(referenceLoop);
  return [
    told('planner', 're-plan of the supper in Node (in the worker: bench web)', replan, 'ms'),
    told('planner', 'the same, against a million multiplications', replan / loop, '×'),
    told('planner', 'first plan, nothing warm', first, 'ms'),
    told('planner', 'a meal that cannot be done, with its rescues', cannot, 'ms'),
    told('planner', 'audit of a plan', checked, 'ms'),
  ];
}
