import {
  KITCHEN_SETTINGS,
  kitchenChanges,
  MealError,
  mergedKitchen,
  printKitchen,
  readBundle,
  type Kitchen,
  type Meal,
} from '@zemrin/core';
import { useState } from 'react';
import { notify } from '../../notices/notify.ts';
import { nowMinute } from '../../store/clock.ts';
import { useEdit } from '../../store/useEdit.ts';
import { download } from '../../ui/download.ts';
import { FileButton } from '../../ui/FileButton.tsx';
import { Modal } from '../../ui/Modal.tsx';
import { useWords } from '../../words/words.ts';

/** The kitchen as a file of its own, out and in. */
export function KitchenFile({ meal }: { meal: Meal }) {
  const t = useWords();
  const [wrong, setWrong] = useState<readonly string[]>([]);
  const [incoming, setIncoming] = useState<Kitchen>();
  const take = (text: string) => {
    try {
      const bundle = readBundle(text, nowMinute());
      if (bundle.kind !== 'kitchen') {
        setWrong([t('kitchen.notOne', { kind: bundle.kind })]);
        return;
      }
      setIncoming(bundle.kitchen);
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
      {incoming && (
        <Preview meal={meal} incoming={incoming} onClose={() => setIncoming(undefined)} />
      )}
    </>
  );
}

/** What the file would change, before anything is changed. */
function Preview(props: { meal: Meal; incoming: Kitchen; onClose: () => void }) {
  const t = useWords();
  const { meal, incoming, onClose } = props;
  const edit = useEdit(meal.id);
  const changes = kitchenChanges(meal.kitchen, incoming);
  /** A setting by its word; a thing by its own name. */
  const nameOf = (name: string) => {
    const setting = KITCHEN_SETTINGS.find((one) => one === name);
    return setting ? t(`kitchen.setting.${setting}`) : name;
  };
  const take = (how: 'replace' | 'keepBoth') => {
    edit({ do: 'setKitchen', kitchen: mergedKitchen(meal.kitchen, incoming, how) });
    notify(
      how === 'replace'
        ? t('kitchen.imported', { name: incoming.name })
        : t('kitchen.grown', { name: meal.kitchen.name }),
    );
    onClose();
  };
  return (
    <Modal title={t('kitchen.importTitle', { name: incoming.name })} onClose={onClose}>
      {changes.length === 0 && <p>{t('kitchen.noChange')}</p>}
      <dl className="grid gap-2">
        {changes.map(({ of, added, onlyHere, differs }) => (
          <div key={of} className="border-b border-line pb-2">
            <dt className="font-semibold">{t(`kitchen.change.${of}`)}</dt>
            {added.length > 0 && <dd>{t('kitchen.added', { names: added.join(', ') })}</dd>}
            {differs.length > 0 && (
              <dd>{t('kitchen.differs', { names: differs.map(nameOf).join(', ') })}</dd>
            )}
            {onlyHere.length > 0 && (
              <dd className="text-muted">
                {t('kitchen.onlyHere', { names: onlyHere.join(', ') })}
              </dd>
            )}
          </div>
        ))}
      </dl>
      <div className="mt-4 flex flex-wrap gap-2">
        <button type="button" className="btn btn-main" onClick={() => take('keepBoth')}>
          {t('kitchen.addNew')}
        </button>
        <button type="button" className="btn" onClick={() => take('replace')}>
          {t('kitchen.replaceMine')}
        </button>
        <button type="button" className="btn" onClick={onClose}>
          {t('kitchen.leaveMine')}
        </button>
      </div>
    </Modal>
  );
}
