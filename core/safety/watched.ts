import type { Verb } from '../terms/index.ts';
import type { PlaceKind } from '../places/index.ts';
import type { Animal } from '../pantry/index.ts';
import { FRIDGE_COLD_C, FRIDGE_MOST_C } from './figures/index.ts';

/**
 * What the rules look at: a meal from the shop to the left-overs, with the planned times and the
 * temperatures the food will have. All times are epoch minutes.
 */
export interface WatchedMeal {
  readonly servingMin: number;
  readonly roomC: number;
  readonly outdoorC: number;
  readonly dishes: readonly WatchedDish[];
  /** Children are at the table. */
  readonly children: boolean;
  /** And someone pregnant, old or ill. */
  readonly frail: boolean;
}

export interface WatchedDish {
  readonly id: string;
  readonly name: string;
  readonly foods: readonly WatchedFood[];
  readonly mixtures: readonly WatchedMixture[];
  /** What it would put before someone who avoids it. */
  readonly conflicts: ReadonlyArray<{
    readonly avoids: string;
    readonly heads: number;
    readonly because: string;
  }>;
  /** By their start. */
  readonly acts: readonly WatchedAct[];
}

export interface WatchedFood {
  readonly id: string;
  readonly name: string;
  readonly animal: Animal;
  /** Minced, and so raw all through. */
  readonly minced: boolean;
  /** Cooked where it was made. */
  readonly ready: boolean;
  /** Injected or pierced: what was on the surface is inside. */
  readonly pierced: boolean;
  /** Dry beans that make ill unless they boil hard. */
  readonly toxicBean: boolean;
  /** Rice and other grains, whose spores survive cooking. */
  readonly grain: boolean;
  /** Eggs in their shell. */
  readonly egg: boolean;
  /** What eggs set: custards and cheesecakes. */
  readonly eggDish: boolean;
  /** Pulses, pasta, potatoes: cooked, they do not keep at room heat either. */
  readonly starchy: boolean;
  readonly frozenFirst: boolean;
}

export interface WatchedMixture {
  readonly id: string;
  readonly name: string;
  /** Lies on food that is raw meat, poultry or fish. */
  readonly touchesRaw: boolean;
  /** A part is set aside before it does. */
  readonly keptClean: boolean;
  /** It is boiled and has to be cold before food goes in. */
  readonly boiled: boolean;
  readonly garlicInOil: boolean;
  readonly keepsDays?: number | undefined;
  /** Raw egg in what is never cooked. */
  readonly rawEgg: boolean;
  /** For someone who avoids something, taken out before it goes in. */
  readonly apart: readonly string[];
  /** Its salt, % of all else in it and of what lies in it together. */
  readonly saltPct: number;
  /** A dough or a batter: the food is made of it. */
  readonly makesFood: boolean;
  /** Curing salt in it, as the dose it comes to. */
  readonly cure?: Cure | undefined;
}

/** Nitrite, by weight of the curing salt. */
export interface Cure {
  readonly ingoingPpm: number;
  readonly immersed: boolean;
  /** Minced meat and bacon bear less than hams and joints. */
  readonly on: 'mince' | 'belly' | 'other';
  readonly bySpoon: boolean;
}

/** A planned step as the rules see it. */
export interface WatchedAct {
  readonly id: string;
  readonly label: string;
  readonly verb: Verb;
  readonly place: PlaceKind;
  readonly tempC?: number | undefined;
  readonly startMin: number;
  readonly endMin: number;
  readonly mixtures: readonly string[];
  /** The one food it is timed by, where there is one. */
  readonly food?: string | undefined;
  /** The core it is taken off at. */
  readonly coreC?: number | undefined;
  /** It goes on until the food is tender. */
  readonly tender: boolean;
  /** Board, knife and hands are washed in it. */
  readonly washes: boolean;
  readonly handsOn: boolean;
  /** Not the food: skewers in water, before anything else. */
  readonly aside: boolean;
  /** A thaw: what one piece weighs. */
  readonly wrappedFrozen?: { readonly pieceG: number } | undefined;
  /** A cold place: minutes in which what stood warm before is still above 10 °C in it. */
  readonly coolsBackMin: number;
  /** Where it goes by the clock alone: the middle by then, by its cut and weight. */
  readonly clockC?: number | undefined;
  /** Minutes over a fire that follow it in its chain. */
  readonly thenFiredMin: number;
  /** No further heat follows in its chain. */
  readonly last: boolean;
  readonly slowCooker: boolean;
  /** Something of its dish was cooked before it. */
  readonly afterFire: boolean;
  /** The temperatures of the food in it, where heat times its chain. */
  readonly temperatures?: FoodTemperatures | undefined;
  /** A boiled mixture that cools in it: how much of its way to cold. */
  readonly brineShare?: number | undefined;
  /** A liquid or a pot that cools in it. */
  readonly cools?: CoolingPot | undefined;
}

export interface FoodTemperatures {
  readonly minute: ArrayLike<number>;
  readonly coreC: ArrayLike<number>;
  readonly surfaceC: ArrayLike<number>;
  /** Reduction at the point that gets least, by the end of the step and of what rests after it. */
  readonly logs: number;
  readonly wanted: number;
  /** Minutes over its fire in which the surface is still below 54.4 °C. */
  readonly warmingMin: number;
}

export interface CoolingPot {
  /** Minutes from 57 to 21 °C, and from 57 to 5 °C. */
  readonly to21Min: number;
  readonly to5Min: number;
}

/** Hands on raw food, where it is done at the board. */
export const RAW_BOARD_WORK: ReadonlySet<Verb> = new Set([
  'mix',
  'prepare',
  'slice',
  'shape',
  'marinate',
  'brine',
  'shred',
]);

/** Places no fridge and no fire. */
const OUT_OF_FRIDGE: ReadonlySet<PlaceKind> = new Set(['counter', 'board', 'table']);

type Standing = Pick<WatchedAct, 'place' | 'tempC'>;

/** On counter, board or table; a cold cellar or a porch in winter may be as good as a fridge. */
export function outOfFridge({ place, tempC }: Standing): boolean {
  return OUT_OF_FRIDGE.has(place) && !(tempC !== undefined && tempC <= FRIDGE_COLD_C);
}

/** Too warm for raw food to lie in: besides those a box nobody has measured, and a fridge too warm by any law. */
export function warmForRaw(standing: Standing): boolean {
  const { place, tempC } = standing;
  if (place === 'box') return tempC === undefined || tempC > FRIDGE_COLD_C;
  if (place === 'fridge') return tempC !== undefined && tempC > FRIDGE_MOST_C;
  return outOfFridge(standing);
}

export const minutesOf = (act: WatchedAct): number => act.endMin - act.startMin;

/** Foods of a dish that were an animal. */
export function rawFoods(dish: WatchedDish): WatchedFood[] {
  return dish.foods.filter(({ animal }) => animal !== 'none');
}

/** Cooked, it does not keep at room heat: meat, fish, grains, pulses, potatoes and what eggs set. */
export function spoils(dish: WatchedDish): boolean {
  return dish.foods.some(
    ({ animal, grain, starchy, eggDish }) => animal !== 'none' || grain || starchy || eggDish,
  );
}
