import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { coreWords } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { en } from './en.ts';
import { table } from './en/table.ts';
import { learn, words, type WordKey } from './words.ts';

const src = fileURLToPath(new URL('..', import.meta.url));

function sources(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return sources(path);
    return /\.tsx?$/.test(entry.name) &&
      !/\.test\.|en\.ts$/.test(entry.name) &&
      !path.includes('words/en/')
      ? [path]
      : [];
  });
}

const code = sources(src).map((file) => readFileSync(file, 'utf8'));

describe('the catalogue', () => {
  it('fills in what a word leaves open', () => {
    learn(table);
    expect(words('table.heads', { heads: 9, portions: '8½' })).toBe('9 eat, 8½ portions');
    expect(words('meals.importTitle', { count: 1 })).toBe('Import 1 meal');
    expect(words('meals.importTitle', { count: 3 })).toBe('Import 3 meals');
  });

  it('holds no word that nothing says', () => {
    const text = code.join('\n');
    const unsaid = (Object.keys(en) as WordKey[]).filter((key) => {
      if (key in coreWords || key.endsWith('_other')) return false;
      // Some are put together: t(`place.${kind}`).
      const family = `${key.slice(0, key.lastIndexOf('.'))}.\${`;
      return !text.includes(`'${key}'`) && !text.includes(`"${key}"`) && !text.includes(family);
    });
    expect(unsaid).toEqual([]);
  });

  it('is where the words on screen are: no view has sentences of its own', () => {
    for (const file of code) {
      // Text between tags that is more than a sign or a number.
      const loose = file.match(/>\s*[A-Z][a-z]+ [a-z]+[^<{]*</g) ?? [];
      expect(loose).toEqual([]);
    }
  });
});
