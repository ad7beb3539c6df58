import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import {
  boundaryConditionsOf,
  definePlace,
  emptyMeal,
  EXPORT_FORMATS,
  factorOf,
  moistAirAt,
  patternDish,
  patternNamed,
  plan,
  RULES,
  findingsOf,
  ledgerOf,
  stepTimeNamed,
  stepFactsOf,
  USUAL_CONDITIONS,
  FITTED,
  type BasisDefinition,
  type ExportFormat,
  type Meal,
  type Rule,
  type StepTimeDefinition,
} from './index.ts';

/**
 * One of each thing that comes in kinds, made up and built through the public door, as
 * docs/extending.md tells.
 */

const braised = patternNamed('own-juice-braise');
if (!braised) throw new Error('no pattern');
const meal: Meal = {
  ...emptyMeal('m', 'Trial', '2026-12-05T19:00', 'UTC', 'K'),
  dishes: [patternDish(braised, { name: 'Braise' }, new Set())],
};
const nowMin = Date.UTC(2026, 10, 28) / 60_000;
const made = plan(meal, meal.kitchen, nowMin, { rescues: false });

describe('a cooker of one’s own', () => {
  /** A drum of hot salt: even heat all round, no steam. */
  const saltDrum = definePlace({
    kind: 'salt-drum',
    words: { en: { name: 'salt drum' } },
    room: 'outside',
    workplace: 'fire',
    band: 'strong',
    fire: true,
    appliance: { holds: 'pieces', usualFits: 1, limited: true, oneHeat: true },
    environments: [
      {
        id: 'salt-drum',
        words: { en: 'salt drum' },
        usualC: 180,
        heats: [120, 240],
        cooks: true,
        basis: 'handbook',
        offsetSdC: 12,
        boundary: (airC, { outdoorC }, _fitted, { vapourPa }) => ({
          around: { airC, convection: 60, emissivity: 0, vapourPa: vapourPa(outdoorC, 0.5) },
        }),
        verb: 'bake',
      },
    ],
    environmentOf: () => 'salt-drum',
    readying: { 'salt-drum': [50, 70] },
  });

  it('says all a kitchen, a plan and heat ask of it, in its one file', () => {
    const [environment] = saltDrum.environments;
    const { around } = environment.boundary(200, USUAL_CONDITIONS, FITTED, moistAirAt(0));
    expect(around).toMatchObject({ airC: 200, convection: 60 });
    // Beside it, one that is registered: the same shape from the same door.
    const smoker = boundaryConditionsOf('smoker', 200, undefined, USUAL_CONDITIONS);
    expect(Object.keys(around).sort()).toEqual(Object.keys(smoker.around).sort());
    expect(saltDrum.environmentOf()).toBe(environment.id);
  });
});

describe('a basis of one’s own', () => {
  const schema = z.looseObject({ kind: z.literal('perPiece'), pieceG: z.number().positive() });
  const perPiece: BasisDefinition<typeof schema> = {
    kind: 'perPiece',
    schema,
    words: { en: { name: 'by the piece', onScale: 'by the piece, × {{factor}}' } },
    factor: ({ pieceG }, { foodG }) => Math.ceil(foodG / pieceG),
    begin: () => ({ kind: 'perPiece', pieceG: 250 }),
  };

  it('reckons how much of a mixture there is', () => {
    const facts = {
      foodG: 1100,
      portions: 4,
      recipeG: 90,
      recipeMl: 80,
      dose: 1,
      demandedG: undefined,
      coverMlPerG: 0,
    };
    expect(factorOf(schema.parse(perPiece.begin(1100)), facts, [perPiece])).toBe(5);
    expect(() => factorOf({ kind: 'byTheMoon' }, facts)).toThrow(/in no registry/);
  });
});

describe('a time of one’s own', () => {
  const schema = z.looseObject({ kind: z.literal('perPiece'), food: z.string(), each: z.number() });
  const perPiece: StepTimeDefinition<typeof schema> = {
    kind: 'perPiece',
    schema,
    elastic: false,
    settle: ({ food, each }, { pieces }) => {
      const minutes = each * pieces(food);
      return { duration: { leastMin: minutes, likelyMin: minutes, mostMin: minutes } };
    },
    allowed: ({ food, each }, { pieces }) => [each * pieces(food), each * pieces(food)],
  };

  it('is settled in its meal, and the audit’s bounds hold it', () => {
    const [dish] = meal.dishes;
    const [step] = dish?.steps ?? [];
    const food = dish?.foods[0]?.id ?? '';
    if (!dish || !step) throw new Error('no step');
    const facts = stepFactsOf(meal, dish, step);
    const time = { kind: 'perPiece', food, each: 3 } as const;
    const known = stepTimeNamed('perPiece', [perPiece]);
    const { likelyMin } = known.settle(time, facts).duration;
    expect(likelyMin).toBe(3 * facts.pieces(food));
    expect(known.allowed(time, facts)).toEqual([likelyMin, likelyMin]);
  });
});

describe('an export of one’s own', () => {
  const clock: ExportFormat = {
    id: 'clock',
    mediaType: 'text/plain',
    holdsList: false,
    write: ({ plan: { steps } }) =>
      steps.map(({ startMin, label }) => `${startMin} ${label}`).join('\n'),
  };

  it('writes a plan that was really made', () => {
    const what = { meal, plan: made, nowMin, list: 'run' } as const;
    expect(clock.write(what).split('\n')).toHaveLength(made.steps.length);
    for (const format of EXPORT_FORMATS) expect(format.write(what)).not.toBe('');
  });
});

describe('a rule of one’s own', () => {
  /** Anything at the board, however short: a rule nobody needs. */
  const noBoard: Rule = {
    id: 'noBoard',
    title: 'rule.counter',
    source: 'source.common',
    figures: { key: 'figures.eaters' },
    check: ({ dishes }) =>
      dishes.flatMap(({ id: dish, acts }) =>
        acts
          .filter(({ place }) => place === 'board')
          .map(({ id: step }) => ({
            rule: 'noBoard',
            level: 'caution' as const,
            dish,
            step,
            message: { key: 'figures.eaters' as const },
            source: 'source.common' as const,
            mends: [],
          })),
      ),
  };

  it('is asked beside the others, of a plan that was really made', () => {
    const onBoard = made.steps.filter(({ place }) => place.kind === 'board');
    const ledger = ledgerOf(meal, made.servingMin, made.steps);
    const found = findingsOf(meal, ledger, [...RULES, noBoard]);
    const own = found.filter(({ rule }) => rule === 'noBoard');
    expect(own.map(({ step }) => step).sort()).toEqual(onBoard.map(({ id }) => id).sort());
    expect(own.length).toBeGreaterThan(0);
    const without = findingsOf(meal, ledger);
    expect(found.filter(({ rule }) => rule !== 'noBoard')).toEqual(without);
  });
});
