import {
  readMinutes,
  showMinutes,
  type Dish,
  type Meal,
  type PlannedStep,
  type Step,
  type StepTime,
} from '@zemrin/core';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useEdit } from '../../../store/useEdit.ts';
import { EditField } from '../../../ui/EditField.tsx';
import { useWords, type WordKey } from '../../../words/words.ts';

interface TimesEditorProps {
  readonly meal: Meal;
  readonly dish: Dish;
  readonly step: Step;
  readonly planned: PlannedStep;
}

/** The step's own minutes, in whatever form its time has. */
export function TimesEditor({ meal, dish, step }: TimesEditorProps) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const set = (time: StepTime) => edit({ do: 'setStepTime', step: step.id, time });
  const time = step.time;
  switch (time.kind) {
    case 'fixed':
      return (
        <Row>
          <Minutes
            label="weave.minutes"
            value={time.minutes}
            onSet={(minutes) => set({ ...time, minutes })}
          />
        </Row>
      );
    case 'range':
    case 'batches':
      return (
        <>
          <Three
            labels={['weave.least', 'weave.likely', 'weave.most']}
            values={[time.leastMin, time.likelyMin, time.mostMin]}
            onSet={([leastMin, likelyMin, mostMin]) =>
              set({ ...time, leastMin, likelyMin, mostMin })
            }
          />
          {time.kind === 'batches' && <p className="text-sm text-muted">{t('weave.perRound')}</p>}
        </>
      );
    case 'elastic':
      return (
        <Three
          labels={['weave.least', 'weave.best', 'weave.longest']}
          values={[time.leastMin, time.bestMin, time.longestMin]}
          onSet={([leastMin, bestMin, longestMin]) =>
            set({ ...time, leastMin, bestMin, longestMin })
          }
        />
      );
    case 'perWeight':
      return (
        <>
          <Three
            labels={['weave.least', 'weave.likely', 'weave.most']}
            values={[time.leastMinPerKg, time.likelyMinPerKg, time.mostMinPerKg]}
            onSet={([leastMinPerKg, likelyMinPerKg, mostMinPerKg]) =>
              set({ ...time, leastMinPerKg, likelyMinPerKg, mostMinPerKg })
            }
          />
          <p className="text-sm text-muted">
            {t('weave.perKg')}. {t('weave.byWeight')}
          </p>
        </>
      );
    case 'heat':
      return (
        <p className="mt-3 text-sm text-muted">
          <Link className="underline" to={`/meal/${meal.id}/heat/${time.food}`}>
            {t('weave.timeFromHeat')}
          </Link>
        </p>
      );
    case 'rising':
    case 'leavening':
      return <p className="mt-3 text-sm text-muted">{t('weave.timeFromRising')}</p>;
    case 'readying':
      return <p className="mt-3 text-sm text-muted">{t('weave.timeFromReadying')}</p>;
    case 'reducing':
    case 'boiling':
      return <p className="mt-3 text-sm text-muted">{t('weave.timeFromRing')}</p>;
    case 'cooling':
      return <p className="mt-3 text-sm text-muted">{t('weave.timeFromCooling')}</p>;
    case 'soak': {
      const mixture = dish.mixtures.find((m) => m.id === time.mixture);
      return (
        <p className="mt-3 text-sm text-muted">
          <Link className="underline" to={`/meal/${meal.id}/bench/${mixture?.id ?? ''}`}>
            {t('weave.windowFromBench')}
          </Link>
        </p>
      );
    }
  }
}

type Triple = readonly [number, number, number];

function Three(props: {
  labels: readonly [WordKey, WordKey, WordKey];
  values: Triple;
  onSet: (values: [number, number, number]) => void;
}) {
  const t = useWords();
  return (
    <Row>
      {props.labels.map((label, i) => (
        <Minutes
          key={label}
          label={label}
          value={props.values[i] ?? 0}
          onSet={(minutes) => {
            const next = props.values.map((value, j) => (j === i ? minutes : value));
            const [least = 0, best = 0, most = 0] = next;
            if (least > best || best > most) {
              return t('weave.badTimes', {
                least: showMinutes(least),
                best: showMinutes(best),
                most: showMinutes(most),
              });
            }
            props.onSet([least, best, most]);
            return undefined;
          }}
        />
      ))}
    </Row>
  );
}

function Minutes(props: {
  label: WordKey;
  value: number;
  onSet: (minutes: number) => string | undefined | void;
}) {
  const t = useWords();
  return (
    <EditField
      label={t(props.label)}
      value={showMinutes(props.value)}
      className="field w-full min-w-0"
      onCommit={(text) => {
        const minutes = readMinutes(text);
        if (minutes === undefined || minutes < 0) return t('weave.badMinutes', { text });
        return props.onSet(minutes) ?? undefined;
      }}
    />
  );
}

function Row({ children }: { children: ReactNode }) {
  return <div className="mt-3 grid grid-cols-3 gap-2">{children}</div>;
}
