import { FileUp, Plus } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { FileButton } from '../../ui/FileButton.tsx';
import { useWords } from '../../words/words.ts';
import { useMealActions, type Import } from './useMealActions.ts';

const ImportDialog = lazy(() => import('./ImportDialog.tsx'));

/** Begin a meal, or fetch one from a file; what is wrong with the file is said beneath. */
export function NewAndImport({
  newLabel = 'meals.new',
}: {
  newLabel?: 'meals.new' | 'meals.empty';
}) {
  const t = useWords();
  const actions = useMealActions();
  const [found, setFound] = useState<Import>({ problems: [], ask: [] });
  const { problems } = found;
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
      <FileButton
        label={t('meals.import')}
        accept=".json,application/json"
        onText={(text) => void actions.importText(text).then(setFound)}
      >
        <FileUp size={18} aria-hidden="true" />
      </FileButton>
      {found.ask.length > 0 && (
        <Suspense fallback={null}>
          <ImportDialog
            meals={found.ask}
            onClose={() => setFound({ problems: [], ask: [] })}
            onTake={(taken) => {
              actions.take(taken);
              setFound({ problems: [], ask: [] });
            }}
          />
        </Suspense>
      )}
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
