import type { ReadLine, ReadRecipe } from '@zemrin/core';
import { Fragment } from 'react';
import { useWords } from '../../words/words.ts';

/** The pasted text line by line: understood words lit, lines that were not understood marked. */
export function ReadText(props: {
  read: ReadRecipe;
  lit: number | undefined;
  onLight: (act: number | undefined) => void;
}) {
  const { read, lit, onLight } = props;
  const t = useWords();
  return (
    <ol aria-label={t('dishes.left')} className="mt-3 text-[15px] leading-snug">
      {read.lines.map((line, i) => {
        const [act] = line.acts;
        const chosen = lit !== undefined && line.acts.includes(lit);
        return (
          <li
            key={`${line.text} ${i}`}
            className={`border-l-4 py-0.5 pl-2 ${line.part === 'unread' || line.lost ? 'border-clash' : chosen ? 'border-now bg-warm' : 'border-transparent'} ${line.part === 'fact' || line.part === 'title' ? 'text-muted' : ''}`}
            onPointerEnter={() => onLight(act)}
            onPointerLeave={() => onLight(undefined)}
          >
            <Lit line={line} />
            {line.part === 'unread' && (
              <span className="ml-2 text-[13px] font-semibold text-clash">
                {t('dishes.unread')}
              </span>
            )}
            {line.lost && (
              <span className="ml-2 text-[13px] font-semibold text-clash">{t('dishes.lost')}</span>
            )}
            {line.guessed && line.part !== 'unread' && (
              <span className="ml-2 text-[13px] text-muted">{t('dishes.guessed')}</span>
            )}
          </li>
        );
      })}
    </ol>
  );
}

/** A line with its understood words underlined. */
function Lit({ line }: { line: ReadLine }) {
  if (line.part !== 'method') return <>{line.text}</>;
  const spans = [...line.lit]
    .filter(([from, to]) => to > from)
    .sort((a, b) => a[0] - b[0])
    .reduce<Array<readonly [number, number]>>((kept, span) => {
      const last = kept.at(-1);
      return last && span[0] < last[1] ? kept : [...kept, span];
    }, []);
  const ends = [0, ...spans.map(([, to]) => to)];
  return (
    <>
      {spans.map(([from, to], i) => (
        <Fragment key={from}>
          {line.text.slice(ends[i], from)}
          <mark className="bg-transparent font-semibold text-ink underline decoration-2">
            {line.text.slice(from, to)}
          </mark>
        </Fragment>
      ))}
      {line.text.slice(ends.at(-1))}
    </>
  );
}
