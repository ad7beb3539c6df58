import { RISES } from './settle-act.ts';
import { HEATS, type ReadAct } from './context.ts';
import { saysItsLength } from './reached-first.ts';

/** Only over a fire anything is looked after so often. Our own line, no source. */
const OFTEN_MIN = 10;
/** A stone in the oven, at the longest. Common practice, no source. */
const LONGEST_PREHEAT_MIN = 60;
const OF_DOUGH =
  /(?<![a-zß-ɏ])(?:folds?|folded|stretch|dough|knead[a-zß-ɏ]*|masa|plieg[a-zß-ɏ]*)(?![a-zß-ɏ])/i;
const BY_HAND: ReadonlySet<string> = new Set(['mix', 'prepare']);
const TENDING: ReadonlySet<string> = new Set(['turn', 'baste', 'stir']);

/**
 * What a later sentence adds to the step before, where that was not said yet; a core is for what
 * cooks. Changes `acts`.
 *
 * @returns whether all of it found its place
 */
export function addTo(acts: ReadAct[], adds: Partial<ReadAct>): boolean {
  const ofHeat = adds.untilC ?? adds.moments ?? adds.otherwise;
  const at =
    ofHeat === undefined
      ? acts.length - 1
      : acts.findLastIndex(({ verb }) => HEATS.has(verb) && !TENDING.has(verb));
  const act = acts[at];
  if (!act) return false;
  // What lies in the cold is not turned every half minute.
  const often = adds.tendEveryMin !== undefined && adds.tendEveryMin < OFTEN_MIN;
  if (often && !HEATS.has(act.verb)) return false;
  // A dough that is folded in rounds rises between them.
  const inRounds = adds.likelyMin !== undefined && adds.tendEveryMin !== undefined;
  if (act.verb === 'mix' && inRounds && OF_DOUGH.test(act.text)) {
    acts[at] = { ...act, ...adds, ...RISES };
    return true;
  }
  // What is done by hand says its own minutes.
  if (BY_HAND.has(act.verb) && adds.likelyMin !== undefined) return false;
  // No oven takes so long to get hot: that is how long something is in it.
  if (act.verb === 'preheat' && (adds.likelyMin ?? 0) > LONGEST_PREHEAT_MIN) return false;
  const { moments, ...others } = adds;
  if (moments) acts[at] = { ...act, moments: [...(act.moments ?? []), ...moments] };
  const said = Object.entries(others).filter(([, value]) => value !== undefined);
  // "Leave it be for 3 hours … At 74 °C (7 hours)": so long in all.
  const inAll = adds.untilC !== undefined && act.untilC === undefined && !saysItsLength(act.text);
  const missing = said.filter(([key]) => inAll || Reflect.get(act, key) === undefined);
  acts[at] = { ...(acts[at] ?? act), ...Object.fromEntries(missing) };
  return missing.length > 0 || said.length === 0;
}
