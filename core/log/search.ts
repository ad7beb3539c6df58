import { cutOf } from '../meal/index.ts';
import { placeNamed } from '../places/index.ts';
import type { Run } from '../run/index.ts';
import { localOf } from '../time/index.ts';
import { dayOfRun } from './day-of-run.ts';

/** What a run can be found by, made once for each. */
const texts = new WeakMap<Run, string>();

/** Runs that have every word of a text: in a dish, a cut, a fire, a date, a note. */
export function searchRuns(runs: readonly Run[], text: string): Run[] {
  const words = text
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== '');
  if (words.length === 0) return [...runs];
  return runs.filter((run) => {
    const all = textOf(run);
    return words.every((word) => all.includes(word));
  });
}

function textOf(run: Run): string {
  const known = texts.get(run);
  if (known !== undefined) return known;
  const { meal, events, startedMin } = run;
  const parts = [meal.title, localOf(Math.floor(startedMin), meal.serving.zone), dayOfRun(run)];
  for (const dish of meal.dishes) {
    parts.push(dish.name);
    for (const food of dish.foods) parts.push(food.name, cutOf(meal, food)?.name ?? '');
    for (const { label, verb, place } of dish.steps) {
      parts.push(label, verb, placeNamed(place.kind).words.en.name);
    }
  }
  for (const event of events) if (event.did === 'noted') parts.push(event.text, event.who ?? '');
  const made = parts.join('\n').toLowerCase();
  texts.set(run, made);
  return made;
}
