import type { Step } from '../meal/index.ts';
import type { ReadAct } from './context.ts';

/** Thawed or cooled in water: how warm that is, where the step stands on no shelf. */
export function inWater({ verb, text }: ReadAct): Step['place'] | undefined {
  if (verb === 'chill') return OVER_ICE.test(text) ? { kind: 'counter', tempC: ICE_C } : undefined;
  if (verb !== 'cool' && verb !== 'thaw') return undefined;
  const tempC = WATERS.find(([words]) => words.test(text))?.[1];
  return tempC === undefined ? undefined : { kind: 'counter', tempC };
}

/** "Chill fast over ice". */
const OVER_ICE =
  /(?<!\p{L})(?:over|on|in) (?:an? )?ice(?:[- ]bath)?(?!\p{L})|(?<!\p{L})sobre hielo(?!\p{L})/iu;
/** Common practice, no source. */
const ICE_C = 1;
/** How warm a water is by its name, °C. Common practice, no source. */
const WATERS: ReadonlyArray<readonly [RegExp, number]> = [
  [
    /(?<!\p{L})(?:ice[- ]?bath|iced? water|ice-cold water|bowl of ice|ba[ñn]o de hielo|agua (?:helada|con hielo))(?!\p{L})/iu,
    ICE_C,
  ],
  [
    /(?<!\p{L})(?:cold|running|tap) (?:\p{L}+ )?water(?!\p{L})|(?<!\p{L})agua fr[ií]a(?!\p{L})/iu,
    12,
  ],
  [
    /(?<!\p{L})(?:warm|hot|tepid|lukewarm) water(?!\p{L})|(?<!\p{L})agua (?:tibia|caliente|templada)(?!\p{L})/iu,
    35,
  ],
];
