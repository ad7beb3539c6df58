import { describe, expect, it } from 'vitest';
import {
  applyCommand,
  epochMinOf,
  eventsOf,
  foldRun,
  PATTERNS,
  plan,
  proposalsOf,
  rehearse,
  type Meal,
  type Pattern,
  type Rehearsal,
  type Run,
} from '../index.ts';
import { mealOfPattern, NOW, SERVING, ZONE } from '../test/pattern-meal.ts';

/** Each chain is rehearsed once, and asked for everything. */
const rehearsed = new Map<Pattern, { readonly meal: Meal; readonly of: Rehearsal }>();

function rehearsalOf(pattern: Pattern) {
  const known = rehearsed.get(pattern);
  if (known) return known;
  const meal = mealOfPattern(pattern);
  const { firstJobMin = NOW } = plan(meal, meal.kitchen, NOW, { rescues: false });
  const of = rehearse(meal, { nowMin: Math.max(NOW, firstJobMin - 3), seed: 11 });
  rehearsed.set(pattern, { meal, of });
  return { meal, of };
}

/** The run with a word about one of its steps, said when all was over. */
function noted(run: Run, text: string, dish: string, step: string): Run {
  const atMin = run.events.at(-1)?.atMin ?? NOW;
  const said = eventsOf([{ did: 'noted', text, dish, step }], run.events, { by: 'a', atMin });
  return { ...run, events: [...run.events, ...said] };
}

describe.each(PATTERNS.map((pattern) => [pattern.id, pattern] as const))(
  'the chain of the book “%s”',
  (_id, pattern) => {
    it('can be cooked as it is called', () => {
      const { run, servedMin = Infinity, wantedMin, stops } = rehearsalOf(pattern).of;
      const of = (did: string) =>
        new Set(run.events.flatMap((one) => (one.did === did && 'step' in one ? [one.step] : [])));
      // What was done early may have been kept hot: a step the run added.
      const steps = foldRun(run).meal.dishes.flatMap((dish) => dish.steps.map(({ id }) => id));
      expect(stops).toEqual([]);
      expect([...of('done')].sort()).toEqual([...steps].sort());
      // Of one dish the food decides: it is told later where it is, and then it is so.
      expect(servedMin - wantedMin).toBeLessThanOrEqual(5);
      expect(wantedMin - epochMinOf(SERVING, ZONE)).toBeLessThanOrEqual(30);
    });

    it('has what went wrong proposed the next time', () => {
      const { meal, of } = rehearsalOf(pattern);
      const [dish] = meal.dishes;
      const step = dish?.steps.find(
        ({ time, verb }) =>
          time.kind !== 'soak' && time.kind !== 'elastic' && verb !== 'preheat' && verb !== 'light',
      );
      if (!dish || !step) throw new Error('nothing to go wrong');
      const run = noted(of.run, 'needed 12 minutes more', dish.id, step.id);
      const words = proposalsOf(run, meal).filter(({ because }) => because.words !== undefined);
      expect(words.map((one) => one.dish)).toEqual([dish.id]);
      const taken = words.flatMap(({ commands }) => commands).reduce(applyCommand, meal);
      expect(taken).not.toEqual(meal);
    });
  },
);
