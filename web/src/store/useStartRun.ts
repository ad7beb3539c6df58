import { beginRun, type Meal } from '@zemrin/core';
import { useCallback } from 'react';
import { usePlan } from './hooks.ts';
import { uniqueId } from './ids.ts';
import { machineMs, runMinute } from './run-clock.ts';
import { runBegun } from './runs.ts';
import { useAppDispatch } from './store.ts';

/** A rehearsal begins so long before its first job. */
const BEFORE_FIRST_MIN = 3;

/** Begins the run of a meal: for good, or practised quicker from just before its first job. */
export function useStartRun(meal: Meal): (rehearse?: { readonly speed: number }) => void {
  const dispatch = useAppDispatch();
  const plan = usePlan(meal.id);
  return useCallback(
    (rehearse) => {
      const id = uniqueId(`run ${meal.id}`);
      const nowMin = runMinute(0, undefined);
      if (!rehearse) {
        dispatch(runBegun({ run: beginRun(meal, id, nowMin) }));
        return;
      }
      const fromMin = Math.max(nowMin, (plan?.firstJobMin ?? nowMin) - BEFORE_FIRST_MIN);
      const rehearsal = { speed: rehearse.speed, fromMs: machineMs() };
      dispatch(runBegun({ run: beginRun(meal, id, fromMin), rehearsal }));
    },
    [dispatch, meal, plan?.firstJobMin],
  );
}
