import { expect, it } from 'vitest';
import {
  beginRun,
  dayOfRun,
  emptyMeal,
  eventsOf,
  searchRuns,
  type Deed,
  type Run,
} from '../index.ts';

const FRIDAY = Date.parse('2026-11-27T18:00:00Z') / 60_000;
const DAY = 24 * 60;

const and = (run: Run, atMin: number, deed: Deed): Run => ({
  ...run,
  events: [...run.events, ...eventsOf([deed], run.events, { by: 'a', atMin })],
});

it('is the day it was served, and that it began where it was not, or it was taken back', () => {
  const meal = emptyMeal('m', 'Supper', '2026-11-28T19:00', 'UTC', 'Kitchen');
  const begun = beginRun(meal, 'run-1', FRIDAY);
  expect(dayOfRun(begun)).toBe('Friday 27 November 2026');
  const served = and(begun, FRIDAY + DAY, { did: 'served' });
  expect(dayOfRun(served)).toBe('Saturday 28 November 2026');
  expect(searchRuns([served], 'saturday november')).toEqual([served]);
  const tooSoon = served.events.find(({ did }) => did === 'served')?.id ?? '';
  const back = and(served, FRIDAY + DAY + 1, { did: 'undone', event: tooSoon });
  expect(dayOfRun(back)).toBe('Friday 27 November 2026');
  expect(dayOfRun(and(back, FRIDAY + 4 * DAY, { did: 'served' }))).toBe('Tuesday 1 December 2026');
});
