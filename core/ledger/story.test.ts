import { describe, expect, it } from 'vitest';
import { mannerOf, mealOf, type Meal } from '../index.ts';
import { plan } from '../plan/index.ts';
import { at as atLocal } from '../test/meals.ts';
import {
  at,
  board,
  counter,
  food,
  fridge,
  H,
  marinade,
  one,
  step,
  until,
} from '../test/ledger-cases/case.ts';
import { atMoment, sayStory, tracesAt } from './story.ts';

const NOW = atLocal('2026-11-01T08:00');
const read = (file: unknown): Meal => mealOf(file, NOW);
const planOf = (meal: Meal) => plan(meal, meal.kitchen, NOW, { work: 200, rescues: false });

const lamb = read(
  one({
    foods: [food('lamb', 'lamb-leg-bone-in', 2000)],
    steps: [
      step('chill', fridge, 10 * H),
      step('temper', counter, 40),
      until('roast', at('oven', 180), 'lamb', 65),
      step('rest', board, 20),
    ],
  }),
);

describe('the story of a tool', () => {
  const cutUp = (wash: boolean) =>
    read(
      one({
        foods: [food('pork', 'pork-shoulder-boneless', 1500)],
        steps: [
          step('slice', board, 15, { label: 'Cut the pork up', vessel: { one: 'tray' } }),
          ...(wash ? [step('prepare', board, 5, { label: 'Wash the board', washes: true })] : []),
          step('braise', at('oven', 150), 3 * H),
          step('shred', board, 10),
        ],
      }),
    );
  const tracesBefore = (meal: Meal, verb: string) => {
    const made = planOf(meal);
    const at = made.steps.find((one) => one.verb === verb)?.startMin ?? NaN;
    return tracesAt(made.tools, made.stories, at - 1);
  };

  it('says what raw food lay on the board and in a vessel until it is washed', () => {
    const traces = tracesBefore(cutUp(false), 'shred');
    expect(traces.map(({ id, foods }) => [id, foods])).toEqual([
      ['board', ['pork']],
      ['tray', ['pork']],
    ]);
    expect(tracesBefore(cutUp(true), 'shred').map(({ id }) => id)).toEqual(['tray']);
    expect(tracesBefore(cutUp(false), 'slice')).toEqual([]);
  });
});

describe('the rules on vessels', () => {
  const inTub = (label: string, foods: readonly string[], more: object = {}) =>
    step('prepare', board, 10, { label, foods, vessel: { one: 'tub' }, ...more });
  const toldOf = (...steps: ReturnType<typeof inTub>[]) => {
    const meal = read(
      one({
        readyWithinMin: 15,
        foods: [food('bird', 'chicken-thigh-bone-in', 1200), food('roots', 'potatoes', 800)],
        steps: [
          step('marinate', fridge, 4 * H, { foods: ['bird'], vessel: { one: 'tub' } }),
          ...steps,
        ],
      }),
    );
    return planOf(meal)
      .findings.filter(({ rule }) => rule === 'sameVessel')
      .map(({ level }) => level);
  };
  const roast = until('roast', at('oven', 200), 'bird', 80, { foods: ['bird', 'roots'] });

  it('mind nothing that goes over the fire with the raw food it lies with', () => {
    expect(toldOf(inTub('Toss both', ['bird', 'roots']), roast)).toEqual([]);
  });

  it('tell the gravest, not the first', () => {
    const back = inTub('Back into the tub', ['bird']);
    expect(toldOf(inTub('Toss the roots', ['roots']), roast, back)).toEqual(['stop']);
  });
});

describe('the story of a food', () => {
  it('counts a wrapped joint on the counter by its own warmth, not by the room’s', () => {
    const rested = read(
      one({
        readyWithinMin: 15,
        foods: [food('pork', 'pork-shoulder-boneless', 3000)],
        steps: [
          until('roast', at('oven', 150), 'pork', 92),
          step('rest', counter, 2.5 * H),
          step('shred', board, 10),
        ],
      }),
    );
    const rest = planOf(rested).stories[0]?.spans.find(({ verb }) => verb === 'rest');
    expect(rest?.growthMin).toBeLessThan(2.5 * H);
  });

  it('counts what heat kills, fire and rest together, and never less than before', () => {
    const logs = planOf(lamb).stories[0]?.spans.flatMap((span) => span.logs ?? []) ?? [];
    expect(logs.length).toBeGreaterThan(1);
    expect(logs).toEqual([...logs].sort((a, b) => a - b));
    // 65 °C and its rest: more than the 6.5 powers of ten of the printed tables.
    expect(logs.at(-1)).toBeGreaterThan(6.5);
  });

  it('runs from its first step to the serving time, span by span without a gap', () => {
    const made = planOf(lamb);
    const spans = made.stories[0]?.spans ?? [];
    expect(spans[0]?.fromMin).toBe(made.steps.find(({ verb }) => verb === 'chill')?.startMin);
    expect(spans.at(-1)?.toMin).toBe(made.servingMin);
    spans.slice(1).forEach((span, i) => {
      expect(span.fromMin).toBe(spans[i]?.toMin);
      expect(span.coreC[0]).toBe(spans[i]?.coreC[1]);
      expect(span.surfaceC[0]).toBe(spans[i]?.surfaceC[1]);
    });
  });

  it('is raw until a fire has cooked it through', () => {
    const states = planOf(lamb).stories[0]?.spans.map(({ verb, state }) => [verb, state]);
    expect(states).toContainEqual(['roast', 'raw']);
    expect(states).toContainEqual(['rest', 'cooked']);
  });

  it('is told in a line, up to the step it is about', () => {
    const made = planOf(lamb);
    const manner = mannerOf(lamb, made.servingMin);
    const told = sayStory(made.stories, { dish: 'dish', food: 'lamb', step: 'dish-1' }, manner);
    expect(told).toMatch(/^lamb: fridge 4° since .*, counter 20° for 40 min$/);
    expect(sayStory(made.stories, { dish: 'dish' }, manner)).toBe('');
  });

  it('says of a moment where the food stands, how warm, and since when', () => {
    const made = planOf(lamb);
    const temper = made.steps.find(({ verb }) => verb === 'temper');
    if (!temper) throw new Error('There is no such step.');
    const [there] = atMoment(made.stories, temper.startMin + 15);
    expect(there).toMatchObject({ name: 'lamb', state: 'raw', sinceMin: temper.startMin });
    expect(there?.span.place).toBe('counter');
    expect(atMoment(made.stories, (made.steps[0]?.startMin ?? 0) - 60)).toEqual([]);
  });

  it('is taken out of its soak where what follows comes hours later', () => {
    const file = (leastMin: number) =>
      read(
        one({
          foods: [food('chicken', 'chicken-breast', 900)],
          mixtures: [marinade('lemon', ['chicken'])],
          steps: [
            step('marinate', fridge, 2 * H, { mixtures: ['lemon'] }),
            until('grill', at('grill', 220), 'chicken', 76, {
              after: [{ step: 'dish-0', leastMin, mostMin: 3 * 24 * H }],
            }),
          ],
        }),
      );
    const soaked = (meal: Meal) =>
      (planOf(meal).stories[0]?.spans ?? [])
        .filter(({ soaks }) => soaks === 'marinade')
        .reduce((sum, { fromMin, toMin }) => sum + toMin - fromMin, 0);
    expect(soaked(file(0))).toBeLessThanOrEqual(2 * H + 5);
    expect(soaked(file(10 * H))).toBeLessThanOrEqual(2 * H + 5);
  });
});
