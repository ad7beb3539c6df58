import { describe, expect, it } from 'vitest';
import {
  applyCommand,
  batchOf,
  PATTERNS,
  patternDish,
  plan,
  practicesAsked,
  PRACTICES,
  type Meal,
} from '../index.ts';
import { mealOfPattern, NOW } from '../test/pattern-meal.ts';

/** What a cook sees of a dish: its steps as planned, what is said at them, and what is mixed. */
function seen(meal: Meal) {
  const made = plan(meal, meal.kitchen, NOW, { rescues: false, work: 200 });
  const [dish] = meal.dishes;
  if (!dish) throw new Error('no dish');
  return JSON.stringify({
    steps: made.steps.map(({ label, startMin, endMin, cautions }) => ({
      label,
      length: endMin - startMin,
      cautions: cautions.map(({ message }) => message),
    })),
    findings: made.findings.map(({ message }) => message),
    batches: dish.mixtures.map((mixture) => {
      const { lines, window, notes, warnings } = batchOf(meal, dish, mixture);
      return {
        lines: lines.map(({ name, grams, atEnd }) => [name, grams, atEnd]),
        window,
        notes,
        warnings,
      };
    }),
  });
}

const asked = PATTERNS.flatMap((pattern) =>
  practicesAsked(pattern, patternDish(pattern, {}, new Set())).flatMap((school) =>
    PRACTICES[school].slice(1).map((answer) => [pattern.id, school, answer] as const),
  ),
);

describe('where cooks disagree', () => {
  it.each(asked)('%s: %s, %s changes something one can see', (id, school, answer) => {
    const pattern = PATTERNS.find((one) => one.id === id);
    if (!pattern) throw new Error(id);
    const usual = mealOfPattern(pattern);
    const [dish] = usual.dishes;
    if (!dish) throw new Error(id);
    const other = applyCommand(usual, { do: 'setSchool', school, to: answer, dish: dish.id });
    expect(seen(other)).not.toBe(seen(usual));
  });
});
