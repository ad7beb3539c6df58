import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  applyCommand,
  avoidConflicts,
  beginRun,
  calibrateCooks,
  copyDish,
  CUTS,
  eventsOf,
  learn,
  leftOversOf,
  mealOf,
  parseMeal,
  patternDish,
  patternNamed,
  plan,
  proposalsOf,
  rehearse,
  runAgainstPlan,
  searchRuns,
  shoppingList,
  simulateCook,
  USUAL_CONDITIONS,
  withLeftOver,
  withoutLeftOvers,
  type CookEvidence,
  type CookSpec,
  type Deed,
  type Meal,
  type Run,
} from '../index.ts';
import { mealOfPattern } from '../test/pattern-meal.ts';

const NOW = Date.parse('2026-11-27T08:00:00+01:00') / 60_000;
const supper = parseMeal(
  readFileSync(new URL('../../demo/first-frost-supper.json', import.meta.url), 'utf8'),
  NOW,
);

function after(meal: Meal, deeds: ReadonlyArray<readonly [number, Deed]>): Run {
  return deeds.reduce<Run>(
    (run, [atMin, deed]) => ({
      ...run,
      events: [...run.events, ...eventsOf([deed], run.events, { by: 'a', atMin })],
    }),
    beginRun(meal, 'run-1', NOW),
  );
}

const noted = (text: string, more: { dish?: string; step?: string } = {}): Deed => ({
  did: 'noted',
  text,
  ...more,
});

/** The only proposal a note leads to, and the meal with it taken. */
function proposed(text: string, more: { dish?: string; step?: string } = {}) {
  const found = proposalsOf(after(supper, [[NOW + 9, noted(text, more)]]));
  expect(found).toHaveLength(1);
  const [one] = found;
  if (!one) throw new Error('nothing proposed');
  const taken = one.commands.reduce(applyCommand, supper);
  // What is proposed keeps the file good.
  mealOf(JSON.parse(JSON.stringify(taken)), NOW);
  return { one, taken };
}

const line = (meal: Meal, mixture: string, ingredient: string) =>
  meal.dishes
    .flatMap((dish) => dish.mixtures)
    .find(({ id }) => id === mixture)
    ?.lines.find((one) => one.ingredient === ingredient)?.amount;

describe('a note with a consequence', () => {
  it('changes the amount it names, in proportion to what was taken', () => {
    const { one, taken } = proposed('two spoons of honey in the paste: too sweet, one', {
      dish: 'lamb',
    });
    expect(line(taken, 'lime-paste', 'honey')).toBe('½ tbsp');
    expect(one.because).toMatchObject({
      run: 'run-1',
      event: 'a-1',
      words: 'two spoons of honey in the paste: too sweet, one',
    });
  });

  it('finds its dish by what it names, wherever it was said', () => {
    const { one, taken } = proposed('The beetroot was too salty', { dish: 'lamb' });
    expect(one.dish).toBe('beetroot');
    expect(line(taken, 'beet-pickle', 'salt-fine-sea')).toBe('6 g');
  });

  it('makes a step longer, and the plan follows', () => {
    const { taken } = proposed('braise needed 40 minutes more', { dish: 'duck' });
    const length = (meal: Meal) =>
      plan(meal, meal.kitchen, NOW, { rescues: false }).steps.find(({ id }) => id === 'duck-braise')
        ?.duration.likelyMin ?? 0;
    expect(length(taken) - length(supper)).toBe(40);
  });

  it('never takes a core below what guidance asks', () => {
    const pattern = patternNamed('brined-breast');
    if (!pattern) throw new Error('no breast');
    const meal = mealOfPattern(pattern);
    const [dish] = meal.dishes;
    const found = proposalsOf({
      ...after(meal, [[NOW, noted('a bit dry', { dish: dish?.id ?? '' })]]),
    });
    for (const { commands } of found) {
      for (const command of commands) {
        if (command.do !== 'setStepTime' || command.time.kind !== 'heat') continue;
        if ('coreC' in command.time.until) {
          expect(command.time.until.coreC).toBeGreaterThanOrEqual(73.9);
        }
      }
    }
  });

  it('leads to nothing where it only tells', () => {
    expect(proposalsOf(after(supper, [[NOW, noted('Lovely evening, windy')]]))).toEqual([]);
  });
});

/** A roast in an oven that runs hotter than it says by so much. */
function evidence(offsetC: number, seed: number): CookEvidence {
  const cut = CUTS.get('pork-loin-boneless');
  if (!cut) throw new Error('no loin');
  const spec: CookSpec = {
    piece: { cut, weightG: 1500 },
    startC: 5,
    stages: [{ cooker: 'oven', tempC: 175, end: { kind: 'core', coreC: 63 } }],
    conditions: USUAL_CONDITIONS,
  };
  const truth = simulateCook(spec, seed, { offsetC: { oven: offsetC } });
  const besideC = [20, 30, 40, 50].map((minute) => (truth.read(minute, 'p').cookerC ?? 0) - 175);
  return { spec, cooker: 'oven', tookMin: truth.endsMin.at(-1) ?? 1, besideC };
}

describe('the calibration of an oven', () => {
  it('finds a hidden offset from six cooks, and says how sure it is', () => {
    const cold = calibrateCooks([1, 2, 3, 4, 5, 6].map((seed) => evidence(-18, seed)));
    expect(cold.offsetC).toBeLessThan(-11);
    expect(cold.least).toBeLessThan(-18);
    expect(cold.from).toBe(6);
  });

  it('shrinks toward no change while cooks are few', () => {
    const one = calibrateCooks([{ ...evidence(-18, 2), besideC: [] }]);
    const six = calibrateCooks(
      [2, 3, 4, 5, 6, 7].map((seed) => ({ ...evidence(-18, seed), besideC: [] })),
    );
    expect(Math.abs(one.offsetC)).toBeLessThan(Math.abs(six.offsetC));
    expect(one.most - one.least).toBeGreaterThan(six.most - six.least);
  });

  it('covers the truth at about the stated rate, whatever it is', () => {
    // Offsets as ovens have them: a normal spread of ten degrees.
    const steps = [-1.64, -1.04, -0.67, -0.39, -0.13, 0.13, 0.39, 0.67, 1.04, 1.64];
    const covered = steps.flatMap((z, i) =>
      [0, 1, 2, 3].map((turn) => {
        const cooks = [0, 1, 2].map((n) => evidence(10 * z, 10_000 + 97 * i + 13 * turn + n));
        const { least, most } = calibrateCooks(cooks);
        return least <= 10 * z && 10 * z <= most;
      }),
    );
    const share = covered.filter(Boolean).length / covered.length;
    expect(share).toBeGreaterThanOrEqual(0.68);
    expect(share).toBeLessThanOrEqual(0.95);
  });

  it('leaves out a cook that no oven could have done', () => {
    const odd = { ...evidence(0, 3), tookMin: 900, besideC: [] };
    const { from, offsetC } = calibrateCooks([odd, evidence(0, 4), evidence(0, 5)]);
    expect(from).toBe(2);
    expect(Math.abs(offsetC)).toBeLessThan(8);
  });
});

describe('what runs teach', () => {
  // A rehearsal of a whole supper is long: each is cooked once.
  const cooked = new Map<number, Run>();
  const slow = (seed: number): Run => {
    const hidden = { offsetC: { smoker: -15 }, pace: 1.5 };
    const run = cooked.get(seed) ?? rehearse(supper, { nowMin: NOW, seed, hidden }).run;
    cooked.set(seed, run);
    return run;
  };

  it('is told of the smoker and of the hands', () => {
    const { appliances, hands } = learn([slow(1), slow(2)]);
    const smoker = appliances.find(({ appliance }) => appliance === 'smoker');
    expect(smoker?.offsetC).toBeLessThan(-6);
    expect(smoker?.from).toBeGreaterThanOrEqual(2);
    const times = hands.filter(({ from }) => from >= 2).map((one) => one.times);
    expect(Math.min(...times)).toBeGreaterThan(1.1);
  });

  it('rests on events that are there, in whatever order runs come', () => {
    const runs = [slow(1), slow(2)];
    const known = new Set(runs.flatMap(({ id, events }) => events.map((one) => `${id} ${one.id}`)));
    const { proposals } = learn(runs);
    for (const { because } of proposals) expect(known).toContain(`${because.run} ${because.event}`);
    expect(learn(runs.toReversed()).proposals).toEqual(proposals);
  });
});

/** A meal of one dish, made of what is left of a run. */
function withLeftOversOf(run: Run, nowMin: number): Meal {
  const [found] = leftOversOf([run], nowMin);
  const pattern = patternNamed('sauce-of-cooked-meat');
  if (!found?.cut || !pattern) throw new Error('nothing is left');
  const own = patternDish(pattern, { cut: found.cut }, new Set());
  const left = { ...found, cut: found.cut };
  const dish = withLeftOver(own, own.foods[0]?.id ?? '', left, supper.serving.zone);
  return applyCommand({ ...supper, id: 'another', dishes: [] }, { do: 'putDish', dish, own: [] });
}

describe('what is left', () => {
  const left = (weightG: number): Deed => ({
    did: 'weighed',
    food: 'lamb-shoulder',
    when: 'left',
    weightG,
  });
  const day = 24 * 60;

  it('is to be eaten within the least days guidance gives, and told until it is gone', () => {
    const run = after(supper, [
      [NOW, { did: 'served' }],
      [NOW + 60, left(310)],
    ]);
    // Cooked meat: 3 to 4 days. FoodSafety.gov, cold storage chart, from memory.
    expect(leftOversOf([run], NOW + day)).toMatchObject([
      { weightG: 310, untilMin: NOW + 3 * day },
    ]);
    expect(leftOversOf([run], NOW + 6 * day)).toEqual([]);
    const eaten = after(supper, [
      [NOW, { did: 'served' }],
      [NOW + 60, left(310)],
      [NOW + 90, left(0)],
    ]);
    expect(leftOversOf([eaten], NOW + day)).toEqual([]);
  });

  it('goes into another meal, which counts on its weight, its days and what it holds', () => {
    const run = after(supper, [
      [NOW, { did: 'served' }],
      [NOW + 60, left(640)],
    ]);
    const meal = withLeftOversOf(run, NOW + day);
    const [found] = leftOversOf([run], NOW + day);
    // Marinated in yoghurt.
    expect(found).toMatchObject({ cut: 'cooked-lamb', holds: ['meat', 'dairy'] });
    expect(leftOversOf([run], NOW + day, [meal])).toEqual([]);
    const none = {
      ...meal,
      eaters: meal.eaters.map((one) => ({ ...one, avoids: ['dairy' as const] })),
    };
    expect(avoidConflicts(none).map(({ dish }) => dish)).toContain(meal.dishes.at(-1)?.id);
    expect(JSON.stringify(shoppingList(meal, plan(meal, meal.kitchen, NOW)))).not.toContain(
      'cooked-lamb',
    );
  });

  it('is no younger, and holds no less, for having been warmed in another meal', () => {
    const run = after(supper, [
      [NOW, { did: 'served' }],
      [NOW + 60, left(640)],
    ]);
    const meal = withLeftOversOf(run, NOW + day);
    const again = {
      ...after(meal, [
        [NOW + 2 * day, { did: 'served' }],
        [
          NOW + 2 * day,
          { did: 'weighed', food: meal.dishes[0]?.foods[0]?.id ?? '', when: 'left', weightG: 200 },
        ],
      ]),
      id: 'run-2',
    };
    const warmed = leftOversOf([run, again], NOW + 2 * day).find((one) => one.run === 'run-2');
    expect(warmed).toMatchObject({ cookedMin: NOW, untilMin: NOW + 3 * day });
    expect(warmed?.holds).toContain('dairy');
    // Cooked again from the same plan, there is no second helping of it.
    const [dish] = withoutLeftOvers(meal).dishes;
    const copied = meal.dishes[0] && copyDish(meal.dishes[0], new Set());
    for (const one of [dish, copied]) {
      expect(one?.foods[0]).toMatchObject({ cut: 'cooked-lamb' });
      expect(one?.foods[0]).not.toHaveProperty('leftOver');
      expect(one?.foods[0]).not.toHaveProperty('weighedG');
    }
  });

  it('is too old for a meal five days on, and thawed for it where it was frozen', () => {
    const served = NOW - 5 * day;
    const fresh = after(supper, [
      [served, { did: 'served' }],
      [served, left(640)],
    ]);
    const kept = (meal: Meal) =>
      plan(meal, meal.kitchen, NOW, { rescues: false }).findings.filter(
        ({ rule }) => rule === 'cookedKeeping',
      );
    // Put on the table while it was good, and the meal put off: the step says so.
    expect(kept(withLeftOversOf(fresh, served + day))).toMatchObject([{ level: 'stop' }]);
    const frozen = after(supper, [
      [served, { did: 'served' }],
      [served, left(640)],
      [served + 200, { did: 'frozen', food: 'lamb-shoulder' }],
    ]);
    const meal = withLeftOversOf(frozen, NOW);
    expect(kept(meal)).toEqual([]);
    const steps = plan(meal, meal.kitchen, NOW, { rescues: false }).steps;
    const thaw = steps.find(({ verb }) => verb === 'thaw');
    const fire = steps.find(({ id }) => id.includes('meat'));
    expect((thaw?.endMin ?? Infinity) - (thaw?.startMin ?? 0)).toBeGreaterThanOrEqual(8 * 60);
    expect(thaw?.endMin).toBeLessThanOrEqual(fire?.startMin ?? 0);
  });
});

describe('a run against its plan', () => {
  it('says where time was lost, dish by dish, and is found by what is in it', () => {
    const { run } = rehearse(supper, { nowMin: NOW, seed: 3, troubles: ['stall'] });
    const made = plan(supper, supper.kitchen, NOW, { rescues: false });
    const { dishes, servedMin, wishedMin } = runAgainstPlan(run, made);
    expect(servedMin).toBeGreaterThanOrEqual(wishedMin - 5);
    const lamb = dishes.find(({ dish }) => dish === 'lamb');
    expect(lamb?.moved.some(({ label, minutes }) => label === 'Smoke' && minutes > 10)).toBe(true);
    for (const { steps } of dishes) {
      for (const { planned, was } of steps) {
        expect(planned).toBeDefined();
        expect(was && was.endMin >= was.startMin).toBe(true);
      }
    }
    expect(searchRuns([run], 'duck smoker')).toEqual([run]);
    expect(searchRuns([run], 'duck tagine')).toEqual([]);
    expect(searchRuns([run], '')).toEqual([run]);
    expect(searchRuns([run], 'december 2026')).toEqual([run]);
    expect(searchRuns([run], 'june')).toEqual([]);
  });
});

describe('a proposal', () => {
  it('is the same each time, and changes nothing by itself', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const run = after(supper, [[NOW, noted(text === '' ? 'x' : text)]]);
        expect(proposalsOf(run)).toEqual(proposalsOf(run));
      }),
      { numRuns: 60 },
    );
  });
});
