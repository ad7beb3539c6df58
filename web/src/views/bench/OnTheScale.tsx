import {
  showVolume,
  showWeight,
  type Batch,
  type Dish,
  type Meal,
  type Mixture,
} from '@zemrin/core';
import { useEdit } from '../../store/hooks.ts';
import { WeightField } from '../../ui/WeightField.tsx';
import { useWords } from '../../words/words.ts';
import { ReserveField } from './ReserveField.tsx';

interface ScaleProps {
  readonly meal: Meal;
  readonly dish: Dish;
  readonly mixture: Mixture;
  readonly batch: Batch;
}

/** What lies on the scale, what the recipe was written for, and what is set aside first. */
export function OnTheScale({ meal, dish, mixture, batch }: ScaleProps) {
  const t = useWords();
  const units = meal.kitchen.units;
  return (
    <section className="flex flex-col gap-4">
      {batch.baselineG === undefined ? (
        <p className="time border-b-2 border-ink pb-2 text-xl">{t('bench.fixed')}</p>
      ) : (
        <div>
          <Weight meal={meal} dish={dish} mixture={mixture} batch={batch} />
          <p className="mt-1 text-sm text-muted">
            {t('bench.recipeFor', {
              weight: showWeight(batch.baselineG, units),
              factor: batch.factor.toFixed(2),
            })}
          </p>
        </div>
      )}
      {batch.reserve && (
        <div>
          <h2 className="text-base">{t('bench.keepFirst')}</h2>
          <p>
            {t('bench.keepFirstMore', {
              amount: showVolume(batch.reserve.ml),
              purpose: batch.reserve.purpose,
            })}
          </p>
          <ReserveField meal={meal} dish={dish} mixture={mixture} />
        </div>
      )}
    </section>
  );
}

/** The batch's weight, large. With several foods it is their sum; each is weighed on Table. */
function Weight({ meal, dish, mixture, batch }: ScaleProps) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const units = meal.kitchen.units;
  const food = dish.foods.find((f) => f.id === mixture.on[0]);
  if (!food) return null;
  const weigh = (weightG: number | null, gesture?: string) =>
    edit({ do: 'weigh', dish: dish.id, food: food.id, weightG }, gesture);
  if (mixture.on.length > 1) {
    return <p className="time text-[40px]">{showWeight(batch.batchG, units)}</p>;
  }
  return (
    <>
      <WeightField
        label={t('bench.onScale')}
        weightG={batch.batchG}
        units={units}
        editKey="e"
        onWeigh={(weightG, stepped) => weigh(weightG, stepped ? `weigh-${food.id}` : undefined)}
        className="time w-full border-b-3 border-ink bg-transparent text-[44px] leading-[1.15]"
      />
      {food.weighedG !== undefined && (
        <button
          type="button"
          className="min-h-[36px] text-sm underline"
          onClick={() => weigh(null)}
        >
          {t('bench.back')}
        </button>
      )}
    </>
  );
}
