import {
  draftCook,
  draftCommands,
  type Dish,
  type DraftCook,
  type DraftStage,
  type Food,
  type Meal,
} from '@zemrin/core';
import { useMemo, useState } from 'react';
import { useEdit } from '../../store/useEdit.ts';

/** A cook being thought about: as it was given until something is changed here. */
export interface Thought {
  readonly cook: DraftCook;
  /** Something differs from what was given. */
  readonly changed: boolean;
  readonly set: (cook: DraftCook) => void;
  readonly setStage: (index: number, change: Partial<DraftStage>) => void;
  readonly reset: () => void;
}

/** The cook of a food of a plan, and the way back into it. */
export interface Draft extends Thought {
  readonly use: (labelOf: (stage: DraftStage) => string) => void;
}

/** A cook to be changed at will. @returns undefined where there is none */
export function useThought(given: DraftCook | undefined): Thought | undefined {
  const [own, setOwn] = useState<DraftCook>();
  const cook = own ?? given;
  if (!cook) return undefined;
  return {
    cook,
    changed: own !== undefined,
    set: setOwn,
    setStage: (index, change) =>
      setOwn({
        ...cook,
        stages: cook.stages.map((stage, i) => (i === index ? { ...stage, ...change } : stage)),
      }),
    reset: () => setOwn(undefined),
  };
}

/** @returns undefined for a food nobody knows the cut of */
export function useDraft(meal: Meal, dish: Dish, food: Food): Draft | undefined {
  const edit = useEdit(meal.id);
  const planned = useMemo(() => draftCook(meal, dish, food), [meal, dish, food]);
  const thought = useThought(planned);
  if (!thought) return undefined;
  const { cook, reset } = thought;
  return {
    ...thought,
    use: (labelOf) => {
      const commands = draftCommands(meal, dish, food, cook, labelOf);
      const gesture = `heat-${food.id}-${performance.now()}`;
      for (const command of commands) edit(command, gesture);
      reset();
    },
  };
}
