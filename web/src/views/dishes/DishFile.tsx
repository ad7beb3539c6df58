import { copyDish, MealError, readBundle, takenIds, type Meal } from '@zemrin/core';
import { FileUp } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { nowMinute } from '../../store/clock.ts';
import { useEdit } from '../../store/hooks.ts';
import { FileButton } from '../../ui/FileButton.tsx';
import { useWords } from '../../words/words.ts';

/** A dish from a file, onto this table. */
export function DishFile({ meal }: { meal: Meal }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const navigate = useNavigate();
  const [wrong, setWrong] = useState<readonly string[]>([]);
  const take = (text: string) => {
    try {
      const bundle = readBundle(text, nowMinute());
      if (bundle.kind !== 'dish') {
        setWrong([t('dishes.notDish', { kind: bundle.kind })]);
        return;
      }
      const dish = copyDish(bundle.dish, takenIds(meal));
      edit({ do: 'putDish', dish, own: bundle.own.ingredients });
      setWrong([]);
      void navigate(`/meal/${meal.id}/dishes/${dish.id}`);
    } catch (error) {
      if (!(error instanceof MealError)) throw error;
      setWrong(error.problems.map((p) => `${p.path ? `${p.path}: ` : ''}${p.wrong}. ${p.mend}.`));
    }
  };
  return (
    <div className="mt-4">
      <FileButton label={t('dishes.dishIn')} accept=".json,application/json" onText={take}>
        <FileUp size={17} aria-hidden="true" />
      </FileButton>
      {wrong.map((problem) => (
        <p key={problem} role="alert" className="mt-2 text-sm text-clash">
          {problem}
        </p>
      ))}
    </div>
  );
}
