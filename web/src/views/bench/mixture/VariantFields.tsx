import {
  AVOIDABLE,
  freshId,
  holdsOf,
  pantryOf,
  takenIds,
  type Avoidable,
  type MixtureLine,
  type Variant,
} from '@zemrin/core';
import { lazy, Suspense, useState } from 'react';
import { EditField } from '../../../ui/EditField.tsx';
import { Tick } from '../../../ui/Tick.tsx';
import { useWords } from '../../../words/words.ts';
import type { OnBench } from '../useBench.ts';

const IngredientPicker = lazy(() => import('../../../pantry/IngredientPicker.tsx'));

/** Parts for eaters who avoid something, taken out before it goes in. */
export function VariantFields(bench: OnBench) {
  const t = useWords();
  const { meal, dish, mixture, edit } = bench;
  const variants = mixture.variants ?? [];
  const set = (to: readonly Variant[]) =>
    edit({
      do: 'editMixture',
      dish: dish.id,
      mixture: mixture.id,
      change: { variants: to.length === 0 ? undefined : [...to] },
    });
  const shelf = {
    pantry: pantryOf(meal.pantry),
    siblings: dish.mixtures,
    spoons: meal.kitchen.spoons,
  };
  const held = holdsOf(mixture, shelf);
  const first = AVOIDABLE.find((avoidable) => held.includes(avoidable));
  if (variants.length === 0 && !first) return null;
  const add = (avoids: Avoidable) =>
    set([
      ...variants,
      {
        id: freshId(`${mixture.id}-${avoids}`, takenIds(meal)),
        name: t('bench.variantName', { avoids: t(`avoid.${avoids}`) }),
        forAvoids: [avoids],
        on: dish.foods.filter((f) => f.forAvoids?.includes(avoids)).map((f) => f.id),
        instead: [],
      },
    ]);
  return (
    <fieldset className="grid gap-3">
      <legend className="font-semibold">{t('bench.variants')}</legend>
      {variants.map((variant, i) => (
        <VariantEditor
          key={variant.id}
          {...bench}
          variant={variant}
          held={held}
          onChange={(to) => set(to ? variants.with(i, to) : variants.toSpliced(i, 1))}
        />
      ))}
      {first && (
        <button type="button" className="btn justify-self-start" onClick={() => add(first)}>
          {t('bench.addVariant')}
        </button>
      )}
    </fieldset>
  );
}

function VariantEditor(
  props: OnBench & {
    variant: Variant;
    held: readonly Avoidable[];
    onChange: (to: Variant | undefined) => void;
  },
) {
  const t = useWords();
  const { meal, dish, mixture, variant, held, onChange } = props;
  const [picking, setPicking] = useState(false);
  const choices = AVOIDABLE.filter((a) => held.includes(a) || variant.forAvoids.includes(a));
  const nameOf = (line: MixtureLine) =>
    line.name ?? pantryOf(meal.pantry).ingredients.get(line.ingredient)?.name ?? line.ingredient;
  return (
    <div className="grid gap-2 border-t border-line pt-2">
      <EditField
        label={t('bench.newName')}
        value={variant.name}
        onCommit={(name) => void (name !== '' && onChange({ ...variant, name }))}
      />
      <div className="flex flex-wrap gap-x-4">
        {choices.map((avoids) => (
          <Tick
            key={avoids}
            checked={variant.forAvoids.includes(avoids)}
            onChange={(yes) => {
              const forAvoids = yes
                ? [...variant.forAvoids, avoids]
                : variant.forAvoids.filter((a) => a !== avoids);
              if (forAvoids.length > 0) onChange({ ...variant, forAvoids });
            }}
          >
            {t('bench.without', { avoids: t(`avoid.${avoids}`) })}
          </Tick>
        ))}
      </div>
      <div className="flex flex-wrap gap-x-4">
        {dish.foods
          .filter((food) => !mixture.on.includes(food.id))
          .map((food) => (
            <Tick
              key={food.id}
              checked={variant.on.includes(food.id)}
              onChange={(yes) =>
                onChange({
                  ...variant,
                  on: yes ? [...variant.on, food.id] : variant.on.filter((f) => f !== food.id),
                })
              }
            >
              {food.name}
            </Tick>
          ))}
      </div>
      {variant.instead.map((line, i) => (
        <div key={i} className="flex items-end gap-3">
          <EditField
            label={t('bench.insteadOf', { name: nameOf(line) })}
            value={line.amount}
            className="field w-[130px]"
            onCommit={(amount) =>
              void onChange({ ...variant, instead: variant.instead.with(i, { ...line, amount }) })
            }
          />
          <button
            type="button"
            className="btn"
            onClick={() => onChange({ ...variant, instead: variant.instead.toSpliced(i, 1) })}
          >
            {t('bench.removeLine', { name: nameOf(line) })}
          </button>
        </div>
      ))}
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn" onClick={() => setPicking(true)}>
          {t('bench.addInstead')}
        </button>
        <button type="button" className="btn" onClick={() => onChange(undefined)}>
          {t('bench.removeVariant', { name: variant.name })}
        </button>
      </div>
      <Suspense fallback={null}>
        {picking && (
          <IngredientPicker
            meal={meal}
            title={t('bench.addInstead')}
            mixtures={[]}
            onPick={(line) => onChange({ ...variant, instead: [...variant.instead, line] })}
            onClose={() => setPicking(false)}
          />
        )}
      </Suspense>
    </div>
  );
}
