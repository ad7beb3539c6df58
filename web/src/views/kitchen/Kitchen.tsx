import {
  answerKey,
  answersTo,
  MEASURES,
  SCHOOL_NAMES,
  schoolsOf,
  type Kitchen as KitchenOf,
  type Meal,
} from '@zemrin/core';
import { lazy, Suspense, useState } from 'react';
import { useEdit, useMeal } from '../../store/hooks.ts';
import { Choice } from '../../ui/Choice.tsx';
import { NoMeal } from '../../ui/NoMeal.tsx';
import { Tick } from '../../ui/Tick.tsx';
import { useWords } from '../../words/words.ts';
import { Appliances } from './Appliances.tsx';
import { Helpers } from './Helpers.tsx';
import { PantryList } from './PantryList.tsx';
import { Vessels } from './Vessels.tsx';

const HoursDialog = lazy(() =>
  import('../../ui/HoursDialog.tsx').then((module) => ({ default: module.HoursDialog })),
);

/** What the plan and the bench may count on: vessels, spoons, how things are done, the pantry. */
export default function Kitchen() {
  const t = useWords();
  const meal = useMeal();
  const [hours, setHours] = useState(false);
  if (!meal) return <NoMeal />;
  return (
    <main className="px-4 py-4 md:px-6">
      <header className="mb-4 flex flex-wrap items-baseline gap-x-4 gap-y-2">
        <h1 className="text-[26px]">{meal.kitchen.name}</h1>
        <span className="mr-auto text-muted">{t('kitchen.of', { meal: meal.title })}</span>
        <button type="button" className="btn" onClick={() => setHours(true)}>
          {t('weave.hoursEdit')}
        </button>
      </header>
      <div className="grid gap-8 lg:grid-cols-[minmax(300px,1fr)_minmax(300px,1fr)_minmax(340px,1.1fr)]">
        <SchoolsOfKitchen meal={meal} />
        <div className="flex min-w-0 flex-col gap-8">
          <Appliances meal={meal} />
          <Helpers meal={meal} />
          <Vessels meal={meal} />
          <Spoons meal={meal} />
        </div>
        <PantryList meal={meal} />
      </div>
      <Suspense fallback={null}>
        {hours && <HoursDialog meal={meal} onClose={() => setHours(false)} />}
      </Suspense>
    </main>
  );
}

/** Where cooks disagree, and how it is done here. */
function SchoolsOfKitchen({ meal }: { meal: Meal }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const chosen = schoolsOf(meal.kitchen);
  return (
    <section>
      <h2 className="text-xl">{t('bench.howWeDo')}</h2>
      <p className="mb-2 text-muted">{t('kitchen.schoolsMore')}</p>
      {SCHOOL_NAMES.map((school) => (
        <div key={school} className="border-t border-line py-2.5">
          <Choice
            label={t(`school.${school}`)}
            value={String(chosen[school])}
            className="field w-full"
            options={answersTo(school).map(({ answer, key }) => [answer, t(`school.${key}`)])}
            onChoose={(to) => edit({ do: 'setSchool', school, to })}
          />
          <p className="mt-1 text-sm text-muted">{t(`school.${answerKey(school, chosen)}.why`)}</p>
        </div>
      ))}
    </section>
  );
}

/** The spoons and cups in the drawer: amounts are told in these. */
function Spoons({ meal }: { meal: Meal }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const owned = meal.kitchen.measures;
  const set = (measures: KitchenOf['measures']) => edit({ do: 'setMeasures', measures });
  return (
    <section>
      <h2 className="text-xl">{t('kitchen.spoons')}</h2>
      <p className="text-muted">{t('kitchen.spoonsMore')}</p>
      <div className="grid grid-cols-2 gap-x-4 sm:grid-cols-3">
        {MEASURES.map((measure) => (
          <Tick
            key={measure}
            checked={owned.includes(measure)}
            onChange={(yes) =>
              set(MEASURES.filter((m) => (m === measure ? yes : owned.includes(m))))
            }
          >
            {t(`measure.${measure}`)}
          </Tick>
        ))}
      </div>
    </section>
  );
}
