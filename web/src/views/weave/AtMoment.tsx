import {
  atMoment,
  showMinutes,
  showTemperature,
  showTime,
  tracesAt,
  type Meal,
  type Plan,
} from '@zemrin/core';
import { X } from 'lucide-react';
import { useWords } from '../../words/words.ts';

/** What stands where at a moment, how warm, and for how long already. */
export function AtMoment(props: { meal: Meal; plan: Plan; moment: number; onClose: () => void }) {
  const { meal, plan, moment } = props;
  const t = useWords();
  const { units, clock } = meal.kitchen;
  const foods = atMoment(plan.stories, moment);
  const traces = tracesAt(plan.tools, plan.stories, moment);
  const temp = (tempC: number) => showTemperature(Math.round(tempC), units);
  const at = showTime(moment, plan.zone, clock, plan.servingMin);
  return (
    <section aria-label={t('weave.at', { at })} className="mb-4 rounded-lg border border-line p-3">
      <div className="flex items-center gap-2">
        <h2 className="mr-auto text-base">{t('weave.at', { at })}</h2>
        <button
          type="button"
          className="btn btn-quiet min-w-[44px] px-2"
          aria-label={t('weave.momentClose')}
          onClick={props.onClose}
        >
          <X size={18} aria-hidden="true" />
        </button>
      </div>
      {foods.length === 0 && <p className="text-muted">{t('weave.nothingYet')}</p>}
      <ul>
        {foods.map(({ food, name, dishName, span, state, sinceMin, coreC }) => (
          <li key={food} className="grid border-t border-line py-1.5">
            <span>
              {name} <span className="text-sm text-muted">{dishName}</span>
            </span>
            <span>
              {t('weave.stands', {
                place: t(`place.${span.place}`),
                temp: temp(span.placeC),
                span: showMinutes(Math.max(0, Math.round(moment - sinceMin))),
              })}
            </span>
            <span className="text-sm text-muted">
              {t(`state.${state}`)}, {t('weave.coreAbout', { temp: temp(coreC) })}
              {span.soaks && `, ${t(`weave.in.${span.soaks}`)}`}
              {span.step === undefined && `, ${t('weave.heldByNone')}`}
            </span>
          </li>
        ))}
        {traces.map(({ id, kind, name = '', foods: lay }) => (
          <li key={id} className="grid border-t border-line py-1.5">
            <span>{kind === 'board' ? t('weave.board') : name}</span>
            <span className="text-sm text-muted">
              {t('weave.rawOnIt', { foods: lay.join(', ') })}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
