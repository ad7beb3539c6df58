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

/** The cook being thought about: as the plan has it until something is changed here. */
export interface Draft {
  readonly cook: DraftCook;
  /** Something differs from the plan. */
  readonly changed: boolean;
  readonly set: (cook: DraftCook) => void;
  readonly setStage: (index: number, change: Partial<DraftStage>) => void;
  readonly reset: () => void;
  readonly use: (labelOf: (stage: DraftStage) => string) => void;
}

/** @returns undefined for a food nobody knows the cut of */
export function useDraft(meal: Meal, dish: Dish, food: Food): Draft | undefined {
  const edit = useEdit(meal.id);
  const planned = useMemo(() => draftCook(meal, dish, food), [meal, dish, food]);
  const [own, setOwn] = useState<DraftCook>();
  const cook = own ?? planned;
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
    use: (labelOf) => {
      const commands = draftCommands(meal, dish, food, cook, labelOf);
      const gesture = `heat-${food.id}-${performance.now()}`;
      for (const command of commands) edit(command, gesture);
      setOwn(undefined);
    },
  };
}
