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
  keptClean,
  near,
  coresOf,
  wraps,
  tends,
  awake,
  type ChainRow,
} from './facts.ts';

/**
 * The chains of a home kitchen, as a careful cook would verify them by hand: six facts and more a
 * row, the same at any weight and on any day. Figures: common practice, no source.
 */
export const ROWS_1_TO_11: readonly ChainRow[] = [
  [
    1,
    'skewered-cubes',
    [
      ['marinates four hours to over night', hours('Marinate', 4, 16)],
      ['a part is kept clean', keptClean('Yoghurt marinade')],
      ['skewers in water before they are threaded', followed('Skewers in water', 'Thread')],
      ['the wood soaks half an hour and more', lasts('Skewers in water', 30, 720)],
      ['the fire is two-sided', says('Light', /one side, the other left cool/)],
      [
        'over the coals first, then on the cool side',
        followed('Over the coals', 'On the cool side', 1),
      ],
      ['basted late, from the clean part', says('On the cool side', /late, from the clean part/)],
      ['the coals are ready when it is threaded', followed('Light', 'Over the coals', 25)],
      ['salt grows with the meat', perKilo('Yoghurt marinade', 'salt', 10)],
    ],
  ],
  [
    2,
    'slow-cooker-joint',
    [
      ['cut into large pieces', ({ dish }) => dish.foods[0]?.inPieces === 4],
      ['four to six hours', hours('In the slow cooker', 3.5, 8)],
      ['tried at four hours', says('In the slow cooker', /pull apart/)],
      ['turned half-way', says('In the slow cooker', /Turn the pieces/)],
      [
        'the liquid covers',
        ({ batch }) =>
          (batch('Liquid').cover?.haveMl ?? 0) >= 0.95 * (batch('Liquid').cover?.needMl ?? 1),
      ],
      ['salt grows with the meat', perKilo('Seasoning', 'salt', 10)],
      ['shredded in its juice', says('Shred', /back into the juice/)],
    ],
  ],
  [
    3,
    'direct-then-indirect',
    [
      ['twelve hours to two days', window('Mustard and onion marinade', 12, 24, 48)],
      ['a chimney of coals', says('Light', /kg of coals/)],
      ['three to four minutes a side', lasts('Over the coals', 6, 9)],
      ['then beside them, at once', followed('Over the coals', 'Beside the coals', 1)],
      ['to the core', core(63)],
      ['onions in a pan beside', beside('Onions', 'Beside the coals')],
      ['out of the fridge half an hour', lasts('Out of the fridge', 30, 30)],
      ['onions grow with the steaks', perKilo('Mustard and onion marinade', 'onion', 250)],
    ],
  ],
  [
    4,
    'thin-ribs-one-pot',
    [
      ['sugar first, ten to fifteen minutes', lasts('Sugar', 10, 15)],
      ['then the marinade', followed('Sugar', 'Marinade on', 10)],
      ['three hours to over night', hours('Marinate', 3, 14)],
      ['out half an hour before', lasts('Out of the fridge', 30, 30)],
      ['rice 25 minutes', lasts('Rice, in', 22, 28)],
      ['the pot is emptied before the ribs', followed('Rice into', 'Ribs')],
      ['cleaned between rounds', says('Ribs', /wipe the pot between rounds/)],
      [
        'three at a time',
        ({ step, dish, weightG }) => {
          const { time } = dish.steps.find(({ verb }) => verb === 'fry') ?? {};
          return (
            time?.kind === 'batches' && time.perBatch === 3 && min(step('Ribs')) >= weightG / 95
          );
        },
      ],
      ['the pear grows with the ribs', perKilo('Pear and soy marinade', 'pear', 80)],
    ],
  ],
  [
    5,
    'browned-stew',
    [
      ['seasoned over night', hours('Marinate', 8, 24)],
      ['sugar to amber in minutes', lasts('Sugar to amber', 4, 8)],
      ['browned at once after it', followed('Sugar to amber', 'Brown', 1)],
      ['in three rounds', ({ step }) => step('Brown').rounds === 3],
      ['with boiling liquid', followed('Liquid to the boil', 'Simmer', 10)],
      ['first things in at an hour and a half', lasts('Simmer', 80, 100)],
      ['last things in twenty minutes later', lasts('First things', 18, 24)],
      [
        'two hours in all',
        ({ step }) => near(step('Last').endMin - step('Simmer').startMin, 120, 15),
      ],
      ['sugar grows with the meat', perKilo('Caramel', 'sugar', 50)],
      ['liquid grows with the meat', perKilo('Liquid', 'water', 600)],
      ['if not tender, half an hour more', ({ step }) => step('Last').otherwise?.minutes === 30],
    ],
  ],
  [
    6,
    'smoke-then-grill',
    [
      ['four hours in the marinade', hours('Marinate', 3, 12)],
      ['smoked at 120', at('Smoke', 'smoker', 120)],
      ['about an hour', lasts('Smoke', 40, 80)],
      ['to 62, then 65', ({ dish }) => coresOf(dish).join() === '62,65'],
      ['over direct heat at once', followed('Smoke', 'Over direct heat', 5)],
      ['rests five to fifteen', lasts('Rest', 5, 15)],
      ['dough rises an hour and more', lasts('Rise', 60, 120)],
      [
        'buns ten minutes a round',
        ({ step }) => min(step('Steam')) >= 10 * (step('Steam').rounds ?? 1),
      ],
      ['a part of the marinade kept clean', keptClean('Soy and malt marinade')],
      ['pickle and crumble are there at the table', followed('Crumble', 'Fill')],
    ],
  ],
  [
    7,
    'covered-bake',
    [
      ['24 hours', window('Garlic and cider marinade', 20, 24, 30)],
      ['about 24 hours in the plan', hours('Marinate', 20, 30)],
      ['an hour out of the fridge', lasts('Out of the fridge', 60, 60)],
      [
        'inside the two-hour law',
        ({ plan }) => !plan.findings.some(({ rule }) => rule === 'counter'),
      ],
      ['under a lid', ({ dish }) => wraps(dish).includes('lid')],
      ['rests twenty to thirty minutes, or a little', lasts('Rest', 15, 45)],
      ['the oven is hot first', followed('Oven to', 'Bake', 30)],
      ['salt grows with the meat', perKilo('Garlic and cider marinade', 'salt', 11)],
    ],
  ],
  [
    8,
    'glazed-in-its-marinade',
    [
      ['eight hours or over night', hours('Marinate', 8, 16)],
      ['in its own marinade', says('In its marinade', /Meat and marinade in/)],
      ['over low heat', at('In its marinade', 'hob', 96)],
      [
        'until the syrup coats',
        ({ dish }) => dish.steps.some(({ doneWhen }) => doneWhen?.text === 'the syrup coats'),
      ],
      ['spooned over now and then', says('In its marinade', /spoon the syrup over/)],
      ['rests twenty to thirty-five', lasts('Rest', 20, 35)],
      ['honey grows with the meat', perKilo('Sweet soy marinade', 'honey', 60)],
    ],
  ],
  [
    9,
    'own-juice-braise',
    [
      ['down in its own juice, skimmed', says('Down', /skim/)],
      ['the lid on, then off', says('Down', /Lid on .* then off/)],
      ['then the liquid', followed('Down', 'Braise', 10)],
      ['two and a half to three hours and a bit', hours('Braise', 2.5, 3.4)],
      ['stirred every twenty minutes', tends('Braise', 20)],
      [
        'if tough, a cup of water and an hour',
        ({ step }) => step('Braise').otherwise?.minutes === 60,
      ],
      ['with its chance', ({ step }) => (step('Braise').otherwise?.chance ?? 0) > 0],
      ['salt by weight', perKilo('Liquid', 'salt, fine', 11.25)],
    ],
  ],
  [
    10,
    'hot-then-low',
    [
      ['230 first', at('Hot', 'oven', 230)],
      ['for fifteen minutes', lasts('Hot', 15, 15)],
      ['then 175', at('Lower', 'oven', 175)],
      ['at once', followed('Hot', 'Lower', 1)],
      ['to 63 by probe', core(63)],
      [
        'the sauce begins before it is out',
        ({ step }) => step('Sauce').startMin <= step('Lower').endMin,
      ],
      ['and boils twelve minutes', lasts('Sauce', 12, 18)],
      ['mustard grows with the meat', perKilo('Honey and mustard marinade', 'mustard', 40)],
    ],
  ],
  [
    11,
    'cured-brisket',
    [
      ['three days and more in the brine', hours('In the brine', 72, 120)],
      ['the brine is cold first', followed('Ice in', 'In the brine')],
      ['boiled before that', followed('Boil', 'Ice in', 30)],
      ['soaked two hours', lasts('Soak in fresh', 90, 240)],
      ['simmered three hours', hours('Simmer', 2.6, 3.7)],
      ['the meat comes to hold two to three per cent of salt', saltIn('Spiced brine', 2, 3)],
      [
        'nobody works at night',
        ({ plan }) =>
          plan.steps.every(({ hands }) => hands.every(({ startMin }) => awake(startMin))),
      ],
    ],
  ],
];
