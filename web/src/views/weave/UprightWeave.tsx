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
  type Thread,
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
  const { axis, rows, plates, height } = useMemo(() => layRows(plan, threads), [plan, threads]);
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
      {plates.map(({ atMin, dishes, y: top }) => (
        <FirstServing
          key={atMin}
          at={showTime(atMin, plan.zone, meal.kitchen.clock, atMin)}
          what={t('weave.servedFirst', { dishes: dishes.map(({ name }) => name).join(', ') })}
          columns={dishes.map(({ dish }) => column.get(dish) ?? 0)}
          wordsAt={wordsAt}
          top={top}
        />
      ))}
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

interface FirstServingProps {
  readonly at: string;
  readonly what: string;
  readonly columns: readonly number[];
  readonly wordsAt: number;
  readonly top: number;
}

/** What comes to the table before the rest: a short bar below its threads, and its hour. */
function FirstServing({ at, what, columns, wordsAt, top }: FirstServingProps) {
  return (
    <>
      {columns.map((left) => (
        <span
          key={left}
          aria-hidden="true"
          className="absolute h-[6px] rounded-sm bg-ink"
          style={{ left: left - 4, width: 20, top }}
        />
      ))}
      <p className="absolute right-0 left-0" style={{ top: top - 12 }}>
        <span className="time absolute top-0 left-0 text-[17px]">{at}</span>
        <span
          className="absolute top-[2px] right-0 line-clamp-3 leading-tight font-semibold"
          style={{ left: wordsAt }}
        >
          {what}
        </span>
      </p>
    </>
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

/** Dishes that come to the table together before the rest. */
interface Plate {
  readonly atMin: number;
  readonly dishes: readonly Thread[];
  readonly y: number;
}

interface Laid {
  readonly axis: Axis;
  readonly rows: readonly Row[];
  readonly plates: readonly Plate[];
  readonly height: number;
}

/** One row a job, never closer than a thumb, further apart the longer the wait; the axis follows. */
function layRows(plan: Plan, threads: readonly Thread[]): Laid {
  const minutes: number[] = [];
  const at: number[] = [];
  const rows: Row[] = [];
  const plates: Plate[] = [];
  let y = 16;
  let before: number | undefined;
  let day = '';
  /** The next row, and where it lies. */
  const lay = (atMin: number): number => {
    if (before !== undefined) y += ROW + Math.min(90, 14 * Math.log(1 + (atMin - before) / 45));
    before = atMin;
    if (atMin !== minutes.at(-1)) {
      minutes.push(atMin);
      at.push(y);
    }
    return y;
  };
  const early = new Set(
    threads.map(({ tableMin }) => tableMin).filter((min) => min < plan.servingMin),
  );
  const toTable = [...early].sort((a, b) => a - b);
  const layPlates = (untilMin: number) => {
    while ((toTable[0] ?? Infinity) <= untilMin) {
      const atMin = toTable.shift() ?? untilMin;
      const dishes = threads.filter(({ tableMin }) => tableMin === atMin);
      plates.push({ atMin, dishes, y: lay(atMin) });
    }
  };
  for (const job of callsOf(plan)) {
    layPlates(job.startMin);
    const { date } = wallClock(job.startMin, plan.zone);
    const top = lay(job.startMin);
    rows.push({ ...job, y: top, minutes: job.endMin - job.startMin, newDay: date !== day });
    day = date;
  }
  layPlates(plan.servingMin);
  y += ROW;
  minutes.push(plan.servingMin);
  at.push(y);
  return { axis: { minutes, at }, rows, plates, height: y };
}
