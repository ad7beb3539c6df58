/**
 * The general layer of the planner: moments, least gaps, costs, and machines of which there is
 * only so much. It knows nothing of meals; times are whole minutes from an origin, node 0.
 */
export interface SchedulingProblem {
  /** How many moments there are, the origin among them. */
  readonly size: number;
  /** `t[to] − t[from] ≥ lag`, in every solution. */
  readonly arcs: readonly TimeLag[];
  /** `weight` for each minute that `t[to] − t[from]` is short of `lag`. */
  readonly softConstraints: readonly SoftConstraint[];
  readonly machines: readonly Machine[];
  readonly alternatives: readonly MachineAlternatives[];
  readonly demands: readonly ResourceDemand[];
}

/** Which machines may serve, the preferred first. All uses with this pick are on the same one. */
export interface MachineAlternatives {
  readonly machines: readonly number[];
  /** What each costs. */
  readonly prices: readonly number[];
}

export interface TimeLag {
  readonly from: number;
  readonly to: number;
  readonly lag: number;
}

export interface SoftConstraint extends TimeLag {
  readonly weight: number;
}

/** Something of which there is only so much at once: a pair of hands, an oven, a pot, a fridge. */
export interface Machine {
  readonly fits: number;
  /** When it is not to be had, in order of time and apart. */
  readonly closed: readonly Interval[];
  /** How fast it climbs and falls, where it has one temperature at a time. */
  readonly heat?: { readonly upPerMin: number; readonly downPerMin: number } | undefined;
}

export interface Interval {
  readonly startMin: number;
  readonly endMin: number;
}

/** A demand for one of several machines, from a moment until so long after another. */
export interface ResourceDemand {
  /** Uses of one group never stand in each other's way. */
  readonly group: number;
  /** What is taken apart together when a plan is improved: a dish. */
  readonly family: number;
  readonly from: number;
  readonly to: number;
  readonly toLag: number;
  /** 0 holds the temperature, or wants someone to be there, and takes no room. */
  readonly amount: number;
  /** Index of its pick of machines. */
  readonly alternative: number;
  readonly heat?: TemperatureRange | undefined;
  /** It brings the machine to its heat itself. */
  readonly heatsUp: boolean;
  /** Groups it comes right after: what is inside stays inside while the heat changes. */
  readonly follows: readonly number[];
  /** Nothing moves it any more; two such do not conflict. */
  readonly past: boolean;
}

/** The temperatures that are taken, °C. */
export interface TemperatureRange {
  readonly lowC: number;
  readonly highC: number;
}

/** Whether two heats can be had at once: their ranges meet. */
export function rangesOverlap(
  a: TemperatureRange | undefined,
  b: TemperatureRange | undefined,
): boolean {
  return !a || !b || (a.lowC <= b.highC && b.lowC <= a.highC);
}

/**
 * Minutes from one heat to the next; none where the next use heats up itself, or goes on with
 * what is inside.
 */
export function setupMinutes(
  first: ResourceDemand,
  second: ResourceDemand,
  machine: Machine,
): number {
  if (!machine.heat || !first.heat || !second.heat || rangesOverlap(first.heat, second.heat))
    return 0;
  if (second.follows.includes(first.group)) return 0;
  const up = second.heat.lowC - first.heat.highC;
  if (up > 0) return second.heatsUp ? 0 : Math.ceil(up / machine.heat.upPerMin);
  return Math.ceil((first.heat.lowC - second.heat.highC) / machine.heat.downPerMin);
}
