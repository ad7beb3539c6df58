import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import * as figures from './index.ts';
import * as safetyFigures from '../safety/figures/index.ts';

const core = fileURLToPath(new URL('..', import.meta.url));

function filesIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return filesIn(path);
    return entry.name.endsWith('.ts') && !entry.name.includes('.test.') ? [path] : [];
  });
}

const HOMES = ['figures', 'safety/figures'];
const homes = HOMES.flatMap((home) => filesIn(join(core, home))).filter(
  (file) => !file.endsWith('index.ts'),
);

describe('the registry of figures', () => {
  it.each(homes.map((file) => [relative(core, file), file]))(
    'names unit, source and confidence of each in %s',
    (_name, file) => {
      const text = readFileSync(file, 'utf8');
      const parts = text.split(/^export const /m);
      const untold = parts.slice(1).flatMap((part, i) => {
        const doc = /\/\*\*(?:(?!\*\/)[^])*\*\/\s*$/.exec(parts[i] ?? '')?.[0] ?? '';
        const confidence = Number(/@confidence ([\d.]+)/.exec(doc)?.[1]);
        const said = /@unit \S/.test(doc) && /@source \S/.test(doc);
        const sure = confidence > 0 && confidence <= 1;
        return said && sure ? [] : [/^\w+/.exec(part)?.[0]];
      });
      expect(untold).toEqual([]);
    },
  );

  it('has each figure under one name', () => {
    const names = [...Object.keys(figures), ...Object.keys(safetyFigures)];
    expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([]);
  });

  /**
   * Numbers that another file may write though a figure has the same value: another fact, by
   * chance. Everything else is imported.
   */
  const ANOTHER_FACT: Readonly<Record<string, string>> = {
    'batch/soak-limits.ts 0.15': 'a strength of acid',
    'batch/warnings.ts 1.05': 'a twentieth more than one wanted',
    'heat/changes.ts 66': 'where a protein of muscle sets',
    'ledger/food-temperatures.ts 240': 'how long a warmed surface is looked at',
    'ledger/mend-commands.ts 30': 'the least window of a soak cut short',
    'places/conditions.ts 21': 'a usual room',
    'plan/scheduling/soft-constraints.ts 0.75': 'a price',
    'safety/lethality.ts 54.4': 'a row of the published table',
  };

  /** The units of the figures, by name, as their docs have them. */
  const unitOf = new Map(
    homes.flatMap((file) =>
      [
        ...readFileSync(file, 'utf8').matchAll(
          /@unit ([^\n]*)\n(?:(?!\*\/)[^])*\*\/\s*export const (\w+)/g,
        ),
      ].map(([, unit = '', name = '']) => [name, unit] as const),
    ),
  );

  /** How code says the unit of a number it writes, on the same line; anything else is told anyway. */
  const SAID_AS: Readonly<Record<string, RegExp>> = {
    '°C': /[a-z]C\b|_C\b/,
    min: /[mM]in(?:utes)?\b|_MIN\b/,
    g: /G\b/,
    share: /share/i,
  };
  const sameUnit = (name: string, line: string) =>
    (SAID_AS[unitOf.get(name) ?? ''] ?? /./).test(line);
  /** A figure one would know again anywhere; a round one only where safety is judged. */
  const telling = (value: unknown, room: string): value is number =>
    typeof value === 'number' &&
    (value > 20 || String(value).length > 3) &&
    (value % 5 !== 0 || room === 'safety' || room === 'ledger');

  it('is where the figures stand: no other file writes one as a number', () => {
    const known = Object.entries({ ...figures, ...safetyFigures });
    const rooms = ['air', 'batch', 'heat', 'ledger', 'lists', 'meal', 'places', 'plan', 'safety'];
    const written = rooms
      .flatMap((room) => filesIn(join(core, room)))
      .filter((file) => !homes.includes(file))
      .flatMap((file) => {
        const name = relative(core, file);
        const code = readFileSync(file, 'utf8').replace(/\/\*[^]*?\*\/|\/\/.*|'[^'\n]*'/g, '');
        return code.split('\n').flatMap((line) =>
          [...line.matchAll(/(?<![\w.#])\d[\d_]*(?:\.\d+)?(?:e[+-]?\d+)?(?![\w.])/g)].flatMap(
            ([literal]) => {
              const number = Number(literal.replaceAll('_', ''));
              const figure = known.find(
                ([one, value]) =>
                  value === number &&
                  telling(value, name.split('/')[0] ?? '') &&
                  sameUnit(one, line),
              )?.[0];
              const told = `${name} ${literal}`;
              return figure && !(told in ANOTHER_FACT) ? [`${told} (${figure})`] : [];
            },
          ),
        );
      });
    expect([...new Set(written)]).toEqual([]);
  });
});
