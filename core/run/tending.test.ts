import { describe, expect, it } from 'vitest';
import {
  beginRun,
  callsOfRun,
  eventsOf,
  foldRun,
  mealOf,
  PATTERNS,
  planOn,
  type Deed,
} from '../index.ts';
import { mealOfPattern, NOW } from '../test/pattern-meal.ts';

const pattern = PATTERNS.find(({ id }) => id === 'slow-cooker-joint');
if (!pattern) throw new Error('the book has changed');
const meal = mealOf(JSON.parse(JSON.stringify(mealOfPattern(pattern))), NOW);
const [cut, cook] = meal.dishes[0]?.steps.map(({ id }) => id) ?? [];
const begunMin = NOW + 20;

/** What wants looking after next, minutes from when the joint went in, after these deeds. */
function tends(afterMin: number, ...tendedMin: number[]) {
  const at = (deed: Deed, atMin: number) => eventsOf([deed], [], { by: 'a', atMin });
  const events = [
    ...at({ did: 'done', step: cut ?? '' }, begunMin - 1),
    ...at({ did: 'started', step: cook ?? '' }, begunMin),
    ...tendedMin.flatMap((minute) => at({ did: 'tended', step: cook ?? '' }, begunMin + minute)),
  ].map((event, i) => ({ ...event, id: `e${i}` }));
  const state = foldRun({ ...beginRun(meal, 'r', NOW), events });
  const { plan, due } = planOn(state, begunMin + afterMin);
  return callsOfRun(state, plan, due)
    .filter(({ kind }) => kind === 'tend')
    .map(({ what, atMin }) => [what.split(/[: ]/)[0], atMin - begunMin]);
}

describe('what wants looking after in two ways', () => {
  it('comes each at its own first time, whatever was done before', () => {
    const fresh = new Map(tends(5).map(([what, minute]) => [what, minute]));
    expect(fresh.get('Turn')).toBe(135);
    expect(fresh.get('Try')).toBe(240);
    // Turned at two hours and a quarter, it is not tried half an hour later.
    expect(tends(140, 136)).toEqual([['Try', 240]]);
    expect(tends(245, 136, 241)).toEqual([['Try', 271]]);
  });
});
