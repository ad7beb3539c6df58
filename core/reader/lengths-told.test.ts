import { expect, it } from 'vitest';
import { stepsTold as said } from '../test/steps-told.ts';
import { readRecipe } from './index.ts';

it.each([
  ['Fry 4 minutes on the first side and 3 on the second.', ['fry 7 hob']],
  ['Griddle two minutes on the first side and one on the second.', ['grill 3 hob']],
  ['Fry 4 minutes on one side, 3 minutes on the other.', ['fry 7 hob']],
  // Seconds as well, and not an hour.
  ['Sear the scallops 90 seconds on one side and 60 on the other.', ['sear 3 hob']],
  ['Fry 2 minutes on one side and 30 seconds on the other.', ['fry 3 hob']],
  ['A la parrilla, 5 minutos por un lado y 4 por el otro.', ['grill 9 grill']],
  ['Sear on all four sides, 2 minutes each.', ['sear 8 hob']],
  ['Sellar por las cuatro caras, un minuto cada una.', ['sear 4 hob']],
])('both sides are one length: %s', (method, steps) => expect(said(method)).toEqual(steps));

it.each([
  ['Marinate for at least 6 and at most 24 hours.', ['marinate 360-720-1440 fridge']],
  ['Marinar como mínimo 4 y como máximo 12 horas.', ['marinate 240-416-720 fridge']],
  [
    'Simmer for 3 hours. Leave it until next morning, 14 hours.',
    ['simmer 180 hob', 'rest 840 board'],
  ],
  ['Press the tofu for half an hour under a weight.', ['rest 30 board']],
  ['Mix for 5 minutes, rest 30 in the cold.', ['mix 5 board', 'marinate 30 fridge']],
])('a number takes its unit from the one beside it: %s', (method, steps) =>
  expect(said(method)).toEqual(steps),
);

it.each([
  ['Light the charcoal and wait 35 minutes until it is grey.', ['light 35 grill']],
  [
    'Light the coals; wait half an hour. Grill for 10 minutes.',
    ['light 30 grill', 'grill 10 grill'],
  ],
  ['Light the coals, wait until grey and grill 10 minutes.', ['grill 10 grill']],
])('so long a fire takes until it is ready: %s', (method, steps) =>
  expect(said(method)).toEqual(steps),
);

it.each([
  [
    'Smoke at 105 °C: five hours bare, two in paper, one more bare.',
    ['smoke 300 @105 smoker', 'smoke 120 @105 smoker', 'smoke 60 @105 smoker'],
  ],
  ['Hornear 15 minutos a 230 °C y 40 a 180 °C.', ['bake 15 @230 oven', 'bake 40 @180 oven']],
  // Two fires are no stages of one.
  [
    'Pan-roast: 3 minutes on the hob, 6 minutes in the oven at 200 °C.',
    ['fry 3 hob', 'roast 6 @200 oven'],
  ],
])('stages of one fire: %s', (method, steps) => expect(said(method)).toEqual(steps));

it.each([
  ['Rest the batter for 30 minutes while you heat the oil to 175 °C.', ['rest 30 board']],
  ['Cocer 20 minutos; reposar 5 tapado.', ['boil 20 hob', 'rest 5 board']],
  ['Cocer 35 minutos y dejar 10 en el agua.', ['boil 35 hob', 'rest 10 board']],
])('a rest has its own length, and the fat its own heat: %s', (method, steps) =>
  expect(said(method)).toEqual(steps),
);

it.each([
  ['Put the meat in the marinade the night before.', ['marinate 480-600-720 fridge']],
  ['On the day take it out 1 hour before cooking.', ['temper 60 counter']],
  ['The next morning simmer for 40 minutes.', ['simmer 40 hob']],
  ['Poner la carne en adobo la noche anterior.', ['marinate 480-600-720 fridge']],
  ['Ripen the starter 8 hours at room temperature.', ['ferment 480 counter']],
])('what is put by to wait is no mere putting: %s', (method, steps) =>
  expect(said(method)).toEqual(steps),
);

it('a rest that lacks its unit is shown', () => {
  const { unread } = readRecipe(
    '500 g flour\n\nGive the dough a knead of 8 minutes and a nap of 40.',
  );
  expect(unread).toHaveLength(1);
});

it.each([
  ['Simmer at 80 °C until 68 °C in the centre.', ['simmer @80 to 68 hob']],
  ['Cocer a 80 °C hasta 68 °C en el corazón.', ['simmer @80 to 68 hob']],
  [
    'Calentar el aceite con los ajos a 65 °C y confitar la carne 18 minutos.',
    ['braise 18 @65 hob'],
  ],
])('what it lies in has a heat, and its middle another: %s', (method, steps) =>
  expect(said(method)).toEqual(steps),
);

it.each([
  [
    'Roast at 170 °C for 3 hours. Leave it on the kitchen table for 7 hours.',
    ['roast 180 @170 oven', 'rest 420 board'],
  ],
  [
    'Roast at 170 °C for 3 hours. Leave it on for another hour.',
    ['roast 180 @170 oven', 'roast 60 @170 oven'],
  ],
  ['Marinate the pork outside the fridge for 12 hours.', ['marinate 720 counter']],
  ['Marinar el cerdo fuera de la nevera 2 horas.', ['marinate 120 counter']],
  [
    'Boil the rice for 12 minutes. Rinse under cold water, spread out and chill for 2 hours.',
    ['boil 12 hob', 'chill 120 fridge'],
  ],
  ['Carry in the car for 6 hours and serve.', ['rest 360 board']],
  [
    'Bake at 190 °C for 2 hours. Leave in its crust for 20 minutes.',
    ['bake 120 @190 oven', 'rest 20 board'],
  ],
])('what is left out of the oven or the fridge is out of it: %s', (method, steps) =>
  expect(said(method)).toEqual(steps),
);

it.each([
  ['Keep at a lazy bubble for 2½ hours.', ['simmer 150 hob']],
  ['Hold at a bare simmer for 40 minutes.', ['simmer 40 hob']],
  ['Hold at 65 °C for 40 minutes.', ['hold 40 @65 oven']],
  ['Que haga chup-chup dos horas.', ['simmer 120 hob']],
  ['Mantener un hervor suave 40 minutos.', ['simmer 40 hob']],
  ['Put the peppers in a bag to sweat for 15 minutes.', ['rest 15 board']],
  ['Sweat the onions for 15 minutes.', ['fry 15 hob']],
  ['Cocer a la parrilla 10 minutos.', ['grill 10 grill']],
  ['Cocer en la cazuela 10 minutos.', ['boil 10 hob']],
  ['Asar a fuego directo 6 minutos.', ['grill 6 grill']],
  ['Cook on a medium-high heat for 4 minutes without moving it.', ['fry 4 hob']],
])('how gently it bubbles is no resting, and what sweats in a bag no frying: %s', (method, steps) =>
  expect(said(method)).toEqual(steps),
);

it.each([
  ['Boil 10 minutes over a high heat and 20 over a low one.', ['boil 10 hob', 'boil 20 hob']],
  [
    'Roast for the first hour at 170 °C, then for 40 minutes at 200 °C.',
    ['roast 60 @170 oven', 'roast 40 @200 oven'],
  ],
  ['Cocer 10 minutos a fuego vivo y 8 a fuego suave.', ['boil 10 hob', 'simmer 8 hob']],
])('two heats are two lengths: %s', (method, steps) => expect(said(method)).toEqual(steps));

it.each([
  ['Guisar dos horas y media o tres.', ['braise 150-165-180 hob']],
  ['Guisar dos horas o dos y media.', ['braise 120-135-150 hob']],
  ['Braise for two and a half hours or three.', ['braise 150-165-180 hob']],
  ['Braise for two or three hours.', ['braise 120-150-180 hob']],
  ['Reposar la carne 1/4 de hora.', ['rest 15 board']],
])('a half belongs to the number before it: %s', (method, steps) =>
  expect(said(method)).toEqual(steps),
);

it.each([
  [
    'Smoke at 120 °C. At 74 °C (about 7 hours), wrap in paper. Carry on to 95 °C, another 4 hours or so.',
    ['smoke 420 @120 to 74 smoker', 'smoke 240 @120 to 95 smoker'],
  ],
  [
    'Ahumar a 120 °C. Cuando llegue a 74 °C (unas 6 horas), envolver. Seguir a 95 °C, otras 4 horas.',
    ['smoke 360 @120 to 74 smoker', 'smoke 240 @120 to 95 smoker'],
  ],
])('what a core takes is no second cook: %s', (method, steps) =>
  expect(said(method)).toEqual(steps),
);

it.each([
  [
    'Smoke at 120 °C. Leave it be for 3 hours, then spritz every 45 minutes. At 74 °C in the flat (7 hours or so) wrap in paper. Back on until it probes like butter, 95 °C, another 4 to 5 hours. Into the box for at least 2 hours.',
    ['smoke 420 @120 to 74 smoker', 'smoke 240-270-300 @120 to 95 smoker', 'rest 120- box'],
  ],
  [
    'Smoke at 110 °C till 71 inside. Wrap in paper and keep it going till 93.',
    ['smoke @110 to 71 smoker', 'smoke @110 to 93 smoker'],
  ],
  [
    'Roast at 160 °C. Cover with foil for the first 2 hours, then uncover and roast 45 minutes.',
    ['roast 120 @160 oven', 'roast 45 @160 oven'],
  ],
  // The last of it is over its fire, and no rest.
  [
    'Ahumar 3 horas a 110 °C. Pintar con salsa y dejar la última hora.',
    ['smoke 180 @110 smoker', 'glaze @110 smoker', 'smoke 60 @110 smoker'],
  ],
])('what is left alone, covered or wrapped goes on: %s', (method, steps) =>
  expect(said(method)).toEqual(steps),
);

it.each([
  ['Simmer the bones for the best part of a day, 8 to 10 hours.', ['simmer 480-540-600 hob']],
  ['Simmer for the best part of an hour.', ['simmer 60 hob']],
  ['Roast overnight at 90 °C.', ['roast 480-600-720 @90 oven']],
  ['Roast 1 hour at 90 °C, 1 hour at 110 °C.', ['roast 60 @90 oven', 'roast 60 @110 oven']],
  ['Cover and do not lift the lid for 20 minutes.', ['simmer 20 hob']],
  ['Poner al fuego. Cuando hierva, bajar el fuego y contar 40 minutos.', ['simmer 40 hob']],
  ['Retirar de la nevera una hora antes de cocinar.', ['temper 60 counter']],
  ['Bajar el aceite a 70 °C. Confitar 6 minutos.', ['braise 6 @70 hob']],
])('once, and of the right step: %s', (method, steps) => expect(said(method)).toEqual(steps));

it('comes at its moment, and is no second simmering', () => {
  const moments = (method: string) =>
    readRecipe(`1 kg pork belly\n\n${method}`).acts.map(({ likelyMin, moments }) => [
      likelyMin,
      moments?.map(({ afterMin }) => afterMin),
    ]);
  expect(
    moments('Cocer a fuego lento 2 horas y media. A la hora y media, echar el azafrán.'),
  ).toEqual([[150, [90]]]);
  expect(moments('Slow cooker: LOW 8 hr. Potatoes in for last 2 hrs.')).toEqual([[480, [360]]]);
});

it.each([
  ['Roast at 150 °C from two until five.', ['roast 180 @150 oven']],
  ['Braise at 120 °C from noon until six.', ['braise 360 @120 oven']],
  ['Smoke from 10 at night until 8 in the morning.', ['smoke 600 smoker']],
  ['Roast at 150 °C from 10:30 to 13:00.', ['roast 150 @150 oven']],
  ['Marinate in the fridge from 8:00 to 22:00.', ['marinate 840 fridge']],
  ['Smoke at 90 °C from 10 at night until 12 at night.', ['smoke 120 @90 smoker']],
  ['Smoke at 90 °C from 2 at night until 8 in the morning.', ['smoke 360 @90 smoker']],
  ['Braise at 120 °C from 2 until 6 pm.', ['braise 240 @120 oven']],
  ['Marinate from 8 am until 6 pm in the fridge.', ['marinate 600 fridge']],
  ['Asar a 150 °C desde las dos hasta las cinco.', ['roast 180 @150 oven']],
  // Minutes, and no clock.
  ['Bake from 20 to 25 minutes.', ['bake 20-23-25 oven']],
])('two clocks tell how long: %s', (method, steps) => expect(said(method)).toEqual(steps));

it('is hours again in the cold, where hours were said before', () => {
  expect(said('Brine for 24 hours, rinse, and air-dry in the fridge for another 24.')).toEqual([
    'brine 1440 fridge',
    'chill 1440 fridge',
  ]);
});

it('sits on something in the oven, and does not rest', () => {
  expect(said('Sit the salmon on top and roast for 12 minutes more.')).toEqual(['roast 12 oven']);
});

it.each([
  ['Smoke for 40 minutes once the wood has caught, at about 75 °C.', ['smoke 40 @75 smoker']],
  ['Remove from the heat and stand, covered, for 8 minutes.', ['rest 8 board']],
  ['Remove from the marinade 2 hours before roasting and dry.', ['temper 120 counter']],
  // Each of them, and not as often.
  ['Bake each 6 minutes.', ['bake 6 oven']],
  ['Cocer a borbotones 5 minutos y luego a fuego suave 40.', ['boil 5 hob', 'simmer 40 hob']],
])('goes to what it is said of: %s', (method, steps) => expect(said(method)).toEqual(steps));

it('lies in its salt until the day, when it is salted the night before', () => {
  const { acts } = readRecipe('4 pork chops\n\nThe night before, salt the chops.');
  expect(acts.map(({ verb, dayBefore }) => [verb, dayBefore])).toEqual([['brine', true]]);
});

it('is held as warm as is said, and does not cook on', () => {
  expect(said('Smoke at 110 °C to 95 °C, about 10 hours. Hold at 45 °C for 5 hours.')).toEqual([
    'smoke 600 @110 to 95 smoker',
    'hold 300 @45 oven',
  ]);
});

it.each([
  // "Lower in" puts something into it, and lowers no oven.
  [
    'Lower in the legs and cook at 95 °C in the oven for 5 to 6 hours.',
    ['roast 300-330-360 @95 oven'],
  ],
  // It is the food that crisps, not the fridge that goes on.
  ['Chill in the fridge. Crisp for 10 minutes.', ['brown 10 hob']],
  ['Put the pork in the wine overnight.', ['marinate 480-600-720 fridge']],
  ['Cover the beef with the wine and braise for 2 hours.', ['braise 120 hob']],
  ['Poner la carne en el vino toda la noche.', ['marinate 480-600-720 fridge']],
  ['Cook the flour in the fat for 2 minutes.', ['fry 2 hob']],
  ['Preheat to 240 °C and let the stone heat for 45 minutes.', ['preheat 45 @240 oven']],
  [
    'Bake at 120 °C for 1 hour, then switch off and leave in the oven for 2 hours.',
    ['bake 60 @120 oven', 'rest 120 oven'],
  ],
  [
    'Bake for 18 minutes at 200 °C. Melt the butter until nutty, 4 minutes.',
    ['bake 18 @200 oven', 'fry 4 hob'],
  ],
  ['Cubrir con agua fría, llevar a hervor y espumar 5 minutos.', ['boil 5 hob']],
  [
    'Into the oven at 190C, 12 mins to 63C. Out, wrapped loosely, 8 mins.',
    ['roast 12 @190 to 63 oven', 'rest 8 board'],
  ],
])('goes to what is done, and not to what stands near: %s', (method, steps) =>
  expect(said(method)).toEqual(steps),
);

it('rests off the heat, whatever is done meanwhile', () => {
  const { acts } = readRecipe(
    'Beans\n\n2 tins of beans\n\nRest off the heat, lid on, while you toast bread for 3 minutes.',
  );
  expect(acts.map(({ verb }) => verb)).toContain('rest');
});

it('knows a dough by its starter, and its bulk as a rise at the warmth said', () => {
  const { acts } = readRecipe(
    '600 g flour\n400 g water\n120 g starter\n\nKnead 6 min. Bulk 4 h at 24 °C with a fold each hour.',
  );
  expect(acts.map(({ verb, likelyMin, tempC }) => [verb, likelyMin, tempC])).toEqual([
    ['knead', 6, undefined],
    ['rise', 240, 24],
  ]);
});
