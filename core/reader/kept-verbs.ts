import { DAY_BEFORE } from './day-before.ts';
import type { Seen } from './seen.ts';
import { shareOf } from './settle-clause.ts';
import { placeIn, type VerbHit, type VerbWords } from './verbs.ts';

const TENDS: Partial<Record<VerbWords, 'stir' | 'turn' | 'baste'>> = {
  stir: 'stir',
  turn: 'turn',
  baste: 'baste',
};

/** "Leave it to soak", "light the smoker and hold it at 120": no step of its own. */
function leadsTo(
  text: string,
  { verb, from }: VerbHit,
  next: VerbHit | undefined,
  before: VerbHit | undefined,
): boolean {
  const isLit = before?.verb === 'light' || before?.verb === 'preheat';
  if (isLit && verb === 'hold' && STEADY.test(text.slice(from))) return true;
  if (verb !== 'wait' && verb !== 'put') return false;
  if (isLit && SETTLES.test(text.slice(from))) return true;
  return next !== undefined && LEADS.test(text.slice(from, next.from));
}

const FOLDS = /^(?:fold|stretch|pli[eé]g|dobl)/i;
const UNDER = /^(?:submerge|immerse|sumer)/i;
const LEADS =
  /^(?:leave|let|allow|set)\s+(?:[a-zß-ɏ]+\s+){0,4}to\s+$|^(?:put|place|set) [^.;,]{0,24}over (?:a |the )?(?:[a-zß-ɏ]+ )?heat[^.;,]{0,24} to\s+$/i;
const STEADY = /^hold (?:it |them |the [a-zß-ɏ]+ )?(?:steady )?at/i;
const SETTLES =
  /^(?:let|leave|allow)\s+(?:it|them)\s+(?:to\s+)?(?:settle|come up|get (?:up )?to|climb|steady|burn)/i;

/** Verbs that stand for a step: quick ones give way to what they lead to. */
export function kept({ text, allLengths, spans, degrees, said: found, cue }: Seen): VerbHit[] {
  const said = found.filter((hit, i) => !leadsTo(text, hit, found[i + 1], found[i - 1]));
  const strong = said.filter((hit, i) => {
    const tends = TENDS[hit.verb];
    const own = shareOf(spans, said, i);
    if (hit.verb === 'put' || hit.verb === 'wait') {
      const behind = text.slice(hit.from, said[i + 1]?.from ?? text.length);
      const goes = placeIn(behind);
      return (
        (own.length > 0 || shareOf(degrees, said, i).length > 0 || DAY_BEFORE.test(text)) &&
        (goes !== undefined ||
          hit.verb === 'wait' ||
          (own.length > 0 && cue?.over.includes(hit.verb)) ||
          /^(?:leave|keep|hang|m[eé]t(?:el|al|ed)[oa]|mete (?:el|la|los|las) )|otr[oa]s|another/i.test(
            behind,
          ))
      );
    }
    // "Submerge the turkey; refrigerate for a day": how long it lies is said of the fridge.
    if (hit.verb === 'soak' && UNDER.test(text.slice(hit.from)) && own.length === 0) return false;
    // "stir every 20 minutes" is tending of what goes on, and so is folding a dough.
    const folds = hit.verb === 'mix' && FOLDS.test(text.slice(hit.from)) && allLengths.length === 1;
    const tended = tends !== undefined || folds;
    return !(tended && own.some(({ sense }) => sense === 'every'));
  });
  return strong.filter((hit, i) => !(hit.verb === 'prepare' && strong[i - 1]?.verb === 'prepare'));
}
