/** "Medio hecho" is how a steak is wanted, and "the half-cooked potatoes" are no order. */
const PART_COOKED =
  /(?<![a-zß-ɏ])(?<!(?:the|your|these|those|of|with) )(?:half[- ](?:cook(?:ed)?|done|way done)|part(?:ly|ially)?[- ]cook(?:ed)?|par-?cook(?:ed)?|a medio (?:hacer|cocer)|medi[oa] cocid[oa]s?|a medias)(?![a-zß-ɏ])/i;

/** The words that say something is cooked half-way and no further; undefined where there are none. */
export function partCookedIn(text: string): string | undefined {
  return PART_COOKED.exec(text)?.[0];
}
