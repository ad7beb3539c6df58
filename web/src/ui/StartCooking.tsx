import type { Meal } from '@zemrin/core';
import { Flame } from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import { runOnNow } from '../store/runs.ts';
import { useAppSelector } from '../store/store.ts';
import { useStartRun } from '../store/useStartRun.ts';
import { useWords } from '../words/words.ts';

/** Starts the run of a meal in one press; leads back to it while it is on. */
export function StartCooking({ meal, className = '' }: { meal: Meal; className?: string }) {
  const t = useWords();
  const navigate = useNavigate();
  const start = useStartRun(meal);
  const on = useAppSelector(({ runs }) => runOnNow(runs)) === meal.id;
  const to = `/meal/${meal.id}/cook`;
  const icon = <Flame size={18} aria-hidden="true" />;
  if (on) {
    return (
      <Link to={to} className={`btn btn-main ${className}`}>
        {icon} {t('run.on')}
      </Link>
    );
  }
  return (
    <button
      type="button"
      className={`btn ${className}`}
      onClick={() => {
        start();
        void navigate(to);
      }}
    >
      {icon} {t('run.start')}
    </button>
  );
}
