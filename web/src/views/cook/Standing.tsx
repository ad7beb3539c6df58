import { atMoment, bandAt, showMinutes, showTemperature, warmClocks } from '@zemrin/core';
import type { RunPlan } from '../../store/runs.ts';
import { useWords } from '../../words/words.ts';
import { useCallWords } from './useCallWords.ts';
import type { RunOnPage } from './useRun.ts';

/** What stands where and how warm, and how long it may. */
export function Standing({ page, plan }: { page: RunOnPage; plan: RunPlan }) {
  const t = useWords();
  const words = useCallWords(page);
  const { state, nowMin, meal } = page;
  const { units } = meal.kitchen;
  const standing = atMoment(plan.planned.plan.stories, nowMin).filter(
    ({ span }) => span.step === undefined || state.begun.has(span.step),
  );
  const clocks = warmClocks(meal, plan.planned.plan.stories, nowMin);
  if (standing.length === 0) return null;
  return (
    <section>
      <h2 className="text-lg">{t('cook.where')}</h2>
      <ul>
        {standing.map((one) => {
          const clock = clocks.find(({ food, dish }) => food === one.food && dish === one.dish);
          return (
            <li key={`${one.dishName} ${one.food}`} className="border-b border-line py-2">
              <span className="flex items-baseline gap-2">
                <span
                  aria-hidden="true"
                  className="h-3 w-3 shrink-0 self-center rounded-sm"
                  style={{ background: `var(--${bandAt(one.span.placeC)})` }}
                />
                <span className="font-semibold">{one.name}</span>
              </span>
              <span className="text-muted">
                {t('cook.place', {
                  place: words.placeName(one.span.place),
                  tempC: showTemperature(one.span.placeC, units),
                })}
                , {t('cook.standsAt', { tempC: showTemperature(Math.round(one.coreC), units) })}
              </span>
              {clock && (
                <span
                  className={`block ${clock.minutes > clock.limitMin ? 'font-semibold text-clash' : 'text-muted'}`}
                >
                  {t(`cook.clock.${clock.state}`, {
                    minutes: showMinutes(clock.minutes),
                    limit: showMinutes(clock.limitMin),
                  })}
                </span>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
