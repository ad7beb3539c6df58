import { elasticAxis, placeOf, showMinutes, type RunAgainstPlan, type Stretch } from '@zemrin/core';
import { useWords } from '../../words/words.ts';

/** A stretch is never drawn narrower, percent of the width. */
const NARROWEST = 0.35;

/** Every dish as it was planned, a thin thread, and as it was, a thick one under it. */
export function Threads({ against }: { against: RunAgainstPlan }) {
  const t = useWords();
  const { dishes, wishedMin, servedMin } = against;
  const moments = dishes.flatMap(({ steps }) =>
    steps.flatMap(({ planned, was }) =>
      [planned, was].flatMap((one) => (one ? [one.startMin, one.endMin] : [])),
    ),
  );
  const axis = elasticAxis([
    ...moments,
    wishedMin,
    ...(servedMin === undefined ? [] : [servedMin]),
  ]);
  const at = (min: number) => 100 * placeOf(axis, min);
  const style = ({ startMin, endMin }: Stretch) => ({
    left: `${at(startMin)}%`,
    width: `${Math.max(NARROWEST, at(endMin) - at(startMin))}%`,
  });
  return (
    <section aria-label={t('log.threads')} className="relative mt-5 overflow-hidden pb-1">
      {dishes.map(({ dish, name, steps, moved }) => (
        <div key={dish} className="mb-4">
          <h2 className="text-base font-semibold">{name}</h2>
          <div className="relative mt-1 h-[30px]">
            {steps.map(({ step, label, band, planned, was }) => (
              <div key={step}>
                {planned && (
                  <span
                    aria-hidden="true"
                    className="absolute top-0 h-[5px]"
                    style={{ ...style(planned), background: `var(--${band})` }}
                  />
                )}
                {was && (
                  <span
                    title={`${label}, ${showMinutes(Math.round(was.endMin - was.startMin))}`}
                    className="absolute top-[9px] h-[20px] rounded-[2px]"
                    style={{ ...style(was), background: `var(--${band})` }}
                  />
                )}
              </div>
            ))}
            <span
              aria-hidden="true"
              className="absolute top-0 bottom-0 w-[3px] bg-ink"
              style={{ left: `calc(${at(wishedMin)}% - 3px)` }}
            />
            {servedMin !== undefined && (
              <span
                aria-hidden="true"
                className="absolute top-0 bottom-0 border-l-2 border-dashed border-now"
                style={{ left: `calc(${at(servedMin)}% - 2px)` }}
              />
            )}
          </div>
          <p className="mt-1 text-sm text-muted">
            {moved.length === 0
              ? t('log.asPlanned')
              : moved
                  .slice(0, 4)
                  .map(({ label, minutes }) =>
                    t(minutes > 0 ? 'log.longer' : 'log.shorter', {
                      label,
                      minutes: showMinutes(Math.abs(minutes)),
                    }),
                  )
                  .join(', ')}
          </p>
        </div>
      ))}
      <p className="text-sm text-muted">{t('log.legend')}</p>
    </section>
  );
}
