import type { Meal, OwnPantry, Plan } from '@zemrin/core';
import { useEffect, useMemo } from 'react';
import { useParams } from 'react-router';
import { own } from './own.ts';
import { previewed } from './plans.ts';
import { useAppDispatch, useAppSelector } from './store.ts';

/** The meal of the page's address, if this browser has it. */
export function useMeal(): Meal | undefined {
  const { meal } = useParams();
  return useAppSelector((state) =>
    meal === undefined ? undefined : own(state.library.meals, meal),
  );
}

/** What the last change moved, and how far the search for a better plan is. */
export function usePlanning(meal: string) {
  const moved = useAppSelector((state) => own(state.plans.moved, meal));
  const searching = useAppSelector((state) => own(state.plans.searching, meal));
  return { moved, searching };
}

/** The plan of a meal; asked for where there is none, of one that was served long ago. */
export function usePlan(meal: string | undefined): Plan | undefined {
  const dispatch = useAppDispatch();
  const plan = useAppSelector((state) =>
    meal === undefined ? undefined : own(state.plans.plans, meal),
  );
  const unplanned = useAppSelector((state) =>
    meal === undefined || plan || own(state.plans.making, meal)
      ? undefined
      : own(state.library.meals, meal),
  );
  useEffect(() => {
    if (unplanned) dispatch(previewed(unplanned));
  }, [dispatch, unplanned]);
  return plan;
}

export function useNow(): number {
  return useAppSelector((state) => state.plans.nowMin);
}

/** What the cook has added of their own in any other meal. */
export function useOwnPantry(meal: string): OwnPantry {
  const meals = useAppSelector((state) => state.library.meals);
  return useMemo(() => {
    const others = Object.values(meals).filter((other) => other.id !== meal);
    const byId = <T extends { id: string }>(items: readonly T[]) => [
      ...new Map(items.map((item) => [item.id, item])).values(),
    ];
    return {
      ingredients: byId(others.flatMap((other) => other.pantry?.ingredients ?? [])),
      cuts: byId(others.flatMap((other) => other.pantry?.cuts ?? [])),
    };
  }, [meals, meal]);
}
