import type { Context } from './context.ts';
import type { ReadSentence, Seen } from './seen.ts';

/** "At 68 °C in the breast, …", "When it hits 74 …": and no "at 160 for an hour". */
const REACHED =
  /^\s*(?:(?:then |and )?(?:at|a los|al llegar a|once (?:it|they|the \p{L}+) (?:hits?|reads?|reach(?:es)?|is at|are at)|when (?:it|they|the \p{L}+) (?:hits?|reads?|reach(?:es)?|is at|are at)|cuando (?:llegue a|marque))(?: about| around| unos)?\s+)$/iu;
/** Where it is measured, up to what is done then. */
const WHERE =
  /^(?:\s+(?:in|at|en) (?:the |el |la |its )?(?:\p{L}+ ){0,2}\p{L}+?(?=,| (?:move|wrap|take|turn|glaze|flip|pull|lift|brush|put|raise|lower|mueve|envuelve|saca|gira|pinta)(?!\p{L})))?\s*,?\s*/iu;
/** What is left must be something to do. */
const LEAST_LETTERS = 6;

/** The rest of a clause, once what goes on has come to a core. */
export interface Reached {
  readonly untilC: number;
  readonly at: readonly [from: number, to: number];
  /** Where the rest begins. */
  readonly from: number;
}

/** "At 68 °C in the breast move it over the coals": what goes on comes to that, and then that is done. */
export function reachedFirst({ text, degrees }: Seen, { hot }: Context): Reached | undefined {
  const core = degrees.find(({ sense }) => sense === 'core');
  if (!core || !hot || hot.untilC !== undefined) return undefined;
  if (!REACHED.test(text.slice(0, core.from))) return undefined;
  const from = core.to + (WHERE.exec(text.slice(core.to))?.[0].length ?? 0);
  const isMore = (text.slice(from).match(/\p{L}/gu)?.length ?? 0) >= LEAST_LETTERS;
  return isMore ? { untilC: core.tempC, at: [core.from, core.to], from } : undefined;
}

/** What the rest said, with the core added to what went on before. */
export function afterReached(read: ReadSentence, { untilC, at, from }: Reached): ReadSentence {
  const moved = (lit: ReadonlyArray<readonly [number, number]> = []) =>
    lit.map(([a, b]) => [a + from, b + from] as const);
  return {
    ...read,
    acts: read.acts.map((act) => ({ ...act, lit: moved(act.lit) })),
    adds: { ...read.adds, untilC },
    lit: [at, ...moved(read.lit)],
    understood: true,
  };
}
