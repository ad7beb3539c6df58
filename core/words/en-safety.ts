/** What the rules of safety say: findings, figures, names, mends and sources. */
export const safety = {
  'story.since': '{{place}} {{tempC}} since {{at}}',
  'story.for': '{{place}} {{tempC}} for {{minutes}}',
  'story.fire': '{{place}} {{tempC}} for {{minutes}}, to {{core}}',
  'safety.tooBrief': '{{food}} is on the fire too short a time to be sure of. Probe it.',
  'safety.coreChosen':
    '{{food}} comes off at {{tempC}}, as you want it; public guidance asks {{least}}.',
  'safety.restPart':
    '{{food}} wants {{minutes}} of rest before it is cut: that is part of what makes its core safe.',
  'safety.partCooking':
    '{{food}} is cooked half-way and then waits {{minutes}}. Cook it through now, or begin later.',
  'safety.holdingLies':
    'Nobody takes it up for {{minutes}} after this, and it is below {{tempC}}; {{limit}} is the limit.',
  'safety.washingSalad':
    'Raw food was on the board, and this is eaten without a fire: wash board, knife and hands first.',
  'safety.sameVessel': 'Raw food lay in the {{vessel}}: wash it, or take another.',
  'safety.poisonous':
    '{{food}} makes ill raw or badly prepared. Follow what your food authority says of it to the letter.',
  'safety.rawFlour': '{{food}} has flour in it that no fire reaches: raw flour can make ill.',
  'safety.stuffing':
    'The stuffing lies in the middle: it reaches {{tempC}} as well. Probe it there.',
  'safety.tooFull':
    'The {{vessel}} is {{share}} % full; hot as this, {{most}} % is the most before it boils over.',
  'safety.shelf':
    '{{mixture}}, low in acid, is to keep {{days}} days; cold it keeps {{most}}, longer only frozen or pressure canned.',
  'safety.highBoil': 'Up here water boils cooler: a boil that makes safe lasts {{minutes}}.',
  'safety.unknownFood':
    'Nobody knows the cut of {{food}}; it is taken for raw {{animal}}. Choose its cut on Table.',
  'safety.askedFood':
    'Nobody knows what {{food}} is. If it was an animal, or holds egg, choose its cut on Table.',
  'safety.softCheese': 'Soft cheese in {{mixture}}: not for the pregnant and the frail.',
  'safety.smokedFish': 'Smoked or cured fish, {{mixture}}: not for the pregnant and the frail.',
  'safety.liver': 'Liver, {{mixture}}: not for the pregnant.',
  'safety.sprouts': 'Raw sprouts, {{mixture}}: not for the pregnant and the frail.',
  'safety.honey': 'Honey in {{mixture}}: for nobody under a year.',
  'rule.partCooking': 'Cooked in one go',
  'figures.partCooking': 'What a fire has begun goes on within {{minutes}}.',
  'rule.poisonous': 'Plants and flour that make ill raw',
  'figures.poisonous': 'Elderberries, cassava, green potatoes and the like; flour and dough.',
  'rule.stuffing': 'Stuffing',
  'figures.stuffing': '{{tempC}} in the middle of the stuffing too.',
  'rule.tooFull': 'Room above what boils up',
  'figures.tooFull':
    'Hot fat fills {{fat}} % of its pan at most, sugar {{sugar}} %, a pressure cooker {{pressure}} %.',
  'rule.shelf': 'Kept for long',
  'figures.shelf': 'Above pH {{pH}}: {{days}} days cold, longer only frozen or pressure canned.',
  'rule.highBoil': 'Boiling high up',
  'figures.highBoil': 'From {{height}} m: {{minutes}}.',
  'rule.sameVessel': 'One tray for raw and cooked',
  'figures.sameVessel': 'What held raw food is washed before anything cooked lies in it.',
  'rule.declared': 'What is said and what is done',
  'figures.declared': 'Where a file and its steps differ, the steps are believed.',
  'safety.declaredClean':
    '{{mixture}} is said to touch no raw food, and raw food lies in it: it counts as touched.',
  'safety.declaredBoiled':
    '{{mixture}} is said to be boiled, and no step brings it to the boil: it counts as unboiled.',
  'rule.unknownFood': 'Foods nobody knows',
  'figures.unknownFood': 'A food without a cut is taken for what its name says, and carefully.',
  'source.fsisPartCooking': 'USDA/FSIS, partial cooking',
  'source.plants': 'FDA and FSA, natural toxins in food',
  'source.flour': 'FDA, flour is a raw food',
  'source.canning': 'USDA, Complete Guide to Home Canning',
  'source.boilWater': 'CDC, boil water guidance',
  'source.pregnancy': 'FDA and NHS, food in pregnancy',
  'safety.counter': 'Raw food is out of the fridge for {{minutes}} in all; {{limit}} is the limit.',
  'safety.counterInAll':
    'Raw food is lukewarm for {{minutes}} in all, by its surface; {{limit}} is the limit.',
  'safety.leftOverKept':
    '{{food}} will have been kept {{minutes}} since it was cooked; {{days}} days in the fridge are the most.',
  'safety.cookedKeeping':
    'It waits cooked in the fridge for {{minutes}}; {{days}} days is what guidance allows.',
  'safety.rawKeeping': '{{food}} waits raw for {{minutes}}; it keeps {{days}} days in the fridge.',
  'safety.thawShort': 'It needs about {{minutes}} to thaw; sooner, the middle is still ice.',
  'safety.frozenSlow':
    '{{food}} goes into the slow cooker frozen: thaw it first, or it lies lukewarm for hours.',
  'rule.frozenSlow': 'Frozen into the slow cooker',
  'figures.frozenSlow': 'Meat is thawed before it goes into a slow cooker.',
  'source.fsisSlowCookers':
    'USDA/FSIS, slow cookers and food safety; from memory, not yet compared',
  'safety.slowSurface':
    'This fire leaves its surface lukewarm for {{minutes}}; two hours is the limit.',
  'safety.rinsed': 'A rinse spreads what is on raw meat: pat it dry instead.',
  'safety.washing': 'Raw food was on the board: wash board, knife, brush and hands before this.',
  'safety.rawEgg': 'The egg in {{mixture}} stays raw: not for children, the pregnant, old or ill.',
  'safety.softEgg':
    'The yolk of {{mixture}} stays soft: not for children, the pregnant, old or ill.',
  'safety.eggDish':
    '{{food}} comes off at {{tempC}}; eggs want {{least}} inside, or a minute at {{minute}}.',
  'safety.eggDishFrail':
    '{{food}} comes off at {{tempC}}; for children, the pregnant, old and ill make it {{least}}.',
  'safety.perishable':
    '{{mixture}}, with its egg or milk, is lukewarm for {{minutes}} in all; {{limit}} is the limit.',
  'safety.souring':
    '{{dish}} sours in {{pct}} % of salt; below {{least}} % what spoils it grows too.',
  'safety.souringWhole':
    '{{dish}} sours in {{pct}} % of salt; cucumbers and whole roots want {{least}} % of all that lies together.',
  'safety.souringWarm':
    '{{dish}} sours at {{tempC}}; above {{warmest}} it goes soft, and may spoil before it is sour.',
  'safety.label': 'Label {{mixture}}: made {{at}}, last day {{until}}, kept cold.',
  'safety.powerCut':
    'Power out: a closed fridge stays cold for {{hours}} hours. After that throw raw food away.',
  'safety.byClock':
    'It goes by the clock; its middle may only be at {{tempC}}. Probe it: {{least}}.',
  'safety.fruitPaste':
    '{{food}} lies {{minutes}} in {{mixture}}: raw fruit makes a paste of it after about {{limit}}.',
  'safety.longSoak': 'Raw {{food}} soaks {{minutes}} in all; guidance allows {{days}} days.',
  'safety.brineCold':
    'What the food goes into was boiled and is not cold yet. It must be {{tempC}} or less.',
  'safety.contact': '{{mixture}} has touched raw food. Boil it hard before it goes on.',
  'safety.corePierced':
    '{{food}} is pierced or injected: {{least}} inside, or {{whole}} and {{minutes}} of rest.',
  'safety.core':
    '{{food}} comes off at {{tempC}}; guidance is {{least}}. Not for the pregnant, old or ill.',
  'safety.neverCooked': '{{food}} is never cooked: not for children, the pregnant, old or ill.',
  'safety.coreChildren':
    '{{food}} comes off at {{tempC}}; guidance is {{least}}. Children are at the table.',
  'safety.slowWarming': 'Its middle is lukewarm for {{minutes}}; six hours is the limit.',
  'safety.cooling':
    'It takes {{minutes}} to fall to {{tempC}}; {{limit}} is the limit. Divide it, or use ice.',
  'safety.coolingRoom':
    'At room heat it never falls to {{tempC}} in {{limit}}. Use the fridge or ice water.',
  'safety.holding': 'It stands below {{tempC}} for {{minutes}}; {{limit}} is the limit.',
  'safety.reheatedBriefly':
    'So short a time seldom makes it hot all through: stir it, and probe it for {{least}}.',
  'safety.reheating': 'It was cooked and chilled: heat it to {{least}}, not {{tempC}}.',
  'safety.thawCounter': 'Thawing on the counter warms the outside for hours. Use the fridge.',
  'safety.thawLong':
    'It lies in water for {{minutes}}: thawed, its outside grows warm. Use the fridge.',
  'safety.thawWater': 'Change the water every half hour, and cook it at once.',
  'safety.garlicOil': '{{mixture}} keeps {{most}} days cold and not {{days}}: garlic in oil.',
  'safety.garlicOilWarm':
    '{{mixture}} stands warm for {{minutes}}: garlic or herbs in oil belong in the fridge.',
  'safety.cure': '{{mixture}} comes to {{ppm}} ppm nitrite, {{most}} at most. Follow its label.',
  'safety.cureTooMuch': '{{mixture}} comes to {{ppm}} ppm nitrite; {{most}} is the limit.',
  'safety.cureSpoon': 'Weigh the curing salt in {{mixture}} in grams, never by the spoon.',
  'safety.beans':
    '{{food}} must boil hard before anything else: {{sure}} to be sure of it, {{minutes}} at the least.',
  'safety.beansSurer':
    '{{food}}: {{minutes}} of hard boiling is the least; public guidance advises {{sure}}.',
  'safety.fishRaw': '{{food}} is eaten raw: only if it was frozen hard before.',
  'safety.fishFrozen': '{{food}} stays soft inside: only if it was frozen hard before.',
  'safety.trichinae':
    '{{food}} can carry parasites this cool: {{least}} inside, or frozen three weeks before.',
  'safety.gameParasites':
    '{{food}} can carry parasites that freezing does not kill: {{least}} inside.',
  'safety.coreHeld':
    '{{food}} comes off at {{tempC}}; guidance is {{least}}. As long as it is kept that hot it comes to the same: measure its coldest point, and cut nothing short.',
  'safety.coreFrail':
    '{{food}} comes off at {{tempC}}; guidance is {{least}}. Someone at the table must not eat it.',
  'safety.avoids': '{{dish}}: {{because}} holds {{avoids}}, which {{heads}} at the table avoid.',
  'safety.leftovers':
    '{{dish}}, left over: in the fridge by {{by}}. Eat within {{days}} days, or freeze, {{months}} months.',
  'safety.leftoversCold':
    '{{dish}}, left over: in the fridge by {{by}}. Eat within {{days}} days; freezing spoils it.',
  'safety.rice': '{{food}} stands lukewarm for {{minutes}}; an hour is the limit.',
  'figures.counter':
    'Between {{cold}} and {{warm}} at most {{limit}}, and {{hot}} in a room above {{room}}: on the counter, cooling again, warming slowly.',
  'figures.perishable':
    'What holds egg, milk or cream is below {{tempC}} and out of the fridge for {{limit}} at most.',
  'figures.fruitPaste':
    '100 g of raw pineapple, kiwi, papaya, fig or ginger to a kilo: half an hour to two.',
  'figures.longSoak':
    'Poultry, fish and mince two days cold, whole cuts five, in a curing brine seven.',
  'figures.rawKeeping':
    'Poultry, fish and mince {{poultry}} days in the fridge, whole cuts {{meat}}, in a curing brine {{cured}}.',
  'figures.brineCold': 'A boiled brine, marinade or glaze is at {{tempC}} or less.',
  'figures.contact': 'What lay on raw food is boiled hard, or never meets food that is cooked.',
  'figures.washing': 'A wash with soap between raw food and what is eaten as it leaves the board.',
  'figures.notForThem':
    'Egg that is not cooked firm is not for children, the pregnant, the old or the ill.',
  'figures.labels': 'What it is, the day it was made, and its last day.',
  'figures.powerCut': 'A closed fridge holds {{hours}} hours, a full freezer two days.',
  'figures.core':
    'Poultry {{poultry}}, mince {{minced}}, game the same, pierced meat {{pierced}}, whole cuts and fish {{whole}} with three minutes of rest; or longer at less, by the printed tables.',
  'figures.slowWarming':
    'The middle passes from {{from}} to {{to}} in {{core}}, the surface in {{surface}}.',
  'figures.cookedKeeping': 'Cooked meat {{meat}} days in the fridge, rice {{rice}}.',
  'figures.cooling':
    'From {{warm}} to {{mid}} in {{first}}, to {{cold}} in {{whole}}; what was made at room heat in {{made}}.',
  'figures.holding': 'Above {{tempC}}, a roast left whole above {{roast}}, or {{minutes}} in all.',
  'figures.reheating':
    'All through to {{tempC}}; in a microwave stirred, covered, then {{stand}} of standing.',
  'figures.thawing':
    'In the fridge {{perKg}} a kilo, or {{water}} in cold water changed every half hour; from water or a microwave cook at once; never on the counter.',
  'figures.garlicOil': 'Cold, and {{days}} days at most.',
  'figures.curing':
    'Nitrite, weighed, at most {{immersed}} ppm in a brine, {{dry}} rubbed on dry, {{mince}} in mince; bacon {{bellyImmersed}} and {{bellyDry}}. The EU adds {{eu}} at most.',
  'figures.beans': 'A hard boil first: {{sure}} to be sure of it, {{minutes}} at the least.',
  'figures.eggDishes':
    'Custards and what eggs set {{tempC}} inside, or {{minute}} for a minute at least.',
  'figures.souring':
    'Vegetables that sour at room heat: {{least}} % of salt or more of all that lies together, cucumbers and whole roots {{whole}} %; no warmer than {{warmest}}.',
  'figures.fish':
    'Below {{tempC}} inside only if frozen hard: {{days}} days at {{cold}}, or {{hours}} hours at {{coldest}}.',
  'figures.parasites':
    'Pork {{pork}} inside, or longer at less, or frozen three weeks at −15°; game {{game}}, frozen or not.',
  'figures.eaters': 'Nothing before anyone that they avoid.',
  'figures.leftovers':
    'Meat and fish {{meat}} days, rice {{rice}}, cold within two hours; out for longer eat it at once, past {{thrown}} throw it away.',
  'figures.rice': 'Hot, or cold again within {{minutes}}.',
  'rule.rawKeeping': 'How long raw food keeps',
  'rule.washing': 'Board, knife and hands',
  'rule.notForThem': 'What is not for everyone',
  'rule.labels': 'Labels',
  'rule.powerCut': 'When the power fails',
  'rule.counter': 'Raw food out of the fridge',
  'rule.fruitPaste': 'Raw fruit on meat',
  'rule.longSoak': 'How long raw food soaks',
  'rule.perishable': 'Egg and milk out of the fridge',
  'rule.brineCold': 'What was boiled is cold before food goes in',
  'rule.contact': 'What has touched raw food',
  'rule.core': 'The middle is hot enough, or long enough',
  'rule.slowWarming': 'Warming up in time',
  'rule.cookedKeeping': 'How long cooked food keeps',
  'rule.cooling': 'Cooling down in time',
  'rule.holding': 'Kept hot until it is eaten',
  'rule.reheating': 'Heated again all through',
  'rule.thawing': 'Thawing',
  'rule.garlicOil': 'Garlic and herbs in oil',
  'rule.curing': 'Curing salt',
  'rule.beans': 'Kidney beans',
  'rule.fish': 'Fish less than cooked through',
  'rule.parasites': 'Parasites of pork and game',
  'rule.eggDishes': 'What eggs set',
  'rule.souring': 'Vegetables soured in salt',
  'rule.eaters': 'What eaters avoid',
  'rule.leftovers': 'Left-overs',
  'rule.rice': 'Cooked rice and grains',
  'keeps.rawPoultry': 'Raw poultry',
  'keeps.rawMince': 'Raw mince and stewing meat',
  'keeps.rawCuts': 'Raw steaks, chops and joints',
  'keeps.rawSausage': 'Raw sausage',
  'keeps.freshHam': 'Fresh ham, uncured',
  'keeps.giblets': 'Giblets',
  'keeps.fattyFish': 'Raw fish, fatty',
  'keeps.leanFish': 'Raw fish, lean',
  'keeps.shellfish': 'Raw prawns and scallops',
  'keeps.marinatedPoultry': 'Raw poultry in a marinade',
  'keeps.marinatedMeat': 'Raw meat in a marinade',
  'keeps.bacon': 'Bacon',
  'keeps.hamWhole': 'Cooked ham, whole',
  'keeps.hamSliced': 'Cooked ham, sliced',
  'keeps.hotDogs': 'Hot dogs, opened',
  'keeps.coldCuts': 'Cold cuts, opened',
  'keeps.eggs': 'Eggs in their shell',
  'keeps.eggsBoiled': 'Eggs boiled hard',
  'keeps.cookedMeat': 'Cooked meat and poultry',
  'keeps.stews': 'Soups and stews',
  'keeps.gravy': 'Gravy and broth',
  'keeps.casseroles': 'Casseroles and pies',
  'keeps.custards': 'Custards and cheesecakes',
  'keeps.dressedSalads': 'Egg, chicken and fish salads',
  'keeps.cookedRice': 'Cooked rice',
  'source.fsisAppendixA':
    'USDA/FSIS, Appendix A, cooked meat and poultry; from memory, not yet compared',
  'source.foodCodeCooling': 'FDA Food Code, chapter 3-5, cooling; from memory, not yet compared',
  'source.foodCodeReheat': 'FDA Food Code, chapter 3-4, reheating; from memory, not yet compared',
  'source.foodCodeFish':
    'FDA Food Code, chapter 3-4, freezing of fish; from memory, not yet compared',
  'source.wildGame':
    'CDC, trichinellosis and toxoplasmosis from wild game; from memory, not yet compared',
  'source.trichinae': 'USDA, 9 CFR 318.10, treatment of pork; from memory, not yet compared',
  'source.fsisThaw': 'USDA/FSIS, The Big Thaw; from memory, not yet compared',
  'source.botulism': 'Public guidance on botulism and oil; from memory, not yet compared',
  'source.fsisCuring':
    'USDA/FSIS, Processing Inspectors’ Calculations Handbook; from memory, not yet compared',
  'source.fdaBeans': 'FDA, Bad Bug Book, kidney beans; from memory, not yet compared',
  'source.storage': 'FoodSafety.gov, cold storage chart; from memory, not yet compared',
  'source.fsaRice': 'UK Food Standards Agency, cooked rice; from memory, not yet compared',
  'source.fsisMarinating': 'USDA/FSIS, marinating guidance; from memory, not yet compared',
  'source.fsisEggs': 'USDA/FSIS, shell eggs from farm to table; from memory, not yet compared',
  'source.foodCodeEggs': 'FDA Food Code, chapter 3-4, eggs; from memory, not yet compared',
  'source.souring':
    'National Center for Home Food Preservation, fermented vegetables; from memory, not yet compared',
  'source.fsisWashing': 'USDA/FSIS, washing food; from memory, not yet compared',
  'source.fsisTwoHours': 'USDA/FSIS, the two-hour rule; from memory, not yet compared',
  'source.fsisChart':
    'USDA/FSIS, safe minimum internal temperatures; from memory, not yet compared',
  'source.foodCodeHold': 'FDA Food Code, chapter 3-5, hot holding; from memory, not yet compared',
  'source.foodCodeCold': 'FDA Food Code, chapter 3-5, cold holding; from memory, not yet compared',
  'source.coGuidance': 'Public guidance on carbon monoxide; from memory, not yet compared',
  'source.heat': 'Reckoned from the cut, its weight and the fire',
  'source.common': 'Common practice, no source',
} as const;
