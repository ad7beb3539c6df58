import type { Verb } from '../terms/index.ts';
import type { PlaceKind } from '../places/index.ts';
import type { Animal } from '../pantry/index.ts';
import type { LedgerTool } from './ledger-tool.ts';
import { FRIDGE_COLD_C, FRIDGE_MOST_C } from './figures/index.ts';

/**
 * What the rules look at: a meal from the shop to the left-overs, with the planned times and the
 * temperatures the food will have. All times are epoch minutes.
 */
export interface Ledger {
  readonly servingMin: number;
  /** Where water boils here, °C. */
  readonly boilingC: number;
  readonly altitudeM: number;
  /** How much each vessel holds, by its id. */
  readonly vessels: ReadonlyMap<string, { readonly name: string; readonly capacityMl: number }>;
  readonly roomC: number;
  readonly outdoorC: number;
  readonly dishes: readonly LedgerDish[];
  /** The board with all that goes with it, and the vessels the steps name. */
  readonly tools: readonly LedgerTool[];
  /** Children are at the table. */
  readonly children: boolean;
  /** And someone pregnant, old or ill. */
  readonly frail: boolean;
}

export interface LedgerDish {
  readonly id: string;
  readonly name: string;
  /** When it is on the table, epoch minutes. */
  readonly tableMin: number;
  readonly foods: readonly LedgerFood[];
  readonly mixtures: readonly LedgerMixture[];
  /** How long it is said to keep. */
  readonly keepsDays?: number | undefined;
  /** What it would put before someone who avoids it. */
  readonly conflicts: ReadonlyArray<{
    readonly avoids: string;
    readonly heads: number;
    readonly because: string;
  }>;
  /** By their start. */
  readonly acts: readonly LedgerAct[];
}

/** What has been done to a food so far. */
export type FoodState = 'raw' | 'part-cooked' | 'cooked' | 'ready';

/**
 * A stretch of time in which a food stays as it is: held by a step, or lying where the last step
 * left it. Spans follow one another without a gap.
 */
export interface LedgerSpan {
  readonly fromMin: number;
  readonly toMin: number;
  /** The step that holds it; left out while it lies. */
  readonly step?: string | undefined;
  /** The step that left it there. */
  readonly leftBy?: string | undefined;
  readonly verb?: Verb | undefined;
  readonly place: PlaceKind;
  /** How warm it is around it, °C. */
  readonly placeC: number;
  /** What it lies in. */
  readonly mixtures: readonly string[];
  /** It soaks: in a step, or because nobody has taken it out. */
  readonly soaks?: 'marinade' | 'brine' | undefined;
  readonly state: FoodState;
  /** Its middle and its surface at the beginning and the end, °C: from heat, or by bounds. */
  readonly coreC: readonly [number, number];
  readonly surfaceC: readonly [number, number];
  /** Minutes of it between 5 and 57 °C. */
  readonly growthMin: number;
  /**
   * What heat has killed in its middle by the end of it, powers of ten by the printed tables, all its
   * fires and rests together; left out where no heat is reckoned.
   */
  readonly logs?: number | undefined;
}

/** A fire that saw the food. */
export interface LedgerFire {
  readonly step: string;
  readonly verb: Verb;
  readonly startMin: number;
  readonly endMin: number;
  /** The middle it goes on to, as it is said. */
  readonly coreC?: number | undefined;
  /** By the clock alone: the middle by then, by its cut and weight. */
  readonly clockC?: number | undefined;
  /** How hot the fire is said to be: the middle gets no hotter, whatever else is said. */
  readonly mostC?: number | undefined;
  readonly tender: boolean;
  /** In simmering or boiling liquid, or in steam. */
  readonly wet: boolean;
  /** What heat has done at its coldest point, with the rest that follows. */
  readonly logs?: number | undefined;
  readonly wanted?: number | undefined;
  /** The cook has asked for it rarer than guidance. */
  readonly rarer: boolean;
  /** It is only to cook it half-way, as it is said. */
  readonly partly: boolean;
}

export interface LedgerFood {
  readonly id: string;
  readonly name: string;
  readonly animal: Animal;
  readonly cut?: string | undefined;
  /** Nobody knows its cut; its name says what it may be. */
  readonly unknown: boolean;
  /** Not even its name says whether it was an animal. */
  readonly asked: boolean;
  /** From the first step that works on it until it is served. */
  readonly spans: readonly LedgerSpan[];
  /** Until then it is a part of another dish's food, epoch minutes. */
  readonly takenMin?: number | undefined;
  /** In their order. */
  readonly fires: readonly LedgerFire[];
  /** A whole piece, raw only on its surface: neither minced nor pierced. */
  readonly intact: boolean;
  /** Minced, and so raw all through. */
  readonly minced: boolean;
  /** Cooked where it was made. */
  readonly ready: boolean;
  /** Cooked before, and chilled since. */
  readonly leftOver: boolean;
  /** When it was cooked, where an earlier meal says so, epoch minutes. */
  readonly cookedMin?: number | undefined;
  /** In the freezer since, epoch minutes. */
  readonly frozenMin?: number | undefined;
  /** Injected or pierced: what was on the surface is inside. */
  readonly pierced: boolean;
  /** A bird with a stuffing in it. */
  readonly stuffed: boolean;
  /** Dry beans that make ill unless they boil hard. */
  readonly toxicBean: boolean;
  /** Rice and other grains, whose spores survive cooking. */
  readonly grain: boolean;
  /** Eggs in their shell. */
  readonly egg: boolean;
  /** What eggs set: custards and cheesecakes. */
  readonly eggDish: boolean;
  /** Pulses, pasta, potatoes, soup and gravy: cooked, they do not keep at room heat either. */
  readonly starchy: boolean;
  readonly frozenFirst: boolean;
  /** Fish of a farm, fed on what holds no parasites: so the cook has said. */
  readonly farmed: boolean;
  /** What waits hot is kept no cooler than this, °C: less for a roast left whole. */
  readonly holdsFromC: number;
}

export interface LedgerMixture {
  readonly id: string;
  readonly name: string;
  /** Lies on food that is raw meat, poultry or fish. */
  readonly touchesRaw: boolean;
  /** What the file says of it, which its steps may deny. */
  readonly declares: { readonly touchesRaw: boolean; readonly boiled: boolean };
  /** A part is set aside before it does. */
  readonly keptClean: boolean;
  /** It is boiled and has to be cold before food goes in. */
  readonly boiled: boolean;
  readonly garlicInOil: boolean;
  readonly keepsDays?: number | undefined;
  /** Raw egg in what is never cooked. */
  readonly rawEgg: boolean;
  /** How much of its weight is egg, milk, cream or fresh cheese. */
  readonly tenderShare: number;
  /** Yeast or a culture works in it: it is meant to stand warm. */
  readonly fermenting: boolean;
  /** From the first step that makes it until it is served. */
  readonly spans: readonly MixtureSpan[];
  /** Raw fruit in it makes a paste of what lies in it for longer, minutes. */
  readonly pasteFromMin?: number | undefined;
  /** For someone who avoids something, taken out before it goes in. */
  readonly apart: readonly string[];
  /** Its salt, % of all else in it and of what lies in it together. */
  readonly saltPct: number;
  /** A dough or a batter: the food is made of it. */
  readonly makesFood: boolean;
  readonly kind: string;
  readonly on: readonly string[];
  /** What is in it, by name and by ingredient. */
  readonly names: readonly string[];
  readonly ml: number;
  readonly grams: number;
  /** Of its weight. */
  readonly oilShare: number;
  readonly sugarShare: number;
  readonly saltShare: number;
  readonly alcoholShare: number;
  readonly waterShare: number;
  /** Left out where nothing in it is sour. */
  readonly pH?: number | undefined;
  readonly vessel?: string | undefined;
  /** Curing salt in it, as the dose it comes to. */
  readonly cure?: Cure | undefined;
}

/** A stretch of time in which a mixture stays as it is: held by a step, or left by the last one. */
export interface MixtureSpan {
  readonly fromMin: number;
  readonly toMin: number;
  readonly step?: string | undefined;
  readonly leftBy?: string | undefined;
  readonly verb?: Verb | undefined;
  readonly place: PlaceKind;
  /** How warm it is around it, °C. */
  readonly placeC: number;
  /** A fire has been under it. */
  readonly heated: boolean;
  /** Minutes of it between 5 and 57 °C. */
  readonly growthMin: number;
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
export interface LedgerAct {
  readonly id: string;
  readonly label: string;
  readonly verb: Verb;
  readonly place: PlaceKind;
  readonly tempC?: number | undefined;
  readonly startMin: number;
  readonly endMin: number;
  readonly mixtures: readonly string[];
  /** Which part of them: what was kept clean, or what has been on the food. */
  readonly part?: 'reserve' | 'used' | undefined;
  /** The foods it works on. */
  readonly foods: readonly string[];
  /** What it is done in, where it says which. */
  readonly vessel?: string | undefined;
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
  /** Minutes over a fire that follow it in its chain. */
  readonly thenFiredMin: number;
  /** No further heat follows in its chain. */
  readonly last: boolean;
  readonly slowCooker: boolean;
  /** Something of its dish was cooked before it. */
  readonly afterFire: boolean;
  /** The temperatures of the food in it, where heat times its chain. */
  readonly temperatures?: FoodTemperatures | undefined;
  /** Where the clock ends a low fire. */
  readonly warmsSlowly?: SlowWarming | undefined;
  /** The cook has asked for it rarer than guidance. */
  readonly rarer: boolean;
  /** A boiled mixture that cools in it: how much of its way to cold. */
  readonly brineShare?: number | undefined;
  /** A liquid or a pot that cools in it. */
  readonly cools?: CoolingPot | undefined;
}

/** How warm a food is, minute by minute of a step. */
export interface WarmthCurve {
  readonly minute: ArrayLike<number>;
  readonly coreC: ArrayLike<number>;
  readonly surfaceC: ArrayLike<number>;
}

export interface FoodTemperatures extends WarmthCurve {
  /** Reduction at the point that gets least, by the end of the step and of what rests after it. */
  readonly logs: number;
  readonly wanted: number;
  /** Minutes over its fire in which the surface is still below 54.4 °C. */
  readonly warmingMin: number;
}

/** How slowly a low fire that the clock ends warms the food that is slowest, minutes. */
export interface SlowWarming {
  /** Its middle, through the heat in which things grow. */
  readonly coreMin: number;
  /** Its surface below it. */
  readonly surfaceMin: number;
}

export interface CoolingPot {
  /** Minutes from 57 to 21 °C, and from 57 to 5 °C. */
  readonly to21Min: number;
  readonly to5Min: number;
  /** Minutes it stands out before it comes into the cold. */
  readonly outMin: number;
  /** A joint by itself, in no liquid and not cut up. */
  readonly joint: boolean;
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

/** Where hands, knives and boards work. */
export const WORKTOPS: ReadonlySet<PlaceKind> = new Set(['board', 'counter']);

/** Places no fridge and no fire. */
const OUT_OF_FRIDGE: ReadonlySet<PlaceKind> = new Set(['counter', 'board', 'outside', 'table']);

type Standing = Pick<LedgerAct, 'place' | 'tempC'>;

/** On counter, board or table, or outside; a cold cellar or a porch in winter may be as good as a fridge. */
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

export const minutesOf = (act: LedgerAct): number => act.endMin - act.startMin;

/**
 * Minutes of a span in which what is cooked counts as no longer hot. A box keeps food hot for a while;
 * what nobody has reckoned counts half.
 */
export function lukewarmMin(span: LedgerSpan): number {
  const whole = span.growthMin >= minutesOfSpan(span) - 1;
  return span.place === 'box' && whole ? Math.round(span.growthMin / 2) : span.growthMin;
}

export const minutesOfSpan = ({ fromMin, toMin }: LedgerSpan): number => toMin - fromMin;

const OF_FLOUR = /^(?:flour|bread|cheese-board|dessert)/;

/** Bread and its kind cool and wait as they like. */
export function isMadeOfFlour(dish: LedgerDish, food: LedgerFood): boolean {
  return (
    food.animal === 'none' &&
    (OF_FLOUR.test(food.cut ?? '') ||
      dish.mixtures.some((one) => one.makesFood && one.on.includes(food.id)))
  );
}

/** Foods of a dish that were an animal. */
export function rawFoods(dish: LedgerDish): LedgerFood[] {
  return dish.foods.filter(({ animal }) => animal !== 'none');
}

/** Cooked, it does not keep at room heat: meat, fish, grains, pulses, potatoes and what eggs set. */
export function spoils(dish: LedgerDish): boolean {
  return dish.foods.some(
    ({ animal, grain, starchy, eggDish }) => animal !== 'none' || grain || starchy || eggDish,
  );
}
