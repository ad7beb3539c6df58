import {
  batchOf,
  settleFood,
  showWeight,
  type Batch,
  type Dish,
  type Meal,
  type Mixture,
} from '@zemrin/core';
import { Link, useNavigate, useParams } from 'react-router';
import { useMeal, usePlan } from '../../store/hooks.ts';
import { NoMeal } from '../../ui/NoMeal.tsx';
import { useWords } from '../../words/words.ts';
import { Contents } from './Contents.tsx';
import { Measures } from './Measures.tsx';
import { OnTheScale } from './OnTheScale.tsx';
import { SoakWindow } from './SoakWindow.tsx';
import { Vessel } from './Vessel.tsx';

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
        <Chooser meal={meal} all={all} chosen={mixture} />
        <header className="mb-3 flex flex-wrap items-baseline gap-x-4">
          <h1 className="text-[26px]">{mixture.name}</h1>
          <span className="text-muted">
            {t('bench.for', { what: foods.join('; ') || dish.name })}
          </span>
        </header>
        <div className="grid gap-x-6 gap-y-4 md:grid-cols-[220px_1fr] md:grid-rows-[auto_1fr]">
          <OnTheScale meal={meal} dish={dish} mixture={mixture} batch={batch} />
          <div className="min-w-0 md:col-start-2 md:row-span-2 md:row-start-1">
            <Measures meal={meal} dish={dish} mixture={mixture} batch={batch} />
            <SoakWindow meal={meal} dish={dish} mixture={mixture} plan={plan} />
          </div>
          <div className="md:col-start-1 md:row-start-2">
            <Vessel batch={batch} units={meal.kitchen.units} />
            {mixture.note && <p className="mt-3">{mixture.note}</p>}
          </div>
        </div>
      </section>
      <aside className="shrink-0 bg-panel p-5 lg:sticky lg:top-0 lg:h-screen lg:w-[296px] lg:overflow-y-auto">
        <Contents meal={meal} mixture={mixture} batch={batch} />
      </aside>
    </main>
  );
}

/** The meal's mixtures: a row of them, or on a phone a list to pull down. */
function Chooser(props: { meal: Meal; all: WeighedProps['all']; chosen: Mixture }) {
  const t = useWords();
  const navigate = useNavigate();
  const { meal, all, chosen } = props;
  const to = (mixture: string) => `/meal/${meal.id}/bench/${mixture}`;
  return (
    <nav aria-label={t('bench.choose')} className="mb-3">
      <select
        aria-label={t('bench.choose')}
        className="field w-full md:hidden"
        value={chosen.id}
        onChange={(event) => void navigate(to(event.target.value))}
      >
        {all.map(({ mixture }) => (
          <option key={mixture.id} value={mixture.id}>
            {mixture.name}
          </option>
        ))}
      </select>
      <div className="hidden flex-wrap gap-x-1 md:flex">
        {all.map(({ mixture }) => (
          <Link
            key={mixture.id}
            to={to(mixture.id)}
            aria-current={mixture.id === chosen.id ? 'page' : undefined}
            className={`flex min-h-[38px] shrink-0 items-center rounded-lg px-2.5 text-[14.5px] ${mixture.id === chosen.id ? 'bg-ink text-ground' : 'hover:bg-soft'}`}
          >
            {mixture.name}
          </Link>
        ))}
      </div>
    </nav>
  );
}
