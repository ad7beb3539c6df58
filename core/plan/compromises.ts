import { PRICE_PER_MIN } from '../figures/index.ts';
import type { Message } from '../words/index.ts';
import type { MealNetwork } from './network/meal-network.ts';
import { costOver, type SoftLimit } from './network/soft-limits.ts';
import type { Compromise } from './planned.ts';

/** How many minutes each limit is passed at given times; 0 where it holds. */
export function minutesOver(limits: readonly SoftLimit[], at: readonly number[]): number[] {
  return limits.map(({ later, earlier, mostMin }) =>
    Math.max(0, (at[later] ?? 0) - (at[earlier] ?? 0) - mostMin),
  );
}

/**
 * What a plan asks of the food beyond what the cook likes, and of the cook who put a step somewhere,
 * the worst first.
 *
 * @param pinMissedMin by step: how many minutes from its pin it lies
 */
export function compromisesOf(
  built: MealNetwork,
  at: readonly number[],
  pinMissedMin: ReadonlyMap<number, number>,
): Compromise[] {
  return [...passedLimits(built, at), ...missedPins(built, pinMissedMin)].sort(
    (a, b) => b.cost - a.cost,
  );
}

function missedPins(
  { steps }: MealNetwork,
  pinMissedMin: ReadonlyMap<number, number>,
): Compromise[] {
  return [...pinMissedMin].flatMap(([index, minutes]): Compromise[] => {
    const step = steps[index];
    if (!step || minutes === 0) return [];
    const { id, label } = step.step;
    return [
      {
        kind: 'pin',
        step: id,
        dish: step.dish.id,
        text: {
          key: 'compromise.pin',
          values: { label, dish: step.dish.name, minutes: { minutes } },
        },
        loss: { key: 'wait.pin' },
        minutesOver: minutes,
        cost: PRICE_PER_MIN.pin * minutes,
      },
    ];
  });
}

function passedLimits(built: MealNetwork, at: readonly number[]): Compromise[] {
  const over = minutesOver(built.limits, at);
  return built.limits.flatMap((limit, i): Compromise[] => {
    const step = built.steps[limit.step];
    const minutes = over[i] ?? 0;
    if (!step || minutes === 0) return [];
    return [
      {
        kind: limit.kind,
        step: step.step.id,
        dish: step.dish.id,
        next: built.steps[limit.next ?? -1]?.step.id,
        text: textOf(built, limit, minutes),
        loss: { key: `wait.${limit.wait}` },
        minutesOver: minutes,
        cost: costOver(limit, minutes),
      },
    ];
  });
}

function textOf({ steps }: MealNetwork, { kind, step, next }: SoftLimit, minutes: number): Message {
  const here = steps[step];
  const values = {
    label: here?.step.label ?? '',
    dish: here?.dish.name ?? '',
    minutes: { minutes },
    next: steps[next ?? -1]?.step.label ?? '',
  };
  return { key: `compromise.${kind}`, values };
}
