import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useAppSelector } from '../../store/store.ts';
import { Loading } from '../../ui/Loading.tsx';
import { follow } from '../../words/en/follow.ts';
import { learn, useWords } from '../../words/words.ts';

learn(follow);

/** A link that carries a meal or a run: what it carries is taken in and opened. */
export default function OpenLink() {
  const t = useWords();
  const navigate = useNavigate();
  const loaded = useAppSelector(({ library }) => library.loaded);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const begun = useRef(false);
  useEffect(() => {
    if (!loaded || begun.current) return;
    begun.current = true;
    void import('./openLink.ts')
      .then(({ openLink }) => openLink(location.hash))
      .then((opened) =>
        opened.ok ? navigate(opened.to, { replace: true }) : setProblems(opened.problems),
      );
  }, [loaded, navigate]);
  if (problems.length === 0) return <Loading />;
  return (
    <main className="max-w-xl p-5 md:p-10">
      <h1 className="text-3xl">{t('follow.badLink')}</h1>
      {problems.map((problem) => (
        <p key={problem} role="alert" className="mt-3 border-l-4 border-clash pl-3">
          {problem}
        </p>
      ))}
    </main>
  );
}
