import { AT_THE_LAST } from './moment.ts';

/** A part of a sentence in which one thing is done, and where it begins. */
export interface Clause {
  readonly text: string;
  readonly from: number;
}

/** "Leave it in its liquid": off the heat, and no going on. */
export const NO_LIQUID =
  '(?! (?:its|their|the|his) (?:own )?(?:cooking |hot |poaching )?(?:liquid|liquor|water|stock|broth|juices?|brine|milk|fat))';

const GOES_ON = `(?:they|it) (?:all )?(?:go|goes|went) (?:back )?(?:on|in|into|onto|under)|another (?:\\d|half|hour|one|two|three|four|few)|(?<=and )every (?:\\d|half|hour|quarter|twenty|thirty|fifteen|ten)|(?:put|tip|place)(?: it| them| everything)? in(?:to)? a (?:bowl|bag|tub)|give it|give them|give the [a-zß-ɏ]+(?= (?:another \\d|\\d+ ?[a-zß-ɏ]* (?:more|extra)))|gave it|gave them|carry on|carrying on|continue|keep going|keep (?:it|them) going|keep at it|go on|finish(?! with)|leave it (?:in|on(?! (?:the|a) (?:counter|side|worktop|table|bench|board|rack|plate))|there)${NO_LIQUID}|put it back|(?:turn|drop|lower|reduce|raise|increase|bring|crank|ease) (?:it|the (?:oven|heat|temperature|oil|fat))(?=[^.;,]{0,30}\\d{3})|(?:bajar?|bajamos|sube|subir|subimos) (?:a|hasta) \\d{3}|(?:lower|drop|reduce|turn down) to \\d{3}|(?:knock|turn|bring) the (?:heat|oven|temperature) (?:down|up|back)|sigue|siga|seguir|seguimos|contin[uú]a|continuar|prosigue|termin(?:a|ar|amos)(?! con)|acab(?:a|ar|amos)(?! con)|(?:baj|sub|reduc)(?:a|e|ir|ar|amos|imos)? (?:el horno|la temperatura)(?=[^.;,]{0,30}\\d{3})`;

/** An oven that is set to something else. */
const LOWERS =
  '(?:turn|drop|lower|reduce|raise|increase) (?:it|the (?:oven|heat|temperature))[^.;,]{0,30}\\d{3}|se (?:baja|sube|reduce) (?:el horno|la temperatura)[^.;,]{0,30}\\d{3}';

/** What parts one clause from the next; each begins with a space or one of `;:,.`. */
const TURNS = [
  ';',
  '(?<=^\\s*(?:to (?:serve|finish|reheat)|para (?:servir|terminar|acabar))):',
  '(?<=^\\s*(?:to serve|para servir)),(?= crisp| tost| dorar)',
  '(?:,|\\.)?\\s+(?:and\\s+|y\\s+)?(?:then|followed by|after that|afterwards|luego|despu[eé]s|a continuaci[oó]n|seguido de)(?=[\\s,]),?',
  `,?\\s+(?:and|y)\\s+(?=(?:${GOES_ON})(?![a-zß-ɏ]))`,
  `,\\s+(?=(?:${GOES_ON}|in (?:with|goes?|go))(?![a-zß-ɏ]))`,
  `\\s+(?=(?:${LOWERS}))`,
  '(?<=(?:^|[,;]\\s|and\\s)another \\d{1,3}(?: ?(?:minutes?|mins?|m|hours?|h))?(?: (?:un)?covered)?),?\\s+and\\s+(?=(?:rest|slice|carve|shred)(?![a-zß-ɏ]))',
  '(?<=(?:add|stir in|pour in|tip in|throw in) [^.;,]{1,30}),\\s+(?=\\d{1,3} ?(?:minutes?|mins?|hours?) more(?![a-zß-ɏ]))',
  '(?<=(?:^|[,;]\\s|and\\s)(?:another \\d{1,3}(?: ?(?:minutes?|mins?|m|hours?|h))?|\\d{1,3} ?(?:minutes?|mins?|hours?) more)),\\s+(?=(?!(?:un)?covered|un?wrapped|or |lid|with|in |at |on |then|and |until|till|to |[a-zß-ɏ]+ing(?![a-zß-ɏ]))[a-zß-ɏ])',
  `,?\\s+(?:and|y|then|,)\\s+(?=(?:an? )?\\d{1,2}(?:[ -]?(?:minutes?|mins?|minutos?))?(?:['’]s?)? (?:de |of )?(?:reposo|descanso|rest(?:ing)?)(?![a-zß-ɏ]))`,
  '(?<=\\d ?(?:minutes?|mins?|minutos?) (?:a fuego|(?:on|over) an?) [^.;,\\d]{1,20})\\s+(?:and|y)\\s+(?=\\d{1,3}(?: (?:minutes?|mins?|minutos?))? (?:a fuego|(?:on|over) an?) )',
  ',\\s+(?:and |y )?(?=\\d{1,3}(?:[ -]?(?:minutes?|mins?|minutos?))? (?:off the (?:heat|fire|hob)|fuera del fuego|gently|slowly|very gently|muy despacio|suavemente))',
  ',\\s+(?=(?:or|o) (?:for )?\\d{1,2}(?:\\s?[-–]\\s?\\d{1,2})?(?: ?(?:hours?|h|horas))? (?:in the|en la|en el) (?:fridge|refrigerator|nevera|frigo))',
  '(?<=(?:take|get|bring|saca)[a-zß-ɏ]*[^.;,]{0,40}(?:hours?|minutes?|mins?|horas?|minutos?) (?:before|ahead|beforehand|antes)),\\s+',
];

/**
 * Where a sentence turns to something else: "then", a semicolon, "and carry on", "followed by",
 * "before". Both halves must hold enough to stand alone.
 */
const TURN = new RegExp(`(?=[\\s;:,.])\\s*(?:${TURNS.join('|')})\\s*`, 'gi');

/** "And then some", "then add it": too little to be told apart. */
const LEAST_LETTERS = 4;
/** And no more than a length of time. */
const LAST_LETTERS = 30;

/** "After 20 minutes lower the oven to 150", "halfway through, turn it down to 160". */
const A_MOMENT =
  /^\s*(?:(?:after|tras|pasad[oa]s|al cabo de|a l[oa]s) [^.;,°º]{1,30}(?<!(?:at|a) \d{3})|half-?way(?: through)?|a (?:la )?mitad(?: de la cocci[oó]n)?)$/i;
const SETS_HEAT = new RegExp(`^(?:${LOWERS})`, 'i');

const UNTIL_CORE =
  /(?<![a-zß-ɏ])(?:until|till?|hasta|(?:carry on|continue|go on|keep going|cook on|sigue|seguir|contin[uú]ar?) (?:to|a))(?![a-zß-ɏ])[^.;,]{0,40}(?:, (?:about |around )?)?(?<!\d)[4-9]\d(?:\s?°?\s?C)?(?: in the [a-zß-ɏ]+| inside)?$/i;

const LIES_COLD =
  /(?<![a-zß-ɏ])(?:in|into|to) the (?:fridge|refrigerator|cold)(?![a-zß-ɏ])[^.;\d]{0,30}$/i;

/** What follows an "if" belongs to it. */
const IF = /^\s*(?:if|unless|should (?:it|they)|si)(?![a-zß-ɏ])/i;

/** "Two days ahead: rub it, and leave it in the fridge": all of it lies so long. */
const DAYS_AHEAD =
  /^\s*(?:two|three|four|\d|dos|tres|cuatro) (?:days|d[ií]as) (?:before|ahead|beforehand|earlier|antes)[,:]/i;

/** The clauses of a sentence, in its order; one where it does not turn. */
export function clausesOf(sentence: string): Clause[] {
  if (IF.test(sentence) || DAYS_AHEAD.test(sentence)) return [{ text: sentence, from: 0 }];
  const found: Clause[] = [];
  let from = 0;
  for (const match of sentence.matchAll(TURN)) {
    const text = sentence.slice(from, match.index);
    const behind = sentence.slice(match.index + match[0].length);
    // "For the last ten minutes, raise it to 220" is one thing.
    if (AT_THE_LAST.test(text) && letters(text) < LAST_LETTERS) continue;
    // "Until 95 °C, another 2 to 3 hours": so long that takes.
    if (UNTIL_CORE.test(text) && /^another(?![a-zß-ɏ])/i.test(behind)) continue;
    if (A_MOMENT.test(text) && SETS_HEAT.test(behind)) continue;
    // "Leave it on a rack in the fridge, another twelve hours": so long it lies there.
    if (LIES_COLD.test(text) && /^(?:another|a further)(?![a-zß-ɏ])/i.test(behind)) continue;
    if (letters(text) < LEAST_LETTERS || letters(behind) < LEAST_LETTERS) continue;
    found.push({ text, from });
    from = match.index + match[0].length;
  }
  found.push({ text: sentence.slice(from), from });
  return found;
}

function letters(text: string): number {
  return text.match(/\p{L}/gu)?.length ?? 0;
}
