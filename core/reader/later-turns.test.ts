import { describe, expect, it } from 'vitest';
import { stepsTold as said } from '../test/steps-told.ts';
import { readRecipe } from './index.ts';

describe('a length with a bound that leaves its unit to it', () => {
  it.each([
    ['Chill for at least 6 hours, 24 at most.', ['chill 360-1440 fridge']],
    ['Marinate. 24 hrs is best, 4 at a pinch.', ['marinate 240-1440 fridge']],
    // A minute is no minimum.
    ['Fry the onions 15 min, add the garlic, 2 min.', ['fry 15 hob', 'fry 2 hob']],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));
});

describe('what goes on, and what comes of it', () => {
  it.each([
    [
      'Grill at 200 °C for 50 minutes. At 68 °C in the breast move it over the coals for 4 minutes. Take it off at 74.',
      ['grill 50 @200 to 68 grill', 'grill 4 @200 to 74 grill'],
    ],
    ['Braise for 1 hour. Keep warm at 65 °C for 2 hours.', ['braise 60 hob', 'hold 120 @65 oven']],
    [
      'Simmer for 20 minutes. Leave in the pan on the stove until the next morning.',
      ['simmer 20 hob', 'rest 480-600-720 board'],
    ],
    [
      'Simmer for an hour. Brown the sausages in another skillet 5 minutes, and put that in along with the beans. Another 45 minutes.',
      ['simmer 60 hob', 'brown 5 hob', 'simmer 45 hob'],
    ],
    // Under fat, or under a lid with something to braise in.
    [
      'Melt the fat, submerge the meat, and cook in a 110 °C oven for 3 h.',
      ['braise 180 @110 oven'],
    ],
    ['Add ale and stock, bring up, cover, 150C oven, 2 hr 30.', ['braise 150 @150 oven']],
    ['Coat the meat and let it sit in the fridge for 8 hours.', ['marinate 480 fridge']],
    ['Boil 6 minutes, then 4 hours in the leftover liquid.', ['boil 6 hob', 'marinate 240 fridge']],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));
});

describe('a heat and a length side by side', () => {
  it.each([
    ['Oven 230 - 25 mins, bottom shelf.', ['bake 25 @230 oven']],
    ['Oven with the pot inside to 250 °C, 45 min.', ['preheat 45 @250 oven']],
    ['Tip into a tin. 2-3 hrs somewhere warm till puffed.', ['rise 120-150-180 counter']],
    ['Bake 20 minutes at 230 °C. 15 mins on a rack.', ['bake 20 @230 oven', 'rest 15 board']],
  ])('%s', (method, steps) =>
    expect(said(method, 'Focaccia\n500 g bread flour\n4 g yeast')).toEqual(steps),
  );

  it('is of both sides where each is told', () => {
    expect(said('Sear fast on both faces, 90 seconds each.')).toEqual(['sear 3 hob']);
  });
});

describe('what is left where it is', () => {
  it.each([
    // In a hot oven, or on a fire told no time, it cooks; told one, it rests.
    [
      'Oven at 110 °C. Put the chops in on the rack until they reach 48 °C inside, about 50 minutes.',
      ['preheat @110 oven', 'roast 50 @110 to 48 oven'],
    ],
    ['Keep covered in a low oven, 80 °C, for no more than an hour.', ['hold -60 @80 oven']],
    ['Llevar a ebullición, bajar el fuego y dejar 40 minutos.', ['simmer 40 hob']],
    [
      'Bring a large pan of salted water to the boil and cook the pasta for 9 minutes.',
      ['boil 9 hob'],
    ],
    [
      'Smoke at 80 °C to an internal temperature of 65 °C, 3 to 4 hours.',
      ['smoke 180-210-240 @80 to 65 smoker'],
    ],
    [
      'Oven on at 190 °C; in with the joint and leave it alone for an hour.',
      ['roast 60 @190 oven'],
    ],
    ['Roast at 190 °C. Leave it alone for an hour.', ['roast 60 @190 oven']],
    ['Roast at 190 °C. Cook for an hour.', ['roast 60 @190 oven']],
    [
      'Roast for 1 hour at 190 °C. Leave it alone for 20 minutes.',
      ['roast 60 @190 oven', 'rest 20 board'],
    ],
    [
      'Sear for 3 minutes a side, then stand the chops on their fat for 2 minutes.',
      ['sear 6 hob', 'sear 2 hob'],
    ],
    [
      'Smoke for 10 minutes. Put it skin side down in a cold frying pan and cook for 7 minutes.',
      ['smoke 10 smoker', 'fry 7 hob'],
    ],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));
});

describe('out of its brine, or out of the cold', () => {
  it.each([
    // It has lain in its brine, and does not again.
    [
      'Take the leg from the brine, rinse it and dry it in the fridge for 12 hours.',
      ['chill 720 fridge'],
    ],
    [
      'Sacar la pierna de la salmuera, secarla y dejarla 6 horas en la nevera.',
      ['chill 360 fridge'],
    ],
    [
      'Brine for 4 hours. Drain, dry and leave on the counter for 30 minutes.',
      ['brine 240 fridge', 'temper 30 counter'],
    ],
    ['Templar media hora a temperatura ambiente.', ['temper 30 counter']],
    ['Curar 24 horas en la nevera con la sal y el azúcar.', ['brine 1440 fridge']],
    ['Work the salt in and leave 2 days somewhere cold.', ['brine 2880 fridge']],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));
});

describe('what is left where it is not cold, or over no fire', () => {
  it.each([
    [
      'Let the ribs sweat on the counter for 40 minutes while the smoker comes up to 110 °C.',
      ['temper 40 counter'],
    ],
    ['Leave in the brine in the kitchen for 2 days.', ['brine 2880 counter']],
    [
      'Simmer for 3 hours. Put the lid on and leave on the hob overnight.',
      ['simmer 180 hob', 'rest 480-600-720 board'],
    ],
    ['Leave on a rack in the fridge, unwrapped, another 12 hours.', ['chill 720 fridge']],
    [
      'Roast for 20 minutes at 200 °C. After it has rested 15 minutes, carve.',
      ['roast 20 @200 oven', 'rest 15 board'],
    ],
    ['Rest in the cooler for at least an hour, up to three.', ['rest 60-180 box']],
    ['Marinate at least two hours, ideally eight.', ['marinate 120-480 fridge']],
    ['Place in the freezer for 25 minutes to firm up before slicing.', ['chill 25 freezer']],
    [
      'Roast for 3 h at 130 °C, turn up to 200 °C for 20 minutes. Leave it in its juices, covered, 45 minutes.',
      ['roast 180 @130 oven', 'roast 20 @200 oven', 'rest 45 board'],
    ],
    [
      'Cook above the embers for 1 hour 45, mopping with the marinade every 20 minutes.',
      ['grill 105 grill'],
    ],
    [
      'Warm the oven to 110 °C and dry the slices in it for 3 hours.',
      ['preheat @110 oven', 'roast 180 @110 oven'],
    ],
    ['Heat the stone at 280°C for 45 minutes.', ['preheat 45 @280 oven']],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));
});

describe('fat, and what is fried in it', () => {
  it.each([
    ['Oil at 165 °C, 4 at a time, 14-15 min.', ['fry 14-15 @165 hob']],
    [
      'Boil for 6 min. 1st fry 130C 8 mins. cool 30 min. 2nd fry 190C 3-4 mins.',
      ['boil 6 hob', 'fry 8 @130 hob', 'cool 30 counter', 'fry 3-4 @190 hob'],
    ],
    ['Keep the done ones in a 100C oven.', ['hold @100 oven']],
    [
      'Pan-roast: 3 minutes skin down on the hob, 6 minutes in the oven at 200 °C.',
      ['fry 3 hob', 'roast 6 @200 oven'],
    ],
    [
      'Sear the cheeks for 6 minutes. In the same pan fry the bacon for 5 mins.',
      ['sear 6 hob', 'fry 5 hob'],
    ],
    ['Fry skin side down for ten minutes, then flip and give it six.', ['fry 10 hob', 'fry 6 hob']],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));
});

describe('a length that is of something else', () => {
  it.each([
    [
      'Fry the onion for 8 minutes. Oven at 180. 30 minutes, then brush with half the glaze; another 15.',
      [
        'fry 8 hob',
        'preheat @180 oven',
        'roast 30 @180 oven',
        'glaze @180 oven',
        'roast 15 @180 oven',
      ],
    ],
    ['Fry for 20 minutes; let them caramelise slowly, 40 minutes.', ['fry 20 hob', 'fry 40 hob']],
    ['Bring slowly to 82 °C and hold it there for 15 minutes.', ['simmer 15 @82 hob']],
    ['Soften the gelatine in cold water for 5 minutes.', ['soak 5 counter']],
    ['An hour before eating light the barbecue.', ['light 60 grill']],
    ['Sear the roast, a couple of minutes for each of its four sides.', ['sear 8 hob']],
    ['As soon as it boils, turn the heat to its lowest. Simmer for 12 minutes.', ['simmer 12 hob']],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));

  it('is of no step where the page only tells how long the dish takes', () => {
    const { acts } = readRecipe(
      'Cheeks\nPrep 25 min. Cook 8 hr 30.\n\n1 kg ox cheeks\n\nSimmer for 2 hours.',
    );
    expect(acts.map(({ verb, likelyMin }) => [verb, likelyMin])).toEqual([['simmer', 120]]);
  });
});

describe('a length that goes on, or is bounded, behind another', () => {
  it.each([
    ['Roast at 130 °C for 2 h 15 or until 54 °C.', ['roast 135 @130 to 54 oven']],
    ['Leave in the brine for 18 hours, no longer than 24.', ['brine 1080-1260-1440 fridge']],
    [
      'Steep in the fridge, 12 hours (not above 24 or they go hard).',
      ['soak 720-1080-1440 fridge'],
    ],
    [
      'Braise in the oven at 150 °C: three hours, perhaps three and a half.',
      ['braise 180-195-210 @150 oven'],
    ],
    ['Sear for 1 minute 30 on each side.', ['sear 3 hob']],
    ['Sear a minute or two per side.', ['sear 2-3-4 hob']],
    [
      'Roast at 120 °C for 25 minutes, then at 200 °C for 18 to 20, shaking every 6 minutes.',
      ['roast 25 @120 oven', 'roast 18-19-20 @200 oven'],
    ],
    ['Sweat 8 min, add stock, 15 min more, blend.', ['fry 8 hob', 'simmer 15 hob']],
    ['Marinate at least 4 hours and a maximum of 12.', ['marinate 240-720 fridge']],
    ['Leave it in the brine for a fortnight.', ['brine 20160 fridge']],
    ['Bring to a simmer; from then on 20 minutes per 500 g.', ['simmer 40 hob']],
    ['Roast 30 minutes, another 15 minutes covered, and rest.', ['roast 30 oven', 'roast 15 oven']],
    ['Steam 12 minutes; wait 3 before lifting the lid.', ['steam 12 hob', 'rest 3 board']],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));

  it('is a moment of the step beside it', () => {
    const { acts } = readRecipe(
      '1 kg salmon side\n\nCure for 36 hours, turning the fish after 18.',
    );
    expect(acts.map(({ moments }) => moments)).toEqual([
      [{ afterMin: 1080, what: 'Turning the fish' }],
    ]);
  });

  it('is no second roast where it only says when to baste', () => {
    const { acts } = readRecipe(
      '1 chicken\n\nRoast 1 hour 20 at 200 °C, basting at the half hour and again at the hour.',
    );
    expect(acts.map(({ verb, moments }) => [verb, moments])).toEqual([
      ['roast', [{ afterMin: 30, what: 'Basting' }]],
    ]);
  });
});

describe('what the place or the lid says of a verb', () => {
  it.each([
    [
      'Steam for 13 minutes. Leave the lid on and the heat off for 2 mins.',
      ['steam 13 hob', 'rest 2 board'],
    ],
    [
      'Two-zone fire, any fruit wood. Thighs on the cool side lid closed 30 min.',
      ['grill 30 grill'],
    ],
    ['Sear 2 minutes a side, then off to the board for 8 minutes.', ['sear 4 hob', 'rest 8 board']],
    ['Rub with the spices and hold in the fridge for six hours.', ['marinate 360 fridge']],
    ['Keep the sauce at 65 °C, no longer than an hour.', ['hold -60 @65 oven']],
    ['Air-fry for 14 minutes at 190 °C, shaking halfway.', ['roast 14 @190 oven']],
    // No fridge is named, and raw meat lies nowhere else so long.
    ['Pat dry and let the skin dry another 4 hours.', ['chill 240 fridge']],
    ['Leave it for 4 hours on the side.', ['rest 240 board']],
    ['Cook under pressure for 35 minutes.', ['braise 35 hob']],
    [
      'Keep at a rolling boil 3 minutes, kill the heat, lid on, 12 minutes.',
      ['boil 3 hob', 'rest 12 board'],
    ],
    ['Stand it on the counter for half an hour before it goes in.', ['temper 30 counter']],
    ['Cook until the sugar reaches 118 °C, roughly 8 minutes.', ['boil 8 @118 hob']],
    ['Drop into a 180 °C fryer for 3 minutes.', ['fry 3 @180 hob']],
    [
      'Roast an hour at 160 °C. Tear the paper open, turn the heat to 220 °C and give it 20 minutes.',
      ['roast 60 @160 oven', 'roast 20 @220 oven'],
    ],
    ['Cook in the embers, wrapped in foil, for 40 minutes.', ['grill 40 grill']],
    ['Out of the marinade 1½ hours before roasting.', ['temper 90 counter']],
    // A rest, whatever came out of the oven before it.
    ['Bake at 190 °C for 30 minutes; stand ten minutes.', ['bake 30 @190 oven', 'rest 10 board']],
    [
      'Bake at 150 °C for 30 minutes, then leave it undisturbed for an hour so a skin forms.',
      ['bake 30 @150 oven', 'bake 60 @150 oven'],
    ],
    [
      'Sear 5 minutes. Keep warm at 80 °C on a rack, no more than 15 minutes.',
      ['sear 5 hob', 'hold -15 @80 oven'],
    ],
    [
      'Brown 8 minutes. Add stock. Cover, 160 °C, 2 hours.',
      ['brown 8 hob', 'braise 120 @160 oven'],
    ],
    ['In another pan brown the lardons for 6 minutes.', ['brown 6 hob']],
    [
      'Once the oil is at 160 °C fry the chips 6 minutes; lift out; raise to 190 °C; fry 2 minutes more.',
      ['fry 6 @160 hob', 'fry 2 @190 hob'],
    ],
    [
      'Roast at 200 °C for an hour. Rest 20 minutes; turn the oven up to 220 °C and give the potatoes 15 minutes more.',
      ['roast 60 @200 oven', 'rest 20 board', 'roast 15 @220 oven'],
    ],
  ])('%s', (method, steps) => expect(said(method)).toEqual(steps));
});

describe('in Spanish', () => {
  it.each([
    ['Sacar y dejar reposar 10 minutos sobre la rejilla.', ['rest 10 board']],
    ['Tapar y dejar sudar 10 minutos fuera del fuego.', ['rest 10 board']],
    ['Baja el aceite a 65 °C y confita los lomos 7 minutos.', ['braise 7 @65 hob']],
    [
      'Haz los muslos a la parrilla, 7 minutos por la piel y 3 por la carne.',
      ['grill 7 grill', 'grill 3 grill'],
    ],
    ['Sácalo 45 min antes de meterlo al horno.', ['temper 45 counter']],
    [
      'Asa 50 minutos a 180 °C. Está hecho cuando el muslo marca 80 ºC.',
      ['roast 50 @180 to 80 oven'],
    ],
    ['Marca 2 minutos por lado a fuego vivo.', ['sear 4 hob']],
    ['Tenlo media hora fuera del frigo.', ['temper 30 counter']],
    [
      'Enciende el horno a 240 °C y mete la pieza 15 minutos.',
      ['preheat @240 oven', 'roast 15 @240 oven'],
    ],
    ['Déjalo enfriar a temperatura ambiente una hora.', ['cool 60 counter']],
    ['Cocina a 65 °C en el baño durante 3 horas.', ['simmer 180 @65 hob']],
    [
      'Congela el cordero a -20 °C 5 días. Mezcla sal y azúcar; cúbrelo y déjalo 18 horas en la nevera.',
      ['chill 7200 @-20 freezer', 'marinate 1080 fridge'],
    ],
    [
      'Asa 20 minutos a 200 °C. Reposo de cinco minutos y a cortar.',
      ['roast 20 @200 oven', 'rest 5 board'],
    ],
    ['Al baño maría, 50 minutos en el horno a 160 °C.', ['bake 50 @160 oven']],
    ['Ahúma a 90 °C durante tres horas.', ['smoke 180 @90 smoker']],
    ['Cuécelas a 80 °C durante 3 horas.', ['boil 180 @80 hob']],
    ['Dora los muslos por la piel 7 minutos y 4 por el otro lado.', ['brown 7 hob', 'brown 4 hob']],
  ])('%s', (method, steps) => expect(said(method, '1 kg de cordero')).toEqual(steps));
});
