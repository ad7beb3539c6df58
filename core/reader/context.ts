import type { PlaceKind } from '../places/index.ts';
import { FIRE_VERBS, type Verb } from '../terms/index.ts';
import type { Language, VerbWords } from './verbs.ts';

/** Something done while a step goes on, so long after it began. */
export interface ReadMoment {
  readonly afterMin: number;
  readonly what: string;
}

/** One step as a recipe says it. */
export interface ReadAct {
  readonly verb: Verb;
  /** The sentence it is from. */
  readonly text: string;
  /** Which line of the text. */
  readonly line: number;
  readonly leastMin?: number | undefined;
  readonly likelyMin?: number | undefined;
  readonly mostMin?: number | undefined;
  readonly tempC?: number | undefined;
  readonly untilC?: number | undefined;
  readonly until?: string | undefined;
  readonly tendEveryMin?: number | undefined;
  /** What is done at a moment of it: "after 20 minutes, add the carrots". */
  readonly moments?: readonly ReadMoment[] | undefined;
  /** "If still tough, another hour". */
  readonly otherwise?: { readonly what: string; readonly minutes: number } | undefined;
  readonly tendWhat?: 'stir' | 'turn' | 'baste' | undefined;
  readonly place?: PlaceKind | undefined;
  readonly slowCooker?: boolean | undefined;
  /** Done while something else goes on. */
  readonly meanwhile: boolean;
  /** "The night before". */
  readonly dayBefore: boolean;
  /** The heading it stands under. */
  readonly group?: string | undefined;
  /** Words that were lit: where in the sentence. */
  readonly lit: ReadonlyArray<readonly [from: number, to: number]>;
  /** Something in it was guessed and not said. */
  readonly guessed: boolean;
}

/** What a recipe has said so far, for sentences that lean on it. */
export interface Context {
  readonly language: Language;
  readonly fahrenheit: boolean;
  /** A dough rises and no meat rests. */
  readonly dough: boolean;
  readonly hasMeat: boolean;
  /** Beef, lamb or game, which may be rare. */
  readonly redMeat: boolean;
  /** Of the meat, for minutes a pound. */
  readonly weightG: number | undefined;
  /** Something has been mixed already. */
  mixed: boolean;
  /** The food goes into something later: what boils now is only that. */
  soakAhead: boolean;
  /** What was done last was to a brine or a marinade on its fire. */
  soakOnFire: boolean;
  ovenC: number | undefined;
  /** The oven was set to something else, and nothing was said since. */
  turned: boolean;
  fireC: number | undefined;
  /** The oven has been turned off, and not on again. */
  ovenOff: boolean;
  /** Of the fat that things are fried in. */
  oilC: number | undefined;
  /** What was cooked has been chilled for hours since: a heat is of another fire. */
  cooled: boolean;
  soak: 'marinate' | 'brine' | undefined;
  /** How long what lies in the cold was to lie, minutes. */
  lay: number | undefined;
  /** It has lain in it already. */
  soaked: boolean;
  /** The line in which something is done on the side. */
  aside: number | undefined;
  /** The sentence before ended in a semicolon: this one goes on with it. */
  carriesOn: boolean;
  /** Its sentence began with the evening before. */
  dayBefore: boolean;
  /** Of mince alone: what is mixed with it is no marinade. */
  readonly minced: boolean;
  /** What boils was turned down since. */
  low: boolean;
  /** It was laid into an oven that is set, and nothing was said of how long. */
  laid: boolean;
  /** It was set to a heat, and nothing has been over any fire since. */
  ovenReady: boolean;
  /** Stock, wine or the like was poured over what fries. */
  wet: boolean;
  hot: ReadAct | undefined;
  /** What was done last, be it to a sauce. */
  last: Verb | undefined;
  place: PlaceKind | undefined;
  slowCooker: boolean;
  /** What simmers, while something else is done in another pan. */
  pot: ReadAct | undefined;
}

export function newContext(
  about: Pick<
    Context,
    'language' | 'fahrenheit' | 'dough' | 'hasMeat' | 'redMeat' | 'minced' | 'weightG'
  >,
): Context {
  return {
    ...about,
    mixed: false,
    soakAhead: false,
    soakOnFire: false,
    ovenC: undefined,
    turned: false,
    fireC: undefined,
    ovenOff: false,
    oilC: undefined,
    cooled: false,
    soak: undefined,
    lay: undefined,
    soaked: false,
    aside: undefined,
    carriesOn: false,
    dayBefore: false,
    low: false,
    wet: false,
    laid: false,
    ovenReady: false,
    hot: undefined,
    last: undefined,
    place: undefined,
    slowCooker: false,
    pot: undefined,
  };
}

/** What cooks a food. */
export const HEATS: ReadonlySet<VerbWords> = new Set<VerbWords>([...FIRE_VERBS, 'reduce']);

export const IN_OVEN: ReadonlySet<VerbWords> = new Set<VerbWords>([
  'roast',
  'bake',
  'braise',
  'glaze',
  'hold',
  'grill',
  'baste',
  'turn',
]);

/** Water boils: what is hotter is no liquid, °C. */
export const WET_MOST_C = 105;
/** What cooks in water. */
export const WET: ReadonlySet<VerbWords> = new Set<VerbWords>(['boil', 'simmer']);

/** Where a food is left to itself. */
export const PLACES_TO_BE: ReadonlySet<string> = new Set([
  'oven',
  'grill',
  'smoker',
  'fridge',
  'freezer',
]);

/** How what is on goes on: a pot that was turned down, or a pan that was filled, simmers. */
export function goesOnAs({ hot, wet, low, last }: Context): Verb | undefined {
  // "Reduce for 15 min, add the stock, another 10", while the roast rests.
  if (last === 'reduce' && hot !== undefined && hot.place !== 'hob') return 'simmer';
  const fills = wet && (hot?.verb === 'fry' || hot?.verb === 'sear' || hot?.verb === 'brown');
  return fills || (low && hot?.verb === 'boil') ? 'simmer' : hot?.verb;
}
