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
  /(?<![a-zß-ɏ])(?:over|on|in) (?:an? )?ice(?:[- ]bath)?(?![a-zß-ɏ])|(?<![a-zß-ɏ])sobre hielo(?![a-zß-ɏ])/i;
/** Common practice, no source. */
const ICE_C = 1;
/** How warm a water is by its name, °C. Common practice, no source. */
const WATERS: ReadonlyArray<readonly [RegExp, number]> = [
  [
    /(?<![a-zß-ɏ])(?:ice[- ]?bath|iced? water|ice-cold water|bowl of ice|ba[ñn]o de hielo|agua (?:helada|con hielo))(?![a-zß-ɏ])/i,
    ICE_C,
  ],
  [
    /(?<![a-zß-ɏ])(?:cold|running|tap) (?:[a-zß-ɏ]+ )?water(?![a-zß-ɏ])|(?<![a-zß-ɏ])agua fr[ií]a(?![a-zß-ɏ])/i,
    12,
  ],
  [
    /(?<![a-zß-ɏ])(?:warm|hot|tepid|lukewarm) water(?![a-zß-ɏ])|(?<![a-zß-ɏ])agua (?:tibia|caliente|templada)(?![a-zß-ɏ])/i,
    35,
  ],
];
