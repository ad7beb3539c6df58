import { dayOfRun, searchRuns, type Run } from '@zemrin/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useWords } from '../../words/words.ts';

/** More are found by searching. */
const SHOWN = 60;

/** Past runs, the newest first; found by cut, fire, date, dish or note. */
export function RunList({ runs, chosen }: { runs: readonly Run[]; chosen: string }) {
  const t = useWords();
  const [text, setText] = useState('');
  const found = useMemo(() => searchRuns(runs, text), [runs, text]);
  return (
    <section aria-label={t('log.runs')}>
      <label>
        <span className="text-lg font-semibold">{t('log.runs')}</span>
        <input
          type="search"
          data-key="s"
          className="field mt-2 w-full"
          placeholder={t('log.search')}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <ul className="mt-3">
        {found.slice(0, SHOWN).map((run) => {
          const { id, meal } = run;
          return (
            <li key={id} className="border-b border-line">
              <Link
                to={`/log/${id}`}
                aria-current={id === chosen ? 'true' : undefined}
                className={`block rounded-lg px-2 py-2.5 ${id === chosen ? 'bg-soft font-semibold' : ''}`}
              >
                {meal.title}
                <span className="block text-sm font-normal text-muted">{dayOfRun(run)}</span>
              </Link>
            </li>
          );
        })}
      </ul>
      <p className="mt-2 text-sm text-muted" role="status">
        {found.length === 0
          ? t('log.notFound')
          : found.length > SHOWN
            ? t('log.more', { count: found.length - SHOWN })
            : ''}
      </p>
    </section>
  );
}
