import {
  companyOf,
  elasticAxis,
  handsBetween,
  jobsOf,
  showMinutes,
  showTime,
  type Meal,
  type Plan,
} from '@zemrin/core';
import { useState, type ReactNode } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useMeal, usePlan } from '../../store/hooks.ts';
import { Modal } from '../../ui/Modal.tsx';
import { NoMeal } from '../../ui/NoMeal.tsx';
import { weave } from '../../words/en/weave.ts';
import { table } from '../../words/en/table.ts';
import { learn, useWords } from '../../words/words.ts';
import { HoursDialog } from '../../ui/HoursDialog.tsx';
import { AtMoment } from './AtMoment.tsx';
import { MomentSlider } from './MomentSlider.tsx';
import { ServingPanel } from './panel/ServingPanel.tsx';
import { StepPanel } from './panel/StepPanel.tsx';
import { TimesList } from './panel/TimesList.tsx';
import { UprightWeave } from './UprightWeave.tsx';
import { useNarrow } from './useWidth.ts';
import { WideWeave } from './WideWeave.tsx';

learn(weave);
learn(table);

/** The plan of a meal: threads that run to the plate. */
export default function Weave() {
  const t = useWords();
  const meal = useMeal();
  const plan = usePlan(meal?.id);
  if (!meal) return <NoMeal />;
  if (meal.dishes.length === 0) {
    return (
      <main className="p-6">
        <h1 className="text-3xl">{meal.title}</h1>
        <p className="my-4">{t('weave.noPlan')}</p>
        <Link className="btn btn-main" to={`/meal/${meal.id}/table`}>
          {t('weave.toTable')}
        </Link>
      </main>
    );
  }
  if (!plan) {
    return (
      <main className="p-6">
        <h1 className="text-3xl">{meal.title}</h1>
        <p role="status" className="my-4 text-muted">
          {t('meals.planning')}
        </p>
      </main>
    );
  }
  return <Woven meal={meal} plan={plan} />;
}

function Woven({ meal, plan }: { meal: Meal; plan: Plan }) {
  const { step: chosen } = useParams();
  const navigate = useNavigate();
  const narrow = useNarrow();
  const [hours, setHours] = useState(false);
  const [byPlace, setByPlace] = useState(false);
  const [moment, setMoment] = useState<number>();
  const onChoose = (step: string | undefined) => {
    const to = `/meal/${meal.id}/weave${step === undefined ? '' : `/${step}`}`;
    void navigate(to, { replace: true });
  };
  const known = plan.steps.some((step) => step.id === chosen) ? chosen : undefined;
  const panel = known !== undefined && (
    <StepPanel key={known} meal={meal} plan={plan} stepId={known} onChoose={onChoose} />
  );
  const looked = moment !== undefined && (
    <AtMoment meal={meal} plan={plan} moment={moment} onClose={() => setMoment(undefined)} />
  );
  const onHours = () => setHours(true);
  return (
    <main className="flex min-h-full flex-col lg:flex-row">
      <section className="min-w-0 grow px-4 py-4 md:px-6">
        <Head meal={meal} plan={plan}>
          {!narrow && <Layout byPlace={byPlace} onChange={setByPlace} />}
        </Head>
        {narrow ? (
          <>
            <UprightWeave meal={meal} plan={plan} onChoose={onChoose} />
            <MomentSlider
              meal={meal}
              plan={plan}
              axis={elasticAxis(plan.steps.flatMap(({ startMin, endMin }) => [startMin, endMin]))}
              moment={moment}
              onMoment={setMoment}
              className="moment-slider mt-3 block h-11 w-full"
            />
          </>
        ) : (
          <WideWeave
            meal={meal}
            plan={plan}
            chosen={known}
            onChoose={onChoose}
            onHours={onHours}
            byPlace={byPlace}
            moment={moment}
            onMoment={setMoment}
          />
        )}
        {narrow && looked}
        <TimesList meal={meal} plan={plan} />
      </section>
      <aside className="shrink-0 bg-panel p-5 lg:sticky lg:top-0 lg:h-screen lg:w-[272px] lg:overflow-y-auto">
        {!narrow && looked}
        <ServingPanel
          meal={meal}
          plan={plan}
          chosen={narrow ? undefined : known}
          onChoose={onChoose}
          onHours={onHours}
        />
        {!narrow && panel}
      </aside>
      {narrow && panel && (
        <Modal title={meal.title} onClose={() => onChoose(undefined)}>
          {panel}
        </Modal>
      )}
      {hours && <HoursDialog meal={meal} onClose={() => setHours(false)} />}
    </main>
  );
}

/** The same plan by dish, or by place. */
function Layout(props: { byPlace: boolean; onChange: (byPlace: boolean) => void }) {
  const t = useWords();
  return (
    <div role="group" aria-label={t('weave.view')} className="ml-auto flex gap-1">
      {([false, true] as const).map((place) => (
        <button
          key={String(place)}
          type="button"
          aria-pressed={props.byPlace === place}
          {...(place === props.byPlace ? {} : { 'data-key': 'p' })}
          className={`min-h-[36px] rounded-lg px-3 text-sm ${props.byPlace === place ? 'bg-ink text-ground' : 'hover:bg-soft'}`}
          onClick={() => props.onChange(place)}
        >
          {t(place ? 'weave.byPlace' : 'weave.byDish')}
        </button>
      ))}
    </div>
  );
}

function Head({ meal, plan, children }: { meal: Meal; plan: Plan; children: ReactNode }) {
  const t = useWords();
  const lastHour = handsBetween(jobsOf(plan), plan.servingMin - 60, plan.servingMin);
  const { heads } = companyOf(meal.eaters);
  return (
    <header className="mb-3 flex flex-wrap items-baseline gap-x-5 gap-y-1">
      <h1 className="text-[26px]">{meal.title}</h1>
      <span className="text-muted">{t('weave.nine', { count: heads })}</span>
      {plan.firstJobMin !== undefined && (
        <span className="font-semibold">
          {t('meals.firstAt', {
            at: showTime(plan.firstJobMin, plan.zone, meal.kitchen.clock, plan.servingMin),
          })}
        </span>
      )}
      {plan.status === 'cannot' ? (
        <span className="font-semibold text-clash md:hidden">{t('weave.cannotBrief')}</span>
      ) : (
        <span className="md:hidden">
          {t('weave.chance', { chance: Math.round(plan.onTime * 100) })}
        </span>
      )}
      <span className="text-muted">{t('weave.lastHour', { span: showMinutes(lastHour) })}</span>
      {children}
    </header>
  );
}
