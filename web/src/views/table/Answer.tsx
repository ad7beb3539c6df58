import { jobsOf, showMinutes, showTime, type Meal, type Plan } from '@zemrin/core';
import { useEdit } from '../../store/useEdit.ts';
import { useManner } from '../../store/manner.ts';
import { useWords } from '../../words/words.ts';

/** Can it still be done? The first job, the latest moment, or what would work instead. */
export function Answer({ meal, plan }: { meal: Meal; plan: Plan | undefined }) {
  const t = useWords();
  return (
    <section aria-live="polite">
      <h2 className="text-xl">{t('table.canIt')}</h2>
      {meal.dishes.length === 0 ? (
        <p className="mt-1 text-[17px]">{t('table.noDishes')}</p>
      ) : !plan ? (
        <p className="mt-1 text-[17px] text-muted">{t('meals.planning')}</p>
      ) : plan.status === 'cannot' ? (
        <No meal={meal} plan={plan} />
      ) : (
        <Yes meal={meal} plan={plan} />
      )}
    </section>
  );
}

function Yes({ meal, plan }: { meal: Meal; plan: Plan }) {
  const t = useWords();
  const time = (min: number) => showTime(min, plan.zone, meal.kitchen.clock, plan.servingMin);
  const open = plan.steps.filter(({ begun }) => !begun);
  const [first] = jobsOf({ steps: open });
  const latest = Math.min(...open.map(({ mustStartByMin }) => mustStartByMin));
  if (!first) return <p className="mt-1 text-[17px]">{t('table.yesBegun')}</p>;
  const values = {
    at: time(first.startMin),
    what: first.what,
    dish: first.step.dishName,
    when: t('meals.in', { span: showMinutes(Math.max(0, first.startMin - plan.nowMin)) }),
    chance: Math.round(plan.onTime * 100),
  };
  return (
    <>
      <p className="mt-1 text-[17px]">
        {t(plan.status === 'tight' ? 'table.tight' : 'table.yes', values)}
      </p>
      <p className="text-[17px]">{t('table.latest', { at: time(latest) })}</p>
    </>
  );
}

function No({ meal, plan }: { meal: Meal; plan: Plan }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const { sayIt } = useManner(meal, plan);
  const at = showTime(plan.servingMin, plan.zone, meal.kitchen.clock);
  const last = plan.because.at(-1);
  return (
    <>
      <p className="mt-1 text-[17px] font-semibold text-clash">{t('table.no', { at })}</p>
      {last && <p className="text-[17px]">{sayIt(last)}</p>}
      <div className="mt-2 flex flex-wrap gap-2">
        {plan.rescues.map((rescue) => (
          <button
            key={sayIt(rescue.text)}
            type="button"
            className="btn"
            onClick={() => rescue.changes.forEach((change) => edit(change))}
          >
            {sayIt(rescue.text)}
          </button>
        ))}
      </div>
    </>
  );
}
