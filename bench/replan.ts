import { readFileSync } from 'node:fs';
import { foldRun, parseMeal, plan, planOn, rehearse } from '@zemrin/core';
import { atMost, median, medianMs, percentile, told, type Line } from './measure.ts';

const NOW_MIN = Date.parse('2026-11-27T08:00:00+01:00') / 60_000;
/** Slower hands than the plan believes: much of it is late. */
const PACE = 1.3;

/** The rest of a run planned anew after every word of it, beside the whole meal planned from nothing. */
export function replanBench(): Line[] {
  const file = readFileSync(new URL('../demo/first-frost-supper.json', import.meta.url), 'utf8');
  const supper = parseMeal(file, NOW_MIN);
  const whole = () => plan(supper, supper.kitchen, NOW_MIN, { rescues: false });
  const peer = medianMs(whole, 20, 5);
  const { run } = rehearse(supper, {
    nowMin: NOW_MIN,
    seed: 3,
    hidden: { offsetC: {}, pace: PACE },
  });
  let previous = whole();
  const took = run.events.map(({ atMin }, i) => {
    const state = foldRun({ ...run, events: run.events.slice(0, i + 1) });
    const from = performance.now();
    previous = planOn(state, Math.floor(atMin), { previous }).plan;
    return performance.now() - from;
  });
  return [
    atMost('replan', 'the rest of a late supper after a word, median', median(took), 'ms', 50),
    atMost(
      'replan',
      'the rest of a late supper after a word, p95',
      percentile(took, 0.95),
      'ms',
      50,
    ),
    told('replan', '  against the whole supper from nothing', median(took) / peer, 'times'),
  ];
}
