import { useWords } from '../words/words.ts';

export function Loading() {
  const t = useWords();
  return (
    <p role="status" className="p-6 text-muted">
      {t('app.loading')}
    </p>
  );
}
