import type { Meal, Plan } from '@zemrin/core';
import { useManner } from '../../../store/manner.ts';
import { useWords } from '../../../words/words.ts';

/** So many are told at once; the rest bear less. */
const SHOWN = 4;

/** What the plan asks of the food beyond what the cook likes, the worst first. */
export function Compromises(props: {
  readonly meal: Meal;
  readonly plan: Plan;
  readonly onChoose: (step: string) => void;
}) {
  const t = useWords();
  const { compromises } = props.plan;
  const { sayIt } = useManner(props.meal, props.plan);
  if (compromises.length === 0) return null;
  return (
    <section className="mt-4">
      <h2 className="text-base">{t('weave.compromises')}</h2>
      <ul className="mt-1 text-[15px]">
        {compromises.slice(0, SHOWN).map(({ step, text, loss, fallsTo }) => (
          <li key={`${step} ${text.key} ${sayIt(text)}`} className="border-b border-line py-1">
            <button
              type="button"
              className="w-full text-left hover:bg-soft"
              onClick={() => props.onChoose(step)}
            >
              {sayIt(text)}{' '}
              <span className="text-muted">
                {fallsTo && sayIt(fallsTo)} {sayIt(loss)}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {compromises.length > SHOWN && (
        <p className="text-sm text-muted">
          {t('weave.compromisesMore', { count: compromises.length - SHOWN })}
        </p>
      )}
    </section>
  );
}
