import { foodOf, settleFood, type Meal, type Place, type Step } from '../meal/index.ts';
import type { Pick, Use } from '../solve/index.ts';
import type { MealNetwork } from './build.ts';
import type { ExpandedStep } from './expand.ts';
import { heatOf, ROOMY, type Load, type RoomyKind } from './loads.ts';
import { mayWorkAt, workplaceOf, type Person } from './people.ts';

/** What the steps of a meal want of the loads, and which load may serve which. */
export interface Claims {
  readonly uses: readonly Use[];
  /** Names each use for as long as its step has it. */
  readonly keys: readonly string[];
  readonly picks: readonly Pick[];
  /** By step: the claim on the vessel it is in, which may have begun with an earlier step. */
  readonly vesselUse: ReadonlyMap<number, number>;
  /** Steps that want what this kitchen has none of. */
  readonly missing: readonly Missing[];
}

export interface Missing {
  readonly step: number;
  readonly want: RoomyKind | 'vessel';
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
/** Washing a pot before it is used again. Common practice, no source. */
const WASH_MIN = 5;
/** What lies in a fridge takes about so much more room than its own. Common practice, no source. */
const FRIDGE_ROOM = 1.5;

/** All claims of a meal, the hands first and in the network's order. Moments are the network's, one higher: 0 is the origin. */
export function claimsOf(
  built: MealNetwork,
  meal: Meal,
  loads: readonly Load[],
  people: readonly Person[],
): Claims {
  const claims = new ClaimList(built, meal, loads, people);
  claims.hands();
  for (const kind of ROOMY) claims.places(kind);
  claims.vessels();
  return claims;
}

class ClaimList implements Claims {
  readonly uses: Use[] = [];
  readonly keys: string[] = [];
  readonly picks: Pick[] = [];
  readonly missing: Missing[] = [];
  readonly vesselUse = new Map<number, number>();
  private readonly familyOf: ReadonlyMap<string, number>;

  constructor(
    private readonly built: MealNetwork,
    private readonly meal: Meal,
    private readonly loads: readonly Load[],
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
      const pick = this.pick(
        may,
        may.map((machine) => (machine === 0 ? 0 : HELPER_PRICE)),
      );
      this.use(step, { from: node, to: node, toLag: hands.minutes, amount: 1, pick });
    }
    for (const { step: index, node } of this.built.calls) {
      const pick = this.pick([0], [0]);
      this.use(this.stepAt(index), { from: node, to: node, toLag: 1, amount: 0, pick });
    }
  }

  /** Shelves, rings, the smoker, the fridge. */
  places(kind: RoomyKind): void {
    const { steps, startOf, endOf } = this.built;
    const picks = new Map<number, number>();
    for (const step of steps) {
      const keepWarm = step.step.time.kind === 'batches' ? step.step.time.keepWarm : undefined;
      if (keepWarm?.kind === kind) this.keepWarm(step, keepWarm, kind);
      if (step.place.kind !== kind || step.span.mostMin <= 0) continue;
      const may = this.servedBy(step.place, kind);
      if (may.length === 0) {
        if (kind !== 'fridge' && kind !== 'freezer') {
          this.missing.push({ step: step.index, want: kind, what: kind });
        }
        continue;
      }
      const heatsUp = HEATS_UP.has(step.step.verb);
      // A hot oven stays hot for what it was heated for, and both are the same oven.
      const awaited = heatsUp ? followerIn(step, steps, kind) : undefined;
      const before = steps.find((other) => picks.has(other.index) && sharesOven(other, step, kind));
      const pick = picks.get(before?.index ?? -1) ?? this.pick(may, this.secondPrices(may));
      picks.set(step.index, pick);
      this.use(step, {
        from: startOf[step.index] ?? 0,
        to: (awaited ? startOf[awaited.index] : endOf[step.index]) ?? 0,
        toLag: 0,
        amount: heatsUp ? 0 : this.roomOf(step, kind),
        pick,
        heat: heatOf(step.place),
        heatsUp,
      });
    }
  }

  private keepWarm(step: ExpandedStep, place: Place, kind: RoomyKind): void {
    const may = this.servedBy(place, kind);
    if (may.length === 0) return;
    this.use(step, {
      from: this.built.startOf[step.index] ?? 0,
      to: this.built.endOf[step.index] ?? 0,
      toLag: 0,
      amount: 1,
      pick: this.pick(may, this.secondPrices(may)),
      heat: heatOf(place),
    });
  }

  /** Pots, pans and tubs: one over all steps that share it, and its washing. */
  vessels(): void {
    const shared = new Map<string, ExpandedStep[]>();
    for (const step of this.built.steps) {
      const wants = this.vesselOf(step);
      if (!wants || step.span.mostMin <= 0) continue;
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
      if (wants.one === undefined) this.missing.push({ step: first.index, want: 'vessel', what });
      return;
    }
    const may = fit.map(({ id }) =>
      this.loads.findIndex((load) => load.kind === 'vessel' && load.id === id),
    );
    this.use(first, {
      from: this.built.startOf[first.index] ?? 0,
      to: this.built.endOf[last.index] ?? 0,
      toLag: WASH_MIN,
      amount: 1,
      pick: this.pick(
        may,
        may.map((_machine, i) => i * LARGER_PRICE),
      ),
    });
    for (const step of steps) this.vesselUse.set(step.index, this.uses.length - 1);
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

  private servedBy(place: Place, kind: RoomyKind): number[] {
    return this.loads.flatMap((load, machine) => {
      const other = place.appliance !== undefined && load.id !== place.appliance;
      const otherSide = load.side && place.zone !== undefined && load.side !== place.zone;
      return load.kind !== kind || other || otherSide ? [] : [machine];
    });
  }

  private secondPrices(machines: readonly number[]): number[] {
    return machines.map((_machine, i) => i * SECOND_PRICE);
  }

  private roomOf(step: ExpandedStep, kind: RoomyKind): number {
    if (kind !== 'fridge' && kind !== 'freezer') return 1;
    if (step.place.litres !== undefined) return step.place.litres;
    const vessel = this.vesselOf(step)?.one;
    const inMl = this.meal.kitchen.vessels.find(({ id }) => id === vessel)?.capacityMl;
    if (inMl !== undefined) return inMl / 1000;
    const foods = step.dish.foods.map(({ id }) =>
      settleFood(this.meal, step.dish, foodOf(step.dish, id)),
    );
    return (foods.reduce((sum, food) => sum + food.weightG, 0) / 1000) * FRIDGE_ROOM;
  }

  private stepAt(index: number): ExpandedStep {
    return this.built.steps[index] as ExpandedStep;
  }

  private pick(machines: readonly number[], prices: readonly number[]): number {
    return this.picks.push({ machines, prices }) - 1;
  }

  private use(
    step: ExpandedStep,
    claim: Partial<Use> & {
      from: number;
      to: number;
      toLag: number;
      amount: number;
      pick: number;
    },
  ): void {
    const follows = step.step.after.map((gap) =>
      this.built.steps.findIndex((other) => other.step.id === gap.step),
    );
    const { kind } = this.loads[this.picks[claim.pick]?.machines[0] ?? 0] ?? { kind: 'hands' };
    const same = this.uses.filter((use) => use.group === step.index).length;
    this.keys.push(`${step.step.id} ${kind} ${same}`);
    this.uses.push({
      heatsUp: false,
      ...claim,
      from: claim.from + 1,
      to: claim.to + 1,
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
  kind: RoomyKind,
): ExpandedStep | undefined {
  return steps.find(
    (other) =>
      other.place.kind === kind && other.step.after.some((gap) => gap.step === step.step.id),
  );
}

/** One follows the other in the same kind of place: the food stays where it is. */
function sharesOven(a: ExpandedStep, b: ExpandedStep, kind: RoomyKind): boolean {
  if (kind !== 'oven' && kind !== 'smoker' && kind !== 'grill') return false;
  const follows = (x: ExpandedStep, y: ExpandedStep) =>
    x.step.after.some((gap) => gap.step === y.step.id && (gap.mostMin ?? Infinity) <= 30);
  const sameSide = a.place.zone === b.place.zone;
  return sameSide && (follows(a, b) || follows(b, a));
}
