import {
  settledTime,
  stepFactsOf,
  type Dish,
  type Meal,
  type Step,
  type StepTime,
} from '../meal/index.ts';
import type { Change } from './proposal.ts';

/** A step is never proposed to be shorter or longer than this, against what was reckoned. */
const TIMES: readonly [number, number] = [0.4, 2.5];

/** A step so many minutes longer, or shorter, than it was reckoned; nothing where its time is no number. */
export function minutesChange(
  meal: Meal,
  dish: Dish,
  step: Step,
  minutes: number,
): Change | undefined {
  const { likelyMin } = settledTime(step.time, stepFactsOf(meal, dish, step)).duration;
  if (likelyMin <= 0) return undefined;
  const [least, most] = TIMES;
  return timesChange(meal, dish, step, Math.min(most, Math.max(least, 1 + minutes / likelyMin)));
}

/** A step so many times as long as it was reckoned. */
export function timesChange(meal: Meal, dish: Dish, step: Step, times: number): Change | undefined {
  const time = longer(step.time, times);
  if (!time) return undefined;
  const likely = (one: StepTime) =>
    settledTime(one, stepFactsOf(meal, dish, step)).duration.likelyMin;
  const [from, to] = [likely(step.time), likely(time)];
  if (Math.round(from) === Math.round(to)) return undefined;
  return {
    change: {
      key: 'proposal.time',
      values: { label: step.label, from: { minutes: from }, to: { minutes: to } },
    },
    commands: [{ do: 'setStepTime', step: step.id, time }],
  };
}

function longer(time: StepTime, times: number): StepTime | undefined {
  const by = (minutes: number) => Math.max(1, Math.round(minutes * times));
  switch (time.kind) {
    case 'heat':
    case 'rising':
    case 'leavening':
    case 'reducing':
    case 'boiling':
    case 'batches':
    case 'cooling':
    case 'readying':
      return { ...time, times: clamp((time.times ?? 1) * times) };
    case 'fixed':
      return { ...time, minutes: by(time.minutes) };
    case 'range':
      return {
        ...time,
        leastMin: by(time.leastMin),
        likelyMin: by(time.likelyMin),
        mostMin: by(time.mostMin),
      };
    case 'perWeight':
      return {
        ...time,
        leastMinPerKg: time.leastMinPerKg * times,
        likelyMinPerKg: time.likelyMinPerKg * times,
        mostMinPerKg: time.mostMinPerKg * times,
      };
    case 'elastic': {
      const bestMin = Math.min(time.longestMin, Math.max(time.leastMin, by(time.bestMin)));
      return { ...time, bestMin };
    }
    default:
      return undefined;
  }
}

const clamp = (times: number) => Math.round(Math.min(3, Math.max(0.3, times)) * 100) / 100;
