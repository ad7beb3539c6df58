import {
  guestsLate,
  oneMore,
  readWeight,
  settleFood,
  showWeight,
  soaksToCome,
  weighsNow,
  withoutDish,
  withoutSoak,
  type Call,
  type Deed,
  type Meal,
} from '@zemrin/core';
import { useId, useState } from 'react';
import { EditField } from '../../ui/EditField.tsx';
import { useWords } from '../../words/words.ts';
import type { RunOnPage } from './useRun.ts';

const GUESTS_LATE_MIN = 30;
const FIRE_OUT_MIN = 20;

interface Props {
  readonly page: RunOnPage;
  readonly call: Call;
  readonly onTake: (deeds: readonly Deed[]) => void;
}

/** What may happen to an evening, each with one press; then the rest is planned anew. */
export function Happenings({ page, call, onTake }: Props) {
  const t = useWords();
  const [asked, setAsked] = useState<'weights' | 'dishes'>();
  const { meal, state } = page;
  if (asked === 'weights') return <Weights meal={meal} onTake={onTake} />;
  if (asked === 'dishes') return <Dropped meal={meal} onTake={onTake} />;
  const fires = meal.kitchen.appliances.filter(({ kind }) =>
    meal.dishes.some(({ steps }) =>
      steps.some(
        ({ id, place }) => place.kind === kind && state.begun.has(id) && !state.ended.has(id),
      ),
    ),
  );
  const step = call.kind === 'begin' ? call.step : undefined;
  const last = state.events.at(-1);
  const choices: Array<readonly [string, readonly Deed[]]> = [
    [t('cook.guestsLate'), guestsLate(meal, GUESTS_LATE_MIN, t('cook.guestsLate'))],
    [t('cook.oneMore'), oneMore(t('cook.oneMore'))],
    ...fires.map(
      ({ id, name }) =>
        [
          t('cook.fireOut', { name }),
          [{ did: 'fireOut', appliance: id, minutes: FIRE_OUT_MIN }],
        ] as const,
    ),
    ...soaksToCome(state).map(({ dish, step: soak }) => {
      const text = t('cook.forgotSoak', { label: soak.label, dish: dish.name });
      return [text, withoutSoak(dish, soak, text)] as const;
    }),
    ...(step
      ? [[t('cook.skipped', { label: step.label }), [{ did: 'skipped', step: step.id }]] as const]
      : []),
    ...(last ? [[t('cook.undo'), [{ did: 'undone', event: last.id }]] as const] : []),
  ];
  return (
    <div className="grid gap-2">
      <button type="button" className={BUTTON} onClick={() => setAsked('weights')}>
        {t('cook.reweigh')}
      </button>
      {choices.map(([text, deeds]) => (
        <button key={text} type="button" className={BUTTON} onClick={() => onTake(deeds)}>
          {text}
        </button>
      ))}
      {meal.dishes.length > 1 && (
        <button type="button" className={BUTTON} onClick={() => setAsked('dishes')}>
          {t('cook.dropDish')}
        </button>
      )}
    </div>
  );
}

const BUTTON = 'btn cook-btn justify-start text-left whitespace-normal';

/** Which dish is left out after all. */
function Dropped({ meal, onTake }: { meal: Meal; onTake: Props['onTake'] }) {
  const t = useWords();
  const heading = useId();
  return (
    <div className="grid gap-2" role="group" aria-labelledby={heading}>
      <h3 id={heading}>{t('cook.dropDish')}</h3>
      {meal.dishes.map(({ id, name }) => (
        <button
          key={id}
          type="button"
          className={BUTTON}
          onClick={() => onTake(withoutDish(id, name))}
        >
          {t('cook.dropped', { dish: name })}
        </button>
      ))}
    </div>
  );
}

/** Every food with what it weighs; another weight makes another plan. */
function Weights({ meal, onTake }: { meal: Meal; onTake: Props['onTake'] }) {
  const t = useWords();
  return (
    <ul className="grid gap-3">
      {meal.dishes.flatMap((dish) =>
        dish.foods.map((food) => (
          <li key={`${dish.id} ${food.id}`} className="flex items-center gap-3">
            <span className="grow">
              {food.name}
              <span className="block text-sm text-muted">{dish.name}</span>
            </span>
            <EditField
              label={t('cook.weighs', { food: food.name })}
              hideLabel
              inputMode="decimal"
              value={showWeight(settleFood(meal, dish, food).weightG, meal.kitchen.units)}
              className="field w-[120px] text-right"
              onCommit={(text) => {
                const weightG = readWeight(text);
                if (weightG === undefined || weightG <= 0) return t('app.badWeight', { text });
                onTake(weighsNow(dish, food, weightG, t('cook.reweighed', { food: food.name })));
                return undefined;
              }}
            />
          </li>
        )),
      )}
    </ul>
  );
}
