import { copyDish, PATTERNS, takenIds, type Meal } from '@zemrin/core';
import { ClipboardPaste } from 'lucide-react';
import { lazy, Suspense } from 'react';
import { NavLink, useNavigate, useParams } from 'react-router';
import { Loading } from '../../ui/Loading.tsx';
import { useMeal } from '../../store/hooks.ts';
import { useOwnPatterns } from '../../store/useOwnPatterns.ts';
import { useEdit } from '../../store/useEdit.ts';
import { useAppSelector } from '../../store/store.ts';
import { WhatStands } from '../../ui/WhatStands.tsx';
import { NoMeal } from '../../ui/NoMeal.tsx';
import { dishes } from '../../words/en/dishes.ts';
import { verbs } from '../../words/en/verbs.ts';
import { schools } from '../../words/en/schools.ts';
import { table } from '../../words/en/table.ts';
import { learn, useWords } from '../../words/words.ts';
import { DishPage } from './DishPage.tsx';
import { DishFile } from './DishFile.tsx';
import { OwnPatternPage } from './OwnPatternPage.tsx';
import { PatternBook } from './PatternBook.tsx';
import { PatternPage } from './PatternPage.tsx';
import { ShelfEntry } from './ShelfEntry.tsx';

learn(dishes);
learn(schools);
learn(table);
learn(verbs);

const ReadPage = lazy(() => import('./ReadPage.tsx'));

/** The cook's dishes as chains, the pattern book, and the way in from a pasted recipe. */
export default function Dishes() {
  const t = useWords();
  const meal = useMeal();
  const { dish } = useParams();
  if (!meal) return <NoMeal />;
  return (
    <main className="flex min-h-full flex-col lg:flex-row lg:flex-wrap">
      {meal.dishes.length === 0 && meal.kitchen.asked !== true && (
        <div className="w-full">
          <WhatStands meal={meal} />
        </div>
      )}
      <Shelf meal={meal} chosen={dish} />
      <div
        className={`min-w-0 grow bg-panel px-4 py-5 md:px-7 lg:basis-0 ${dish === undefined ? 'hidden lg:block' : ''}`}
      >
        <NavLink to={`/meal/${meal.id}/dishes`} end className="btn mb-3 lg:hidden">
          {t('dishes.all')}
        </NavLink>
        <Chosen meal={meal} chosen={dish} />
      </div>
    </main>
  );
}

function Chosen({ meal, chosen }: { meal: Meal; chosen: string | undefined }) {
  const { patterns } = useOwnPatterns();
  const kept = patterns.find(({ id }) => `own-${id}` === chosen);
  if (kept) return <OwnPatternPage key={kept.id} meal={meal} pattern={kept} />;
  const pattern = PATTERNS.find(({ id }) => `pattern-${id}` === chosen);
  if (pattern) return <PatternPage key={pattern.id} meal={meal} pattern={pattern} />;
  if (chosen === 'read') {
    return (
      <Suspense fallback={<Loading />}>
        <ReadPage meal={meal} />
      </Suspense>
    );
  }
  const dish = meal.dishes.find(({ id }) => id === chosen) ?? meal.dishes[0];
  const [first] = PATTERNS;
  if (dish) return <DishPage key={dish.id} meal={meal} dish={dish} />;
  return first ? <PatternPage meal={meal} pattern={first} /> : null;
}

/** Chains in miniature one under another, so that one picks by shape. */
function Shelf({ meal, chosen }: { meal: Meal; chosen: string | undefined }) {
  const t = useWords();
  const to = (id: string) => `/meal/${meal.id}/dishes/${id}`;
  return (
    <aside
      className={`shrink-0 px-4 py-5 ${chosen === undefined ? '' : 'hidden lg:block'} lg:h-screen lg:w-[330px] lg:overflow-y-auto`}
    >
      <h1 className="text-[25px]">{t('dishes.title')}</h1>
      <NavLink to={to('read')} className="btn btn-main mt-3 w-full" data-key="r">
        <ClipboardPaste size={17} aria-hidden="true" />
        {t('dishes.read')} <span className="key">r</span>
      </NavLink>
      <h2 className="mt-5 text-[15px] text-muted">{t('dishes.onTable')}</h2>
      {meal.dishes.length === 0 && <p className="text-sm">{t('dishes.none')}</p>}
      <ul>
        {meal.dishes.map((dish, i) => (
          <ShelfEntry
            key={dish.id}
            to={to(dish.id)}
            name={dish.name}
            dish={dish}
            current={chosen === dish.id || (chosen === undefined && i === 0)}
          />
        ))}
      </ul>
      <OwnPatterns meal={meal} chosen={chosen} />
      <PatternBook meal={meal} chosen={chosen} />
      <Others meal={meal} />
      <DishFile meal={meal} />
    </aside>
  );
}

/** What the cook keeps as patterns; nothing where there are none. */
function OwnPatterns({ meal, chosen }: { meal: Meal; chosen: string | undefined }) {
  const t = useWords();
  const { patterns } = useOwnPatterns();
  if (patterns.length === 0) return null;
  return (
    <>
      <h2 className="mt-5 text-[15px] text-muted">{t('dishes.ownPatterns')}</h2>
      <ul>
        {patterns.map(({ id, dish }) => (
          <ShelfEntry
            key={id}
            to={`/meal/${meal.id}/dishes/own-${id}`}
            name={dish.name}
            dish={dish}
            current={chosen === `own-${id}`}
          />
        ))}
      </ul>
    </>
  );
}

/** Dishes of the cook's other meals, to be copied onto this table. */
function Others({ meal }: { meal: Meal }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const navigate = useNavigate();
  const meals = useAppSelector((state) => state.library.meals);
  const others = Object.values(meals).filter(({ id }) => id !== meal.id);
  const found = others.flatMap((other) => other.dishes.map((dish) => ({ other, dish })));
  if (found.length === 0) return null;
  return (
    <section className="mb-3">
      <h2 className="mt-5 text-[15px] text-muted">{t('dishes.others')}</h2>
      <ul>
        {found.map(({ other, dish }) => (
          <li key={`${other.id} ${dish.id}`}>
            <button
              type="button"
              className="block w-full overflow-hidden rounded-lg px-2 py-1.5 text-left hover:bg-soft"
              onClick={() => {
                const copy = copyDish(dish, takenIds(meal));
                edit({ do: 'putDish', dish: copy, own: other.pantry?.ingredients ?? [] });
                void navigate(`/meal/${meal.id}/dishes/${copy.id}`);
              }}
            >
              <span className="block text-[15px] leading-tight">{dish.name}</span>
              <span className="text-[13px] text-muted">
                {t('dishes.takenFrom', { meal: other.title })}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
