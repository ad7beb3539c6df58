import { bath } from './boundary.ts';
import { coefficient, convection, OUR_OWN } from './coefficient.ts';
import { definePlace, type MoistAir } from './definition.ts';

/** On low it comes to its heat by degrees. */
const LOW_UNTIL_C = 93;
const CONVECTION = convection(200, [100, 400], 'a thick liquid that hardly moves');
const BEGINS = coefficient({
  value: 20,
  unit: '°C',
  range: [10, 30],
  correlation: 'what was filled in, out of the fridge and the larder',
  source: OUR_OWN,
});
const LOW = { lag: lag(152, [90, 240]), below: below(2, [1, 10]) };
const HIGH = { lag: lag(65, [40, 120]), below: below(1, [0.5, 5]) };

/** How slowly a full pot climbs: e-folding. */
function lag(value: number, range: readonly [number, number]) {
  const correlation = 'e-folding of the climb of a full pot';
  return coefficient({ value, unit: 'min', range, correlation, source: OUR_OWN });
}

function below(value: number, range: readonly [number, number]) {
  const correlation = 'how far below boiling it stays at the most';
  return coefficient({ value, unit: 'K', range, correlation, source: OUR_OWN });
}

/** What a food meets in it, at one of its two settings. */
const at =
  (setting: typeof LOW) =>
  (airC: number, _where: unknown, _fitted: unknown, { boilingC }: MoistAir) => ({
    around: {
      ...bath(Math.min(airC, boilingC - setting.below.value), CONVECTION.value),
      fromC: BEGINS.value,
      lagMin: setting.lag.value,
    },
  });

/** A pot that heats itself, on the counter. */
export const slowCooker = definePlace({
  kind: 'slow-cooker',
  words: { en: { name: 'slow cooker' } },
  namedBy: {
    order: 1,
    pattern: /slow[- ]cooker|crock(?:[- ]?pot)?\b|olla (?:de cocci[oó]n )?lenta|crockery pot/i,
  },
  room: 'inside',
  workplace: 'board',
  band: 'slow',
  fire: true,
  standsOn: 'counter',
  appliance: {
    holds: 'pots',
    usualFits: 1,
    limited: true,
    oneHeat: false,
    drawn: { width: 64, height: 46 },
  },
  environments: [
    {
      id: 'slow-cooker-low',
      words: { en: 'slow cooker, low' },
      usualC: 91,
      cooks: true,
      basis: 'handbook',
      offsetSdC: 1.5,
      boundary: at(LOW),
      coefficients: { convection: CONVECTION, begins: BEGINS, ...LOW },
      verb: 'braise',
      caution: 'slowCooker',
    },
    {
      id: 'slow-cooker-high',
      words: { en: 'slow cooker, high' },
      usualC: 96,
      cooks: true,
      basis: 'handbook',
      offsetSdC: 1.5,
      boundary: at(HIGH),
      coefficients: { convection: CONVECTION, begins: BEGINS, ...HIGH },
      verb: 'braise',
      caution: 'slowCooker',
    },
  ],
  environmentOf: ({ tempC }) =>
    tempC !== undefined && tempC > LOW_UNTIL_C ? 'slow-cooker-high' : 'slow-cooker-low',
});
