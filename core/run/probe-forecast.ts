import {
  liveForecast,
  type CookSpec,
  type LiveForecast,
  type LiveMembers,
  type ProbeReading,
} from '../heat/index.ts';
import { chainUpTo, cookUpTo, stageOf, type Dish, type Step } from '../meal/index.ts';
import type { RunState } from './state.ts';

/** A cook as it has gone so far, whose present stage is still going on. */
export interface ProbedCook {
  readonly step: string;
  readonly spec: CookSpec;
  /** When it began, epoch minutes: its readings count from there. */
  readonly fromMin: number;
}

/**
 * The cook of a step that is going on, with what came before it as long as it really took; nothing
 * for what heat does not time.
 */
export function probedCook(state: RunState, stepId: string): ProbedCook | undefined {
  for (const dish of state.meal.dishes) {
    const step = dish.steps.find(({ id }) => id === stepId);
    if (step?.time.kind === 'heat') return soFar(state, dish, step);
  }
  return undefined;
}

function soFar(state: RunState, dish: Dish, step: Step): ProbedCook | undefined {
  const begun = state.begun.get(step.id);
  if (begun === undefined) return undefined;
  const whole = cookUpTo(state.meal, dish, step);
  const before = chainUpTo(dish, step).chain.filter(({ id }) => id !== step.id);
  const known = before.flatMap((one) => {
    const from = state.begun.get(one.id);
    const to = state.ended.get(one.id);
    const took = from === undefined || to === undefined ? undefined : Math.round(to - from);
    // What was never marked is taken for as long as it usually is.
    return stageOf(one, state.meal.kitchen).map((stage) =>
      took === undefined || took < 1
        ? { stage, minutes: stage.end.kind === 'minutes' ? stage.end.minutes : 0 }
        : { stage: { ...stage, end: { kind: 'minutes' as const, minutes: took } }, minutes: took },
    );
  });
  const earlier = known.filter(({ minutes }) => minutes > 0);
  const own = whole.stages.slice(-1);
  return {
    step: step.id,
    spec: { ...whole, stages: [...earlier.map(({ stage }) => stage), ...own] },
    fromMin: begun - earlier.reduce((sum, { minutes }) => sum + minutes, 0),
  };
}

/** What was read of a step's food, counted from the beginning of its cook. */
export function readingsOf(state: RunState, { step, fromMin }: ProbedCook): ProbeReading[] {
  const probes = [...state.probes].filter(([, at]) => at === step).map(([probe]) => probe);
  return probes
    .flatMap((probe) => state.readings.get(probe) ?? [])
    .filter(({ minute }) => minute >= fromMin)
    .map((reading) => ({ ...reading, minute: reading.minute - fromMin }))
    .sort((a, b) => a.minute - b.minute);
}

/** What the probes of a step say of its end. @param nowMin epoch minutes */
export function probeForecast(
  state: RunState,
  cook: ProbedCook,
  members: LiveMembers,
  nowMin: number,
): LiveForecast {
  return liveForecast(members, readingsOf(state, cook), nowMin - cook.fromMin);
}
