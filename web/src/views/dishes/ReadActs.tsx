import { bandOf, type Dish, type Meal, type ReadRecipe } from '@zemrin/core';
import { useWords } from '../../words/words.ts';
import { saidTime } from './saidTime.ts';

/** The chain that was read, step by step; pointing at one lights its words. */
export function ReadActs(props: {
  meal: Meal;
  read: ReadRecipe;
  dish: Dish;
  lit: number | undefined;
  onLight: (act: number | undefined) => void;
}) {
  const { meal, read, dish, lit, onLight } = props;
  const t = useWords();
  return (
    <ol className="mt-3" aria-label={t('dishes.steps')}>
      {dish.steps.map((step, i) => {
        const act = read.acts[i];
        const unsaid =
          act &&
          act.leastMin === undefined &&
          act.mostMin === undefined &&
          act.untilC === undefined;
        return (
          <li
            key={step.id}
            className={`flex items-baseline gap-x-3 border-b border-line px-1 py-1.5 ${lit === i ? 'bg-warm' : ''}`}
            onPointerEnter={() => onLight(i)}
            onPointerLeave={() => onLight(undefined)}
          >
            <span
              aria-hidden="true"
              className="inline-block h-3 w-2 shrink-0 self-center rounded-sm"
              style={{ background: `var(--${bandOf(step.place, step.verb)})` }}
            />
            <span className="min-w-[5.2rem] font-semibold">{t(`verb.${step.verb}`)}</span>
            <span className="min-w-0 grow text-muted">
              {saidTime(step, dish, meal.kitchen, t)}
              {step.place.tempC !== undefined &&
                ` ${t('dishes.was.at', { temp: `${Math.round(step.place.tempC)}°` })}`}
              {step.doneWhen?.coreC !== undefined &&
                ` ${t('dishes.was.heat', { temp: `${Math.round(step.doneWhen.coreC)}°` })}`}
            </span>
            {(act?.guessed || unsaid) && (
              <span className="ml-auto rounded border border-muted px-1 text-[12px] text-muted">
                {t('dishes.guessed')}
              </span>
            )}
          </li>
        );
      })}
    </ol>
  );
}
