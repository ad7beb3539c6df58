import type { Deed, RunState } from '@zemrin/core';
import { PictureButton } from '../../ui/PictureButton.tsx';
import { useWords } from '../../words/words.ts';

/** The pictures of a run, taken while it was cooked or added to it here; they stay in this browser. */
export function Pictures(props: {
  readonly state: RunState;
  readonly at: (min: number) => string;
  readonly onSay: (deeds: readonly Deed[]) => void;
}) {
  const t = useWords();
  const { state, at, onSay } = props;
  const labels = new Map(
    state.meal.dishes.flatMap(({ name, steps }) =>
      steps.map(({ id, label }) => [id, `${label}, ${name}`] as const),
    ),
  );
  const taken = state.events.flatMap((event) => (event.did === 'pictured' ? [event] : []));
  return (
    <section className="mt-8" aria-label={t('log.pictures')}>
      <h2 className="text-xl">{t('log.pictures')}</h2>
      {taken.length > 0 && (
        <ul className="mt-2 flex flex-wrap gap-4">
          {taken.map(({ id, image, step, atMin }) => (
            <li key={id} className="max-w-[280px]">
              <img
                src={image}
                alt={t('cook.pictureOf', { at: at(atMin) })}
                className="max-h-[220px] max-w-full rounded-lg"
              />
              <span className="text-sm text-muted">
                {at(atMin)}
                {step !== undefined && `, ${labels.get(step) ?? ''}`}
              </span>
            </li>
          ))}
        </ul>
      )}
      <div className="print:hidden">
        <PictureButton onTake={(image) => onSay([{ did: 'pictured', image }])} />
      </div>
    </section>
  );
}
