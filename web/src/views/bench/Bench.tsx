import {
  batchOf,
  settleFood,
  showWeight,
  type Batch,
  type Dish,
  type Meal,
  type Mixture,
} from '@zemrin/core';
import { Link, NavLink, useParams } from 'react-router';
import { useMeal, usePlan } from '../../store/hooks.ts';
import { NoMeal } from '../../ui/NoMeal.tsx';
import { useWords } from '../../words/words.ts';
import { Contents } from './Contents.tsx';
import { Measures } from './Measures.tsx';
import { OnTheScale } from './OnTheScale.tsx';
import { SoakWindow } from './SoakWindow.tsx';

/** Batches and mixtures: weight in, spoons and grams out. */
export default function Bench() {
  const t = useWords();
  const meal = useMeal();
  const { mixture: asked } = useParams();
  if (!meal) return <NoMeal />;
  const all = meal.dishes.flatMap((dish) => dish.mixtures.map((mixture) => ({ dish, mixture })));
  const chosen = all.find(({ mixture }) => mixture.id === asked) ?? all[0];
  if (!chosen) {
    return (
      <main className="p-6">
        <h1 className="text-3xl">{t('bench.title')}</h1>
        <p className="my-3">{t('bench.none')}</p>
        <p className="mb-4 text-muted">{t('bench.noneMore')}</p>
        <Link className="btn" to={`/meal/${meal.id}/table`}>
          {t('nav.table')}
        </Link>
      </main>
    );
  }
  return <Weighed key={chosen.mixture.id} meal={meal} {...chosen} all={all} />;
}

interface WeighedProps {
  readonly meal: Meal;
  readonly dish: Dish;
  readonly mixture: Mixture;
  readonly all: ReadonlyArray<{ dish: Dish; mixture: Mixture }>;
}

function Weighed({ meal, dish, mixture, all }: WeighedProps) {
  const t = useWords();
  const plan = usePlan(meal.id);
  const batch: Batch = batchOf(meal, dish, mixture);
  const foods = dish.foods
    .filter((food) => mixture.on.includes(food.id))
    .map(
      (food) =>
        `${food.name}, ${showWeight(settleFood(meal, dish, food).weightG, meal.kitchen.units)}`,
    );
  return (
    <main className="flex min-h-full flex-col lg:flex-row">
      <section className="min-w-0 grow px-4 py-4 md:px-6">
        <nav aria-label={t('bench.choose')} className="mb-4 flex gap-1 overflow-x-auto pb-1">
          {all.map((other) => (
            <NavLink
              key={other.mixture.id}
              to={`/meal/${meal.id}/bench/${other.mixture.id}`}
              aria-current={other.mixture.id === mixture.id ? 'page' : undefined}
              className={`flex min-h-[44px] shrink-0 items-center rounded-lg px-3 text-[15px] ${other.mixture.id === mixture.id ? 'bg-ink text-ground' : 'hover:bg-soft'}`}
            >
              {other.mixture.name}
            </NavLink>
          ))}
        </nav>
        <header className="mb-4 flex flex-wrap items-baseline gap-x-4">
          <h1 className="text-[26px]">{mixture.name}</h1>
          <span className="text-muted">
            {t('bench.for', { what: foods.join('; ') || dish.name })}
          </span>
        </header>
        <div className="grid gap-6 md:grid-cols-[220px_1fr]">
          <OnTheScale meal={meal} dish={dish} mixture={mixture} batch={batch} />
          <div className="min-w-0">
            <Measures meal={meal} dish={dish} mixture={mixture} batch={batch} />
            <SoakWindow meal={meal} dish={dish} mixture={mixture} plan={plan} />
          </div>
        </div>
      </section>
      <aside className="shrink-0 bg-panel p-5 lg:w-[296px]">
        <Contents meal={meal} mixture={mixture} batch={batch} />
      </aside>
    </main>
  );
}
