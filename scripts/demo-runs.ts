/**
 * Writes demo/runs: two earlier suppers, cooked by the rehearsal in a kitchen whose smoker and oven
 * are off, one on time and one late; with what was said at the table. All of it is made up.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { eventsOf, parseMeal, plan, rehearse, runDocument, type Deed } from '@zemrin/core';

const HIDDEN = { offsetC: { smoker: -8, oven: 7 }, pace: 1.15 } as const;
const demo = new URL('../demo/', import.meta.url);

const SUPPERS = [
  {
    name: 'late-october-supper',
    now: '2026-10-26T08:00:00+01:00',
    seed: 5,
    troubles: ['missed-step'],
    said: [
      { did: 'noted', text: 'Two spoons of honey: too sweet, one', dish: 'lamb' },
      { did: 'noted', text: 'The beetroot was too salty', dish: 'beetroot', who: 'Ida' },
      { did: 'tasted', dish: 'lamb', scale: 'sweet', value: 1 },
      { did: 'tasted', dish: 'lamb', scale: 'tender', value: -1 },
      { did: 'weighed', food: 'lamb-shoulder', when: 'after', weightG: 1540 },
    ],
  },
  {
    name: 'martinmas-supper',
    now: '2026-11-09T08:00:00+01:00',
    seed: 1,
    troubles: [],
    said: [
      { did: 'noted', text: 'Braise needed 15 minutes more', dish: 'duck' },
      { did: 'tasted', dish: 'lamb', scale: 'sweet', value: 0 },
      { did: 'tasted', dish: 'lamb', scale: 'tender', value: 0 },
      { did: 'tasted', dish: 'duck', scale: 'tender', value: -1 },
      { did: 'weighed', food: 'lamb-shoulder', when: 'after', weightG: 1505 },
      { did: 'weighed', food: 'lamb-shoulder', when: 'left', weightG: 310 },
    ],
  },
] as const;

for (const { name, now, seed, troubles, said } of SUPPERS) {
  const nowMin = Date.parse(now) / 60_000;
  const text = readFileSync(new URL('first-frost-supper.json', demo), 'utf8');
  const meal = { ...parseMeal(text, nowMin), id: name };
  const { firstJobMin = nowMin, servingMin } = plan(meal, meal.kitchen, nowMin, { rescues: false });
  const from = Math.max(nowMin, firstJobMin - 5);
  const played = rehearse(meal, { nowMin: from, seed, troubles, hidden: HIDDEN });
  const { events } = played.run;
  const atMin = (events.at(-1)?.atMin ?? from) + 90;
  const deeds: Deed[] = [...said];
  const run = {
    ...played.run,
    id: `run-${name}`,
    events: [...events, ...eventsOf(deeds, events, { by: 'cook', atMin })],
  };
  writeFileSync(
    new URL(`runs/${name}.json`, demo),
    `${JSON.stringify(runDocument(run), null, 2)}\n`,
  );
  const late = Math.round((played.servedMin ?? Infinity) - servingMin);
  console.log(`${name}: served ${late} min after it was wished, ${played.stops.length} stops`);
}
