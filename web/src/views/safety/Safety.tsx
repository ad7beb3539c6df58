import { keepingTable, RULES, showTime, type Meal, type Plan } from '@zemrin/core';
import { Printer } from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import { Story, StopCard } from '../../safety/StopCard.tsx';
import { useMeal, usePlan } from '../../store/hooks.ts';
import { useManner } from '../../store/manner.ts';
import { NoMeal } from '../../ui/NoMeal.tsx';
import { safety } from '../../words/en/safety.ts';
import { learn, useWords } from '../../words/words.ts';

learn(safety);

/** What to mind, in the order of the day; what the plan breaks; and every rule with its source. */
export default function Safety() {
  const t = useWords();
  const meal = useMeal();
  const plan = usePlan(meal?.id);
  if (!meal) return <NoMeal />;
  return (
    <main className="mx-auto max-w-[820px] px-4 py-5 md:px-6">
      <header className="flex flex-wrap items-start gap-3">
        <div className="mr-auto">
          <h1 className="text-[25px]">{t('safety.title')}</h1>
          <p className="text-muted">{meal.title}</p>
        </div>
        <button type="button" className="btn print:hidden" onClick={() => window.print()}>
          <Printer size={16} aria-hidden="true" />
          {t('safety.print')}
        </button>
      </header>
      <p className="mt-3 font-semibold">{t('safety.first')}</p>
      <p className="text-sm text-muted">{t('safety.memory')}</p>
      {plan ? <Sheet meal={meal} plan={plan} /> : <p className="mt-4">{t('safety.noPlan')}</p>}
      <Rules meal={meal} plan={plan} />
      <Keeps meal={meal} plan={plan} />
    </main>
  );
}

function Sheet({ meal, plan }: { meal: Meal; plan: Plan }) {
  const t = useWords();
  const navigate = useNavigate();
  const { sayIt } = useManner(meal, plan);
  const stops = plan.findings.filter(({ level }) => level === 'stop');
  const cautioned = plan.findings.filter(
    ({ level, step }) => level === 'caution' && step === undefined,
  );
  const notes = [...cautioned, ...plan.findings.filter(({ level }) => level === 'note')];
  const stopped = new Set(stops.map(({ message }) => message.key));
  const time = (min: number) => showTime(min, plan.zone, meal.kitchen.clock, plan.servingMin);
  const minded = [...plan.steps]
    .sort((a, b) => a.startMin - b.startMin)
    .map((step) => ({
      step,
      cautions: step.cautions.filter(({ message }) => !stopped.has(message.key)),
    }))
    .filter(({ cautions }) => cautions.length > 0);
  return (
    <>
      <h2 className="mt-6 text-lg">{t('safety.broken')}</h2>
      {stops.length === 0 && <p className="mt-1">{t('safety.noneBroken')}</p>}
      {stops.map((finding) => (
        <StopCard
          key={`${finding.rule} ${finding.step ?? finding.dish}`}
          meal={meal}
          plan={plan}
          finding={finding}
          onChoose={(step) => void navigate(`/meal/${meal.id}/weave/${step}`)}
        />
      ))}
      <h2 className="mt-6 text-lg">{t('safety.day')}</h2>
      <ol className="mt-1">
        {minded.map(({ step, cautions }) => (
          <li key={step.id} className="break-inside-avoid border-b border-line py-2">
            <p className="font-semibold">
              <Link className="hover:underline" to={`/meal/${meal.id}/weave/${step.id}`}>
                {t('safety.at', { at: time(step.startMin), label: step.label })}
              </Link>{' '}
              <span className="font-normal text-muted">{step.dishName}</span>
            </p>
            {cautions.map((caution) => (
              <div key={caution.message.key}>
                <p>{sayIt(caution.message)}</p>
                {plan.findings
                  .filter((one) => one.step === step.id && one.message.key === caution.message.key)
                  .map((finding) => (
                    <Story key={finding.rule} meal={meal} plan={plan} finding={finding} />
                  ))}
              </div>
            ))}
          </li>
        ))}
      </ol>
      {notes.length > 0 && <h2 className="mt-6 text-lg">{t('safety.afterMeal')}</h2>}
      {notes.map((finding) => (
        <p
          key={`${finding.rule} ${finding.dish} ${finding.step ?? ''} ${sayIt(finding.message)}`}
          className="mt-1"
        >
          {sayIt(finding.message)}
        </p>
      ))}
    </>
  );
}

/** Every rule, and what it is based on. */
function Rules({ meal, plan }: { meal: Meal; plan: Plan | undefined }) {
  const t = useWords();
  const { sayIt } = useManner(meal, plan);
  return (
    <>
      <h2 className="mt-6 text-lg">{t('safety.rules')}</h2>
      <ul className="mt-1">
        {RULES.map(({ id, title, source, figures }) => {
          const said =
            plan?.findings.filter(({ rule, level }) => rule === id && level !== 'note') ?? [];
          return (
            <li key={id} className="break-inside-avoid border-b border-line py-2">
              <p className="font-semibold">{sayIt({ key: title })}</p>
              <p>{sayIt(figures)}</p>
              <p className="text-sm text-muted">
                {t('safety.source', { source: sayIt({ key: source }) })}
              </p>
              {said.length > 0 &&
                said.map((finding) => (
                  <p key={finding.step ?? finding.dish}>{sayIt(finding.message)}</p>
                ))}
            </li>
          );
        })}
      </ul>
    </>
  );
}

/** How long food keeps cold and frozen, as the chart has it. */
function Keeps({ meal, plan }: { meal: Meal; plan: Plan | undefined }) {
  const t = useWords();
  const { sayIt } = useManner(meal, plan);
  return (
    <section className="mt-6 break-inside-avoid">
      <h2 className="text-lg">{t('safety.keeps')}</h2>
      <p className="text-sm text-muted">
        {t('safety.source', { source: sayIt({ key: 'source.storage' }) })}
      </p>
      <table className="mt-2 w-full max-w-[560px] text-[15px]">
        <thead className="text-left text-sm text-muted">
          <tr>
            <th className="py-1 font-normal">{t('safety.keepsWhat')}</th>
            <th className="py-1 font-normal">{t('safety.keepsFridge')}</th>
            <th className="py-1 font-normal">{t('safety.keepsFreezer')}</th>
          </tr>
        </thead>
        <tbody>
          {keepingTable().map(({ kept, days, months }) => (
            <tr key={kept} className="border-t border-line">
              <td className="py-1 pr-3">{sayIt({ key: `keeps.${kept}` })}</td>
              <td className="time py-1 pr-3">{days}</td>
              <td className="time py-1">{months ?? t('safety.keepsNot')}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
