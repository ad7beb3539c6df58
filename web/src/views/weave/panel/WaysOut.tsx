import type { Meal, Plan, Rescue, Surer } from '@zemrin/core';
import { useEdit } from '../../../store/useEdit.ts';
import { useManner } from '../../../store/manner.ts';
import { useWords } from '../../../words/words.ts';

/** Changes to the meal that help, each tried before it is offered, with the chance it gives. */
export function WaysOut(props: {
  readonly meal: Meal;
  readonly plan: Plan;
  readonly title: string;
  readonly ways: ReadonlyArray<Rescue | Surer>;
}) {
  const t = useWords();
  const { meal, plan, title, ways } = props;
  const edit = useEdit(meal.id);
  const { sayIt } = useManner(meal, plan);
  if (ways.length === 0) return null;
  return (
    <>
      <h3 className="mt-3 text-base">{title}</h3>
      {ways.map((way, i) => {
        const text = sayIt(way.text);
        return (
          <button
            key={text}
            type="button"
            {...(i === 0 ? { 'data-key': 'r' } : {})}
            className={`btn mt-2 w-full flex-col items-start gap-0 py-2 text-left whitespace-normal ${i === 0 && plan.status === 'cannot' ? 'btn-main' : ''}`}
            onClick={() => way.changes.forEach((change) => edit(change, `rescue-${text}`))}
          >
            <span>{text}</span>{' '}
            <span className="text-sm font-normal opacity-80">
              {t('weave.wayChance', { chance: Math.round(way.onTime * 100) })}
            </span>
          </button>
        );
      })}
    </>
  );
}
