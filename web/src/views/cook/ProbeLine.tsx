import { showTemperature, type Distrust } from '@zemrin/core';
import { lazy, Suspense } from 'react';
import type { RunPlan } from '../../store/runs.ts';
import { useWords } from '../../words/words.ts';
import { useCallWords } from './useCallWords.ts';
import type { RunOnPage } from './useRun.ts';

const ProbeChart = lazy(() => import('./ProbeChart.tsx'));

/** What one probe says: how warm the middle is, when it will be done, and what is not believed. */
export function ProbeLine(props: {
  readonly step: string;
  readonly page: RunOnPage;
  readonly plan: RunPlan;
}) {
  const t = useWords();
  const { step: id, page, plan } = props;
  const words = useCallWords(page);
  const { units } = page.meal.kitchen;
  const step = plan.planned.plan.steps.find((one) => one.id === id);
  const found = plan.forecasts.find((one) => one.step === id);
  const target = page.calls.find(
    (call) => call.step?.id === id || call.ends.some((one) => one.id === id),
  )?.doneC;
  if (!step) return null;
  const last = found?.forecast.trusted.at(-1);
  const ignored = found?.forecast.ignored.at(-1);
  const distrusted = ignored && (!last || ignored.minute > last.minute) ? ignored.why : undefined;
  const why: Distrust | undefined = distrusted;
  const ready = found?.forecast.readyInMin;
  const at = (minutes: number) => words.at(page.nowMin + minutes);
  return (
    <div className="border-b border-line py-2">
      <div className="flex items-baseline justify-between gap-3">
        <span className="font-semibold">
          {step.dishName}, {step.label}
        </span>
        <span className="font-title text-3xl font-bold">
          {last ? showTemperature(Math.round(last.coreC * 10) / 10, units) : '–'}
        </span>
      </div>
      {last && ready && target !== undefined ? (
        <p className="text-muted">
          {t('cook.probeReady', {
            tempC: showTemperature(target, units),
            at: at(ready.likely),
            from: at(ready.least),
            to: at(ready.most),
          })}
        </p>
      ) : (
        !last && <p className="text-muted">{t('cook.probeNone')}</p>
      )}
      {why !== undefined && (
        <p className="font-semibold text-clash">
          {t('cook.probeIgnored', { why: t(`cook.why.${why}`) })}
        </p>
      )}
      {found && found.forecast.trusted.length > 1 && (
        <Suspense fallback={null}>
          <ProbeChart page={page} found={found} targetC={target} />
        </Suspense>
      )}
    </div>
  );
}
