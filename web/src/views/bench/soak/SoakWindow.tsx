import {
  readMinutes,
  saltInMeat,
  say,
  showMinutes,
  showTime,
  type Batch,
  type Dish,
  type Meal,
  type Mixture,
  type Plan,
  type SoakWindow as Window,
} from '@zemrin/core';
import { useEdit } from '../../../store/useEdit.ts';
import { useManner } from '../../../store/manner.ts';
import { EditField } from '../../../ui/EditField.tsx';
import { useWords } from '../../../words/words.ts';

interface SoakWindowProps {
  readonly meal: Meal;
  readonly dish: Dish;
  readonly mixture: Mixture;
  readonly batch: Batch;
  readonly plan: Plan | undefined;
}

/** The window as a band of hours, with the plan's own soak marked on it, and what limits it. */
export function SoakWindow({ meal, dish, mixture, batch, plan }: SoakWindowProps) {
  const t = useWords();
  const window = batch.window;
  if (!window) return null;
  const step = dish.steps.find((s) => s.time.kind === 'soak' && s.time.mixture === mixture.id);
  const planned = plan?.steps.find((p) => p.id === step?.id);
  const soak = planned && planned.endMin - planned.startMin;
  const salt = soak === undefined ? undefined : saltInMeat(meal, dish, mixture, soak);
  const time = (min: number) =>
    showTime(min, meal.serving.zone, meal.kitchen.clock, plan?.servingMin);
  return (
    <section className="mt-5">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-xl">{t('bench.window')}</h2>
        <span className="text-muted">
          {planned && soak !== undefined
            ? t('bench.planned', {
                span: showMinutes(soak),
                from: time(planned.startMin),
                to: time(planned.endMin),
              })
            : t('bench.notPlanned')}
        </span>
      </div>
      <Band window={window} soak={soak} />
      {salt !== undefined && soak !== undefined && (
        <p className="mt-4">
          {t('bench.takenUp', { span: showMinutes(soak), pct: salt.toFixed(1) })}
        </p>
      )}
      <WindowFields meal={meal} dish={dish} mixture={mixture} window={window} />
    </section>
  );
}

function Band({ window, soak }: { window: Window; soak: number | undefined }) {
  // Short windows and long ones alike: the band runs by the square root of the hours.
  const end = Math.sqrt(Math.max(window.longestMin, soak ?? 0) * 1.35);
  const at = (min: number) => (Math.sqrt(min) / end) * 100;
  return (
    <div aria-hidden="true" className="relative mt-8 mb-2 h-[20px] rounded-full bg-soft">
      <span
        className="absolute inset-y-0 bg-ink/25"
        style={{
          left: `${at(window.leastMin)}%`,
          width: `${at(window.longestMin) - at(window.leastMin)}%`,
        }}
      />
      <span
        className="hatched absolute inset-y-0 right-0 rounded-r-full"
        style={{ left: `${at(window.longestMin)}%` }}
      />
      {[window.leastMin, window.bestMin, window.longestMin].map((min, i) => (
        <span
          key={i}
          className="absolute -bottom-2 h-[36px] w-[2px] bg-ink/60"
          style={{ left: `${at(min)}%` }}
        />
      ))}
      {soak !== undefined && (
        <>
          <span
            className="absolute -top-1.5 -bottom-1.5 w-[6px] -translate-x-1/2 rounded-sm bg-now"
            style={{ left: `${at(soak)}%` }}
          />
          <strong
            className="absolute -top-8 -translate-x-1/2 whitespace-nowrap"
            style={{ left: `${Math.min(92, Math.max(4, at(soak)))}%` }}
          >
            {showMinutes(soak)}
          </strong>
        </>
      )}
    </div>
  );
}

function WindowFields(props: { meal: Meal; dish: Dish; mixture: Mixture; window: Window }) {
  const t = useWords();
  const edit = useEdit(props.meal.id);
  const { manner } = useManner(props.meal);
  const { dish, mixture, window } = props;
  const set = (own: Mixture['window']) =>
    edit({ do: 'editMixture', dish: dish.id, mixture: mixture.id, change: { window: own } });
  const fields = [
    { key: 'leastMin', label: t('bench.least'), because: say(window.leastBecause, manner) },
    { key: 'bestMin', label: t('bench.best'), because: undefined },
    { key: 'longestMin', label: t('bench.longest'), because: say(window.limitedBy, manner) },
  ] as const;
  return (
    <div className="mt-4 grid gap-x-6 gap-y-3 sm:grid-cols-3">
      {fields.map(({ key, label, because }) => (
        <div key={key}>
          <EditField
            label={label}
            value={showMinutes(window[key])}
            className="field w-[110px]"
            onCommit={(text) => {
              const minutes = readMinutes(text);
              if (minutes === undefined) return t('weave.badMinutes', { text });
              const leastMin = key === 'leastMin' ? minutes : window.leastMin;
              const bestMin = key === 'bestMin' ? minutes : window.bestMin;
              const longestMin = key === 'longestMin' ? minutes : window.longestMin;
              if (leastMin > bestMin || bestMin > longestMin) {
                return t('weave.badTimes', {
                  least: showMinutes(leastMin),
                  best: showMinutes(bestMin),
                  most: showMinutes(longestMin),
                });
              }
              set({ ...mixture.window, leastMin, bestMin, longestMin });
              return undefined;
            }}
          />
          {because && <p className="mt-1 text-sm text-muted">{because}</p>}
          {key === 'bestMin' &&
            (window.own ? (
              <button
                type="button"
                className="mt-1 min-h-[32px] text-sm underline"
                onClick={() => set(undefined)}
              >
                {t('bench.reckonAgain')}
              </button>
            ) : (
              <p className="mt-1 text-sm text-muted">{t('bench.reckoned')}</p>
            ))}
        </div>
      ))}
    </div>
  );
}
