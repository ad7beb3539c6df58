import {
  isoOf,
  showMinutes,
  showTemperature,
  showTime,
  type Meal,
  type Plan,
  type PlannedStep,
} from '@zemrin/core';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useState } from 'react';
import { useNow } from '../../../store/hooks.ts';
import { useEdit } from '../../../store/useEdit.ts';
import { useManner } from '../../../store/manner.ts';
import { useWords } from '../../../words/words.ts';
import { Mends, StopCard } from '../../../safety/StopCard.tsx';
import { StepForm } from './StepForm.tsx';
import { TimesEditor } from './TimesEditor.tsx';
import { useNudge } from '../useNudge.ts';

interface StepPanelProps {
  readonly meal: Meal;
  readonly plan: Plan;
  readonly stepId: string;
  readonly onChoose: (step: string | undefined) => void;
}

/** The chosen step: its times, its give, the why, and everything that can be done to it. */
export function StepPanel({ meal, plan, stepId, onChoose }: StepPanelProps) {
  const t = useWords();
  const [form, setForm] = useState<'none' | 'edit' | 'add'>('none');
  const dish = meal.dishes.find((d) => d.steps.some((s) => s.id === stepId));
  const planned = plan.steps.find((step) => step.id === stepId);
  const step = dish?.steps.find((s) => s.id === stepId);
  if (!dish || !step || !planned) return null;
  const time = (min: number) => showTime(min, plan.zone, meal.kitchen.clock, plan.servingMin);
  return (
    <section className="mt-5 border-t border-line pt-4" aria-label={`${step.label}, ${dish.name}`}>
      <p className="text-muted">
        {step.label}, {dish.name}
      </p>
      <p className="time text-[22px]">
        {t('weave.to', { from: time(planned.startMin), to: time(planned.endMin) })}
      </p>
      <Facts planned={planned} meal={meal} time={time} doneWhen={step.doneWhen?.text} />
      <TimesEditor meal={meal} dish={dish} step={step} planned={planned} />
      <Why meal={meal} plan={plan} planned={planned} at={time(planned.startMin)} />
      <Moves meal={meal} plan={plan} planned={planned} />
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="btn" onClick={() => setForm('edit')}>
          {t('weave.edit')}
        </button>
        <button type="button" className="btn" onClick={() => setForm('add')}>
          {t('weave.addAfter')}
        </button>
        <Remove meal={meal} stepId={stepId} onRemoved={() => onChoose(undefined)} />
      </div>
      {form !== 'none' && (
        <StepForm
          meal={meal}
          step={step}
          mode={form}
          onClose={() => setForm('none')}
          onAdded={(id) => onChoose(id)}
        />
      )}
    </section>
  );
}

function Facts(props: {
  planned: PlannedStep;
  meal: Meal;
  time: (min: number) => string;
  doneWhen: string | undefined;
}) {
  const t = useWords();
  const { planned, meal, time } = props;
  const { leastMin, likelyMin, mostMin } = planned.duration;
  const length = planned.endMin - planned.startMin;
  const ranged = !planned.elastic && mostMin > leastMin;
  const temp =
    planned.place.tempC === undefined
      ? ''
      : ` ${showTemperature(planned.place.tempC, meal.kitchen.units)}`;
  const late = planned.canStartFromMin > planned.mustStartByMin;
  const between = { from: time(planned.canStartFromMin), to: time(planned.mustStartByMin) };
  return (
    <dl className="mt-2 [&>div]:flex [&>div]:justify-between [&>div]:gap-3 [&>div]:border-b [&>div]:border-line [&>div]:py-1.5 [&_dd]:text-right [&_dd]:font-semibold">
      <div>
        <dt>{t(ranged ? 'weave.likely' : 'weave.takes')}</dt>
        <dd>
          {showMinutes(ranged ? likelyMin : length)}
          {planned.rounds === undefined ? '' : `, ${t('weave.rounds', { rounds: planned.rounds })}`}
        </dd>
      </div>
      {ranged && (
        <div>
          <dt>{t('weave.eight')}</dt>
          <dd>{t('weave.to', { from: showMinutes(leastMin), to: showMinutes(mostMin) })}</dd>
        </div>
      )}
      <div>
        <dt>{t('weave.startBetween')}</dt>
        <dd>
          {late
            ? t('weave.tooLate', { by: between.to, from: between.from })
            : t('weave.and', between)}
        </dd>
      </div>
      <div>
        <dt>{t('weave.place')}</dt>
        <dd>
          {t(`place.${planned.place.kind}`)}
          {temp}
        </dd>
      </div>
      {planned.otherwise && (
        <div>
          <dt>{t('weave.otherwise')}</dt>
          <dd>
            {t('weave.otherwiseMore', {
              what: planned.otherwise.what,
              minutes: showMinutes(planned.otherwise.minutes),
              times: Math.round(planned.otherwise.chance * 10),
            })}
          </dd>
        </div>
      )}
      {props.doneWhen !== undefined && (
        <div>
          <dt>{t('weave.done')}</dt>
          <dd>{props.doneWhen}</dd>
        </div>
      )}
    </dl>
  );
}

function Why(props: { meal: Meal; plan: Plan; planned: PlannedStep; at: string }) {
  const t = useWords();
  const { sayIt } = useManner(props.meal, props.plan);
  const { planned, plan } = props;
  // What a rule says is said once, with what would mend it.
  const stopped = new Set(
    plan.findings.filter(({ level }) => level === 'stop').map(({ message }) => message.key),
  );
  return (
    <>
      <h3 className="mt-4 text-base">{t('weave.why', { at: props.at })}</h3>
      <p className="mt-1">{planned.why.map(sayIt).join(' ')}</p>
      {planned.notes.map((note, i) => (
        <p key={`${note.key} ${i}`} className="mt-1">
          {sayIt(note)}
        </p>
      ))}
      {plan.findings
        .filter(({ step, level }) => step === planned.id && level === 'stop')
        .map((finding) => (
          <StopCard key={finding.rule} meal={props.meal} plan={plan} finding={finding} />
        ))}
      {planned.cautions
        .filter(({ message }) => !stopped.has(message.key))
        .map((caution) => (
          <div
            key={caution.message.key}
            className={`mt-3 rounded-lg p-3 text-[15px] ${caution.broken ? 'border-2 border-clash' : 'bg-warm'}`}
          >
            <p>
              {sayIt(caution.message)}{' '}
              <span className="text-muted">
                {t('weave.source', { source: sayIt({ key: caution.source }) })}
              </span>
            </p>
            {plan.findings
              .filter(
                ({ step, message }) => step === planned.id && message.key === caution.message.key,
              )
              .map((finding) => (
                <Mends key={finding.rule} meal={props.meal} plan={plan} finding={finding} />
              ))}
          </div>
        ))}
    </>
  );
}

function Moves({ meal, plan, planned }: { meal: Meal; plan: Plan; planned: PlannedStep }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const nowMin = useNow();
  const nudge = useNudge(meal, plan);
  const begun = meal.dishes.some((d) => d.steps.some((s) => s.id === planned.id && s.begunAt));
  return (
    <div className="mt-4 flex flex-wrap gap-2">
      {!planned.begun && (
        <>
          <button
            type="button"
            className="btn px-3"
            onClick={(event) => nudge(planned, -1, event.timeStamp)}
            aria-label={t('weave.earlier')}
            disabled={planned.startMin <= planned.canStartFromMin}
          >
            <ChevronLeft size={18} aria-hidden="true" /> 5
          </button>
          <button
            type="button"
            className="btn px-3"
            onClick={(event) => nudge(planned, 1, event.timeStamp)}
            aria-label={t('weave.later')}
            disabled={planned.startMin >= planned.mustStartByMin}
          >
            5 <ChevronRight size={18} aria-hidden="true" />
          </button>
        </>
      )}
      {planned.pinned && (
        <button
          type="button"
          className="btn"
          onClick={() => edit({ do: 'pinStep', step: planned.id, beforeServeMin: null })}
        >
          {t('weave.unpin')}
        </button>
      )}
      <button
        type="button"
        className="btn"
        onClick={() =>
          edit({ do: 'beginStep', step: planned.id, at: begun ? null : isoOf(nowMin, plan.zone) })
        }
      >
        {t(begun ? 'weave.unbegin' : 'weave.begin')}
      </button>
    </div>
  );
}

function Remove(props: { meal: Meal; stepId: string; onRemoved: () => void }) {
  const t = useWords();
  const edit = useEdit(props.meal.id);
  return (
    <button
      type="button"
      className="btn"
      onClick={() => {
        edit({ do: 'removeStep', step: props.stepId });
        props.onRemoved();
      }}
    >
      {t('weave.remove')}
    </button>
  );
}
