import type { Verb } from '../terms/index.ts';
import type { Conditions } from './conditions.ts';
import type { HeatEnvironment, PlaceDefinition, PlaceUse } from './definition.ts';
import { bandAt, restsIn, type HeatBand } from './heat-band.ts';
import { REGISTERED } from './registry.ts';

type Registered = (typeof REGISTERED)[number];
export type PlaceKind = Registered['kind'];
/** A way to use a place, as heat sees it. */
export type Cooker = Registered['environments'][number]['id'];
/** Where food is kept hot. */
export type HoldPlace = Extract<Registered['environments'][number], { holds: object }>['id'];
/** What a kitchen can own. */
export type ApplianceKind = Extract<Registered, { appliance: object }>['kind'];
export type Readying = ReadyingOf<Registered>;
type ReadyingOf<P> = P extends { readying: infer R } ? keyof R & string : never;

// One list read by its kinds, its cookers and its appliances: what each is named is its own text.
const places: readonly PlaceDefinition[] = REGISTERED;
const environments: readonly HeatEnvironment[] = places.flatMap((place) => place.environments);
const byKind = new Map(places.map((place) => [place.kind, place]));
const byId = new Map(environments.map((environment) => [environment.id, environment]));
const placeOfId = new Map(
  places.flatMap((place) => place.environments.map(({ id }) => [id, place] as const)),
);

export const PLACES = places.map(({ kind }) => kind) as [PlaceKind, ...PlaceKind[]];
/** What cooks first, then what only keeps, cools or thaws. */
export const COOKERS = [
  ...environments.filter(({ cooks: hot }) => hot),
  ...environments.filter(({ cooks: hot }) => !hot),
].map(({ id }) => id) as [Cooker, ...Cooker[]];
export const APPLIANCE_KINDS = places.flatMap(({ kind, appliance }) =>
  appliance ? [kind] : [],
) as [ApplianceKind, ...ApplianceKind[]];
const readyings = new Map(places.flatMap(({ readying = {} }) => Object.entries(readying)));
export const READYING = [...readyings.keys()] as [Readying, ...Readying[]];

/** Where food is kept hot after the fire. */
export const HOLD_PLACES = environments
  .filter(({ holds }) => holds)
  .map(({ id }) => id) as HoldPlace[];

/** What is known of a place. */
export function placeNamed(kind: PlaceKind): PlaceDefinition {
  return found(byKind, kind);
}

/** What is known of a cooker. */
export function environmentNamed(cooker: Cooker): HeatEnvironment {
  return found(byId, cooker);
}

function found<T>(map: ReadonlyMap<string, T>, name: string): T {
  const one = map.get(name);
  if (!one) throw new RangeError(`“${name}” is in no registry`);
  return one;
}

/** Where a cooker belongs, and where it stands in a kitchen that does not count it. */
export function placeOfCooker(cooker: Cooker): { own: PlaceKind; stands: PlaceKind } {
  const place = found(placeOfId, cooker);
  const own = place.kind as PlaceKind;
  return { own, stands: place.standsOn ?? own };
}

/** The cooker a step in a place means; undefined where heat reckons with none. */
export function cookerIn(kind: PlaceKind, use: PlaceUse): Cooker | undefined {
  return placeNamed(kind).environmentOf(use) as Cooker | undefined;
}

/** Food cooks in it, and does not only rest, cool or wait. */
export function cooks(cooker: Cooker): boolean {
  return environmentNamed(cooker).cooks === true;
}

/** Food is over or in a fire there. */
export function isFirePlace(kind: PlaceKind): boolean {
  return placeNamed(kind).fire;
}

/** One temperature at a time. */
export function hasOneHeat(kind: PlaceKind): boolean {
  return placeNamed(kind).appliance?.oneHeat === true;
}

/** Only so much fits in it, and the plan counts it. */
export function isLimited(kind: PlaceKind): kind is ApplianceKind {
  return placeNamed(kind).appliance?.limited === true;
}

/** What a cooker is at when nobody sets it, °C. */
export function usualC(cooker: Cooker, { roomC, outdoorC }: Conditions): number {
  const { usualC: usual } = environmentNamed(cooker);
  if (usual === 'room') return roomC;
  return usual === 'outdoor' ? outdoorC : usual;
}

/** Minutes until a fire or an oven is ready, least and most. */
export function readyingRange(what: Readying): readonly [number, number] {
  return found(readyings, what);
}

/** The colour of a step's place: by its heat where one is set. */
export function bandOf(
  place: { readonly kind: PlaceKind; readonly tempC?: number | undefined },
  verb: Verb,
): HeatBand {
  if (restsIn(verb)) return 'rest';
  return place.tempC === undefined ? placeNamed(place.kind).band : bandAt(place.tempC);
}

/** The colour of a cooker, on the same scale. */
export function bandOfCooker(cooker: Cooker, tempC: number | undefined): HeatBand {
  const { band, usualC: usual } = environmentNamed(cooker);
  if (band) return band;
  return bandAt(tempC ?? (typeof usual === 'number' ? usual : 20));
}

/** How recipes name places, what is particular first. */
export const PLACE_NAMES: ReadonlyArray<readonly [PlaceKind, RegExp]> = places
  .flatMap(({ kind, namedBy }) => (namedBy ? [{ kind: kind as PlaceKind, ...namedBy }] : []))
  .sort((a, b) => a.order - b.order)
  .map(({ kind, pattern }) => [kind, pattern]);

type PlaceWord = `place.${PlaceKind}` | `cooker.${Cooker}` | `hold.${HoldPlace}`;

/** The words of the registry, as the catalogues take them in. */
export const placeWords = {
  en: Object.fromEntries([
    ...places.map(({ kind, words }) => [`place.${kind}`, words.en.name]),
    ...environments.map(({ id, words }) => [`cooker.${id}`, words.en]),
    ...environments.flatMap(({ id, holds }) => (holds ? [[`hold.${id}`, holds.en]] : [])),
  ]) as Readonly<Record<PlaceWord, string>>,
};
