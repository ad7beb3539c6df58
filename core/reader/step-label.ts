import type { Verb } from '../terms/index.ts';
import type { ReadAct } from './context.ts';
import { NUMBER } from './numbers.ts';

/** Small words a label does not end on. */
const TRAILS =
  /(?:\s+(?:of|the|an?|in|on|to|and|with|from|into|it|de|la|el|los|las|con|y|en|al|del))+$/i;
const LABEL_ENDS =
  /[,.;:(]|\s\d+(?:\s?[-–]\s?\d+)?\s?(?:min|h(?:ours?|rs?|oras?)?(?![a-zß-ɏ]))|\s(?:for|until|till?|about|durante|hasta|unos|por)\s/i;

const BEGINS_NUMBER = new RegExp(
  `^[^a-zß-ɏ\\d]*(?:\\d|(?:${NUMBER})\\s|half|media|hora|more|m[aá]s)`,
  'i',
);

const COOLS: ReadonlySet<Verb> = new Set(['cool', 'chill']);
/** "Divide into shallow tubs, cool": how it is done matters as much. */
const SPREADS =
  /(?<![a-zß-ɏ])(?:divide|portion|spread|split|pour|transfer|decant|reparte|extiende|pasa)(?![a-zß-ɏ])(?=[^.;]{0,40}(?:shallow|tubs?|trays?|small (?:tubs|boxes|containers)|bandejas?|t[aá]peres|recipientes))/i;

/** What a step is called: a few words of its sentence, from the verb on. */
export function labelOf({ text, lit, verb }: ReadAct): string {
  const spread = COOLS.has(verb) ? SPREADS.exec(text)?.index : undefined;
  const from = Math.min(spread ?? Infinity, lit[0]?.[0] ?? 0);
  // "(about 1 h 20)" says how long, and not what.
  const own = BEGINS_NUMBER.test(text.slice(from))
    ? ''
    : (text.slice(from).split(LABEL_ENDS)[0]?.trim() ?? '');
  const words = own.split(/\s+/).slice(0, 6).join(' ').replace(TRAILS, '');
  const label = words.length >= 3 ? words : verb;
  return label.charAt(0).toUpperCase() + label.slice(1);
}
