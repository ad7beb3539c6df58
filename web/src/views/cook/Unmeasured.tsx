import { showTemperature, unmeasuredOf, type Deed, type Unmeasured as Missing } from '@zemrin/core';
import { useState, type FormEvent } from 'react';
import { useWords } from '../../words/words.ts';
import { celsiusOf, temperatureUnit } from './temperature.ts';
import type { RunOnPage } from './useRun.ts';

/** Before it is eaten: what nobody has measured, and a place to say what it came to. */
export function Unmeasured({ page }: { page: RunOnPage }) {
  const t = useWords();
  const missing = unmeasuredOf(page.state);
  if (missing.length === 0) return null;
  return (
    <section className="mt-4 rounded-xl border-2 border-clash p-4" aria-label={t('cook.confirm')}>
      <h2 className="text-lg">{t('cook.confirm')}</h2>
      <div className="mt-2 grid gap-6">
        {missing.map((one) => (
          <Measure key={`${one.step} ${one.food.id}`} one={one} page={page} />
        ))}
      </div>
    </section>
  );
}

function Measure({ one, page }: { one: Missing; page: RunOnPage }) {
  const t = useWords();
  const { units } = page.meal.kitchen;
  const [measured, setMeasured] = useState('');
  const [words, setWords] = useState('');
  const [low, setLow] = useState(false);
  const tempC = showTemperature(one.leastC, units);
  const keep = (event: FormEvent) => {
    event.preventDefault();
    const coreC = celsiusOf(measured, units);
    const said = words.trim();
    setLow(said === '' && (coreC === undefined || coreC < one.leastC));
    const deed: Deed = {
      did: 'confirmed',
      step: one.step,
      food: one.food.id,
      ...(coreC !== undefined && { coreC }),
      ...(said !== '' && { words: said }),
    };
    if (coreC !== undefined || said !== '') page.say([deed]);
  };
  return (
    <form onSubmit={keep}>
      <p>{t('cook.confirmMore', { food: one.food.name, tempC })}</p>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <label>
          {t('cook.confirmC', { unit: temperatureUnit(units) })}
          <input
            className="field mt-1 block w-[120px]"
            inputMode="decimal"
            value={measured}
            onChange={(event) => setMeasured(event.target.value)}
          />
        </label>
        <label className="grow">
          {t('cook.confirmWords')}
          <input
            className="field mt-1 block w-full"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
        </label>
        <button type="submit" className="btn cook-btn">
          {t('cook.noteKeep')}
        </button>
      </div>
      {low && (
        <p role="alert" className="mt-2 font-semibold text-clash">
          {t('cook.confirmLow', { tempC })}
        </p>
      )}
    </form>
  );
}
