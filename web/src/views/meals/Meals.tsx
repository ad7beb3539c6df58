import { servingMin, type Meal } from '@zemrin/core';
import { FileUp, Plus } from 'lucide-react';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { Loading } from '../../app/Loading.tsx';
import { useNow } from '../../store/hooks.ts';
import { useAppSelector } from '../../store/store.ts';
import { useWords } from '../../words/words.ts';
import { loadDemos } from './demos.ts';
import { useMealActions } from './useMealActions.ts';

// A first visit has no meals to draw, and should not wait for what draws them.
const MealStrip = lazy(() => import('./MealStrip.tsx'));
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
      {all.length > 0 && <Demos taken={new Set(all.map((meal) => meal.title))} />}
      {all.length > 0 && (
        <Suspense fallback={null}>
          <PastMeals meals={past} />
        </Suspense>
      )}
      <Bin />
    </main>
  );
}

function Coming({ meals, nowMin }: { meals: readonly Meal[]; nowMin: number }) {
  const t = useWords();
  return (
    <>
      <header className="mb-5 flex flex-wrap items-center gap-3">
        <h1 className="mr-auto text-[30px]">{t('meals.coming')}</h1>
        <NewAndImport />
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

function NewAndImport() {
  const t = useWords();
  const actions = useMealActions();
  const input = useRef<HTMLInputElement>(null);
  const [problems, setProblems] = useState<readonly string[]>([]);
  return (
    <>
      <button type="button" className="btn btn-main" data-key="n" onClick={actions.create}>
        <Plus size={18} aria-hidden="true" />
        {t('meals.new')} <span className="key">n</span>
      </button>
      <button type="button" className="btn" onClick={() => input.current?.click()}>
        <FileUp size={18} aria-hidden="true" />
        {t('meals.import')}
      </button>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        className="sr-only"
        tabIndex={-1}
        aria-label={t('meals.import')}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void actions.importFile(file).then(setProblems);
        }}
      />
      {problems.length > 0 && (
        <div role="alert" className="basis-full rounded-lg border-2 border-clash p-3">
          <p className="font-semibold">{t('meals.importFailed')}</p>
          <ul className="mt-1 list-disc pl-5">
            {problems.map((problem) => (
              <li key={problem}>{problem}</li>
            ))}
          </ul>
        </div>
      )}
    </>
  );
}

function useDemos(): readonly Meal[] {
  const nowMin = useNow();
  const [demos, setDemos] = useState<readonly Meal[]>([]);
  const day = Math.floor(nowMin / 1440);
  useEffect(() => {
    let gone = false;
    void loadDemos(day * 1440).then((loaded) => {
      if (!gone) setDemos(loaded);
    });
    return () => {
      gone = true;
    };
  }, [day]);
  return demos;
}

function FirstVisit() {
  const t = useWords();
  const actions = useMealActions();
  const demos = useDemos();
  return (
    <section className="max-w-3xl pt-[6vh]">
      <h1 className="text-[clamp(30px,5vw,46px)]">{t('meals.firstTitle')}</h1>
      <p className="mt-4 mb-7 text-lg">{t('meals.firstMore')}</p>
      <div className="flex flex-wrap gap-3">
        {demos.map((demo) => (
          <button
            key={demo.id}
            type="button"
            className="btn btn-main"
            onClick={() => actions.takeDemo(demo)}
          >
            {t('meals.takeDemo', { title: demo.title })}
          </button>
        ))}
        <button type="button" className="btn" data-key="n" onClick={actions.create}>
          {t('meals.empty')} <span className="key">n</span>
        </button>
      </div>
    </section>
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
      {demos.map((demo) => (
        <button
          key={demo.id}
          type="button"
          className="btn mr-2"
          onClick={() => actions.takeDemo(demo)}
        >
          {t('meals.takeDemo', { title: demo.title })}
        </button>
      ))}
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
