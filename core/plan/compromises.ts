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

/** What a plan asks of the food beyond what the cook likes, the worst first. */
export function compromisesOf(built: MealNetwork, at: readonly number[]): Compromise[] {
  const over = minutesOver(built.limits, at);
  return built.limits
    .flatMap((limit, i): Compromise[] => {
      const step = built.steps[limit.step];
      const minutes = over[i] ?? 0;
      if (!step || minutes === 0) return [];
      return [
        {
          step: step.step.id,
          dish: step.dish.id,
          text: textOf(built, limit, minutes),
          loss: { key: `wait.${limit.wait}` },
          minutesOver: minutes,
          cost: costOver(limit, minutes),
        },
      ];
    })
    .sort((a, b) => b.cost - a.cost);
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
