import { HEATING_C_PER_MIN, COOLING_C_PER_MIN } from '../../figures/index.ts';
import {
  APPLIANCE_KINDS,
  hasOneHeat,
  isLimited,
  placeNamed,
  type ApplianceKind,
} from '../../places/index.ts';
import type { Kitchen, Place } from '../../meal/index.ts';
import type { TemperatureRange, Machine } from '../../solve/index.ts';
import type { Person } from './people.ts';

/**
 * The loads of a kitchen: things of which there is only so much at once. Hands are persons, a hob
 * has rings, an oven shelves, a fridge litres, a pot is one; an oven, a smoker or a grill has one
 * temperature at a time. Everything else in the planner is time alone.
 */
export interface Resource {
  readonly kind: ResourceKind;
  /** Names it for as long as the kitchen has it. */
  readonly key: string;
  readonly id: string;
  readonly name: string;
  /** Which side of a fire that has two. */
  readonly side?: 'direct' | 'indirect' | undefined;
  /** How much fits at once; a person and a pot are one. */
  readonly fits: number;
  readonly machine: Machine;
}

export type ResourceKind = 'hands' | 'vessel' | ApplianceKind;

/** The places that hold only so much. */
export const CAPACITY_PLACES = APPLIANCE_KINDS.filter(isLimited);
export type CapacityPlace = ApplianceKind;

/** Every load of a kitchen: its people, its appliances, its vessels. */
export function resourcesOf(kitchen: Kitchen, people: readonly Person[]): Resource[] {
  const all = [...handsOf(people), ...appliancesOf(kitchen), ...vesselsOf(kitchen)];
  return all.map((resource) => ({
    ...resource,
    key: `${resource.kind} ${resource.id} ${resource.side ?? ''}`.trim(),
  }));
}

type Unkeyed = Omit<Resource, 'key'>;

function handsOf(people: readonly Person[]): Unkeyed[] {
  return people.map(({ name, closed }) => ({
    kind: 'hands',
    id: name ?? '',
    name: name ?? '',
    fits: 1,
    machine: { fits: 1, closed },
  }));
}

function appliancesOf(kitchen: Kitchen): Unkeyed[] {
  return kitchen.appliances.flatMap((appliance): Unkeyed[] => {
    const { id, name, fits, fitsIndirect, upCPerMin, downCPerMin } = appliance;
    const kind = CAPACITY_PLACES.find((roomy) => roomy === appliance.kind);
    if (!kind) return [];
    const base = { kind, id, name };
    const heat = hasOneHeat(kind)
      ? { upPerMin: upCPerMin ?? HEATING_C_PER_MIN, downPerMin: downCPerMin ?? COOLING_C_PER_MIN }
      : undefined;
    if (placeNamed(kind).appliance?.twoSided && fitsIndirect !== undefined) {
      // Two sides of one fire: what lies on either is at the heat of that side.
      return [
        { ...base, side: 'direct', fits, machine: { fits, closed: [], heat } },
        {
          ...base,
          side: 'indirect',
          fits: fitsIndirect,
          machine: { fits: fitsIndirect, closed: [], heat },
        },
      ];
    }
    return [{ ...base, fits, machine: { fits, closed: [], heat } }];
  });
}

function vesselsOf(kitchen: Kitchen): Unkeyed[] {
  return kitchen.vessels.map(({ id, name }) => ({
    kind: 'vessel',
    id,
    name,
    fits: 1,
    machine: { fits: 1, closed: [] },
  }));
}

/** The temperatures a place may have: its own, or the range the dish accepts. */
export function temperatureRangeOf(place: Place): TemperatureRange | undefined {
  const at = place.tempC;
  if (at === undefined) return undefined;
  const slack = placeNamed(place.kind).appliance?.toleranceC ?? 0;
  return {
    lowC: Math.min(at, place.fromC ?? at) - slack,
    highC: Math.max(at, place.toC ?? at) + slack,
  };
}
