import { weekOf, type Meal, type WeekPiece } from '@zemrin/core';
import { useWords } from '../../words/words.ts';

const DAY = 1440;

/** The week as bars: when the cook sleeps and is away, and when someone helps. */
export function WeekStrip({ meal }: { meal: Meal }) {
  const t = useWords();
  const week = weekOf(meal.kitchen);
  const nameOf = (piece: WeekPiece) =>
    piece.kind === 'helps' ? piece.who : (piece.who ?? t(`hours.${piece.kind}`));
  return (
    <figure aria-label={t('kitchen.week')} className="mt-2">
      {week.map(({ day, pieces }) => (
        <div
          key={day}
          role="img"
          aria-label={t('kitchen.weekDay', {
            day: t(`day.${day}`),
            what: pieces.map(nameOf).join(', ') || t('kitchen.weekFree'),
          })}
          className="grid grid-cols-[44px_1fr] items-center py-[3px]"
        >
          <span aria-hidden="true" className="text-sm text-muted">
            {t(`day.${day}`)}
          </span>
          <span aria-hidden="true" className="relative h-[22px] rounded bg-panel">
            {pieces.map((piece) => (
              <span
                key={`${piece.kind}-${piece.fromMin}-${piece.who}`}
                className={`absolute overflow-hidden rounded px-1 text-[11px] leading-[22px] whitespace-nowrap ${LOOK[piece.kind]}`}
                style={{
                  left: `${(piece.fromMin / DAY) * 100}%`,
                  width: `${((piece.toMin - piece.fromMin) / DAY) * 100}%`,
                  top: piece.kind === 'helps' ? 3 : 0,
                  height: piece.kind === 'helps' ? 16 : 22,
                  lineHeight: piece.kind === 'helps' ? '12px' : '22px',
                }}
              >
                {piece.toMin - piece.fromMin >= 120 ? nameOf(piece) : ''}
              </span>
            ))}
          </span>
        </div>
      ))}
      <div aria-hidden="true" className="ml-[44px] flex justify-between text-[11px] text-muted">
        {[0, 6, 12, 18, 24].map((hour) => (
          <span key={hour}>{hour}</span>
        ))}
      </div>
    </figure>
  );
}

const LOOK = {
  asleep: 'bg-ink/20 text-ink',
  away: 'border border-ink/40 bg-soft text-ink',
  helps: 'border-2 border-ink bg-panel text-ink',
} as const satisfies Record<WeekPiece['kind'], string>;
