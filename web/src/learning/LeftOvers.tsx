import {
  dayLong,
  keepsUntil,
  secondDishesOf,
  servingMin,
  showWeight,
  wallClock,
  type LeftOver,
  type Meal,
} from '@zemrin/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { useNow } from '../store/hooks.ts';
import { deedsDone } from '../store/runs.ts';
import { useAppDispatch, useAppSelector } from '../store/store.ts';
import { learning } from '../words/en/learning.ts';
import { learn, useWords } from '../words/words.ts';
import { leftOverKey, useLeftOvers } from './useLeftOvers.ts';
import { useRuns } from './useProposals.ts';

learn(learning);

/** What is left of earlier meals, by when it is to be eaten, and where it can go. */
export default function LeftOvers() {
  const t = useWords();
  const left = useLeftOvers();
  if (left.length === 0) return null;
  return (
    <section className="mt-8" aria-label={t('learning.leftOvers')}>
      <h2 className="text-xl">{t('learning.leftOvers')}</h2>
      <ul className="max-w-2xl">
        {left.map((one) => (
          <Left key={leftOverKey(one)} left={one} />
        ))}
      </ul>
      <p className="mt-1 text-sm text-muted">{t('learning.leftSource')}</p>
    </section>
  );
}

function Left({ left }: { left: LeftOver }) {
  const t = useWords();
  const dispatch = useAppDispatch();
  const nowMin = useNow();
  const meal = useRuns().find(({ id }) => id === left.run)?.meal;
  const [choosing, setChoosing] = useState(false);
  const { run, food, frozenMin, untilMin, cut } = left;
  const zone = meal?.serving.zone ?? 'UTC';
  const past = untilMin < nowMin;
  const { weekday, day, month } = wallClock(untilMin, zone);
  const date = `${dayLong(weekday)} ${day}.${month}.`;
  const until =
    frozenMin === undefined
      ? t(past ? 'learning.leftPast' : 'learning.leftUntil', { date })
      : t(past ? 'learning.frozenPast' : 'learning.frozenUntil', {
          since: dayAndMonth(frozenMin, zone),
          date: dayAndMonth(untilMin, zone),
        });
  return (
    <li className="border-b border-line py-2">
      <div className="flex flex-wrap items-center gap-3">
        <span className={`mr-auto ${past && frozenMin === undefined ? 'text-clash' : ''}`}>
          <span className="block font-semibold">
            {left.dishName}, {showWeight(left.weightG, meal?.kitchen.units)}
          </span>
          <span className="text-sm">{until}</span>
        </span>
        {cut !== undefined && (!past || frozenMin !== undefined) && (
          <button
            type="button"
            className="btn"
            aria-expanded={choosing}
            onClick={() => setChoosing(!choosing)}
          >
            {t('learning.leftInto')}
          </button>
        )}
        {frozenMin === undefined && !past && (
          <button
            type="button"
            className="btn"
            onClick={() => dispatch(deedsDone({ run, deeds: [{ did: 'frozen', food }] }))}
          >
            {t('learning.leftFreeze')}
          </button>
        )}
        <button
          type="button"
          className="btn"
          onClick={() =>
            dispatch(
              deedsDone({ run, deeds: [{ did: 'weighed', food, when: 'left', weightG: 0 }] }),
            )
          }
        >
          {t('learning.leftGone')}
        </button>
      </div>
      {choosing && cut !== undefined && <Into left={left} cut={cut} />}
    </li>
  );
}

function dayAndMonth(min: number, zone: string): string {
  const { day, month } = wallClock(Math.floor(min), zone);
  return `${day}.${month}.`;
}

/** The meals to come, and what it can become on each. */
function Into({ left, cut }: { left: LeftOver; cut: string }) {
  const t = useWords();
  const nowMin = useNow();
  const meals = useAppSelector(({ library }) => library.meals);
  const coming = Object.values(meals)
    .filter((meal) => servingMin(meal) > nowMin)
    .toSorted((a, b) => servingMin(a) - servingMin(b));
  if (coming.length === 0) return <p className="mt-2">{t('learning.noMealToCome')}</p>;
  return (
    <ul className="mt-2 grid gap-2" aria-label={t('learning.leftInto')}>
      {coming.map((meal) => (
        <li key={meal.id} className="flex flex-wrap items-center gap-x-4">
          <span className="w-[220px] text-muted">
            {meal.title}, {dayOf(meal)}
          </span>
          {keepsUntil(left, servingMin(meal)) ? (
            secondDishesOf(cut).map(({ id, name }) => (
              <Link
                key={id}
                className="inline-flex min-h-[40px] items-center underline"
                to={`/meal/${meal.id}/dishes/pattern-${id}?left=${leftOverKey(left)}`}
              >
                {name}
              </Link>
            ))
          ) : (
            <span>{t('learning.leftTooLong')}</span>
          )}
        </li>
      ))}
    </ul>
  );
}

function dayOf(meal: Meal): string {
  const { weekday, day, month } = wallClock(servingMin(meal), meal.serving.zone);
  return `${dayLong(weekday)} ${day}.${month}.`;
}
