import { comesTo, copyDish, showAbout, takenIds, type Meal } from '@zemrin/core';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { useEdit } from '../../store/useEdit.ts';
import { useOwnPatterns, type OwnPattern } from '../../store/useOwnPatterns.ts';
import { notify } from '../../notices/notify.ts';
import { useWords } from '../../words/words.ts';
import { MiniChain } from './MiniChain.tsx';
import { saidTime } from './saidTime.ts';

/** A pattern of the cook's own: its chain, what it comes to, and onto the table with it. */
export function OwnPatternPage({ meal, pattern }: { meal: Meal; pattern: OwnPattern }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const navigate = useNavigate();
  const { drop, keep } = useOwnPatterns();
  const { dish, own, id } = pattern;
  const { usualMin, handsMin } = useMemo(() => comesTo(meal, dish), [meal, dish]);
  const put = () => {
    const copy = copyDish(dish, takenIds(meal));
    edit({ do: 'putDish', dish: copy, own: own.ingredients, cuts: own.cuts });
    void navigate(`/meal/${meal.id}/dishes/${copy.id}`);
  };
  const takeOut = () => {
    drop(id);
    notify(t('dishes.ownDropped', { name: dish.name }), {
      action: { label: t('app.undo'), onClick: () => keep(dish, own, id) },
    });
    void navigate(`/meal/${meal.id}/dishes`);
  };
  return (
    <section className="max-w-[760px]" aria-label={dish.name}>
      <h2 className="text-[23px]">{dish.name}</h2>
      <div className="my-3 overflow-hidden">
        <MiniChain dish={dish} />
      </div>
      <p>{t('dishes.ownComesTo', { length: showAbout(usualMin), hands: showAbout(handsMin) })}</p>
      {dish.note && <p className="mt-1 text-muted">{dish.note}</p>}
      <p className="mt-1 text-muted">
        {[...dish.foods, ...dish.mixtures].map(({ name }) => name).join(', ')}
      </p>
      <div className="mt-4 flex flex-wrap gap-2">
        <button type="button" className="btn btn-main" onClick={put}>
          {t('dishes.put')}
        </button>
        <button type="button" className="btn" onClick={takeOut}>
          {t('dishes.ownDrop')}
        </button>
      </div>
      <ol className="mt-5">
        {dish.steps.map((step) => (
          <li key={step.id} className="flex flex-wrap gap-x-3 border-b border-line py-1.5">
            <span className="w-full font-semibold sm:w-[230px]">{step.label}</span>
            <span className="text-muted">{saidTime(step, dish, meal.kitchen, t)}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}
