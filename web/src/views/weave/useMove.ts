import {
  momentAt,
  placeOf,
  showTime,
  type Axis,
  type Meal,
  type Plan,
  type PlannedStep,
} from '@zemrin/core';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { notify } from '../../notices/notify.ts';
import { useEdit } from '../../store/hooks.ts';
import { useWords } from '../../words/words.ts';

const STEP_MIN = 5;
const DRAG_STARTS_PX = 4;
/** Arrow keys within this time are one gesture for undo. */
const GESTURE_MS = 1200;

interface Drag {
  readonly step: PlannedStep;
  readonly x: number;
  readonly axis: Axis;
  readonly gesture: string;
  moved: boolean;
}

/**
 * Moves a step inside its give, by dragging or by arrow keys; the plan follows. While a step is
 * dragged the axis stands still.
 */
export function useMove(meal: Meal, plan: Plan, axis: Axis, plotPx: number) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const drag = useRef<Drag | null>(null);
  const lastKey = useRef({ at: 0, gesture: '' });
  const [frozen, setFrozen] = useState<Axis | null>(null);

  const moveTo = (step: PlannedStep, wishedMin: number, gesture: string) => {
    const { canStartFromMin, mustStartByMin } = step;
    const startMin = Math.min(Math.max(wishedMin, canStartFromMin), mustStartByMin);
    edit({ do: 'pinStep', step: step.id, beforeServeMin: plan.servingMin - startMin }, gesture);
    return startMin;
  };

  const nudge = (step: PlannedStep, direction: 1 | -1, now: number) => {
    if (step.begun) return;
    const repeated = now - lastKey.current.at < GESTURE_MS;
    const gesture = repeated ? lastKey.current.gesture : `keys-${step.id}-${now}`;
    lastKey.current = { at: now, gesture };
    const wished = step.startMin + direction * STEP_MIN;
    const startMin = moveTo(step, wished, gesture);
    const time = (min: number) => showTime(min, plan.zone, meal.kitchen.clock, plan.servingMin);
    if (startMin !== wished && startMin === step.startMin) {
      notify(
        t('weave.held', {
          label: step.label,
          from: time(step.canStartFromMin),
          to: time(step.mustStartByMin),
        }),
        { id: 'held', duration: 2500 },
      );
    }
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
      at.moved = true;
      setFrozen(at.axis);
      const wished = momentAt(at.axis, placeOf(at.axis, at.step.startMin) + dx / plotPx);
      moveTo(at.step, Math.round(wished / STEP_MIN) * STEP_MIN, at.gesture);
    },
    onPointerUp: () => {
      drag.current = null;
      setFrozen(null);
    },
    onPointerCancel: () => {
      drag.current = null;
      setFrozen(null);
    },
    onKeyDown: (event: KeyboardEvent<HTMLElement>) => {
      if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return;
      event.preventDefault();
      nudge(step, event.key === 'ArrowLeft' ? -1 : 1, event.timeStamp);
    },
  });

  return { frozen, handlersFor, nudge };
}
