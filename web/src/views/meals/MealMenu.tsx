import type { Meal } from '@zemrin/core';
import { Ellipsis } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { useWords } from '../../words/words.ts';

// What draws menus is fetched when the first is opened.
const MealMenuList = lazy(() => import('./MealMenuList.tsx'));

/** What can be done with a meal, behind one button. */
export function MealMenu({ meal }: { meal: Meal }) {
  const t = useWords();
  const [asked, setAsked] = useState(false);
  const button = (
    <button
      type="button"
      className="btn btn-quiet px-2"
      aria-label={t('meals.more', { title: meal.title })}
      aria-haspopup="menu"
      onClick={() => setAsked(true)}
    >
      <Ellipsis size={20} aria-hidden="true" />
    </button>
  );
  if (!asked) return button;
  return (
    <Suspense fallback={button}>
      <MealMenuList meal={meal} />
    </Suspense>
  );
}
