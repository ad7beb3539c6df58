import {
  avoidConflicts,
  comesTo,
  CUTS,
  isShellEgg,
  leastCoreC,
  practicesAsked,
  practicesOf,
  sayValue,
  servingMin,
  showAbout,
  showTemperature,
  showWeight,
  splitForEaters,
  type Avoidable,
  type Dish,
  type Meal,
  type Pattern,
  type PracticeName,
  type SomePractices,
} from '@zemrin/core';
import { useMemo, useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { leftOverKey } from '../../learning/useLeftOvers.ts';
import { useNow } from '../../store/hooks.ts';
import { useManner } from '../../store/manner.ts';
import { useEdit } from '../../store/useEdit.ts';
import { Choice } from '../../ui/Choice.tsx';
import { useWords, type Say } from '../../words/words.ts';
import { MiniChain } from './MiniChain.tsx';
import { SchoolSwitches } from './SchoolSwitches.tsx';
import { saidTime } from './saidTime.ts';
import { useChosen } from './useChosen.ts';

/** A pattern with what it asks before it is a dish: the cut, how much, and how far it goes. */
export function PatternPage({ meal, pattern }: { meal: Meal; pattern: Pattern }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const navigate = useNavigate();
  const chosen = useChosen(meal, pattern);
  const [own, setOwn] = useState<SomePractices>({});
  const { dish } = chosen;
  const schools = practicesOf({ schools: { ...meal.kitchen.schools, ...own } });
  const setSchools = (school: PracticeName, to: string) => setOwn({ ...own, [school]: to });
  const asked = practicesAsked(pattern, dish);
  const onSubmit = (event: FormEvent) => {
    event.preventDefault();
    if (chosen.badWeight) return;
    const answered = Object.keys(own).length > 0 ? { schools: own } : {};
    const whole = splitForEaters(meal, dish, nameOfPart(t));
    edit({ do: 'putDish', dish: { ...whole, ...answered }, own: [] });
    void navigate(`/meal/${meal.id}/dishes/${dish.id}`);
  };
  return (
    <form onSubmit={onSubmit} className="max-w-[760px]">
      <h2 className="text-[23px]">{pattern.name}</h2>
      <div className="my-3 overflow-hidden">
        <MiniChain dish={dish} />
      </div>
      <ComesToLine meal={meal} pattern={pattern} chosen={chosen} />
      <Choices meal={meal} pattern={pattern} chosen={chosen} />
      <button type="submit" className="btn btn-main mt-4">
        {t('dishes.put')}
      </button>
      {asked.length > 0 && <SchoolSwitches asked={asked} schools={schools} onChoose={setSchools} />}
      <h3 className="mt-5 text-[15px] text-muted">{t('dishes.chain')}</h3>
      <Steps meal={meal} dish={dish} />
    </form>
  );
}

/** What a part for who avoids something is called. */
const nameOfPart = (t: Say) => (avoids: Avoidable) =>
  t('dishes.without', { avoids: t(`avoid.${avoids}`) });

/** What it will come to: when it begins, how long, how much of it by hand, what is missing. */
function ComesToLine({ meal, pattern, chosen }: ChoicesProps) {
  const t = useWords();
  const { manner } = useManner(meal);
  const nowMin = useNow();
  const { dish, fire } = chosen;
  const { usualMin, leastMin, handsMin, lacks } = useMemo(() => comesTo(meal, dish), [meal, dish]);
  const beginsMin = servingMin(meal) - usualMin;
  const conflicts = avoidConflicts({ ...meal, dishes: [dish] });
  // What a food itself holds cannot be left out of it.
  const split = splitForEaters(meal, dish, nameOfPart(t));
  const stay = avoidConflicts({ ...meal, dishes: [split] });
  const stays = (avoids: string) => stay.some((one) => one.avoids === avoids);
  const [usual] = pattern.fires ?? [];
  return (
    <div className="mb-4 grid gap-1">
      <p>
        {t('dishes.comesTo', {
          length: showAbout(usualMin),
          hands: showAbout(handsMin),
          begins: sayValue({ at: Math.max(beginsMin, nowMin) }, manner),
        })}
      </p>
      {servingMin(meal) - leastMin < nowMin && (
        <p className="font-semibold text-clash">
          {t('dishes.tooLong', { least: showAbout(leastMin) })}
        </p>
      )}
      {lacks.length > 0 && (
        <p className="font-semibold text-clash">
          {t('dishes.lacks', {
            what: lacks.map((place) => sayValue({ place }, manner)).join(', '),
          })}
        </p>
      )}
      {usual !== undefined && fire !== undefined && fire !== usual && lacks.length === 0 && (
        <p className="text-muted">
          {t('dishes.otherFire', { usual: t(`fire.${usual}`), fire: t(`fire.${fire}`) })}
        </p>
      )}
      {conflicts.map(({ avoids, heads, because }) => (
        <p key={avoids} className={stays(avoids) ? 'font-semibold text-clash' : 'text-muted'}>
          {stays(avoids)
            ? t('dishes.keepsOn', { dish: because, avoids: t(`avoid.${avoids}`), heads })
            : t('dishes.apartFor', { avoids: t(`avoid.${avoids}`), heads })}
        </p>
      ))}
    </div>
  );
}

interface ChoicesProps {
  readonly meal: Meal;
  readonly pattern: Pattern;
  readonly chosen: ReturnType<typeof useChosen>;
}

/** The questions, those that have more than one answer. */
function Choices({ meal, pattern, chosen }: ChoicesProps) {
  const t = useWords();
  const { name, cut, fire, weight, badWeight, dish, set } = chosen;
  const heads = meal.eaters.reduce((sum, { count }) => sum + count, 0);
  const { fires } = pattern;
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <label className="grid content-start text-sm">
        <span className="text-muted">{t('dishes.name')}</span>
        <input
          className="field"
          placeholder={pattern.name}
          value={name}
          onChange={(event) => set.name(event.target.value)}
        />
      </label>
      <PartChoice chosen={chosen} />
      {pattern.cuts.length > 1 && !chosen.isThere && (
        <Choice
          label={t(pattern.kind === 'main' ? 'dishes.cut' : 'dishes.which')}
          value={cut}
          options={pattern.cuts.map((id) => [id, CUTS.get(id)?.name ?? id])}
          onChoose={set.cut}
        />
      )}
      {dish.foods.length > 0 && !chosen.isThere && (
        <label className="grid content-start text-sm">
          <span className="text-muted">{t('dishes.weight')}</span>
          <input
            className="field"
            inputMode="decimal"
            value={weight}
            aria-invalid={badWeight}
            aria-describedby="weight-note"
            onChange={(event) => set.weight(event.target.value)}
          />
          <span id="weight-note" className={`text-sm ${badWeight ? 'text-clash' : 'text-muted'}`}>
            {badWeight
              ? t('dishes.badWeight', { text: weight })
              : t('dishes.weightUsual', { heads })}
          </span>
        </label>
      )}
      {fires && fire && (
        <Choice
          label={t('dishes.fire')}
          value={fire}
          options={fires.map((one) => [one, t(`fire.${one}`)])}
          onChoose={set.fire}
        />
      )}
      <CoreChoice meal={meal} chosen={chosen} />
    </div>
  );
}

/** Whether its meat is a part of another dish of this table, is left over, or is bought cooked. */
function PartChoice({ chosen: { from, set } }: Pick<ChoicesProps, 'chosen'>) {
  const t = useWords();
  const { parts, lefts, value } = from;
  if (parts.length + lefts.length === 0) return null;
  return (
    <Choice
      label={t('dishes.meatFrom')}
      value={value}
      options={[
        ...parts.map(
          ({ food, dish }) => [food.id, t('dishes.partOf', { dish: dish.name })] as const,
        ),
        ...lefts.map(
          (one) =>
            [
              leftOverKey(one),
              t(one.frozenMin === undefined ? 'dishes.leftOf' : 'dishes.frozenOf', {
                dish: one.dishName,
                weight: showWeight(one.weightG),
              }),
            ] as const,
        ),
        ['', t('dishes.fromFridge')] as const,
      ]}
      onChoose={set.part}
    />
  );
}

/** How far it goes: each core with how it stands to public guidance. */
function CoreChoice({ meal, chosen }: Omit<ChoicesProps, 'pattern'>) {
  const t = useWords();
  const { cores, coreC, dish, set } = chosen;
  if (cores.length < 2) return null;
  const first = CUTS.get(dish.foods[0]?.cut ?? '');
  const least = (first && leastCoreC(first)) ?? 0;
  const inShell = first !== undefined && isShellEgg(first);
  const said = (one: number) => {
    const temp = showTemperature(one, meal.kitchen.units);
    const guidance = t(guidanceWord(one, least), { temp });
    return inShell ? `${t(eggWord(one))}, ${guidance}` : guidance;
  };
  return (
    <Choice
      label={t('dishes.core')}
      value={String(coreC)}
      options={cores.map((one) => [String(one), said(one)])}
      onChoose={(one) => set.core(Number(one))}
    />
  );
}

/** The chain it would make, each step with how long it takes. */
function Steps({ meal, dish }: { meal: Meal; dish: Dish }) {
  const t = useWords();
  return (
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
