import {
  answerKey,
  answersTo,
  MEASURES,
  PRACTICE_NAMES,
  practicesOf,
  type Kitchen as KitchenOf,
  type Meal,
} from '@zemrin/core';
import { lazy, Suspense, useRef, useState } from 'react';
import { useMeal } from '../../store/hooks.ts';
import { useEdit } from '../../store/useEdit.ts';
import { Choice } from '../../ui/Choice.tsx';
import { NoMeal } from '../../ui/NoMeal.tsx';
import { Tick } from '../../ui/Tick.tsx';
import { bench } from '../../words/en/bench.ts';
import { kitchen } from '../../words/en/kitchen.ts';
import { schools } from '../../words/en/schools.ts';
import { table } from '../../words/en/table.ts';
import { learn, useWords, type WordKey } from '../../words/words.ts';
import { Appliances } from './Appliances.tsx';
import { Helpers } from './Helpers.tsx';
import { KitchenFile } from './KitchenFile.tsx';
import { PantryList } from './PantryList.tsx';
import { Room, type Corner } from './Room.tsx';
import { Vessels } from './Vessels.tsx';

learn(bench);
learn(schools);
learn(table);
learn(kitchen);

const HoursDialog = lazy(() =>
  import('../../ui/HoursDialog.tsx').then((module) => ({ default: module.HoursDialog })),
);

const KitchenLearnt = lazy(() => import('../../learning/KitchenLearnt.tsx'));
const CalendarDialog = lazy(() => import('./CalendarDialog.tsx'));

const CORNERS: readonly Corner[] = [
  'appliances',
  'helpers',
  'vessels',
  'spoons',
  'schools',
  'pantry',
];
const TITLES = {
  appliances: 'kitchen.appliances',
  helpers: 'kitchen.helpers',
  vessels: 'kitchen.vessels',
  spoons: 'kitchen.spoons',
  schools: 'bench.howWeDo',
  pantry: 'pantry.title',
} as const satisfies Record<Corner, WordKey>;

/** What the plan and the bench may count on: vessels, spoons, how things are done, the pantry. */
export default function Kitchen() {
  const t = useWords();
  const meal = useMeal();
  const [hours, setHours] = useState(false);
  const [calendar, setCalendar] = useState(false);
  const [open, setOpen] = useState<Corner>('appliances');
  const corner = useRef<HTMLDivElement>(null);
  /** Opens a corner, and goes to the very thing that was touched. */
  const show = (to: Corner, id?: string) => {
    setOpen(to);
    if (id === undefined) return;
    requestAnimationFrame(() =>
      corner.current?.querySelector<HTMLElement>(`[data-thing="${id}"] input`)?.focus(),
    );
  };
  if (!meal) return <NoMeal />;
  return (
    <main className="px-4 py-4 md:px-6">
      <header className="mb-4 flex flex-wrap items-baseline gap-x-4 gap-y-2">
        <h1 className="text-[26px]">{meal.kitchen.name}</h1>
        <span className="mr-auto text-muted">{t('kitchen.of', { meal: meal.title })}</span>
        <button type="button" className="btn" onClick={() => setHours(true)}>
          {t('hours.edit')}
        </button>
        <button type="button" className="btn" onClick={() => setCalendar(true)}>
          {t('kitchen.calendar')}
        </button>
        <KitchenFile meal={meal} />
      </header>
      <div className="overflow-x-auto">
        <Room meal={meal} open={open} onOpen={(corner, id) => show(corner, id)} />
      </div>
      <nav aria-label={t('kitchen.corners')} className="mt-2 flex flex-wrap gap-1">
        {CORNERS.map((corner) => (
          <button
            key={corner}
            type="button"
            aria-pressed={open === corner}
            className={`min-h-[44px] rounded-lg px-3 ${open === corner ? 'bg-ink text-ground' : 'hover:bg-soft'}`}
            onClick={() => show(corner)}
          >
            {t(TITLES[corner])}
          </button>
        ))}
      </nav>
      <div ref={corner} className={`mt-5 ${open === 'pantry' ? 'max-w-[720px]' : 'max-w-[560px]'}`}>
        {open === 'appliances' && <Appliances meal={meal} />}
        {open === 'appliances' && (
          <Suspense fallback={null}>
            <KitchenLearnt meal={meal} />
          </Suspense>
        )}
        {open === 'helpers' && <Helpers meal={meal} />}
        {open === 'vessels' && <Vessels meal={meal} />}
        {open === 'spoons' && <Spoons meal={meal} />}
        {open === 'schools' && <SchoolsOfKitchen meal={meal} />}
        {open === 'pantry' && <PantryList meal={meal} />}
      </div>
      <Suspense fallback={null}>
        {calendar && <CalendarDialog meal={meal} onClose={() => setCalendar(false)} />}
        {hours && <HoursDialog meal={meal} onClose={() => setHours(false)} />}
      </Suspense>
    </main>
  );
}

/** Where cooks disagree, and how it is done here. */
function SchoolsOfKitchen({ meal }: { meal: Meal }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const chosen = practicesOf(meal.kitchen);
  return (
    <section>
      <h2 className="text-xl">{t('bench.howWeDo')}</h2>
      <p className="mb-2 text-muted">{t('kitchen.schoolsMore')}</p>
      {PRACTICE_NAMES.map((school) => (
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
