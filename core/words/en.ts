/** Every sentence the computation can say. The application adds its own words to these. */
export const en = {
  'mend.outOfSoakStep': 'Out of what it lay in, wiped, back in the fridge',
  'why.takes': 'It takes {{minutes}}.',
  'why.likely': 'It likely takes {{likely}}; eight times in ten {{least}} to {{most}}.',
  'why.soakBest': 'It has its best {{likely}}.',
  'why.soakLonger': 'It gets {{minutes}}, more than its best {{likely}} and within {{most}}.',
  'why.soakShorter': 'It gets {{minutes}}, less than its best {{likely}}; it needs {{least}}.',
  'why.longest': 'It may stay {{most}} at most.',
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
  'why.helperElsewhere': '{{who}} is wanted for {{other}} at {{at}}.',
  'why.placeElsewhere': 'The {{place}} is wanted for {{other}} at {{at}}.',
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
  'clash.handsMore': 'At {{at}} more hands are wanted than there are: {{a}} and {{b}}.',
  'clash.tooSoon':
    '{{b}} wants the {{place}} at {{tempB}} at {{at}}, too soon after {{a}} at {{tempA}}.',
  'clash.room':
    'At {{at}} the {{place}} holds {{fits}}, and {{wanted}} are wanted: {{a}} and {{b}}.',
  'clash.vessel': 'At {{at}} the {{place}} is wanted twice: {{a}} and {{b}}.',
  'clash.nobody': 'At {{at}} nobody is there for {{b}}.',
  'clash.noPlace': '{{a}} wants the {{place}}, and this kitchen has none.',

  'rescue.helper': 'A second pair of hands from {{from}} to {{to}}',
  'rescue.sameHeat': '{{label}} at {{tempC}}',
  'rescue.dayBefore': 'Do {{label}} the day before, and keep it cold',
  'rescue.vessel': 'Borrow a second {{vessel}}',
  'rescue.secondPlace': 'A second {{place}}, borrowed',
  'rescue.cutJoint': 'Cut the {{food}} in two: about a third less time',
  'rescue.cutPieces': 'Cut the {{food}} in two: it cooks faster',
  'rescue.leaveOut': 'Leave out {{dish}}',
  'rescue.serveAt': 'Serve at {{at}} instead',
  'rescue.serveSurer': 'Serve at {{at}}, with time in hand',
  'rescue.serveNextDay': 'Serve at the same time on {{day}}',

  'batch.tooLittle': '{{have}} is too little to cover: mix about {{need}}, or turn it often.',
  'batch.overflows':
    'Food and mixture come to {{fill}}: too much for the {{vessel}}. Take a larger one.',
  'batch.salty': 'Salt is {{pct}} % of the food, more than most people like. Check the amount.',
  'batch.tooLong':
    'The window runs past {{days}} days, the longest public guidance allows for this meat.',

  'batch.froths': 'It would boil over: fill the {{vessel}} less, or take a larger one.',
  'batch.alreadySalted': 'The other lines bring all the salt it wants: leave the salt out.',
  'batch.enzymeNever':
    'Raw fruit turns fish to paste in minutes. Cook the fruit first, or leave it out.',
  'batch.fishSour': 'Fish in this much acid turns firm and dry past half an hour.',
  'batch.fruitLong': 'Raw fruit turns meat to paste past two days, however little of it there is.',
  'batch.pastLimit': 'Your longest runs past {{minutes}}:',
  'batch.variantHolds': '{{variant}} would hold {{what}}, which it is meant to go without.',
  'batch.moreThanThere': 'This takes more {{what}} than there is. Mix more of it, or take less.',
  'batch.sugarBurns':
    'Sugar is {{pct}} % and burns above about {{burns}}; {{step}} is at {{tempC}}. Wipe it off first, or brush it on at the end.',
  'batch.twiceSalted': '{{first}} and {{second}} both salt it: {{pct}} % together. Leave one out.',

  'batch.coolsIn':
    'Off the boil and with its ice in, it is at {{startC}}; fridge-cold after {{fridge}} in the fridge or {{bath}} in an ice bath. A simple estimate.',
  'batch.keeps': 'Made ahead, it keeps {{days}} days cold, as long as nothing raw touches it.',
  'batch.towardRest': 'Salt is slow: in {{minutes}} it goes about {{pct}} % of the way to rest.',
  'batch.cureDays':
    'Kitchens give a cure a day for each 6 mm and two more: {{days}} days at {{thick}} mm.',
  'batch.soakedOut':
    '{{minutes}} in {{water}} of fresh water takes the salt from {{before}} % to about {{after}} %.',
  'batch.noReserve': 'Nothing is kept clean yet: set a part aside if you want it for a sauce.',
  'batch.throwAway': 'Throw away what the meat lay in.',
  'batch.boilFirst':
    'What the meat lay in is boiled before it meets a plate; the plan has the step.',
  'batch.secondBatch': 'Mix {{grams}} again, clean, for the sauce.',

  'window.own': '{{text}}.',
  'window.ownLeast': 'You set the least.',
  'window.ownLongest': 'You set the longest.',
  'window.leastSalt': 'Salt is {{mm}} mm in by then.',
  'window.leastStrong': 'The meat holds more than half the salt you want by then.',
  'window.leastSurface': 'Flavour stays at the surface, and that is quick.',
  'window.leastPickle': 'Thin slices have taken it up by then.',
  'window.raw': 'Public guidance keeps raw {{food}} {{days}} days at most.',
  'window.acid': 'Acid ({{pct}} %) makes the surface mealy past that.',
  'window.dairy': 'Sour milk softens the surface too far past that.',
  'window.enzyme': 'Raw fruit ({{pct}} %) turns the surface to paste past that.',
  'window.bicarbonate': 'Bicarbonate tastes of soap past that.',
  'window.plain': 'It gains nothing more, and the surface slackens.',
  'window.salt': 'It gets half as salty again as you want past that.',
  'window.risen': 'It has doubled, and falls when it is left much longer.',
  'window.keepsDays': 'It keeps {{days}} days cold.',
  'window.keeps': 'It keeps about two weeks cold.',

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

  'caution.washing':
    'Public guidance is against washing meat: drops carry it over the kitchen. Wash sink, tap and hands with soap.',
  'caution.boilUsed':
    'It has touched raw meat: a full rolling boil all through before it is served.',
  'caution.brineCold': 'The brine is cold, {{tempC}} or less, before the food goes in.',

  'caution.marinateCold':
    'Keep it at 4 °C or colder. What has touched raw meat comes to a full boil or is thrown away.',
  'caution.twoHours':
    '{{limit}} out of the fridge is the limit, {{hot}} above {{room}}; this counts toward it.',
  'caution.poultryCore': 'Poultry is safe at {{tempC}} in its thickest part.',
  'caution.redMeatCore': 'Whole cuts are safe at {{tempC}} and three minutes of rest.',
  'caution.charcoal': 'Fire outdoors only, never in a closed room: carbon monoxide has no smell.',
  'caution.flareUp': 'Fat on fire: lid on, vents shut, never water.',
  'caution.hotFat': 'Dry the food first: water in hot fat spits.',
  'caution.holdHot': 'Keep it above {{tempC}}, or eat it within {{limit}}.',
  'caution.tooCool':
    'This fire is too cool ever to bring the middle there. Make it hotter, or stop earlier.',
  'caution.washUp':
    'Raw food was on board, knife and hands: wash them with soap before anything else.',
  'pan.cut': 'Cut {{food}} in {{count}}, to lie flat in the pan of {{cm}} cm.',
  'pan.rounds': 'In the pan of {{cm}} cm {{each}} at a time, {{rounds}} rounds.',
  'pan.cutRounds':
    'Cut {{food}} in {{count}}, to lie flat in the pan of {{cm}} cm; {{each}} at a time, {{rounds}} rounds.',
  'caution.apart': 'First take out the part “{{who}}”, with a clean bowl and spoon of its own.',
  'caution.shellfish':
    'Prawns turn opaque, mussels open. Throw away what was open before, or stays shut.',
  'caution.frozenKnife': 'Never force a knife into frozen meat: let it thaw until it gives.',
  'caution.chilli': 'Chilli burns for hours: wash your hands, and keep them off your eyes.',
  'caution.hotSugar': 'Hot sugar sticks and burns deep. Keep children and wet food away.',
  'caution.smoke': 'It will smoke: fan on, window open, and mind the alarm.',
  'caution.fatDrain':
    'Let the fat set and bin it, never down the sink. Fat on fire: lid, never water.',
  'caution.pressure': 'Follow its manual: never over two thirds full, never forced open.',
  'caution.slowCooker':
    'Half to three quarters full, never from frozen, cord out of reach, lid left on.',
  'caution.deepFat': 'Dry the food, fill the pot a third at most, and have its lid at hand.',
  'caution.foilAcid': 'Sour food eats foil: put paper between, or keep it short.',
  'caution.steam': 'Open the lid away from you.',
  'mend.minutes': 'Only {{minutes}}',
  'mend.frozen': 'It was frozen hard',
  'mend.fridge': 'In the fridge',
  'mend.core': 'Until its middle is {{tempC}}',
  'mend.heat': 'At {{tempC}}',
  'mend.boilBefore': 'Boil it first',
  'mend.coolBefore': 'Cool it first',
  'mend.iceBefore': 'In ice water first',
  'mend.washBefore': 'Wash up first',
  'mend.washStep': 'Wash board, knife and hands',
  'mend.iceStep': 'Pot into ice water',
  'mend.keeps': 'Keep it {{days}} days',
  'mend.boilStep': 'Boil what has touched raw food',
  'mend.coolStep': 'Brine cools',
} as const;
