import { Link } from 'react-router';
import { useAppSelector } from '../store/store.ts';
import { useWords } from '../words/words.ts';
import { Loading } from './Loading.tsx';

/** Stands where a meal should be: still being fetched, or not in this browser. */
export function NoMeal() {
  const t = useWords();
  const ready = useAppSelector((state) => state.library.loaded);
  if (!ready) return <Loading />;
  return (
    <main className="max-w-xl p-6">
      <h1 className="text-2xl">{t('app.noMeal')}</h1>
      <p className="my-3">{t('app.noMealMore')}</p>
      <Link className="btn" to="/">
        {t('nav.meals')}
      </Link>
    </main>
  );
}
