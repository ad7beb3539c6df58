import {
  settleFood,
  showWeight,
  type Batch,
  type Dish,
  type Meal,
  type Mixture,
} from '@zemrin/core';
import { Columns2, Pencil, Scale } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useMeal, usePlan } from '../../store/hooks.ts';
import { NoMeal } from '../../ui/NoMeal.tsx';
import { bench } from '../../words/en/bench.ts';
import { kitchen } from '../../words/en/kitchen.ts';
import { weave } from '../../words/en/weave.ts';
import { schools } from '../../words/en/schools.ts';
import { table } from '../../words/en/table.ts';
import { learn, useWords } from '../../words/words.ts';
import { Chooser, type Placed } from './Chooser.tsx';
import { Contents } from './scale/Contents.tsx';
import { Measures } from './scale/Measures.tsx';
import { NewMixture } from './mixture/NewMixture.tsx';
import { OnTheScale } from './scale/OnTheScale.tsx';
import { Schools } from './mixture/Practices.tsx';
import { SoakWindow } from './soak/SoakWindow.tsx';
import { useBench } from './useBench.ts';
import { Vessel } from './soak/Vessel.tsx';

learn(bench);
learn(schools);
learn(table);
learn(weave);
learn(kitchen);

const ScaleMode = lazy(() => import('./scale/ScaleMode.tsx'));
const MixtureForm = lazy(() => import('./mixture/MixtureForm.tsx'));

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
        <div className="flex flex-wrap gap-3">
          <NewMixture meal={meal} />
          <Link className="btn" to={`/meal/${meal.id}/table`}>
            {t('nav.table')}
          </Link>
        </div>
      </main>
    );
  }
  return <Weighed key={chosen.mixture.id} meal={meal} {...chosen} all={all} />;
}

interface WeighedProps {
  readonly meal: Meal;
  readonly dish: Dish;
  readonly mixture: Mixture;
  readonly all: readonly Placed[];
}

function Weighed({ meal, dish, mixture, all }: WeighedProps) {
  const t = useWords();
  const plan = usePlan(meal.id);
  const bench = useBench(meal, dish, mixture);
  const { batch } = bench;
  const [compare, setCompare] = useState(false);
  const [over, setOver] = useState<'scale' | 'form'>();
  /** The line being changed, and the batch as it was when the cook took it up. */
  const [changing, setChanging] = useState<{ line: number; before: Batch }>();
  const select = (line: number | undefined) =>
    setChanging(line === undefined ? undefined : { line, before: batch });
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
        <header className="mb-2.5 flex flex-wrap items-center gap-x-2 gap-y-1">
          <div className="mr-auto min-w-0">
            <h1 className="text-[25px]">{mixture.name}</h1>
            <p className="text-muted">{t('bench.for', { what: foods.join('; ') || dish.name })}</p>
          </div>
          <Tool icon={Scale} label={t('bench.weigh')} hotkey="w" onClick={() => setOver('scale')} />
          <Tool
            icon={Columns2}
            label={t('bench.compare')}
            hotkey="c"
            pressed={compare}
            onClick={() => setCompare(!compare)}
          />
          <Tool
            icon={Pencil}
            label={t('bench.change')}
            hotkey="m"
            onClick={() => setOver('form')}
          />
        </header>
        <div className="grid gap-x-6 gap-y-4 md:grid-cols-[220px_1fr] md:grid-rows-[auto_1fr]">
          <OnTheScale {...bench} />
          <div className="min-w-0 md:col-start-2 md:row-span-2 md:row-start-1">
            <Measures
              {...bench}
              compare={compare}
              selected={changing?.line}
              before={changing?.before}
              onSelect={select}
            />
            <SoakWindow meal={meal} dish={dish} mixture={mixture} batch={batch} plan={plan} />
          </div>
          <div className="md:col-start-1 md:row-start-2">
            <Vessel batch={batch} units={meal.kitchen.units} />
            {mixture.note && <p className="mt-3">{mixture.note}</p>}
          </div>
        </div>
      </section>
      <aside className="shrink-0 bg-panel p-5 lg:sticky lg:top-0 lg:h-screen lg:w-[296px] lg:overflow-y-auto">
        <Contents meal={meal} mixture={mixture} batch={batch} before={changing?.before} />
        <Schools meal={meal} dish={dish} mixture={mixture} />
      </aside>
      <Suspense fallback={null}>
        {over === 'scale' && <ScaleMode bench={bench} onClose={() => setOver(undefined)} />}
        {over === 'form' && <MixtureForm bench={bench} onClose={() => setOver(undefined)} />}
      </Suspense>
    </main>
  );
}

function Tool(props: {
  icon: typeof Scale;
  label: string;
  hotkey: string;
  pressed?: boolean;
  onClick: () => void;
}) {
  const Icon = props.icon;
  return (
    <button
      type="button"
      data-key={props.hotkey}
      aria-pressed={props.pressed}
      aria-keyshortcuts={props.hotkey}
      className={`btn min-h-[40px] gap-2 px-2.5 text-sm ${props.pressed ? 'btn-main' : ''}`}
      onClick={props.onClick}
    >
      <Icon size={16} aria-hidden="true" className="hidden sm:block" />
      {props.label} <span className="key">{props.hotkey}</span>
    </button>
  );
}
