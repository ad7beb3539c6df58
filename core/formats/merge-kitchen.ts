import { freshId, type Kitchen } from '../meal/index.ts';

/** What an incoming kitchen has that this one has not, and the other way round. */
export interface KitchenChange {
  readonly of: 'appliances' | 'vessels' | 'hours' | 'helpers';
  /** Names that come in. */
  readonly added: readonly string[];
  /** Names only this one has: a replacing loses them. */
  readonly onlyHere: readonly string[];
  /** The same name, and not the same thing. */
  readonly differs: readonly string[];
}

type Named = { readonly id?: string; readonly name: string };

/** What taking a kitchen in would change, kind by kind; kinds without a change are left out. */
export function kitchenChanges(here: Kitchen, incoming: Kitchen): KitchenChange[] {
  const all: KitchenChange[] = [
    changeOf('appliances', here.appliances, incoming.appliances),
    changeOf('vessels', here.vessels, incoming.vessels),
    changeOf('hours', here.hours.map(named), incoming.hours.map(named)),
    changeOf('helpers', here.helpers ?? [], incoming.helpers ?? []),
  ];
  return all.filter(
    ({ added, onlyHere, differs }) => added.length + onlyHere.length + differs.length > 0,
  );
}

function named(hours: Kitchen['hours'][number]): Named {
  return { name: `${hours.what ?? hours.kind} ${hours.from}–${hours.to}` };
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
 * is, with the appliances, vessels, hours and helpers of the other it has none of that name of.
 */
export function mergedKitchen(
  here: Kitchen,
  incoming: Kitchen,
  how: 'replace' | 'keepBoth',
): Kitchen {
  if (how === 'replace') return incoming;
  const helpers = withNew(here.helpers ?? [], incoming.helpers ?? []);
  const names = new Set(here.hours.map((one) => named(one).name));
  return {
    ...here,
    appliances: withNew(here.appliances, incoming.appliances),
    vessels: withNew(here.vessels, incoming.vessels),
    hours: [...here.hours, ...incoming.hours.filter((one) => !names.has(named(one).name))],
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
