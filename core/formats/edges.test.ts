import { parse as parseCsv } from 'csv-parse/sync';
import fc from 'fast-check';
import ICAL from 'ical.js';
import jsonld from 'jsonld';
import { describe, expect, it } from 'vitest';
import { applyCommand, MealError, printMeal } from '../meal/index.ts';
import { plan } from '../plan/index.ts';
import { readRecipe } from '../reader/index.ts';
import { localOf } from '../time/index.ts';
import { at, supper } from '../test/meals.ts';
import {
  busyOf,
  CalendarError,
  hoursOfBusy,
  mealLd,
  mealMarkdown,
  planCalendar,
  previewImport,
  printDish,
  printKitchen,
  printLibrary,
  readBundle,
  recipeLd,
  tableCsv,
  TABLES,
} from './index.ts';

const NOW = at('2026-11-23T08:00');
const meal = supper();
const made = plan(meal, meal.kitchen, NOW, { rescues: false });

/** The events of a calendar, by a parser that is not the writer. */
function eventsOf(text: string): ICAL.Event[] {
  const root = new ICAL.Component(ICAL.parse(text) as unknown[]);
  return root.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
}

describe('the plan as a calendar', () => {
  const text = planCalendar(meal, made, NOW);

  it('has an event for every step that wants hands, at its time, with alarms', () => {
    const events = eventsOf(text);
    const wanting = made.steps.filter(({ hands }) => hands.length > 0);
    expect(events).toHaveLength(wanting.length + 1);
    for (const step of wanting) {
      const event = events.find(({ uid }) => uid === `${meal.id}.${step.id}@zemrin`);
      expect(event?.startDate.toUnixTime(), step.id).toBe(step.startMin * 60);
      expect(event?.component.getAllSubcomponents('valarm').length).toBe(step.hands.length);
    }
  });

  it('keeps RFC 5545: lines of 75 octets ended by CR LF, and what every event must have', () => {
    expect(text.endsWith('\r\n')).toBe(true);
    const lines = text.split('\r\n').slice(0, -1);
    for (const line of lines) {
      expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
      expect(line).not.toMatch(/[\r\n]/);
    }
    for (const { component } of eventsOf(text)) {
      for (const name of ['uid', 'dtstamp', 'dtstart', 'dtend', 'summary']) {
        expect(component.hasProperty(name), name).toBe(true);
      }
    }
    expect([lines[0], lines.at(-1)]).toEqual(['BEGIN:VCALENDAR', 'END:VCALENDAR']);
  });

  it('updates when it is exported again: the same ids, a later sequence', () => {
    const later = applyCommand(meal, { do: 'serveAt', at: '2026-11-28T20:00' });
    const again = eventsOf(
      planCalendar(later, plan(later, later.kitchen, NOW, { rescues: false }), NOW + 60),
    );
    const before = eventsOf(text);
    expect(new Set(again.map(({ uid }) => uid))).toEqual(new Set(before.map(({ uid }) => uid)));
    expect(again[0]?.sequence).toBeGreaterThan(before[0]?.sequence ?? Infinity);
  });
});

const ics = (...events: string[]) =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//x//y//EN',
    ...events.flatMap((body, i) => [
      'BEGIN:VEVENT',
      `UID:e${i}@x`,
      'DTSTAMP:20261101T000000Z',
      ...body.split('\n'),
      'END:VEVENT',
    ]),
    'END:VCALENDAR',
  ].join('\r\n');

describe('busy hours from a calendar', () => {
  const zone = 'Europe/Paris';
  const [from, to] = [at('2026-11-23T00:00'), at('2026-11-29T00:00')];
  const read = (text: string) =>
    busyOf(text, zone, from, to).map((one) => [
      localOf(one.startMin, zone),
      localOf(one.endMin, zone),
      one.what,
    ]);

  it('reads events in UTC, in a zone it is told by name only, and floating', () => {
    expect(
      read(
        ics(
          'SUMMARY:Call\nDTSTART:20261124T080000Z\nDTEND:20261124T090000Z',
          'SUMMARY:Far\nDTSTART;TZID=America/New_York:20261125T090000\nDTEND;TZID=America/New_York:20261125T100000',
          'SUMMARY:Float\nDTSTART:20261126T120000\nDTEND:20261126T130000',
        ),
      ),
    ).toEqual([
      ['2026-11-24T09:00', '2026-11-24T10:00', 'Call'],
      ['2026-11-25T15:00', '2026-11-25T16:00', 'Far'],
      ['2026-11-26T12:00', '2026-11-26T13:00', 'Float'],
    ]);
  });

  it('repeats what repeats, without what is excepted, and with what was moved', () => {
    const weekly =
      'SUMMARY:Work\nDTSTART;TZID=Europe/Paris:20261005T090000\nDTEND;TZID=Europe/Paris:20261005T170000\nRRULE:FREQ=WEEKLY;BYDAY=MO,TU,WE\nEXDATE;TZID=Europe/Paris:20261124T090000';
    const moved = [
      'BEGIN:VEVENT',
      'UID:e0@x',
      'DTSTAMP:20261101T000000Z',
      'RECURRENCE-ID;TZID=Europe/Paris:20261125T090000',
      'SUMMARY:Work',
      'DTSTART;TZID=Europe/Paris:20261125T130000',
      'DTEND;TZID=Europe/Paris:20261125T150000',
      'END:VEVENT',
      'END:VCALENDAR',
    ].join('\r\n');
    const text = ics(weekly).replace('END:VCALENDAR', moved);
    expect(read(text)).toEqual([
      ['2026-11-23T09:00', '2026-11-23T17:00', 'Work'],
      ['2026-11-25T13:00', '2026-11-25T15:00', 'Work'],
    ]);
  });

  it('keeps the clock over a change of daylight saving', () => {
    const daily =
      'SUMMARY:Run\nDTSTART;TZID=Europe/Paris:20261020T070000\nDTEND;TZID=Europe/Paris:20261020T080000\nRRULE:FREQ=DAILY;COUNT=10';
    const found = busyOf(ics(daily), zone, at('2026-10-20T00:00'), at('2026-10-31T00:00'));
    expect(found.map(({ startMin }) => localOf(startMin, zone).slice(11))).toEqual(
      Array.from({ length: 10 }, () => '07:00'),
    );
  });

  it('leaves out what is free or cancelled, and takes whole days as whole days', () => {
    expect(
      read(
        ics(
          'SUMMARY:Free\nDTSTART:20261124T080000Z\nDTEND:20261124T090000Z\nTRANSP:TRANSPARENT',
          'SUMMARY:Off\nDTSTART:20261124T100000Z\nDTEND:20261124T110000Z\nSTATUS:CANCELLED',
          'SUMMARY:Trip\nDTSTART;VALUE=DATE:20261126\nDTEND;VALUE=DATE:20261128',
        ),
      ),
    ).toEqual([['2026-11-26T00:00', '2026-11-28T00:00', 'Trip']]);
  });

  it('becomes away-hours of those days, and the plan keeps hands out of them', () => {
    const busy = busyOf(
      ics(
        'SUMMARY:Fair\nDTSTART;TZID=Europe/Paris:20261128T070000\nDTEND;TZID=Europe/Paris:20261128T083000',
      ),
      zone,
      from,
      to + 1440,
    );
    const hours = busy
      .flatMap((one) => hoursOfBusy(one, zone))
      .map((one) => ({ ...one, days: [...one.days] }));
    expect(hours).toEqual([
      { kind: 'away', from: '07:00', to: '08:30', days: [6], on: '2026-11-28', what: 'Fair' },
    ]);
    const away = applyCommand(meal, { do: 'setHours', hours: [...meal.kitchen.hours, ...hours] });
    const again = plan(away, away.kitchen, NOW, { rescues: false });
    const [start, end] = [at('2026-11-28T07:00'), at('2026-11-28T08:30')];
    const mine = again.steps.flatMap(({ hands }) => hands).filter(({ who }) => who === undefined);
    if (again.status !== 'cannot')
      expect(mine.filter((one) => one.startMin < end && one.endMin > start)).toEqual([]);
    expect(again.blocks.some(({ what }) => what === 'Fair')).toBe(true);
  });

  it('says what is wrong with what is no calendar', () => {
    expect(() => busyOf('hello', zone, from, to)).toThrow(CalendarError);
    expect(() => busyOf('', zone, from, to)).toThrow(/Export it again/);
  });
});

describe('tables', () => {
  it.each(TABLES)('%s is CSV to another parser, every row as wide as its head', (name) => {
    const rows = parseCsv(tableCsv(name, meal, made), { columns: true, bom: false });
    expect(rows.length).toBeGreaterThan(5);
    for (const row of rows)
      expect(Object.keys(row as object)).toEqual(Object.keys(rows[0] as object));
  });

  it('keeps a cook’s words whole, and no spreadsheet runs them', () => {
    const nasty = applyCommand(meal, {
      do: 'editStep',
      step: 'duck-hold',
      change: { label: '=1+1, "quoted"\nand more' },
    });
    const rows = parseCsv(
      tableCsv('run', nasty, plan(nasty, nasty.kitchen, NOW, { rescues: false })),
      { columns: true },
    ) as Array<{ what: string }>;
    const found = rows.find(({ what }) => what.includes('quoted'));
    expect(found?.what).toBe('\'=1+1, "quoted"\nand more');
  });

  it('is one page of Markdown with every dish, and no markup of the cook’s own', () => {
    const marked = applyCommand(meal, { do: 'renameDish', dish: 'duck', name: 'Duck [x](y) <b>' });
    const page = mealMarkdown(marked, plan(marked, marked.kitchen, NOW, { rescues: false }));
    for (const { name } of meal.dishes)
      if (name !== 'Duck legs in plum') expect(page).toContain(name);
    expect(page).toContain('Duck \\[x\\](y) \\<b\\>');
  });
});

describe('recipes out', () => {
  const context = { '@context': { '@vocab': 'https://schema.org/' } };
  const loader = (url: string) =>
    Promise.resolve({ contextUrl: undefined, documentUrl: url, document: context });

  it('are schema.org Recipes to a JSON-LD processor', async () => {
    for (const dish of meal.dishes) {
      const [node] = (await jsonld.expand(recipeLd(meal, dish) as jsonld.JsonLdDocument, {
        documentLoader: loader as never,
      })) as Array<Record<string, unknown[]>>;
      expect(node?.['@type']).toEqual(['https://schema.org/Recipe']);
      expect(node?.['https://schema.org/name']).toEqual([{ '@value': dish.name }]);
      expect(node?.['https://schema.org/recipeInstructions']).toHaveLength(dish.steps.length);
    }
    const graph = (await jsonld.expand(mealLd(meal) as jsonld.JsonLdDocument, {
      documentLoader: loader as never,
    })) as unknown[];
    expect(graph).toHaveLength(meal.dishes.length);
  });

  it('come back in through the reader with their verbs in order', () => {
    for (const dish of meal.dishes) {
      const read = readRecipe(JSON.stringify(recipeLd(meal, dish)));
      expect(read.title).toBe(dish.name);
      const verbs = read.acts.map(({ verb }) => verb);
      let at = 0;
      for (const { verb } of dish.steps) {
        const next = verbs.indexOf(verb, at);
        if (next !== -1) at = next + 1;
      }
      expect(at, `${dish.name}: ${verbs.join(' ')}`).toBeGreaterThan(dish.steps.length / 2);
    }
  });
});

describe('files of Zemrin', () => {
  it('come back as they went out: a meal, a dish, a kitchen, everything', () => {
    expect(readBundle(printMeal(meal), NOW)).toEqual({ kind: 'meal', meals: [meal] });
    for (const dish of meal.dishes)
      expect(readBundle(printDish(meal, dish), NOW)).toMatchObject({
        kind: 'dish',
        dish: { id: dish.id },
      });
    expect(readBundle(printKitchen(meal.kitchen), NOW)).toEqual({
      kind: 'kitchen',
      kitchen: meal.kitchen,
    });
    expect(readBundle(printLibrary([meal, { ...meal, id: 'b' }]), NOW)).toMatchObject({
      kind: 'library',
      meals: [{ id: meal.id }, { id: 'b' }],
      patterns: [],
    });
    const [kept] = meal.dishes;
    if (!kept) throw new Error('no dish');
    const library = printLibrary([meal], [printDish(meal, kept)]);
    expect(readBundle(library, NOW)).toMatchObject({
      meals: [{ id: meal.id }],
      patterns: [{ kind: 'dish', dish: { id: kept.id } }],
    });
    expect(() => readBundle(library.replace('"zemrin": "dish"', '"zemrin": "fish"'), NOW)).toThrow(
      /patterns\[0\]/,
    );
  });

  it('are refused with the place and the mend, whatever is wrong', () => {
    const wrong = (change: object) => () =>
      readBundle(
        JSON.stringify({ zemrin: 'library', version: 1, meals: [{ ...meal, ...change }] }),
        NOW,
      );
    expect(wrong({ serving: { at: 'never', zone: 'UTC' } })).toThrow(/meals\[0\].*serving/s);
    expect(() => readBundle('{"zemrin":"kitchen","version":9}', NOW)).toThrow(/newer Zemrin/);
    fc.assert(
      fc.property(fc.jsonValue(), (json) => {
        expect(() => readBundle(JSON.stringify(json), NOW)).toThrow(MealError);
      }),
    );
  });

  it('are compared with what is here before anything is done', () => {
    const here = { [meal.id]: meal };
    const is = (other: typeof meal) => previewImport([other], here)[0]?.is;
    expect([
      is({ ...meal, id: 'x' }),
      is(structuredClone(meal)),
      is({ ...meal, title: 'Other' }),
    ]).toEqual(['new', 'same', 'differs']);
  });
});
