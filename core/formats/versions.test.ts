import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DOCUMENTS, migrated, newestVersion, type DocumentKind } from '../meal/index.ts';
import { parseCook, readBundle } from './index.ts';

const folder = fileURLToPath(new URL('../test/fixtures', import.meta.url));
const NOW = 29_927_000;

function filesIn(path: string): string[] {
  return readdirSync(path)
    .map((name) => join(path, name))
    .flatMap((file) => (statSync(file).isDirectory() ? filesIn(file) : [file]));
}

/** What each fixture is: a file as an older Zemrin wrote it. They never change. */
const FIXTURES: Readonly<Record<string, string>> = {
  'v1/cooks/smoked-shoulder.json': 'fa5764eded6a6a5e',
  'v1/dish.json': '8fcb50b48f5c279e',
  'v1/first-frost-supper.json': '05bd367a49e4f9cc',
  'v1/kitchen.json': 'f28266bb47faaf01',
  'v1/library.json': '7b1a0ea0315b7268',
  'v1/thursday-shoulder.json': '6889d2e8964c0683',
  'v1/towpath-lunch.json': '2d262f36fde80857',
  'v1/wednesday-hock.json': 'd7691435080b0bd4',
};

/** A kind that has come a way: a name became two, then a number took its unit. */
const GROWN: DocumentKind = {
  name: 'grown',
  migrations: [
    ({ name, ...rest }) => ({
      ...rest,
      first: String(name).split(' ')[0],
      last: String(name).split(' ')[1],
    }),
    ({ weight, ...rest }) => ({ ...rest, weightG: Number(weight) * 1000 }),
  ],
};

describe('documents of older versions', () => {
  it('have fixtures, and no fixture was touched', () => {
    const found = filesIn(folder).map((file) => [
      relative(folder, file),
      createHash('sha256').update(readFileSync(file)).digest('hex').slice(0, 16),
    ]);
    expect(Object.fromEntries(found)).toEqual(FIXTURES);
  });

  it.each(Object.keys(FIXTURES))('are read today: %s', (name) => {
    const text = readFileSync(join(folder, name), 'utf8');
    const { zemrin } = JSON.parse(text) as { zemrin: string };
    if (zemrin === 'cook') expect(parseCook(text).stages.length).toBeGreaterThan(0);
    else expect(readBundle(text, NOW).kind).toBe(zemrin);
  });

  it('come forward step by step, whatever their version, and keep what nobody knows', () => {
    const newest = {
      zemrin: 'grown',
      version: 3,
      first: 'Ada',
      last: 'Byron',
      weightG: 2000,
      extra: [1],
    };
    expect(newestVersion(GROWN)).toBe(3);
    const older = [
      { zemrin: 'grown', version: 1, name: 'Ada Byron', weight: 2, extra: [1] },
      { zemrin: 'grown', version: 2, first: 'Ada', last: 'Byron', weight: 2, extra: [1] },
      newest,
    ];
    for (const document of older) expect(migrated(document, GROWN)).toEqual(newest);
  });

  it('are left as they were, and what comes from the future is refused', () => {
    const old = Object.freeze({ zemrin: 'grown', version: 1, name: 'Ada Byron', weight: 2 });
    migrated(old, GROWN);
    expect(old).toEqual({ zemrin: 'grown', version: 1, name: 'Ada Byron', weight: 2 });
    expect(() => migrated({ ...old, version: 4 }, GROWN)).toThrow(/newer Zemrin; nothing in it/);
  });

  it('are none at all, or say so: anything else is refused by its header', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.constantFrom(...Object.values(DOCUMENTS)), (json, kind) => {
        const named = typeof json === 'object' && json !== null && 'zemrin' in json;
        if (!named) expect(() => migrated(json, kind)).toThrow(/is not a Zemrin/);
      }),
    );
  });
});
