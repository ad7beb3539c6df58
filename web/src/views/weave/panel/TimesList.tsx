import { showMinutes, showTime, type Meal, type Plan } from '@zemrin/core';
import { useWords } from '../../../words/words.ts';

/** The plan in words, in order of time: for those who cannot see the threads, and for anyone. */
export function TimesList({ meal, plan }: { meal: Meal; plan: Plan }) {
  const t = useWords();
  const time = (min: number) => showTime(min, plan.zone, meal.kitchen.clock, plan.servingMin);
  const steps = [...plan.steps].sort((a, b) => a.startMin - b.startMin);
  return (
    <details className="mt-4">
      <summary className="min-h-[44px] cursor-pointer py-2 font-semibold">
        {t('weave.table')}
      </summary>
      <table className="w-full max-w-3xl border-collapse text-left">
        <thead>
          <tr className="border-b-2 border-ink">
            <th className="py-1 pr-4 font-semibold">{t('weave.start')}</th>
            <th className="py-1 pr-4 font-semibold">{t('weave.step')}</th>
            <th className="py-1 pr-4 font-semibold">{t('weave.takes')}</th>
            <th className="py-1 font-semibold">{t('weave.startBetween')}</th>
          </tr>
        </thead>
        <tbody>
          {steps.map((step) => (
            <tr key={step.id} className="border-b border-line align-top">
              <td className="py-1 pr-4 whitespace-nowrap">{time(step.startMin)}</td>
              <td className="py-1 pr-4">
                {step.label} <span className="text-muted">{step.dishName}</span>
              </td>
              <td className="py-1 pr-4 whitespace-nowrap">
                {showMinutes(step.endMin - step.startMin)}
              </td>
              <td className="py-1">
                {t('weave.and', {
                  from: time(step.canStartFromMin),
                  to: time(step.mustStartByMin),
                })}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
