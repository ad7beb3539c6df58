import type { Verb } from '../terms/index.ts';
import type { Context } from './context.ts';

const ALONE =
  /^(?:leave|let) (?:it|them|the [a-zß-ɏ]+)(?: well)?(?: alone| be|,? undisturbed| to it| to (?:its|their) own devices)|^(?:olv[ií]d|no l[oa]s? toc)[a-zß-ɏ]*/i;
const DRY: ReadonlySet<Verb> = new Set(['roast', 'bake', 'smoke', 'grill']);

/** "Leave it be for 3 hours". */
export function isLeftAlone(clause: string): boolean {
  return ALONE.test(clause);
}

/**
 * "Oven on at 190; in with the joint and leave it alone for an hour": in an oven that is hot, or on a
 * fire that was told no time, what is left alone cooks. Undefined where it does not.
 */
export function leftAlone(
  own: string,
  { hot, ovenC, ovenOff, hasMeat }: Context,
): Verb | undefined {
  if (!isLeftAlone(own) || ovenOff) return undefined;
  if (hot === undefined) return ovenC === undefined ? undefined : hasMeat ? 'roast' : 'bake';
  const isTimed = hot.likelyMin !== undefined || hot.leastMin !== undefined;
  return DRY.has(hot.verb) && !isTimed ? hot.verb : undefined;
}
