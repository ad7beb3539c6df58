/**
 * The middle of red meat by what cooks call it, °C once it has rested. Kitchen convention, not
 * safety, from memory, confidence 0.8. The longer words first: "medium rare" is not rare.
 */
const DONE: ReadonlyArray<readonly [RegExp, number]> = [
  [/\bmedium[- ]rare\b|\bmenos que al punto\b/iu, 56],
  [/\bmedium[- ]well\b/iu, 66],
  [/\bwell[- ]done\b|\bmuy hech[oa]s?\b|\bbien hech[oa]s?\b/iu, 71],
  [/\b(?:until|till|to|for|hasta)\b[^.;]{0,20}\bmedium\b|\bal punto\b/iu, 60],
  [/\b(?:until|till|to|for|hasta)\b[^.;]{0,20}\brare\b|\bpoco hech[oa]s?\b/iu, 52],
  [/\b(?:until|till|to|for)\b[^.;]{0,20}\bblue\b/iu, 46],
];

/** The core a sentence means by a word for it; undefined where it has none. */
export function donenessIn(text: string): number | undefined {
  return DONE.find(([pattern]) => pattern.test(text))?.[1];
}
