import { air, bath, EMISSIVITY, PAN_CONTACT, ROOM_HUMIDITY } from './boundary.ts';
import { coefficient, convection, OUR_OWN } from './coefficient.ts';
import type { Coefficients, Conditions } from './conditions.ts';
import { definePlace, type MoistAir } from './definition.ts';

/** Still and steamy air above. */
const OVER_PAN_C = coefficient({
  value: 45,
  unit: '°C',
  range: [30, 70],
  correlation: 'the air a few centimetres above a pan',
  source: OUR_OWN,
});
const OVER_PAN = convection(8, [5, 15], 'air that rises from a pan');
const IN_A_PAN = {
  contact: PAN_CONTACT,
  air: OVER_PAN_C,
  convection: OVER_PAN,
  humidity: ROOM_HUMIDITY,
  emissivity: EMISSIVITY,
};

function inPan(airC: number, { roomC }: Conditions, _fitted: Coefficients, { vapourPa }: MoistAir) {
  const vapour = vapourPa(roomC, ROOM_HUMIDITY.value);
  return {
    around: bath(airC, PAN_CONTACT.value),
    under: air(OVER_PAN_C.value, OVER_PAN.value, vapour),
  };
}

const BOILING = convection(1500, [800, 4000], 'water that boils around it');
const SIMMERING = convection(800, [400, 1500], 'water that just moves');
const IN_LID = convection(500, [200, 1000], 'a thick liquid that hardly moves');
const STEAMING = convection(600, [300, 3000], 'steam that condenses, with air in it');
/** A pot that simmers, or that braises under its lid, stays a little below boiling. */
const SIMMERS_BELOW = belowBoiling(1, [0.5, 4]);
const BRAISES_BELOW = belowBoiling(2, [1, 6]);

function belowBoiling(value: number, range: readonly [number, number]) {
  const correlation = 'how far below boiling a pot is kept';
  return coefficient({ value, unit: 'K', range, correlation, source: OUR_OWN });
}

/** What verbs say of a pot or a pan. */
const BY_VERB: Readonly<Partial<Record<string, string>>> = {
  simmer: 'simmer',
  braise: 'braise',
  boil: 'boil',
  steam: 'steam',
  hold: 'warm-oven',
};

/** The figure the usual printed table of heating times in a bath rests on. */
const STIRRED_BATH = convection(
  95,
  [70, 300],
  'water that a pump stirs, through a bag',
  'D. E. Baldwin, Sous Vide Cooking: A Review (2012), from memory',
);

const LIQUID = { basis: 'handbook', offsetSdC: 1.5, cooks: true } as const;

/** Rings, and the pans, pots and steamers on them. */
export const hob = definePlace({
  kind: 'hob',
  words: { en: { name: 'hob', one: 'ring' } },
  namedBy: {
    order: 8,
    pattern:
      /skillet|saucepan|frying pan|\bpan\b|\bpot\b|wok|griddle|cast[- ]iron|stove|hob|burner|dutch oven|casserole dish on|stockpot|sart[eé]n|\bolla|cazuela|cacerola|cazo|plancha|a fuego/i,
  },
  room: 'inside',
  workplace: 'hob',
  band: 'strong',
  fire: true,
  appliance: { holds: 'rings', usualFits: 4, limited: true, oneHeat: false },
  environments: [
    {
      id: 'pan',
      words: { en: 'pan' },
      usualC: 190,
      heats: [110, 260],
      basis: 'handbook',
      offsetSdC: 20,
      cooks: true,
      boundary: inPan,
      coefficients: IN_A_PAN,
      verb: 'sear',
      twoSided: true,
    },
    {
      id: 'griddle',
      words: { en: 'griddle' },
      usualC: 220,
      heats: [130, 280],
      basis: 'handbook',
      offsetSdC: 20,
      cooks: true,
      boundary: inPan,
      coefficients: IN_A_PAN,
      verb: 'grill',
      twoSided: true,
    },
    {
      id: 'boil',
      words: { en: 'boiling water' },
      usualC: 100,
      ...LIQUID,
      boundary: (_airC, _where, _fitted, { boilingC }) => ({
        around: bath(boilingC, BOILING.value),
      }),
      coefficients: { convection: BOILING },
      verb: 'boil',
    },
    {
      id: 'simmer',
      words: { en: 'simmering' },
      usualC: 92,
      heats: [60, 99],
      ...LIQUID,
      boundary: (airC, _where, _fitted, { boilingC }) => ({
        around: bath(Math.min(airC, boilingC - SIMMERS_BELOW.value), SIMMERING.value),
      }),
      coefficients: { convection: SIMMERING, below: SIMMERS_BELOW },
      verb: 'braise',
    },
    {
      id: 'braise',
      words: { en: 'braising, lid on' },
      usualC: 95,
      heats: [75, 99],
      ...LIQUID,
      boundary: (airC, _where, _fitted, { boilingC }) => ({
        around: bath(Math.min(airC, boilingC - BRAISES_BELOW.value), IN_LID.value),
      }),
      coefficients: { convection: IN_LID, below: BRAISES_BELOW },
      verb: 'braise',
    },
    {
      id: 'water-bath',
      words: { en: 'water bath, held at a heat' },
      usualC: 58,
      heats: [45, 95],
      basis: 'handbook',
      offsetSdC: 0.5,
      cooks: true,
      boundary: (airC) => ({ around: bath(airC, STIRRED_BATH.value) }),
      coefficients: { convection: STIRRED_BATH },
      verb: 'simmer',
    },
    {
      id: 'steam',
      words: { en: 'steam' },
      usualC: 100,
      ...LIQUID,
      boundary: (_airC, _where, _fitted, { boilingC }) => ({
        around: bath(boilingC, STEAMING.value),
      }),
      coefficients: { convection: STEAMING },
      verb: 'steam',
    },
  ],
  environmentOf: ({ verb }) => BY_VERB[verb] ?? 'pan',
});
