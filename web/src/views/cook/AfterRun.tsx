import { ROOM_LIMIT_MIN, servingMin, showMinutes, type Meal } from '@zemrin/core';
import { RunFiles } from '../../ui/RunFiles.tsx';
import { useWords } from '../../words/words.ts';
import { EventList } from './EventList.tsx';
import { useCallWords } from './useCallWords.ts';
import { useStartRun } from '../../store/useStartRun.ts';
import type { RunOnPage } from './useRun.ts';

/** Left-overs are cold again within so long. */
const COOL_WITHIN_MIN = ROOM_LIMIT_MIN;
/** Nobody is told the day after. */
const DAY_MIN = 1440;

/** The meal is on the table: how it went, and what the left-overs want. */
export function AfterRun({ meal, page }: { meal: Meal; page: RunOnPage }) {
  const t = useWords();
  const words = useCallWords(page);
  const start = useStartRun(meal);
  const { state } = page;
  const servedMin = state.servedMin ?? 0;
  const lateMin = Math.round(servedMin - servingMin(page.meal));
  const leftMin = Math.ceil(servedMin + COOL_WITHIN_MIN - page.nowMin);
  const last = state.events.findLast(({ did }) => did === 'served');
  return (
    <main className="max-w-3xl p-5 md:p-10">
      <p className="text-lg text-muted">{meal.title}</p>
      <h1 className="mt-2 text-[clamp(34px,6vw,64px)]">
        {t('cook.served', { at: words.at(servedMin) })}
      </h1>
      <p className="mt-2 text-xl">
        {lateMin > 5
          ? t('cook.servedLate', { minutes: showMinutes(lateMin) })
          : t('cook.servedOnTime')}
      </p>
      <p className="mt-6 border-l-4 border-now pl-3 text-lg">
        {t('cook.afterwards', { at: words.at(servedMin + COOL_WITHIN_MIN) })}{' '}
        <strong role="status">
          {leftMin > 0
            ? t('cook.coolLeft', { left: showMinutes(leftMin) })
            : leftMin > -DAY_MIN && t('cook.coolPast')}
        </strong>
      </p>
      <div className="mt-6 flex flex-wrap gap-3">
        <button type="button" className="btn cook-btn" onClick={() => void start()}>
          {t('cook.again')}
        </button>
        {last && (
          <button
            type="button"
            className="btn cook-btn"
            onClick={() => page.say([{ did: 'undone', event: last.id }])}
          >
            {t('cook.undo')}
          </button>
        )}
      </div>
      <div className="mt-4 flex flex-wrap gap-3">
        <RunFiles run={page.kept.run} state={state} nowMin={page.nowMin} onSay={page.say} />
      </div>
      <EventList page={page} />
    </main>
  );
}
