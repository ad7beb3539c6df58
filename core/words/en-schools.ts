/** Where cooks disagree: the questions, their answers, and why; and the steps an answer brings. */
export const schools = {
  'school.washing': 'Washing raw meat',
  'school.washing.none': 'Not at all',
  'school.washing.none.why':
    'Public guidance is against it: it spreads what it is meant to remove.',
  'school.washing.acid': 'With lime or vinegar',
  'school.washing.acid.why':
    'Taste and custom. The sink, the tap and your hands come into the plan.',
  'school.washing.flour': 'With flour and water',
  'school.washing.flour.why':
    'Flour takes up blood. The sink, the tap and your hands come into the plan.',
  'school.tenderising': 'Making it tender',
  'school.tenderising.time': 'By time',
  'school.tenderising.time.why':
    'Cooking long enough does it, and nothing can go wrong in the fridge.',
  'school.tenderising.acid': 'By acid',
  'school.tenderising.acid.why':
    'Only the surface, and mealy if too long: it sets its own longest time.',
  'school.tenderising.fruit': 'By raw fruit',
  'school.tenderising.fruit.why': 'Strong and quick: it sets its own longest time.',
  'school.tenderising.powder': 'By powder',
  'school.tenderising.powder.why':
    'Papain, ten times as strong as fruit: it sets its own longest time.',
  'school.tenderising.bicarbonate': 'By bicarbonate',
  'school.tenderising.bicarbonate.why':
    'For thin slices, three quarters of an hour at most; then rinse.',
  'school.stewSalt': 'Salt in a stew',
  'school.stewSalt.early': 'With the seasoning',
  'school.stewSalt.early.why': 'Salt needs hours to reach the middle.',
  'school.stewSalt.end': 'At the end',
  'school.stewSalt.end.why':
    'The liquid boils down, so the last taste decides; the middle stays plain.',
  'school.usedMarinade': 'What the meat lay in',
  'school.usedMarinade.keptClean': 'A part kept clean from the start',
  'school.usedMarinade.keptClean.why': 'The sauce never meets raw meat.',
  'school.usedMarinade.thrown': 'Thrown away',
  'school.usedMarinade.thrown.why': 'Nothing to mind, and nothing left for a sauce.',
  'school.usedMarinade.boiled': 'Boiled and served',
  'school.usedMarinade.boiled.why':
    'A full rolling boil comes into the plan before it meets a plate.',
  'school.usedMarinade.second': 'A second batch',
  'school.usedMarinade.second.why': 'As much again, mixed clean, for the sauce.',
  'school.brine': 'Brine',
  'school.brine.equilibrium': 'To rest with the meat',
  'school.brine.equilibrium.why': 'It cannot come out too salty, whatever the day brings.',
  'school.brine.strong': 'Strong and short',
  'school.brine.strong.why': 'Hours and not days, and the clock decides how salty it gets.',
  'school.firstHalfHour': 'The first half hour',
  'school.firstHalfHour.fridge': 'Straight to the fridge',
  'school.firstHalfHour.fridge.why':
    'What is gained outside is little, and it counts toward the two hours.',
  'school.firstHalfHour.counter': 'On the counter',
  'school.firstHalfHour.counter.why':
    'Salt moves a little faster. It counts toward the two-hour limit.',
  'school.tempering': 'Out of the fridge before cooking',
  'school.tempering.short': 'A short while',
  'school.tempering.short.why':
    'An hour changes a thick joint little, and it counts toward the two hours.',
  'school.tempering.cold': 'Straight from the cold',
  'school.tempering.cold.why': 'Nothing to wait for. It takes a little longer over its fire.',
  'school.step.wash': 'Wash the meat, then sink and hands',
  'school.step.washUp': 'then wash board, knife and hands',
  'school.step.counter': 'First half hour, on the counter',
  'school.step.boil': 'Boil what it lay in',
  'school.step.boilWhat': 'A full rolling boil, then strain',
} as const;
