import { MealError, printKitchen, readBundle, type Meal } from '@zemrin/core';
import { useState } from 'react';
import { notify } from '../../notices/notify.ts';
import { nowMinute } from '../../store/clock.ts';
import { useEdit } from '../../store/hooks.ts';
import { download } from '../../ui/download.ts';
import { FileButton } from '../../ui/FileButton.tsx';
import { useWords } from '../../words/words.ts';

/** The kitchen as a file of its own, out and in. */
export function KitchenFile({ meal }: { meal: Meal }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const [wrong, setWrong] = useState<readonly string[]>([]);
  const take = (text: string) => {
    try {
      const bundle = readBundle(text, nowMinute());
      if (bundle.kind !== 'kitchen') {
        setWrong([t('kitchen.notOne', { kind: bundle.kind })]);
        return;
      }
      edit({ do: 'setKitchen', kitchen: bundle.kitchen });
      notify(t('kitchen.imported', { name: bundle.kitchen.name }));
      setWrong([]);
    } catch (error) {
      if (!(error instanceof MealError)) throw error;
      setWrong(error.problems.map((p) => `${p.path ? `${p.path}: ` : ''}${p.wrong}. ${p.mend}.`));
    }
  };
  return (
    <>
      <button
        type="button"
        className="btn"
        onClick={() => download(printKitchen(meal.kitchen), 'kitchen.json', 'application/json')}
      >
        {t('kitchen.export')}
      </button>
      <FileButton label={t('kitchen.import')} accept=".json,application/json" onText={take} />
      {wrong.map((problem) => (
        <p key={problem} role="alert" className="basis-full text-sm text-clash">
          {problem}
        </p>
      ))}
    </>
  );
}
