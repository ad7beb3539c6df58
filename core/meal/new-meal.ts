import { placeNamed, type ApplianceKind } from '../places/index.ts';
import { MEASURES } from '../quantity/index.ts';
import type { Kitchen, Meal } from './schema.ts';
import { DOCUMENTS, newestVersion } from './versions.ts';

/** An appliance as most are. */
export function usualAppliance(kind: ApplianceKind, name: string): Kitchen['appliances'][number] {
  return {
    id: kind,
    kind,
    name,
    fits: placeNamed(kind).appliance?.usualFits ?? 1,
  };
}

/** The kitchen a new meal starts with: four rings, one oven, a fridge; asleep 23 to 7. */
export function plainKitchen(name: string): Kitchen {
  return {
    name,
    altitudeM: 0,
    units: 'metric',
    spoons: 'metric',
    clock: '24h',
    hours: [{ kind: 'asleep', from: '23:00', to: '07:00', days: [1, 2, 3, 4, 5, 6, 7] }],
    appliances: [usualAppliance('oven', 'Oven'), usualAppliance('hob', 'Hob')],
    vessels: [],
    measures: [...MEASURES],
  };
}

/**
 * The kitchen of one meal as another begins in it: what was of one date only, a short night or a
 * helper, is left behind once that date is over.
 *
 * @param today "2026-11-28"
 */
export function kitchenFrom(kitchen: Kitchen, today: string): Kitchen {
  const isToCome = ({ on = today }: { readonly on?: string | undefined }) => on >= today;
  const { hours, helpers } = kitchen;
  return {
    ...kitchen,
    hours: hours.filter(isToCome),
    ...(helpers && { helpers: helpers.filter(isToCome) }),
  };
}

/** A meal with nobody's dish on it yet, for four. */
export function emptyMeal(
  id: string,
  title: string,
  at: string,
  zone: string,
  kitchen: string,
): Meal {
  return {
    zemrin: 'meal',
    version: newestVersion(DOCUMENTS.meal),
    id,
    title,
    serving: { at, zone },
    eaters: [{ count: 4, who: 'adult', portion: 1, avoids: [] }],
    kitchen: plainKitchen(kitchen),
    dishes: [],
  };
}
