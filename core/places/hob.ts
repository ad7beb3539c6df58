import { air, bath } from './boundary.ts';
import type { Coefficients, Conditions } from './conditions.ts';
import { definePlace, type MoistAir } from './definition.ts';

/** An oil film below, W/(m²·K); still and steamy air above, °C. Handbook figures, from memory. */
const PAN_CONTACT = 320;
const OVER_PAN_C = 45;

function inPan(airC: number, { roomC }: Conditions, _fitted: Coefficients, { vapourPa }: MoistAir) {
  return { around: bath(airC, PAN_CONTACT), under: air(OVER_PAN_C, 8, vapourPa(roomC, 0.5)) };
}

/** What verbs say of a pot or a pan. */
const BY_VERB: Readonly<Partial<Record<string, string>>> = {
  simmer: 'simmer',
  braise: 'braise',
  boil: 'boil',
  steam: 'steam',
  hold: 'warm-oven',
};

/**
 * Water that a pump stirs, through a bag, W/(m²·K): the figure the usual printed table of heating
 * times in a bath rests on. Source: D. E. Baldwin, Sous Vide Cooking: A Review (2012), from memory.
 */
const STIRRED_BATH = 95;

const LIQUID = { basis: 'handbook', offsetSdC: 1.5, cooks: true } as const;

/** Rings, and the pans, pots and steamers on them. Coefficients: handbook figures, from memory. */
export const hob = definePlace({
  kind: 'hob',
  words: { en: { name: 'hob', one: 'ring' } },
  namedBy: {
    order: 8,
    pattern:
      /skillet|saucepan|frying pan|\bpan\b|\bpot\b|wok|griddle|cast[- ]iron|stove|hob|burner|dutch oven|casserole dish on|stockpot|sart[eé]n|(?<!\p{L})olla|cazuela|cacerola|cazo|plancha|a fuego/iu,
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
      verb: 'grill',
      twoSided: true,
    },
    {
      id: 'boil',
      words: { en: 'boiling water' },
      usualC: 100,
      ...LIQUID,
      boundary: (_airC, _where, _fitted, { boilingC }) => ({ around: bath(boilingC, 1500) }),
      verb: 'boil',
    },
    {
      id: 'simmer',
      words: { en: 'simmering' },
      usualC: 92,
      heats: [60, 99],
      ...LIQUID,
      boundary: (airC, _where, _fitted, { boilingC }) => ({
        around: bath(Math.min(airC, boilingC - 1), 800),
      }),
      verb: 'braise',
    },
    {
      id: 'braise',
      words: { en: 'braising, lid on' },
      usualC: 95,
      heats: [75, 99],
      ...LIQUID,
      boundary: (airC, _where, _fitted, { boilingC }) => ({
        around: bath(Math.min(airC, boilingC - 2), 500),
      }),
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
      boundary: (airC) => ({ around: bath(airC, STIRRED_BATH) }),
      verb: 'simmer',
    },
    {
      id: 'steam',
      words: { en: 'steam' },
      usualC: 100,
      ...LIQUID,
      boundary: (_airC, _where, _fitted, { boilingC }) => ({ around: bath(boilingC, 600) }),
      verb: 'steam',
    },
  ],
  environmentOf: ({ verb }) => BY_VERB[verb] ?? 'pan',
});
