import {
  callsOf,
  dayLong,
  placeOf,
  showMinutes,
  showTime,
  threadsOf,
  wallClock,
  type Axis,
  type Meal,
  type Plan,
  type PlannedStep,
} from '@zemrin/core';
import { useMemo } from 'react';
import { useWords } from '../../words/words.ts';

const ROW = 64;
const TIME = 62;
const COLUMN = 22;

interface UprightWeaveProps {
  readonly meal: Meal;
  readonly plan: Plan;
  readonly onChoose: (step: string) => void;
}

/** The weave standing up, for a phone: threads run down to the bar, one row a job. */
export function UprightWeave({ meal, plan, onChoose }: UprightWeaveProps) {
  const t = useWords();
  const threads = useMemo(() => threadsOf(plan, meal), [plan, meal]);
  const { axis, rows, height } = useMemo(() => layRows(plan), [plan]);
  const y = (min: number) => placeOf(axis, min);
  const wordsAt = TIME + threads.length * COLUMN + 10;
  const column = new Map(threads.map((thread, i) => [thread.dish, TIME + i * COLUMN]));
  return (
    <div className="relative" style={{ height: height + 64 }}>
      {threads.map((thread) =>
        [...thread.sides.flat(), ...thread.main].map((segment) => {
          const side = !thread.main.includes(segment);
          const top = y(segment.startMin);
          return (
            <span
              key={`${segment.step.id}-${segment.waiting}`}
              aria-hidden="true"
              className="slides absolute"
              style={{
                left: (column.get(thread.dish) ?? 0) + (side ? 14 : 0),
                width: side ? 3 : 12,
                top,
                height: Math.max(2, y(segment.endMin) - top),
                background: `var(--${segment.band})`,
              }}
            />
          );
        }),
      )}
      {rows.map(({ step, startMin, what, y: top, minutes, newDay }) => {
        const at = wallClock(startMin, plan.zone);
        return (
          <button
            key={`${step.id}-${startMin}`}
            type="button"
            onClick={() => onChoose(step.id)}
            className="absolute right-0 left-0 h-[58px] text-left"
            style={{ top: top - 12 }}
          >
            <span className="time absolute top-0 left-0 text-[17px]">
              {showTime(startMin, plan.zone, meal.kitchen.clock, startMin)}
            </span>
            {newDay && (
              <span className="absolute top-[21px] left-0 text-[13px] text-muted">
                {dayLong(at.weekday).slice(0, 3)}
              </span>
            )}
            {minutes > 0 && (
              <span
                aria-hidden="true"
                className="absolute top-[3px] h-[20px] w-[20px] rounded-full border-[2.5px] border-[var(--bead-line)] bg-[var(--bead)]"
                style={{ left: (column.get(step.dish) ?? 0) - 4 }}
              />
            )}
            <span
              className="absolute top-[2px] right-0 flex flex-col leading-tight"
              style={{ left: wordsAt }}
            >
              <span className="line-clamp-2 font-semibold">{what}</span>
              <span className="flex justify-between gap-2 text-[13.5px] text-muted">
                <span className="truncate">{step.dishName}</span>
                {minutes > 0 && <span className="shrink-0">{showMinutes(minutes)}</span>}
              </span>
            </span>
          </button>
        );
      })}
      <span
        aria-hidden="true"
        className="absolute h-[6px] rounded-sm bg-ink"
        style={{ left: TIME - 8, width: threads.length * COLUMN + 8, top: height }}
      />
      <p className="absolute time text-[17px]" style={{ left: wordsAt, top: height - 12 }}>
        {t('meals.serve')}{' '}
        {showTime(plan.servingMin, plan.zone, meal.kitchen.clock, plan.servingMin)}
      </p>
    </div>
  );
}

interface Row {
  readonly step: PlannedStep;
  readonly startMin: number;
  readonly minutes: number;
  readonly what: string;
  readonly y: number;
  /** The first of its day. */
  readonly newDay: boolean;
}

/** One row a job, never closer than a thumb, further apart the longer the wait; the axis follows. */
function layRows(plan: Plan): { axis: Axis; rows: Row[]; height: number } {
  const minutes: number[] = [];
  const at: number[] = [];
  const rows: Row[] = [];
  let y = 16;
  let before: number | undefined;
  let day = '';
  for (const job of callsOf(plan)) {
    if (before !== undefined)
      y += ROW + Math.min(90, 14 * Math.log(1 + (job.startMin - before) / 45));
    const { date } = wallClock(job.startMin, plan.zone);
    rows.push({ ...job, y, minutes: job.endMin - job.startMin, newDay: date !== day });
    day = date;
    if (job.startMin !== minutes.at(-1)) {
      minutes.push(job.startMin);
      at.push(y);
    }
    before = job.startMin;
  }
  y += ROW;
  minutes.push(plan.servingMin);
  at.push(y);
  return { axis: { minutes, at }, rows, height: y };
}
