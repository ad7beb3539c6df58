import { localOf, type Command, type PlannedOn } from '@zemrin/core';
import { useManner } from '../../store/manner.ts';
import { useWords } from '../../words/words.ts';
import { useCallWords } from './useCallWords.ts';
import type { RunOnPage } from './useRun.ts';

/** More are no help to someone with wet hands. */
const SHOWN = 4;

interface Way {
  readonly text: string;
  readonly more: string;
  readonly chance: number;
  readonly commands: readonly Command[];
}

/** When it is late, or something is done early: what would help, each tried before it is offered. */
export function WaysOut({ page, planned }: { page: RunOnPage; planned: PlannedOn }) {
  const t = useWords();
  const words = useCallWords(page);
  const { sayIt } = useManner(page.meal, planned.plan);
  const { plan, lateMin, early } = planned;
  const chanceOf = (onTime: number) => Math.round(onTime * 100);
  const at = words.at(plan.servingMin);
  const later: Way = {
    text: t('cook.serveAt', { at }),
    more: t('cook.serveAtMore'),
    chance: chanceOf(plan.onTime),
    commands: [{ do: 'serveAt', at: localOf(plan.servingMin, page.meal.serving.zone) }],
  };
  const late = lateMin > 0;
  const others = page.waysOut
    // Serving later stands first already.
    .filter(({ changes }) => !late || changes.every((change) => change.do !== 'serveAt'))
    .map(({ text, onTime, changes }): Way => ({
      text: sayIt(text),
      more: '',
      chance: chanceOf(onTime),
      commands: changes,
    }));
  const ways = late ? [later, ...others] : early ? others : [];
  if (ways.length === 0) return <Moved page={page} planned={planned} />;
  const before = late ? 0 : chanceOf(plan.onTime);
  return (
    <section className="mt-5">
      <div className="flex items-baseline justify-between gap-4">
        <h2 className="text-xl">{t(late ? 'cook.waysOut' : 'cook.waysEarly')}</h2>
        <p className="text-muted">{t('cook.waysBefore', { chance: before })}</p>
      </div>
      <div className="mt-2 grid gap-2">
        {ways.slice(0, SHOWN).map(({ text, more, chance, commands }) => (
          <button
            key={text}
            type="button"
            className="btn cook-btn justify-between text-left whitespace-normal"
            onClick={() => page.say([{ did: 'changed', commands: [...commands], why: text }])}
          >
            <span>
              {text}
              {more !== '' && (
                <span className="block text-base font-normal opacity-75">{more}</span>
              )}
            </span>
            <span className="text-base font-normal">{t('cook.chanceThen', { chance })}</span>
          </button>
        ))}
      </div>
    </section>
  );
}

/** What the last word moved, in a line. */
function Moved({ page, planned }: { page: RunOnPage; planned: PlannedOn }) {
  const t = useWords();
  const words = useCallWords(page);
  // What is called now is in front of the cook.
  const [call] = page.calls;
  const far = planned.moved.filter(
    ({ step, fromMin, toMin }) => step !== call?.step?.id && Math.abs(toMin - fromMin) >= FAR_MIN,
  );
  const [first] = far;
  if (!first) return null;
  const values = { label: first.label, at: words.at(first.toMin), count: far.length - 1 };
  return (
    <p className="mt-3 text-muted" role="status">
      {t(far.length > 1 ? 'cook.movedMore' : 'cook.movedOne', values)}
    </p>
  );
}

/** Moved by less than this, and nobody needs to hear it. */
const FAR_MIN = 5;
