import type { PlannedStep } from '@zemrin/core';
import { X } from 'lucide-react';
import { useWords } from '../../words/words.ts';
import type { Asking } from './CookDialog.tsx';
import type { RunOnPage } from './useRun.ts';

interface Props {
  readonly page: RunOnPage;
  /** Steps that are going on and end at a time of their own. */
  readonly timed: readonly PlannedStep[];
  readonly onAsk: (asking: Asking) => void;
}

/** What runs: the plan's own timers, and the cook's beside them. */
export function TimersList({ page, timed, onAsk }: Props) {
  const t = useWords();
  const { state, nowMin, plan, say } = page;
  const due = plan?.planned.due;
  return (
    <section>
      <div className="flex items-center justify-between gap-3">
        <h2 className="text-lg">{t('cook.timers')}</h2>
        <button
          type="button"
          data-key="t"
          className="btn cook-btn"
          onClick={() => onAsk({ kind: 'timer' })}
        >
          {t('cook.timer')} <kbd className="key-hint">t</kbd>
        </button>
      </div>
      <ul>
        {timed.map((step) => (
          <li
            key={step.id}
            className="flex items-baseline justify-between gap-3 border-b border-line py-2"
          >
            <span>{step.label}</span>
            <Left minutes={(due?.get(step.id) ?? step.endMin) - nowMin} />
          </li>
        ))}
        {state.timers.map(({ id, label, untilMin }) => (
          <li
            key={id}
            className="flex items-center justify-between gap-3 border-b border-line py-2"
          >
            <span className="min-w-0 grow">{label}</span>
            <Left minutes={untilMin - nowMin} />
            <button
              type="button"
              className="btn btn-quiet min-h-[56px] min-w-[56px] px-0"
              aria-label={t('cook.timerStop', { label })}
              onClick={() => say([{ did: 'timerEnded', timer: id }])}
            >
              <X size={20} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Time left on a timer, with its seconds below an hour. */
function Left({ minutes }: { minutes: number }) {
  const t = useWords();
  if (minutes <= 0) return <span className="font-semibold text-clash">{t('cook.timerOver')}</span>;
  const seconds = Math.floor(minutes * 60);
  const pad = (value: number) => String(value).padStart(2, '0');
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  return (
    <span className="font-title text-2xl font-bold">
      {h > 0 ? `${h}:${pad(m)}:${pad(s)}` : `${pad(m)}:${pad(s)}`}
    </span>
  );
}
