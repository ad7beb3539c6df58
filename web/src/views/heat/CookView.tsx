import {
  aboutMinutes,
  checkedByOf,
  changedCook,
  CHANGES,
  changesOf,
  cookedMinutes,
  lastOnFire,
  leastCoreC,
  safetyOfCook,
  showMinutes,
  shownCook,
  stallOf,
  type Change,
  type Cook,
  type Cut,
  type Dish,
  type Food,
  type Kitchen,
  type Meal,
  type Reached,
} from '@zemrin/core';
import { useCallback, useMemo, useState, type ReactNode } from 'react';
import { unbroken } from '../../words/unbroken.ts';
import { useWords } from '../../words/words.ts';
import { Curve } from './Curve.tsx';
import { Facts } from './Facts.tsx';
import { Inside } from './Inside.tsx';
import { Numbers } from './Numbers.tsx';
import { Quicker } from './Quicker.tsx';
import { Section } from './Section.tsx';
import { Sentences } from './Sentences.tsx';
import { Sliders } from './Sliders.tsx';
import { Stages } from './Stages.tsx';
import { useDraft, type Thought } from './useDraft.ts';
import { useStudy } from './useStudy.ts';

interface CookViewProps {
  readonly meal: Meal;
  readonly dish: Dish;
  readonly food: Food;
  /** Above the name: the way to other foods. */
  readonly children: ReactNode;
}

/** One food of a plan on its fires. */
export function CookView({ meal, dish, food, children }: CookViewProps) {
  const t = useWords();
  const draft = useDraft(meal, dish, food);
  const changes = useCallback(
    (cut: Cut, cook: Cook) => changesOf(meal, dish, food, cut, cook),
    [meal, dish, food],
  );
  if (!draft) return null;
  return (
    <CookThought
      draft={draft}
      title={food.name}
      of={dish.name}
      units={meal.kitchen.units}
      changes={changes}
      onUse={() => draft.use((stage) => t(`cooker.${stage.cooker}`))}
    >
      {children}
    </CookThought>
  );
}

interface ThoughtProps {
  readonly draft: Thought;
  readonly title: string;
  readonly of: string;
  readonly units: Kitchen['units'];
  /** What heat does to it along the cook; the same function while nothing else changes. */
  readonly changes: (cut: Cut, cook: Cook) => Reached[];
  /** Left out where it is in no plan. */
  readonly onUse?: () => void;
  /** Above the name: the way to other foods. */
  readonly children: ReactNode;
}

/** Nothing is asked of it, so nothing of it is reached. */
const NO_SHARES: readonly number[] = [];

/** A cook being thought about: sentence, section, curve, sliders, and what it comes to. */
export function CookThought(props: ThoughtProps) {
  const t = useWords();
  const { draft, units, changes } = props;
  const spec = draft.cook;
  const cook = useMemo(() => shownCook(spec), [spec]);
  const studied = useStudy(spec);
  const [moment, setMoment] = useState<number>();
  const [beside, setBeside] = useState<Change>();
  const other = useMemo(() => {
    const changed = beside && changedCook(spec, beside);
    return changed && { change: beside, spec: changed, cook: shownCook(changed) };
  }, [spec, beside]);
  const { cut } = spec.piece;
  const safeC = leastCoreC(cut);
  // Of what needs no such heat, nothing is told.
  const safe = useMemo(
    () => (safeC === undefined ? undefined : safetyOfCook(spec, cook)),
    [safeC, spec, cook],
  );
  const shares = safe?.shares ?? NO_SHARES;
  const inside = useMemo(() => changes(cut, cook), [changes, cut, cook]);
  const pull = cook.stages[lastOnFire(spec)];
  const stall = pull && stallOf(cook, pull.coreC);
  const likely = cookedMinutes(spec, cook);
  const known = checkedByOf(spec);
  const possible = CHANGES.filter((change) => changedCook(spec, change) !== undefined);
  return (
    <>
      <section className="min-w-0 grow px-4 pb-4 md:px-6">
        {props.children}
        <header className="mt-1 flex flex-wrap items-baseline gap-x-3">
          <h1 className="text-[25px] first-letter:uppercase">{props.title}</h1>
          <p className="text-muted">{props.of}</p>
        </header>
        <Takes cook={cook} likely={likely} stall={stall} studied={studied} />
        <div className="grid gap-4 md:grid-cols-[200px_1fr]">
          <Section spec={spec} cook={cook} moment={moment} onMoment={setMoment} units={units} />
          <Curve
            spec={spec}
            cook={cook}
            band={studied.ensemble}
            other={other?.cook}
            safeC={safeC}
            shares={shares}
            enoughAtMin={safe?.enoughAtMin}
            stall={stall}
            moment={moment}
            onMoment={setMoment}
          />
        </div>
        <Sliders draft={draft} units={units} />
        <Sentences whatIfs={studied.study?.whatIfs ?? []} />
        <Quicker spec={spec} />
        <Stages draft={draft} />
        <Inside changes={inside} units={units} />
        <Numbers cook={cook} band={studied.ensemble} shares={shares} units={units} />
        <p className="mt-3 text-sm text-muted">
          {[
            t(`heat.checkedBy.fire.${known.fire}`),
            t(`heat.checkedBy.cut.${known.cut}`),
            t(`heat.checkedBy.thickness.${known.thickness}`),
          ].join(' ')}
        </p>
      </section>
      <Facts
        spec={spec}
        cook={cook}
        safe={safe}
        after={studied.study?.after}
        likely={likely}
        other={other}
        possible={possible}
        onBeside={setBeside}
        units={units}
        changed={draft.changed}
        onUse={props.onUse}
        onReset={draft.reset}
      />
    </>
  );
}

interface TakesProps {
  readonly cook: ReturnType<typeof shownCook>;
  readonly likely: number;
  readonly stall: ReturnType<typeof stallOf> | undefined;
  readonly studied: ReturnType<typeof useStudy>;
}

/** How long it takes, said in a sentence, and how far the reckoning is. */
function Takes({ cook, likely, stall, studied }: TakesProps) {
  const t = useWords();
  const minutes = studied.ensemble?.minutes;
  const time = (value: number) => unbroken(showMinutes(aboutMinutes(value)));
  return (
    <p className="mt-1 min-h-[2.8em] text-[17px]" aria-live="polite">
      {cook.stages.some(({ reached }) => !reached)
        ? t('heat.never')
        : minutes
          ? t('heat.takes', {
              likely: time(likely),
              least: time(minutes.least),
              most: time(minutes.most),
            })
          : t('heat.takesLikely', { likely: time(likely) })}{' '}
      {stall && t('heat.stall', { tempC: Math.round(stall.coreC) })}{' '}
      {studied.progress !== undefined && (
        <span className="text-sm text-muted">
          {t('heat.reckoning', { share: Math.round(studied.progress * 100) })}{' '}
          <button type="button" className="underline" onClick={studied.stop}>
            {t('heat.stop')}
          </button>
        </span>
      )}
    </p>
  );
}
