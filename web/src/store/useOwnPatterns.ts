import type { Dish, OwnPantry } from '@zemrin/core';
import { useEffect, useMemo } from 'react';
import { dropOwnPattern, findPatterns, keepPattern } from './keep-pattern.ts';
import { useAppDispatch, useAppSelector } from './store.ts';

export type { OwnPattern } from '../storage/patterns.ts';

/** Dishes the cook keeps as patterns, and what can be done with them; loaded when first asked for. */
export function useOwnPatterns() {
  const { loaded, patterns } = useAppSelector((state) => state.ownPatterns);
  const dispatch = useAppDispatch();
  useEffect(() => {
    if (!loaded) void findPatterns(dispatch);
  }, [loaded, dispatch]);
  return useMemo(
    () => ({
      patterns,
      keep: (dish: Dish, own: OwnPantry | undefined, id?: string) =>
        keepPattern(dispatch, dish, own ?? { ingredients: [], cuts: [] }, id),
      drop: (id: string) => void dropOwnPattern(dispatch, id),
    }),
    [patterns, dispatch],
  );
}
