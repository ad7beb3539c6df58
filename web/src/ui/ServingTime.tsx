import { Minus, Plus } from 'lucide-react';
import {
  epochMinOf,
  isLocal,
  localOf,
  readClock,
  showClock,
  wallClock,
  type Meal,
} from '@zemrin/core';
import { useState } from 'react';
import { useEdit } from '../store/hooks.ts';
import { useWords } from '../words/words.ts';
import { EditField } from './EditField.tsx';

const STEP_MIN = 5;

/** The serving time, large, to be typed, stepped or set to another day. */
export function ServingTime({ meal, size }: { meal: Meal; size: 'large' | 'huge' }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const [badDate, setBadDate] = useState(false);
  const { at, zone } = meal.serving;
  const [date = '', clock = ''] = at.split('T');
  const shown = showClock(wallClock(epochMinOf(at, zone), zone), meal.kitchen.clock);
  const move = (direction: 1 | -1) =>
    edit(
      { do: 'serveAt', at: localOf(epochMinOf(at, zone) + direction * STEP_MIN, zone) },
      'serving-step',
    );
  const commitClock = (text: string) => {
    const read = readClock(text);
    if (read === undefined) return t('table.badClock', { text });
    edit({ do: 'serveAt', at: `${date}T${read}` });
    return undefined;
  };
  const commitDate = (text: string) => {
    const next = `${text}T${clock}`;
    setBadDate(!isLocal(next));
    if (isLocal(next) && next !== at) edit({ do: 'serveAt', at: next });
  };
  const wide = meal.kitchen.clock === '12h' ? '8ch' : '5ch';
  return (
    <div className="flex flex-wrap items-end gap-x-2 gap-y-1">
      <div
        style={{
          width: `calc(${wide} * ${size === 'huge' ? 1.25 : 1.2} )`,
          fontSize: size === 'huge' ? 54 : 46,
        }}
      >
        <EditField
          label={t('table.serveAt')}
          value={shown}
          editKey="e"
          onStep={move}
          onCommit={commitClock}
          className="time w-full border-b-2 border-transparent bg-transparent leading-none text-inherit hover:border-line focus:border-now"
        />
      </div>
      <span className="flex pb-1">
        <button
          type="button"
          className="btn btn-quiet px-2"
          onClick={() => move(-1)}
          aria-label={t('table.earlier')}
        >
          <Minus size={18} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="btn btn-quiet px-2"
          onClick={() => move(1)}
          aria-label={t('table.later')}
        >
          <Plus size={18} aria-hidden="true" />
        </button>
      </span>
      <label className="flex basis-full flex-col text-sm text-muted">
        <span className="sr-only">{t('table.serveOn')}</span>
        <input
          type="date"
          value={date}
          aria-invalid={badDate}
          onChange={(event) => commitDate(event.target.value)}
          className="field w-fit text-ink"
        />
        {badDate && (
          <span role="alert" className="mt-1 text-clash">
            {t('table.badDate')}
          </span>
        )}
      </label>
    </div>
  );
}
