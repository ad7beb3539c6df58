import {
  dayLong,
  mealMarkdown,
  monthLong,
  planCalendar,
  showTime,
  tableCsv,
  wallClock,
  type Meal,
  type Plan,
  type TableName,
} from '@zemrin/core';
import { CalendarPlus, CalendarSync, FileSpreadsheet, FileText, Printer } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { NavLink, useParams } from 'react-router';
import { nowMinute } from '../../store/clock.ts';
import { useMeal, usePlan } from '../../store/hooks.ts';
import { download } from '../../ui/download.ts';
import { NoMeal } from '../../ui/NoMeal.tsx';
import { follow } from '../../words/en/follow.ts';
import { lists } from '../../words/en/lists.ts';
import { table } from '../../words/en/table.ts';
import { learn, useWords } from '../../words/words.ts';
import { EquipmentSheet } from './EquipmentSheet.tsx';
import { RunSheetList } from './RunSheetList.tsx';
import { ShoppingSheet } from './ShoppingSheet.tsx';
import { WeighingSheet } from './WeighingSheet.tsx';

learn(lists);
learn(table);
learn(follow);

const CalendarFeed = lazy(() => import('./CalendarFeed.tsx'));

const LISTS = ['run', 'shopping', 'weighing', 'equipment'] as const;
type ListName = (typeof LISTS)[number];

const SHEETS = {
  run: RunSheetList,
  shopping: ShoppingSheet,
  weighing: WeighingSheet,
  equipment: EquipmentSheet,
} as const;

/** What to buy, to weigh, to have ready, and the evening by the clock; on screen and on paper. */
export default function Lists() {
  const t = useWords();
  const meal = useMeal();
  const plan = usePlan(meal?.id);
  const { list } = useParams();
  if (!meal) return <NoMeal />;
  const name: ListName = LISTS.find((one) => one === list) ?? 'run';
  const Sheet = SHEETS[name];
  return (
    <main className="sheet mx-auto max-w-[860px] px-4 py-5 md:px-6">
      <header className="flex flex-wrap items-start gap-3">
        <div className="mr-auto">
          <h1 className="text-[25px]">{t(`lists.${name}`)}</h1>
          <p className="text-muted">
            {meal.title}
            {plan && ` · ${servedAt(meal, plan, t)}`}
          </p>
        </div>
        <Exports meal={meal} plan={plan} name={name} />
      </header>
      <nav aria-label={t('lists.which')} className="mt-3 flex flex-wrap gap-2 print:hidden">
        {LISTS.map((one) => (
          <NavLink
            key={one}
            to={`/meal/${meal.id}/lists/${one}`}
            aria-current={one === name ? 'page' : undefined}
            className={`btn ${one === name ? 'btn-main' : ''}`}
          >
            {t(`lists.${one}`)}
          </NavLink>
        ))}
      </nav>
      {plan ? <Sheet meal={meal} plan={plan} /> : <p className="mt-4">{t('lists.noPlan')}</p>}
    </main>
  );
}

function servedAt(meal: Meal, plan: Plan, t: ReturnType<typeof useWords>): string {
  const at = wallClock(plan.servingMin, plan.zone);
  return t('lists.for', {
    day: dayLong(at.weekday),
    date: at.day,
    month: monthLong(at.month),
    at: showTime(plan.servingMin, plan.zone, meal.kitchen.clock, plan.servingMin),
    heads: meal.eaters.reduce((sum, { count }) => sum + count, 0),
  });
}

function Exports({ meal, plan, name }: { meal: Meal; plan: Plan | undefined; name: ListName }) {
  const t = useWords();
  const [feeding, setFeeding] = useState(false);
  if (!plan) return null;
  const table: TableName = name === 'equipment' ? 'run' : name;
  return (
    <div className="flex flex-wrap gap-2 print:hidden">
      <button type="button" className="btn" data-key="p" onClick={() => window.print()}>
        <Printer size={16} aria-hidden="true" />
        {t('lists.print')} <span className="key">p</span>
      </button>
      <button
        type="button"
        className="btn btn-quiet px-2"
        title={t('lists.csv')}
        aria-label={t('lists.csv')}
        onClick={() => download(tableCsv(table, meal, plan), `${meal.id}-${table}.csv`, 'text/csv')}
      >
        <FileSpreadsheet size={19} aria-hidden="true" />
      </button>
      <button
        type="button"
        className="btn btn-quiet px-2"
        title={t('lists.md')}
        aria-label={t('lists.md')}
        onClick={() => download(mealMarkdown(meal, plan), `${meal.id}.md`, 'text/markdown')}
      >
        <FileText size={19} aria-hidden="true" />
      </button>
      <button
        type="button"
        className="btn btn-quiet px-2"
        title={t('lists.ics')}
        aria-label={t('lists.ics')}
        onClick={() =>
          download(planCalendar(meal, plan, nowMinute()), `${meal.id}.ics`, 'text/calendar')
        }
      >
        <CalendarPlus size={19} aria-hidden="true" />
      </button>
      <button
        type="button"
        className="btn btn-quiet px-2"
        title={t('share.feed')}
        aria-label={t('share.feed')}
        onClick={() => setFeeding(true)}
      >
        <CalendarSync size={19} aria-hidden="true" />
      </button>
      <Suspense fallback={null}>
        {feeding && <CalendarFeed meal={meal.id} onClose={() => setFeeding(false)} />}
      </Suspense>
    </div>
  );
}
