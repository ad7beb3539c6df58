import { readFileSync, existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { en } from './en.ts';
import { words } from './words.ts';

const src = fileURLToPath(new URL('..', import.meta.url));
const read = (path: string) => readFileSync(path, 'utf8');

/** Every file a view is made of, lazily loaded parts included where asked. */
function filesOf(
  entry: string,
  seen = new Set<string>(),
  imports = /(?:from|import\()\s*'(\.[^']+)'/g,
): Set<string> {
  if (seen.has(entry) || !existsSync(entry)) return seen;
  seen.add(entry);
  for (const [, path = ''] of read(entry).matchAll(imports)) {
    const next = join(dirname(entry), path);
    if (!next.includes('/words/')) filesOf(next, seen, imports);
  }
  return seen;
}

/** The parts of the catalogue a view brings with it. */
function learnt(text: string): string[] {
  return [...text.matchAll(/learn\((\w+)\)/g)].map(([, part = '']) => part);
}

/** The keys of the parts a view brings, those that come from the registries of core too. */
async function broughtBy(text: string): Promise<ReadonlySet<string>> {
  const parts = await Promise.all(
    learnt(text).map(async (part) => {
      const module = (await import(`./en/${part}.ts`)) as Record<string, object>;
      return Object.keys(module[part] ?? {});
    }),
  );
  return new Set(parts.flat());
}

/** Whether a view says a word: by its key, or by a key it puts together, `place.${kind}`. */
function isSaid(text: string, key: string): boolean {
  if (text.includes(`'${key}'`)) return true;
  const ahead = key.split('.').slice(0, -1).join('.');
  return ahead !== '' && text.includes(`t(\`${ahead}.\${`);
}

const entries = [...read(join(src, 'app/views.tsx')).matchAll(/import\('\.\.\/(views\/[^']+)'\)/g)];

describe('the words a view brings', () => {
  it('are not needed by the frame around all of them', () => {
    const frame = filesOf(join(src, 'app/App.tsx'), new Set(), /from\s*'(\.[^']+)'/g);
    const text = [...frame].map(read).join('\n');
    // What the views' keys do is only said by the key sheet, which brings its words.
    const missing = Object.keys(en).filter(
      (key) =>
        !key.startsWith('keys.') && isSaid(text, key) && words(key as keyof typeof en) === key,
    );
    expect(missing).toEqual([]);
  });

  // What loads later may bring its own; what is seen at once may not wait for it.
  it.each(entries.map(([, path = '']) => path))('are there as soon as %s is', async (path) => {
    const atOnce = filesOf(join(src, path), new Set(), /from\s*'(\.[^']+)'/g);
    const text = [...atOnce].map(read).join('\n');
    const brought = await broughtBy(text);
    const missing = Object.keys(en).filter(
      (key) => isSaid(text, key) && words(key as keyof typeof en) === key && !brought.has(key),
    );
    expect(missing).toEqual([]);
  });

  it.each(entries.map(([, path = '']) => path))('are all that %s says', async (path) => {
    const text = [...filesOf(join(src, path))].map(read).join('\n');
    const brought = await broughtBy(text);
    const missing = Object.keys(en).filter(
      (key) => isSaid(text, key) && words(key as keyof typeof en) === key && !brought.has(key),
    );
    expect(missing).toEqual([]);
  });
});
