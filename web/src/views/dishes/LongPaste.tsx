import type { ReadRecipe } from '@zemrin/core';
import { useId } from 'react';
import { useWords } from '../../words/words.ts';
import type { Reading } from './useReading.ts';

/** So many dishes stand as buttons; more are chosen from a list. */
const MOST_BUTTONS = 16;

/** How far a long paste is read, to be left off and taken up again. */
export function ReadingProgress({ share, stopped, onStop, onAgain }: Omit<Reading, 'read'>) {
  const t = useWords();
  const id = useId();
  if (stopped)
    return (
      <div className="flex flex-wrap items-center gap-3 p-3" role="status">
        <p className="mr-auto">{t('dishes.readStopped')}</p>
        <button type="button" className="btn" onClick={onAgain}>
          {t('dishes.readAgain')}
        </button>
      </div>
    );
  if (share === undefined) return null;
  return (
    <div className="flex flex-wrap items-center gap-3 p-3">
      <label htmlFor={id}>{t('dishes.reading', { percent: Math.round(share * 100) })}</label>
      <progress
        id={id}
        className="mr-auto h-3 min-w-[120px] flex-1 accent-ink"
        value={share}
        max={1}
      />
      <button type="button" className="btn" onClick={onStop}>
        {t('dishes.readStop')}
      </button>
    </div>
  );
}

/** The dishes of a text that holds more than one. */
export function Several(props: {
  recipes: readonly ReadRecipe[];
  at: number;
  onChoose: (i: number) => void;
}) {
  const t = useWords();
  const { recipes, at, onChoose } = props;
  const label = t('dishes.several', { count: recipes.length });
  const names = recipes.map(({ title }, i) => title ?? t('dishes.unnamed', { number: i + 1 }));
  if (recipes.length > MOST_BUTTONS)
    return (
      <label className="grid gap-1">
        <span className="text-sm text-muted">{label}</span>
        <select
          className="field w-full"
          value={at}
          onChange={(event) => onChoose(Number(event.target.value))}
        >
          {names.map((name, i) => (
            <option key={i} value={i}>
              {name}
            </option>
          ))}
        </select>
      </label>
    );
  return (
    <div role="group" aria-label={label}>
      <p className="text-sm text-muted">{label}</p>
      <div className="mt-1 flex flex-wrap gap-2">
        {names.map((name, i) => (
          <button
            key={i}
            type="button"
            className={`btn ${i === at ? 'btn-main' : ''}`}
            aria-pressed={i === at}
            onClick={() => onChoose(i)}
          >
            {name}
          </button>
        ))}
      </div>
    </div>
  );
}
