import { describe, expect, it } from 'vitest';
import { applyCommand, heatOfStep, withCoreGaps, type Food } from '../meal/index.ts';
import { supper } from '../test/meals.ts';
import { readPhrase, stepOfPhrase, withPhrase } from './index.ts';

const foods: Food[] = [
  { id: 'meat', name: 'loin', cut: 'pork-loin-boneless', share: { kind: 'fixed', weightG: 1000 } },
];

describe('the time of a step, as one says it', () => {
  it.each([
    [
      '4 h to overnight, at most 2 days',
      'marinate',
      { kind: 'elastic', leastMin: 240, bestMin: 480, longestMin: 2880 },
    ],
    ['25–30 min', 'roast', { kind: 'range', leastMin: 25, mostMin: 30 }],
    ['until 63° in the middle', 'roast', { kind: 'heat', food: 'meat', until: { coreC: 63 } }],
    ['18 min per pound', 'roast', { kind: 'perWeight', food: 'meat', likelyMinPerKg: 39.7 }],
    ['three at a time, 3 min a side', 'fry', { kind: 'batches', perBatch: 3, likelyMin: 6 }],
    ['dos horas', 'simmer', { kind: 'fixed', minutes: 120 }],
  ] as const)('understands “%s”', (text, verb, time) => {
    expect(readPhrase(text, foods, verb).time).toMatchObject(time);
  });

  it('understands what comes after in the same breath', () => {
    const { time, then } = readPhrase('25–30 min, then glaze, then 10–15', foods, 'roast');
    expect(time).toMatchObject({ kind: 'range', leastMin: 25 });
    expect(then.map(({ verb }) => verb)).toEqual(['glaze', 'roast']);
    expect(then[1]?.time).toMatchObject({ kind: 'range', leastMin: 10, mostMin: 15 });
  });

  it('tends without becoming another step, and says nothing it was not told', () => {
    const read = readPhrase('stir every 20 min', foods, 'simmer');
    expect(read.tending).toMatchObject({ when: 'every', everyMin: 20 });
    expect([read.verb, read.time, read.tempC]).toEqual([undefined, undefined, undefined]);
    expect(readPhrase('with love', foods, 'roast').time).toBeUndefined();
  });

  it('makes a whole step of a typed line', () => {
    const text = 'Roast 40 min at 180, until 63° in the middle';
    const step = stepOfPhrase(text, readPhrase(text, foods), 'new');
    expect(step).toMatchObject({
      verb: 'roast',
      label: 'Roast',
      place: { kind: 'oven', tempC: 180 },
      time: { kind: 'fixed', minutes: 40 },
      doneWhen: { coreC: 63 },
    });
    expect(stepOfPhrase('hello', readPhrase('hello', foods), 'new')).toBeUndefined();
  });

  it('leaves a step that can be planned, of the food it was of', () => {
    const slice = stepOfPhrase('Slice', readPhrase('Slice', foods), 's');
    if (!slice) throw new Error('no step');
    expect(slice.hands).toMatchObject([{ when: 'all' }]);
    const rested = withPhrase(slice, readPhrase('rest 10 to 20 min', foods, 'slice'));
    expect(rested.time.kind).toBe('elastic');
    expect(rested.hands).toMatchObject([{ when: 'start' }]);
    const other = { ...slice, time: { kind: 'heat', food: 'pork', until: { coreC: 60 } } as const };
    const read = readPhrase('until 63° in the middle', foods, 'roast');
    expect(withPhrase(other, read).time).toMatchObject({ food: 'pork', until: { coreC: 63 } });
  });

  it('begins when degrees are missing, by how the food warms', () => {
    const meal = supper();
    const dish = meal.dishes.find(({ id }) => id === 'lamb');
    const smoke = dish?.steps.find(({ id }) => id === 'lamb-smoke');
    const text = 'Reduce 20 min, start when 10° are missing';
    const bare = stepOfPhrase(text, readPhrase(text, []), 'sauce');
    if (!dish || !smoke || !bare) throw new Error('no lamb');
    const sauce = withPhrase(
      { ...bare, after: [{ step: smoke.id, from: 'end', leastMin: 0 }] },
      readPhrase(text, []),
    );
    expect(sauce.after[0]).toMatchObject({ coreShortC: 10 });
    const with_ = applyCommand(meal, {
      do: 'replaceDish',
      dish: 'lamb',
      with: { ...dish, steps: [...dish.steps, sauce] },
    });
    const gap = withCoreGaps(with_)
      .dishes[0]?.steps.find(({ id }) => id === 'sauce')
      ?.after.find((one) => one.step === smoke.id);
    expect(gap?.from).toBe('start');
    const into = gap?.leastMin ?? 0;
    const whole = heatOfStep(meal, dish, smoke).minutes.likely;
    // From 64 to 74° is the last part of it, and not the whole.
    expect(into).toBeGreaterThan(0.4 * whole);
    expect(into).toBeLessThan(whole);
  });

  it('reads when looking after begins, and what is done where it is not done by then', () => {
    const text =
      '2 h 30 to 3 h 20, stir every 20 min, first after 1 h; if not, a cup of water and 1 h more, in 2 of 10';
    const read = readPhrase(text, [], 'simmer');
    expect(read.time).toMatchObject({ kind: 'range', leastMin: 150, mostMin: 200 });
    expect(read.tending).toMatchObject({ when: 'every', everyMin: 20, firstMin: 60 });
    expect(read.otherwise).toEqual({ what: 'a cup of water', minutes: 60, chance: 0.2 });
    expect(read.then).toEqual([]);
    const step = stepOfPhrase('Simmer 40 min', readPhrase('Simmer 40 min', []), 's');
    if (!step) throw new Error('no step');
    const branched = withPhrase(step, readPhrase('40 min. If still tough: another 20 min', []));
    expect(branched.doneWhen?.otherwise).toEqual({ what: 'longer', minutes: 20, chance: 0.25 });
    // What a later phrase does not say stays.
    const later = withPhrase(branched, readPhrase('50 min', []));
    expect(later.doneWhen?.otherwise?.minutes).toBe(20);
  });
});
