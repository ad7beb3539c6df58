import {
  cutOf,
  feeds,
  sayFeeds,
  settleFood,
  shareOfPlate,
  showWeight,
  takenFrom,
  threadsOf,
  type Dish,
  type Food,
  type Meal,
  type Plan,
  type Thread,
} from '@zemrin/core';
import { X } from 'lucide-react';
import { Link } from 'react-router';
import { useEdit } from '../../store/useEdit.ts';
import { DishName } from '../../ui/DishName.tsx';
import { WeightField } from '../../ui/WeightField.tsx';
import { useWords } from '../../words/words.ts';
import { AddFood } from './AddFood.tsx';

/** The dishes as one reads a menu, each with the raw weight to buy and its thread in small. */
export function DishList({ meal, plan }: { meal: Meal; plan: Plan | undefined }) {
  const t = useWords();
  const threads = plan ? threadsOf(plan, meal) : [];
  return (
    <section>
      <div className="flex items-baseline justify-between">
        <h2 className="text-xl">{t('table.onTable')}</h2>
        <span className="text-sm text-muted">{t('table.rawToBuy')}</span>
      </div>
      <ul>
        {meal.dishes.map((dish) => (
          <li key={dish.id} className="border-b border-line py-3">
            <DishRow meal={meal} dish={dish} thread={threads.find((th) => th.dish === dish.id)} />
          </li>
        ))}
      </ul>
    </section>
  );
}

function DishRow({ meal, dish, thread }: { meal: Meal; dish: Dish; thread: Thread | undefined }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  return (
    <>
      <div className="flex items-start gap-2">
        <div className="mr-auto min-w-0">
          <h3 className="text-[18px]">
            <DishName meal={meal} dish={dish} />
          </h3>
          {dish.note && <p className="text-sm text-muted">{dish.note}</p>}
        </div>
        <button
          type="button"
          className="btn btn-quiet -mt-2 -mr-2 px-2"
          aria-label={t('table.removeDish', { dish: dish.name })}
          title={t('table.removeDish', { dish: dish.name })}
          onClick={() => edit({ do: 'removeDish', dish: dish.id })}
        >
          <X size={17} aria-hidden="true" />
        </button>
      </div>
      {thread && (
        <Link
          to={`/meal/${meal.id}/weave/${dish.steps[0]?.id ?? ''}`}
          aria-label={t('table.toWeave', { dish: dish.name })}
          className="flex min-h-[24px] items-center"
        >
          <SmallThread thread={thread} />
        </Link>
      )}
      {dish.foods.map((food) => (
        <FoodRow key={food.id} meal={meal} dish={dish} food={food} />
      ))}
      <AddFood meal={meal} dish={dish} />
    </>
  );
}

function FoodRow({ meal, dish, food }: { meal: Meal; dish: Dish; food: Food }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const settled = settleFood(meal, dish, food);
  const units = meal.kitchen.units;
  const { portions } = settled.company;
  const each = portions > 0 ? (settled.weightG - settled.forOthersG) / portions : 0;
  const source = takenFrom(meal, food);
  const weigh = (weightG: number | null, gesture?: string) =>
    edit({ do: 'weigh', dish: dish.id, food: food.id, weightG }, gesture);
  return (
    <div className="mt-1 grid grid-cols-[1fr_auto] items-start gap-x-3">
      <div className="min-w-0">
        <p>{food.name}</p>
        <p className="text-sm text-muted">
          {food.forAvoids &&
            `${t('table.forThem', { avoids: food.forAvoids.map((a) => t(`avoid.${a}`)).join(', ') })}; `}
          {source && `${t('table.partOf', { dish: source.dish.name })} `}
          {settled.pieces !== undefined
            ? t('table.pieces', {
                count: settled.pieces,
                each: showWeight(settled.weightG / settled.pieces, units),
              })
            : source
              ? t('table.perHeadCooked', { cooked: showWeight(each, units) })
              : settled.servedPerPortionG === undefined
                ? t('table.perHeadRaw', { raw: showWeight(each, units) })
                : t('table.perHead', {
                    raw: showWeight(each, units),
                    served: showWeight(settled.servedPerPortionG, units),
                  })}{' '}
          {settled.forOthersG > 0 &&
            `${t('table.forOtherDishes', { weight: showWeight(settled.forOthersG, units) })} `}
          {!source && (
            <Feeding
              meal={meal}
              dish={dish}
              food={food}
              weightG={settled.weightG - settled.forOthersG}
            />
          )}
        </p>
        {settled.weighed && (
          <button
            type="button"
            className="min-h-[32px] text-sm underline"
            onClick={() => weigh(null)}
          >
            {t('table.backToSuggested', { weight: showWeight(settled.suggestedG, units) })}
          </button>
        )}
      </div>
      <div className="w-[118px] text-right">
        <WeightField
          label={t('table.weightOf', { food: food.name })}
          hideLabel
          weightG={settled.weightG}
          units={units}
          onWeigh={(weightG, stepped) => weigh(weightG, stepped ? `weigh-${food.id}` : undefined)}
          className="time w-full rounded-lg border border-transparent bg-transparent px-1 text-right text-[21px] hover:border-line focus:border-now"
        />
      </div>
    </div>
  );
}

/** The other way round: how many this much would feed, and a way to take it out again. */
function Feeding(props: { meal: Meal; dish: Dish; food: Food; weightG: number }) {
  const t = useWords();
  const edit = useEdit(props.meal.id);
  const { meal, dish, food, weightG } = props;
  const cut = cutOf(meal, food);
  const timed = dish.steps.some((step) => 'food' in step.time && step.time.food === food.id);
  if (!cut && timed) return null;
  const fed = cut && feeds(cut, weightG, shareOfPlate(meal, dish));
  return (
    <>
      {fed && t('table.feeds', { feeds: sayFeeds(fed) })}{' '}
      {!timed && (
        <button
          type="button"
          className="min-h-[24px] underline"
          aria-label={t('table.removeFood', { food: food.name })}
          onClick={() => edit({ do: 'removeFood', dish: dish.id, food: food.id })}
        >
          {t('table.remove')}
        </button>
      )}
    </>
  );
}

function SmallThread({ thread }: { thread: Thread }) {
  const parts = thread.main.map((segment) => ({
    ...segment,
    weight: 1 + Math.log(1 + (segment.endMin - segment.startMin) / 30),
  }));
  return (
    <span aria-hidden="true" className="flex h-[8px] w-full border-r-[5px] border-ink pr-px">
      {parts.map((part) => (
        <span
          key={`${part.step.id}-${part.waiting}`}
          style={{ flexGrow: part.weight, background: `var(--${part.band})` }}
        />
      ))}
    </span>
  );
}
