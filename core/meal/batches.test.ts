import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { at, supper } from '../test/meals.ts';
import { cure, DAYS, done, smallMeal, soak } from '../test/small-meal.ts';
import {
  applyCommand,
  audit,
  avoidConflicts,
  batchOf,
  coolingOfBatch,
  CUTS,
  mealOf,
  MealError,
  MixtureSchema,
  nudgeAmount,
  OwnIngredientSchema,
  plan as planOf,
  printMeal,
  recipeAmount,
  soakWindowOf,
  type Command,
  type Dish,
  type Meal,
  type Mixture,
} from '../index.ts';

const NOW = at('2026-11-25T08:00');
const example = (name: string): Meal =>
  mealOf(
    JSON.parse(readFileSync(new URL(`../../demo/${name}.json`, import.meta.url), 'utf8')),
    NOW,
  );
const EXAMPLES = ['first-frost-supper', 'towpath-lunch', 'wednesday-hock'];
const placed = (meal: Meal, id: string): { dish: Dish; mixture: Mixture } => {
  for (const dish of meal.dishes)
    for (const mixture of dish.mixtures) if (mixture.id === id) return { dish, mixture };
  throw new Error(`no mixture ${id}`);
};
const batch = (meal: Meal, id: string) => {
  const { dish, mixture } = placed(meal, id);
  return batchOf(meal, dish, mixture);
};

describe('a cure', () => {
  const cured = (cut: string) =>
    mealOf(
      smallMeal('cure', { cut, mixtures: [cure('2.5 g')], steps: [soak(5 * DAYS), done] }),
      NOW,
    );

  // 2.5 g of curing salt a kilo is 156 ppm of nitrite, by its 6.25 %: m·0.0625·1e6/(meat). USDA/FSIS,
  // Processing Inspectors’ Calculations Handbook, from memory, confidence 0.75.
  it('comes to what its label says', () => {
    const meal = cured('beef-brisket');
    const { findings } = planOf(meal, meal.kitchen, NOW, { rescues: false });
    const said = findings.find(({ rule }) => rule === 'curing');
    expect(said?.message.values).toMatchObject({ ppm: '156', most: '625' });
  });

  // A day for each quarter inch (6 mm) of the whole thickness, and two: kitchen convention, from
  // memory, confidence 0.75.
  it.each(['beef-brisket', 'pork-belly', 'pork-loin-boneless'])(
    'takes kitchens’ days for %s',
    (cut) => {
      const { notes } = batch(cured(cut), 'mix');
      const thick = CUTS.get(cut)?.thicknessMm ?? NaN;
      const days = notes.find(({ key }) => key === 'batch.cureDays')?.values?.days;
      expect(days).toBe(Math.ceil(thick / 6) + 2);
      expect(days).toBeGreaterThan(thick / (25.4 / 4) + 1.9);
    },
  );

  it('says no days where nothing cures', () => {
    const keys = batch(example('towpath-lunch'), 'cider-brine').notes.map(({ key }) => key);
    expect(keys).not.toContain('batch.cureDays');
  });
});

describe('the example meals', () => {
  it.each(EXAMPLES)('%s can be done, and its plan keeps its word', (name) => {
    const meal = example(name);
    const plan = planOf(meal, meal.kitchen, NOW);
    expect(plan.status).not.toBe('cannot');
    expect(audit(plan, meal, meal.kitchen)).toEqual([]);
    expect(avoidConflicts(meal).filter(({ avoids }) => avoids === 'dairy')).toEqual([]);
  });

  it.each(EXAMPLES)('%s has no mixture that warns', (name) => {
    const meal = example(name);
    for (const dish of meal.dishes)
      for (const mixture of dish.mixtures) {
        const keys = batchOf(meal, dish, mixture).warnings.map(({ key }) => key);
        expect(
          keys.filter((key) => key !== 'batch.sugarBurns'),
          mixture.id,
        ).toEqual([]);
      }
  });

  it('cure hocks for five days around a working week, hands only when at home and awake', () => {
    const meal = example('wednesday-hock');
    const plan = planOf(meal, meal.kitchen, NOW);
    const cure = plan.steps.find((step) => step.id === 'hock-cure');
    expect((cure?.endMin ?? 0) - (cure?.startMin ?? 0)).toBe(5 * 1440);
    const clock = (min: number) => {
      const local = new Date((min + 60) * 60_000);
      return { day: local.getUTCDay(), hour: local.getUTCHours() + local.getUTCMinutes() / 60 };
    };
    for (const { hands } of plan.steps)
      for (const { startMin, endMin } of hands) {
        const [from, to] = [clock(startMin), clock(endMin)];
        const weekday = from.day >= 1 && from.day <= 5;
        expect(from.hour).toBeGreaterThanOrEqual(7);
        expect(to.hour).toBeLessThanOrEqual(23);
        expect(weekday && from.hour < 17 && to.hour > 8.5).toBe(false);
      }
  });
});

describe('a brine that is boiled first', () => {
  it('is cold before the food goes in, and the plan waits for it', () => {
    const meal = example('towpath-lunch');
    const { dish, mixture } = placed(meal, 'cider-brine');
    const { fridgeMin } = coolingOfBatch(meal, dish, mixture);
    const plan = planOf(meal, meal.kitchen, NOW);
    const [cool, brine] = ['guinea-cool', 'guinea-brine'].map((id) =>
      plan.steps.find((step) => step.id === id),
    );
    expect((cool?.endMin ?? 0) - (cool?.startMin ?? 0)).toBe(Math.round(fridgeMin));
    expect(brine?.startMin).toBeGreaterThanOrEqual(cool?.endMin ?? Infinity);
    expect(brine?.cautions.map(({ message }) => message.key)).toContain('caution.brineCold');
    const why = brine?.why.map(({ key }) => key);
    expect(why).toEqual(expect.arrayContaining(['why.longest', 'window.raw']));
  });

  it('says how far its salt gets, and what soaking leaves', () => {
    expect(batch(example('towpath-lunch'), 'cider-brine').notes.map(({ key }) => key)).toEqual([
      'batch.towardRest',
    ]);
    const { notes } = batch(example('wednesday-hock'), 'hock-cure');
    const soaked = notes.find(({ key }) => key === 'batch.soakedOut')?.values;
    expect(Number(soaked?.after)).toBeLessThan(Number(soaked?.before));
  });
});

describe('what has touched raw food', () => {
  const dip = {
    id: 'dip',
    name: 'Dip',
    kind: 'sauce',
    basis: { kind: 'fixed' },
    lines: [{ ingredient: 'lime-paste', part: 'used', amount: '1' }],
    touchesRaw: false,
  };
  const withDip = (steps: object[]) => {
    const meal = supper();
    const [lamb] = meal.dishes;
    return {
      ...meal,
      dishes: [
        {
          ...lamb,
          mixtures: [...(lamb?.mixtures ?? []), dip],
          steps: [...(lamb?.steps ?? []), ...steps],
        },
        ...meal.dishes.slice(1),
      ],
    };
  };
  const boil = {
    id: 'dip-boil',
    verb: 'boil',
    label: 'Boil the dip',
    time: { kind: 'fixed', minutes: 10 },
    place: { kind: 'hob', tempC: 100 },
    mixtures: ['dip'],
  };

  it('is refused in a sauce that nothing boils, and says what to do', () => {
    try {
      mealOf(withDip([]), NOW);
      expect.unreachable();
    } catch (error) {
      expect(error).toBeInstanceOf(MealError);
      expect(String(error)).toMatch(/touched raw food .* without boiling it\. Add a step/);
    }
  });

  it('is taken boiled where a step says so, and no more than comes off', () => {
    const meal = mealOf(withDip([boil]), NOW);
    const { dish, mixture } = placed(meal, 'dip');
    const made = batchOf(meal, dish, mixture);
    expect(made.lines[0]).toMatchObject({ part: 'used' });
    expect(made.warnings).toEqual([]);
    const greedy = { ...mixture, lines: mixture.lines.map((line) => ({ ...line, amount: '3' })) };
    expect(batchOf(meal, dish, greedy).warnings.map(({ key }) => key)).toContain(
      'batch.moreThanThere',
    );
  });

  it('cannot be made of itself', () => {
    const meal = supper();
    const circle = applyCommand(meal, {
      do: 'addLine',
      dish: 'lamb',
      mixture: 'lime-paste',
      new: {
        ingredient: 'lime-paste',
        part: 'whole',
        amount: '10 g',
        scaling: 'linear',
        exponent: 1,
      },
    });
    expect(() => mealOf(JSON.parse(printMeal(circle)), NOW)).toThrow(/out of itself/);
  });
});

describe('a dish as a whole', () => {
  it('warns of food salted twice, and of sugar near strong heat', () => {
    const meal = supper();
    const salty = applyCommand(meal, {
      do: 'addMixture',
      dish: 'lamb',
      new: MixtureSchema.parse({
        id: 'rub',
        name: 'Salt rub',
        kind: 'rub',
        basis: { kind: 'perWeight', baselineG: 1000 },
        on: ['lamb-shoulder'],
        lines: [{ ingredient: 'salt-fine-table', amount: '15 g' }],
      }),
    });
    const twice = batch(salty, 'rub').warnings.find(({ key }) => key === 'batch.twiceSalted');
    expect(twice?.values?.first).toBe('Yoghurt and black-lime paste');
    const burns = batch(example('towpath-lunch'), 'root-glaze').warnings;
    expect(burns[0]).toMatchObject({ key: 'batch.sugarBurns', values: { tempC: { tempC: 180 } } });
  });

  it('finds its window anew when anything it rests on changes', () => {
    const meal = supper();
    const { dish, mixture } = placed(meal, 'lime-paste');
    const first = soakWindowOf(meal, dish, mixture);
    expect(soakWindowOf(meal, dish, mixture)).toBe(first);
    const sour = applyCommand(meal, {
      do: 'addLine',
      dish: 'lamb',
      mixture: 'lime-paste',
      new: { ingredient: 'lime-juice', amount: '300 ml', scaling: 'linear', exponent: 1 },
    });
    const after = placed(sour, 'lime-paste');
    expect(soakWindowOf(sour, after.dish, after.mixture)?.longestMin).toBeLessThan(
      first?.longestMin ?? 0,
    );
  });
});

describe('changing a batch', () => {
  const commands: fc.Arbitrary<Command> = fc.oneof(
    fc.record({
      do: fc.constant('addLine' as const),
      dish: fc.constant('lamb'),
      mixture: fc.constant('lime-paste'),
      new: fc.record({
        ingredient: fc.constantFrom('honey', 'kiwi-raw', 'salt-fine-table'),
        amount: fc.constantFrom('10 g', '1 tbsp'),
        scaling: fc.constantFrom('linear' as const, 'toTaste' as const),
        exponent: fc.constant(0.67),
      }),
    }),
    fc.record({
      do: fc.constant('moveLine' as const),
      dish: fc.constant('lamb'),
      mixture: fc.constant('lime-paste'),
      line: fc.nat(9),
      to: fc.nat(9),
    }),
    fc.record({
      do: fc.constant('editMixture' as const),
      dish: fc.constantFrom('lamb', 'duck'),
      mixture: fc.constantFrom('lime-paste', 'duck-salt'),
      change: fc.constantFrom(
        { kind: 'sauce' as const },
        { reserve: undefined },
        { variants: undefined },
        { vessel: undefined, pressed: true },
        { basis: { kind: 'asUsed' as const } },
        { window: { leastMin: 10, bestMin: 20, longestMin: 30 } },
        { window: undefined },
      ),
    }),
    fc.record({
      do: fc.constant('removeMixture' as const),
      dish: fc.constantFrom('lamb', 'duck', 'breads'),
      mixture: fc.constantFrom('lime-paste', 'duck-salt', 'bread-dough'),
    }),
    fc.record({
      do: fc.constant('removeFood' as const),
      dish: fc.constantFrom('lamb', 'duck'),
      food: fc.constantFrom('lamb-shoulder', 'lamb-plain', 'duck-legs'),
    }),
    fc.constant<Command>({ do: 'setVessels', vessels: [] }),
    fc.constant<Command>({ do: 'setMeasures', measures: ['1 tsp'] }),
  );

  it('leaves a good file that can still be planned, whatever the order', () => {
    fc.assert(
      fc.property(fc.array(commands, { minLength: 1, maxLength: 8 }), (list) => {
        const meal = list.reduce(applyCommand, supper());
        expect(mealOf(JSON.parse(printMeal(meal)), NOW)).toEqual(meal);
        const planned = planOf(meal, meal.kitchen, NOW);
        if (planned.status !== 'cannot') expect(audit(planned, meal, meal.kitchen)).toEqual([]);
        for (const dish of meal.dishes)
          for (const mixture of dish.mixtures)
            for (const { measure, grams } of batchOf(meal, dish, mixture).lines) {
              expect(measure).not.toBe('');
              expect(Number.isFinite(grams)).toBe(true);
            }
      }),
      { numRuns: 25 },
    );
  });

  it('keeps what is the cook’s own with the meal', () => {
    const own = OwnIngredientSchema.parse({ id: 'spruce', name: 'spruce tips', gPerMl: 0.3 });
    const meal = applyCommand(supper(), { do: 'ownIngredient', ingredient: own });
    const used = applyCommand(meal, {
      do: 'addLine',
      dish: 'lamb',
      mixture: 'lime-paste',
      new: { ingredient: 'spruce', amount: '1 tbsp', scaling: 'linear', exponent: 0.67 },
    });
    const back = mealOf(JSON.parse(printMeal(used)), NOW);
    expect(batch(back, 'lime-paste').lines.map(({ name }) => name)).toContain('spruce tips');
    const changed = applyCommand(back, {
      do: 'ownIngredient',
      ingredient: { ...own, gPerMl: 0.6 },
    });
    const line = (m: Meal) =>
      batch(m, 'lime-paste').lines.find(({ name }) => name === 'spruce tips');
    expect(line(changed)?.grams).toBeCloseTo(2 * (line(back)?.grams ?? NaN), 6);
    expect(changed.pantry?.ingredients).toHaveLength(1);
  });

  it('takes an amount of the batch back to the recipe, and nudges by a little', () => {
    expect(recipeAmount('30 g', 2, 'us')).toBe('15 g');
    expect(recipeAmount('3 tbsp', 2, 'metric')).toBe('22.5 ml');
    expect(recipeAmount('3 tbsp', 1, 'metric')).toBe('3 tbsp');
    expect(nudgeAmount('20 g', 1, 'us')).toBe('21 g');
    expect(nudgeAmount('4 cloves', -1, 'us')).toBe('3½ cloves');
    expect(nudgeAmount('0 g', 1, 'us')).toBe('1 g');
  });
});
