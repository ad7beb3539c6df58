import { showTime, showVolume, showWeight, weighingList, type Meal, type Plan } from '@zemrin/core';
import { useWords } from '../../words/words.ts';

/** What goes on the scale, session by session, in the order it goes in. */
export function WeighingSheet({ meal, plan }: { meal: Meal; plan: Plan }) {
  const t = useWords();
  const { units, clock } = meal.kitchen;
  return (
    <div className="mt-4 gap-8 md:columns-2 print:columns-2">
      {weighingList(meal, plan).map((session) => (
        <section key={session.mixture} className="mb-6 break-inside-avoid">
          <h2 className="text-lg">{session.name}</h2>
          <p className="text-sm text-muted">
            {session.dish}
            {session.atMin !== undefined &&
              `, ${t('lists.atTime', { at: showTime(session.atMin, plan.zone, clock, plan.servingMin) })}`}
          </p>
          <ul>
            {session.steps.map((step, i) => (
              <li
                key={`${step.name} ${i}`}
                className="flex items-baseline gap-3 border-b border-line py-1.5 print:py-0.5"
              >
                <span className="min-w-0 grow">
                  {step.name}
                  {step.note && <span className="text-sm text-muted"> {step.note}</span>}
                </span>
                {step.measure && !step.open && (
                  <span className="shrink-0 text-sm text-muted">{step.measure}</span>
                )}
                <span className="time shrink-0">
                  {step.open
                    ? t('lists.toTaste')
                    : step.takesOut
                      ? t('lists.outG', { weight: showWeight(Math.abs(step.grams), units) })
                      : showWeight(step.grams, units)}
                </span>
              </li>
            ))}
          </ul>
          {session.reserve && (
            <p className="mt-1 font-semibold">
              {t('lists.reserve', {
                ml: showVolume(session.reserve.ml),
                purpose: session.reserve.purpose,
              })}
            </p>
          )}
        </section>
      ))}
    </div>
  );
}
