import {
  foodsByStep,
  freshId,
  moveStep,
  stepOfPhrase,
  takenIds,
  withFollows,
  withPhrase,
  withWash,
  type Dish,
  type Meal,
  type PartTaken,
  type ReadPhrase,
  type Step,
} from '@zemrin/core';
import { useMemo } from 'react';
import { useEdit } from '../../store/useEdit.ts';

/** What a chain is changed by: the whole of it anew, or a step taken out. */
export interface ChainEdits {
  readonly put: (next: Dish) => void;
  readonly remove: (step: string) => void;
}

/** Changes of a dish on the table. Each can be undone. */
export function useDishEdits(meal: string, dish: string): ChainEdits {
  const edit = useEdit(meal);
  return useMemo(
    () => ({
      put: (next) => edit({ do: 'replaceDish', dish, with: next }),
      remove: (step) => edit({ do: 'removeStep', step }),
    }),
    [edit, dish],
  );
}

/** What can be done to a chain. Each is one change. */
export function useChain(meal: Meal, dish: Dish, { put, remove }: ChainEdits) {
  return useMemo(() => {
    const change = (id: string, to: (step: Step) => Step) => ({
      ...dish,
      steps: dish.steps.map((step) => (step.id === id ? to(step) : step)),
    });
    return {
      rename: (id: string, label: string) => put(change(id, (step) => ({ ...step, label }))),
      follow: (id: string, follows: readonly string[]) => put(withFollows(dish, id, follows)),
      workOn: (id: string, foods: readonly string[] | undefined) =>
        put(
          change(id, ({ foods: _before, ...step }) =>
            foods === undefined ? step : { ...step, foods: [...foods] },
          ),
        ),
      takePart: (id: string, part: PartTaken | undefined) =>
        put(
          change(id, ({ part: _before, ...step }) =>
            part === undefined ? step : { ...step, part },
          ),
        ),
      /** The foods each step works on, said or inferred. */
      worksOn: foodsByStep(meal, dish),
      move: (id: string, behind: string | undefined) => put(moveStep(dish, id, behind)),
      remove,
      say: (id: string, phrase: ReadPhrase) =>
        put(
          withThen(
            meal,
            change(id, (step) => withPhrase(step, phrase)),
            id,
            phrase,
          ),
        ),
      /** A new step at the end, as it was typed. False where no verb was named. */
      add: (text: string, phrase: ReadPhrase): boolean => {
        const last = dish.steps.at(-1);
        const step = stepOfPhrase(
          text,
          phrase,
          freshId(`${dish.id}-${phrase.verb ?? ''}`, takenIds({ dishes: [...meal.dishes, dish] })),
        );
        if (!step) return false;
        const after = last
          ? [{ step: last.id, from: 'end' as const, leastMin: 0, mostMin: 30 }]
          : [];
        const grown = { ...dish, steps: [...dish.steps, { ...step, after }] };
        put(withThen(meal, withWash(meal, grown, step.id), step.id, phrase));
        return true;
      },
    };
  }, [meal, dish, put, remove]);
}

/** "…, then glaze, then 10–15": the steps behind, one after another, before whatever followed. */
function withThen(meal: Meal, dish: Dish, id: string, phrase: ReadPhrase): Dish {
  let grown = dish;
  let behind = id;
  for (const next of phrase.then) {
    const before = grown.steps.find((step) => step.id === behind);
    const taken = takenIds({ dishes: [...meal.dishes, grown] });
    const verb = next.verb ?? before?.verb ?? 'prepare';
    const made = stepOfPhrase(verb, { ...next, verb }, freshId(`${dish.id}-${verb}`, taken));
    if (!made || !before) continue;
    const placed: Step = { ...made, place: next.place ? made.place : before.place };
    grown = moveStep({ ...grown, steps: [...grown.steps, placed] }, made.id, behind);
    behind = made.id;
  }
  return grown;
}
