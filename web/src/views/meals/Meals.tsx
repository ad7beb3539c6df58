import { servingMin, type Meal } from '@zemrin/core';
import { lazy, Suspense } from 'react';
import { Loading } from '../../ui/Loading.tsx';
import { useNow } from '../../store/hooks.ts';
import { useAppSelector } from '../../store/store.ts';
import { download } from '../../ui/download.ts';
import { useWords } from '../../words/words.ts';
import { FirstVisit } from './FirstVisit.tsx';
import { NewAndImport } from './NewAndImport.tsx';
import { useDemos } from './useDemos.ts';
import { useMealActions } from './useMealActions.ts';

// A first visit has no meals to draw, and should not wait for what draws them.
const MealStrip = lazy(() => import('./MealStrip.tsx'));
const LeftOvers = lazy(() => import('../../learning/LeftOvers.tsx'));
const PastMeals = lazy(() => import('./PastMeals.tsx'));

/** What is coming and what was. */
export default function Meals() {
  const ready = useAppSelector((state) => state.library.loaded);
  const meals = useAppSelector((state) => state.library.meals);
  const nowMin = useNow();
  if (!ready) return <Loading />;
  const all = Object.values(meals).sort((a, b) => servingMin(a) - servingMin(b));
  const coming = all.filter((meal) => servingMin(meal) >= nowMin);
  const past = all.filter((meal) => servingMin(meal) < nowMin).reverse();
  return (
    <main className="mx-auto max-w-[1180px] px-4 py-5 md:px-8">
      {all.length === 0 ? <FirstVisit /> : <Coming meals={coming} nowMin={nowMin} />}
      <Left />
      {all.length > 0 && <Demos taken={new Set(all.map((meal) => meal.title))} />}
      {all.length > 0 && (
        <Suspense fallback={null}>
          <PastMeals meals={past} />
        </Suspense>
      )}
      <Unreadable />
      <Bin />
    </main>
  );
}

/** What is left so long is told no more, minutes. */
const LEFT_MIN = 7 * 1440;

/** Fetched where something was weighed as left in the last days, or is frozen. */
function Left() {
  const nowMin = useNow();
  const some = useAppSelector(({ runs }) =>
    Object.values(runs.runs).some(({ run }) =>
      run.events.some(
        (event) =>
          event.did === 'frozen' ||
          (event.did === 'weighed' && event.when === 'left' && event.atMin > nowMin - LEFT_MIN),
      ),
    ),
  );
  return <Suspense fallback={null}>{some && <LeftOvers />}</Suspense>;
}

function Coming({ meals, nowMin }: { meals: readonly Meal[]; nowMin: number }) {
  const t = useWords();
  const actions = useMealActions();
  return (
    <>
      <header className="mb-5 flex flex-wrap items-center gap-3">
        <h1 className="mr-auto text-[30px]">{t('meals.coming')}</h1>
        <NewAndImport />
        <button type="button" className="btn" onClick={actions.exportAll}>
          {t('meals.exportAll')}
        </button>
      </header>
      {meals.length === 0 ? (
        <p className="text-muted">{t('meals.none')}</p>
      ) : (
        <Suspense fallback={<Loading />}>
          <MealStrip meals={meals} nowMin={nowMin} />
        </Suspense>
      )}
    </>
  );
}

/** Examples not on the list yet, offered again. */
function Demos({ taken }: { taken: ReadonlySet<string> }) {
  const t = useWords();
  const actions = useMealActions();
  const demos = useDemos().filter((demo) => !taken.has(demo.title));
  if (demos.length === 0) return null;
  return (
    <section className="mt-8">
      <h2 className="mb-2 text-xl">{t('meals.examples')}</h2>
      <div className="flex flex-wrap gap-2">
        {demos.map((demo) => (
          <button
            key={demo.id}
            type="button"
            className="btn"
            onClick={() => actions.takeDemo(demo)}
          >
            {t('meals.takeDemo', { title: demo.title })}
          </button>
        ))}
      </div>
    </section>
  );
}

/** What lies in the browser and cannot be read: told, and handed out as it is. */
function Unreadable() {
  const t = useWords();
  const unreadable = useAppSelector((state) => state.storage.unreadable);
  if (unreadable.length === 0) return null;
  return (
    <section className="mt-8">
      <h2 className="text-xl">{t('meals.unreadable')}</h2>
      <p className="text-muted">{t('meals.unreadableMore')}</p>
      <ul className="max-w-2xl">
        {unreadable.map(({ key, document, why }) => (
          <li
            key={key}
            className="flex flex-wrap items-center justify-between gap-3 border-b border-line py-2"
          >
            <span className="min-w-0">
              <span className="block font-semibold">{key}</span>
              <span className="text-sm text-muted">{why}</span>
            </span>
            <button
              type="button"
              className="btn"
              aria-label={`${t('meals.exportAsIs')}: ${key}`}
              onClick={() =>
                download(JSON.stringify(document, null, 2), `${key}.json`, 'application/json')
              }
            >
              {t('meals.exportAsIs')}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Bin() {
  const t = useWords();
  const actions = useMealActions();
  const bin = useAppSelector((state) => state.library.bin);
  if (bin.length === 0) return null;
  return (
    <details className="mt-8">
      <summary className="min-h-[44px] cursor-pointer py-2 font-semibold">{t('meals.bin')}</summary>
      <ul className="max-w-2xl">
        {bin.map(({ meal }) => (
          <li key={meal.id} className="flex items-center justify-between border-b border-line py-2">
            {meal.title}
            <button type="button" className="btn" onClick={() => actions.restore(meal)}>
              {t('meals.restore')}
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
