import type { CookSpec, QuickerCook } from '@zemrin/core';
import { useEffect, useState } from 'react';
import { EditField } from '../../ui/EditField.tsx';
import { useWords } from '../../words/words.ts';
import { heatWorker } from '../../workers/heat.ts';
import { QuickerList } from './QuickerList.tsx';

const MOST_MIN = 1440;

/** "What would make it 40 minutes quicker": asked for so many minutes, answered by the worker. */
export function Quicker({ spec }: { spec: CookSpec }) {
  const t = useWords();
  const [wantedMin, setWantedMin] = useState<number>();
  const found = useQuicker(spec, wantedMin);
  const take = (text: string): string | undefined => {
    const minutes = Number(text);
    const isNone = text === '';
    if (!isNone && (!Number.isInteger(minutes) || minutes < 1 || minutes > MOST_MIN))
      return t('heat.badEnd', { least: 1, most: MOST_MIN });
    setWantedMin(isNone ? undefined : minutes);
    return undefined;
  };
  return (
    <section className="mt-4" aria-label={t('heat.quicker')}>
      <EditField
        label={t('heat.quickerBy')}
        inputMode="numeric"
        value={wantedMin === undefined ? '' : String(wantedMin)}
        className="field mt-1 w-[110px]"
        onCommit={take}
      />
      {found && <QuickerList found={found} />}
    </section>
  );
}

interface Known {
  readonly key: string;
  readonly found: readonly QuickerCook[];
}

/** What the worker finds; undefined while nobody asks, or it is still reckoning. */
function useQuicker(
  spec: CookSpec,
  wantedMin: number | undefined,
): readonly QuickerCook[] | undefined {
  const key = wantedMin === undefined ? '' : JSON.stringify([spec, wantedMin]);
  const [known, setKnown] = useState<Known>();
  useEffect(() => {
    if (key === '') return;
    let left = false;
    const [asked, minutes] = JSON.parse(key) as [CookSpec, number];
    heatWorker()
      .quicker(asked, minutes)
      .then((found) => !left && setKnown({ key, found }))
      .catch(() => !left && setKnown(undefined));
    return () => {
      left = true;
    };
  }, [key]);
  return known?.key === key ? known.found : undefined;
}
