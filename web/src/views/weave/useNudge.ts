import { showTime, type Meal, type Plan, type PlannedStep } from '@zemrin/core';
import { useCallback, useRef } from 'react';
import { notify } from '../../notices/notify.ts';
import { useEdit } from '../../store/useEdit.ts';
import { useWords } from '../../words/words.ts';

const STEP_MIN = 5;
/** Moves within this time are one gesture for undo. */
const GESTURE_MS = 1200;

/**
 * Moves a step by five minutes inside its give. Quick moves add up even while the plan that
 * follows the first of them is still being made.
 */
export function useNudge(meal: Meal, plan: Plan) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const last = useRef({ at: 0, gesture: '' });
  return useCallback(
    (step: PlannedStep, direction: 1 | -1, now: number) => {
      if (step.begun) return;
      const goesOn = now - last.current.at < GESTURE_MS;
      const gesture = goesOn ? last.current.gesture : `nudge-${step.id}-${now}`;
      last.current = { at: now, gesture };
      const here = standsAt(meal, plan, step);
      const wished = here + direction * STEP_MIN;
      const startMin = Math.min(Math.max(wished, step.canStartFromMin), step.mustStartByMin);
      if (startMin !== here) {
        const beforeServeMin = plan.servingMin - startMin;
        edit({ do: 'pinStep', step: step.id, beforeServeMin }, gesture);
        return;
      }
      const time = (min: number) => showTime(min, plan.zone, meal.kitchen.clock, plan.servingMin);
      const held = {
        label: step.label,
        from: time(step.canStartFromMin),
        to: time(step.mustStartByMin),
      };
      notify(t('weave.held', held), { id: 'held', duration: 2500 });
    },
    [meal, plan, edit, t],
  );
}

/** Where the cook has put the step, or, where that is not to be had, where the plan has it. */
function standsAt(meal: Meal, plan: Plan, step: PlannedStep): number {
  const pinned = meal.dishes
    .flatMap((dish) => dish.steps)
    .find((s) => s.id === step.id)?.pinnedBeforeServeMin;
  return pinned === undefined || step.pinMissedMin > 0 ? step.startMin : plan.servingMin - pinned;
}
