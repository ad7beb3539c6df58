import type { Dish, Meal, Mixture } from '@zemrin/core';
import { Link, useNavigate } from 'react-router';
import { useWords } from '../../words/words.ts';
import { NewMixture } from './mixture/NewMixture.tsx';

/** A mixture with the dish it is of. */
export interface Placed {
  readonly dish: Dish;
  readonly mixture: Mixture;
}

/** The meal's mixtures: a row of them, or on a phone a list to pull down. */
export function Chooser(props: { meal: Meal; all: readonly Placed[]; chosen: Mixture }) {
  const t = useWords();
  const navigate = useNavigate();
  const { meal, all, chosen } = props;
  const to = (mixture: string) => `/meal/${meal.id}/bench/${mixture}`;
  return (
    <nav aria-label={t('bench.choose')} className="mb-2 flex items-start gap-x-1">
      <select
        aria-label={t('bench.choose')}
        className="field min-w-0 grow md:hidden"
        value={chosen.id}
        onChange={(event) => void navigate(to(event.target.value))}
      >
        {all.map(({ mixture }) => (
          <option key={mixture.id} value={mixture.id}>
            {mixture.name}
          </option>
        ))}
      </select>
      <div className="mr-auto hidden flex-wrap md:flex">
        {all.map(({ mixture }) => (
          <Link
            key={mixture.id}
            to={to(mixture.id)}
            aria-current={mixture.id === chosen.id ? 'page' : undefined}
            className={`flex min-h-[36px] shrink-0 items-center rounded-lg px-2 text-[14px] ${mixture.id === chosen.id ? 'bg-ink text-ground' : 'hover:bg-soft'}`}
          >
            {mixture.name}
          </Link>
        ))}
      </div>
      <NewMixture meal={meal} small />
    </nav>
  );
}
