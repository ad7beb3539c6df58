import { printLibrary, type Meal } from '@zemrin/core';
import type { OwnPatternsState } from '../store/own-patterns.ts';
import { useAppSelector } from '../store/store.ts';
import { download } from '../ui/download.ts';
import { useWords } from '../words/words.ts';

/** Says when the browser's store fails, and hands the work out of it. */
export function StorageBanner() {
  const t = useWords();
  const { condition, why } = useAppSelector((state) => state.storage);
  const meals = useAppSelector((state) => state.library.meals);
  const { patterns } = useAppSelector((state) => state.ownPatterns);
  if (condition === 'ok' || condition === 'opening') return null;
  const all = Object.values(meals);
  return (
    <div
      role="alert"
      className="flex flex-wrap items-center gap-3 border-b-2 border-clash bg-panel px-4 py-2 text-ink"
    >
      <p className="grow">{t(`storage.${condition}`, { why: why ?? '' })}</p>
      {all.length > 0 && (
        <button type="button" className="btn" onClick={() => void handOut(all, patterns)}>
          {t('storage.export')}
        </button>
      )}
    </div>
  );
}

/** Everything in one file; patterns in memory are there only where what prints them is. */
async function handOut(
  meals: readonly Meal[],
  patterns: OwnPatternsState['patterns'],
): Promise<void> {
  const texts =
    patterns.length === 0
      ? []
      : await import('../store/keep-pattern.ts').then((one) => one.patternTexts(patterns));
  download(printLibrary(meals, texts), 'zemrin-library.json', 'application/json');
}
