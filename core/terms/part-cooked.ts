const PART_COOKED =
  /(?<!\p{L})(?:half[- ](?:cook(?:ed)?|done|way done)|part(?:ly|ially)?[- ]cook(?:ed)?|par-?cook(?:ed)?|(?:a )?medi[oa] (?:hacer|hech[oa]|coc(?:er|id[oa]))|a medias)(?!\p{L})/iu;

/** The words that say something is cooked half-way and no further; undefined where there are none. */
export function partCookedIn(text: string): string | undefined {
  return PART_COOKED.exec(text)?.[0];
}
