import {
  adults,
  at,
  board,
  counter,
  DAY,
  food,
  frail,
  fridge,
  H,
  line,
  marinade,
  mixture,
  one,
  step,
  until,
  type LedgerCase,
} from './case.ts';

const table = at('table');
const oven = (tempC: number) => at('oven', tempC);
const hob = (tempC: number) => at('hob', tempC);
const grill = at('grill', 220);
const thighs = food('chicken', 'chicken-thigh-boneless', 900);

/**
 * The seventh round: ordinary evenings, some of which go wrong in one place. Of one verdict the
 * writer had been wrong: sausages raw for four days were to be minded, and are rightly stopped.
 */
export const ROUND_7: readonly LedgerCase[] = [
  {
    name: 'chicken thawed in the sink for seven hours, roasted through',
    verdict: 'stop',
    meal: one({
      foods: [food('chicken', 'chicken-whole', 1600)],
      steps: [
        step('thaw', counter, 7 * H),
        until('roast', oven(190), 'chicken', 76),
        step('slice', board, 8),
      ],
    }),
  },
  {
    name: 'chicken legs braised, left in their pot on the counter over night, warmed to 60',
    verdict: 'stop',
    meal: one({
      foods: [food('legs', 'chicken-thigh-bone-in', 1200)],
      steps: [
        step('braise', oven(160), 90, { doneWhen: { coreC: 82 } }),
        step('rest', counter, 10 * H),
        step('simmer', hob(60), 20),
        step('serve', table, 3),
      ],
    }),
  },
  {
    name: 'burgers of beef mince, pink at 55, for grown-ups',
    verdict: 'stop',
    rule: 'core',
    meal: one({
      foods: [food('mince', 'beef-mince', 700, { inPieces: 4 })],
      steps: [until('grill', grill, 'mince', 55), step('rest', board, 4)],
    }),
  },
  {
    name: 'a stuffed chicken, taken at 74 in the breast and rested',
    verdict: 'caution',
    meal: one({
      foods: [food('chicken', 'chicken-whole', 1800), food('stuffing', 'vegetable-side', 300)],
      steps: [
        step('prepare', board, 15, { label: 'Stuff the bird' }),
        until('roast', oven(180), 'chicken', 74),
        step('rest', board, 20),
      ],
    }),
  },
  {
    name: 'rice boiled at noon, on the counter until seven, fried five minutes',
    verdict: 'stop',
    meal: one({
      foods: [food('rice', 'rice-dry', 400)],
      steps: [step('simmer', hob(96), 16), step('cool', counter, 6 * H), step('fry', hob(190), 5)],
    }),
  },
  {
    name: 'pork ribs eight hours in the fridge in a rub, smoked six hours at 110 to 92',
    verdict: 'pass',
    meal: one({
      foods: [food('ribs', 'pork-spare-ribs', 1500)],
      mixtures: [mixture('rub', 'rub', ['ribs'], [line('salt-fine-table', '15 g')])],
      steps: [
        step('marinate', fridge, 8 * H, { mixtures: ['rub'] }),
        step('smoke', at('smoker', 110), 6 * H, { doneWhen: { coreC: 92 } }),
        step('rest', board, 15),
      ],
    }),
  },
  {
    name: 'chicken in yoghurt over night, skewered, grilled to 75',
    verdict: 'pass',
    meal: one({
      foods: [thighs],
      mixtures: [marinade('yoghurt', ['chicken'], { lines: [line('yoghurt-full-fat', '250 g')] })],
      steps: [
        step('marinate', fridge, 12 * H, { mixtures: ['yoghurt'] }),
        step('prepare', board, 15, { label: 'Thread', washes: true }),
        until('grill', grill, 'chicken', 75),
        step('rest', board, 5),
      ],
    }),
  },
  {
    name: 'the brush that basted raw chicken from its bowl bastes it again as it comes off',
    verdict: 'stop',
    rule: 'contact',
    meal: one({
      foods: [thighs],
      mixtures: [marinade('herb', ['chicken'])],
      steps: [
        step('marinate', fridge, 3 * H, { mixtures: ['herb'] }),
        until('grill', grill, 'chicken', 75),
        step('glaze', board, 2, { label: 'Brush once more with the marinade', mixtures: ['herb'] }),
        step('serve', table, 3),
      ],
    }),
  },
  {
    name: 'salmon at 48 for someone pregnant',
    verdict: 'stop',
    meal: one(
      {
        foods: [food('salmon', 'salmon-fillet', 700)],
        steps: [until('roast', oven(150), 'salmon', 48), step('serve', table, 3)],
      },
      { eaters: [adults(3), frail()] },
    ),
  },
  {
    name: 'salmon at 50, as a grown-up likes it',
    verdict: 'caution',
    meal: one({
      foods: [food('salmon', 'salmon-fillet', 700)],
      steps: [
        until('roast', oven(150), 'salmon', 50, { doneWhen: { coreC: 50, rarer: true } }),
        step('serve', table, 3),
      ],
    }),
  },
  {
    name: 'a beef roast at 52, rested under foil, carved',
    verdict: 'pass',
    meal: one({
      foods: [food('beef', 'beef-rib-roast-boneless', 2000)],
      steps: [
        step('temper', counter, 60),
        until('roast', oven(160), 'beef', 52, { doneWhen: { coreC: 52, rarer: true } }),
        step('rest', board, 25),
        step('slice', board, 8),
      ],
    }),
  },
  {
    name: 'turkey breast in a brine still warm: boiled, an hour on the counter, bird in',
    verdict: 'stop',
    meal: one({
      foods: [food('turkey', 'turkey-breast', 1400)],
      mixtures: [
        mixture(
          'brine',
          'wet brine',
          ['turkey'],
          [line('water', '2 l'), line('salt-fine-table', '100 g')],
          { boiled: true },
        ),
      ],
      steps: [
        step('boil', hob(100), 10, { mixtures: ['brine'] }),
        step('cool', counter, 60, { mixtures: ['brine'] }),
        step('brine', fridge, 12 * H, { mixtures: ['brine'] }),
        until('roast', oven(180), 'turkey', 74),
      ],
    }),
  },
  {
    name: 'chilli of kidney beans from dry, slow cooker all day, never boiled',
    verdict: 'stop',
    rule: 'beans',
    meal: one({
      foods: [food('beans', 'kidney-beans-dry', 500)],
      steps: [
        step('soak', fridge, 12 * H),
        step('braise', at('slow-cooker', 80), 8 * H),
        step('serve', table, 3),
      ],
    }),
  },
  {
    name: 'lentil soup, made the day before, cooled in the fridge, boiled again',
    verdict: 'pass',
    meal: one({
      foods: [food('lentils', 'lentils-green-dry', 400)],
      steps: [
        step('simmer', hob(96), 40),
        step('cool', counter, 60),
        step('chill', fridge, 20 * H),
        step('boil', hob(100), 10),
        step('serve', table, 3),
      ],
    }),
  },
  {
    name: 'pulled pork at seven in the morning, kept in a warm oven at 75 until supper',
    verdict: 'pass',
    meal: one({
      foods: [food('pork', 'pork-shoulder-boneless', 2200)],
      steps: [
        step('roast', oven(120), 11 * H, { doneWhen: { coreC: 93 } }),
        step('hold', oven(75), 6 * H),
        step('shred', board, 15),
      ],
    }),
  },
  {
    name: 'pulled pork kept warm at 45 for five hours',
    verdict: 'stop',
    meal: one({
      foods: [food('pork', 'pork-shoulder-boneless', 2200)],
      steps: [
        step('roast', oven(120), 11 * H, { doneWhen: { coreC: 93 } }),
        step('hold', oven(45), 5 * H),
        step('shred', board, 15),
      ],
    }),
  },
  {
    name: 'mayonnaise of raw egg, on the counter for five hours of a summer party',
    verdict: 'stop',
    meal: one({
      mixtures: [
        mixture(
          'mayo',
          'sauce',
          [],
          [line('egg-yolk', '2 yolks'), line('neutral-vegetable-oil', '300 ml')],
        ),
      ],
      steps: [
        step('mix', board, 10, { mixtures: ['mayo'] }),
        step('rest', counter, 5 * H, { mixtures: ['mayo'] }),
        step('serve', table, 2, { mixtures: ['mayo'] }),
      ],
    }),
  },
  {
    name: 'steaks three days dry in the fridge, seared to 54',
    verdict: 'pass',
    meal: one({
      foods: [food('beef', 'beef-steak', 900)],
      steps: [
        step('chill', fridge, 3 * DAY),
        until('sear', hob(240), 'beef', 54, { doneWhen: { coreC: 54, rarer: true } }),
        step('rest', board, 6),
      ],
    }),
  },
  {
    name: 'fresh sausages four days in the fridge, then grilled through',
    verdict: 'stop',
    meal: one({
      foods: [food('sausages', 'pork-mince', 800)],
      steps: [step('chill', fridge, 4 * DAY), until('grill', grill, 'sausages', 74)],
    }),
  },
  {
    name: 'chicken breast seared, put by in the fridge for a day half done, finished to 74',
    verdict: 'stop',
    rule: 'partCooking',
    meal: one({
      foods: [food('chicken', 'chicken-breast', 800)],
      steps: [
        step('sear', hob(230), 4),
        step('chill', fridge, 20 * H),
        until('roast', oven(190), 'chicken', 74),
      ],
    }),
  },
];
