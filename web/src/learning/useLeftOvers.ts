import { leftOversOf, type LeftOver } from '@zemrin/core';
import { useMemo } from 'react';
import { useNow } from '../store/hooks.ts';
import { useAppSelector } from '../store/store.ts';
import { useRuns } from './useProposals.ts';

/** What is left of earlier meals and no meal counts on yet. */
export function useLeftOvers(): readonly LeftOver[] {
  const runs = useRuns();
  const meals = useAppSelector(({ library }) => library.meals);
  const nowMin = useNow();
  return useMemo(() => leftOversOf(runs, nowMin, Object.values(meals)), [runs, nowMin, meals]);
}

/** How an address names one of them. */
export function leftOverKey({ run, food }: Pick<LeftOver, 'run' | 'food'>): string {
  return `${run}:${food}`;
}
