import type { Verb } from '../terms/index.ts';
import type { BoundaryConditions } from './boundary.ts';
import type { Coefficient } from './coefficient.ts';
import type { Coefficients, Conditions } from './conditions.ts';
import type { HeatBand } from './heat-band.ts';

/** What its times rest on: coefficients fitted to printed charts, or a handbook's usual ones. */
export type ForecastBasis = 'fitted' | 'handbook';

/** Where a helper can be of use: at the board, at the hob, at the oven, at the fire outside. */
export const WORKPLACES = ['board', 'hob', 'oven', 'fire'] as const;
export type Workplace = (typeof WORKPLACES)[number];

/** Cautions of what is cooked in: the catalogue has a sentence for each. */
export type CookerCaution = 'pressure' | 'slowCooker' | 'deepFat';

/** Moist air and boiling where the cook stands: reckoned by heat, so that a place is only told. */
export interface MoistAir {
  readonly boilingC: number;
  /** Where water boils under so much more than the air's own pressure, Pa. */
  readonly boilingCUnder: (overPa: number) => number;
  /** Pressure of the vapour in air, Pa. */
  readonly vapourPa: (airC: number, relativeHumidity: number) => number;
}

/** What surrounds a food in one way to use a place: a cooker, as a cook file names it. */
export interface HeatEnvironment {
  readonly id: string;
  readonly words: { readonly en: string };
  /** What it is at when nobody sets it: °C, or the room's or the outdoor air's own. */
  readonly usualC: number | 'room' | 'outdoor';
  /** Heats one may set, °C. Left out where it is what it is. */
  readonly heats?: readonly [number, number];
  /** Food cooks in it. Left out, it only rests, cools, thaws, waits or is kept warm. */
  readonly cooks?: true;
  readonly basis: ForecastBasis;
  /** How far off what it says one such cooker in three is, °C. Kitchen convention. */
  readonly offsetSdC: number;
  /**
   * What a food meets in it.
   *
   * @param airC what it is set to, °C
   */
  readonly boundary: (
    airC: number,
    conditions: Conditions,
    coefficients: Coefficients,
    moistAir: MoistAir,
  ) => BoundaryConditions;
  /** Every number of its boundary condition, by name; a registered one names them all. */
  readonly coefficients?: Readonly<Record<string, Coefficient>>;
  /** What is done in it, where nothing else is said. */
  readonly verb: Verb;
  /** The side of a fire with two. */
  readonly zone?: 'direct' | 'indirect';
  /** The step's own verb and place say that it is this. */
  readonly saidByPlace?: true;
  /** The colour of what is neither hot nor cold by its degrees: rest, the counter. */
  readonly band?: HeatBand;
  /** Food is kept hot in it after the fire: as one says where. */
  readonly holds?: { readonly en: string };
  /** Food lies on it, and is turned. */
  readonly twoSided?: true;
  /** A joint is wrapped in it half-way. */
  readonly wraps?: true;
  readonly caution?: CookerCaution;
}

/** An appliance a kitchen can own. */
export interface ApplianceDefinition {
  /** What is counted in it, and how much of that a usual one has. */
  readonly holds: 'shelves' | 'rings' | 'litres' | 'pieces' | 'pots';
  readonly usualFits: number;
  /** The plan counts what is in it. */
  readonly limited: boolean;
  /** It has one temperature at a time, and climbs and falls. */
  readonly oneHeat: boolean;
  /** Heats so far apart are one to it, °C: coals are no thermostat. */
  readonly toleranceC?: number;
  /** Every kitchen has one; a step in it asks for none. */
  readonly assumed?: true;
  /** A pot where it stands does as well, in a kitchen that has none. */
  readonly potDoes?: true;
  /** May have a cool side. */
  readonly twoSided?: true;
  /** As it is drawn: on the floor by a drawing of its own, or on the counter, width and height. */
  readonly drawn?: { readonly width: number; readonly height: number };
}

/** What a step's own words say of the environment in its place. */
export interface PlaceUse {
  readonly verb: Verb;
  readonly tempC?: number | undefined;
  readonly zone?: 'direct' | 'indirect' | undefined;
  /** The oven it is in blows. */
  readonly fan: boolean;
}

/** A place where steps happen. */
export interface PlaceDefinition {
  readonly kind: string;
  readonly words: {
    readonly en: {
      readonly name: string;
      /** One of what it holds, where that is what one waits for: a ring of a hob. */
      readonly one?: string;
    };
  };
  /** How recipes name it, English and Spanish; the lower order is looked for first. */
  readonly namedBy?: { readonly order: number; readonly pattern: RegExp };
  readonly room: 'inside' | 'outside';
  readonly workplace: Workplace;
  /** Its colour where no heat is set. */
  readonly band: HeatBand;
  /** Food is on heat in it: it does not end while everyone sleeps. */
  readonly fire: boolean;
  /** It burns coals or wood. */
  readonly coals?: true;
  readonly appliance?: ApplianceDefinition;
  /** Where it stands in a kitchen that does not count it among its appliances. */
  readonly standsOn?: 'counter' | 'hob';
  readonly environments: readonly HeatEnvironment[];
  /** Which of all environments a step in it means; undefined where heat reckons with none. */
  readonly environmentOf: (use: PlaceUse) => string | undefined;
  /** Ways to get it ready: minutes, least and most. Kitchen and barbecue practice, from memory, confidence 0.65. */
  readonly readying?: Readonly<Record<string, readonly [number, number]>>;
}

/** A place, with its names kept as they are written. */
export function definePlace<const P extends PlaceDefinition>(place: P): P {
  return place;
}
