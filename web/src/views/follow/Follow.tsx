import { useCallback, useEffect, useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { follow } from '../../words/en/follow.ts';
import { learn, useWords } from '../../words/words.ts';
import { pairWith, runDocumentOf, sharedRuns, type SharedRun } from '../../store/follow-server.ts';

learn(follow);

/** Cooking along on another device: it gives the code, and chooses the run. */
export default function Follow() {
  const t = useWords();
  const navigate = useNavigate();
  const [code, setCode] = useState(() => decodeURIComponent(location.hash.slice(1)));
  const [runs, setRuns] = useState<readonly SharedRun[]>();
  const [wrong, setWrong] = useState('');

  const join = useCallback(
    async (id: string) => {
      const { takeRun } = await import('../../store/take-run.ts');
      const meal = takeRun(await runDocumentOf(id), { shared: true });
      void navigate(`/meal/${meal}/cook`);
    },
    [navigate],
  );
  const look = useCallback(
    async (told: string) => {
      setWrong('');
      try {
        if (told !== '') await pairWith(told);
        const shared = await sharedRuns();
        const [only, ...more] = shared;
        if (only && more.length === 0) await join(only.id);
        else setRuns(shared);
      } catch (error) {
        setWrong(error instanceof Error ? error.message : String(error));
      }
    },
    [join],
  );
  useEffect(() => {
    const told = decodeURIComponent(location.hash.slice(1));
    // The code that came with the link is tried once, as soon as the page is there.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    if (told !== '') void look(told);
  }, [look]);
  return (
    <main className="max-w-xl p-5 md:p-10">
      <h1 className="text-3xl">{t('follow.title')}</h1>
      <p className="mt-3 text-muted">{t('follow.more')}</p>
      <form
        className="mt-6 flex flex-wrap items-end gap-3"
        onSubmit={(event: FormEvent) => {
          event.preventDefault();
          void look(code.trim());
        }}
      >
        <label className="grow">
          {t('follow.code')}
          <input
            className="field time mt-1 w-full text-xl"
            autoCapitalize="characters"
            autoComplete="off"
            value={code}
            onChange={(event) => setCode(event.target.value)}
          />
        </label>
        <button type="submit" className="btn cook-btn btn-go">
          {t('follow.join')}
        </button>
      </form>
      {wrong !== '' && (
        <p role="alert" className="mt-4 border-l-4 border-clash pl-3">
          {wrong}
        </p>
      )}
      {runs && (
        <section className="mt-6">
          <h2 className="text-xl">{t(runs.length > 0 ? 'follow.which' : 'follow.none')}</h2>
          <div className="mt-3 grid gap-2">
            {runs.map(({ id, title }) => (
              <button
                key={id}
                type="button"
                className="btn cook-btn justify-start"
                onClick={() => void join(id)}
              >
                {title}
              </button>
            ))}
          </div>
        </section>
      )}
    </main>
  );
}
