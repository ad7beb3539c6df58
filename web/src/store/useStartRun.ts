import type { Meal } from '@zemrin/core';
import { useCallback } from 'react';
import { usePlan } from './hooks.ts';
import { runBegun } from './runs.ts';
import { useAppDispatch } from './store.ts';

/** Begins the run of a meal: for good, or practised. What begins one is fetched when it is asked. */
export function useStartRun(meal: Meal): (rehearse?: { readonly speed: number }) => Promise<void> {
  const dispatch = useAppDispatch();
  const plan = usePlan(meal.id);
  return useCallback(
    async (rehearse) => {
      const { newRun } = await import('./start-run.ts');
      dispatch(runBegun(newRun(meal, plan, rehearse)));
    },
    [dispatch, meal, plan],
  );
}
