import { companyOf, dayLong, servingMin, wallClock, type Meal } from '@zemrin/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { useWords } from '../../words/words.ts';
import { MealMenu } from './MealMenu.tsx';

/** So many at a time. */
const MORE = 30;

/** Meals that were served, the latest first. */
export default function PastMeals({ meals }: { meals: readonly Meal[] }) {
  const t = useWords();
  const [shown, setShown] = useState(MORE);
  return (
    <section className="mt-10">
      <h2 className="mb-2 text-xl">{t('meals.past')}</h2>
      {meals.length === 0 && <p className="text-muted">{t('meals.pastNone')}</p>}
      <ul className="max-w-2xl">
        {meals.slice(0, shown).map((meal) => {
          const at = wallClock(servingMin(meal), meal.serving.zone);
          return (
            <li key={meal.id} className="flex items-center gap-3 border-b border-line py-2">
              <Link to={`/meal/${meal.id}/table`} className="mr-auto font-semibold">
                {meal.title}
              </Link>
              <span className="text-muted">
                {dayLong(at.weekday)} {at.day}.{at.month}.,{' '}
                {t('meals.eaters', { count: companyOf(meal.eaters).heads })}
              </span>
              <MealMenu meal={meal} />
            </li>
          );
        })}
      </ul>
      {meals.length > shown && (
        <button type="button" className="btn mt-3" onClick={() => setShown(shown + MORE)}>
          {t('meals.older', { count: meals.length - shown })}
        </button>
      )}
    </section>
  );
}
