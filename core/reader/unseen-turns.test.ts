import { describe, expect, it } from 'vitest';
import { readRecipe } from './index.ts';

const read = (method: string) => readRecipe(`1 kg beef shin\n\n${method}`);
/** What lasts or is set, in a line each: the verb, its minutes, where. */
const said = (method: string) =>
  read(method)
    .acts.filter(({ likelyMin, mostMin, tempC }) => (likelyMin ?? mostMin ?? tempC) !== undefined)
    .map(({ verb, likelyMin, mostMin, place }) => `${verb} ${likelyMin ?? mostMin} ${place}`);

describe('a turn of speech', () => {
  it.each([
    // A fire that is named last belongs to what is done last.
    [
      'Braise for 2 hours. Reheat gently for 30 minutes and glaze under the grill for 5.',
      ['braise 120 hob', 'simmer 30 hob', 'glaze 5 grill'],
    ],
    // Boxes and bags keep warm; they cool nothing.
    [
      'Roast for 90 minutes at 180 °C. Let it stand, wrapped, in a dry cool box for 1 hour.',
      ['roast 90 oven', 'rest 60 box'],
    ],
    ['Boil for 25 minutes. Wait 10 minutes before carving.', ['boil 25 hob', 'rest 10 board']],
    // In its liquid, off the heat.
    [
      'Simmer very gently for 25 minutes. Leave it in its liquid for 30 minutes.',
      ['simmer 25 hob', 'rest 30 board'],
    ],
    [
      'Fry the onions for 10 minutes, lower the heat until it barely blips and leave it for 3 hours.',
      ['fry 10 hob', 'simmer 180 hob'],
    ],
    [
      'Simmer 20 minutes. Keep warm over the lowest heat for up to half an hour.',
      ['simmer 20 hob', 'hold 30 hob'],
    ],
    // Marinated and kept in the cold is one night, not two.
    [
      'Adoba la carne la víspera y guárdala en la nevera. Asa 2 horas a 150 ºC.',
      ['marinate 600 fridge', 'roast 120 oven'],
    ],
    ['Pon la carne en una sartén y cocina a fuego bajo 12 minutos.', ['fry 12 hob']],
    ['Congela la carne dos días.', ['chill 2880 freezer']],
    [
      'Half an hour before grilling, take them out. Grill for 8 minutes.',
      ['temper 30 counter', 'grill 8 grill'],
    ],
    [
      'Roast 35 minutes at 190 °C. Fry the onion 10 minutes, add the meat and cook 8 minutes more.',
      ['roast 35 oven', 'fry 10 hob', 'fry 8 hob'],
    ],
    ['Asa 35 minutos a 190 °C. Que repose 10 minutos.', ['roast 35 oven', 'rest 10 board']],
    ['Sear 2 min/side.', ['sear 4 hob']],
    ['Marca la carne minuto y medio por cara.', ['sear 3 hob']],
    ['Sear 4 minutes. Reposa tapado 20 minutillos.', ['sear 4 hob', 'rest 20 board']],
    ['Dry-fry for 5 minutes, shaking.', ['fry 5 hob']],
    // A rest that is said by what comes after it.
    ['Roast for 1 hour at 200 °C. Carve after 20 minutes.', ['roast 60 oven', 'rest 20 board']],
    // What stands behind a hyphen is the verb.
    ['Slow-roast at 120 °C for 5 hours.', ['roast 300 oven']],
    ['Pot-roast the beef for 2 hours at 160 °C.', ['braise 120 oven']],
    ['Dry-brine the beef in the fridge for 12 hours.', ['brine 720 fridge']],
    ['Rotate the pan halfway through the 40 minute bake at 180 °C.', ['bake 40 oven']],
    // No ring is set to 180.
    ['Sear 2 minutes a side and finish for 8 minutes at 180 °C.', ['sear 4 hob', 'roast 8 oven']],
    ['Ponlo en el ahumador a 105 ºC unas 4 horas.', ['smoke 240 smoker']],
    ['Bring the sugar to 170 °C, about 12 minutes.', ['boil 12 hob']],
    [
      'Simmer 20 minutes. Leave in the turned-off oven for 1 hour.',
      ['simmer 20 hob', 'rest 60 oven'],
    ],
    ['Simmer 20 minutes and do not let it boil.', ['simmer 20 hob']],
    ['Sit the beef in the yoghurt for three hours.', ['marinate 180 fridge']],
    // A small letter behind an abbreviation begins a sentence all the same.
    [
      'Smoke at 120 °C for 3 hrs. unwrap, sauce, back on for 45 min.',
      ['smoke 180 smoker', 'smoke 45 smoker'],
    ],
    // A second time is no second.
    ['Simmer 20 minutes. Simmer a second time, 35 minutes.', ['simmer 20 hob', 'simmer 35 hob']],
    // Stages in a row, each with how it lies.
    [
      'Enciende la barbacoa a 110 ºC. 3 horas de humo directo, 2 horas envueltas en aluminio y la última hora sin envolver.',
      ['light undefined grill', 'smoke 180 smoker', 'smoke 120 smoker', 'smoke 60 smoker'],
    ],
    ['Fry 4 minutes; flip, one minute more.', ['fry 4 hob', 'fry 1 hob']],
    ['Bake 12 minutes at 220 °C and then 30 more at 180 °C.', ['bake 12 oven', 'bake 30 oven']],
    [
      'Roast for 1 hour at 200 °C. Keep it in a 70 °C oven for an hour.',
      ['roast 60 oven', 'hold 60 oven'],
    ],
    // What is told of the middle is no oven that keeps warm.
    ['Low oven, 95 °C, until the middle reads 52: two hours.', ['roast 120 oven']],
    ['Leave it in the fridge, uncovered, until the next day.', ['chill 600 fridge']],
    ['Into the fridge overnight (anything from 8 to 14 hours).', ['chill 660 fridge']],
    // Over what was fried there is water by now, or there would be no lid.
    [
      'Sofríe el puerro 8 minutos. Cubre de agua; 40 minutos con la tapa entreabierta.',
      ['fry 8 hob', 'simmer 40 hob'],
    ],
    ['Cover with a lid and put in the oven at 160 °C for 90 minutes.', ['braise 90 oven']],
    [
      'Deep-fry for 7 minutes at 160 °C, rest 5, then 3 more at 190.',
      ['fry 7 hob', 'rest 5 board', 'fry 3 hob'],
    ],
    ['Cook the sugar to 118 °C, 8 minutes.', ['boil 8 hob']],
    ['Simmer 20 minutes. Fifteen minutes under a tea towel.', ['simmer 20 hob', 'rest 15 board']],
    ['Lava los callos y déjalos 2 horas en agua con vinagre.', ['soak 120 fridge']],
    // Why, and how it is eaten: nothing to do.
    ['Marina 45 minutos, porque el limón cuece el pescado.', ['marinate 45 fridge']],
    // Counted from its end: no step of its own.
    ['Cuece a fuego lento 2 horas. A falta de 30 minutos, agrega las patatas.', ['simmer 120 hob']],
    [
      'Light the smoker and hold it at 110 °C. Smoke for 5 hours.',
      ['light undefined smoker', 'smoke 300 smoker'],
    ],
  ])('“%s”', (method, steps) => {
    expect(said(method)).toEqual(steps);
  });
});

describe('a heat in words', () => {
  it.each([
    ['Roast in a moderate oven for 1 hour.', 180],
    ['Roast in a very hot oven for 20 minutes.', 235],
    ['Asa en horno fuerte 20 minutos.', 220],
    // Degrees that stand beside it say it.
    ['Roast in a hot oven (210 °C) for 20 minutes.', 210],
  ])('“%s”', (method, tempC) => {
    expect(read(method).acts.map((act) => act.tempC)).toEqual([tempC]);
  });

  it('of a bath is the bath’s, and not the middle’s', () => {
    const [act] = read('Cook sous vide for 90 minutes at 62 °C.').acts;
    expect([act?.tempC, act?.untilC]).toEqual([62, undefined]);
  });
});

describe('a loaf', () => {
  it('rises and is baked, though Spanish says that it cooks', () => {
    const { acts } = readRecipe(
      'Pan\n500 g de harina de fuerza\n325 g de agua\n\nAmasa 12 minutos. Primera fermentación: hora y media a 26 ºC. Precalienta el horno a 250 ºC. Cuece 20 minutos con vapor.',
    );
    expect(acts.map(({ verb, likelyMin }) => `${verb} ${likelyMin}`)).toEqual([
      'knead 12',
      'rise 90',
      'preheat undefined',
      'bake 20',
    ]);
  });
});

describe('a turn of notes and chat', () => {
  it.each([
    // Taken out, it rests, whatever it cooked in.
    [
      'Roast for 1 hour at 190 °C. Out, foil over, leave it be for 30 minutes.',
      ['roast 60 oven', 'rest 30 board'],
    ],
    // A pot that was turned down, or that something was poured into, simmers.
    ['Bring to the boil, drop to a simmer; cook 2 hours.', ['simmer 120 hob']],
    [
      'Fry the onions 10 minutes. Add the stock. Cook for 20 minutes more.',
      ['fry 10 hob', 'simmer 20 hob'],
    ],
    // The first side is what goes on before the turning.
    [
      'Skin side down in a cold pan, medium heat, 10 minutes, flip for 3.',
      ['sear 10 hob', 'sear 3 hob'],
    ],
    // Each stage has its own heat.
    [
      'Roast 10 minutes at 230 °C. 20 min at 220 then 25 at 180.',
      ['roast 10 oven', 'roast 20 oven', 'roast 25 oven'],
    ],
    // A bath that is held, and then a pan.
    [
      'Sit it in a water bath at 58 °C for 2 hours, dry well and brown 1 minute a side.',
      ['simmer 120 hob', 'brown 2 hob'],
    ],
    ['Cocinar a baja temperatura, 65 ºC, durante 24 horas.', ['simmer 1440 hob']],
    // An oven that is no hotter than a core.
    ['Roast at 75 °C for 9 hours.', ['roast 540 oven']],
    // In brackets stands what was done before.
    ['Roast the (parboiled, 8 mins) potatoes for 50 mins.', ['roast 50 oven']],
    // What is left on the counter does not go on cooking.
    ['Simmer for 1 hour. Leave it on the counter overnight.', ['simmer 60 hob', 'rest 600 board']],
    // Meanwhile is over with its sentence.
    [
      'Braise for 2 hours. Meanwhile fry the onion 12 mins, add the paste 2 mins. Another hour.',
      ['braise 120 hob', 'fry 12 hob', 'fry 2 hob', 'braise 60 hob'],
    ],
    // Where somebody says it lies, however unwisely.
    ['Thaw on the worktop for 5 hours.', ['thaw 300 counter']],
    // At room temperature once it has been cooked, it stands there.
    [
      'Cuece 18 minutos en agua. Déjalo a temperatura ambiente 5 horas.',
      ['boil 18 hob', 'rest 300 board'],
    ],
    // Two times of an hour and minutes are one range.
    ['Roast at 180 °C, 1 hr 15 – 1 hr 30.', ['roast 83 oven']],
    ['Brown the beef 8 minutes. Onions, 10 min over a low heat.', ['brown 8 hob', 'fry 10 hob']],
    [
      'Horno a 180 °C. Pon la carne con medio litro de agua. 1 hora.',
      ['preheat undefined oven', 'roast 60 oven'],
    ],
    [
      'Roast at 140 °C for 4 h. Rest 30 min while the oven climbs to 250 °C. Another 15 min.',
      ['roast 240 oven', 'rest 30 board', 'roast 15 oven'],
    ],
    [
      'Braise 2 hours at 150 °C. Couscous: pour over boiling water, cover 5 min.',
      ['braise 120 oven', 'soak 5 counter'],
    ],
    [
      'Braise for 2 hours. Meanwhile fry the onion 12 mins. Fry the mushrooms 5 mins. Another hour.',
      ['braise 120 hob', 'fry 12 hob', 'fry 5 hob', 'braise 60 hob'],
    ],
    ['Kill the heat and let it sit 10 minutes.', ['rest 10 board']],
    ['Salt the beef 1 hour, rinse and dry.', ['brine 60 fridge']],
    ['Blanch twice, 2 minutes each time.', ['boil 4 hob']],
  ])('is read as a cook means it: “%s”', (method, steps) => {
    expect(said(method)).toEqual(steps);
  });

  it('loses no number of what goes by a weight nobody knows', () => {
    const { lines } = readRecipe('Dish\n\nRoast 15 minutes per 500 g at 180 °C.');
    expect(lines.some(({ lost }) => lost)).toBe(true);
  });

  it('reads a note in small letters that stands under its list', () => {
    const { acts } = readRecipe(
      'soup\n\n- 300 g prawns\n- 1 tin coconut milk\n\nshells in a dry pan, 3 mins. pour over 800 ml water, 15 mins simmering then strain. noodles in just boiled water 6 mins, drain. done',
    );
    expect(acts.flatMap(({ likelyMin }) => likelyMin ?? [])).toEqual([3, 15, 6]);
  });

  it('reads hours that stand before a step without their minutes', () => {
    const { acts, title } = readRecipe(
      '7-hour lamb\n- shoulder, 2.2 kg bone in\n\n10am in at 220, 30 min uncovered\nthen stock in, foil tight, 130, 6.5 hrs\n5pm foil off, 200 for 20\n6pm rest half an hour',
    );
    expect(title).toBe('7-hour lamb');
    expect(acts.map(({ likelyMin, tempC }) => [likelyMin, tempC])).toEqual([
      [30, 220],
      [390, 130],
      [20, 200],
      [30, undefined],
    ]);
  });
});

describe('a turn of old books, prep sheets and logs', () => {
  it.each([
    // What is said to stand, stands; what is warmed first is the fat.
    [
      'Roast 20 minutes at 220 °C. It should stand half an hour before it is sent to table.',
      ['roast 20 oven', 'rest 30 board'],
    ],
    ['Warm the oil in a casserole. Add the onions and cook for 15 minutes.', ['fry 15 hob']],
    ['Let it come to the warmth of the kitchen for two hours.', ['temper 120 counter']],
    // A share behind a comma is no minute.
    ['Cure 24h, 2.5% salt.', ['brine 1440 fridge']],
    ['Confit 3h at 95 °C.', ['braise 180 hob']],
    ['Simmer an hour and ten for a soft bite.', ['simmer 70 hob']],
    // A fire is raised, and holds, until the middle is there.
    [
      'Smoke at 30 °C for 1 hour, then raise to 80 °C over half an hour. Hold at 80 °C until the centre reaches 63 °C, about 40 minutes.',
      ['smoke 60 smoker', 'smoke 30 smoker', 'smoke 40 smoker'],
    ],
    // Over no fire while it is getting hot.
    [
      'Set the kettle up for indirect cooking at 180 °C. Leave it 30 minutes while the coals get going.',
      ['rest 30 board'],
    ],
    ['Brown it in the oven at 230 °C for 20 minutes.', ['roast 20 oven']],
    [
      'Roast 45 minutes at 200 °C. Out of the oven, 10 minutes before you cut it.',
      ['roast 45 oven', 'rest 10 board'],
    ],
    // A lid on what is in the oven leaves it there.
    ['Bake at 230 °C: lid on 20, lid off 15.', ['bake 20 oven', 'bake 15 oven']],
    // As they say it by the River Plate.
    [
      'Mezclá y amasá 5 minutos. Dejá en la heladera 24 horas. Asá a la parrilla 25 minutos.',
      ['knead 5 board', 'marinate 1440 fridge', 'grill 25 grill'],
    ],
    ['Se rehoga la cebolla, a fuego lento, un cuarto de hora.', ['fry 15 hob']],
    ['STEP 1 Brown for 10 minutes.', ['brown 10 hob']],
  ])('“%s”', (method, steps) => {
    expect(said(method)).toEqual(steps);
  });

  it.each(['Ready in an hour, better after a day.', 'Fine for 3 weeks in the fridge.'])(
    'takes how long it keeps for no step: “%s”',
    (line) => {
      expect(said(`Simmer 20 minutes. ${line}`)).toEqual(['simmer 20 hob']);
    },
  );

  it('begins with a day as well as with a verb, and weighs what its title weighs', () => {
    const { acts } = readRecipe(
      'Christmas ham: 4 kg gammon\n\nFriday night: soak the ham.\nSimmer, allowing 20 minutes per 500 g.',
    );
    expect(acts.map(({ verb, likelyMin }) => [verb, likelyMin])).toEqual([
      ['soak', undefined],
      ['simmer', 160],
    ]);
  });

  it('knows the one food of a text that has no list', () => {
    const { ingredients } = readRecipe(
      'Sunday lamb.\nLeg of lamb about 2.3kg. Roast 1 hour at 180.',
    );
    expect(ingredients.map(({ cut, grams }) => [cut, grams])).toEqual([['lamb-leg-bone-in', 2300]]);
  });
});

describe('what is no step of this evening', () => {
  it.each([
    'Simmer for 2 hours, or in a pressure cooker 50 minutes.',
    'Simmer for 2 hours, then foil them for two.',
    'Simmer for 2 hours. Mejor de un día para otro.',
    'Simmer for 2 hours. Do not lift the lid for 20 minutes.',
    'Simmer for 2 hours. It can wait a day in the fridge.',
    'Cuece a fuego lento 2 horas. Se come templado, a la media hora.',
  ])('stands marked in the text: “%s”', (method) => {
    const { acts, unread } = read(method);
    expect(acts.filter(({ likelyMin }) => likelyMin !== undefined && likelyMin !== 120)).toEqual(
      [],
    );
    expect(unread.length).toBeGreaterThan(0);
  });
});

describe('a diary of a cook', () => {
  it('is read by its fire, its probe and its clock', () => {
    const { acts } = readRecipe(
      '4 kg brisket\n\nsmoker up at 5am, settled at 115\nbrisket on 5:45\nspritz every 45 min once the bark was dry\nwrapped in paper at 74 internal\npulled at 95, around 16:30\n2h in the cooler',
    );
    expect(
      acts.map(({ verb, tempC, untilC, likelyMin }) => [verb, tempC, untilC, likelyMin]),
    ).toEqual([
      ['light', 115, undefined, undefined],
      ['smoke', 115, 74, undefined],
      ['smoke', 115, 95, undefined],
      ['rest', undefined, undefined, 120],
    ]);
  });

  it('has its days and hours before its steps', () => {
    const { acts } = readRecipe(
      '3 kg short rib\n\n- Fri 16:00 sear, 20 min\n- Fri 16:30 braise 150C 3h30\n- Sat 18:00 reheat 160C 40 min',
    );
    expect(acts.map(({ verb, likelyMin }) => `${verb} ${likelyMin}`).slice(0, 2)).toEqual([
      'sear 20',
      'braise 210',
    ]);
  });
});
