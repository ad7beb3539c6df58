import { describe, expect, it } from 'vitest';
import { audit, plan } from '../plan/index.ts';
import { at, supper } from '../test/meals.ts';
import { mealOf, MealError } from './index.ts';
import { applyCommand, type Command } from './commands.ts';
import { cookUpTo, heatOfStep, pieceOf } from './cook-of-step.ts';
import { draftCommands, draftCook, type DraftCook, type DraftStage } from './draft-cook.ts';
import type { Dish, Meal, Step } from './schema.ts';

const NOW = at('2026-11-23T08:00');

function lamb(meal: Meal): { dish: Dish; food: Dish['foods'][number]; step: (id: string) => Step } {
  const dish = meal.dishes.find(({ id }) => id === 'lamb');
  const food = dish?.foods.find(({ id }) => id === 'lamb-shoulder');
  if (!dish || !food) throw new Error('no lamb');
  const step = (id: string) => {
    const found = dish.steps.find((one) => one.id === id);
    if (!found) throw new Error(id);
    return found;
  };
  return { dish, food, step };
}

const likelyOf = (meal: Meal, id: string) => {
  const { dish, step } = lamb(meal);
  return heatOfStep(meal, dish, step(id)).minutes.likely;
};

const after = (meal: Meal, ...commands: Command[]) => commands.reduce(applyCommand, meal);

describe('a step whose time comes from heat', () => {
  it('counts all that warmed the food since it lay cold', () => {
    const meal = supper();
    const { dish, step } = lamb(meal);
    const { startC, stages } = cookUpTo(meal, dish, step('lamb-wrap'));
    expect(startC).toBeLessThan(6);
    expect(stages.map(({ cooker, wrap, end }) => [cooker, wrap, end.kind])).toEqual([
      ['counter', undefined, 'minutes'],
      ['smoker', undefined, 'core'],
      ['smoker', 'foil', 'core'],
    ]);
  });

  it('takes a cut in the pieces it comes in, unless the cook counted, and none of what nobody eats', () => {
    const meal = supper();
    const { dish, food } = lamb(meal);
    const fixed = (cut: string, weightG: number, more = {}) =>
      pieceOf(meal, dish, { ...food, cut, share: { kind: 'fixed', weightG }, ...more }).weightG;
    expect(fixed('chicken-thigh-boneless', 900)).toBeCloseTo(90, 6);
    expect(fixed('chicken-thigh-boneless', 900, { inPieces: 3 })).toBeCloseTo(300, 6);
    expect(fixed('lamb-shoulder-bone-in', 2400)).toBe(2400);
    const nobody = {
      ...food,
      share: { kind: 'pieces' as const, pieces: 0.001, pieceG: 1, by: 'head' as const },
    };
    for (const { eaters } of [meal, { eaters: [] }]) {
      expect(pieceOf({ ...meal, eaters }, dish, nobody).weightG).toBeGreaterThan(0);
    }
  });

  it('is shorter in two pieces, on a fire that runs hot, and for a thinner joint', () => {
    const meal = supper();
    const usual = likelyOf(meal, 'lamb-smoke');
    const food = { do: 'editFood', dish: 'lamb', food: 'lamb-shoulder' } as const;
    expect(likelyOf(after(meal, { ...food, change: { inPieces: 2 } }), 'lamb-smoke')).toBeLessThan(
      0.85 * usual,
    );
    const thin = after(meal, { ...food, change: { thicknessMm: 50 } });
    expect(likelyOf(thin, 'lamb-smoke')).toBeLessThan(0.8 * usual);
    const appliances = meal.kitchen.appliances.map((one) =>
      one.kind === 'smoker' ? { ...one, runsHotC: 12 } : one,
    );
    const hot = after(meal, { do: 'setAppliances', appliances });
    expect(likelyOf(hot, 'lamb-smoke')).toBeLessThan(0.92 * usual);
  });

  it('says so at the step when its fire is too cool for it, and the plan still keeps its word', () => {
    const meal = supper();
    const { step } = lamb(meal);
    const place = { ...step('lamb-wrap').place, tempC: 85 };
    const cool = after(meal, { do: 'editStep', step: 'lamb-wrap', change: { place } });
    const { dish, step: cooler } = lamb(cool);
    expect(heatOfStep(cool, dish, cooler('lamb-wrap')).reached).toBe(false);
    const made = plan(cool, cool.kitchen, NOW);
    const wrap = made.steps.find(({ id }) => id === 'lamb-wrap');
    const broken = wrap?.cautions.filter((one) => one.broken).map(({ message }) => message.key);
    expect(broken).toContain('caution.tooCool');
    if (made.status !== 'cannot') expect(audit(made, cool, cool.kitchen)).toEqual([]);
  });

  it('wants a food whose cut is known', () => {
    const meal = supper();
    const { dish } = lamb(meal);
    const foods = dish.foods.map(({ cut: _none, ...food }) => food);
    const dishes = meal.dishes.map((one) => (one.id === 'lamb' ? { ...one, foods } : one));
    expect(() => mealOf({ ...meal, dishes }, NOW)).toThrow(MealError);
    expect(() => mealOf({ ...meal, dishes }, NOW)).toThrow(/without a cut/);
  });
});

describe('a cook being drafted', () => {
  const labelOf = ({ cooker }: { cooker: string }) => cooker;

  function used(meal: Meal, change: (draft: DraftCook) => DraftCook): Meal {
    const { dish, food } = lamb(meal);
    const draft = draftCook(meal, dish, food);
    if (!draft) throw new Error('no draft');
    return after(meal, ...draftCommands(meal, dish, food, change(draft), labelOf));
  }

  it('changes nothing when nothing was changed', () => {
    const meal = supper();
    expect(used(meal, (draft) => draft)).toEqual(meal);
  });

  it('goes into the plan: heat, end, weight and thickness, a stage more and a stage less', () => {
    const meal = used(supper(), (draft) => ({
      ...draft,
      piece: { ...draft.piece, weightG: 3000, thicknessMm: 80 },
      stages: draft.stages.flatMap((stage): DraftStage[] => {
        if (stage.cooker === 'counter') return [];
        if (stage.cooker !== 'box') return [{ ...stage, tempC: 140 }];
        return [{ cooker: 'oven', tempC: 220, end: { kind: 'minutes', minutes: 10 } }, stage];
      }),
    }));
    const { dish, food, step } = lamb(meal);
    expect(dish.steps.some(({ id }) => id === 'lamb-temper')).toBe(false);
    expect(step('lamb-smoke').place.tempC).toBe(140);
    expect([food.weighedG, food.thicknessMm]).toEqual([3000, 80]);
    expect(step('oven')).toMatchObject({
      verb: 'roast',
      place: { kind: 'oven', tempC: 220 },
      time: { kind: 'fixed', minutes: 10 },
      after: [{ step: 'lamb-wrap' }],
    });
    expect(step('lamb-rest').after[0]?.step).toBe('oven');
    expect(plan(meal, meal.kitchen, NOW).status).not.toBe('cannot');
  });

  it('says when what it was told is below guidance, whatever the step said before', () => {
    const meal = used(supper(), (draft) => ({
      ...draft,
      stages: draft.stages.map((stage) =>
        stage.wrap === 'foil' ? { ...stage, end: { kind: 'core', coreC: 52 } } : stage,
      ),
    }));
    // The smoke is shortened too, or the middle would be past that already.
    const cool = after(meal, {
      do: 'setStepTime',
      step: 'lamb-smoke',
      time: { kind: 'heat', food: 'lamb-shoulder', until: { coreC: 45 } },
    });
    expect(lamb(cool).step('lamb-wrap').doneWhen?.coreC).toBe(52);
    const made = plan(cool, cool.kitchen, NOW, { rescues: false });
    const stops = made.findings.filter(({ level }) => level === 'stop');
    expect(stops.map(({ rule, step }) => [rule, step])).toContainEqual(['core', 'lamb-wrap']);
    // A file may say one thing in words and do another: what is done counts.
    const { step } = lamb(cool);
    const said = { ...step('lamb-wrap').doneWhen, coreC: 93 };
    const sly = after(cool, { do: 'editStep', step: 'lamb-wrap', change: { doneWhen: said } });
    const again = plan(sly, sly.kitchen, NOW, { rescues: false }).findings;
    expect(again.map(({ rule }) => rule)).toContain('core');
  });

  it('puts a rest into the plan by the minutes it takes to peak', () => {
    const meal = used(supper(), (draft) => ({
      ...draft,
      stages: draft.stages.flatMap((stage): DraftStage[] =>
        stage.cooker === 'box' ? [{ cooker: 'foil', end: { kind: 'peak' } }, stage] : [stage],
      ),
    }));
    const { time } = lamb(meal).step('foil');
    expect(time.kind).toBe('fixed');
    if (time.kind === 'fixed') expect(time.minutes).toBeLessThan(120);
  });

  it('is for a food of a certain cut, and has an oven where the plan has no fire', () => {
    const meal = supper();
    const { dish, food } = lamb(meal);
    expect(draftCook(meal, dish, { ...food, cut: undefined })).toBeUndefined();
    const bare = { ...dish, steps: [] };
    expect(draftCook(meal, bare, food)?.stages).toMatchObject([{ cooker: 'oven' }]);
  });
});
