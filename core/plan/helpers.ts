import type { Kitchen } from '../meal/index.ts';
import { stretchesOf } from '../time/index.ts';
import type { PlannedHands, PlannedStep } from './types.ts';

/**
 * Who does what: the cook does what the cook can, a helper what would have to be done at the
 * same time. What no one is there for stays the cook's, and is told as a clash.
 */
export function shareOut(
  steps: readonly PlannedStep[],
  kitchen: Kitchen,
  zone: string,
): PlannedStep[] {
  const helpers = kitchen.helpers ?? [];
  if (helpers.length === 0) return [...steps];
  const pieces = steps
    .flatMap((step) => step.hands.map((hands) => ({ step: step.id, hands })))
    .sort((a, b) => a.hands.startMin - b.hands.startMin || b.hands.endMin - a.hands.endMin);
  const from = pieces[0]?.hands.startMin ?? 0;
  const to = Math.max(from, ...pieces.map(({ hands }) => hands.endMin));
  const there = helpers.map((helper) => ({
    name: helper.name,
    stretches: stretchesOf(helper, zone, from, to),
    freeMin: -Infinity,
  }));
  const whose = new Map<PlannedHands, string>();
  let cookFreeMin = -Infinity;
  pieces.forEach(({ step, hands }, i) => {
    const canTake = (helper: (typeof there)[number]) =>
      helper.freeMin <= hands.startMin &&
      helper.stretches.some((s) => s.startMin <= hands.startMin && hands.endMin <= s.endMin);
    const helper = there.find(canTake);
    // Work of one's own that runs on past the helper's hours is kept for the cook.
    const next = pieces.slice(i + 1).find((other) => other.step !== step);
    const yields =
      next !== undefined &&
      next.hands.startMin < hands.endMin &&
      !there.some((h) => h.stretches.some((s) => next.hands.endMin <= s.endMin));
    if (helper && (cookFreeMin > hands.startMin || yields)) {
      helper.freeMin = hands.endMin;
      whose.set(hands, helper.name);
    } else cookFreeMin = Math.max(cookFreeMin, hands.endMin);
  });
  return steps.map((step) => ({
    ...step,
    hands: step.hands.map((hands) => {
      const who = whose.get(hands);
      return who === undefined ? hands : { ...hands, who };
    }),
  }));
}
