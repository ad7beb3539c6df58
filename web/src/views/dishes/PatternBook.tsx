import {
  byMinutesLeft,
  comesTo,
  patternDish,
  PATTERNS,
  searchBook,
  servingMin,
  showAbout,
  type BookEntry,
  type Meal,
} from '@zemrin/core';
import { useDeferredValue, useId, useMemo, useState } from 'react';
import { useNow } from '../../store/hooks.ts';
import { useWords } from '../../words/words.ts';
import { ShelfEntry } from './ShelfEntry.tsx';

const KINDS = ['main', 'side', 'dough', 'sauce', 'sweet'] as const;

interface PatternBookProps {
  readonly meal: Meal;
  readonly chosen: string | undefined;
}

/** The pattern book: what can still be done first, and a search. */
export function PatternBook({ meal, chosen }: PatternBookProps) {
  const t = useWords();
  const id = useId();
  const [search, setSearch] = useState('');
  const book = useBook(meal);
  const found = searchBook(book, useDeferredValue(search));
  const leftMin = Math.max(0, servingMin(meal) - useNow());
  return (
    <>
      <h2 className="mt-5 text-[15px] text-muted">{t('dishes.book')}</h2>
      <label htmlFor={id} className="sr-only">
        {t('dishes.search')}
      </label>
      <input
        id={id}
        type="search"
        className="field mt-1 w-full"
        placeholder={t('dishes.searchHint')}
        value={search}
        onChange={(event) => setSearch(event.target.value)}
      />
      {found.length === 0 && <p className="mt-2 text-sm">{t('dishes.found.none')}</p>}
      {KINDS.map((kind) => (
        <Kind
          key={kind}
          name={t(`dishes.kind.${kind}`)}
          entries={found.filter(({ pattern }) => pattern.kind === kind)}
          leftMin={leftMin}
          of={{ meal, chosen }}
        />
      ))}
    </>
  );
}

/** Every pattern with the dish it would make in this kitchen, and what that comes to. */
function useBook(meal: Meal): readonly BookEntry[] {
  const patterns = useMemo(
    () => PATTERNS.map((pattern) => ({ pattern, dish: patternDish(pattern, {}, new Set()) })),
    [],
  );
  return useMemo(
    () => patterns.map((entry) => ({ ...entry, comes: comesTo(meal, entry.dish) })),
    [meal, patterns],
  );
}

interface KindProps {
  readonly name: string;
  readonly entries: readonly BookEntry[];
  readonly leftMin: number;
  readonly of: PatternBookProps;
}

function Kind({ name, entries, leftMin, of }: KindProps) {
  const t = useWords();
  const { inTime, tooLong } = byMinutesLeft(entries, leftMin);
  if (entries.length === 0) return null;
  return (
    <section className="mb-3">
      <h3 className="mt-2 text-[13px] text-muted">{name}</h3>
      <Entries entries={inTime} of={of} />
      {tooLong.length > 0 && (
        <>
          <h4 className="mt-2 text-[13px] text-muted">
            {t('dishes.longer', { left: showAbout(leftMin) })}
          </h4>
          <Entries entries={tooLong} of={of} />
        </>
      )}
    </section>
  );
}

function Entries({ entries, of }: Pick<KindProps, 'entries' | 'of'>) {
  const t = useWords();
  const takes = ({ leastMin, usualMin }: BookEntry['comes']) => {
    const [least, most] = [showAbout(leastMin), showAbout(usualMin)];
    return least === most ? most : t('dishes.was.to', { least, most });
  };
  return (
    <ul>
      {entries.map(({ pattern, dish, comes }) => (
        <ShelfEntry
          key={pattern.id}
          to={`/meal/${of.meal.id}/dishes/pattern-${pattern.id}`}
          name={pattern.name}
          takes={takes(comes)}
          dish={dish}
          current={of.chosen === `pattern-${pattern.id}`}
        />
      ))}
    </ul>
  );
}
