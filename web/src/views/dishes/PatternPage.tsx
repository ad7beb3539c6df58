import {
  CUTS,
  isShellEgg,
  leastCoreC,
  patternDish,
  readWeight,
  practicesAsked,
  practicesOf,
  showTemperature,
  takenIds,
  usualChoices,
  type Meal,
  type Pattern,
  type PracticeName,
  type SomePractices,
} from '@zemrin/core';
import { useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { useEdit } from '../../store/useEdit.ts';
import { useWords } from '../../words/words.ts';
import { MiniChain } from './MiniChain.tsx';
import { SchoolSwitches } from './SchoolSwitches.tsx';
import { saidTime } from './saidTime.ts';

/** A pattern with what it asks before it is a dish: the cut, how much, and how far it goes. */
export function PatternPage({ meal, pattern }: { meal: Meal; pattern: Pattern }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const navigate = useNavigate();
  const usual = usualChoices(pattern);
  const [name, setName] = useState('');
  const [cut, setCut] = useState(usual.cut);
  const [core, setCore] = useState(usual.coreC);
  const [fire, setFire] = useState(pattern.fires?.[0]);
  const [weight, setWeight] = useState('');
  const [own, setOwn] = useState<SomePractices>({});
  const schools = practicesOf({ schools: { ...meal.kitchen.schools, ...own } });
  const setSchools = (school: PracticeName, to: string) => setOwn({ ...own, [school]: to });
  const weightG = weight.trim() === '' ? undefined : readWeight(weight);
  const bad = weight.trim() !== '' && (weightG === undefined || weightG <= 0);
  const cores = pattern.cores(cut);
  const coreC = cores.includes(core) ? core : (cores[0] ?? 0);
  const heads = meal.eaters.reduce((sum, { count }) => sum + count, 0);
  const dish = patternDish(
    pattern,
    {
      cut,
      coreC,
      ...(fire && { fire }),
      name: name.trim() || pattern.name,
      ...(weightG !== undefined && !bad && { weightG }),
    },
    takenIds(meal),
  );
  const asked = practicesAsked(pattern, dish);
  const onSubmit = (event: FormEvent) => {
    event.preventDefault();
    if (bad) return;
    const answered = Object.keys(own).length > 0 ? { schools: own } : {};
    edit({ do: 'putDish', dish: { ...dish, ...answered }, own: [] });
    void navigate(`/meal/${meal.id}/dishes/${dish.id}`);
  };
  const first = CUTS.get(dish.foods[0]?.cut ?? '');
  const least = (first && leastCoreC(first)) ?? 0;
  const inShell = first !== undefined && isShellEgg(first);
  return (
    <form onSubmit={onSubmit} className="max-w-[760px]">
      <h2 className="text-[23px]">{pattern.name}</h2>
      <div className="my-3 overflow-hidden">
        <MiniChain dish={dish} />
      </div>
      <div className="grid gap-4 sm:grid-cols-2">
        <label className="grid content-start gap-1">
          {t('dishes.name')}
          <input
            className="field"
            placeholder={pattern.name}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        {pattern.cuts.length > 1 && (
          <label className="grid content-start gap-1">
            {t(pattern.kind === 'main' ? 'dishes.cut' : 'dishes.which')}
            <select className="field" value={cut} onChange={(event) => setCut(event.target.value)}>
              {pattern.cuts.map((id) => (
                <option key={id} value={id}>
                  {CUTS.get(id)?.name ?? id}
                </option>
              ))}
            </select>
          </label>
        )}
        {dish.foods.length > 0 && (
          <label className="grid content-start gap-1">
            {t('dishes.weight')}
            <input
              className="field"
              inputMode="decimal"
              value={weight}
              aria-invalid={bad}
              aria-describedby="weight-note"
              onChange={(event) => setWeight(event.target.value)}
            />
            <span id="weight-note" className={`text-sm ${bad ? 'text-clash' : 'text-muted'}`}>
              {bad ? t('dishes.badWeight', { text: weight }) : t('dishes.weightUsual', { heads })}
            </span>
          </label>
        )}
        {pattern.fires && fire && (
          <label className="grid content-start gap-1">
            {t('dishes.fire')}
            <select
              className="field"
              value={fire}
              onChange={(event) =>
                setFire(pattern.fires?.find((one) => one === event.target.value))
              }
            >
              {pattern.fires.map((one) => (
                <option key={one} value={one}>
                  {t(`fire.${one}`)}
                </option>
              ))}
            </select>
          </label>
        )}
        {cores.length > 1 && (
          <label className="grid content-start gap-1">
            {t('dishes.core')}
            <select
              className="field"
              value={coreC}
              onChange={(event) => setCore(Number(event.target.value))}
            >
              {cores.map((one) => {
                const temp = showTemperature(one, meal.kitchen.units);
                return (
                  <option key={one} value={one}>
                    {inShell ? `${t(eggWord(one))}, ` : ''}
                    {t(guidanceWord(one, least), { temp })}
                  </option>
                );
              })}
            </select>
          </label>
        )}
      </div>
      <button type="submit" className="btn btn-main mt-4">
        {t('dishes.put')}
      </button>
      {asked.length > 0 && <SchoolSwitches asked={asked} schools={schools} onChoose={setSchools} />}
      <h3 className="mt-5 text-[15px] text-muted">{t('dishes.chain')}</h3>
      <ol className="mt-1">
        {dish.steps.map((step) => (
          <li key={step.id} className="flex flex-wrap gap-x-3 border-b border-line py-1.5">
            <span className="w-full font-semibold sm:w-[230px]">{step.label}</span>
            <span className="text-muted">{saidTime(step, dish, meal.kitchen, t)}</span>
            {step.hands
              .filter(({ when }) => when === 'start' && step.verb === 'light')
              .map(({ what }) => (
                <span key={what} className="basis-full text-sm">
                  {what}.
                </span>
              ))}
          </li>
        ))}
      </ol>
    </form>
  );
}

/** How a core stands to what public guidance asks, to the degree it is written in. */
function guidanceWord(coreC: number, leastC: number) {
  if (coreC < leastC - 0.5) return 'dishes.coreBelow';
  return coreC > leastC + 1 ? 'dishes.coreAbove' : 'dishes.coreGuidance';
}

/** What an egg is like when its yolk meets its white at so much. */
function eggWord(coreC: number) {
  if (coreC >= 75) return 'dishes.eggHard';
  if (coreC >= 68) return 'dishes.eggMedium';
  return coreC >= 65 ? 'dishes.eggJammy' : 'dishes.eggSoft';
}
