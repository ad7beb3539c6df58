import { freeProbe, stepsToProbe } from '@zemrin/core';
import { useWords } from '../../words/words.ts';
import type { RunOnPage } from './useRun.ts';

/** A probe of the station put into what is cooked to a core. */
export function ProbeButtons({ page }: { page: RunOnPage }) {
  const t = useWords();
  const { state, say, plan } = page;
  return stepsToProbe(state).map((id) => {
    const step = plan?.planned.plan.steps.find((one) => one.id === id);
    return (
      <button
        key={id}
        type="button"
        className="btn cook-btn mt-2 w-full whitespace-normal"
        onClick={() => say([{ did: 'probed', probe: freeProbe(state, id), step: id }])}
      >
        {t('cook.probeIn', { what: step?.dishName ?? '' })}
      </button>
    );
  });
}
