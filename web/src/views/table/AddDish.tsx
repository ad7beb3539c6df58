import { STARTERS, type Meal, type StarterId } from '@zemrin/core';
import { useState, type FormEvent } from 'react';
import { useEdit } from '../../store/hooks.ts';
import { Modal } from '../../ui/Modal.tsx';
import { useWords } from '../../words/words.ts';

/** A new dish: its name, and the plain chain it begins from. */
export function AddDish({ meal, onClose }: { meal: Meal; onClose: () => void }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const [name, setName] = useState('');
  const [starter, setStarter] = useState<StarterId>('marinate-roast');
  const onSubmit = (event: FormEvent) => {
    event.preventDefault();
    edit({ do: 'addDish', starter, name: name.trim() || t(`table.starter.${starter}`) });
    onClose();
  };
  return (
    <Modal title={t('table.addDish')} onClose={onClose}>
      <form onSubmit={onSubmit} className="grid gap-4">
        <label className="grid gap-1">
          {t('table.dishName')}
          <input className="field" value={name} onChange={(e) => setName(e.target.value)} />
        </label>
        <fieldset>
          <legend className="mb-1">{t('table.dishShape')}</legend>
          {STARTERS.map((id) => (
            <label key={id} className="flex min-h-[44px] items-center gap-3">
              <input
                type="radio"
                name="starter"
                className="h-5 w-5 accent-[var(--now)]"
                checked={starter === id}
                onChange={() => setStarter(id)}
              />
              {t(`table.starter.${id}`)}
            </label>
          ))}
        </fieldset>
        <p className="text-sm text-muted">{t('table.starterNote')}</p>
        <button type="submit" className="btn btn-main justify-self-start">
          {t('table.add')}
        </button>
      </form>
    </Modal>
  );
}
