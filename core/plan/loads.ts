import type { Kitchen, Place } from '../meal/index.ts';
import { stretchesOf } from '../time/index.ts';
import type { MealNetwork } from './build.ts';
import type { ExpandedStep } from './expand.ts';

/**
 * The loads of a kitchen: things of which there is only so much at once. Hands come in persons,
 * a hob in rings, an oven in shelves, and an oven, a smoker or a grill has one temperature at a
 * time. Everything else in the planner is time alone.
 */
export interface Load {
  readonly kind: LoadKind;
  readonly uses: readonly Use[];
  /** How many fit at a moment. */
  readonly capacityAt: (min: number) => number;
  /** Moments at which that changes. */
  readonly changes: readonly number[];
}

export type LoadKind = 'hands' | 'oven' | 'hob' | 'smoker' | 'grill';

/** One step's, or one piece of work's, claim on a load, between two moments of the network. */
export interface Use {
  readonly step: number;
  readonly from: number;
  readonly to: number;
  /** The claim ends so long after `to`. */
  readonly toLag: number;
  /** 0 holds the temperature and no shelf. */
  readonly amount: number;
  /** The temperatures it takes. */
  readonly heat?: Heat | undefined;
  /** It brings the oven to its heat itself. */
  readonly heatsUp: boolean;
  /** The steps it comes right after: the food stays in while the heat changes. */
  readonly follows: readonly number[];
  /** Begun: nothing moves it any more. */
  readonly past: boolean;
}

export interface Heat {
  readonly lowC: number;
  readonly highC: number;
}

/** An oven climbs and falls so fast, °C a minute. Common practice, no source. */
const UP_C_PER_MIN = 8;
const DOWN_C_PER_MIN = 4;

const HEATED: ReadonlySet<string> = new Set(['oven', 'smoker', 'grill']);
const PLACES = ['oven', 'hob', 'smoker', 'grill'] as const;
const HEATS_UP: ReadonlySet<string> = new Set(['preheat', 'light']);

/** The loads of a meal in a kitchen. What a kitchen has none of is no load: it is told as missing. */
export function loadsOf(built: MealNetwork, kitchen: Kitchen, zone: string): Load[] {
  const places = PLACES.flatMap((kind): Load[] => {
    const fits = roomOf(kitchen, kind);
    const uses = fits === 0 ? [] : placeUses(built, kind);
    return uses.length < 2 ? [] : [{ kind, uses, capacityAt: () => fits, changes: [] }];
  });
  return [handsLoad(built, kitchen, zone), ...places];
}

/** How many fit in or on all appliances of a kind. */
export function roomOf(kitchen: Kitchen, kind: LoadKind): number {
  return kitchen.appliances
    .filter((appliance) => appliance.kind === kind)
    .reduce((sum, appliance) => sum + appliance.fits, 0);
}

function handsLoad(built: MealNetwork, kitchen: Kitchen, zone: string): Load {
  const { network } = built;
  const serving = network.lower[built.serving] ?? 0;
  const from = Math.min(...network.lower, serving);
  const there = (kitchen.helpers ?? []).flatMap((helper) =>
    stretchesOf(helper, zone, from, serving + 1),
  );
  return {
    kind: 'hands',
    uses: built.hands.map(({ step, node, hands }) => ({
      step,
      from: node,
      to: node,
      toLag: hands.minutes,
      amount: 1,
      heatsUp: false,
      follows: [],
      past: built.steps[step]?.past ?? false,
    })),
    capacityAt: (min) =>
      1 + there.filter(({ startMin, endMin }) => startMin <= min && min < endMin).length,
    changes: there.map(({ endMin }) => endMin),
  };
}

function placeUses(built: MealNetwork, kind: LoadKind): Use[] {
  const { steps, startOf, endOf } = built;
  return steps
    .filter((step) => step.place.kind === kind && step.span.mostMin > 0)
    .map((step) => {
      const heatsUp = HEATS_UP.has(step.step.verb);
      // A hot oven stays hot for what it was heated for.
      const awaited = heatsUp ? followerIn(step, steps, kind) : undefined;
      const to = awaited ? startOf[awaited.index] : endOf[step.index];
      return {
        step: step.index,
        from: startOf[step.index] ?? 0,
        to: to ?? 0,
        toLag: 0,
        amount: heatsUp ? 0 : 1,
        heat: HEATED.has(kind) ? heatOf(step.place) : undefined,
        heatsUp,
        follows: step.step.after.map((gap) => steps.findIndex((s) => s.step.id === gap.step)),
        past: step.past,
      };
    });
}

function followerIn(
  step: ExpandedStep,
  steps: readonly ExpandedStep[],
  kind: LoadKind,
): ExpandedStep | undefined {
  return steps.find(
    (other) =>
      other.place.kind === kind && other.step.after.some((gap) => gap.step === step.step.id),
  );
}

/** The temperatures a place may have: its own, or the range the dish accepts. */
export function heatOf(place: Place): Heat | undefined {
  const at = place.tempC;
  if (at === undefined) return undefined;
  return { lowC: Math.min(at, place.fromC ?? at), highC: Math.max(at, place.toC ?? at) };
}

/** Whether two heats can be had at once: their ranges meet. */
export function agree(a: Heat | undefined, b: Heat | undefined): boolean {
  return !a || !b || (a.lowC <= b.highC && b.lowC <= a.highC);
}

/**
 * Minutes from one heat to the next; none where the next step heats up itself, or goes on with
 * the same food.
 */
export function changeMin(first: Use, second: Use): number {
  if (!first.heat || !second.heat || agree(first.heat, second.heat)) return 0;
  if (second.follows.includes(first.step)) return 0;
  const up = second.heat.lowC - first.heat.highC;
  if (up > 0) return second.heatsUp ? 0 : Math.ceil(up / UP_C_PER_MIN);
  return Math.ceil((first.heat.lowC - second.heat.highC) / DOWN_C_PER_MIN);
}

/** Uses of one load that cannot be together, and when they would be. */
export interface Conflict {
  readonly load: Load;
  /** Any two of them in order make it smaller. */
  readonly uses: readonly Use[];
  /** All that are there at that moment. */
  readonly there: readonly Use[];
  readonly atMin: number;
  readonly endMin: number;
}

/** Every conflict of times with loads, the latest first. Uses of one step never conflict. */
export function conflictsIn(loads: readonly Load[], at: readonly number[]): Conflict[] {
  const found = loads.flatMap((load) => conflictsOf(load, at).flatMap((source) => [...source]));
  return found.sort((a, b) => b.atMin - a.atMin);
}

/** The latest conflict that is wanted; the search asks for it again and again. */
export function latestConflict(
  loads: readonly Load[],
  at: readonly number[],
  wanted: (conflict: Conflict) => boolean,
): Conflict | undefined {
  let latest: Conflict | undefined;
  for (const source of loads.flatMap((load) => conflictsOf(load, at))) {
    for (const conflict of source) {
      if (latest && conflict.atMin <= latest.atMin) break;
      if (!wanted(conflict)) continue;
      latest = conflict;
      break;
    }
  }
  return latest;
}

interface Placed {
  readonly use: Use;
  readonly startMin: number;
  readonly endMin: number;
}

/** The conflicts of one load: of heat and of room, each the latest first. */
function conflictsOf(load: Load, at: readonly number[]): Generator<Conflict>[] {
  const placed: Placed[] = [];
  for (const use of load.uses) {
    const startMin = at[use.from] ?? 0;
    const endMin = (at[use.to] ?? 0) + use.toLag;
    if (endMin > startMin) placed.push({ use, startMin, endMin });
  }
  placed.sort((a, b) => b.startMin - a.startMin || b.use.step - a.use.step);
  const room = roomConflicts(load, placed);
  return HEATED.has(load.kind) ? [heatConflicts(load, placed), room] : [room];
}

/** @param placed the latest first */
function* heatConflicts(load: Load, placed: readonly Placed[]): Generator<Conflict> {
  for (const [j, b] of placed.entries()) {
    for (let i = j + 1; i < placed.length; i++) {
      const a = placed[i];
      if (!a || a.use.step === b.use.step || agree(a.use.heat, b.use.heat)) continue;
      if (a.use.past && b.use.past) continue;
      const clear = a.endMin + changeMin(a.use, b.use);
      if (clear <= b.startMin) continue;
      const uses = [a.use, b.use];
      const endMin = Math.min(clear, b.endMin);
      yield { load, uses, there: uses, atMin: b.startMin, endMin };
    }
  }
}

/** @param placed the latest first */
function* roomConflicts(load: Load, placed: readonly Placed[]): Generator<Conflict> {
  const moments = [...new Set([...placed.map((p) => p.startMin), ...load.changes])];
  if (load.changes.length > 0) moments.sort((a, b) => b - a);
  for (const min of moments) {
    const there: Placed[] = [];
    for (let i = placed.length - 1; i >= 0; i--) {
      const p = placed[i];
      if (p && p.use.amount > 0 && p.startMin <= min && min < p.endMin) there.push(p);
    }
    const fits = load.capacityAt(min);
    if (there.length <= fits) continue;
    // A step's own pieces are one person's.
    if (new Set(there.map(({ use }) => use.step)).size <= fits) continue;
    const all = there.map(({ use }) => use);
    // The last to begin are the ones to be moved.
    const uses = all.slice(-(fits + 1));
    if (uses.every((use) => use.past)) continue;
    const endMin = Math.min(...there.map((p) => p.endMin));
    yield { load, uses, there: all, atMin: min, endMin };
  }
}
