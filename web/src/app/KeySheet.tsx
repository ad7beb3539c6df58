import { Modal } from '../ui/Modal.tsx';
import { VIEWS } from './routes.ts';
import { useWords, type Say } from '../words/words.ts';

const rows = (t: Say): ReadonlyArray<readonly [string, string]> => [
  [VIEWS.map(({ key }) => key).join(' '), t('keys.views')],
  ['n', t('keys.new')],
  ['w c m a', t('keys.bench')],
  ['u', t('keys.heat')],
  ['m', t('keys.mend')],
  ['r a', t('keys.dishes')],
  ['p', t('keys.print')],
  ['e', t('keys.edit')],
  ['Ctrl K', t('keys.find')],
  ['Ctrl Z, Ctrl Shift Z', t('keys.undo')],
  ['← →', t('keys.move')],
  ['↑ ↓', t('keys.along')],
  ['?', t('keys.sheet')],
];

export default function KeySheet({ onClose }: { onClose: () => void }) {
  const t = useWords();
  return (
    <Modal title={t('keys.title')} onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
        {rows(t).map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="time">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}
