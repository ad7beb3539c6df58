import { useWords } from '../../words/words.ts';
import { useCallWords } from './useCallWords.ts';
import type { RunOnPage } from './useRun.ts';

const SHOWN = 3;

/** The next three, with their times. */
export function ThenList({ page }: { page: RunOnPage }) {
  const t = useWords();
  const words = useCallWords(page);
  const next = page.calls.slice(1, 1 + SHOWN);
  if (next.length === 0) return null;
  return (
    <section className="mt-5">
      <h2 className="text-lg text-muted">{t('cook.next')}</h2>
      <ol>
        {next.map((call) => (
          <li
            key={call.key}
            className="flex flex-wrap items-baseline gap-x-5 border-b border-line py-2.5 text-[clamp(17px,1.9vw,23px)]"
          >
            <span className="font-title min-w-[5ch] font-bold">{words.at(call.atMin)}</span>
            <span className="min-w-0 grow basis-[60%] md:basis-auto">{words.what(call)}</span>
            <span className="text-base text-muted">
              {[call.step?.dishName, words.hands(call), call.who].filter(Boolean).join(', ')}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
