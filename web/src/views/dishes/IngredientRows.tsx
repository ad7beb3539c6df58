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
          <li key={`${one.line} ${i}`} className="border-b border-line py-1">
            <div className="flex items-start gap-1">
              <div className="min-w-0 grow">
                <EditField
                  label={t('dishes.ingredient', { name: one.name })}
                  hideLabel
                  value={one.line}
                  className="min-h-[34px] w-full rounded-lg border border-transparent bg-transparent px-1.5 hover:border-line focus:border-muted focus:bg-panel"
                  onCommit={(line) => {
                    const next = write(line, one.mixture);
                    if (!next) return t('dishes.namesNothing', { text: line });
                    onChange(ingredients.with(i, next));
                    return undefined;
                  }}
                />
              </div>
              <button
                type="button"
                className="flex h-9 w-8 shrink-0 items-center justify-center rounded-lg hover:bg-soft"
                aria-label={t('dishes.leaveOut', { name: one.name })}
                title={t('dishes.leaveOut', { name: one.name })}
                onClick={() => onChange(ingredients.toSpliced(i, 1))}
              >
                <X size={16} aria-hidden="true" />
              </button>
            </div>
            <div className="flex items-center gap-3 px-1.5">
              <p className="min-w-0 grow text-[13px] text-muted">{understood(one, meal, t)}</p>
              <Choice
                label={t('dishes.mixtureOf', { name: one.name })}
                hideLabel
                value={one.mixture ?? ''}
                className="min-h-[30px] rounded-lg border border-line bg-transparent px-1 text-[13px]"
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
            </div>
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
