import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  addDays,
  blocksOf,
  epochMinOf,
  epochMinOfIso,
  isLocal,
  isoOf,
  localOf,
  nextWeekday,
  readClock,
  showTime,
  startOfDay,
  wallClock,
} from './index.ts';
import { at, NIGHT, WORK, ZONE } from '../test/meals.ts';

describe('local time and its zone', () => {
  // Rules of the zones: IANA time zone database. Paris moves on 29 March and 25 October 2026.
  it('knows that the night to summer is an hour short and the night to winter an hour long', () => {
    expect(at('2026-03-29T12:00') - at('2026-03-28T12:00')).toBe(23 * 60);
    expect(at('2026-10-25T12:00') - at('2026-10-24T12:00')).toBe(25 * 60);
    expect(isoOf(at('2026-03-29T12:00'), ZONE)).toBe('2026-03-29T12:00:00+02:00');
    expect(isoOf(at('2026-11-28T19:00'), ZONE)).toBe('2026-11-28T19:00:00+01:00');
  });

  it('takes a time in the skipped hour as just after it', () => {
    expect(localOf(at('2026-03-29T02:30'), ZONE)).toBe('2026-03-29T03:30');
  });

  it('keeps the clock when days are added over a change', () => {
    expect(addDays('2026-03-28T19:00', 1)).toBe('2026-03-29T19:00');
    expect(localOf(startOfDay(at('2026-03-28T12:00'), ZONE, 1), ZONE)).toBe('2026-03-29T00:00');
  });

  it('goes there and back in any zone', () => {
    const zones = fc.constantFrom(
      'Europe/Paris',
      'America/New_York',
      'Asia/Kolkata',
      'Pacific/Auckland',
      'UTC',
    );
    fc.assert(
      fc.property(fc.integer({ min: 27_000_000, max: 32_000_000 }), zones, (min, zone) => {
        expect(epochMinOfIso(isoOf(min, zone), 'UTC')).toBe(min);
        // The hour that comes twice in autumn has two moments with one local time.
        expect([0, 60, -60]).toContain(epochMinOf(localOf(min, zone), zone) - min);
      }),
    );
  });

  it('finds the next Saturday that is far enough ahead', () => {
    expect(nextWeekday(6, '19:00', 3, at('2026-11-25T08:00'), ZONE)).toBe('2026-11-28T19:00');
    expect(nextWeekday(6, '19:00', 3, at('2026-11-26T08:00'), ZONE)).toBe('2026-12-05T19:00');
    expect(wallClock(at('2026-11-28T19:00'), ZONE).weekday).toBe(6);
  });

  it('shows a day only when it is not the serving day', () => {
    const serving = at('2026-11-28T19:00');
    expect(showTime(at('2026-11-28T09:05'), ZONE, '24h', serving)).toBe('09:05');
    expect(showTime(at('2026-11-27T17:00'), ZONE, '24h', serving)).toBe('Fri 17:00');
    expect(showTime(at('2026-11-28T00:30'), ZONE, '12h', serving)).toBe('12:30 am');
  });

  it('reads clocks as cooks type them, and nothing else', () => {
    const read = ['19:00', '7pm', '7:30 pm', '1900', '19.30', '19h30', '12 am', '7'].map(readClock);
    expect(read).toEqual(['19:00', '19:00', '19:30', '19:00', '19:30', '19:30', '00:00', '07:00']);
    expect(['25:00', '19:60', 'noon', '13 pm', ''].map(readClock)).toEqual(
      Array(5).fill(undefined),
    );
    expect(isLocal('2026-02-29T19:00')).toBe(false);
  });
});

describe('sleep and work', () => {
  it('a sleep of one date stands in the place of that night', () => {
    const once = { ...NIGHT, to: '05:30', days: [5], on: '2026-11-27' };
    const blocks = blocksOf([NIGHT, once], ZONE, at('2026-11-26T12:00'), at('2026-11-28T23:30'));
    expect(blocks.map(({ startMin, endMin }) => [startMin, endMin])).toEqual([
      [at('2026-11-26T23:00'), at('2026-11-27T07:00')],
      [at('2026-11-27T23:00'), at('2026-11-28T05:30')],
      [at('2026-11-28T23:00'), at('2026-11-29T07:00')],
    ]);
  });

  it('lays nights over midnight and work on weekdays only', () => {
    const blocks = blocksOf([NIGHT, WORK], ZONE, at('2026-11-27T08:00'), at('2026-11-28T19:00'));
    const local = blocks.map((b) => [b.kind, localOf(b.startMin, ZONE), localOf(b.endMin, ZONE)]);
    expect(local).toEqual([
      ['away', '2026-11-27T09:00', '2026-11-27T17:00'],
      ['asleep', '2026-11-27T23:00', '2026-11-28T07:00'],
    ]);
  });

  it('gives the short night seven hours and the long one nine', () => {
    const lengths = (from: string, to: string) =>
      blocksOf([NIGHT], ZONE, at(from), at(to)).map((b) => (b.endMin - b.startMin) / 60);
    expect(lengths('2026-03-28T12:00', '2026-03-29T12:00')).toEqual([7]);
    expect(lengths('2026-10-24T12:00', '2026-10-25T12:00')).toEqual([9]);
  });
});
