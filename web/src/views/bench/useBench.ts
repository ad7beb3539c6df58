import { batchOf, recipeBatchOf, type Dish, type Meal, type Mixture } from '@zemrin/core';
import { useMemo } from 'react';
import { useEdit } from '../../store/useEdit.ts';

/** A mixture on the bench: where it is, what it comes to, and how to change it. */
export function useBench(meal: Meal, dish: Dish, mixture: Mixture) {
  const edit = useEdit(meal.id);
  const batch = useMemo(() => batchOf(meal, dish, mixture), [meal, dish, mixture]);
  const recipe = useMemo(
    () => recipeBatchOf(meal, dish, mixture, batch),
    [meal, dish, mixture, batch],
  );
  return { meal, dish, mixture, batch, recipe, edit };
}

export type OnBench = ReturnType<typeof useBench>;
