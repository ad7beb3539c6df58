import { HEATS, type Context, type ReadAct } from './context.ts';
import { readMethodSentence, type Sentence } from './method-sentence.ts';
import { lineOf, type ReadLine } from './read-line.ts';
import type { TimetableLine } from './timetable.ts';
import type { VerbWords } from './verbs.ts';

/** What goes on by itself until the next line of a timetable. */
const LASTS: ReadonlySet<VerbWords> = new Set<VerbWords>([
  ...HEATS,
  'rest',
  'temper',
  'brine',
  'marinate',
  'soak',
  'chill',
  'cool',
  'thaw',
  'rise',
  'hold',
]);

/** Reads a line of a timetable as its verb has it, and shows it as it stands. Changes `acts` and `lines`. */
export function readEntry(
  { line: { text }, asRead, lastsMin, ends, beside }: TimetableLine,
  sentence: Sentence,
  context: Context,
  acts: ReadAct[],
  lines: ReadLine[],
): void {
  const [first, from] = [acts.length, lines.length];
  readMethodSentence(sentence, context, acts, lines);
  const at = acts.findLastIndex(
    (act, i) => i >= first && LASTS.has(act.verb) && act.likelyMin === undefined,
  );
  const act = acts[at];
  if (act && lastsMin !== undefined && lastsMin > 0) {
    const lasting = { leastMin: lastsMin, likelyMin: lastsMin, mostMin: lastsMin, guessed: true };
    acts[at] = { ...act, ...lasting };
    if (context.hot === act) context.hot = acts[at];
  }
  const last = lines.at(-1);
  if (ends && last?.part === 'unread') lines[lines.length - 1] = { ...last, part: 'method' };
  if (beside) {
    for (const [i, made] of acts.slice(first).entries())
      acts[first + i] = { ...made, meanwhile: true };
  }
  if (asRead === text) return;
  const whole = [0, text.length] as const;
  for (let i = first; i < acts.length; i += 1) {
    const made = acts[i];
    if (made)
      acts[i] = {
        ...made,
        guessed: made.guessed || lastsMin !== undefined,
      };
  }
  const [read] = lines.splice(from);
  const { part = 'unread', ...more } = read ?? {};
  lines.push(lineOf(text, part, { ...more, text, guessed: true, lit: [whole] }));
}
