import { isoOf } from '../time/index.ts';
import type { Rehearsal } from '../run/index.ts';
import { say } from '../words/index.ts';
import { mannerOf } from './plan-json.ts';

/** How a rehearsed meal went, as other tools read it. */
export function rehearsalJson(rehearsal: Rehearsal) {
  const { run, wantedMin, servedMin, compromises, stops, moved, onTimeToldAt } = rehearsal;
  const { zone } = run.meal.serving;
  const manner = mannerOf(run.meal, wantedMin);
  const iso = (atMin: number) => isoOf(Math.round(atMin), zone);
  return {
    wantedAt: iso(wantedMin),
    servedAt: servedMin === undefined ? null : iso(servedMin),
    events: run.events.length,
    moved,
    compromises: compromises.map(({ step, text, minutesOver, cost }) => ({
      step,
      text: say(text, manner),
      minutesOver,
      cost,
    })),
    stops: stops.map(({ rule, dish, step, message }) => ({
      rule,
      dish,
      ...(step === undefined ? {} : { step }),
      text: say(message, manner),
    })),
    onTimeToldAt: onTimeToldAt.map(({ atMin, onTime }) => ({ at: iso(atMin), onTime })),
  };
}
