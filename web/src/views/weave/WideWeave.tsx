import {
  loadLinesOf,
  placeRowsOf,
  placeOf,
  showMinutes,
  showTime,
  threadsOf,
  type Meal,
  type Plan,
  type PlannedStep,
  type Segment,
} from '@zemrin/core';
import { useMemo, type KeyboardEvent } from 'react';
import { useWords, type Say } from '../../words/words.ts';
import { Frame, HEADER } from './Frame.tsx';
import { HandsStrip, STRIP } from './loads/HandsStrip.tsx';
import { LOAD_ROW, LoadStrip } from './loads/LoadStrip.tsx';
import { axisOf, LEFT, packLanes, RIGHT } from './layout.ts';
import { PlaceRows, placesHeight } from './loads/PlaceRows.tsx';
import { rowHeight } from './sizes.ts';
import { ThreadRow, type LaidThread } from './threads/ThreadRow.tsx';
import { MomentOnAxis } from './MomentOnAxis.tsx';
import { useMove } from './useMove.ts';
import { useWidth } from './useWidth.ts';

interface WideWeaveProps {
  readonly meal: Meal;
  readonly plan: Plan;
  readonly chosen: string | undefined;
  readonly onChoose: (step: string | undefined) => void;
  readonly onHours: () => void;
  /** By place instead of by dish. */
  readonly byPlace: boolean;
  readonly moment: number | undefined;
  readonly onMoment: (minute: number) => void;
}

/** The weave lying down: time runs to the right and stops at the bar. */
export function WideWeave(props: WideWeaveProps) {
  const { meal, plan, chosen, onChoose, onHours, byPlace, moment } = props;
  const t = useWords();
  const [ref, width] = useWidth<HTMLDivElement>();
  const plotPx = Math.max(320, width - LEFT - RIGHT);
  const threads = useMemo(() => threadsOf(plan, meal), [plan, meal]);
  const own = useMemo(() => axisOf(plan, threads, plotPx), [plan, threads, plotPx]);
  const { frozen, handlersFor } = useMove(meal, plan, own, plotPx);
  const axis = frozen ?? own;
  const px = (min: number) => placeOf(axis, min) * plotPx;
  const rows: LaidThread[] = [];
  const places = byPlace ? placeRowsOf(plan, meal) : [];
  let y = HEADER + placesHeight(places);
  for (const thread of byPlace ? [] : threads) {
    const lanes = packLanes(thread.sides, px);
    rows.push({ thread, lanes, top: y });
    y += rowHeight(lanes.length);
  }
  const lines = byPlace ? [] : loadLinesOf(plan, meal.kitchen);
  const height = y + STRIP + lines.length * LOAD_ROW + 22;
  const time = (min: number) => showTime(min, plan.zone, meal.kitchen.clock, plan.servingMin);
  const describe = ({ step }: Pick<Segment, 'step'>) => sayStep(step, time, t);
  return (
    // Keys reach this from the steps within, which are buttons.
    <div
      ref={ref}
      className="relative"
      style={{ height: height + 30 }}
      onKeyDown={walkSteps}
      role="presentation"
    >
      {width > 0 && (
        <>
          <Frame
            plan={plan}
            meal={meal}
            axis={axis}
            plotPx={plotPx}
            height={height}
            onHours={onHours}
          />
          <MomentOnAxis
            meal={meal}
            plan={plan}
            axis={axis}
            moment={moment}
            onMoment={props.onMoment}
            plotPx={plotPx}
            height={height}
          />
          <PlaceRows
            rows={places}
            axis={axis}
            plotPx={plotPx}
            chosen={chosen}
            onChoose={onChoose}
            handlersFor={handlersFor}
            describe={describe}
          />
          {rows.map((laid) => (
            <ThreadRow
              key={laid.thread.dish}
              laid={laid}
              axis={axis}
              plotPx={plotPx}
              chosen={chosen}
              onChoose={onChoose}
              handlersFor={handlersFor}
              describe={describe}
              servedAt={
                laid.thread.tableMin < plan.servingMin ? time(laid.thread.tableMin) : undefined
              }
              plateWords={t('weave.plate', {
                count: laid.thread.plate,
                dish: laid.thread.name,
              })}
            />
          ))}
          <HandsStrip plan={plan} axis={axis} plotPx={plotPx} top={y + 4} />
          {lines.map((line, i) => (
            <LoadStrip
              key={line.id}
              line={line}
              plan={plan}
              axis={axis}
              plotPx={plotPx}
              top={y + STRIP + i * LOAD_ROW}
              units={meal.kitchen.units}
            />
          ))}
        </>
      )}
    </div>
  );
}

/** Up and down go to the step before and after, in the order of the page. */
function walkSteps(event: KeyboardEvent<HTMLElement>): void {
  if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
  const steps = [...event.currentTarget.querySelectorAll<HTMLElement>('[data-step]')];
  const here = steps.findIndex((step) => step === document.activeElement);
  if (here === -1) return;
  event.preventDefault();
  const next = steps[here + (event.key === 'ArrowDown' ? 1 : -1)];
  next?.focus();
  next?.click();
}

/** A step in words, for who does not see the thread. */
function sayStep(step: PlannedStep, time: (min: number) => string, t: Say): string {
  const { otherwise } = step;
  const said = t('weave.segment', {
    label: step.label,
    dish: step.dishName,
    from: time(step.startMin),
    to: time(step.endMin),
    span: showMinutes(step.endMin - step.startMin),
    place: t(`place.${step.place.kind}`),
  });
  if (!otherwise) return said;
  const more = { what: otherwise.what, minutes: showMinutes(otherwise.minutes) };
  return `${said} ${t('weave.branch', more)}`;
}
