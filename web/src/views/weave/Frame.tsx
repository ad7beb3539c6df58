import {
  dayLong,
  foldsOf,
  placeOf,
  showClock,
  showMinutes,
  showTime,
  wallClock,
  type Axis,
  type Meal,
  type Plan,
} from '@zemrin/core';
import { useWords } from '../../words/words.ts';
import { LEFT, ticksOf } from './layout.ts';

export const HEADER = 64;

interface FrameProps {
  readonly plan: Plan;
  readonly meal: Meal;
  readonly axis: Axis;
  readonly plotPx: number;
  readonly height: number;
  readonly onHours: () => void;
}

/** A night narrower than its word goes without: its shading says it. */
const LABELLED = 44;

/** Behind the threads: nights and times away, clock labels, folds, now, and the bar. */
export function Frame({ plan, meal, axis, plotPx, height, onHours }: FrameProps) {
  const t = useWords();
  const px = (min: number) => Math.min(1, Math.max(0, placeOf(axis, min))) * plotPx;
  const ticks = ticksOf(plan, axis, plotPx);
  const days = new Set<string>();
  const { clock } = meal.kitchen;
  return (
    <>
      {plan.blocks.map((block) => {
        const left = px(block.startMin);
        const width = px(block.endMin) - left;
        return width < 2 ? null : (
          <div
            key={`${block.kind}-${block.startMin}`}
            className={`absolute ${block.kind === 'asleep' ? 'night-band' : 'away-band'}`}
            style={{ left: LEFT + left, top: HEADER - 8, width, height: height - HEADER + 8 }}
          >
            {width >= LABELLED && (
              <button
                type="button"
                onClick={onHours}
                title={t('hours.edit')}
                className="absolute bottom-1 left-1/2 -translate-x-1/2 rounded px-1 text-[13px] whitespace-nowrap text-muted underline decoration-dotted"
              >
                {block.what ?? t(`hours.${block.kind}`)}
              </button>
            )}
          </div>
        );
      })}
      {ticks.map((min) => {
        const at = wallClock(min, plan.zone);
        const newDay = !days.has(at.date);
        days.add(at.date);
        return (
          <div
            key={min}
            aria-hidden="true"
            className="absolute"
            style={{ left: LEFT + px(min), top: 0 }}
          >
            {newDay && (
              <span className="absolute top-1 -translate-x-1/2 text-sm whitespace-nowrap text-muted">
                {dayLong(at.weekday)}
              </span>
            )}
            <span className="absolute top-6 -translate-x-1/2 text-sm whitespace-nowrap">
              {showClock(at, clock)}
            </span>
            <span
              className="absolute w-px bg-ink/10"
              style={{ top: HEADER - 18, height: height - HEADER + 18 }}
            />
          </div>
        );
      })}
      {foldsOf(axis).map((min) => (
        <span
          key={min}
          title={t('weave.folded')}
          aria-hidden="true"
          className="absolute -translate-x-1/2 text-sm leading-none text-muted"
          style={{ left: LEFT + px(min), top: HEADER - 19 }}
        >
          ⌃
        </span>
      ))}
      <NowLine plan={plan} meal={meal} axis={axis} plotPx={plotPx} height={height} />
      <span
        aria-hidden="true"
        className="absolute w-[6px] -translate-x-1/2 rounded-sm bg-ink"
        style={{ left: LEFT + plotPx, top: HEADER - 28, height: height - HEADER + 28 }}
      />
    </>
  );
}

function NowLine({ plan, meal, axis, plotPx, height }: Omit<FrameProps, 'onHours'>) {
  const t = useWords();
  const first = axis.minutes[0] ?? plan.servingMin;
  const time = showTime(plan.nowMin, plan.zone, meal.kitchen.clock, plan.servingMin);
  if (plan.nowMin > plan.servingMin) return null;
  if (plan.nowMin < first) {
    return (
      <p
        className="absolute text-sm leading-5 text-now"
        style={{ left: 0, top: 14, width: LEFT - 20 }}
      >
        <span className="rounded-full bg-now px-2 py-0.5 font-semibold whitespace-nowrap text-on-now">
          {t('weave.now', { at: time })}
        </span>
        <span className="mt-1 block whitespace-nowrap">
          {t('weave.firstIn', { span: showMinutes(first - plan.nowMin) })}
        </span>
      </p>
    );
  }
  const left = LEFT + placeOf(axis, plan.nowMin) * plotPx;
  return (
    <>
      <span
        aria-hidden="true"
        className="pointer-events-none absolute z-[7] w-[2px] bg-now"
        style={{ left, top: HEADER - 18, height: height - HEADER + 18 }}
      />
      <span
        className="absolute z-[8] -translate-x-1/2 rounded-full bg-now px-2.5 py-0.5 text-sm font-semibold whitespace-nowrap text-on-now"
        style={{ left, top: height - 4 }}
      >
        {t('weave.now', { at: time })}
      </span>
    </>
  );
}
