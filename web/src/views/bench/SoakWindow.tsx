import {
  readMinutes,
  showMinutes,
  showTime,
  type Dish,
  type Meal,
  type Mixture,
  type Plan,
} from '@zemrin/core';
import { useEdit } from '../../store/hooks.ts';
import { EditField } from '../../ui/EditField.tsx';
import { useWords } from '../../words/words.ts';

interface SoakWindowProps {
  readonly meal: Meal;
  readonly dish: Dish;
  readonly mixture: Mixture;
  readonly plan: Plan | undefined;
}

/** The window as a band of hours, with the plan's own soak marked on it, and what limits it. */
export function SoakWindow({ meal, dish, mixture, plan }: SoakWindowProps) {
  const t = useWords();
  const window = mixture.window;
  if (!window) return null;
  const step = dish.steps.find((s) => s.time.kind === 'soak' && s.time.mixture === mixture.id);
  const planned = plan?.steps.find((p) => p.id === step?.id);
  const soak = planned && planned.endMin - planned.startMin;
  const time = (min: number) =>
    showTime(min, meal.serving.zone, meal.kitchen.clock, plan?.servingMin);
  // Short windows and long ones alike: the band runs by the square root of the hours.
  const end = Math.sqrt(window.longestMin * 1.35);
  const at = (min: number) => (Math.sqrt(min) / end) * 100;
  return (
    <section className="mt-6">
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
      <div aria-hidden="true" className="relative mt-8 mb-2 h-[22px] rounded-full bg-soft">
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
        {[window.leastMin, window.bestMin, window.longestMin].map((min) => (
          <span
            key={min}
            className="absolute -bottom-2 h-[38px] w-[2px] bg-ink/60"
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
              style={{ left: `${Math.min(92, at(soak))}%` }}
            >
              {showMinutes(soak)}
            </strong>
          </>
        )}
      </div>
      <WindowFields meal={meal} dish={dish} mixture={mixture} window={window} />
    </section>
  );
}

type Window = NonNullable<Mixture['window']>;

function WindowFields(props: { meal: Meal; dish: Dish; mixture: Mixture; window: Window }) {
  const t = useWords();
  const edit = useEdit(props.meal.id);
  const { dish, mixture, window } = props;
  const fields = [
    { key: 'leastMin', label: t('bench.least'), because: window.leastBecause },
    { key: 'bestMin', label: t('bench.best'), because: undefined },
    { key: 'longestMin', label: t('bench.longest'), because: window.limitedBy },
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
              const next = { ...window, [key]: minutes };
              if (next.leastMin > next.bestMin || next.bestMin > next.longestMin) {
                return t('weave.badTimes', {
                  least: showMinutes(next.leastMin),
                  best: showMinutes(next.bestMin),
                  most: showMinutes(next.longestMin),
                });
              }
              edit({ do: 'setWindow', dish: dish.id, mixture: mixture.id, window: next });
              return undefined;
            }}
          />
          {because && <p className="mt-1 text-sm text-muted">{because}</p>}
        </div>
      ))}
    </div>
  );
}
