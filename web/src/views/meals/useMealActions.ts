import {
  addDays,
  emptyMeal,
  freshId,
  localOf,
  MealError,
  parseMeal,
  printMeal,
  servingMin,
  type Meal,
} from '@zemrin/core';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { notify } from '../../notices/notify.ts';
import { nowMinute } from '../../store/clock.ts';
import { added, deleted, undone } from '../../store/library.ts';
import { useAppDispatch, useAppSelector } from '../../store/store.ts';
import { useWords } from '../../words/words.ts';

const DAY = 1440;

/** What can be done with whole meals. Every one of them can be undone. */
export function useMealActions() {
  const t = useWords();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const meals = useAppSelector((state) => state.library.meals);
  return useMemo(() => {
    const taken = new Set(Object.keys(meals));
    const keep = (meal: Meal): Meal => {
      const kept = { ...meal, id: freshId(meal.id, taken) };
      dispatch(added(kept));
      return kept;
    };
    const open = (meal: Meal) => void navigate(`/meal/${meal.id}/table`);
    return {
      keep,
      create() {
        const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
        const tomorrow = localOf(nowMinute() + DAY, zone).slice(0, 10);
        const title = t('meals.untitled');
        const meal = emptyMeal('meal', title, `${tomorrow}T19:00`, zone, t('meals.kitchen'));
        open(keep(meal));
      },
      takeDemo(meal: Meal) {
        void navigate(`/meal/${keep(meal).id}/weave`);
      },
      duplicate(meal: Meal) {
        const late = Math.max(0, Math.ceil((nowMinute() - servingMin(meal)) / DAY / 7));
        const at = late > 0 ? addDays(meal.serving.at, late * 7) : meal.serving.at;
        const title = t('meals.copyOf', { title: meal.title });
        keep({ ...meal, title, serving: { ...meal.serving, at } });
      },
      remove(meal: Meal) {
        dispatch(deleted({ meal: meal.id, nowMin: nowMinute() }));
        notify(t('meals.deleted', { title: meal.title }), {
          action: { label: t('app.undo'), onClick: () => dispatch(undone()) },
        });
      },
      restore(meal: Meal) {
        dispatch(added(meal));
      },
      exportFile(meal: Meal) {
        const url = URL.createObjectURL(new Blob([printMeal(meal)], { type: 'application/json' }));
        const link = document.createElement('a');
        link.href = url;
        link.download = `${meal.id}.json`;
        link.click();
        URL.revokeObjectURL(url);
      },
      async importFile(file: File): Promise<readonly string[]> {
        try {
          const meal = keep(parseMeal(await file.text(), nowMinute()));
          notify(t('meals.imported', { title: meal.title }));
          return [];
        } catch (error) {
          if (!(error instanceof MealError)) throw error;
          return error.problems.map((p) => `${p.path ? `${p.path}: ` : ''}${p.wrong}. ${p.mend}.`);
        }
      },
    };
  }, [meals, dispatch, navigate, t]);
}
