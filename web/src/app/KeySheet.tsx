import { Modal } from '../ui/Modal.tsx';
import { keys as keyWords } from '../words/en/keys.ts';
import { learn, useWords, type Say, type WordKey } from '../words/words.ts';
import { NUMBERED, VIEWS } from './views.tsx';

learn(keyWords);

/** The keys that work everywhere. */
const EVERYWHERE: ReadonlyArray<readonly [string, WordKey]> = [
  ['Ctrl K', 'keys.find'],
  ['Ctrl Z, Ctrl Shift Z', 'keys.undo'],
  ['↑ ↓', 'keys.along'],
  ['?', 'keys.sheet'],
];

const rows = (t: Say): ReadonlyArray<readonly [string, string]> => [
  [
    NUMBERED.map(({ key }) => key).join(' '),
    t('keys.views', { views: NUMBERED.map(({ label }) => t(label)).join(', ') }),
  ],
  ...VIEWS.flatMap((view) => view.keys.map(({ keys, does }) => [keys, t(does)] as const)),
  ...EVERYWHERE.map(([key, does]) => [key, t(does)] as const),
];

export default function KeySheet({ onClose }: { onClose: () => void }) {
  const t = useWords();
  return (
    <Modal title={t('keys.title')} onClose={onClose}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
        {rows(t).map(([key, what]) => (
          <div key={`${key} ${what}`} className="contents">
            <dt className="time">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}
