import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { applyCommand, mealOf, parseMeal, type Command, type Meal } from '../meal/index.ts';
import { RULES } from '../safety/index.ts';
import { at } from '../test/meals.ts';
import { ROUNDS } from '../test/ledger-cases/rounds.ts';
import { SAFETY_CASES } from '../test/safety-cases.ts';
import { heat, oven, rest, smallMeal, type Spec } from '../test/small-meal.ts';
import { mendCommands } from './mend-commands.ts';
import { plan } from '../plan/plan.ts';

const NOW = at('2026-11-01T08:00');

function stopsOf(meal: Meal): string[] {
  const made = plan(meal, meal.kitchen, NOW, { work: 200, rescues: false });
  return [
    ...new Set(made.findings.filter(({ level }) => level === 'stop').map(({ rule }) => rule)),
  ];
}

describe('the rules of safety', () => {
  it.each(SAFETY_CASES.map((one) => [one.name, one] as const))('%s', (_name, { stops, meal }) => {
    const read = mealOf(meal, NOW);
    expect(stopsOf(read)).toEqual(stops === 'nothing' ? [] : [stops]);
  });

  it('have their cases told in the documentation', () => {
    const told = readFileSync(new URL('../../docs/safety-cases.md', import.meta.url), 'utf8');
    for (const { name } of SAFETY_CASES) expect(told).toContain(name);
  });

  it('are each broken by a case, and as many cases pass as are stopped', () => {
    // ledger-cases.test.ts holds that each is stopped by its rule.
    const whole = ROUNDS.flatMap(({ cases }) => cases)
      .filter(({ verdict }) => verdict === 'stop')
      .flatMap(({ meal, rule }) => rule ?? stopsOf(mealOf(meal, NOW)));
    const stopped = new Set<string>([...SAFETY_CASES.map(({ stops }) => stops), ...whole]);
    // These caution, or are notes.
    const softer = new Set<string>([
      'declared',
      'fish',
      'fruitPaste',
      'highBoil',
      'poisonous',
      'stuffing',
      'tooFull',
      'unknownFood',
      'labels',
      'leftovers',
      'notForThem',
      'parasites',
      'powerCut',
      'washing',
    ]);
    const ids = RULES.map(({ id }) => id);
    expect(ids.filter((id) => !softer.has(id) && !stopped.has(id))).toEqual([]);
    expect(new Set(ids).size).toBe(ids.length);
    const passing = SAFETY_CASES.filter(({ stops }) => stops === 'nothing').length;
    expect(SAFETY_CASES.length).toBeGreaterThanOrEqual(60);
    expect(passing).toBeGreaterThanOrEqual(SAFETY_CASES.length / 2 - 3);
  });

  it('say what would mend it, and it does', () => {
    for (const { name, stops, meal } of SAFETY_CASES) {
      if (stops === 'nothing') continue;
      const read = mealOf(meal, NOW);
      const made = plan(read, read.kitchen, NOW, { work: 200, rescues: false });
      const broken = made.findings.filter(({ rule }) => rule === stops);
      for (const mend of broken.flatMap(({ mends }) => mends)) {
        const commands = mendCommands(read, mend, (key) => key);
        const mended = commands.reduce(applyCommand, read);
        expect(commands.length, name).toBeGreaterThan(0);
        expect(stopsOf(mended), `${name}, ${mend.kind}`).not.toContain(stops);
      }
    }
  });

  // Pork: USDA, 9 CFR 318.10; game: FoodSafety.gov and CDC; fish: FDA Food Code, 3-402.11; from memory.
  it.each<[string, string, Spec]>([
    ['pork off at 50', 'parasites', { cut: 'pork-loin-boneless', steps: [heat(50, oven(120))] }],
    ['pork off at 63', 'nothing', { cut: 'pork-loin-boneless', steps: [heat(63, oven(120))] }],
    [
      'pork off at 58 and rested: longer at less',
      'nothing',
      { cut: 'pork-loin-boneless', steps: [heat(58, oven(110)), rest(20)] },
    ],
    [
      'pork off at 50 that was frozen for three weeks',
      'nothing',
      {
        cut: 'pork-loin-boneless',
        food: { frozenBefore: true },
        steps: [heat(50, oven(120))],
      },
    ],
    [
      'game off at 60, frozen or not',
      'parasites',
      { cut: 'venison-loin', food: { frozenBefore: true }, steps: [heat(60, oven(120))] },
    ],
    ['salmon off at 50', 'fish', { cut: 'salmon-fillet', steps: [heat(50, oven(120))] }],
    [
      'salmon off at 50 that was frozen',
      'nothing',
      { cut: 'salmon-fillet', food: { frozenBefore: true }, steps: [heat(50, oven(120))] },
    ],
  ])('caution: %s', (name, rule, spec) => {
    const cautioned = (meal: Meal) =>
      plan(meal, meal.kitchen, NOW, { work: 200, rescues: false }).findings.filter(
        (finding) => finding.rule === 'parasites' || finding.rule === 'fish',
      );
    const meal = mealOf(smallMeal(name, spec), NOW);
    const solution = cautioned(meal);
    expect(solution.map((one) => one.rule)).toEqual(rule === 'nothing' ? [] : [rule]);
    for (const mend of solution.flatMap(({ mends }) => mends)) {
      const mended = mendCommands(meal, mend, (key) => key).reduce(applyCommand, meal);
      expect(cautioned(mended), mend.kind).toEqual([]);
    }
  });

  // UK Food Standards Agency, cooked rice: a day; FoodSafety.gov, cooked meat: three; from memory.
  it.each([
    ['rice-dry', '1'],
    ['rice-as-main-dry', '1'],
    ['couscous-dry', '1'],
    ['beef-rump-roast', '3'],
  ])('keep what is left of %s for %s days', (cut, days) => {
    const meal = mealOf(smallMeal(cut, { cut, steps: [heat(75, oven(170))] }), NOW);
    const { findings } = plan(meal, meal.kitchen, NOW, { work: 200, rescues: false });
    const left = findings.find(({ rule }) => rule === 'leftovers');
    expect(left?.message.values).toMatchObject({ days });
  });

  it('ask for a wash whenever raw food was on the board last, not only the first time', () => {
    const url = new URL('../../demo/towpath-lunch.json', import.meta.url);
    const lunch = parseMeal(readFileSync(url, 'utf8'), at('2026-11-23T08:00'));
    const washed = (washes: boolean): Meal => ({
      ...lunch,
      dishes: lunch.dishes.map((dish) => ({
        ...dish,
        steps: dish.steps.map((step) => (step.id === 'guinea-skin' ? { ...step, washes } : step)),
      })),
    });
    const said = (meal: Meal) =>
      plan(meal, meal.kitchen, at('2026-11-23T08:00'), { rescues: false })
        .findings.filter(({ rule }) => rule === 'washing')
        .map(({ step }) => step);
    expect(said(washed(true))).toEqual([]);
    expect(said(washed(false))).toEqual(['guinea-carve']);
  });

  it('stop nothing of the example meals, and say little', () => {
    for (const file of ['first-frost-supper', 'towpath-lunch', 'wednesday-hock']) {
      const url = new URL(`../../demo/${file}.json`, import.meta.url);
      const meal = parseMeal(readFileSync(url, 'utf8'), at('2026-11-23T08:00'));
      const made = plan(meal, meal.kitchen, at('2026-11-23T08:00'), { rescues: false });
      // There is honey in two of them, and there are children.
      const minded = file === 'wednesday-hock' ? [] : ['safety.honey'];
      expect(
        made.findings.filter(({ level }) => level !== 'note').map(({ message }) => message.key),
        file,
      ).toEqual(minded);
      // Each is said once, at its moment: nobody reads a page of warnings.
      const said = made.steps.flatMap(({ cautions }) => cautions);
      expect(said.length, file).toBeLessThanOrEqual(12);
      const each = said.map(({ message }) => JSON.stringify(message));
      expect(new Set(each).size, file).toBe(each.length);
    }
  });

  it('see every edit that cools, lengthens, drops a step or joins clean and touched', () => {
    const demo = (file: string) => {
      const url = new URL(`../../demo/${file}.json`, import.meta.url);
      return parseMeal(readFileSync(url, 'utf8'), at('2026-11-23T08:00'));
    };
    const [shoulder, fowl, hock] = ['first-frost-supper', 'towpath-lunch', 'wednesday-hock'].map(
      demo,
    );
    if (!shoulder || !fowl || !hock) throw new Error('no examples');
    const minutes = (step: string, least: number) =>
      fc
        .integer({ min: least, max: 900 })
        .map((length): Command[] => [
          { do: 'setStepTime', step, time: { kind: 'fixed', minutes: length } },
        ]);
    const glaze = {
      id: 'raw-glaze',
      verb: 'glaze',
      label: 'Glaze',
      after: [],
      time: { kind: 'fixed', minutes: 5 },
      place: { kind: 'smoker', tempC: 130 },
      hands: [],
      cautions: [],
      mixtures: ['lime-paste'],
    } as const;
    const edits = fc.oneof(
      fc.record({ meal: fc.constant(shoulder), edit: minutes('lamb-temper', 121) }),
      fc.record({ meal: fc.constant(fowl), edit: minutes('guinea-temper', 121) }),
      fc.record({
        meal: fc.constant(fowl),
        edit: fc.integer({ min: 30, max: 56 }).map((coreC): Command[] => [
          { do: 'editStep', step: 'guinea-roast', change: { doneWhen: { coreC } } },
          {
            do: 'setStepTime',
            step: 'guinea-roast',
            time: { kind: 'heat', food: 'guinea-fowl', until: { coreC } },
          },
        ]),
      }),
      fc.record({
        meal: fc.constant(shoulder),
        edit: fc
          .tuple(minutes('duck-hold', 121), fc.integer({ min: 20, max: 56 }))
          .map(([longer, tempC]): Command[] => [
            ...longer,
            { do: 'editStep', step: 'duck-hold', change: { place: { kind: 'hob', tempC } } },
          ]),
      }),
      fc.constantFrom<{ meal: Meal; edit: Command[] }>(
        { meal: fowl, edit: [{ do: 'removeStep', step: 'guinea-cool' }] },
        { meal: hock, edit: [{ do: 'removeStep', step: 'hock-cool' }] },
        { meal: hock, edit: [{ do: 'removeStep', step: 'hock-ice' }] },
        {
          meal: shoulder,
          edit: [
            {
              do: 'editMixture',
              dish: 'lamb',
              mixture: 'lime-paste',
              change: { reserve: undefined },
            },
            {
              do: 'addStepAfter',
              step: 'lamb-wrap',
              new: { ...glaze, after: [], hands: [], cautions: [], mixtures: ['lime-paste'] },
            },
          ],
        },
      ),
    );
    fc.assert(
      fc.property(edits, ({ meal, edit }) => {
        expect(stopsOf(edit.reduce(applyCommand, meal)).length).toBeGreaterThan(0);
      }),
      { numRuns: 25 },
    );
  });
});
