import { dayShort, epochMinOf, monthLong, wallClock } from '@zemrin/core';
import { weave } from '../words/en/weave.ts';
import { learn, useWords } from '../words/words.ts';

learn(weave);

/** What stands in the place of its days for a stretch that is of one date. @param date "2026-11-28" */
export function OnlyOn({ date }: { date: string }) {
  const t = useWords();
  const { weekday, day, month } = wallClock(epochMinOf(`${date}T12:00`, 'UTC'), 'UTC');
  return (
    <p className="mt-2 text-sm text-muted">
      {t('hours.onlyOn', { day: dayShort(weekday), date: day, month: monthLong(month) })}
    </p>
  );
}
