/**
 * Where one sentence ends and the next begins; "tbsp." ends none, and "min." only where a word
 * follows that begins one.
 */
const SENTENCE_END =
  /(?<!\b(?:min|mins|hr|hrs|approx|tbsp|tsp|oz|lb|lbs|cda|cdta|aprox|no|gr))(?:[.!?]+["”)]?|;)\s+(?=[\p{Lu}\d¡¿"“(]|\p{Ll})|(?<=\b(?:min|mins|hr|hrs))\.\s+(?=\p{Lu}\p{Ll}|\d(?:st|nd|rd|th)(?!\p{L})|(?!(?:or|and|until|till?|before|after|per|each|on|in|at|an?|to|over|with|the|for|more|of|y|o|u|hasta|por|en|cada|m[aá]s|antes|de|con)(?!\p{L}))\p{Ll})/gu;

export function sentencesOf(text: string): string[] {
  const found: string[] = [];
  let from = 0;
  for (const match of text.matchAll(SENTENCE_END)) {
    const to = match.index + match[0].trimEnd().length;
    found.push(text.slice(from, to).trim());
    from = match.index + match[0].length;
  }
  found.push(text.slice(from).trim());
  return found.filter((one) => one !== '');
}
