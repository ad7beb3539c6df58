/** The words on the safety sheet, and where a rule is broken. */
export const safety = {
  'safety.title': 'Safety',
  'safety.sheet': 'Safety sheet',
  'safety.first': 'Your local food authority’s rules come before everything on this page.',
  'safety.memory':
    'Figures are from memory of the publications named and have not been compared with them yet.',
  'safety.print': 'Print it',
  'safety.broken': 'What this plan breaks',
  'safety.noneBroken': 'Nothing. Mind what follows.',
  'safety.day': 'In the order of the day',
  'safety.afterMeal': 'After the meal',
  'safety.rules': 'What is watched',
  'safety.at': '{{at}}, {{label}}',
  'safety.anyway': 'I do it anyway, because',
  'safety.keepWords': 'Keep my words',
  'safety.yours': 'You do it anyway: “{{words}}”',
  'safety.takeBack': 'Take that back',
  'safety.source': 'Source: {{source}}.',
  'safety.noPlan': 'There is no plan yet to look at.',
} as const;
