import { useMemo } from 'react';
import { useParams } from 'react-router';
import { useRuns } from '../../learning/useProposals.ts';
import { cook } from '../../words/en/cook.ts';
import { log } from '../../words/en/log.ts';
import { learn, useWords } from '../../words/words.ts';
import { ByHand } from './ByHand.tsx';
import { RunList } from './RunList.tsx';
import { RunPage } from './RunPage.tsx';

learn(cook);
learn(log);

/** Every meal that was cooked, and how one of them went. */
export default function Log() {
  const t = useWords();
  const all = useRuns();
  const { run: id } = useParams();
  const runs = useMemo(() => all.toSorted((a, b) => b.startedMin - a.startedMin), [all]);
  const chosen = runs.find((run) => run.id === id) ?? runs[0];
  if (!chosen) {
    return (
      <main className="max-w-2xl p-6">
        <h1 className="text-2xl">{t('log.title')}</h1>
        <p className="mt-3">{t('log.none')}</p>
        <ByHand runs={runs} />
      </main>
    );
  }
  return (
    <main className="flex min-h-full flex-col lg:flex-row">
      <RunPage key={chosen.id} run={chosen} runs={runs} />
      <aside className="shrink-0 bg-panel p-4 md:p-5 lg:w-[300px]">
        <RunList runs={runs} chosen={chosen.id} />
        <ByHand runs={runs} />
      </aside>
    </main>
  );
}
