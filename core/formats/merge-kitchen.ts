import { freshId, type Kitchen } from '../meal/index.ts';

/** What an incoming kitchen has that this one has not, and the other way round. */
export interface KitchenChange {
  readonly of: 'appliances' | 'vessels' | 'hours' | 'helpers' | 'settings';
  /** Names that come in. */
  readonly added: readonly string[];
  /** Names only this one has: a replacing loses them. */
  readonly onlyHere: readonly string[];
  /** The same name, and not the same thing. Of settings, which field. */
  readonly differs: readonly string[];
}

type Named = { readonly id?: string; readonly name: string };

/** What taking a kitchen in would change, kind by kind; kinds without a change are left out. */
export function kitchenChanges(here: Kitchen, incoming: Kitchen): KitchenChange[] {
  const all: KitchenChange[] = [
    changeOf('appliances', here.appliances, incoming.appliances),
    changeOf('vessels', here.vessels, incoming.vessels),
    hoursChange(here.hours, incoming.hours),
    changeOf('helpers', here.helpers ?? [], incoming.helpers ?? []),
    settingsChange(here, incoming),
  ];
  return all.filter(
    ({ added, onlyHere, differs }) => added.length + onlyHere.length + differs.length > 0,
  );
}

type Hours = Kitchen['hours'];

/** Hours have no name of their own: the same times on other days are other hours. */
function without(hours: Hours, others: Hours): Hours {
  const there = new Set(others.map((one) => JSON.stringify(one)));
  return hours.filter((one) => !there.has(JSON.stringify(one)));
}

function hoursChange(here: Hours, incoming: Hours): KitchenChange {
  const names = (hours: Hours) =>
    hours.map(({ what, kind, from, to }) => `${what ?? kind} ${from}–${to}`);
  const [added, onlyHere] = [without(incoming, here), without(here, incoming)];
  return { of: 'hours', added: names(added), onlyHere: names(onlyHere), differs: [] };
}

/** What is set once for the whole kitchen. */
export const KITCHEN_SETTINGS = [
  'altitudeM',
  'roomC',
  'outdoorC',
  'windMPerS',
  'units',
  'spoons',
  'clock',
  'measures',
  'schools',
] as const satisfies ReadonlyArray<keyof Kitchen>;

function settingsChange(here: Kitchen, incoming: Kitchen): KitchenChange {
  const differs = KITCHEN_SETTINGS.filter(
    (field) => JSON.stringify(here[field]) !== JSON.stringify(incoming[field]),
  );
  return { of: 'settings', added: [], onlyHere: [], differs };
}

function changeOf(
  of: KitchenChange['of'],
  here: readonly Named[],
  incoming: readonly Named[],
): KitchenChange {
  const at = (items: readonly Named[], name: string) => items.find((one) => one.name === name);
  const bare = ({ id: _id, ...rest }: Named) => JSON.stringify(rest);
  return {
    of,
    added: incoming.filter(({ name }) => !at(here, name)).map(({ name }) => name),
    onlyHere: here.filter(({ name }) => !at(incoming, name)).map(({ name }) => name),
    differs: incoming.flatMap((one) => {
      const there = at(here, one.name);
      return there && bare(there) !== bare(one) ? [one.name] : [];
    }),
  };
}

/**
 * A kitchen taken in. `replace`: it is the kitchen from now on. `keepBoth`: this one stays as it
 * is, with the appliances, vessels and helpers of the other it has
 * none of that name of, and the hours it has not.
 */
export function mergedKitchen(
  here: Kitchen,
  incoming: Kitchen,
  how: 'replace' | 'keepBoth',
): Kitchen {
  if (how === 'replace') return incoming;
  const helpers = withNew(here.helpers ?? [], incoming.helpers ?? []);
  return {
    ...here,
    appliances: withNew(here.appliances, incoming.appliances),
    vessels: withNew(here.vessels, incoming.vessels),
    hours: [...here.hours, ...without(incoming.hours, here.hours)],
    ...(helpers.length > 0 && { helpers }),
  };
}

function withNew<T extends { readonly id: string; readonly name: string }>(
  here: readonly T[],
  incoming: readonly T[],
): T[] {
  const names = new Set(here.map(({ name }) => name));
  const ids = new Set(here.map(({ id }) => id));
  const added = incoming
    .filter(({ name }) => !names.has(name))
    .map((one) => {
      const id = freshId(one.id, ids);
      ids.add(id);
      return { ...one, id };
    });
  return [...here, ...added];
}
