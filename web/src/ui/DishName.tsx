import type { Dish, Meal } from '@zemrin/core';
import { useEdit } from '../store/useEdit.ts';
import { useWords } from '../words/words.ts';
import { EditField } from './EditField.tsx';

/** What a dish is called, changed where it stands. */
export function DishName({ meal, dish }: { meal: Meal; dish: Dish }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  return (
    <EditField
      label={t('table.nameOf', { dish: dish.name })}
      hideLabel
      value={dish.name}
      onCommit={(name) => {
        if (name !== '') edit({ do: 'renameDish', dish: dish.id, name });
        return undefined;
      }}
      className="field-sizing-content max-w-full border-b-2 border-transparent bg-transparent font-bold hover:border-line focus:border-now"
    />
  );
}
