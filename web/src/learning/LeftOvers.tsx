import { dayLong, leftOversOf, showWeight, wallClock, type LeftOver } from '@zemrin/core';
import { useNow } from '../store/hooks.ts';
import { deedsDone } from '../store/runs.ts';
import { useAppDispatch } from '../store/store.ts';
import { learning } from '../words/en/learning.ts';
import { learn, useWords } from '../words/words.ts';
import { useRuns } from './useProposals.ts';

learn(learning);

/** What is left of earlier meals, and by when it is to be eaten. */
export default function LeftOvers() {
  const t = useWords();
  const dispatch = useAppDispatch();
  const runs = useRuns();
  const nowMin = useNow();
  const left = leftOversOf(runs, nowMin);
  if (left.length === 0) return null;
  const gone = ({ run, food }: LeftOver) =>
    dispatch(deedsDone({ run, deeds: [{ did: 'weighed', food, when: 'left', weightG: 0 }] }));
  return (
    <section className="mt-8" aria-label={t('learning.leftOvers')}>
      <h2 className="text-xl">{t('learning.leftOvers')}</h2>
      <ul className="max-w-2xl">
        {left.map((one) => {
          const run = runs.find(({ id }) => id === one.run);
          const zone = run?.meal.serving.zone ?? 'UTC';
          const past = one.untilMin < nowMin;
          const { weekday, day, month } = wallClock(one.untilMin, zone);
          const date = `${dayLong(weekday)} ${day}.${month}.`;
          return (
            <li
              key={`${one.run} ${one.food}`}
              className="flex flex-wrap items-center justify-between gap-3 border-b border-line py-2"
            >
              <span className={past ? 'text-clash' : ''}>
                <span className="block font-semibold">
                  {one.dishName}, {showWeight(one.weightG, run?.meal.kitchen.units)}
                </span>
                <span className="text-sm">
                  {t(past ? 'learning.leftPast' : 'learning.leftUntil', { date })}
                </span>
              </span>
              <button type="button" className="btn" onClick={() => gone(one)}>
                {t('learning.leftGone')}
              </button>
            </li>
          );
        })}
      </ul>
      <p className="mt-1 text-sm text-muted">{t('learning.leftSource')}</p>
    </section>
  );
}
