import type { Mixture } from '../batch/index.ts';
import type { Context, ReadAct } from './context.ts';

/**
 * Which mixture the food lies in at each soak of a recipe, by the index of its act: the one its
 * sentence names, else the next that has not been used. A soak more than there are mixtures has none.
 */
export function soaksOfActs(
  acts: readonly ReadAct[],
  mixtures: readonly Mixture[],
): ReadonlyMap<number, string> {
  const found = new Map<number, string>();
  const used = new Set<string>();
  acts.forEach((act, i) => {
    const own = mixtures.filter(({ kind, id }) => !used.has(id) && suits(act.verb, kind));
    const said = act.text.toLowerCase();
    const next = own.find(({ name }) => said.includes(name.toLowerCase())) ?? own[0];
    if (!next) return;
    found.set(i, next.id);
    used.add(next.id);
  });
  return found;
}

function suits(verb: ReadAct['verb'], kind: Mixture['kind']): boolean {
  if (verb === 'brine') return kind === 'wet brine' || kind === 'dry brine';
  return verb === 'marinate' && (kind === 'marinade' || kind === 'paste' || kind === 'rub');
}

/** "Take the bird from the brine": it has lain in it. */
export const OUT_OF_SOAK =
  /(?<![a-zß-ɏ])(?:take|lift|remove|drain|pull|fish|s[aá]ca[a-zß-ɏ]*|retira[a-zß-ɏ]*)(?![a-zß-ɏ])[^.;]{0,30} (?:from|out of|de|del) (?:the |its |their |la |el |su )?(?:brine|cure|marinade|salmuera|adobo|marinada)(?![a-zß-ɏ])/i;

/** What a text speaks of, a brine or a marinade, is what meat is then put into. */
export function noteSoak(text: string, context: Context): void {
  if (OUT_OF_SOAK.test(text)) context.soaked = true;
  if (
    /(?<![a-zß-ɏ])(?:brin(?:e|ed|ing)|work the (?:salt|cure) in|(?:the )?cure(?= |$)(?! (?:it|them|for|in|under))|salmuera|(?:dissolve|disolver|disuelve) (?:the |la )?(?:[a-zß-ɏ]+ (?:and|y) )?(?:salt|cure|sal)|(?:heat|warm|bring)(?![a-zß-ɏ])[^.;]{0,24} water [^.;]{0,12}(?:with|and) (?:the |both )?salts?)(?![a-zß-ɏ])/i.test(
      text,
    )
  )
    context.soak = 'brine';
  else if (
    /marinad|marinat|marinar|adobo|macera|rub\b(?! (?:in )?(?:the |an? |\d+ ?g (?:of )?)?(?:cold |cubed |diced |chilled )*(?:butter|fat|lard|suet|margarine))|dry rub/i.test(
      text,
    ) ||
    COVERED_IN.test(text)
  )
    context.soak = 'marinate';
}

/** The first mixture of a list that meat is put into; a rub comes after its brine. */
export function noteListed(groups: readonly (string | undefined)[], context: Context): void {
  for (const group of groups) {
    if (context.soak !== undefined) return;
    noteSoak(group ?? '', context);
  }
}

/** "Cover the cheeks with the wine": before any fire a marinade. */
const COVERED_IN =
  /(?<![a-zß-ɏ])(?:massage|rub|smear|slather|coat|unta|frota)[a-zß-ɏ]*[^.;]{0,40}(?:paste|pasta)(?![a-zß-ɏ])|(?<![a-zß-ɏ])(?:put|place|pon|mete|coloca)(?![a-zß-ɏ])[^.;]{0,60}(?:with|con) (?:the |a |el |la )?(?:[a-zß-ɏ]+ )?(?:wine|buttermilk|yogh?urt|vino|suero)|(?<![a-zß-ɏ])(?:cover|submerge|pour|cubr|sumerg)[a-zß-ɏ]*[^.;]{0,40}(?:wine|buttermilk|yogh?urt|vino|suero)(?![a-zß-ɏ])/i;
