import type { Meal, OwnPantry, Plan } from '@zemrin/core';
import { useMemo } from 'react';
import { useParams } from 'react-router';
import { own } from './own.ts';
import { useAppSelector } from './store.ts';

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

export function usePlan(meal: string | undefined): Plan | undefined {
  return useAppSelector((state) => (meal === undefined ? undefined : own(state.plans.plans, meal)));
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
