import { NEXT_STEP_MOST_MIN } from '../figures/index.ts';
import type { Dish, Step } from './schema.ts';

/** Where a step is drawn in its chain: its row, and its lane, 0 for the main one. */
export interface ChainSpot {
  readonly step: Step;
  readonly lane: number;
  /** The rows of this dish it follows, each with its lane. */
  readonly from: ReadonlyArray<{ readonly row: number; readonly lane: number }>;
  /** Lanes that pass it by. */
  readonly through: readonly number[];
  /** Something follows it. */
  readonly goesOn: boolean;
}

/** A dish as its chain: steps in an order in which each comes after what it follows, in lanes. */
export function chainOf(dish: Dish): ChainSpot[] {
  const ordered = inOrder(dish.steps);
  const row = new Map(ordered.map((step, i) => [step.id, i]));
  const lanes: number[] = [];
  /** By lane: the row it was last used in. */
  const open: Array<string | undefined> = [];
  const spots = ordered.map((step) => {
    const from = step.after.flatMap((gap) => row.get(gap.step) ?? []);
    const taken = from.map((at) => lanes[at] ?? 0).sort((a, b) => a - b);
    const free = taken.find(
      (lane) => open[lane] !== undefined && from.some((at) => ordered[at]?.id === open[lane]),
    );
    const lane = free ?? firstClosed(open, ordered, step);
    // A join closes the lanes it draws together.
    for (const other of taken)
      if (other !== lane && !goesOn(ordered, open[other], step)) open[other] = undefined;
    open[lane] = step.id;
    lanes.push(lane);
    return { step, lane, from: from.map((at) => ({ row: at, lane: lanes[at] ?? 0 })) };
  });
  return spots.map((spot, at) => {
    const passing = spots.flatMap(({ from }, later) =>
      later > at ? from.filter(({ row: earlier }) => earlier < at).map(({ lane }) => lane) : [],
    );
    const followed = spots.some(({ from }) => from.some(({ row: earlier }) => earlier === at));
    return { ...spot, through: [...new Set(passing)], goesOn: followed };
  });
}

function firstClosed(
  open: ReadonlyArray<string | undefined>,
  ordered: readonly Step[],
  step: Step,
): number {
  for (let lane = 0; ; lane++) {
    const last = open[lane];
    if (last === undefined || !goesOn(ordered, last, step)) return lane;
  }
}

/** Whether anything but this step still follows another. */
function goesOn(ordered: readonly Step[], id: string | undefined, but: Step): boolean {
  if (id === undefined) return false;
  const at = ordered.findIndex((step) => step.id === but.id);
  return ordered.slice(at + 1).some((step) => step.after.some((gap) => gap.step === id));
}

/** The steps in the order of the file, moved only as far as what they follow asks. */
function inOrder(steps: readonly Step[]): Step[] {
  const ids = new Set(steps.map(({ id }) => id));
  const done = new Set<string>();
  const left = [...steps];
  const ordered: Step[] = [];
  while (left.length > 0) {
    const at = left.findIndex((step) =>
      step.after.every((gap) => !ids.has(gap.step) || done.has(gap.step)),
    );
    const [next] = left.splice(at === -1 ? 0 : at, 1);
    if (!next) break;
    done.add(next.id);
    ordered.push(next);
  }
  return ordered;
}

/** Steps that may be followed: those that do not follow this one themselves. */
export function mayFollow(dish: Dish, id: string): Step[] {
  const later = new Set([id]);
  for (let grew = true; grew;) {
    grew = false;
    for (const step of dish.steps) {
      if (later.has(step.id) || !step.after.some((gap) => later.has(gap.step))) continue;
      later.add(step.id);
      grew = true;
    }
  }
  return dish.steps.filter((step) => !later.has(step.id));
}

/** A step made to follow these, and no others: a fork, a join, or a chain of its own. */
export function withFollows(dish: Dish, id: string, follows: readonly string[]): Dish {
  const allowed = new Set(mayFollow(dish, id).map((step) => step.id));
  return {
    ...dish,
    steps: dish.steps.map((step) => {
      if (step.id !== id) return step;
      const elsewhere = step.after.filter(
        (gap) => !dish.steps.some((other) => other.id === gap.step),
      );
      const kept = follows
        .filter((other) => allowed.has(other))
        .map((other) => step.after.find((gap) => gap.step === other) ?? gapTo(other));
      return { ...step, after: [...elsewhere, ...kept] };
    }),
  };
}

function gapTo(step: string): Step['after'][number] {
  return { step, from: 'end', leastMin: 0, mostMin: NEXT_STEP_MOST_MIN };
}

/**
 * A step taken out of its place and put behind another, or to the front: what followed it follows
 * what it followed, and what followed there follows it.
 */
export function moveStep(dish: Dish, id: string, behind: string | undefined): Dish {
  const moved = dish.steps.find((step) => step.id === id);
  if (!moved || behind === id) return dish;
  const bridged = dish.steps
    .filter((step) => step.id !== id)
    .map((step) => {
      if (!step.after.some((gap) => gap.step === id)) return step;
      const others = step.after.filter((gap) => gap.step !== id);
      const inherited = moved.after.filter((gap) => !others.some((one) => one.step === gap.step));
      return { ...step, after: [...others, ...inherited] };
    });
  const at = behind === undefined ? 0 : bridged.findIndex((step) => step.id === behind) + 1;
  if (behind !== undefined && at === 0) return dish;
  const next =
    behind === undefined
      ? bridged[0]?.id
      : bridged.find((step) => step.after.some((gap) => gap.step === behind))?.id;
  const steps = bridged.map((step) => {
    if (step.id !== next) return step;
    const others = step.after.filter((gap) => gap.step !== behind);
    return { ...step, after: [...others, gapTo(id)] };
  });
  const placed: Step = { ...moved, after: behind === undefined ? [] : [gapTo(behind)] };
  return { ...dish, steps: [...steps.slice(0, at), placed, ...steps.slice(at)] };
}

/** What followed a removed step follows what it followed. */
export function withoutSteps(steps: readonly Step[], gone: ReadonlySet<string>): Step[] {
  const byId = new Map(steps.map((step) => [step.id, step]));
  const bridged = (step: Step): Step['after'] =>
    step.after.flatMap((gap) => {
      if (!gone.has(gap.step)) return [gap];
      const removed = byId.get(gap.step);
      return removed ? bridged(removed) : [];
    });
  return steps
    .filter((step) => !gone.has(step.id))
    .map((step) => ({ ...step, after: bridged(step) }));
}

/** A dish without one of its steps; what followed it follows on. */
export function withoutStep(dish: Dish, id: string): Dish {
  return { ...dish, steps: withoutSteps(dish.steps, new Set([id])) };
}
