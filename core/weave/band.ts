import type { Place } from '../meal/index.ts';
import type { Verb } from '../words/index.ts';

/** How hot the place is that the food is in: what a thread's colour means, and nothing else. */
export type HeatBand = 'cold' | 'cool' | 'counter' | 'slow' | 'strong' | 'sear' | 'rest';

const BY_PLACE: Readonly<Record<Place['kind'], HeatBand>> = {
  freezer: 'cold',
  fridge: 'cold',
  counter: 'counter',
  board: 'counter',
  table: 'counter',
  box: 'rest',
  smoker: 'slow',
  oven: 'strong',
  hob: 'strong',
  grill: 'sear',
};

/** Upper bounds in °C; our own cuts between what cooks call cold, slow, strong and searing. */
const UP_TO: ReadonlyArray<readonly [number, HeatBand]> = [
  [8, 'cold'],
  [18, 'cool'],
  [45, 'counter'],
  [144, 'slow'],
  [199, 'strong'],
  [Infinity, 'sear'],
];

export function bandOf(place: Place, verb: Verb): HeatBand {
  if (verb === 'rest') return 'rest';
  const { tempC } = place;
  if (tempC === undefined) return BY_PLACE[place.kind];
  return UP_TO.find(([limitC]) => tempC <= limitC)?.[1] ?? 'sear';
}

/** Where food waits after a step: where it was if that is cold or at rest, else on the counter. */
export function waitingBand(after: HeatBand): HeatBand {
  return after === 'cold' || after === 'cool' || after === 'rest' ? after : 'counter';
}
