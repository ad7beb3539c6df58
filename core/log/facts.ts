import { cookOnce, type CookSpec } from '../heat/index.ts';
import {
  cookerOf,
  isElastic,
  settledTime,
  stepFactsOf,
  type Dish,
  type DurationEstimate,
  type Meal,
  type Step,
} from '../meal/index.ts';
import type { Cooker } from '../places/index.ts';
import { foldRun, probedCook, type Run, type RunState } from '../run/index.ts';

/** A step of a run: as it was reckoned, and as it was. */
export interface StepFact {
  readonly run: string;
  readonly dish: Dish;
  readonly step: Step;
  readonly reckoned: DurationEstimate;
  readonly tookMin: number;
  /** When it was over, epoch minutes. */
  readonly endMin: number;
  /** A fire went out, or it was given up: it says nothing of the kitchen. */
  readonly interrupted: boolean;
}

/** A food over a fire from beginning to end, timed by heat. */
export interface CookFact extends StepFact {
  readonly cooker: Cooker;
  /** The appliance it was in; undefined where the kitchen has none of that kind. */
  readonly appliance: string | undefined;
  /** The cook with all its stages; those before the last as long as they really were. */
  readonly spec: CookSpec;
  /** What was read beside the food, against what was set: hotter by so much, °C. */
  readonly besideC: readonly number[];
}

/** A run folded to its end, and the steps that were begun and ended in it. */
export interface RunFacts {
  readonly run: Run;
  readonly state: RunState;
  readonly steps: readonly StepFact[];
  readonly cooks: readonly CookFact[];
}

/** What a run says of its steps: those that were marked at both ends. */
export function factsOf(run: Run): RunFacts {
  const state = foldRun(run);
  const { meal } = state;
  const steps = meal.dishes.flatMap((dish) =>
    dish.steps.flatMap((step) => factOf(run, state, meal, dish, step) ?? []),
  );
  const cooks = steps.flatMap((fact) => cookFactOf(state, fact) ?? []);
  const cooked = new Map(cooks.map((one) => [one.step.id, one]));
  return { run, state, steps: steps.map((fact) => cooked.get(fact.step.id) ?? fact), cooks };
}

function factOf(
  run: Run,
  state: RunState,
  meal: Meal,
  dish: Dish,
  step: Step,
): StepFact | undefined {
  const begun = state.begun.get(step.id);
  const endMin = state.ended.get(step.id);
  // Marked in one breath, afterwards: nobody knows how long it took.
  if (begun === undefined || endMin === undefined || endMin - begun < 0.5) return undefined;
  if (isElastic(step.time)) return undefined;
  const reckoned = settledTime(step.time, stepFactsOf(meal, dish, step)).duration;
  const interrupted = (state.withoutFireMin.get(step.id) ?? 0) > 0 || state.skipped.has(step.id);
  return { run: run.id, dish, step, reckoned, tookMin: endMin - begun, endMin, interrupted };
}

function cookFactOf(state: RunState, fact: StepFact): CookFact | undefined {
  const { step } = fact;
  const cooker = step.time.kind === 'heat' ? cookerOf(step, state.meal.kitchen) : undefined;
  const cook = cooker && probedCook(state, step.id);
  if (!cooker || !cook) return undefined;
  const { appliances } = state.meal.kitchen;
  const own =
    appliances.find(({ id }) => id === step.place.appliance) ??
    appliances.find(({ kind }) => kind === step.place.kind);
  const { spec } = cook;
  const besideC = besideOf(state, fact);
  return { ...fact, reckoned: reckonedOf(fact, spec), cooker, appliance: own?.id, spec, besideC };
}

/**
 * What was read beside the food while a step went on, against what was set, °C: by the probes that
 * were in its food when they were read, for a probe goes on with its food into the next step, and
 * by those that were said to be in it afterwards.
 */
function besideOf(state: RunState, { step, endMin }: StepFact): number[] {
  const setC = step.place.tempC;
  const fromMin = state.begun.get(step.id);
  if (setC === undefined || fromMin === undefined) return [];
  const within = new Map<string, string | undefined>();
  return state.events.flatMap((event) => {
    if (event.did === 'probed') within.set(event.probe, event.step);
    if (event.did !== 'read' || event.cookerC === undefined) return [];
    const minute = event.readMin ?? event.atMin;
    const isMine = [within, state.probes].some((probes) => probes.get(event.probe) === step.id);
    return isMine && minute >= fromMin && minute <= endMin ? [event.cookerC - setC] : [];
  });
}

/** As long as heat says after the stages before it were as long as they really were. */
function reckonedOf({ step, reckoned }: StepFact, spec: CookSpec): DurationEstimate {
  const { minutes = 0 } = cookOnce(spec, undefined, { everyMin: 1e6 }).stages.at(-1) ?? {};
  const { times: learnt = 1 } = step.time.kind === 'heat' ? step.time : {};
  const likelyMin = Math.max(1, Math.round(minutes * learnt));
  const share = likelyMin / Math.max(1, reckoned.likelyMin);
  return { leastMin: reckoned.leastMin * share, likelyMin, mostMin: reckoned.mostMin * share };
}
