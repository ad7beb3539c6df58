interface At {
  readonly from: number;
  readonly to: number;
}

/**
 * A number that stands for itself, with no word of what it counts: "3½ for medium", "then 12 or so".
 * Words like "in 4" or "serves 6" say it is no time.
 */
const LOOSE =
  /(?<![a-zß-ɏ\d.,/°º#×x–-])(\d+(?:[.,]\d+)?\s?[½¼¾⅓⅔]?|[½¼¾⅓⅔])(?=\s*(?:[,.;)](?!\d)|$|(?:for (?:rare|medium|well|the (?:first|second|other|thick|thin|small|large)|thick|thin)|or so|more|off(?= ?[.,;)]|$)|(?:at|a) \d{2,3}|without|uncovered|sin|at (?:the )?(?:most|least)|(?:on|for) the other|del otro|is (?:enough|plenty)|or (?:it|they)|and (?:turn|pour|stir|bast)ing)(?![a-zß-ɏ])))/gi;
/** "10 minutes hard, 40 gently": a number with only how behind it. */
const HOW_BEHIND =
  /(?<=(?:^|[,;:(]|(?<![a-zß-ɏ])(?:and|then|plus|y|luego|m[aá]s))\s)(\d{1,3}(?:\s?[-–]\s?\d{1,3})?)(?!\s+(?:on|for|por) (?:the |el |la )?(?:other|second|otr|segund))(?=\s+(?:gently|slow(?:ly)?|hard|fast|quick(?:ly)?|covered|open|on|in|with|under|over|until|till?|before|after|off|skin|cut|bone|lento|suave|fuerte|tapad[oa]s?|destapad[oa]s?|a fuego|en|con|por|hasta|antes)(?![a-zß-ɏ])(?! (?:half|two|four|quarters|mitad|dos)(?![a-zß-ɏ])))/gi;
/** "Foil them for two.": hours, it may be; of people it is said otherwise. */
const IN_WORDS =
  /(?<!(?:enough|serves|supper|dinner|lunch|recipe|meal|feast|batch) )(?<=for )(?:one|two|three|four|five|six|eight|ten|twelve|fifteen|twenty|thirty)(?=\s*(?:[.;)]|$))/gi;
/** "Knead for 8 minutes, and a rest of 40." */
const SPELL_OF =
  /(?<=(?<![a-zß-ɏ])(?:rest|nap|wait|pause|stand|spell|stint|simmer|boil|soak|proof|prove|rise|chill|blast|burst|reposo|espera|hervor) (?:of|de) (?:about |another |otros |unos )?)(\d{1,3})(?=\s*(?:[.,;)]|$))/gi;
const COUNTS =
  /(?:in|into|serves?|makes?|feeds|step|steps|mark|gas|fan|ventilador|no\.?|number|part|of|per|page|take|takes|all|with|to|en|para|paso|de|con)\s*$/i;
/** "18 minutes for pink or 25 for well done": another taste. */
const INSTEAD = /(?<![a-zß-ɏ])(?:or|o)\s*$/i;

/** Whether a number of a sentence is no time, heat or amount anything took, and says nothing of itself. */
export function hasLooseNumber(text: string, taken: readonly At[]): boolean {
  const isTaken = (index: number, length: number) =>
    taken.some(({ from, to }) => from < index + length && to > index);
  const spells = [...text.matchAll(SPELL_OF)];
  if (spells.some(({ index, 0: { length } }) => !isTaken(index, length))) return true;
  const all = [LOOSE, HOW_BEHIND, IN_WORDS].flatMap((one) => [...text.matchAll(one)]);
  return all.some(({ index, 0: { length } }) => {
    const [before, behind] = [text.slice(0, index), text.slice(index + length)];
    if (COUNTS.test(before) || (INSTEAD.test(before) && /^\s*for\b/i.test(behind))) return false;
    return !isTaken(index, length);
  });
}
