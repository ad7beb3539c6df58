import {
  callsOfRun,
  foldRun,
  type Call,
  type Deed,
  type Meal,
  type Rescue,
  type RunState,
} from '@zemrin/core';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { own } from '../../store/own.ts';
import { runMinute } from '../../store/run-clock.ts';
import { deedsDone, type RunPlan } from '../../store/runs.ts';
import { useAppDispatch, useAppSelector } from '../../store/store.ts';
import type { KeptRun } from '../../store/runs.ts';

/** The newest run of a meal. */
export function useRunOf(meal: string): KeptRun | undefined {
  return useAppSelector(({ runs }) =>
    Object.values(runs.runs)
      .filter(({ run }) => run.meal.id === meal)
      .reduce<KeptRun | undefined>(
        (newest, one) => (newest && newest.run.startedMin >= one.run.startedMin ? newest : one),
        undefined,
      ),
  );
}

/** What the clock of a run says, second by second, epoch minutes. */
export function useRunMinute({ run, rehearsal }: KeptRun): number {
  const { startedMin } = run;
  const [now, setNow] = useState(() => runMinute(startedMin, rehearsal));
  useEffect(() => {
    const tick = () => setNow(runMinute(startedMin, rehearsal));
    tick();
    const timer = setInterval(tick, rehearsal ? 250 : 1000);
    return () => clearInterval(timer);
  }, [startedMin, rehearsal]);
  return now;
}

/** A run as the page shows it. */
export interface RunOnPage {
  readonly kept: KeptRun;
  readonly state: RunState;
  readonly meal: Meal;
  readonly plan: RunPlan | undefined;
  readonly waysOut: readonly Rescue[];
  readonly calls: readonly Call[];
  readonly nowMin: number;
  readonly say: (deeds: readonly Deed[]) => void;
}

export function useRunOnPage(kept: KeptRun): RunOnPage {
  const dispatch = useAppDispatch();
  const { run } = kept;
  const state = useMemo(() => foldRun(run), [run]);
  const plan = useAppSelector(({ runs }) => own(runs.plans, run.id));
  const waysOut = useAppSelector(({ runs }) => own(runs.waysOut, run.id)) ?? NONE;
  const nowMin = useRunMinute(kept);
  const calls = useMemo(
    () => (plan ? callsOfRun(state, plan.planned.plan, plan.planned.due) : []),
    [state, plan],
  );
  const say = useCallback(
    (deeds: readonly Deed[]) => void dispatch(deedsDone({ run: run.id, deeds })),
    [dispatch, run.id],
  );
  return { kept, state, meal: state.meal, plan, waysOut, calls, nowMin, say };
}

const NONE: readonly Rescue[] = [];
