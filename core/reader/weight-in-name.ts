import { findUnit, GRAMS_PER } from '../quantity/index.ts';
import { NUMBER, numberIn } from './numbers.ts';
import { UNIT_WORDS } from './ingredient-words.ts';

const MASS = 'kg|kgs|kilos?|g|gr|gramos?|grams?|lbs?|pounds?|libras?|oz|ounces?';
const ABOUT =
  '(?:about|around|roughly|approx(?:imately)?\\.?|at least|up to|almost|nearly|unos|unas|aprox(?:imadamente)?\\.?|casi|alrededor de)';

/** "A nice 1.5 kg chicken", "a 2-kilo piece of topside", "a leg weighing roughly 2 kg". */
const WEIGHT = new RegExp(
  `(?:^|\\s)(?:(?:weighing|of|that weighs|which weighs|de|que pese|que pesen|d[e']) )?(?:${ABOUT} )?(?<low>${NUMBER})(?:\\s*(?:-|–|to|a)\\s*(?<high>${NUMBER}))?[\\s-]?(?<unit>${MASS})(?<half> y medio| and a half)?(?:[- ]+(?:piece|joint|slab|chunk|trozo|pieza) (?:of|de))?(?= |$)(?: each| cada un[oa]| apiece)?`,
  'i',
);
/** "Un pollo de kilo y medio". */
const KILO_AND =
  /\s(?:de )?(?:un )?(?<unit>kilo|libra)(?<half> y medi[oa])?(?: (?:cada un[oa]))?(?= |$)/i;

/** A weight that stands within the name of a food: how much, and the name without it. */
export interface WeightInName {
  /** Of one, where several are counted. */
  readonly grams: number;
  readonly name: string;
}

/** Whether nothing else is said: "of 250 g each". */
export function isOnlyWeight(text: string): boolean {
  return weighed(text)?.name === '';
}

/** The weight a name carries in itself; undefined where it carries none, or is nothing else. */
export function weightInName(name: string): WeightInName | undefined {
  const found = weighed(name);
  return found && /\p{L}/u.test(found.name) ? found : undefined;
}

function weighed(name: string): WeightInName | undefined {
  const match = WEIGHT.exec(name) ?? KILO_AND.exec(name);
  const { low = '1', high = low, unit = '', half } = match?.groups ?? {};
  const value = (numberIn(low) + numberIn(high)) / 2 + (half === undefined ? 0 : 0.5);
  const spelt = UNIT_WORDS.find(([pattern]) => pattern.test(unit))?.[1] ?? unit;
  const gramsPer = GRAMS_PER[findUnit(spelt, 'us')?.unit ?? ''];
  if (!match || gramsPer === undefined || !Number.isFinite(value)) return undefined;
  const rest = `${name.slice(0, match.index)} ${name.slice(match.index + match[0].length)}`
    .replace(/\s+/g, ' ')
    .trim()
    .replace(/^(?:of|de)\s+/i, '');
  return { grams: value * gramsPer, name: rest };
}
