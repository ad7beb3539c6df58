import type { Learnt } from '../log/index.ts';
import type { Run } from '../run/index.ts';
import { isoOf } from '../time/index.ts';
import { say } from '../words/index.ts';
import { mannerOf } from './plan-json.ts';

/** What runs have taught, as other tools read it. */
export function learntJson({ appliances, hands, proposals }: Learnt, runs: readonly Run[]) {
  return {
    appliances: appliances.map(({ appliance, ...estimate }) => ({ id: appliance, ...estimate })),
    hands: hands.map((one) => ({ who: 'cook', ...one })),
    proposals: proposals.flatMap(({ dish, dishName, change, because }) => {
      const run = runs.find(({ id }) => id === because.run);
      if (!run) return [];
      const manner = mannerOf(run.meal, because.atMin);
      return [
        {
          dish,
          dishName,
          change: say(change, manner),
          because: because.words ?? (because.told ? say(because.told, manner) : ''),
          run: because.run,
          event: because.event,
          at: isoOf(Math.round(because.atMin), run.meal.serving.zone),
        },
      ];
    }),
  };
}
