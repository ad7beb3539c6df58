import { NINE_IN_TEN_Z } from '../figures/index.ts';
import {
  isElastic,
  settledTime,
  stepFactsOf,
  type DurationEstimate,
  type Step,
} from '../meal/index.ts';
import { withProgress, type ExpectedLengths } from '../plan/index.ts';
import type { Band } from '../heat/index.ts';
import type { Meal } from '../meal/index.ts';
import { withLiveCoreGaps } from './core-gaps.ts';
import type { RunState } from './state.ts';

/** A meal with what has happened written into it, and how long what is going on is thought to last. */
export interface MealUnderWay {
  readonly meal: Meal;
  readonly expected: ExpectedLengths;
  /** When what is going on is to be seen to, epoch minutes, by id; it may be over already. */
  readonly due: ReadonlyMap<string, number>;
}

/**
 * The cook's own word for a time left is taken for one that is off by a quarter nine times in ten.
 * Our own figure, no source.
 */
const WORD_IS_OFF = 0.25;

/**
 * What the planner reckons on from: facts as they happened, in whole minutes, and for every step
 * that is going on how long it is thought to last: by its probe, by the cook's last word, else by
 * what is usual, and never less than till now.
 *
 * @param probed by step: minutes left, as its probe says
 */
export function mealUnderWay(
  state: RunState,
  nowMin: number,
  probed: ReadonlyMap<string, Band> = new Map(),
): MealUnderWay {
  const whole = (times: ReadonlyMap<string, number>) =>
    Object.fromEntries([...times].map(([step, at]) => [step, Math.round(at)]));
  const meal = withProgress(state.meal, {
    nowMin,
    begun: whole(state.begun),
    ended: whole(state.ended),
    frozen: [],
  });
  const expected = new Map<string, DurationEstimate>();
  const due = new Map<string, number>();
  for (const dish of state.meal.dishes) {
    for (const step of dish.steps) {
      const begun = state.begun.get(step.id);
      if (begun === undefined || state.ended.has(step.id) || isElastic(step.time)) continue;
      const seen = dueOf(state, step.id, probed.get(step.id), nowMin);
      const waited = state.withoutFireMin.get(step.id) ?? 0;
      const usual = () =>
        longerBy(settledTime(step.time, stepFactsOf(state.meal, dish, step)).duration, waited);
      const left = probed.get(step.id) ?? leftOf(state, step, begun, nowMin, usual);
      due.set(step.id, seen ?? begun + usual().likelyMin);
      expected.set(step.id, lasting(Math.max(0, nowMin - Math.round(begun)), left));
    }
  }
  return { meal: withLiveCoreGaps(meal, state, expected, nowMin), expected, due };
}

function longerBy(
  { leastMin, likelyMin, mostMin }: DurationEstimate,
  minutes: number,
): DurationEstimate {
  return {
    leastMin: leastMin + minutes,
    likelyMin: likelyMin + minutes,
    mostMin: mostMin + minutes,
  };
}

/** When the cook's word or the probe has it done; undefined where neither says. */
function dueOf(
  { stillLasts }: RunState,
  step: string,
  probed: Band | undefined,
  nowMin: number,
): number | undefined {
  const said = stillLasts.get(step);
  const byWord = said && said.saidMin + said.minutes;
  if (!probed) return byWord;
  // Looked at and found not done: the probe is asked again when the cook looks again.
  return Math.max(nowMin + Math.floor(probed.likely), byWord ?? -Infinity);
}

/** Minutes left by the cook's word, or by what is usual for it. */
function leftOf(
  { stillLasts }: RunState,
  { id }: Step,
  begunMin: number,
  nowMin: number,
  usual: () => DurationEstimate,
): Band {
  const said = stillLasts.get(id);
  if (said) {
    const likely = Math.max(1, said.saidMin + said.minutes - nowMin);
    const off = WORD_IS_OFF * said.minutes;
    return { least: Math.max(0, likely - off), likely, most: likely + off };
  }
  const { leastMin, likelyMin, mostMin } = usual();
  const past = nowMin - begunMin;
  // Something that has outlasted its likely time has by its spread still some way to go.
  const beyond = past < likelyMin ? 0 : ((mostMin - likelyMin) / NINE_IN_TEN_Z) * STILL_TO_COME;
  const likely = Math.max(1, likelyMin - past, beyond);
  return {
    least: Math.max(0, leastMin - past),
    likely,
    most: Math.max(likely, mostMin - past),
  };
}

/** Of a normal spread, what is left on average beyond where half of them are over: half a deviation. */
const STILL_TO_COME = 0.5;

function lasting(pastMin: number, { least, likely, most }: Band): DurationEstimate {
  const likelyMin = Math.max(1, pastMin + Math.round(likely));
  return {
    leastMin: Math.min(likelyMin, pastMin + Math.floor(least)),
    likelyMin,
    mostMin: Math.max(likelyMin, pastMin + Math.ceil(most)),
  };
}
