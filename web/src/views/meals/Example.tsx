import { elasticAxis, placeOf, showTime, threadsOf, type Meal, type Plan } from '@zemrin/core';
import { useEffect } from 'react';
import { usePlan } from '../../store/hooks.ts';
import { previewed, previewLeft } from '../../store/plans.ts';
import { useAppDispatch } from '../../store/store.ts';
import { useWords } from '../../words/words.ts';
import { useMealActions } from './useMealActions.ts';

/** An example, really planned; drawn as soon as what draws it is there. */
export default function Example({ meal }: { meal: Meal }) {
  const t = useWords();
  const dispatch = useAppDispatch();
  const actions = useMealActions();
  const plan = usePlan(meal.id);
  useEffect(() => {
    dispatch(previewed(meal));
    return () => {
      dispatch(previewLeft(meal.id));
    };
  }, [dispatch, meal]);
  return (
    <div className="rounded-xl bg-panel p-5 md:p-7">
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <h2 className="text-[22px]">{meal.title}</h2>
        <p className="mr-auto text-muted">{meal.note}</p>
        {plan?.firstJobMin !== undefined && (
          <p className="font-semibold">
            {t('meals.firstAt', {
              at: showTime(plan.firstJobMin, plan.zone, meal.kitchen.clock, plan.servingMin),
            })}
          </p>
        )}
      </div>
      {plan ? <Threads meal={meal} plan={plan} /> : <div className="h-[210px]" />}
      <button type="button" className="btn btn-main mt-5" onClick={() => actions.takeDemo(meal)}>
        {t('meals.takeDemo', { title: meal.title })}
      </button>
    </div>
  );
}

/** The example's threads on their elastic axis, as Weave will draw them large. */
function Threads({ meal, plan }: { meal: Meal; plan: Plan }) {
  const threads = threadsOf(plan, meal);
  const segments = threads.flatMap((thread) => thread.main);
  const axis = elasticAxis(segments.flatMap((s) => [s.startMin, s.endMin]));
  const left = (min: number) => placeOf(axis, min) * 100;
  return (
    <div className="mt-4 grid grid-cols-[minmax(110px,190px)_1fr] gap-x-4 border-r-[6px] border-ink">
      {threads.map((thread) => (
        <div key={thread.dish} className="contents">
          <p className="truncate py-2">{thread.name}</p>
          <div aria-hidden="true" className="relative my-auto h-[16px]">
            {thread.main.map((segment) => (
              <span
                key={`${segment.step.id}-${segment.waiting}`}
                className="absolute inset-y-0"
                style={{
                  left: `${left(segment.startMin)}%`,
                  width: `${left(segment.endMin) - left(segment.startMin) + 0.1}%`,
                  background: `var(--${segment.band})`,
                }}
              />
            ))}
            {thread.main
              .flatMap((segment) => (segment.waiting ? [] : segment.step.hands))
              .map((hands) => (
                <span
                  key={hands.startMin}
                  className="absolute -inset-y-[3px] min-w-[9px] rounded-full border-2 border-[var(--bead-line)] bg-[var(--bead)]"
                  style={{
                    left: `${left(hands.startMin)}%`,
                    width: `${left(hands.endMin) - left(hands.startMin)}%`,
                  }}
                />
              ))}
          </div>
        </div>
      ))}
    </div>
  );
}
