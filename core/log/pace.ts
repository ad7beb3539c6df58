import { NINE_IN_TEN_Z } from '../figures/index.ts';
import type { Verb } from '../terms/index.ts';
import type { StepFact } from './facts.ts';

/** How quick this cook is at one kind of work. */
export interface PaceEstimate {
  readonly verb: Verb;
  /** Times as long as reckoned; eight in ten lie between least and most. */
  readonly times: number;
  readonly least: number;
  readonly most: number;
  readonly from: number;
}

/** Cooks differ by so much, and one evening from the next: deviations of a logarithm. Our own. */
const COOKS_LOG_SD = 0.3;
const EVENING_LOG_SD = 0.25;
/** Beyond this a step was marked late or early, and says nothing. */
const FORGOTTEN_TIMES = 4;

/** The pace of the hands, by the work they do, from steps that are all hands; shrunk toward usual. */
export function paceOf(steps: readonly StepFact[]): PaceEstimate[] {
  const logs = new Map<Verb, number[]>();
  for (const { step, tookMin, reckoned, interrupted } of steps) {
    const all = step.hands.some(({ when }) => when === 'all');
    const log = Math.log(tookMin / Math.max(1, reckoned.likelyMin));
    if (!all || interrupted || Math.abs(log) > Math.log(FORGOTTEN_TIMES)) continue;
    logs.set(step.verb, [...(logs.get(step.verb) ?? []), log]);
  }
  return [...logs].map(([verb, found]) => {
    const precision = found.length / EVENING_LOG_SD ** 2 + 1 / COOKS_LOG_SD ** 2;
    const mean = found.reduce((sum, log) => sum + log, 0) / EVENING_LOG_SD ** 2 / precision;
    const sd = Math.sqrt(1 / precision);
    const times = (z: number) => Math.round(Math.exp(mean + z * sd) * 100) / 100;
    return {
      verb,
      times: times(0),
      least: times(-NINE_IN_TEN_Z),
      most: times(NINE_IN_TEN_Z),
      from: found.length,
    };
  });
}
