import {
  MERGES,
  previewImport,
  servingMin,
  showTime,
  wallClock,
  type Meal,
  type Merge,
} from '@zemrin/core';
import { useState } from 'react';
import { useAppSelector } from '../../store/store.ts';
import { Choice } from '../../ui/Choice.tsx';
import { Modal } from '../../ui/Modal.tsx';
import { useWords } from '../../words/words.ts';

/** What an import would do, meal by meal, before anything is done. */
export default function ImportDialog(props: {
  meals: readonly Meal[];
  onTake: (taken: ReadonlyArray<{ readonly meal: Meal; readonly how: Merge }>) => void;
  onClose: () => void;
}) {
  const t = useWords();
  const here = useAppSelector((state) => state.library.meals);
  const incoming = previewImport(props.meals, here);
  const [chosen, setChosen] = useState<Readonly<Record<string, Merge>>>({});
  const howOf = (id: string, is: (typeof incoming)[number]['is']): Merge =>
    chosen[id] ?? (is === 'same' ? 'leave' : 'keepBoth');
  return (
    <Modal title={t('meals.importTitle', { count: incoming.length })} onClose={props.onClose}>
      <ul>
        {incoming.map(({ meal, is }) => (
          <li key={meal.id} className="flex flex-wrap items-center gap-3 border-b border-line py-2">
            <span className="min-w-0 grow">
              <span className="block font-semibold">{meal.title}</span>
              <span className="text-sm text-muted">
                {dateOf(meal)}, {t(`meals.incoming.${is}`)}
              </span>
            </span>
            {is !== 'new' && (
              <Choice
                label={t('meals.merge', { title: meal.title })}
                hideLabel
                value={howOf(meal.id, is)}
                options={MERGES.map((how) => [how, t(`meals.merge.${how}`)])}
                onChoose={(how) => {
                  const merge = MERGES.find((one) => one === how);
                  if (merge) setChosen({ ...chosen, [meal.id]: merge });
                }}
              />
            )}
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn btn-main mt-4"
        onClick={() =>
          props.onTake(incoming.map(({ meal, is }) => ({ meal, how: howOf(meal.id, is) })))
        }
      >
        {t('meals.importNow')}
      </button>
    </Modal>
  );
}

function dateOf(meal: Meal): string {
  const min = servingMin(meal);
  const { zone } = meal.serving;
  return `${wallClock(min, zone).date}, ${showTime(min, zone, meal.kitchen.clock, min)}`;
}
