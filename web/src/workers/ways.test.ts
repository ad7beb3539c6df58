import { emptyMeal, plan, type Plan } from '@zemrin/core';
import { expect, it } from 'vitest';
import { withWaysOf } from './ways.ts';

it('keeps of the ways of a moment ago those that would still be surer', () => {
  const meal = emptyMeal('m', 'Supper', '2026-12-12T19:00', 'UTC', 'Kitchen');
  const made = plan(meal, meal.kitchen, Date.parse('2026-12-12T08:00:00Z') / 60_000);
  const way = (onTime: number): Plan['surer'][number] => ({
    text: { key: 'rescue.dayBefore', values: { label: 'Mix' } },
    changes: [],
    onTime,
  });
  const before = { ...made, surer: [way(0.73), way(0.9)] };
  const now = { ...made, onTime: 0.78 };
  expect(withWaysOf(before, now).surer.map(({ onTime }) => onTime)).toEqual([0.9]);
  expect(withWaysOf(before, now)).toMatchObject({ onTime: 0.78, rescues: before.rescues });
});
