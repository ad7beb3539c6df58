import {
  copyDish,
  MealError,
  readBundle,
  takenIds,
  type Dish,
  type Meal,
  type OwnPantry,
} from '@zemrin/core';
import { FileUp } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { nowMinute } from '../../store/clock.ts';
import { useEdit } from '../../store/useEdit.ts';
import { FileButton } from '../../ui/FileButton.tsx';
import { Modal } from '../../ui/Modal.tsx';
import { useWords } from '../../words/words.ts';
import { MiniChain } from './MiniChain.tsx';

/** A dish from a file, onto this table, once it has been looked at. */
export function DishFile({ meal }: { meal: Meal }) {
  const t = useWords();
  const [wrong, setWrong] = useState<readonly string[]>([]);
  const [incoming, setIncoming] = useState<{ dish: Dish; own: OwnPantry }>();
  const take = (text: string) => {
    try {
      const bundle = readBundle(text, nowMinute());
      if (bundle.kind !== 'dish') {
        setWrong([t('dishes.notDish', { kind: bundle.kind })]);
        return;
      }
      setIncoming(bundle);
      setWrong([]);
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
      {incoming && <Preview meal={meal} {...incoming} onClose={() => setIncoming(undefined)} />}
    </div>
  );
}

/** What would come onto the table, and what becomes of the one of its name. */
function Preview(props: { meal: Meal; dish: Dish; own: OwnPantry; onClose: () => void }) {
  const t = useWords();
  const { meal, dish, own, onClose } = props;
  const edit = useEdit(meal.id);
  const navigate = useNavigate();
  const there = meal.dishes.find(({ name }) => name === dish.name);
  const put = (instead: Dish | undefined) => {
    // Ids of its own even in another's place: words that overrule a rule stay with their step.
    const made = copyDish(dish, takenIds(meal));
    const gesture = `dish-in-${made.id}`;
    if (instead) edit({ do: 'removeDish', dish: instead.id }, gesture);
    edit({ do: 'putDish', dish: made, own: own.ingredients, cuts: own.cuts }, gesture);
    onClose();
    void navigate(`/meal/${meal.id}/dishes/${made.id}`);
  };
  const brought = [...own.ingredients, ...own.cuts].map(({ name }) => name);
  return (
    <Modal title={dish.name} onClose={onClose}>
      <div className="overflow-hidden">
        <MiniChain dish={dish} />
      </div>
      <ol className="mt-2">
        {dish.steps.map((step) => (
          <li key={step.id} className="border-b border-line py-1">
            {step.label}
          </li>
        ))}
      </ol>
      <p className="mt-2 text-muted">
        {[...dish.foods, ...dish.mixtures].map(({ name }) => name).join(', ')}
      </p>
      {brought.length > 0 && (
        <p className="mt-2 text-muted">{t('dishes.brings', { names: brought.join(', ') })}</p>
      )}
      {there && <p className="mt-2 font-semibold">{t('dishes.thereIsOne')}</p>}
      <div className="mt-4 flex flex-wrap gap-2">
        <button type="button" className="btn btn-main" onClick={() => put(undefined)}>
          {t(there ? 'dishes.keepBoth' : 'dishes.put')}
        </button>
        {there && (
          <button type="button" className="btn" onClick={() => put(there)}>
            {t('dishes.replaceMine')}
          </button>
        )}
        <button type="button" className="btn" onClick={onClose}>
          {t('dishes.leaveIt')}
        </button>
      </div>
    </Modal>
  );
}
