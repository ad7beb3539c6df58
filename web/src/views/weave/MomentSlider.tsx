import { momentAt, placeOf, showTime, type Axis, type Meal, type Plan } from '@zemrin/core';
import type { CSSProperties } from 'react';
import { useWords } from '../../words/words.ts';

/** So finely a moment is picked, of the whole axis. */
const STEPS = 600;

export interface MomentSliderProps {
  readonly meal: Meal;
  readonly plan: Plan;
  readonly axis: Axis;
  readonly moment: number | undefined;
  readonly onMoment: (minute: number) => void;
  readonly style?: CSSProperties;
  readonly className: string;
}

/** Picks a moment on the axis of the weave, or gives it up. */
export function MomentSlider(props: MomentSliderProps) {
  const { meal, plan, axis, moment, onMoment } = props;
  const t = useWords();
  const at = moment ?? plan.servingMin;
  return (
    <input
      type="range"
      aria-label={t('weave.moment')}
      aria-valuetext={showTime(at, plan.zone, meal.kitchen.clock, plan.servingMin)}
      title={t('weave.moment')}
      min={0}
      max={STEPS}
      value={Math.round(Math.min(1, Math.max(0, placeOf(axis, at))) * STEPS)}
      className={props.className}
      style={props.style}
      onChange={(event) => onMoment(momentAt(axis, Number(event.target.value) / STEPS))}
    />
  );
}
