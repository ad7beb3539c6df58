import { Plus } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { useWords } from '../../../words/words.ts';
import type { OnBench } from '../useBench.ts';

const IngredientPicker = lazy(() => import('../../../pantry/IngredientPicker.tsx'));

/** One more line. */
export function AddLine({ meal, dish, mixture, edit }: OnBench) {
  const t = useWords();
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        data-key="a"
        aria-keyshortcuts="a"
        className="my-1 flex min-h-[40px] items-center gap-2 text-muted underline-offset-4 hover:underline"
        onClick={() => setOpen(true)}
      >
        <Plus size={16} aria-hidden="true" /> {t('bench.addLine')} <span className="key">a</span>
      </button>
      <Suspense fallback={null}>
        {open && (
          <IngredientPicker
            meal={meal}
            title={t('bench.addLine')}
            mixtures={dish.mixtures.filter((other) => other.id !== mixture.id)}
            onPick={(line) =>
              edit({ do: 'addLine', dish: dish.id, mixture: mixture.id, new: line })
            }
            onClose={() => setOpen(false)}
          />
        )}
      </Suspense>
    </>
  );
}
