import { describe, expect, it } from 'vitest';
import {
  byMinutesLeft,
  comesTo,
  patternDish,
  PATTERNS,
  searchBook,
  type BookEntry,
} from '../index.ts';
import { mealOfPattern } from '../test/pattern-meal.ts';

const [first] = PATTERNS;
if (!first) throw new Error('the book is empty');
const meal = mealOfPattern(first);
const bookIn = (kitchen: typeof meal.kitchen): BookEntry[] =>
  PATTERNS.map((pattern) => {
    const dish = patternDish(pattern, {}, new Set());
    return { pattern, dish, comes: comesTo({ ...meal, kitchen }, dish) };
  });
const book = bookIn(meal.kitchen);
const ids = (entries: readonly BookEntry[]) => entries.map(({ pattern }) => pattern.id);

describe('the pattern book', () => {
  it('is searched by cut, by fire, by word and by time', () => {
    expect(ids(searchBook(book, 'brisket'))).toEqual(['cured-brisket']);
    expect(ids(searchBook(book, 'smoker'))).toContain('smoked-loin');
    expect(ids(searchBook(book, 'Pear'))).toContain('thin-ribs-one-pot');
    const quick = ids(searchBook(book, 'steaks under 2 h'));
    expect(quick).toContain('citrus-steak');
    expect(quick).not.toContain('direct-then-indirect');
    expect(searchBook(book, '')).toHaveLength(book.length);
    expect(searchBook(book, 'nothing of the kind')).toEqual([]);
  });

  it('opens with what can still be done: with four hours left no brine of a day', () => {
    const { inTime, tooLong } = byMinutesLeft(book, 4 * 60);
    expect(ids(inTime)).toContain('citrus-steak');
    expect(ids(tooLong)).toEqual(
      expect.arrayContaining(['brined-chops', 'brined-breast', 'cured-brisket', 'covered-bake']),
    );
    expect(inTime.length + tooLong.length).toBe(book.length);
  });

  it('knows what a kitchen lacks, and puts that last', () => {
    const bare = {
      ...meal.kitchen,
      appliances: meal.kitchen.appliances.filter(({ kind }) => kind === 'hob'),
    };
    const entries = bookIn(bare).filter(({ pattern }) => pattern.kind === 'main');
    const lacks = (id: string) => entries.find(({ pattern }) => pattern.id === id)?.comes.lacks;
    expect(lacks('smoked-loin')).toContain('smoker');
    expect(lacks('slow-cooker-joint')).toContain('slow-cooker');
    expect(lacks('stove-flank')).toEqual([]);
    const [top] = byMinutesLeft(entries, Infinity).inTime;
    expect(top?.comes.lacks).toEqual([]);
  });

  it('tells the hours of a dish as they add up along its longest way', () => {
    const chops = book.find(({ pattern }) => pattern.id === 'brined-chops')?.comes;
    // Mixed in 10 min, 24 to 30 h in the brine, 6 to dry, 7 to sear, the oven, 5 of rest, 2 to serve.
    expect(chops?.leastMin).toBeGreaterThan(24 * 60 + 25);
    expect(chops?.usualMin).toBeLessThan(31 * 60);
    expect(chops?.handsMin).toBeGreaterThan(25);
  });
});
