import type { WaitKind } from '../../figures/index.ts';
import {
  partFromNotes,
  foodsByStep,
  partAsideNotes,
  isElastic,
  settledTime,
  stepFactsOf,
  type Dish,
  type DurationEstimate,
  type Meal,
  type Place,
  type Step,
} from '../../meal/index.ts';
import { placeNamed, placeOfCooker } from '../../places/index.ts';
import { epochMinOfIso } from '../../time/index.ts';
import type { Message } from '../../words/index.ts';
import { waitKindOf } from './wait-kind.ts';

/** A step with its time, hands and place settled for this meal. */
export interface ExpandedStep {
  readonly index: number;
  readonly step: Step;
  readonly dish: Dish;
  readonly duration: DurationEstimate;
  /** Its length is ours to choose within the window; otherwise the food decides. */
  readonly elastic: boolean;
  /** What sets the longest of a soak. */
  readonly limitedBy?: Message | undefined;
  readonly hands: readonly ExpandedHands[];
  readonly place: Place;
  /** How what it leaves behind bears waiting. */
  readonly wait: WaitKind;
  /** Where heat decides: whether this fire ever brings it there. */
  readonly reached?: boolean | undefined;
  /** "3 rounds of 6", where it goes in rounds. */
  readonly rounds?: number | undefined;
  /** What to know of it: how it lies in the pan, what of it goes aside for another dish. */
  readonly notes: readonly Message[];
  readonly begunMin?: number | undefined;
  readonly endedMin?: number | undefined;
  /** Begun, or something that follows it has. */
  readonly past: boolean;
  readonly pinnedMin?: number | undefined;
}

/** A piece of hands-on work within a step. */
export interface ExpandedHands {
  readonly where: 'start' | 'end' | 'tend';
  readonly minutes: number;
  readonly what: string;
  /** For tending: when, from the beginning of the step; how long after the round before; how exactly. */
  readonly tends?: { readonly dueMin: number; readonly gapMin: number; readonly everyMin: number };
}

/** How long steps that are going on are now thought to last, from their beginning, by id. */
export type ExpectedLengths = ReadonlyMap<string, DurationEstimate>;

const NONE_EXPECTED: ExpectedLengths = new Map();

/**
 * The steps of all dishes, in the order of the file.
 *
 * @param expected what is known better of those that are going on
 */
export function expandMeal(
  meal: Meal,
  servingMin: number,
  expected: ExpectedLengths = NONE_EXPECTED,
): ExpandedStep[] {
  const all = meal.dishes.flatMap((dish) => {
    const foods = foodsByStep(meal, dish);
    return dish.steps.map((step) => ({ dish, step, foods: foods.get(step.id) ?? [] }));
  });
  const past = pastSteps(all.map(({ step }) => step));
  return all.map(({ dish, step, foods }, index) => {
    const { fit, ...settled } = settledTime(step.time, stepFactsOf(meal, dish, step));
    const time = { ...settled, duration: expected.get(step.id) ?? settled.duration };
    const elastic = isElastic(step.time);
    return {
      index,
      step,
      dish,
      ...time,
      elastic,
      hands: handsOf(step, time.duration, elastic),
      place: placeOfStep(step, meal),
      notes: [
        ...(fit ? [fit] : []),
        ...partFromNotes(meal, dish, step),
        ...partAsideNotes(meal, dish, step),
      ],
      wait: waitKindOf(meal, dish, step, foods),
      begunMin:
        step.begunAt === undefined ? undefined : epochMinOfIso(step.begunAt, meal.serving.zone),
      endedMin:
        step.endedAt === undefined ? undefined : epochMinOfIso(step.endedAt, meal.serving.zone),
      past: past.has(step.id),
      pinnedMin:
        step.pinnedBeforeServeMin === undefined
          ? undefined
          : servingMin - step.pinnedBeforeServeMin,
    };
  });
}

/** Where a step is: in the appliance its cooker is, where the kitchen has one. */
function placeOfStep({ place, time }: Step, { kitchen }: Meal): Place {
  const { appliance, standsOn } = placeNamed(place.kind);
  // Deep fat in a kitchen without a fryer is a pot on a ring.
  if (appliance?.potDoes && standsOn && !kitchen.appliances.some(({ kind }) => kind === place.kind))
    return { ...place, kind: standsOn };
  if (time.kind !== 'heat' || time.cooker === undefined) return place;
  const { own } = placeOfCooker(time.cooker);
  const has = own !== place.kind && kitchen.appliances.some(({ kind }) => kind === own);
  return has ? { ...place, kind: own } : place;
}

function pastSteps(steps: readonly Step[]): Set<string> {
  const byId = new Map(steps.map((step) => [step.id, step]));
  const past = new Set<string>();
  const mark = (id: string) => {
    const step = byId.get(id);
    if (!step || past.has(id)) return;
    past.add(id);
    step.after.forEach((gap) => mark(gap.step));
  };
  steps.filter((step) => step.begunAt !== undefined).forEach((step) => mark(step.id));
  return past;
}

function handsOf(step: Step, span: DurationEstimate, elastic: boolean): ExpandedHands[] {
  const longest = elastic ? span.leastMin : span.likelyMin;
  return step.hands
    .flatMap((hands): ExpandedHands[] => {
      switch (hands.when) {
        case 'all':
          return [{ where: 'start', minutes: longest, what: hands.what }];
        case 'start':
        case 'end':
          return [
            { where: hands.when, minutes: Math.min(hands.minutes, longest), what: hands.what },
          ];
        case 'every': {
          // A round that would fall on the very end is the next step's business.
          const { everyMin, firstMin = everyMin } = hands;
          const after = longest - hands.minutes - firstMin;
          const count = after > 0 ? Math.ceil(after / everyMin) : 0;
          return Array.from({ length: count }, (_unused, i) => ({
            where: 'tend' as const,
            minutes: hands.minutes,
            what: hands.what,
            tends: {
              dueMin: firstMin + i * everyMin,
              gapMin: i === 0 ? firstMin : everyMin,
              everyMin,
            },
          }));
        }
      }
    })
    .filter((hands) => hands.minutes > 0);
}
