import { handProbe, probeables, probeableWords, type Deed } from '@zemrin/core';
import { useState, type FormEvent } from 'react';
import { Choice } from '../../ui/Choice.tsx';
import { ReadingsTable } from '../../ui/ReadingsTable.tsx';
import { useWords } from '../../words/words.ts';
import { celsiusOf, temperatureUnit } from './temperature.ts';
import type { RunOnPage } from './useRun.ts';

/** A reading by hand: which food the probe is in, and what it says. */
export function ReadingForm(props: {
  readonly page: RunOnPage;
  readonly onTake: (deeds: readonly Deed[]) => void;
}) {
  const t = useWords();
  const { page, onTake } = props;
  const { meal, state } = page;
  const places = probeables(state);
  const going = places.flatMap((one, i) =>
    state.begun.has(one.step.id) && !state.ended.has(one.step.id)
      ? [[`${i}`, probeableWords(one)] as const]
      : [],
  );
  const [chosen, setChosen] = useState(going[0]?.[0] ?? '');
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState(false);
  if (going.length === 0) return <p>{t('cook.readingNone')}</p>;
  const unit = temperatureUnit(meal.kitchen.units);
  const take = (event: FormEvent) => {
    event.preventDefault();
    const coreC = celsiusOf(text, meal.kitchen.units);
    setWrong(coreC === undefined);
    const place = places[Number(chosen)];
    if (coreC === undefined || !place) return;
    const [step, food] = [place.step.id, place.food?.id];
    const probe = handProbe(state, step, food);
    const put: Deed[] = state.probes.has(probe)
      ? []
      : [{ did: 'probed', probe, step, ...(food !== undefined && { food }) }];
    onTake([...put, { did: 'read', probe, coreC }]);
  };
  return (
    <form onSubmit={take} className="space-y-4">
      <Choice label={t('cook.readingOf')} value={chosen} options={going} onChoose={setChosen} />
      <label className="block">
        {t('cook.readingCore', { unit })}
        <input
          autoFocus
          className="field mt-1 w-full text-2xl"
          inputMode="decimal"
          value={text}
          aria-invalid={wrong}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      {wrong && (
        <p role="alert" className="text-clash">
          {t('cook.numberWrong')}
        </p>
      )}
      <button type="submit" className="btn cook-btn btn-go">
        {t('cook.readingKeep')}
      </button>
      <ReadingsTable run={page.kept.run} state={state} nowMin={page.nowMin} onTake={onTake} />
    </form>
  );
}
