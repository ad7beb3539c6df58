import type { Meal } from '@zemrin/core';
import { Link } from 'react-router';
import { runOnNow } from '../store/runs.ts';
import { useAppSelector } from '../store/store.ts';
import { useWords } from '../words/words.ts';

/** Starts the run of a meal in one press; leads back to it while it is on. */
export function StartCooking({ meal, className = '' }: { meal: Meal; className?: string }) {
  const t = useWords();
  const on = useAppSelector(({ runs }) => runOnNow(runs)) === meal.id;
  const to = `/meal/${meal.id}/cook`;
  return (
    <Link to={on ? to : `${to}?start`} className={`btn ${on ? 'btn-main' : ''} ${className}`}>
      {t(on ? 'run.on' : 'run.start')}
    </Link>
  );
}
