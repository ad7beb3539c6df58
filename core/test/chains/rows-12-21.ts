import {
  min,
  lasts,
  hours,
  followed,
  beside,
  at,
  core,
  saltIn,
  says,
  window,
  perKilo,
  near,
  wraps,
  turns,
  equal,
  byWeight,
  type ChainRow,
} from './facts.ts';

/** The rest of them. Figures: common practice, no source. */
export const ROWS_12_TO_21: readonly ChainRow[] = [
  [
    12,
    'citrus-steak',
    [
      ['an hour means an hour', lasts('Marinate', 45, 90)],
      ['a sauce of its own, mixed clean first', followed('The clean sauce', 'Marinade on')],
      [
        'never on raw meat',
        ({ dish }) =>
          dish.mixtures.some(
            ({ name, touchesRaw }) => name === 'The same again, clean' && !touchesRaw,
          ),
      ],
      ['two minutes a side', ({ dish }) => turns(dish, 'Sear') === 2],
      ['hot', at('Sear', 'hob', 240)],
      ['the vegetables on the same griddle while it rests', beside('Vegetables', 'Rest')],
      ['sliced last', followed('Rest', 'Slice')],
      ['lime grows with the steak', perKilo('Citrus marinade', 'lime', 46)],
    ],
  ],
  [
    13,
    'glazed-strips',
    [
      ['boiled ten minutes', lasts('Cook the glaze', 9, 12)],
      ['cold before it is used', followed('Let it go cold', 'Half on')],
      ['half kept clean', ({ batch }) => near(batch('Glaze').reserve?.share ?? 0, 0.5, 0.12)],
      ['four hours to over night', hours('Marinate', 4, 14)],
      ['25 minutes', lasts('First bake', 24, 27)],
      ['glazed and turned', followed('First bake', 'Glaze and turn', 1)],
      ['ten to fifteen more', lasts('Second bake', 10, 15)],
      ['sugar grows with the meat', perKilo('Glaze', 'sugar', 90)],
    ],
  ],
  [
    14,
    'long-roast',
    [
      ['24 hours', hours('Marinate', 20, 26)],
      ['tossed now and then', says('Marinate', /Toss it/)],
      ['150 degrees', at('Roast, long', 'oven', 150)],
      ['to 89', core(89)],
      ['hours of it', hours('Roast, long', 2.5, 7)],
      [
        'basted from hour four',
        ({ dish }) =>
          dish.steps.some(({ hands }) =>
            hands.some((one) => one.when === 'every' && one.firstMin === 240),
          ),
      ],
      ['rested an hour in foil', lasts('Rest in foil', 40, 100)],
      ['salt grows with the meat', perKilo('Sour orange marinade', 'salt', 13)],
    ],
  ],
  [
    15,
    'brined-breast',
    [
      ['equal salt and sugar', ({ batch }) => equal(batch('Brine'), 'salt', 'sugar')],
      ['cooled before the bird goes in', followed('Ice in', 'In the brine')],
      ['over night, sixteen hours at most', hours('In the brine', 8, 16)],
      ['drained and dried', followed('In the brine', 'Dry', 20)],
      [
        '200 for twenty minutes',
        ({ step }) => step('Hot').place.tempC === 200 && min(step('Hot')) === 20,
      ],
      ['then lower', at('Lower', 'oven', 170)],
      ['to 74', core(74)],
      [
        'heavier takes longer',
        ({ step, weightG }) => min(step('Lower')) > (weightG > 2000 ? 45 : 15),
      ],
      ['salt grows with the meat', perKilo('Brine', 'salt', 50)],
    ],
  ],
  [
    16,
    'thin-strips',
    [
      ['an hour or two', hours('Marinate', 1, 2)],
      ['a hot pan', at('Very hot', 'hob', 220)],
      ['turned at five minutes', ({ dish }) => turns(dish, 'Very hot') === 5],
      [
        'short, each round',
        ({ step }) => min(step('Very hot')) <= 15 * (step('Very hot').rounds ?? 1),
      ],
      ['across the grain', says('Slice', /cross the grain/)],
      ['rests before', followed('Rest', 'Slice')],
      ['soy grows with the meat', perKilo('Soy and ginger marinade', 'soy', 108)],
    ],
  ],
  [
    17,
    'brined-chops',
    [
      ['24 to 48 hours', hours('In the brine', 24, 48)],
      ['dried', followed('In the brine', 'Drain', 20)],
      ['seared four and three', lasts('Sear', 7, 7)],
      ['then the oven, to 63', core(63)],
      ['in minutes', lasts('In the oven', 4, 20)],
      ['the sauce meanwhile', beside('Pan sauce', 'In the oven')],
      ['in the pan that is free', says('In the oven', /pan is free/)],
      ['the meat comes to hold one to two per cent of salt', saltIn('Cold brine', 1.2, 2)],
    ],
  ],
  [
    18,
    'smoked-loin',
    [
      ['24 hours', hours('Marinate', 12, 30)],
      ['turned two or three times', says('Marinate', /two or three times/)],
      ['150 on the smoker', at('Slow', 'smoker', 150)],
      ['to 54 by probe', core(54)],
      [
        'rarer than guidance, and said so',
        ({ plan }) =>
          plan.findings.some(({ rule, level }) => rule === 'core' && level === 'caution'),
      ],
      ['five minutes of rest', lasts('Rest', 4, 12)],
      [
        'the fruit reduced by half',
        ({ dish }) =>
          dish.steps.some(({ time }) => time.kind === 'reducing' && time.toShare === 0.5),
      ],
      ['salt grows with the meat', perKilo('Juniper marinade', 'salt', 8)],
    ],
  ],
  [
    19,
    'three-meats',
    [
      ['two hours to over night', hours('Marinate', 2, 14)],
      ['shared out by weight', ({ batch }) => byWeight(batch('Citrus and pear marinade'))],
      [
        'each share as one measures it',
        ({ batch }) =>
          batch('Citrus and pear marinade').split.every(({ measure }) => measure !== '—'),
      ],
      ['kept apart', says('Mix', /wash/)],
      [
        'never past two days',
        ({ batch }) => (batch('Citrus and pear marinade').window?.longestMin ?? Infinity) <= 2880,
      ],
      ['chicken to 74', core(74)],
      ['the used marinade boiled', lasts('Boil what', 10, 15)],
      ['then down to a dip', followed('Boil what', 'Down to a dip', 20)],
    ],
  ],
  [
    20,
    'steaks-and-foil',
    [
      ['the day before', hours('Marinate', 12, 22)],
      ['fruit weighed: twenty grams on a kilo', perKilo('Oil and fruit marinade', 'kiwi', 20)],
      ['no paste by then', ({ plan }) => !plan.findings.some(({ rule }) => rule === 'fruitPaste')],
      [
        'coals lit an hour ahead',
        ({ step }) => step('Ribs').startMin - step('Light').startMin >= 60,
      ],
      ['ribs in foil', ({ dish }) => wraps(dish).includes('foil')],
      ['twenty minutes a side', ({ dish }) => turns(dish, 'Steaks') === 20],
      ['steaks to 63', core(63)],
    ],
  ],
  [
    21,
    'stove-flank',
    [
      [
        'half an hour at the least, over night at best',
        window('Vinegar and herb marinade', 0.5, 10, 18),
      ],
      ['out for 35 minutes', lasts('Out of the fridge', 35, 35)],
      ['turned at six minutes', ({ dish }) => turns(dish, 'In the pan') === 6],
      ['in the pan', at('In the pan', 'hob', 210)],
      ['rests covered, five minutes', lasts('Rest', 4, 12)],
      ['thinly, across the grain', says('Slice', /Thinly, across the grain/)],
      ['salt grows with the meat', perKilo('Vinegar and herb marinade', 'salt', 9)],
    ],
  ],
];
