import { momentAt, placeOf, type Axis, type Meal, type Plan, type PlannedStep } from '@zemrin/core';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { useEdit } from '../../store/useEdit.ts';
import { useNudge } from './useNudge.ts';

const STEP_MIN = 5;
const DRAG_STARTS_PX = 4;

interface Drag {
  readonly step: PlannedStep;
  readonly x: number;
  readonly axis: Axis;
  readonly gesture: string;
  readonly moved: boolean;
}

/**
 * Moves a step inside its give, by dragging or by arrow keys; the plan follows. While a step is
 * dragged the axis stands still.
 */
export function useMove(meal: Meal, plan: Plan, axis: Axis, plotPx: number) {
  const edit = useEdit(meal.id);
  const nudge = useNudge(meal, plan);
  const drag = useRef<Drag | null>(null);
  const [frozen, setFrozen] = useState<Axis | null>(null);

  const drop = () => {
    drag.current = null;
    setFrozen(null);
  };
  const handlersFor = (step: PlannedStep) => ({
    onPointerDown: (event: PointerEvent<HTMLElement>) => {
      if (event.button !== 0 || step.begun) return;
      const gesture = `drag-${step.id}-${event.timeStamp}`;
      drag.current = { step, x: event.clientX, axis, gesture, moved: false };
      event.currentTarget.setPointerCapture(event.pointerId);
    },
    onPointerMove: (event: PointerEvent<HTMLElement>) => {
      const at = drag.current;
      if (!at) return;
      const dx = event.clientX - at.x;
      if (!at.moved && Math.abs(dx) < DRAG_STARTS_PX) return;
      drag.current = { ...at, moved: true };
      setFrozen(at.axis);
      const wished = momentAt(at.axis, placeOf(at.axis, at.step.startMin) + dx / plotPx);
      const round = Math.round(wished / STEP_MIN) * STEP_MIN;
      const { canStartFromMin, mustStartByMin } = at.step;
      const startMin = Math.min(Math.max(round, canStartFromMin), mustStartByMin);
      const beforeServeMin = plan.servingMin - startMin;
      edit({ do: 'pinStep', step: at.step.id, beforeServeMin }, at.gesture);
    },
    onPointerUp: drop,
    onPointerCancel: drop,
    onKeyDown: (event: KeyboardEvent<HTMLElement>) => {
      if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return;
      event.preventDefault();
      nudge(step, event.key === 'ArrowLeft' ? -1 : 1, event.timeStamp);
    },
  });

  return { frozen, handlersFor };
}
