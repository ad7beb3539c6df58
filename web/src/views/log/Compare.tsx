import {
  comparableWith,
  compareRuns,
  pantryOf,
  showMinutes,
  showTemperature,
  showWeight,
  TASTE_SCALES,
  dayOfRun,
  type ComparedDish,
  type DishFigures,
  type Kitchen,
  type Run,
} from '@zemrin/core';
import { useMemo, useState } from 'react';
import { Choice } from '../../ui/Choice.tsx';
import { useWords, type Say } from '../../words/words.ts';
import { tasteWord } from './tasteWord.ts';

/** Another run of the same dishes, side by side with this one in the figures that decide. */
export function Compare({ run, runs }: { run: Run; runs: readonly Run[] }) {
  const t = useWords();
  const others = useMemo(
    () => comparableWith(run, runs).toSorted((a, b) => b.startedMin - a.startedMin),
    [run, runs],
  );
  const [chosen, setChosen] = useState('');
  const other = others.find(({ id }) => id === chosen);
  const compared = useMemo(() => other && compareRuns([run, other]), [run, other]);
  if (others.length === 0) return null;
  return (
    <section className="mt-8" aria-label={t('log.compare')}>
      <h2 className="text-xl">{t('log.compare')}</h2>
      <div className="mt-2 max-w-[420px]">
        <Choice
          label={t('log.compareWith')}
          value={chosen}
          options={[
            ['', t('log.compareNone')],
            ...others.map((one) => [one.id, `${one.meal.title}, ${dayOfRun(one)}`] as const),
          ]}
          onChoose={setChosen}
        />
      </div>
      {compared && other && (
        <div className="mt-4 overflow-x-auto">
          <table className="w-full max-w-[560px] text-left">
            <thead>
              <tr className="border-b border-line">
                <td />
                {[run, other].map((one) => (
                  <th key={one.id} scope="col" className="px-1.5 py-1.5 font-semibold md:px-3">
                    {dayOfRun(one)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              <Row
                name={t('log.figure.late')}
                said={compared.lateMin.map((minutes) => lateness(minutes, t))}
              />
            </tbody>
            {compared.dishes.map((dish) => (
              <DishRows key={dish.name} dish={dish} kitchen={run.meal.kitchen} of={run} />
            ))}
          </table>
        </div>
      )}
    </section>
  );
}

function lateness(minutes: number | undefined, t: Say): string | undefined {
  if (minutes === undefined) return undefined;
  if (Math.abs(minutes) < 1) return t('log.onTime');
  return t(minutes > 0 ? 'log.late' : 'log.early', { minutes: showMinutes(Math.abs(minutes)) });
}

function Row({ name, said }: { name: string; said: readonly (string | undefined)[] }) {
  if (said.every((one) => one === undefined)) return null;
  const differs = said[0] !== said[1];
  return (
    <tr className="border-b border-line">
      <th scope="row" className="py-1.5 pr-2 font-normal text-muted md:pr-4">
        {name}
      </th>
      {said.map((one, i) => (
        <td key={i} className={`px-1.5 py-1.5 md:px-3 ${differs ? 'font-semibold' : ''}`}>
          {one ?? '–'}
        </td>
      ))}
    </tr>
  );
}

function DishRows({ dish, kitchen, of }: { dish: ComparedDish; kitchen: Kitchen; of: Run }) {
  const t = useWords();
  const { figures, amounts } = dish;
  const { units } = kitchen;
  const { ingredients } = pantryOf(of.meal.pantry);
  const row = (key: string, say: (figure: DishFigures) => string | undefined) => ({
    key,
    said: figures.map(say),
  });
  const minutes = (value: number | undefined) =>
    value === undefined ? undefined : showMinutes(Math.round(value));
  const rows = [
    row(t('log.figure.raw'), ({ rawG }) =>
      rawG === undefined ? undefined : showWeight(rawG, units),
    ),
    row(t('log.figure.lost'), ({ lostShare }) =>
      lostShare === undefined ? undefined : `${Math.round(100 * lostShare)} %`,
    ),
    row(t('log.figure.core'), ({ coreC }) =>
      coreC === undefined ? undefined : showTemperature(coreC, units),
    ),
    row(t('log.figure.onFire'), ({ onFireMin }) => minutes(onFireMin)),
    row(t('log.figure.inAll'), ({ inAllMin }) => minutes(inAllMin)),
    ...TASTE_SCALES.map((scale) =>
      row(t(`log.scale.${scale}`), ({ tastes }) => {
        const value = tastes[scale];
        return value === undefined ? undefined : tasteWord(value, t);
      }),
    ),
    ...amounts.map(({ ingredient, mixture, said }) => ({
      key: `${ingredients.get(ingredient)?.name ?? ingredient}, ${mixture}`,
      said,
    })),
  ];
  return (
    <tbody>
      <tr>
        <th colSpan={3} scope="colgroup" className="pt-4 pb-1">
          {dish.name}
        </th>
      </tr>
      {rows.map(({ key, said }) => (
        <Row key={key} name={key} said={said} />
      ))}
    </tbody>
  );
}
