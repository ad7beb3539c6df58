import { dayShort, wallClock, type Meal, type Proposal } from '@zemrin/core';
import { useEdit } from '../store/useEdit.ts';
import { useManner } from '../store/manner.ts';
import { learning } from '../words/en/learning.ts';
import { learn, useWords } from '../words/words.ts';

learn(learning);

/** What earlier runs ask for, each with its reason: taken or left, never silent. */
export function NextTime({ meal, proposals }: { meal: Meal; proposals: readonly Proposal[] }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const { sayIt } = useManner(meal);
  if (proposals.length === 0) return null;
  const answer = ({ id, commands }: Proposal, take: boolean) => {
    const gesture = `answer ${id}`;
    if (take) for (const command of commands) edit(command, gesture);
    edit({ do: 'answerProposal', proposal: id }, gesture);
  };
  return (
    <section aria-label={t('learning.nextTime')}>
      <h2 className="text-xl">{t('learning.nextTime')}</h2>
      <ul className="mt-2 grid gap-2">
        {proposals.map((one, i) => (
          <li key={one.id} className="rounded-xl border border-line p-3">
            <p className="font-semibold">{sayIt(one.change)}</p>
            <p className="text-sm text-muted">
              {one.dishName}, {dateOf(one.because.atMin, meal.serving.zone)}:{' '}
              {one.because.words === undefined
                ? one.because.told && sayIt(one.because.told)
                : `“${one.because.words}”`}
            </p>
            <div className="mt-2 flex gap-2">
              <button
                type="button"
                className="btn btn-main"
                data-key={i === 0 ? 't' : undefined}
                onClick={() => answer(one, true)}
              >
                {t('learning.take')} {i === 0 && <span className="key">t</span>}
              </button>
              <button
                type="button"
                className="btn"
                data-key={i === 0 ? 'x' : undefined}
                onClick={() => answer(one, false)}
              >
                {t('learning.leave')} {i === 0 && <span className="key">x</span>}
              </button>
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}

function dateOf(atMin: number, zone: string): string {
  const { weekday, day, month } = wallClock(Math.floor(atMin), zone);
  return `${dayShort(weekday)} ${day}.${month}.`;
}
