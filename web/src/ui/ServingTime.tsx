import {
  addDays,
  dayLong,
  dayShort,
  epochMinOf,
  isLocal,
  localOf,
  monthLong,
  readClock,
  showClock,
  wallClock,
  type Meal,
} from '@zemrin/core';
import { ChevronLeft, ChevronRight, Minus, Plus, type LucideIcon } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { useEdit } from '../store/useEdit.ts';
import { useWords } from '../words/words.ts';
import { EditField } from './EditField.tsx';

const STEP_MIN = 5;

/** The serving time, large, to be typed or stepped; the day beneath it. */
export function ServingTime({ meal, size }: { meal: Meal; size: 'large' | 'huge' }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const { at, zone } = meal.serving;
  const [date = ''] = at.split('T');
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
  const width = meal.kitchen.clock === '12h' ? '4.6em' : '2.9em';
  return (
    <div>
      <div className="flex items-center gap-1">
        <Step label={t('table.earlier')} icon={Minus} onClick={() => move(-1)} />
        <div
          className={size === 'huge' ? 'text-[44px] md:text-[56px]' : 'text-[44px]'}
          style={{ width }}
        >
          <EditField
            label={t('table.serveAt')}
            hideLabel
            value={shown}
            editKey="e"
            onStep={move}
            onCommit={commitClock}
            className="time w-full border-b-2 border-transparent bg-transparent text-center leading-none text-inherit hover:border-line focus:border-now"
          />
        </div>
        <Step label={t('table.later')} icon={Plus} onClick={() => move(1)} />
      </div>
      <ServingDay meal={meal} long={size === 'huge'} />
    </div>
  );
}

function ServingDay({ meal, long }: { meal: Meal; long: boolean }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const [badDate, setBadDate] = useState(false);
  const { at, zone } = meal.serving;
  const [date = '', clock = ''] = at.split('T');
  const day = wallClock(epochMinOf(at, zone), zone);
  const commit = (text: string) => {
    const next = `${text}T${clock}`;
    setBadDate(!isLocal(next));
    if (isLocal(next) && next !== at) edit({ do: 'serveAt', at: next });
  };
  const move = (days: 1 | -1) => edit({ do: 'serveAt', at: addDays(at, days) }, 'serving-day');
  return (
    <div className="flex items-center justify-between gap-1">
      <Step label={t('table.dayBefore')} icon={ChevronLeft} onClick={() => move(-1)} />
      <Popover.Root>
        <Popover.Trigger className="min-h-[44px] px-1 underline decoration-dotted underline-offset-4">
          {long ? dayLong(day.weekday) : dayShort(day.weekday)} {day.day} {monthLong(day.month)}
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            aria-label={t('table.serveOn')}
            className="z-40 rounded-xl border border-line bg-panel p-4 text-ink shadow-xl"
          >
            <label className="grid gap-1 text-sm text-muted">
              {t('table.serveOn')}
              <input
                type="date"
                value={date}
                aria-invalid={badDate}
                onChange={(event) => commit(event.target.value)}
                className="field text-base text-ink"
              />
            </label>
            {badDate && (
              <p role="alert" className="mt-1 text-sm text-clash">
                {t('table.badDate')}
              </p>
            )}
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
      <Step label={t('table.dayAfter')} icon={ChevronRight} onClick={() => move(1)} />
    </div>
  );
}

function Step(props: { label: string; icon: LucideIcon; onClick: () => void }) {
  const Icon = props.icon;
  return (
    <button
      type="button"
      className="btn btn-quiet min-w-[44px] px-2"
      aria-label={props.label}
      onClick={props.onClick}
    >
      <Icon size={19} aria-hidden="true" />
    </button>
  );
}
