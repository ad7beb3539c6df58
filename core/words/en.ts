/** Every sentence the computation can say. The application adds its own words to these. */
export const en = {
  'why.takes': 'It takes {{minutes}}.',
  'why.likely': 'It likely takes {{likely}}; eight times in ten {{least}} to {{most}}.',
  'why.soakBest': 'It has its best {{likely}}.',
  'why.soakLonger': 'It gets {{minutes}}, more than its best {{likely}} and within {{most}}.',
  'why.soakShorter': 'It gets {{minutes}}, less than its best {{likely}}; it needs {{least}}.',
  'why.shortAsleep': 'Its best would begin at {{best}}, and you sleep from {{from}} to {{to}}.',
  'why.shortAway': 'Its best would begin at {{best}}, and you are away from {{from}} to {{to}}.',
  'why.begun': 'You began it at {{at}}.',
  'why.asleep': 'You sleep from {{from}} to {{to}}, so your hands come before.',
  'why.away': 'You are away from {{from}} to {{to}}, so your hands come before.',
  'why.serving': 'It goes to the table at {{at}}.',
  'why.follows': '{{other}} follows at {{at}}.',
  'why.followsAfter': '{{other}} follows at {{at}}, at least {{gap}} later.',
  'why.atOnce': 'It follows {{other}} at once.',
  'why.notLongAfter': 'It comes at most {{gap}} after {{other}}.',
  'why.handsElsewhere': 'Your hands are wanted for {{other}} at {{at}}.',
  'why.inHand': '{{minutes}} is kept in hand, and {{other}} can take it.',
  'why.pin': 'You put it there.',
  'why.pinMissed': 'You put it {{minutes}} away from here; this is as near as it can be.',

  'because.serving': 'Serving is at {{at}}.',
  'because.takes': '{{label}} takes {{minutes}}.',
  'because.least': '{{label}} needs at least {{minutes}}.',
  'because.atMost': '{{label}} may last {{minutes}} at most.',
  'because.gapLeast': '{{label}} begins at least {{minutes}} after {{before}}.',
  'because.gapMost': '{{label}} begins at most {{minutes}} after {{before}}.',
  'because.fresh': '{{label}} ends at most {{minutes}} before serving.',
  'because.tooLate': 'So {{label}} would have to begin by {{at}}, and it is {{now}} now.',
  'because.serveBy': 'So it would have to be served by {{at}}.',
  'because.past': 'Serving was at {{at}}, and it is {{now}} now.',
  'because.circle': 'These cannot all hold, at any serving time:',

  'clash.hands': '{{at}} wants four hands: {{a}} and {{b}}.',
  'clash.oven':
    'At {{at}} the {{place}} is wanted at {{tempA}} for {{a}} and at {{tempB}} for {{b}}.',
  'clash.room':
    'At {{at}} the {{place}} holds {{fits}}, and {{wanted}} are wanted: {{a}} and {{b}}.',
  'clash.noPlace': '{{a}} wants a {{place}}, and this kitchen has none.',

  'rescue.serveAt': 'Serve at {{at}} instead',
  'rescue.serveSurer': 'Serve at {{at}}, with time in hand',
  'rescue.serveNextDay': 'Serve at the same time on {{day}}',

  'batch.tooLittle': '{{have}} is too little to cover: mix about {{need}}, or turn it often.',
  'batch.overflows':
    'Food and mixture come to {{fill}}: too much for the {{vessel}}. Take a larger one.',
  'batch.salty': 'Salt is {{pct}} % of the food, more than most people like. Check the amount.',
  'batch.tooLong':
    'The window runs past {{days}} days, the longest public guidance allows for this meat.',

  'caution.marinateCold':
    'Keep it at 4 °C or colder. What has touched raw meat comes to a full boil or is thrown away.',
  'caution.twoHours':
    'Two hours out of the fridge is the limit, one hour above 32 °C; this counts toward it.',
  'caution.twoHoursBroken':
    'This keeps raw food out of the fridge for {{minutes}}: past the two-hour limit. Shorten it.',
  'caution.tooLongRaw':
    'This keeps raw {{food}} for {{minutes}}: past the {{days}} days public guidance allows.',
  'caution.poultryCore': 'Poultry is safe at {{tempC}} in its thickest part.',
  'caution.redMeatCore': 'Whole cuts are safe at {{tempC}} and three minutes of rest.',
  'caution.belowGuidance':
    'The core is taken off at {{tempC}}, below public guidance ({{least}}). Not for children, the pregnant, the old or the ill.',
  'caution.charcoal': 'Fire outdoors only, never in a closed room: carbon monoxide has no smell.',
  'caution.flareUp': 'Fat on fire: lid on, vents shut, never water.',
  'caution.hotFat': 'Dry the food first: water in hot fat spits.',
  'caution.holdHot': 'Keep it above 60 °C, or eat it within two hours.',
  'caution.steam': 'Open the lid away from you.',

  'source.fsisMarinating': 'USDA/FSIS, marinating guidance; from memory, not yet compared',
  'source.fsisTwoHours': 'USDA/FSIS, the two-hour rule; from memory, not yet compared',
  'source.fsisChart':
    'USDA/FSIS, safe minimum internal temperatures; from memory, not yet compared',
  'source.foodCodeHold': 'FDA Food Code, chapter 3-5, hot holding; from memory, not yet compared',
  'source.coGuidance': 'Public guidance on carbon monoxide; from memory, not yet compared',
  'source.common': 'Common practice, no source',
} as const;

export type MessageKey = keyof typeof en;
