import { beginRun, eventsOf, servingMin, type Meal, type Run } from '@zemrin/core';
import { useNavigate } from 'react-router';
import { useNow } from '../../store/hooks.ts';
import { runBegun } from '../../store/runs.ts';
import { useAppDispatch, useAppSelector } from '../../store/store.ts';
import { useWords } from '../../words/words.ts';
import { runPlanner } from '../../workers/runs.ts';

/** As many as one still remembers. */
const MOST = 5;

/** Meals that were served and cooked without a run: each can be told of afterwards. */
export function ByHand({ runs }: { runs: readonly Run[] }) {
  const t = useWords();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const nowMin = useNow();
  const meals = useAppSelector(({ library }) => library.meals);
  const told = new Set(runs.map(({ meal }) => meal.id));
  const untold = Object.values(meals)
    .filter((meal) => servingMin(meal) < nowMin && !told.has(meal.id))
    .toSorted((a, b) => servingMin(b) - servingMin(a))
    .slice(0, MOST);
  if (untold.length === 0) return null;
  const take = async (meal: Meal) => {
    const run = await runByHand(meal);
    dispatch(runBegun({ run }));
    void navigate(`/log/${run.id}`);
  };
  return (
    <section className="mt-6" aria-label={t('log.byHand')}>
      <h2 className="text-lg font-semibold">{t('log.byHand')}</h2>
      <p className="text-sm text-muted">{t('log.byHandHint')}</p>
      <ul className="mt-2 grid gap-2">
        {untold.map((meal) => (
          <li key={meal.id}>
            <button type="button" className="btn w-full" onClick={() => void take(meal)}>
              {t('log.byHandTake', { title: meal.title })}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** So long before serving a meal's first job may be, minutes. */
const LONGEST_MIN = 16 * 1440;

/** A run of a meal nobody followed: from the first job of its plan to its serving. */
async function runByHand(meal: Meal): Promise<Run> {
  const served = servingMin(meal);
  const id = `${meal.id}-${served}`;
  const plan = await runPlanner().firstPlan(beginRun(meal, id, served - LONGEST_MIN));
  const run = beginRun(meal, id, plan.firstJobMin ?? served);
  const events = eventsOf([{ did: 'served' }], [], { by: 'hand', atMin: served });
  return { ...run, events };
}
