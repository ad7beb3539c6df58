import { WASH_POT_MIN, FRIDGE_ROOM_TIMES } from '../../figures/index.ts';
import { hasOneHeat, placeNamed } from '../../places/index.ts';
import { foodOf, settleFood, type Meal, type Place, type Step } from '../../meal/index.ts';
import type { MachineAlternatives, ResourceDemand } from '../../solve/index.ts';
import type { MealNetwork } from '../network/meal-network.ts';
import type { ExpandedStep } from '../network/expanded-steps.ts';
import {
  temperatureRangeOf,
  CAPACITY_PLACES,
  type Resource,
  type CapacityPlace,
} from './resources.ts';
import { mayWorkAt, workplaceOf, type Person } from './people.ts';

/** What the steps of a meal want of the loads, and which load may serve which. */
export interface MealDemands {
  readonly demands: readonly ResourceDemand[];
  /** Names each use for as long as its step has it. */
  readonly keys: readonly string[];
  readonly alternatives: readonly MachineAlternatives[];
  /** By step: the demand for the vessel it is in, which may have begun with an earlier step. */
  readonly vesselDemand: ReadonlyMap<number, number>;
  /** Steps that want what this kitchen has none of. */
  readonly missing: readonly MissingResource[];
}

export interface MissingResource {
  readonly step: number;
  readonly want: CapacityPlace | 'vessel';
  readonly what: string;
}

/** Heating up, which holds the heat and takes no shelf. */
export const HEATS_UP: ReadonlySet<string> = new Set(['preheat', 'light']);

/** A helper is asked only when it spares more than so many minutes of earliness. */
const HELPER_PRICE = 4;
/** A second oven is lit only when it spares so much. */
const SECOND_PRICE = 15;
/** A larger pot than needed: the smallest that does is taken first. */
const LARGER_PRICE = 1;

/** All demands of a meal, the hands first and in the network's order. Moments are the network's, one higher: 0 is the origin. */
export function mealDemandsOf(
  built: MealNetwork,
  meal: Meal,
  resources: readonly Resource[],
  people: readonly Person[],
): MealDemands {
  const mealDemands = new DemandList(built, meal, resources, people);
  mealDemands.hands();
  for (const kind of CAPACITY_PLACES) mealDemands.places(kind);
  mealDemands.vessels();
  return mealDemands;
}

class DemandList implements MealDemands {
  readonly demands: ResourceDemand[] = [];
  readonly keys: string[] = [];
  readonly alternatives: MachineAlternatives[] = [];
  readonly missing: MissingResource[] = [];
  readonly vesselDemand = new Map<number, number>();
  private readonly familyOf: ReadonlyMap<string, number>;

  constructor(
    private readonly built: MealNetwork,
    private readonly meal: Meal,
    private readonly resources: readonly Resource[],
    private readonly people: readonly Person[],
  ) {
    this.familyOf = new Map(meal.dishes.map((dish, index) => [dish.id, index]));
  }

  /** Every piece of hands-on work, by the cook or by whoever may do it; and every call. */
  hands(): void {
    for (const { step: index, node, hands } of this.built.hands) {
      const step = this.stepAt(index);
      const may = this.people.flatMap((person, machine) =>
        mayWorkAt(person, workplaceOf(step.place)) ? [machine] : [],
      );
      const alternative = this.addAlternative(
        may,
        may.map((machine) => (machine === 0 ? 0 : HELPER_PRICE)),
      );
      this.addDemand(step, { from: node, to: node, toLag: hands.minutes, amount: 1, alternative });
    }
    for (const { step: index, node } of this.built.attendances) {
      const alternative = this.addAlternative([0], [0]);
      this.addDemand(this.stepAt(index), {
        from: node,
        to: node,
        toLag: 1,
        amount: 0,
        alternative,
      });
    }
  }

  /** Shelves, rings, the smoker, the fridge. */
  places(kind: CapacityPlace): void {
    const { steps, startOf, endOf } = this.built;
    const picks = new Map<number, number>();
    for (const step of steps) {
      const keepWarm = step.step.time.kind === 'batches' ? step.step.time.keepWarm : undefined;
      if (keepWarm?.kind === kind) this.keepWarm(step, keepWarm, kind);
      if (step.place.kind !== kind || step.duration.mostMin <= 0) continue;
      const may = this.servedBy(step.place, kind);
      if (may.length === 0) {
        if (!placeNamed(kind).appliance?.assumed) {
          this.missing.push({ step: step.index, want: kind, what: kind });
        }
        continue;
      }
      const heatsUp = HEATS_UP.has(step.step.verb);
      // A hot oven stays hot for what it was heated for, and both are the same oven.
      const awaited = heatsUp ? followerIn(step, steps, kind) : undefined;
      const before = steps.find((other) => picks.has(other.index) && sharesOven(other, step, kind));
      const alternative =
        picks.get(before?.index ?? -1) ?? this.addAlternative(may, this.secondPrices(may));
      picks.set(step.index, alternative);
      this.addDemand(step, {
        from: startOf[step.index] ?? 0,
        to: (awaited ? startOf[awaited.index] : endOf[step.index]) ?? 0,
        toLag: 0,
        amount: heatsUp ? 0 : this.roomOf(step, kind),
        alternative,
        heat: temperatureRangeOf(step.place),
        heatsUp,
      });
    }
  }

  private keepWarm(step: ExpandedStep, place: Place, kind: CapacityPlace): void {
    const may = this.servedBy(place, kind);
    if (may.length === 0) return;
    this.addDemand(step, {
      from: this.built.startOf[step.index] ?? 0,
      to: this.built.endOf[step.index] ?? 0,
      toLag: 0,
      amount: 1,
      alternative: this.addAlternative(may, this.secondPrices(may)),
      heat: temperatureRangeOf(place),
    });
  }

  /** Pots, pans and tubs: one over all steps that share it, and its washing. */
  vessels(): void {
    const shared = new Map<string, ExpandedStep[]>();
    for (const step of this.built.steps) {
      const wants = this.vesselOf(step);
      if (!wants || step.duration.mostMin <= 0) continue;
      const key = wants.name === undefined ? step.step.id : `${step.dish.id}/${wants.name}`;
      shared.set(key, [...(shared.get(key) ?? []), step]);
    }
    for (const steps of shared.values()) this.vessel(steps);
  }

  private vessel(steps: readonly ExpandedStep[]): void {
    const [first] = steps;
    const last = steps.at(-1);
    const wants = first && this.vesselOf(first);
    if (!first || !last || !wants) return;
    const leastMl = Math.max(...steps.map((step) => this.vesselOf(step)?.leastMl ?? 0));
    const { kitchen } = this.meal;
    const fit = kitchen.vessels
      .filter(({ id, kind, capacityMl }) =>
        wants.one !== undefined
          ? id === wants.one
          : (wants.kind === undefined || kind === wants.kind) && capacityMl >= leastMl,
      )
      .sort((a, b) => a.capacityMl - b.capacityMl);
    if (fit.length === 0) {
      const what = wants.kind ?? wants.name ?? '';
      // A kitchen that lists no vessel has not been asked yet: nobody cooks without pots.
      const asked = this.meal.kitchen.vessels.length > 0;
      if (asked && wants.one === undefined) {
        this.missing.push({ step: first.index, want: 'vessel', what });
      }
      return;
    }
    const may = fit.map(({ id }) =>
      this.resources.findIndex((resource) => resource.kind === 'vessel' && resource.id === id),
    );
    this.addDemand(first, {
      from: this.built.startOf[first.index] ?? 0,
      to: this.built.endOf[last.index] ?? 0,
      toLag: WASH_POT_MIN,
      amount: 1,
      alternative: this.addAlternative(
        may,
        may.map((_machine, i) => i * LARGER_PRICE),
      ),
    });
    for (const step of steps) this.vesselDemand.set(step.index, this.demands.length - 1);
  }

  /** What a step says it is in; a soak is in what its mixture was put in. */
  private vesselOf(step: ExpandedStep): Step['vessel'] {
    const { time, vessel } = step.step;
    // A certain pot is kept by its dish from the first step that names it to the last.
    if (vessel) return { name: vessel.one, ...vessel };
    if (time.kind !== 'soak') return undefined;
    const one = step.dish.mixtures.find(({ id }) => id === time.mixture)?.vessel;
    return one === undefined ? undefined : { one };
  }

  private servedBy(place: Place, kind: CapacityPlace): number[] {
    return this.resources.flatMap((resource, machine) => {
      const other = place.appliance !== undefined && resource.id !== place.appliance;
      const otherSide = resource.side && place.zone !== undefined && resource.side !== place.zone;
      return resource.kind !== kind || other || otherSide ? [] : [machine];
    });
  }

  private secondPrices(machines: readonly number[]): number[] {
    return machines.map((_machine, i) => i * SECOND_PRICE);
  }

  private roomOf(step: ExpandedStep, kind: CapacityPlace): number {
    if (placeNamed(kind).appliance?.holds !== 'litres') return 1;
    if (step.place.litres !== undefined) return step.place.litres;
    const vessel = this.vesselOf(step)?.one;
    const inMl = this.meal.kitchen.vessels.find(({ id }) => id === vessel)?.capacityMl;
    if (inMl !== undefined) return inMl / 1000;
    const foods = step.dish.foods.map(({ id }) =>
      settleFood(this.meal, step.dish, foodOf(step.dish, id)),
    );
    return (foods.reduce((sum, food) => sum + food.weightG, 0) / 1000) * FRIDGE_ROOM_TIMES;
  }

  private stepAt(index: number): ExpandedStep {
    return this.built.steps[index] as ExpandedStep;
  }

  private addAlternative(machines: readonly number[], prices: readonly number[]): number {
    return this.alternatives.push({ machines, prices }) - 1;
  }

  private addDemand(
    step: ExpandedStep,
    demand: Partial<ResourceDemand> & {
      from: number;
      to: number;
      toLag: number;
      amount: number;
      alternative: number;
    },
  ): void {
    const follows = step.step.after.map((gap) =>
      this.built.steps.findIndex((other) => other.step.id === gap.step),
    );
    const { kind } = this.resources[this.alternatives[demand.alternative]?.machines[0] ?? 0] ?? {
      kind: 'hands',
    };
    const same = this.demands.filter((demand) => demand.group === step.index).length;
    this.keys.push(`${step.step.id} ${kind} ${same}`);
    this.demands.push({
      heatsUp: false,
      ...demand,
      from: demand.from + 1,
      to: demand.to + 1,
      group: step.index,
      family: this.familyOf.get(step.dish.id) ?? 0,
      follows,
      past: step.past,
    });
  }
}

function followerIn(
  step: ExpandedStep,
  steps: readonly ExpandedStep[],
  kind: CapacityPlace,
): ExpandedStep | undefined {
  return steps.find(
    (other) =>
      other.place.kind === kind && other.step.after.some((gap) => gap.step === step.step.id),
  );
}

/** One follows the other in the same kind of place: the food stays where it is. */
function sharesOven(a: ExpandedStep, b: ExpandedStep, kind: CapacityPlace): boolean {
  if (!hasOneHeat(kind)) return false;
  const follows = (x: ExpandedStep, y: ExpandedStep) =>
    x.step.after.some((gap) => gap.step === y.step.id && (gap.mostMin ?? Infinity) <= 30);
  const sameSide = a.place.zone === b.place.zone;
  return sameSide && (follows(a, b) || follows(b, a));
}
