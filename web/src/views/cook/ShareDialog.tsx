import { runDocument } from '@zemrin/core';
import { useEffect, useState } from 'react';
import { askServer, endShared, type Told } from '../../store/follow-server.ts';
import { own } from '../../store/own.ts';
import { shareSet, type KeptRun } from '../../store/runs.ts';
import { copyLinkOf } from '../../store/share-link.ts';
import { useAppDispatch, useAppSelector } from '../../store/store.ts';
import { download } from '../../ui/download.ts';
import { Modal } from '../../ui/Modal.tsx';
import { useWords } from '../../words/words.ts';

/** Ways to cook one run on several devices: paired on the home network, as a link, or as a file. */
export default function ShareDialog({ kept, onClose }: { kept: KeptRun; onClose: () => void }) {
  const t = useWords();
  const { run, rehearsal } = kept;
  const document = { ...runDocument(run), rehearsal };
  return (
    <Modal title={t('share.title')} onClose={onClose}>
      <Home kept={kept} />
      <h3 className="mt-6 text-lg">{t('share.without')}</h3>
      <p className="mt-1 text-muted">{t('share.withoutMore')}</p>
      <div className="mt-3 flex flex-wrap gap-3">
        <button
          type="button"
          className="btn cook-btn"
          onClick={() => void copyLinkOf(document, t('share.copied'))}
        >
          {t('share.link')}
        </button>
        <button
          type="button"
          className="btn cook-btn"
          onClick={() =>
            download(
              `${JSON.stringify(document, null, 2)}\n`,
              `${run.meal.id}-run.json`,
              'application/json',
            )
          }
        >
          {t('share.file')}
        </button>
      </div>
    </Modal>
  );
}

/** On the home network: the code, as text and to be scanned. */
function Home({ kept }: { kept: KeptRun }) {
  const t = useWords();
  const dispatch = useAppDispatch();
  const { id } = kept.run;
  const link = useAppSelector(({ runs }) => own(runs.links, id));
  const [told, setTold] = useState<Told | 'asking' | undefined>('asking');
  useEffect(() => {
    void askServer().then(setTold);
  }, []);
  if (told === 'asking') return null;
  if (!told) {
    return (
      <>
        <h3 className="text-lg">{t('share.home')}</h3>
        <p className="mt-1">{t('share.off')}</p>
        <code className="time mt-2 block rounded-lg bg-soft p-3">npm run demo -- --lan</code>
      </>
    );
  }
  const share = (shared: boolean) => {
    dispatch(shareSet({ run: id, shared }));
    if (!shared) void endShared(id);
  };
  if (kept.shared !== true) {
    return (
      <>
        <h3 className="text-lg">{t('share.home')}</h3>
        <p className="mt-1 text-muted">{t('share.homeMore')}</p>
        <button type="button" className="btn cook-btn btn-go mt-3" onClick={() => share(true)}>
          {t('share.start')}
        </button>
      </>
    );
  }
  return (
    <>
      <h3 className="text-lg">{t('share.home')}</h3>
      <p role="status" className="mt-1">
        {t(`share.is.${link ?? 'lost'}`)}
      </p>
      {told.code !== undefined && <Invitation code={told.code} addresses={told.addresses ?? []} />}
      <button type="button" className="btn cook-btn mt-4" onClick={() => share(false)}>
        {t('share.stop')}
      </button>
    </>
  );
}

/** What another device needs: an address, and the code. */
function Invitation({ code, addresses }: { code: string; addresses: readonly string[] }) {
  const t = useWords();
  const [picture, setPicture] = useState<string>();
  const [first] = addresses;
  const port = location.port === '' ? '' : `:${location.port}`;
  const address = first === undefined ? undefined : `http://${first}${port}/follow`;
  useEffect(() => {
    if (address === undefined) return;
    void import('qrcode')
      .then(({ toString }) => toString(`${address}#${code}`, { type: 'svg', margin: 2 }))
      .then((svg) => setPicture(`data:image/svg+xml,${encodeURIComponent(svg)}`));
  }, [address, code]);
  if (address === undefined) return <p className="mt-3">{t('share.noNetwork')}</p>;
  return (
    <div className="mt-3 flex flex-wrap items-center gap-5">
      {picture !== undefined && (
        <img src={picture} alt={t('share.scan')} className="h-[190px] w-[190px] rounded-lg" />
      )}
      <dl>
        <dt className="text-muted">{t('share.address')}</dt>
        <dd className="time text-lg break-all">{address}</dd>
        <dt className="mt-3 text-muted">{t('follow.code')}</dt>
        <dd className="time text-3xl">{code}</dd>
      </dl>
    </div>
  );
}
