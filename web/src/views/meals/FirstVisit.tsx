import { lazy, Suspense } from 'react';
import { useWords } from '../../words/words.ts';
import { NewAndImport } from './NewAndImport.tsx';
import { useDemos } from './useDemos.ts';

const Example = lazy(() => import('./Example.tsx'));

/** What one sees before there is a meal: the examples, really planned, and an empty one. */
export function FirstVisit() {
  const t = useWords();
  const demos = useDemos();
  return (
    <section>
      <h1 className="text-[clamp(26px,4vw,36px)]">{t('meals.firstTitle')}</h1>
      <p className="mt-2 mb-5 text-[17px]">{t('meals.firstMore')}</p>
      <Suspense fallback={<div className="h-[320px]" />}>
        {demos.map((demo) => (
          <Example key={demo.id} meal={demo} />
        ))}
      </Suspense>
      <div className="mt-6 flex flex-wrap gap-3">
        <NewAndImport newLabel="meals.empty" />
      </div>
    </section>
  );
}
