import {
  atTable,
  dayOfRun,
  foldRun,
  runAgainstPlan,
  showMinutes,
  showTime,
  type Deed,
  type Plan,
  type Run,
} from '@zemrin/core';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { NextTime } from '../../learning/NextTime.tsx';
import { useProposals } from '../../learning/useProposals.ts';
import { nowMinute } from '../../store/clock.ts';
import { deedsDone } from '../../store/runs.ts';
import { own } from '../../store/own.ts';
import { useAppDispatch, useAppSelector } from '../../store/store.ts';
import { RunFiles } from '../../ui/RunFiles.tsx';
import { useWords } from '../../words/words.ts';
import { runPlanner } from '../../workers/runs.ts';
import { Compare } from './Compare.tsx';
import { DishLog } from './DishLog.tsx';
import { Pictures } from './Pictures.tsx';
import { OverRuns } from './OverRuns.tsx';
import { Threads } from './Threads.tsx';

/** One run: against its plan, at the table, and what it asks for next time. */
export function RunPage({ run, runs }: { run: Run; runs: readonly Run[] }) {
  const t = useWords();
  const dispatch = useAppDispatch();
  const plan = useFirstPlan(run);
  const state = useMemo(() => foldRun(run), [run]);
  const against = useMemo(() => plan && runAgainstPlan(run, plan), [run, plan]);
  const said = useMemo(() => atTable(state), [state]);
  // What it asks for is for the meal as it stands in the library; of one that is gone, nothing.
  const meal = useAppSelector(({ library }) => own(library.meals, run.meal.id));
  const proposals = useProposals(meal);
  const say = useCallback(
    (deeds: readonly Deed[]) => void dispatch(deedsDone({ run: run.id, deeds })),
    [dispatch, run.id],
  );
  const { zone } = run.meal.serving;
  const { clock } = run.meal.kitchen;
  const at = (min: number) => showTime(Math.round(min), zone, clock, Math.round(min));
  const lateMin =
    against?.servedMin === undefined
      ? undefined
      : Math.round(against.servedMin - against.wishedMin);
  return (
    <div className="min-w-0 grow px-4 py-5 md:px-7">
      <h1 className="text-[27px]">{t('log.howItWent', { title: run.meal.title })}</h1>
      <p className="text-muted">
        {dayOfRun(run)}
        {against && `, ${t('log.wished', { at: at(against.wishedMin) })}`}
        {against?.servedMin !== undefined && `, ${t('log.served', { at: at(against.servedMin) })}`}
        {lateMin !== undefined &&
          Math.abs(lateMin) > 2 &&
          ` (${t(lateMin > 0 ? 'log.late' : 'log.early', { minutes: showMinutes(Math.abs(lateMin)) })})`}
        {against && `, ${t('log.foreseen', { chance: Math.round(against.onTime * 100) })}`}
      </p>
      {against ? <Threads against={against} /> : <p className="mt-4">{t('log.reckoning')}</p>}
      <div className="mt-6 grid grid-cols-1 gap-x-8 gap-y-6 xl:grid-cols-2">
        {state.meal.dishes.map((dish) => {
          const table = said.find((one) => one.dish === dish.id);
          const steps = against?.dishes.find((one) => one.dish === dish.id)?.steps;
          return (
            table && (
              <DishLog
                key={dish.id}
                dish={dish}
                table={table}
                steps={steps}
                run={run}
                onSay={say}
              />
            )
          );
        })}
      </div>
      <Pictures state={state} at={at} onSay={say} />
      {meal && (
        <div className="mt-8 max-w-2xl">
          <NextTime meal={meal} proposals={proposals} />
        </div>
      )}
      <Compare run={run} runs={runs} />
      <OverRuns runs={runs} />
      <div className="mt-8 flex flex-wrap gap-3 print:hidden">
        <RunFiles run={run} state={state} nowMin={nowMinute()} onSay={say} />
        <button type="button" className="btn" data-key="p" onClick={() => window.print()}>
          {t('log.print')} <span className="key">p</span>
        </button>
      </div>
    </div>
  );
}

/** The plan a run began with: made again, beside the page. */
function useFirstPlan(run: Run): Plan | undefined {
  const { id } = run;
  const [made, setMade] = useState<{ readonly of: string; readonly plan: Plan }>();
  useEffect(() => {
    let gone = false;
    void runPlanner()
      .firstPlan({ ...run, events: [] })
      .then((plan) => {
        if (!gone) setMade({ of: id, plan });
      });
    return () => {
      gone = true;
    };
    // Of one run it is always the same, whatever happens in it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [id]);
  return made?.of === id ? made.plan : undefined;
}
