import { useEffect, useState } from 'react';
import { feedCalendar } from '../../store/feeding.ts';
import { askServer } from '../../store/follow-server.ts';
import { Modal } from '../../ui/Modal.tsx';
import { useWords } from '../../words/words.ts';

/** The address a calendar on the home network subscribes to, where the network is served. */
export default function CalendarFeed({ meal, onClose }: { meal: string; onClose: () => void }) {
  const t = useWords();
  const [said, setSaid] = useState<{ readonly address: string } | { readonly why: string }>();
  useEffect(() => {
    const ask = async () => {
      const told = await askServer();
      if (!told) return setSaid({ why: t('share.feedOff') });
      try {
        const path = await feedCalendar(meal);
        const [home = location.hostname] = told.addresses ?? [];
        const port = location.port === '' ? '' : `:${location.port}`;
        setSaid({ address: `http://${home}${port}${path}` });
      } catch (error) {
        setSaid({ why: error instanceof Error ? error.message : String(error) });
      }
    };
    void ask();
    // Asked once, when it is opened.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [meal]);
  return (
    <Modal title={t('share.feed')} onClose={onClose}>
      {said && 'why' in said && <p>{said.why}</p>}
      {said && 'address' in said && (
        <>
          <p>{t('share.feedMore')}</p>
          <code className="time mt-3 block rounded-lg bg-soft p-3 break-all">{said.address}</code>
        </>
      )}
    </Modal>
  );
}
