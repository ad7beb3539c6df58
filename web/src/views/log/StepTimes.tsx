import {
  readClock,
  readMinutes,
  showMinutes,
  showTime,
  toldTimes,
  type Deed,
  type DishAgainstPlan,
  type Meal,
  type Remembered,
  type StepAgainstPlan,
} from '@zemrin/core';
import { EditField } from '../../ui/EditField.tsx';
import { useWords } from '../../words/words.ts';

interface Props {
  readonly meal: Meal;
  readonly name: string;
  readonly steps: DishAgainstPlan['steps'];
  readonly onSay: (deeds: readonly Deed[]) => void;
}

/** When each step of a dish was: as it was logged, as it was planned, or as the cook says now. */
export function StepTimes({ meal, name, steps, onSay }: Props) {
  const t = useWords();
  return (
    <details className="mt-3">
      <summary className="min-h-[40px] cursor-pointer py-2 underline decoration-dotted">
        {t('log.times', { dish: name })}
      </summary>
      <p className="text-sm text-muted">{t('log.timesHint')}</p>
      <p
        aria-hidden="true"
        className="mt-1 grid grid-cols-[1fr_88px_104px] gap-x-2 text-sm text-muted"
      >
        <span className="col-start-2">{t('log.beganHead')}</span>
        <span>{t('log.tookHead')}</span>
      </p>
      <ul>
        {steps.map((step) => (
          <Times key={step.step} meal={meal} step={step} onSay={onSay} />
        ))}
      </ul>
    </details>
  );
}

function Times({ meal, step, onSay }: Pick<Props, 'meal' | 'onSay'> & { step: StepAgainstPlan }) {
  const t = useWords();
  const { zone } = meal.serving;
  const known = step.was ?? step.planned;
  if (!known) return null;
  const tell = (said: Remembered) => {
    const told = toldTimes(step, zone, said);
    if (!told) return;
    const { startMin: begunMin, endMin: endedMin } = told;
    onSay([{ did: 'toldTimes', step: step.step, begunMin, endedMin }]);
  };
  const start = Math.round(known.startMin);
  // What was not logged is only a proposal, and looks like one.
  const className = `field w-full text-right ${step.was ? '' : 'text-muted'}`;
  return (
    <li className="grid grid-cols-[1fr_88px_104px] items-center gap-x-2 border-t border-line py-1.5">
      <span className="min-w-0">{step.label}</span>
      <EditField
        label={t('log.began', { label: step.label })}
        hideLabel
        className={className}
        value={showTime(start, zone, meal.kitchen.clock, start)}
        onCommit={(text) => {
          const began = readClock(text);
          if (began === undefined) return t('log.badClock', { text });
          tell({ began });
          return undefined;
        }}
      />
      <EditField
        label={t('log.took', { label: step.label })}
        hideLabel
        className={className}
        value={showMinutes(Math.round(known.endMin - known.startMin))}
        onCommit={(text) => {
          const tookMin = readMinutes(text);
          if (tookMin === undefined || tookMin <= 0) return t('log.badMinutes', { text });
          tell({ tookMin });
          return undefined;
        }}
      />
    </li>
  );
}
