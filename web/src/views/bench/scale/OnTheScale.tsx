import {
  cutOf,
  feeds,
  sayFeeds,
  shareOfPlate,
  showVolume,
  showWeight,
  writeNumber,
  yieldOf,
} from '@zemrin/core';
import { EditField } from '../../../ui/EditField.tsx';
import { WeightField } from '../../../ui/WeightField.tsx';
import { useWords } from '../../../words/words.ts';
import { ReserveField } from '../mixture/ReserveField.tsx';
import type { OnBench } from '../useBench.ts';

/** How much there is of what goes on no food. */
function OnNoFood({ batch, mixture: { basis } }: OnBench) {
  const t = useWords();
  const factor = batch.factor.toFixed(2);
  return (
    <p className="time border-b-2 border-ink pb-2 text-xl">
      {basis.kind === 'perPortion'
        ? t('bench.forPortions', {
            portions: writeNumber(batch.factor * basis.baseline),
            baseline: writeNumber(basis.baseline),
            factor,
          })
        : t(basis.kind === 'asUsed' ? 'bench.asUsed' : 'bench.fixed', { factor })}
    </p>
  );
}

/** What lies on the scale, what the recipe was written for, and what is set aside first. */
export function OnTheScale(bench: OnBench) {
  const t = useWords();
  const { batch, meal, mixture, dish, edit } = bench;
  const units = meal.kitchen.units;
  const { basis } = mixture;
  return (
    <section className="flex flex-col gap-3.5">
      {batch.batchG === 0 ? (
        <OnNoFood {...bench} />
      ) : (
        <div>
          <Weight {...bench} />
          <p className="mt-1 text-sm text-muted">
            {basis.kind === 'perWeight'
              ? t('bench.recipeFor', {
                  weight: showWeight(basis.baselineG, units),
                  factor: batch.factor.toFixed(2),
                })
              : t(`basis.onScale.${basis.kind}`, { factor: batch.factor.toFixed(2) })}
          </p>
          {batch.allG > batch.batchG && (
            <p className="text-sm text-muted">
              {t('bench.withApart', { all: showWeight(batch.allG, units) })}
            </p>
          )}
          <Plates {...bench} />
        </div>
      )}
      {mixture.salting && (
        <EditField
          label={t('bench.saltTarget')}
          value={`${mixture.salting.targetPct} %`}
          className="field w-[110px]"
          onStep={(direction) => {
            const targetPct = Math.max(0.1, (mixture.salting?.targetPct ?? 1) + direction * 0.1);
            const salting = { ...mixture.salting, targetPct: Number(targetPct.toFixed(2)) };
            edit(
              {
                do: 'editMixture',
                dish: dish.id,
                mixture: mixture.id,
                change: { salting: { strengthPct: 5, sugarToSalt: 0, ...salting } },
              },
              `salting-${mixture.id}`,
            );
          }}
          onCommit={(text) => {
            const targetPct = Number(text.replace('%', '').replace(',', '.').trim());
            if (!(targetPct > 0 && targetPct <= 8)) return t('bench.badTarget', { text });
            if (mixture.salting) {
              const salting = { ...mixture.salting, targetPct };
              edit({ do: 'editMixture', dish: dish.id, mixture: mixture.id, change: { salting } });
            }
            return undefined;
          }}
        />
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
      {batch.split.length > 1 && (
        <div>
          <h2 className="text-base">{t('bench.split')}</h2>
          <ul>
            {batch.split.map((part) => (
              <li key={part.food} className="flex justify-between gap-2 border-b border-line py-1">
                <span>
                  {part.name} <span className="text-muted">{showWeight(part.weightG, units)}</span>
                </span>
                <strong className="text-right">
                  {part.measure}
                  <span className="block text-sm font-normal text-muted">
                    {showWeight(part.grams, units)}
                  </span>
                </strong>
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

/** The batch's weight, large. With several foods it is their sum; each is weighed on Table. */
function Weight({ meal, dish, mixture, batch, edit }: OnBench) {
  const t = useWords();
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

/** What becomes of the raw weight, and how many it feeds. */
function Plates({ meal, dish, mixture, batch }: OnBench) {
  const t = useWords();
  const food = dish.foods.find((f) => f.id === mixture.on[0]);
  const cut = food && cutOf(meal, food);
  if (!cut || mixture.on.length > 1) return null;
  const { servedG, boneG } = yieldOf(cut, batch.batchG);
  const units = meal.kitchen.units;
  return (
    <p className="mt-1 text-sm text-muted">
      {t('bench.plates', {
        served: showWeight(servedG, units),
        feeds: sayFeeds(feeds(cut, batch.batchG, shareOfPlate(meal, dish))),
      })}
      {boneG > 0 && ` ${t('bench.bone', { bone: showWeight(boneG, units) })}`}
    </p>
  );
}
