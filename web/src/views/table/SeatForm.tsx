import {
  AVOIDABLE,
  CHILD_PORTION,
  PORTIONS,
  writeNumber,
  type Meal,
  type Seat,
} from '@zemrin/core';
import { Popover } from 'radix-ui';
import { useEdit } from '../../store/useEdit.ts';
import { Tick } from '../../ui/Tick.tsx';
import { useWords } from '../../words/words.ts';

/** Who sits at a place: adult or child, how much, and what they do without. */
export function SeatForm({ meal, seat, index }: { meal: Meal; seat: Seat; index: number }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const set = (to: Partial<Seat>) =>
    edit({ do: 'changeSeat', seat: index, to: { ...seat, ...to } });
  const toggle = 'btn flex-1 px-2 aria-pressed:bg-ink aria-pressed:text-ground';
  return (
    <div className="grid gap-3">
      <div className="flex gap-2">
        {(['adult', 'child'] as const).map((who) => (
          <button
            key={who}
            type="button"
            className={toggle}
            aria-pressed={seat.who === who}
            onClick={() => set({ who, portion: who === 'child' ? CHILD_PORTION : 1 })}
          >
            {t(`table.${who}`)}
          </button>
        ))}
      </div>
      <div className="flex items-center gap-2" role="group" aria-label={t('table.portion')}>
        <span className="text-sm text-muted">{t('table.portion')}</span>
        {PORTIONS.map((portion) => (
          <button
            key={portion}
            type="button"
            className={toggle}
            aria-pressed={seat.portion === portion}
            onClick={() => set({ portion })}
          >
            {writeNumber(portion)}
          </button>
        ))}
      </div>
      <fieldset>
        <legend className="text-sm text-muted">{t('table.avoids')}</legend>
        <div className="grid grid-cols-2">
          {AVOIDABLE.map((avoided) => (
            <Tick
              key={avoided}
              checked={seat.avoids.includes(avoided)}
              onChange={(avoids) =>
                set({
                  avoids: avoids
                    ? [...seat.avoids, avoided]
                    : seat.avoids.filter((a) => a !== avoided),
                })
              }
            >
              {t(`avoid.${avoided}`)}
            </Tick>
          ))}
        </div>
      </fieldset>
      <Tick checked={seat.frail ?? false} onChange={(frail) => set({ frail })}>
        {t('table.frail')}
      </Tick>
      <Popover.Close className="btn" onClick={() => edit({ do: 'removeSeat', seat: index })}>
        {t('table.removeSeat')}
      </Popover.Close>
    </div>
  );
}
