import { callsOf, showMinutes, showTime, type Meal, type Plan } from '@zemrin/core';
import { lazy, Suspense, useState } from 'react';
import { useManner } from '../../../store/manner.ts';
import { Link } from 'react-router';
import { StopCard } from '../../../safety/StopCard.tsx';
import { Compromises } from './Compromises.tsx';
import { HowSure, Moved } from './HowSure.tsx';
import { WaysOut } from './WaysOut.tsx';
import { StartCooking } from '../../../ui/StartCooking.tsx';
import { ServingTime } from '../../../ui/ServingTime.tsx';
import { useWords } from '../../../words/words.ts';

const CompareVariants = lazy(() => import('./CompareVariants.tsx'));

interface ServingPanelProps {
  readonly meal: Meal;
  readonly plan: Plan;
  /** The chosen step, if there is one beside: say less here. */
  readonly chosen: string | undefined;
  readonly onChoose: (step: string) => void;
  readonly onHours: () => void;
}

/** The serving time, the chance, what clashes, and what comes next. */
export function ServingPanel({ meal, plan, chosen, onChoose, onHours }: ServingPanelProps) {
  const t = useWords();
  const brief = chosen !== undefined;
  const [comparing, setComparing] = useState(false);
  return (
    <section>
      <p className="text-muted">{t('weave.serve')}</p>
      <ServingTime meal={meal} size="large" />
      {plan.status === 'cannot' ? (
        <Cannot meal={meal} plan={plan} />
      ) : (
        <HowSure meal={meal} plan={plan} />
      )}
      <Stops meal={meal} plan={plan} chosen={chosen} onChoose={onChoose} />
      <Clashes meal={meal} plan={plan} onChoose={onChoose} />
      <Compromises meal={meal} plan={plan} onChoose={onChoose} />
      <Moved meal={meal} plan={plan} onChoose={onChoose} />
      {!brief && plan.status !== 'cannot' && (
        <NextJobs meal={meal} plan={plan} onChoose={onChoose} />
      )}
      {!brief && (
        <div className="mt-5 flex flex-wrap gap-2">
          <StartCooking meal={meal} />
          <button type="button" className="btn" onClick={() => setComparing(true)}>
            {t('variants.open')}
          </button>
          <button type="button" className="btn" onClick={onHours}>
            {t('weave.hoursTitle')}
          </button>
        </div>
      )}
      {comparing && (
        <Suspense fallback={null}>
          <CompareVariants meal={meal} plan={plan} onClose={() => setComparing(false)} />
        </Suspense>
      )}
    </section>
  );
}

/** Rules of safety the plan breaks, each with what would mend it; and the way to the whole sheet. */
function Stops(props: {
  meal: Meal;
  plan: Plan;
  chosen: string | undefined;
  onChoose: (step: string) => void;
}) {
  const t = useWords();
  const { meal, plan } = props;
  // What the chosen step breaks is said there.
  const stops = plan.findings.filter(
    ({ level, step }) => level === 'stop' && (step === undefined || step !== props.chosen),
  );
  return (
    <>
      {stops.map((finding) => (
        <StopCard
          key={`${finding.rule} ${finding.step ?? finding.dish}`}
          meal={meal}
          plan={plan}
          finding={finding}
          onChoose={props.onChoose}
        />
      ))}
      <p className="mt-3 text-sm">
        <Link className="underline" to={`/meal/${meal.id}/safety`}>
          {t('safety.sheet')}
        </Link>
      </p>
    </>
  );
}

function Cannot({ meal, plan }: { meal: Meal; plan: Plan }) {
  const t = useWords();
  const { sayIt } = useManner(meal, plan);
  const at = showTime(plan.servingMin, plan.zone, meal.kitchen.clock);
  return (
    <div className="mt-4">
      <h2 className="text-lg text-clash">
        {t(plan.costBound?.proved === false ? 'weave.cannotFound' : 'weave.cannot', { at })}
      </h2>
      <p className="text-sm text-muted">{t('weave.needed')}</p>
      <WaysOut meal={meal} title={t('weave.rescue')} plan={plan} ways={plan.rescues} />
      {plan.clashes.length === 0 && (
        <>
          <h3 className="mt-4 text-base">{t('weave.because')}</h3>
          <ol className="mt-1 list-decimal space-y-1 pl-5 text-[15px]">
            {plan.because.map((reason, i) => (
              <li key={i}>{sayIt(reason)}</li>
            ))}
          </ol>
        </>
      )}
    </div>
  );
}

function Clashes(props: { meal: Meal; plan: Plan; onChoose: (step: string) => void }) {
  const { sayIt } = useManner(props.meal, props.plan);
  if (props.plan.clashes.length === 0) return null;
  return (
    <ul className="mt-4 space-y-2">
      {props.plan.clashes.map((clash) => (
        <li key={`${clash.atMin}-${clash.steps.join()}`}>
          <button
            type="button"
            className="text-left text-clash underline decoration-dotted"
            onClick={() => props.onChoose(clash.steps[0] ?? '')}
          >
            {sayIt(clash.text)}
          </button>
        </li>
      ))}
    </ul>
  );
}

const SHOWN_JOBS = 5;

function NextJobs(props: { meal: Meal; plan: Plan; onChoose: (step: string) => void }) {
  const t = useWords();
  const { meal, plan } = props;
  const jobs = callsOf(plan)
    .filter((job) => job.endMin >= plan.nowMin)
    .slice(0, SHOWN_JOBS);
  return (
    <>
      <h2 className="mt-6 text-lg">{t('weave.next')}</h2>
      <ol className="mt-1">
        {jobs.map((job) => (
          <li key={`${job.step.id}-${job.startMin}`} className="border-b border-line">
            <button
              type="button"
              className="grid min-h-[48px] w-full grid-cols-[1fr_auto] items-center gap-x-2 py-2 text-left hover:bg-soft"
              onClick={() => props.onChoose(job.step.id)}
            >
              <span>
                {job.what}
                {job.who !== undefined && <span className="text-muted">, {job.who}</span>}
              </span>
              <span className="font-semibold">
                {showTime(job.startMin, plan.zone, meal.kitchen.clock, plan.servingMin)}
              </span>
              <span className="text-sm text-muted">{job.step.dishName}</span>
              <span className="text-right text-sm text-muted">
                {job.endMin > job.startMin && showMinutes(job.endMin - job.startMin)}
              </span>
            </button>
          </li>
        ))}
      </ol>
      <p className="mt-3 text-sm text-muted">{t('weave.choose')}</p>
    </>
  );
}
