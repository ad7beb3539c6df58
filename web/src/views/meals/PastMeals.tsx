import { companyOf, dayLong, servingMin, wallClock, type Meal } from '@zemrin/core';
import { Link } from 'react-router';
import { useWords } from '../../words/words.ts';
import { MealMenu } from './MealMenu.tsx';

/** Meals that were served. */
export default function PastMeals({ meals }: { meals: readonly Meal[] }) {
  const t = useWords();
  return (
    <section className="mt-10">
      <h2 className="mb-2 text-xl">{t('meals.past')}</h2>
      {meals.length === 0 && <p className="text-muted">{t('meals.pastNone')}</p>}
      <ul className="max-w-2xl">
        {meals.map((meal) => {
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
    </section>
  );
}
