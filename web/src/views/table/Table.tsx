import { avoidConflicts, showTemperature, type Meal } from '@zemrin/core';
import { Plus } from 'lucide-react';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { useMeal, usePlan } from '../../store/hooks.ts';
import { useAppSelector } from '../../store/store.ts';
import { useEdit } from '../../store/useEdit.ts';
import { EditField } from '../../ui/EditField.tsx';
import { NoMeal } from '../../ui/NoMeal.tsx';
import { table } from '../../words/en/table.ts';
import { learn, useWords } from '../../words/words.ts';
import { Answer } from './Answer.tsx';
import { DishList } from './DishList.tsx';
import { RoundTable } from './RoundTable.tsx';

learn(table);

const NextTimeOf = lazy(() => import('../../learning/NextTimeOf.tsx'));

/** Who eats, when, what, and how much of it. */
export default function Table() {
  const meal = useMeal();
  return meal ? <Laid meal={meal} /> : <NoMeal />;
}

function Laid({ meal }: { meal: Meal }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const plan = usePlan(meal.id);
  const { kitchen } = meal;
  return (
    <main className="flex min-h-full flex-col lg:flex-row">
      <section className="min-w-0 grow px-4 py-4 md:px-6">
        <header className="flex flex-wrap items-baseline gap-x-4">
          <h1 className="min-w-0 grow text-[26px] md:grow-0 md:basis-[340px]">
            <EditField
              label={t('table.rename')}
              hideLabel
              value={meal.title}
              onCommit={(title) => {
                if (title !== '') edit({ do: 'rename', title });
                return undefined;
              }}
              className="w-full border-b-2 border-transparent bg-transparent font-bold hover:border-line focus:border-now"
            />
          </h1>
          {kitchen.outdoorC !== undefined && (
            <span className="text-muted">
              {t('table.kitchen', {
                name: kitchen.name,
                temp: showTemperature(kitchen.outdoorC, kitchen.units),
              })}
            </span>
          )}
        </header>
        <RoundTable meal={meal} />
        <div className="mx-auto max-w-[660px]">
          <Answer meal={meal} plan={plan} />
          <Conflicts meal={meal} />
          <Learnt meal={meal} />
          <div className="mt-4 flex flex-wrap gap-3">
            <Link className="btn btn-main" data-key="n" to={`/meal/${meal.id}/dishes`}>
              <Plus size={18} aria-hidden="true" />
              {t('table.addDish')} <span className="key">n</span>
            </Link>
            <button
              type="button"
              className="btn"
              onClick={() =>
                edit({ do: 'addSeat', seat: { who: 'adult', portion: 1, avoids: [] } })
              }
            >
              {t('table.addSeat')}
            </button>
          </div>
        </div>
      </section>
      <aside className="shrink-0 bg-panel p-5 lg:sticky lg:top-0 lg:h-screen lg:w-[432px] lg:overflow-y-auto">
        <DishList meal={meal} plan={plan} />
      </aside>
    </main>
  );
}

/** What earlier runs ask for: fetched once something was cooked. */
function Learnt({ meal }: { meal: Meal }) {
  const cooked = useAppSelector(({ runs }) => Object.keys(runs.runs).length > 0);
  return (
    <Suspense fallback={null}>
      {cooked && (
        <div className="mt-5">
          <NextTimeOf meal={meal} />
        </div>
      )}
    </Suspense>
  );
}

function Conflicts({ meal }: { meal: Meal }) {
  const t = useWords();
  const conflicts = avoidConflicts(meal);
  if (conflicts.length === 0) return null;
  return (
    <ul className="mt-3 space-y-1">
      {conflicts.map((conflict) => (
        <li key={`${conflict.dish}-${conflict.avoids}`} className="font-semibold text-clash">
          {t('table.holds', {
            dish: meal.dishes.find((dish) => dish.id === conflict.dish)?.name ?? '',
            avoids: t(`avoid.${conflict.avoids}`),
            because: conflict.because,
            count: conflict.heads,
          })}
        </li>
      ))}
    </ul>
  );
}
