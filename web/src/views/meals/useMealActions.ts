import { emptyMeal, freshId, kitchenFrom, localOf, type Meal, type Merge } from '@zemrin/core';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { notify } from '../../notices/notify.ts';
import { nowMinute } from '../../store/clock.ts';
import { uniqueId } from '../../store/ids.ts';
import { added, deleted, imported, undone } from '../../store/library.ts';
import { own } from '../../store/own.ts';
import { useAppDispatch, useAppSelector } from '../../store/store.ts';
import { useWords } from '../../words/words.ts';

const DAY = 1440;
/** The example that was cooked before. */
const DEMO_COOKED = 'first-frost-supper';

/** What came of a file: what is wrong with it, or meals to be asked about. */
export interface Import {
  readonly problems: readonly string[];
  readonly ask: readonly Meal[];
}

/** The kitchen of the last meal of which the cook has said what stands there. @param today its date */
function ownKitchen(meals: readonly Meal[], today: string): Partial<Pick<Meal, 'kitchen'>> {
  const asked = meals.filter(({ kitchen }) => kitchen.asked === true);
  const last = asked.reduce<Meal | undefined>(
    (latest, meal) => (latest && latest.serving.at >= meal.serving.at ? latest : meal),
    undefined,
  );
  return last ? { kitchen: kitchenFrom(last.kitchen, today) } : {};
}

/** What can be done with whole meals. Every one of them can be undone. */
export function useMealActions() {
  const t = useWords();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const meals = useAppSelector((state) => state.library.meals);
  const { patterns } = useAppSelector((state) => state.ownPatterns);
  return useMemo(() => {
    const ids = new Set(Object.keys(meals));
    /** Under its own id where nothing else has it; what is begun here gets one nobody else has. */
    const keep = (meal: Meal, id = freshId(meal.id, ids)): Meal => {
      const kept = { ...meal, id };
      dispatch(added(kept));
      return kept;
    };
    const open = (meal: Meal) => void navigate(`/meal/${meal.id}/table`);
    return {
      keep,
      create() {
        const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
        const dateIn = (minutes: number) => localOf(nowMinute() + minutes, zone).slice(0, 10);
        const title = t('meals.untitled');
        const meal = emptyMeal('meal', title, `${dateIn(DAY)}T19:00`, zone, t('meals.kitchen'));
        open(keep({ ...meal, ...ownKitchen(Object.values(meals), dateIn(0)) }, uniqueId('meal')));
      },
      takeDemo(meal: Meal) {
        // The supper of the examples was cooked before: what it asks for next time comes with it.
        if (meal.id === DEMO_COOKED)
          void import('./demoRuns.ts').then((demo) => demo.takeDemoRuns());
        void navigate(`/meal/${keep(meal).id}/weave`);
      },
      async duplicate(meal: Meal) {
        const { copyOfMeal } = await import('./copyOfMeal.ts');
        const title = t('meals.copyOf', { title: meal.title });
        keep(copyOfMeal(meal, title, nowMinute()), uniqueId(title));
      },
      remove(meal: Meal) {
        dispatch(deleted({ meal: meal.id, nowMin: nowMinute() }));
        notify(t('meals.deleted', { title: meal.title }), {
          action: { label: t('app.undo'), onClick: () => dispatch(undone()) },
        });
      },
      restore(meal: Meal) {
        dispatch(added(meal));
      },
      async exportFile(meal: Meal) {
        const { exportMeal } = await import('./exportMeals.ts');
        exportMeal(meal);
      },
      /** A link that carries the whole meal, for a device without a network to this one. */
      async copyLink(meal: Meal) {
        const { linkMeal } = await import('./exportMeals.ts');
        await linkMeal(meal, t('meals.linkCopied'));
      },
      async exportAll() {
        const { exportLibrary } = await import('./exportMeals.ts');
        await exportLibrary(Object.values(meals), patterns);
      },
      /** Takes meals in as the cook chose; all are undone together. */
      take(taken: ReadonlyArray<{ readonly meal: Meal; readonly how: Merge }>) {
        const meals = taken.flatMap(({ meal, how }): Meal[] => {
          if (how === 'leave') return [];
          notify(t('meals.imported', { title: meal.title }));
          if (how === 'replace') return [meal];
          const id = freshId(meal.id, ids);
          ids.add(id);
          return [{ ...meal, id }];
        });
        dispatch(imported({ meals, gesture: uniqueId('import') }));
      },
      /** Reads a file. One new meal comes in at once; anything else is asked about first. */
      async importText(text: string): Promise<Import> {
        const { readFile } = await import('./readFile.ts');
        const read = readFile(text, nowMinute());
        if (read === 'run') return { problems: [], ask: [] };
        if (!read.ok) return { problems: read.problems, ask: [] };
        const { bundle } = read;
        if (bundle.kind === 'dish' || bundle.kind === 'kitchen') {
          const where = t(bundle.kind === 'dish' ? 'nav.dishes' : 'nav.kitchen');
          return { problems: [t('meals.notMeal', { kind: bundle.kind, where })], ask: [] };
        }
        if (bundle.kind === 'library' && bundle.patterns.length > 0) {
          const { takePatterns } = await import('../../store/keep-pattern.ts');
          const count = await takePatterns(dispatch, bundle.patterns);
          notify(t('meals.patternsTaken', { count }));
        }
        const [only] = bundle.meals;
        if (bundle.meals.length !== 1 || !only || own(meals, only.id)) {
          return { problems: [], ask: bundle.meals };
        }
        const meal = keep(only);
        notify(t('meals.imported', { title: meal.title }));
        return { problems: [], ask: [] };
      },
    };
  }, [meals, patterns, dispatch, navigate, t]);
}
