import { freshId, type Dish, type Step } from '../meal/index.ts';
import { redrafted } from './correct.ts';

/**
 * A chain the cook has mended, where the text beside it is read anew in one place: what the new
 * draft says otherwise than the old goes into the chain, a step it puts in comes behind the one it
 * comes behind there, and all else stays as the cook has it.
 *
 * @param before the draft the chain was mended from
 */
export function readAnew(mended: Dish, before: Dish, after: Dish): Dish {
  const kept = redrafted(mended, before, after);
  const pairs = pairsOf(before.steps, after.steps);
  const oldOf = new Map(pairs.map(([old, now]) => [now.id, old.id]));
  const changed = pairs.filter(([old, now]) => said(old) !== said(now));
  const renewed = changed.reduce<readonly Step[]>(
    (steps, [old, now]) =>
      steps.map((step) =>
        step.id === old.id
          ? {
              ...step,
              verb: now.verb,
              time: now.time,
              place: now.place,
              ...(now.doneWhen && { doneWhen: now.doneWhen }),
            }
          : step,
      ),
    kept.steps,
  );
  const paired = new Set(pairs.map(([, now]) => now.id));
  const steps = after.steps.reduce<readonly Step[]>((all, step, i) => {
    if (paired.has(step.id)) return all;
    const above = after.steps[i - 1];
    const behind = above && (oldOf.get(above.id) ?? above.id);
    return inserted(all, step, behind);
  }, renewed);
  return { ...kept, steps: [...steps] };
}

/** A step put in behind another; what followed that follows it. */
function inserted(steps: readonly Step[], step: Step, behind: string | undefined): Step[] {
  const id = freshId(step.id, new Set(steps.map((one) => one.id)));
  const at = steps.findIndex((one) => one.id === behind);
  const after = at === -1 ? [] : [{ step: steps[at]?.id ?? '', from: 'end' as const, leastMin: 0 }];
  const moved = steps.map((one) => ({
    ...one,
    after: one.after.map((gap) => (at !== -1 && gap.step === behind ? { ...gap, step: id } : gap)),
  }));
  return moved.toSpliced(at + 1, 0, { ...step, id, after });
}

/** Steps of two drafts that are the same one: alike from the front, then alike from the back. */
function pairsOf(before: readonly Step[], after: readonly Step[]): [Step, Step][] {
  const most = Math.min(before.length, after.length);
  let front = 0;
  while (front < most && before[front]?.label === after[front]?.label) front++;
  if (before.length === after.length) front = most;
  const pairs: [Step, Step][] = [];
  for (let i = 0; i < front; i++) pushPair(pairs, before[i], after[i]);
  for (let back = 1; back <= most - front; back++) {
    const [old, now] = [before.at(-back), after.at(-back)];
    if (old?.label !== now?.label) break;
    pushPair(pairs, old, now);
  }
  return pairs;
}

function pushPair(pairs: [Step, Step][], old: Step | undefined, now: Step | undefined): void {
  if (old && now) pairs.push([old, now]);
}

function said({ verb, time, place, doneWhen }: Step): string {
  return JSON.stringify([verb, time, place, doneWhen]);
}
