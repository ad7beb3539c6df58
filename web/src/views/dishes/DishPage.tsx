import {
  avoidConflicts,
  cookedCutOf,
  cutOf,
  cookedParts,
  printDish,
  recipeLd,
  secondDishesOf,
  showMinutes,
  splitDish,
  takenFrom,
  type Dish,
  type Meal,
} from '@zemrin/core';
import { BookmarkPlus, Download, FileCode } from 'lucide-react';
import { Link } from 'react-router';
import { useEdit } from '../../store/useEdit.ts';
import { useOwnPatterns } from '../../store/useOwnPatterns.ts';
import { notify } from '../../notices/notify.ts';
import { download } from '../../ui/download.ts';
import { Choice } from '../../ui/Choice.tsx';
import { DishName } from '../../ui/DishName.tsx';
import { useWords } from '../../words/words.ts';
import { ChainEditor } from './ChainEditor.tsx';
import { useDishEdits } from './useChain.ts';

/** A dish of this table: its name, who cannot have it, and its chain. */
export function DishPage({ meal, dish }: { meal: Meal; dish: Dish }) {
  const t = useWords();
  const edits = useDishEdits(meal.id, dish.id);
  const [mixture] = dish.mixtures;
  const [first] = dish.steps;
  const { keep } = useOwnPatterns();
  return (
    <div className="max-w-[980px]">
      <div className="flex flex-wrap items-center gap-2">
        <h2 className="mr-auto min-w-0 text-[23px]">
          <DishName meal={meal} dish={dish} />
        </h2>
        {mixture && (
          <Link className="btn" to={`/meal/${meal.id}/bench/${mixture.id}`}>
            {t('dishes.toBench')}
          </Link>
        )}
        {first && (
          <Link className="btn" to={`/meal/${meal.id}/weave/${first.id}`}>
            {t('dishes.toWeave')}
          </Link>
        )}
        <button
          type="button"
          className="btn btn-quiet px-2"
          aria-label={t('dishes.ownKeep')}
          title={t('dishes.ownKeep')}
          onClick={() => {
            const kept = keep(dish, meal.pantry);
            notify(t(kept ? 'dishes.ownKept' : 'dishes.ownNotKept', { name: dish.name }));
          }}
        >
          <BookmarkPlus size={19} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="btn btn-quiet px-2"
          aria-label={t('dishes.recipeOut')}
          title={t('dishes.recipeOut')}
          onClick={() =>
            download(
              `${JSON.stringify(recipeLd(meal, dish), null, 2)}\n`,
              `${dish.id}.jsonld`,
              'application/ld+json',
            )
          }
        >
          <FileCode size={19} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="btn btn-quiet px-2"
          aria-label={t('dishes.dishOut')}
          title={t('dishes.dishOut')}
          onClick={() => download(printDish(meal, dish), `${dish.id}.json`, 'application/json')}
        >
          <Download size={19} aria-hidden="true" />
        </button>
      </div>
      <Served meal={meal} dish={dish} />
      <Exceptions meal={meal} dish={dish} />
      <div className="mt-3">
        <ChainEditor meal={meal} dish={dish} edits={edits} />
      </div>
      <Parts meal={meal} dish={dish} />
    </div>
  );
}

/** With the rest, or in a first serving before it. */
function Served({ meal, dish }: { meal: Meal; dish: Dish }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const { servedBeforeMin = 0 } = dish;
  const choices = [...new Set([0, servedBeforeMin, ...SERVED_BEFORE_MIN])].sort((a, b) => a - b);
  const words = (minutes: number) =>
    minutes === 0
      ? t('dishes.servedWith')
      : t('dishes.servedBefore', { minutes: showMinutes(minutes) });
  return (
    <div className="mt-2 w-fit">
      <Choice
        label={t('dishes.served')}
        value={String(servedBeforeMin)}
        options={choices.map((minutes) => [String(minutes), words(minutes)] as const)}
        onChoose={(minutes) =>
          edit({
            do: 'serveDishBefore',
            dish: dish.id,
            minutes: minutes === '0' ? null : Number(minutes),
          })
        }
      />
    </div>
  );
}

/** What is offered; a way out may have set another. */
const SERVED_BEFORE_MIN = [15, 30, 45, 60, 90, 120, 180, 240];

/** What a part of it can become on this table, and of what it is a part itself. */
function Parts({ meal, dish }: { meal: Meal; dish: Dish }) {
  const t = useWords();
  const [of] = cookedParts(meal).filter((part) => part.dish.id === dish.id);
  const cut = of && cutOf(meal, of.food);
  const dishes = secondDishesOf(cut && cookedCutOf(cut));
  const sources = dish.foods.flatMap((food) => takenFrom(meal, food) ?? []);
  return (
    <>
      {sources.map((source) => (
        <p key={source.food.id} className="mt-4">
          {t('dishes.isPart', { food: source.food.name, step: source.step.label })}{' '}
          <Link className="underline" to={`/meal/${meal.id}/dishes/${source.dish.id}`}>
            {source.dish.name}
          </Link>
        </p>
      ))}
      {of && dishes.length > 0 && (
        <section className="mt-5">
          <h3 className="text-[15px] text-muted">{t('dishes.partAs')}</h3>
          <ul>
            {dishes.map(({ id, name }) => (
              <li key={id}>
                <Link
                  className="inline-flex min-h-[40px] items-center underline"
                  to={`/meal/${meal.id}/dishes/pattern-${id}?of=${of.food.id}`}
                >
                  {name}
                </Link>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

/** Eaters who avoid something in it, and a piece of their own for them. */
function Exceptions({ meal, dish }: { meal: Meal; dish: Dish }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const conflicts = avoidConflicts(meal).filter((one) => one.dish === dish.id);
  return (
    <>
      {conflicts.map(({ avoids, heads, because }) => {
        const word = t(`avoid.${avoids}`);
        const name = t('dishes.without', { avoids: word });
        const split = splitDish(meal, dish, avoids, name);
        return (
          <div key={avoids} className="mt-2 flex flex-wrap items-center gap-3">
            <p className="font-semibold text-clash">
              {t('dishes.keepsOn', { dish: because, avoids: word, heads })}
            </p>
            {split.foods.length > dish.foods.length && (
              <button
                type="button"
                className="btn"
                onClick={() => edit({ do: 'replaceDish', dish: dish.id, with: split })}
              >
                {t('dishes.split', { avoids: word, heads })}
              </button>
            )}
          </div>
        );
      })}
    </>
  );
}
