import type { Mixture } from '../batch/index.ts';
import { FIRE_VERBS, type Verb } from '../terms/index.ts';
import type { ReadRecipe } from './read.ts';

/** Out of it, or away with it. */
const THROWN =
  /(?<![a-zß-ɏ])(?:discard|throw|tip (?:away|off)|drain|wipe|pat|shak(?:e|ing)|scrape|(?:out of|from|off)(?= (?:the |its |their |this )?(?:marinade|brine|paste|liquid|cure))|away|desech[a-zß-ɏ]*|escurr[a-zß-ɏ]*|tira(?:r)?|retira[a-zß-ɏ]*|sac[a-zß-ɏ]*|sin)(?![a-zß-ɏ])/i;
const WORDS: Readonly<Partial<Record<Mixture['kind'], RegExp>>> = {
  marinade: /(?<![a-zß-ɏ])(?:marinade|marinada|adobo)(?![a-zß-ɏ])/i,
  paste: /(?<![a-zß-ɏ])(?:paste|marinade|adobo)(?![a-zß-ɏ])/i,
  'wet brine': /(?<![a-zß-ɏ])(?:brine|salmuera)(?![a-zß-ɏ])/i,
};
const SOAKING: ReadonlySet<Verb> = new Set(['marinate', 'brine', 'soak']);

const BOILS: ReadonlySet<Verb> = new Set(['boil', 'simmer', 'reduce', 'braise']);

/** What food lay in before its fire, and what becomes of it after. */
export interface UsedAgain {
  /** The mixtures, by the index of the act they are put on or warmed with. */
  readonly byAct: ReadonlyMap<number, readonly string[]>;
  /** Those put on what came off its fire last, and nothing else is done. */
  readonly atTable?: { readonly line: number; readonly mixtures: readonly string[] } | undefined;
}

/**
 * "Pour the marinade over and serve": what food lay in before its fire, put on it or warmed after
 * that; with the act before, where nothing else is done and that is no fire.
 *
 * @param soaks which mixture food lies in at an act
 */
export function mixturesUsedAgain(
  { acts, lines }: Pick<ReadRecipe, 'acts' | 'lines'>,
  mixtures: readonly Mixture[],
  soaks: ReadonlyMap<number, string>,
): UsedAgain {
  const found = new Map<number, readonly string[]>();
  const soaked = new Set<string>();
  let hot = false;
  let before = -1;
  /** Put on or into something, by a sentence in which nothing else is done. */
  let poured: readonly string[] = [];
  let pouredAt = 0;
  for (const [line, { part, text, acts: own }] of lines.entries()) {
    if (part !== 'method' && part !== 'unread') continue;
    const last = own.findLast((i) => !SOAKING.has(acts[i]?.verb ?? 'soak'));
    const boils = own.find((i) => BOILS.has(acts[i]?.verb ?? 'soak'));
    // "Pour in the marinade. Bubble for three minutes".
    if (poured.length > 0 && own.length > 0) found.set(boils ?? before, poured);
    if (own.length > 0) poured = [];
    const again = mixtures.filter(
      ({ id, kind, reserve }) =>
        soaked.has(id) && !reserve && WORDS[kind]?.test(text) && !THROWN.test(text),
    );
    const ids = again.map(({ id }) => id);
    if (hot && last !== undefined && ids.length > 0) found.set(last, ids);
    else if (hot && ids.length > 0) [poured, pouredAt] = [ids, line];
    for (const i of own) {
      const mixture = soaks.get(i);
      if (mixture !== undefined) soaked.add(mixture);
      const verb = acts[i]?.verb;
      hot ||= verb !== undefined && FIRE_VERBS.has(verb) && soaked.size > 0;
      before = Math.max(before, i);
    }
  }
  const last = acts[before];
  if (poured.length === 0 || !last) return { byAct: found };
  // What is over its fire cooks what is poured on; what came off it does not.
  if (FIRE_VERBS.has(last.verb))
    return { byAct: found, atTable: { line: pouredAt, mixtures: poured } };
  return { byAct: found.set(before, poured) };
}
