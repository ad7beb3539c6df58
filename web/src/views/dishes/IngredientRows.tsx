import {
  correctedIngredient,
  mixtureNames,
  showWeight,
  type Meal,
  type ReadIngredient,
  type ReadRecipe,
} from '@zemrin/core';
import { X } from 'lucide-react';
import { Choice } from '../../ui/Choice.tsx';
import { EditField } from '../../ui/EditField.tsx';
import { useWords } from '../../words/words.ts';

/** What goes in, each line as it was read: written anew, moved to another mixture, or taken out. */
export function IngredientRows(props: {
  meal: Meal;
  read: ReadRecipe;
  onChange: (to: readonly ReadIngredient[]) => void;
}) {
  const { meal, read, onChange } = props;
  const t = useWords();
  const { ingredients } = read;
  const mixtures = mixtureNames(ingredients);
  const write = (line: string, mixture: string | undefined) =>
    correctedIngredient(read, line, mixture, meal.kitchen.spoons);
  return (
    <>
      <h4 className="mt-4 text-[15px] text-muted">{t('dishes.tableOf')}</h4>
      <ul aria-label={t('dishes.tableOf')} className="text-[15px]">
        {ingredients.map((one, i) => (
          <li
            key={`${one.line} ${i}`}
            className="grid grid-cols-[1fr_auto] items-start gap-x-2 border-b border-line py-1 sm:grid-cols-[1fr_9.5rem_auto]"
          >
            <div className="min-w-0">
              <EditField
                label={t('dishes.ingredient', { name: one.name })}
                hideLabel
                value={one.line}
                className="field w-full"
                onCommit={(line) => {
                  const next = write(line, one.mixture);
                  if (!next) return t('dishes.namesNothing', { text: line });
                  onChange(ingredients.with(i, next));
                  return undefined;
                }}
              />
              <p className="text-sm text-muted">{understood(one, meal, t)}</p>
            </div>
            <Choice
              label={t('dishes.mixtureOf', { name: one.name })}
              hideLabel
              value={one.mixture ?? ''}
              className="field col-start-1 w-full px-1 sm:col-start-auto"
              options={[
                ['', t('dishes.noMixture')],
                ...mixtures.map((name) => [name, name] as const),
              ]}
              onChoose={(mixture) =>
                onChange(
                  ingredients.with(i, { ...one, mixture: mixture === '' ? undefined : mixture }),
                )
              }
            />
            <button
              type="button"
              className="btn btn-quiet col-start-2 row-start-1 px-2 sm:col-start-3"
              aria-label={t('dishes.leaveOut', { name: one.name })}
              title={t('dishes.leaveOut', { name: one.name })}
              onClick={() => onChange(ingredients.toSpliced(i, 1))}
            >
              <X size={16} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      <EditField
        key={ingredients.length}
        label={t('dishes.addIngredient')}
        value=""
        className="field mt-1 w-full"
        onCommit={(line) => {
          if (line === '') return undefined;
          const added = write(line, undefined);
          if (!added) return t('dishes.namesNothing', { text: line });
          onChange([...ingredients, added]);
          return undefined;
        }}
      />
    </>
  );
}

/** What the line was taken for: its name, its weight, how it is made ready. */
function understood(
  one: ReadIngredient,
  { kitchen }: Meal,
  t: ReturnType<typeof useWords>,
): string {
  const amount = one.unmeasured
    ? t('dishes.toTaste')
    : one.grams === undefined
      ? one.said
      : showWeight(one.grams, kitchen.units);
  return [one.name, amount, one.preparation].filter((part) => part !== undefined).join(', ');
}
