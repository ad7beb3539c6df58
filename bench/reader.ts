import { readRecipe } from '@zemrin/core';
import { corpus, FIELDS, scoreOf } from '../core/test/corpus.ts';
import { atMost, medianMs, told, type Line } from './measure.ts';

const BENCH = 'reader';
const WORDS = 5000;

/** How much of the corpus is read as expected, field by field, and how fast it is. */
export function readerBench(): Line[] {
  const texts = corpus();
  const scored = texts.map(scoreOf);
  const long = longText(texts.map(({ text }) => text));
  return [
    told(BENCH, 'texts of the corpus', texts.length, ''),
    ...FIELDS.map((field) => {
      const right = scored.reduce((sum, { scores }) => sum + scores[field].right, 0);
      const of = scored.reduce((sum, { scores }) => sum + scores[field].of, 0);
      return told(BENCH, `${field} right, of ${of}`, (100 * right) / of, '%');
    }),
    atMost(
      BENCH,
      `${WORDS} words read`,
      medianMs(() => readRecipe(long)),
      'ms',
      200,
    ),
  ];
}

function longText(texts: readonly string[]): string {
  const plain = texts
    .filter((text) => !/^[<{]/.test(text))
    .join('\n')
    .split('\n');
  const lines = ['Method'];
  let words = 0;
  for (let i = 0; words < WORDS; i++) {
    const line = plain[i % plain.length] ?? '';
    lines.push(line);
    words += line.split(/\s+/).length;
  }
  return lines.join('\n');
}
