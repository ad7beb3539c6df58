import { FileUp, Plus } from 'lucide-react';
import { useRef, useState } from 'react';
import { useWords } from '../../words/words.ts';
import { useMealActions } from './useMealActions.ts';

/** Begin a meal, or fetch one from a file; what is wrong with the file is said beneath. */
export function NewAndImport({
  newLabel = 'meals.new',
}: {
  newLabel?: 'meals.new' | 'meals.empty';
}) {
  const t = useWords();
  const actions = useMealActions();
  const input = useRef<HTMLInputElement>(null);
  const [problems, setProblems] = useState<readonly string[]>([]);
  return (
    <>
      <button
        type="button"
        className={`btn ${newLabel === 'meals.new' ? 'btn-main' : ''}`}
        data-key="n"
        onClick={actions.create}
      >
        <Plus size={18} aria-hidden="true" />
        {t(newLabel)} <span className="key">n</span>
      </button>
      <button type="button" className="btn" onClick={() => input.current?.click()}>
        <FileUp size={18} aria-hidden="true" />
        {t('meals.import')}
      </button>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        className="sr-only"
        tabIndex={-1}
        aria-label={t('meals.import')}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void actions.importFile(file).then(setProblems);
        }}
      />
      {problems.length > 0 && (
        <div role="alert" className="basis-full rounded-lg border-2 border-clash p-3">
          <p className="font-semibold">{t('meals.importFailed')}</p>
          <ul className="mt-1 list-disc pl-5">
            {problems.map((problem) => (
              <li key={problem}>{problem}</li>
            ))}
          </ul>
        </div>
      )}
    </>
  );
}
