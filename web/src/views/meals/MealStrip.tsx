import {
  companyOf,
  dayLong,
  servingMin,
  showClock,
  showMinutes,
  showTime,
  startOfDay,
  threadsOf,
  wallClock,
  type Meal,
  type Plan,
} from '@zemrin/core';
import type { CSSProperties } from 'react';
import { Link } from 'react-router';
import { usePlan } from '../../store/hooks.ts';
import { useWords, type Say } from '../../words/words.ts';
import { StartCooking } from '../../ui/StartCooking.tsx';
import { MealMenu } from './MealMenu.tsx';

const DAY = 1440;
/** The strip shows a week, or as far as the last meal within a month. */
const LEAST_DAYS = 7;
const MOST_DAYS = 31;

/** The days ahead, and each meal as a band from its first job to its bar. */
export default function MealStrip({ meals, nowMin }: { meals: readonly Meal[]; nowMin: number }) {
  const zone = meals[0]?.serving.zone ?? 'UTC';
  const from = startOfDay(nowMin, zone);
  const last = servingMin(meals.at(-1) ?? meals[0] ?? neverEmpty());
  const count = Math.min(MOST_DAYS, Math.max(LEAST_DAYS, Math.ceil((last - from) / DAY) + 1));
  const days = Array.from({ length: count }, (_unused, i) => startOfDay(from, zone, i));
  const end = startOfDay(from, zone, count);
  const share = (min: number) => ((min - from) / (end - from)) * 100;
  return (
    <div className="relative">
      <Days days={days} zone={zone} share={share} />
      <span
        aria-hidden="true"
        className="absolute top-[46px] bottom-0 z-[2] hidden w-[2px] bg-now md:block"
        style={{ left: `${share(nowMin)}%` }}
      />
      <ul className="relative md:pt-[46px]">
        {meals.map((meal) => (
          <MealRow key={meal.id} meal={meal} nowMin={nowMin} share={share} />
        ))}
      </ul>
    </div>
  );
}

function neverEmpty(): never {
  throw new RangeError('the strip is drawn for at least one meal');
}

function Days(props: { days: readonly number[]; zone: string; share: (min: number) => number }) {
  const { days, zone, share } = props;
  const thin = days.length > 16;
  return (
    <div aria-hidden="true" className="absolute inset-0 hidden md:block">
      {days.map((day, i) => {
        const at = wallClock(day, zone);
        const weekend = at.weekday > 5;
        const width = share(days[i + 1] ?? day + DAY) - share(day);
        return (
          <div
            key={day}
            className={`absolute top-0 bottom-0 border-l border-line pl-2 text-sm ${weekend ? 'bg-ink/[0.045]' : ''}`}
            style={{ left: `${share(day)}%`, width: `${width}%` }}
          >
            {(!thin || at.weekday === 1) && (
              <>
                <span className="block text-muted">
                  {dayLong(at.weekday).slice(0, thin ? 3 : 9)}
                </span>
                <span className="time">{at.day}</span>
              </>
            )}
          </div>
        );
      })}
    </div>
  );
}

function MealRow(props: { meal: Meal; nowMin: number; share: (min: number) => number }) {
  const t = useWords();
  const { meal, nowMin, share } = props;
  const plan = usePlan(meal.id);
  const serving = servingMin(meal);
  const at = wallClock(serving, meal.serving.zone);
  const bar = Math.min(100, share(serving));
  const flip = bar > 55;
  const beneath = flip ? 30 + meal.dishes.length * 13 : 16;
  const beside: CSSProperties & Record<'--beside' | '--beneath' | '--tall', string> = {
    '--beside': `calc(${flip ? 100 - bar : bar}% + 18px)`,
    // Left of the bar the threads lie; the words go beneath them.
    '--beneath': `${beneath}px`,
    '--tall': `${beneath + 196}px`,
  };
  return (
    <li
      className="relative border-b border-line py-4 md:min-h-(--tall) md:border-0 md:border-t"
      style={beside}
    >
      <div className="hidden md:block">
        <Threads meal={meal} plan={plan} share={share} />
        <span
          aria-hidden="true"
          className="absolute top-4 bottom-4 w-[6px] -translate-x-1/2 rounded-sm bg-ink"
          style={{ left: `${bar}%` }}
        />
      </div>
      <div
        className={`relative md:absolute md:top-(--beneath) md:w-[calc(44%-18px)] md:max-w-[340px] ${flip ? 'md:right-(--beside) md:text-right' : 'md:left-(--beside)'}`}
      >
        <div className={`flex items-start gap-2 ${flip ? 'md:flex-row-reverse' : ''}`}>
          <Link
            to={`/meal/${meal.id}/table`}
            className="mr-auto block md:mr-0"
            aria-label={t('meals.open', { title: meal.title })}
          >
            <span
              className="block text-[21px] leading-tight font-bold"
              style={{ fontFamily: 'var(--font-title)' }}
            >
              {meal.title}
            </span>
            <span className="time block text-[30px] leading-tight">
              {showClock(at, meal.kitchen.clock)}
            </span>
            <span className="block text-muted">
              {dayLong(at.weekday)} {at.day},{' '}
              {t('meals.eaters', { count: companyOf(meal.eaters).heads })}
            </span>
          </Link>
          <MealMenu meal={meal} />
        </div>
        <p className="mt-2">
          {plan ? <Standing meal={meal} plan={plan} nowMin={nowMin} t={t} /> : t('meals.planning')}
        </p>
        {meal.dishes.length > 0 && <StartCooking meal={meal} className="mt-2" />}
      </div>
    </li>
  );
}

function Standing({ meal, plan, nowMin, t }: { meal: Meal; plan: Plan; nowMin: number; t: Say }) {
  if (meal.dishes.length === 0) return <>{t('table.noDishes')}</>;
  const look = plan.status === 'cannot' ? 'text-clash' : plan.status === 'fits' ? 'text-now' : '';
  const first = plan.firstJobMin;
  return (
    <>
      <strong className={look}>{t(`meals.${plan.status}`)}</strong>
      {first !== undefined && plan.status !== 'cannot' && (
        <>
          <br />
          {t('meals.firstJob')}{' '}
          <strong>{showTime(first, plan.zone, meal.kitchen.clock, nowMin)}</strong>,{' '}
          {t('meals.in', { span: showMinutes(Math.max(0, first - nowMin)) })}
        </>
      )}
    </>
  );
}

/** The meal's threads, to the scale of days. */
function Threads(props: { meal: Meal; plan: Plan | undefined; share: (min: number) => number }) {
  const { meal, plan, share } = props;
  if (!plan) return null;
  return threadsOf(plan, meal).map((thread, i) =>
    thread.main.map((segment) => {
      const left = Math.max(0, share(segment.startMin));
      const width = share(segment.endMin) - left;
      return width <= 0 ? null : (
        <span
          key={`${segment.step.id}-${segment.waiting}`}
          aria-hidden="true"
          className="absolute h-[7px]"
          style={{
            left: `${left}%`,
            width: `${width}%`,
            top: 26 + i * 13,
            background: `var(--${segment.band})`,
          }}
        />
      );
    }),
  );
}
