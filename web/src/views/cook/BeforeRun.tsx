import { jobsOf, showMinutes, showTime, type Meal } from '@zemrin/core';
import { useEffect, useRef } from 'react';
import { useSearchParams } from 'react-router';
import { useNow, usePlan } from '../../store/hooks.ts';
import { useWords } from '../../words/words.ts';
import { useStartRun } from '../../store/useStartRun.ts';

/** Before the day: the first job and how long until then, and the way into the run. */
export function BeforeRun({ meal }: { meal: Meal }) {
  const t = useWords();
  const plan = usePlan(meal.id);
  const nowMin = useNow();
  const start = useStartRun(meal);
  useStartAsked(start);
  const [first] = plan ? jobsOf(plan) : [];
  if (!plan || !first) {
    return (
      <main className="max-w-2xl p-6">
        <h1 className="text-2xl">{t('cook.nothing')}</h1>
        <p className="mt-3">{t('cook.nothingMore')}</p>
      </main>
    );
  }
  const left = first.startMin - nowMin;
  return (
    <main className="max-w-3xl p-5 md:p-10">
      <p className="text-lg text-muted">{meal.title}</p>
      <p className="mt-6 text-lg">
        {t('cook.nextJob')},{' '}
        {left > 0 ? t('cook.nextJobIn', { left: showMinutes(left) }) : t('cook.nextJobPast')}
      </p>
      <h1 className="mt-1 text-[clamp(34px,6vw,64px)]">{first.what}</h1>
      <p className="mt-3 text-xl">
        {first.step.dishName},{' '}
        {showTime(first.startMin, plan.zone, meal.kitchen.clock, plan.servingMin)}
      </p>
      <div className="mt-8 flex flex-wrap gap-3">
        <button type="button" className="btn cook-btn btn-go" onClick={() => void start()}>
          {t('cook.start')}
        </button>
        <button type="button" className="btn cook-btn" onClick={() => void start({ speed: 60 })}>
          {t('cook.rehearse')}
        </button>
      </div>
      <p className="mt-5 max-w-xl text-muted">{t('cook.startMore')}</p>
      <p className="mt-2 max-w-xl text-muted">{t('cook.rehearseMore')}</p>
    </main>
  );
}

/** From Meals and Weave one press starts it: the address asks for it, once. */
function useStartAsked(start: () => Promise<void>): void {
  const [asked, setAsked] = useSearchParams();
  const begun = useRef(false);
  useEffect(() => {
    if (!asked.has('start') || begun.current) return;
    begun.current = true;
    void start().then(() => setAsked({}, { replace: true }));
  }, [asked, setAsked, start]);
}
