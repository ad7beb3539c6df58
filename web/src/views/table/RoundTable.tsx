import { companyOf, seatsOf, writeNumber, type Meal, type Seat } from '@zemrin/core';
import { Popover } from 'radix-ui';
import { ServingTime } from '../../ui/ServingTime.tsx';
import { useWords, type Say } from '../../words/words.ts';
import { SeatForm } from './SeatForm.tsx';

/** Where the places lie, in % of the drawing. */
const CENTRE = { x: 50, y: 50 };
const RADIUS = { x: 40, y: 37 };

/** The table from above, a place for each eater, the serving time in its middle. */
export function RoundTable({ meal }: { meal: Meal }) {
  const t = useWords();
  const seats = seatsOf(meal.eaters);
  const { heads, portions } = companyOf(meal.eaters);
  return (
    <div className="relative mx-auto my-3 aspect-[0.98] w-full max-w-[660px] md:aspect-[1.55]">
      <div
        aria-hidden="true"
        className="absolute inset-x-[4%] inset-y-[6%] rounded-[50%] border-2 border-ink bg-soft"
      />
      <div className="absolute inset-0 flex flex-col items-center justify-center">
        <div className="flex flex-col items-center">
          <ServingTime meal={meal} size="huge" />
          <p className="mt-2 text-center">
            {portions === heads
              ? t('table.headsAll', { heads })
              : t('table.heads', { heads, portions: writeNumber(portions) })}
          </p>
        </div>
      </div>
      {seats.map((seat, i) => (
        <Place key={i} meal={meal} seat={seat} index={i} count={seats.length} t={t} />
      ))}
    </div>
  );
}

function Place(props: { meal: Meal; seat: Seat; index: number; count: number; t: Say }) {
  const { meal, seat, index, count, t } = props;
  const angle = (index / count) * 2 * Math.PI - Math.PI / 2;
  const x = CENTRE.x + RADIUS.x * Math.cos(angle);
  const y = CENTRE.y + RADIUS.y * Math.sin(angle);
  const avoids = seat.avoids.map((avoided) => t(`avoid.${avoided}`));
  const who = [
    t(`table.${seat.who}`),
    ...avoids.map((a) => `${t('table.avoids').toLowerCase()} ${a}`),
  ].join(', ');
  const small = count > 12;
  const size =
    seat.who === 'child'
      ? 'h-[42px] w-[42px] md:h-[46px] md:w-[46px]'
      : small
        ? 'h-[44px] w-[44px]'
        : 'h-[48px] w-[48px] md:h-[58px] md:w-[58px]';
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label={t('table.place', { n: index + 1, who })}
        className="absolute flex -translate-x-1/2 -translate-y-1/2 flex-col items-center"
        style={{ left: `${x}%`, top: `${y}%` }}
      >
        <span
          className={`flex items-center justify-center rounded-full border-2 border-[var(--bead-line)] bg-[var(--bead)] text-base font-bold text-[#15211f] ${size}`}
          style={{ boxShadow: 'inset 0 0 0 6px var(--bead), inset 0 0 0 7px #c9cfcb' }}
        >
          {seat.portion === 1 ? '' : writeNumber(seat.portion)}
        </span>
        {avoids.length > 0 && (
          <span className="mt-0.5 rounded bg-panel px-1.5 text-sm leading-5 whitespace-nowrap text-ink">
            {t('table.without', { avoids: avoids.join(', ') })}
          </span>
        )}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label={t('table.place', { n: index + 1, who })}
          sideOffset={6}
          collisionPadding={12}
          className="z-40 max-h-[var(--radix-popover-content-available-height)] w-[320px] overflow-y-auto rounded-xl border border-line bg-panel p-4 text-ink shadow-xl"
        >
          <SeatForm meal={meal} seat={seat} index={index} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
