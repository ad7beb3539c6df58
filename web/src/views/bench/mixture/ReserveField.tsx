import { parseQuantity, QuantityError, type Dish, type Meal, type Mixture } from '@zemrin/core';
import { useEdit } from '../../../store/useEdit.ts';
import { EditField } from '../../../ui/EditField.tsx';
import { useWords } from '../../../words/words.ts';

interface ReserveFieldProps {
  readonly meal: Meal;
  readonly dish: Dish;
  readonly mixture: Mixture;
}

/** How much of the recipe is set aside clean. */
export function ReserveField({ meal, dish, mixture }: ReserveFieldProps) {
  const t = useWords();
  const edit = useEdit(meal.id);
  return (
    <div className="mt-1 w-[170px]">
      <EditField
        label={t('bench.reserveField')}
        value={mixture.reserve?.amount ?? ''}
        className="field w-full"
        onCommit={(text) => {
          try {
            const { dimension } = parseQuantity(text, meal.kitchen.spoons);
            if (dimension !== 'volume') return t('bench.badReserve', { text });
          } catch (error) {
            if (error instanceof QuantityError) return error.message;
            throw error;
          }
          const { reserve } = mixture;
          if (reserve) {
            const change = { reserve: { ...reserve, amount: text } };
            edit({ do: 'editMixture', dish: dish.id, mixture: mixture.id, change });
          }
          return undefined;
        }}
      />
    </div>
  );
}
