import type { Verb } from '../terms/index.ts';

/** How hot the place is that the food is in: what a thread's colour means, and nothing else. */
export type HeatBand = 'cold' | 'cool' | 'counter' | 'slow' | 'strong' | 'sear' | 'rest';

/** Upper bounds in °C; our own cuts between what cooks call cold, slow, strong and searing. */
const UP_TO: ReadonlyArray<readonly [number, HeatBand]> = [
  [8, 'cold'],
  [18, 'cool'],
  [45, 'counter'],
  [144, 'slow'],
  [199, 'strong'],
  [Infinity, 'sear'],
];

/** The one scale from a temperature to a colour. */
export function bandAt(tempC: number): HeatBand {
  return UP_TO.find(([limitC]) => tempC <= limitC)?.[1] ?? 'sear';
}

/** What is done at rest is shown so wherever it is. */
export function restsIn(verb: Verb): boolean {
  return verb === 'rest';
}

/** Where food waits after a step: where it was if that is cold or at rest, else on the counter. */
export function waitingBand(after: HeatBand): HeatBand {
  return after === 'cold' || after === 'cool' || after === 'rest' ? after : 'counter';
}
