import { showMinutes, showTime, type PlannedOn } from '@zemrin/core';
import { useWords } from '../../words/words.ts';
import type { RunOnPage } from './useRun.ts';

/** What time it is, when it is served, and what is in hand. */
export function CookHead({ page, planned }: { page: RunOnPage; planned: PlannedOn }) {
  const t = useWords();
  const { meal, nowMin, kept } = page;
  const { plan, lateMin, wishedMin, inHandMin } = planned;
  const { zone } = meal.serving;
  const at = (min: number) => showTime(min, zone, meal.kitchen.clock, plan.servingMin);
  const left = Math.round(wishedMin - nowMin);
  return (
    <header className="flex flex-wrap items-end justify-between gap-x-6 gap-y-1">
      <div>
        <p className="font-title text-[clamp(44px,6vw,76px)] leading-none font-bold">
          {at(Math.floor(nowMin))}
        </p>
        <h1 className="mt-1 text-base font-semibold text-muted">{meal.title}</h1>
        {kept.rehearsal && (
          <p className="text-muted">{t('cook.rehearsal', { speed: kept.rehearsal.speed })}</p>
        )}
      </div>
      <div className="min-w-0 flex-1 basis-[300px] text-[clamp(17px,2vw,22px)] md:text-right">
        <p>
          {left >= 0
            ? t('cook.serveIn', { at: at(wishedMin), left: showMinutes(left) })
            : t('cook.servePast', { at: at(wishedMin), left: showMinutes(-left) })}
        </p>
        {lateMin > 0 ? (
          <p className="font-semibold text-clash">
            {plan.status === 'cannot'
              ? t('cook.cannot')
              : t('cook.behind', { late: showMinutes(lateMin), at: at(plan.servingMin) })}
          </p>
        ) : (
          <p className={`font-semibold ${plan.status === 'fits' ? 'text-now' : ''}`}>
            {inHandMin > 0 ? t('cook.hand', { minutes: showMinutes(inHandMin) }) : t('cook.noHand')}
            , {t('cook.chance', { chance: Math.round(plan.onTime * 100) })}
          </p>
        )}
      </div>
    </header>
  );
}
