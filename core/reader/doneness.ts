/**
 * The middle of red meat by what cooks call it, °C once it has rested. Kitchen convention, not
 * safety, from memory, confidence 0.8. The longer words first: "medium rare" is not rare.
 */
const DONE: ReadonlyArray<readonly [RegExp, number]> = [
  [/\bmedium[- ]rare\b|\bmenos que al punto\b/i, 56],
  [/\bmedium[- ]well\b/i, 66],
  [/\bwell[- ]done\b|\bmuy hech[oa]s?\b|\bbien hech[oa]s?\b/i, 71],
  [called('medium'), 60],
  [/\bal punto\b(?! de)/i, 60],
  [called('rare'), 52],
  [/\bpoco hech[oa]s?\b/i, 52],
  [called('blue'), 46],
];

/** "Until it is medium", "for rare": of meat, and not "over medium heat", "the heat to medium", "blue cheese". */
function called(word: string): RegExp {
  const fire = '(?<!(?:heat|flame|burner|grill|smoker|oven|fire|temperature|it) )';
  const lead = "(?:(?:it|they|just|about|barely|is|are|it's|they're) ){0,2}";
  const ends = '(?=\\s*(?:[.,;:)(]|$|or\\b|and\\b|then\\b|inside\\b|in the\\b|done|about\\b))';
  return new RegExp(`${fire}\\b(?:until|till?|to|for) ${lead}${word}\\b${ends}`, 'i');
}

/** The core a sentence means by a word for it; undefined where it has none. */
export function donenessIn(text: string): number | undefined {
  return DONE.find(([pattern]) => pattern.test(text))?.[1];
}
