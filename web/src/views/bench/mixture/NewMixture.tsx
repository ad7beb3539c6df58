import {
  freshId,
  MAKES_FOOD,
  MIXTURE_KINDS,
  takenIds,
  type Meal,
  type MixtureKind,
} from '@zemrin/core';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useEdit } from '../../../store/useEdit.ts';
import { Choice } from '../../../ui/Choice.tsx';
import { Modal } from '../../../ui/Modal.tsx';
import { useWords } from '../../../words/words.ts';

/** Adds a mixture to one of the dishes: its name, its kind and what it goes on. */
export function NewMixture({ meal, small = false }: { meal: Meal; small?: boolean }) {
  const t = useWords();
  const [open, setOpen] = useState(false);
  if (meal.dishes.length === 0) return null;
  return (
    <>
      <button
        type="button"
        data-key="n"
        aria-label={t('bench.new')}
        title={t('bench.new')}
        className={small ? 'btn btn-quiet min-h-[36px] px-2' : 'btn btn-main'}
        onClick={() => setOpen(true)}
      >
        <Plus size={17} aria-hidden="true" />
        {!small && t('bench.new')}
      </button>
      {open && <NewMixtureForm meal={meal} onClose={() => setOpen(false)} />}
    </>
  );
}

function NewMixtureForm({ meal, onClose }: { meal: Meal; onClose: () => void }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const [kind, setKind] = useState<MixtureKind>('marinade');
  const [dishId, setDishId] = useState(meal.dishes[0]?.id ?? '');
  const dish = meal.dishes.find((d) => d.id === dishId);
  const make = () => {
    if (!dish || name.trim() === '') return;
    const id = freshId(name, takenIds(meal));
    const first = dish.foods[0];
    const raw = kind !== 'sauce' && kind !== 'pickle' && !MAKES_FOOD.has(kind);
    edit({
      do: 'addMixture',
      dish: dish.id,
      new: {
        id,
        name: name.trim(),
        kind,
        basis:
          first === undefined
            ? { kind: 'fixed' }
            : kind === 'wet brine'
              ? { kind: 'cover' }
              : { kind: 'perWeight', baselineG: 1000 },
        on: first === undefined ? [] : [first.id],
        lines: [],
        touchesRaw: raw && first !== undefined,
      },
    });
    onClose();
    void navigate(`/meal/${meal.id}/bench/${id}`);
  };
  return (
    <Modal title={t('bench.new')} onClose={onClose}>
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          make();
        }}
      >
        <label className="grid text-sm text-muted">
          {t('bench.newName')}
          <input
            className="field text-ink"
            value={name}
            required
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        <Choice
          label={t('bench.newKind')}
          value={kind}
          options={MIXTURE_KINDS.map((k) => [k, t(`kind.${k}`)])}
          onChoose={setKind}
        />
        <Choice
          label={t('bench.newDish')}
          value={dishId}
          options={meal.dishes.map((d) => [d.id, d.name])}
          onChoose={setDishId}
        />
        <button type="submit" className="btn btn-main justify-self-start">
          {t('bench.newMake')}
        </button>
      </form>
    </Modal>
  );
}
