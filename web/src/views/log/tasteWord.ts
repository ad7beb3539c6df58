import type { Say } from '../../words/words.ts';

const TASTES = [
  'log.taste.-2',
  'log.taste.-1',
  'log.taste.0',
  'log.taste.1',
  'log.taste.2',
] as const;

/** From −2, far too little, to 2, far too much. */
export function tasteWord(value: number, t: Say): string {
  return t(TASTES[value + 2] ?? 'log.taste.0');
}
