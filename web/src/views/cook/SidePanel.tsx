import { lazy, Suspense, useState } from 'react';
import { own } from '../../store/own.ts';
import type { RunPlan } from '../../store/runs.ts';
import { useAppSelector } from '../../store/store.ts';
import { useManner } from '../../store/manner.ts';
import { useWords } from '../../words/words.ts';
import type { Asking } from './CookDialog.tsx';
import { ProbeButtons } from './ProbeButtons.tsx';
import { ProbeLine } from './ProbeLine.tsx';
import { Reminders } from './Reminders.tsx';
import { Standing } from './Standing.tsx';
import { TimersList } from './TimersList.tsx';
import type { RunOnPage } from './useRun.ts';

const ShareDialog = lazy(() => import('./ShareDialog.tsx'));

interface Props {
  readonly page: RunOnPage;
  readonly plan: RunPlan;
  readonly onAsk: (asking: Asking) => void;
}

/** Fire and probes, what stands where, and timers. */
export function SidePanel({ page, plan, onAsk }: Props) {
  const t = useWords();
  const { state } = page;
  const timed = plan.planned.plan.steps.filter(
    ({ id, elastic }) => state.begun.has(id) && !state.ended.has(id) && !elastic,
  );
  return (
    <aside className="shrink-0 space-y-6 bg-panel p-4 md:p-5 lg:w-[330px]">
      <section>
        <div className="flex items-center justify-between gap-3">
          <h2 className="text-lg">{t('cook.probes')}</h2>
          <button
            type="button"
            data-key="r"
            className="btn cook-btn"
            onClick={() => onAsk({ kind: 'reading' })}
          >
            {t('cook.reading')} <kbd className="key-hint">r</kbd>
          </button>
        </div>
        <ProbeButtons page={page} />
        {[...new Set(state.probes.values())]
          .filter((step) => !state.ended.has(step))
          .map((step) => (
            <ProbeLine key={step} step={step} page={page} plan={plan} />
          ))}
      </section>
      <Broken page={page} plan={plan} />
      <Standing page={page} plan={plan} />
      <TimersList page={page} timed={timed} onAsk={onAsk} />
      <Reminders page={page} />
      <OtherDevices page={page} />
    </aside>
  );
}

/** What the run, as it goes, breaks of the rules of safety. */
function Broken({ page, plan }: Pick<Props, 'page' | 'plan'>) {
  const t = useWords();
  const { sayIt } = useManner(page.meal, plan.planned.plan);
  const broken = plan.planned.plan.findings.filter(
    ({ level, overruled }) => level === 'stop' && overruled === undefined,
  );
  if (broken.length === 0) return null;
  return (
    <section role="alert" className="border-l-4 border-clash pl-3">
      <h2 className="text-lg text-clash">{t('cook.mind')}</h2>
      {broken.map((finding) => (
        <p key={`${finding.rule} ${finding.dish} ${finding.step ?? ''}`} className="mt-1">
          {sayIt(finding.message)}{' '}
          <span className="text-muted">{sayIt({ key: finding.source })}</span>
        </p>
      ))}
    </section>
  );
}

/** The way to cook the run on several devices, and whether it is. */
function OtherDevices({ page: { kept } }: Pick<Props, 'page'>) {
  const t = useWords();
  const [open, setOpen] = useState(false);
  const link = useAppSelector(({ runs }) => own(runs.links, kept.run.id));
  return (
    <section>
      <button type="button" className="btn cook-btn" onClick={() => setOpen(true)}>
        {t('share.open')}
      </button>
      {kept.shared === true && (
        <p role="status" className="mt-1 text-muted">
          {t(`share.is.${link ?? 'lost'}`)}
        </p>
      )}
      <Suspense fallback={null}>
        {open && <ShareDialog kept={kept} onClose={() => setOpen(false)} />}
      </Suspense>
    </section>
  );
}
