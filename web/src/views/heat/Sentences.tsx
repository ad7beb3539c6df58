import { aboutMinutes, showMinutes, type WhatIf } from '@zemrin/core';
import { useWords } from '../../words/words.ts';

/** What the usual changes would do, each in a sentence. */
export function Sentences({ whatIfs }: { whatIfs: readonly WhatIf[] }) {
  const t = useWords();
  return (
    <ul
      aria-label={t('heat.whatIf')}
      className="mt-3 grid min-h-[3em] gap-x-6 gap-y-1 text-[15px] sm:grid-cols-2 xl:grid-cols-3"
    >
      {whatIfs.map(({ change, minutes }) => {
        const about = aboutMinutes(Math.abs(minutes));
        const way = about === 0 ? 'same' : minutes > 0 ? 'more' : 'less';
        return (
          <li key={change}>
            {t(`if.${change}`)}:{' '}
            <strong className="whitespace-nowrap">
              {t(`by.${way}`, { span: showMinutes(about) })}
            </strong>
          </li>
        );
      })}
    </ul>
  );
}
