/** The words of what runs have taught. */
export const learning = {
  'learning.nextTime': 'Next time',
  'learning.take': 'Take',
  'learning.leave': 'Leave',
  'learning.kitchen': 'What this kitchen has taught',
  'learning.none': 'Nothing yet. Cook a few meals with it.',
  'learning.runsHot': '{{name}} runs {{degrees}} hot',
  'learning.runsCool': '{{name}} runs {{degrees}} cool',
  'learning.runsTrue': '{{name}} runs as it says',
  'learning.from': 'from {{count}} cooks; eight in ten between {{least}} and {{most}}',
  'learning.leftOut': '{{count}} left out: interrupted, or far from all others',
  'learning.use': 'Reckon with it',
  'learning.used': 'Reckoned with.',
  'learning.reset': 'Reset',
  'learning.pace': '{{work}}: {{times}} times as long as reckoned',
  'learning.paceFrom': 'from {{count}} times; eight in ten between {{least}} and {{most}}',
  'learning.leftOvers': 'To be eaten',
  'learning.leftUntil': 'cold, and eaten by {{date}}; else frozen on the first day',
  'learning.leftPast': 'was to be eaten by {{date}}: not to be eaten any more',
  'learning.leftGone': 'Gone',
  'learning.leftSource':
    'Days in the fridge at 4° or colder after FoodSafety.gov, cold storage chart, from memory. Your local food authority’s rules come first.',
} as const;
