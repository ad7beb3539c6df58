/** When something is done the evening before, or the day. */
export const DAY_BEFORE =
  /(?:(?:the )?(?:night|nite|day|evening) before|a day ahead|one day ahead|on (?:mon|tues|wednes|thurs|fri|satur|sun)day (?:night|evening)|la noche anterior|la v[ií]spera|el d[ií]a anterior|la noche antes|el d[ií]a antes)/i;
