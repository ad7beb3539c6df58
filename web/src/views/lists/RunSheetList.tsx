import {
  runSheet,
  showMinutes,
  showTemperature,
  showTime,
  type DishAllergens,
  type Meal,
  type Plan,
  type RunRow,
} from '@zemrin/core';
import { Hand } from 'lucide-react';
import { useManner } from '../../store/manner.ts';
import { useWords } from '../../words/words.ts';

/** The evening by the clock: hands marked, what to mind said where it is, allergens at the top. */
export function RunSheetList({ meal, plan }: { meal: Meal; plan: Plan }) {
  const { sayIt } = useManner(meal, plan);
  const sheet = runSheet(meal, plan);
  return (
    <>
      <Allergens all={sheet.allergens} />
      {sheet.stops.map((message) => (
        <p key={message.key} className="mt-2 font-semibold text-clash">
          {sayIt(message)}
        </p>
      ))}
      <ol className="mt-4">
        {sheet.rows.map((row) => (
          <Row key={`${row.atMin} ${row.step} ${row.what}`} row={row} meal={meal} plan={plan} />
        ))}
      </ol>
    </>
  );
}

function Row({ row, meal, plan }: { row: RunRow; meal: Meal; plan: Plan }) {
  const t = useWords();
  const { sayIt } = useManner(meal, plan);
  const { units, clock } = meal.kitchen;
  const facts = [
    row.tempC === undefined || row.place === 'counter' || row.place === 'fridge'
      ? undefined
      : t('lists.heat', { temp: showTemperature(row.tempC, units) }),
    row.untilC === undefined
      ? undefined
      : t('lists.until', { temp: showTemperature(row.untilC, units) }),
    row.until,
    row.endMin - row.atMin >= 2
      ? t('lists.lasts', { minutes: showMinutes(row.endMin - row.atMin) })
      : undefined,
    row.who === undefined ? undefined : t('lists.who', { who: row.who }),
  ].filter((fact) => fact !== undefined);
  return (
    <li className="grid break-inside-avoid grid-cols-[6.2rem_1.6rem_1fr] gap-x-2 border-b border-line py-1.5 print:py-0.5">
      <span className="time">{showTime(row.atMin, plan.zone, clock, plan.servingMin)}</span>
      {row.hands ? (
        <Hand size={18} role="img" aria-label={t('lists.hands')} className="mt-0.5" />
      ) : (
        <span className="sr-only">{t('lists.goes')}</span>
      )}
      <div className="col-start-3 min-w-0">
        <p>
          <span className={row.hands ? 'font-semibold' : ''}>{row.what}</span>{' '}
          <span className="text-muted">{row.dish}</span>
        </p>
        {facts.length > 0 && <p className="text-sm text-muted">{facts.join(', ')}</p>}
        {row.stops.map((message) => (
          <p key={message.key} className="text-sm font-semibold text-clash">
            {sayIt(message)}
          </p>
        ))}
        {row.minds.map((message) => (
          <p key={message.key} className="text-sm">
            {sayIt(message)}
          </p>
        ))}
      </div>
    </li>
  );
}

function Allergens({ all }: { all: readonly DishAllergens[] }) {
  const t = useWords();
  return (
    <section className="mt-4 break-inside-avoid rounded-lg border border-line p-3">
      <h2 className="text-[15px]">{t('lists.allergens')}</h2>
      <ul className="text-sm md:columns-2 print:columns-2">
        {all.flatMap(({ dish, plates }) =>
          plates.map(({ variant, holds }) => {
            const said =
              holds.length === 0
                ? t('lists.holdsNone')
                : holds.map((one) => t(`avoid.${one}`)).join(', ');
            return (
              <li key={`${dish} ${variant ?? ''}`} className="break-inside-avoid">
                {variant === undefined
                  ? t('lists.plate', { dish, holds: said })
                  : t('lists.variantPlate', { dish, variant, holds: said })}
              </li>
            );
          }),
        )}
      </ul>
    </section>
  );
}
