import {
  busyOf,
  CalendarError,
  hoursOfBusy,
  servingMin,
  showTime,
  type Busy,
  type Meal,
} from '@zemrin/core';
import { useState } from 'react';
import { nowMinute } from '../../store/clock.ts';
import { useEdit } from '../../store/useEdit.ts';
import { FileButton } from '../../ui/FileButton.tsx';
import { Modal } from '../../ui/Modal.tsx';
import { Tick } from '../../ui/Tick.tsx';
import { useWords } from '../../words/words.ts';

/** Busy stretches of a calendar file as away-hours: shown first, taken as ticked. */
export default function CalendarDialog({ meal, onClose }: { meal: Meal; onClose: () => void }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const [busy, setBusy] = useState<readonly Busy[]>();
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  const [wrong, setWrong] = useState<string>();
  const { zone } = meal.serving;
  const read = (text: string) => {
    try {
      const found = busyOf(text, zone, nowMinute(), servingMin(meal) + 60);
      setBusy(found);
      // A whole day is more often a birthday than an absence.
      setLeft(new Set(found.flatMap(({ allDay }, i) => (allDay ? [i] : []))));
      setWrong(undefined);
    } catch (error) {
      if (!(error instanceof CalendarError)) throw error;
      setWrong(error.message);
    }
  };
  const take = () => {
    const added = (busy ?? [])
      .filter((_one, i) => !left.has(i))
      .flatMap((one) => hoursOfBusy(one, zone))
      .map((one) => ({ ...one, days: [...one.days] }));
    const kept = meal.kitchen.hours.filter(({ on }) => on === undefined);
    edit({ do: 'setHours', hours: [...kept, ...added] });
    onClose();
  };
  const time = (min: number) => showTime(min, zone, meal.kitchen.clock);
  return (
    <Modal title={t('kitchen.calendar')} onClose={onClose}>
      <p className="mb-3 text-muted">{t('kitchen.calendarMore')}</p>
      <FileButton label={t('kitchen.calendarFile')} accept=".ics,text/calendar" onText={read} />
      {wrong !== undefined && (
        <p role="alert" className="mt-3 text-clash">
          {wrong}
        </p>
      )}
      {busy && (
        <div className="mt-4">
          {busy.length === 0 && <p>{t('kitchen.calendarNone')}</p>}
          {busy.map((one, i) => (
            <Tick
              key={`${one.startMin} ${one.what} ${i}`}
              checked={!left.has(i)}
              onChange={(yes) => {
                const next = new Set(left);
                if (yes) next.delete(i);
                else next.add(i);
                setLeft(next);
              }}
            >
              {t('kitchen.busy', {
                from: time(one.startMin),
                to: time(one.endMin),
                what: one.what || t('hours.away'),
              })}
            </Tick>
          ))}
          <button type="button" className="btn btn-main mt-3" onClick={take}>
            {t('kitchen.calendarTake')}
          </button>
        </div>
      )}
    </Modal>
  );
}
