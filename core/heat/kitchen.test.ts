import { environmentNamed, READYING, USUAL_CONDITIONS, type Cooker } from '../places/index.ts';
import { describe, expect, it } from 'vitest';
import { CUTS } from '../pantry/index.ts';
import {
  cookOnce,
  eggMinutes,
  leaveningMinutes,
  compositionOf,
  minutesToCool,
  readyingMinutes,
  riseOf,
  risingMinutes,
  type StageSpec,
} from './index.ts';

function toCore(
  cutId: string,
  piece: { weightG: number; thicknessMm?: number },
  fire: { cooker: Cooker; tempC?: number; turnEveryMin?: number },
  coreC: number,
  startC = 5,
): number {
  const cut = CUTS.get(cutId);
  if (!cut) throw new Error(cutId);
  const end = { kind: 'core', coreC } as const;
  const conditions = USUAL_CONDITIONS;
  return cookOnce({ piece: { cut, ...piece }, startC, conditions, stages: [{ ...fire, end }] })
    .minutes;
}

const COALS = { cooker: 'grill-direct', tempC: 230, turnEveryMin: 3 } as const;

describe('what kitchens go by', () => {
  // A published popular-science formula, from memory, confidence 0.85, with its own three examples;
  // kitchens give soft eggs six minutes and hard ones ten to twelve, same confidence.
  it.each([
    [57, 4, 63, 4.54],
    [57, 21, 63, 3.23],
    [67, 4, 77, 8.59],
  ])('an egg of %d g from %d °C is at %d °C in %d minutes', (shellG, fromC, boundaryC, minutes) => {
    expect(eggMinutes(shellG, fromC, 100, boundaryC)).toBeCloseTo(minutes, 1);
  });

  // The same source: by conduction, at 0.69 of its radius and 800 W/m²K, 5.3 minutes; 4.5 by its formula.
  it('an egg by conduction takes what its formula says, or a little more', () => {
    const cut = CUTS.get('eggs');
    if (!cut) throw new Error('eggs');
    const end = { kind: 'minutes', minutes: 8 } as const;
    const boiled = cookOnce(
      {
        piece: { cut, weightG: 57 },
        startC: 4,
        conditions: USUAL_CONDITIONS,
        stages: [{ cooker: 'simmer', tempC: 99, end }],
      },
      undefined,
      { everyMin: 0.05, cells: 40, fields: true },
    );
    const at = boiled.fieldC.findIndex(
      (cells) => (cells[Math.floor(0.69 * cells.length)] ?? 0) >= 63,
    );
    expect(boiled.minute[at]).toBeGreaterThan(4.5);
    expect(boiled.minute[at]).toBeLessThan(5.3);
  });

  it('an egg takes longer when larger, colder, higher up or wanted harder; never hotter than its water', () => {
    const usual = eggMinutes(57, 4, 100, 63);
    expect(usual).toBeLessThan(6);
    expect(eggMinutes(57, 4, 100, 77)).toBeLessThan(10);
    for (const longer of [
      eggMinutes(71, 4, 100, 63),
      eggMinutes(57, 1, 100, 63),
      eggMinutes(57, 4, 93, 63),
      eggMinutes(57, 4, 100, 70),
    ]) {
      expect(longer).toBeGreaterThan(usual);
    }
    expect(() => eggMinutes(57, 4, 70, 77)).toThrow(RangeError);
  });

  // Ten minutes for an inch at 230 °C, twice that from frozen: kitchen rule, from memory, confidence
  // 0.95 that it is the rule. By conduction it is a quarter to two thirds longer
  // (13.2 minutes to 60 °C by another’s reckoning, 16.7 by ours); we say so.
  it('fish goes by its thickness: about the rule’s ten minutes an inch, twice from frozen', () => {
    const oven = { cooker: 'oven', tempC: 230 } as const;
    const inch = toCore('white-fish-fillet', { weightG: 200, thicknessMm: 25 }, oven, 55);
    const two = toCore('white-fish-fillet', { weightG: 400, thicknessMm: 50 }, oven, 55);
    const frozen = toCore('white-fish-fillet', { weightG: 200, thicknessMm: 25 }, oven, 55, -18);
    expect(inch).toBeGreaterThan(10);
    expect(inch).toBeLessThan(16.7);
    expect(two / inch).toBeGreaterThan(1.5);
    expect(two / inch).toBeLessThan(2.5);
    expect(frozen / inch).toBeGreaterThan(1.5);
    expect(frozen / inch).toBeLessThan(2.2);
  });

  // Common practice, no source: a whole fish of 900 g takes 20 to 30 minutes at 200 °C, a mackerel 12 to
  // 18; over coals a steak of 25 mm ten minutes or so, a burger of 20 mm about as long.
  it.each([
    ['fish-whole', { weightG: 900 }, { cooker: 'oven', tempC: 200 }, 58, 20, 30],
    ['mackerel-whole', { weightG: 300 }, { cooker: 'oven', tempC: 200 }, 58, 12, 18],
    ['beef-steak', { weightG: 250, thicknessMm: 25 }, COALS, 50, 8, 12],
    ['beef-mince', { weightG: 150, thicknessMm: 20 }, COALS, 71, 8, 13],
  ] as const)('%s %o is done as soon as cooks find it', (id, piece, fire, coreC, least, most) => {
    const minutes = toCore(id, piece, fire, coreC);
    expect(minutes).toBeGreaterThanOrEqual(least);
    expect(minutes).toBeLessThanOrEqual(most);
  });

  // What was seared is done sooner in the oven than what was not, and a pan takes no thicker food for it.
  it('a sear gains time in the oven', () => {
    const cut = CUTS.get('pork-chop-bone-in');
    if (!cut) throw new Error('chop');
    const oven = { cooker: 'oven', tempC: 180, end: { kind: 'core', coreC: 63 } } as const;
    const pan = { cooker: 'pan', tempC: 230, turnEveryMin: 3 } as const;
    const last = (stages: StageSpec[]) =>
      cookOnce({
        piece: { cut, weightG: 250 },
        startC: 5,
        conditions: USUAL_CONDITIONS,
        stages,
      }).stages.at(-1)?.minutes ?? NaN;
    const sear = (minutes: number) => ({ ...pan, end: { kind: 'minutes', minutes } }) as const;
    const bare = last([oven]);
    // The pan’s own way of reckoning a flat food agrees with the oven’s.
    expect(last([sear(0.05), oven]) / bare).toBeGreaterThan(0.85);
    expect(last([sear(0.05), oven]) / bare).toBeLessThan(1.1);
    expect(last([sear(6), oven])).toBeLessThan(0.75 * bare);
    expect(last([sear(8), oven])).toBeLessThan(last([sear(4), oven]));
  });

  // Slow cookers settle at 87 to 96 °C on low and 93 to 99 on high, and bring a pot to 60 °C in three
  // to four hours or one and a half to two and a half; kitchen convention, from memory, confidence 0.7.
  it('slow cookers are as hot and as slow as they are', () => {
    const pot = (cooker: Cooker) =>
      toCore('beef-chuck-roast', { weightG: 1000 }, { cooker }, 60) / 60;
    const [low, high] = [environmentNamed('slow-cooker-low'), environmentNamed('slow-cooker-high')];
    expect(low.usualC).toBeGreaterThanOrEqual(87);
    expect(low.usualC).toBeLessThanOrEqual(96);
    expect(high.usualC).toBeGreaterThanOrEqual(93);
    expect(high.usualC).toBeLessThanOrEqual(99);
    expect(pot('slow-cooker-low')).toBeGreaterThanOrEqual(3);
    expect(pot('slow-cooker-low')).toBeLessThanOrEqual(4);
    expect(pot('slow-cooker-high')).toBeGreaterThanOrEqual(1.5);
    expect(pot('slow-cooker-high')).toBeLessThanOrEqual(2.5);
    // An hour on high is two to two and a half on low, kitchens say; by conduction it is 1.7.
    expect(pot('slow-cooker-low') / pot('slow-cooker-high')).toBeGreaterThan(1.6);
    expect(pot('slow-cooker-low') / pot('slow-cooker-high')).toBeLessThan(2.5);
  });

  // USDA/FSIS, Appendix B, option 1, from memory, confidence 0.85: 54.4 to 26.7 °C in an hour and a
  // half, to 4.4 °C in five more. UK advice, 0.85: cold within one to two hours.
  it('a pot that cools by our limits in ice also cools by the stricter published ones', () => {
    for (const massG of [500, 1000, 2000, 4000]) {
      const to = (fromC: number, toC: number) =>
        minutesToCool({ massG, widthCm: 24 }, fromC, toC, 'ice-bath', 1);
      if (to(57, 21) > 120 || to(57, 5) > 360) continue;
      expect(to(54.4, 26.7), String(massG)).toBeLessThanOrEqual(90);
      expect(to(26.7, 4.4), String(massG)).toBeLessThanOrEqual(300);
    }
  });

  // Dough, kitchen and baking practice, from memory, confidence 0.7: grows best at 27 to 32 °C, makes
  // most gas at 38, stands still below 2 to 4, dies from 55; 2 % of salt slows it by a tenth.
  it('dough rises as warm as it likes, and not at all beyond', () => {
    const minutes = (tempC: number, saltPct = 2) => risingMinutes(tempC, 0.7, saltPct).likely;
    expect(minutes(32)).toBeLessThan(minutes(27));
    expect(minutes(38)).toBeLessThanOrEqual(minutes(32));
    expect(minutes(42)).toBeGreaterThan(minutes(38));
    expect(minutes(4)).toBeGreaterThan(10 * minutes(24));
    expect(() => minutes(1)).toThrow(RangeError);
    expect(() => minutes(56)).toThrow(RangeError);
    expect(minutes(24, 2) / minutes(24, 0)).toBeCloseTo(1.1, 1);
  });

  // Sourdough, baking practice, from memory, confidence 0.7: four to six hours at 24 °C; its yeasts
  // grow best at 27 °C, its souring bacteria at 33.
  it('sourdough rises in its usual hours, best where its yeasts like it', () => {
    const { least, likely, most } = leaveningMinutes(24, 20);
    expect(least).toBeGreaterThanOrEqual(4 * 60);
    expect(likely).toBe(5 * 60);
    expect(most).toBeLessThanOrEqual(6.5 * 60);
    const minutes = (tempC: number, leavenPct = 20) => leaveningMinutes(tempC, leavenPct).likely;
    for (const other of [15, 21, 24, 31, 33, 38]) {
      expect(minutes(27), String(other)).toBeLessThan(minutes(other));
    }
    expect(minutes(24, 10)).toBeGreaterThan(minutes(24));
    expect(minutes(24, 40)).toBeLessThan(minutes(24));
    expect(leaveningMinutes(24, 20, 0).likely).toBeLessThan(likely);
    expect(() => minutes(2)).toThrow(RangeError);
    const dough = { kind: 'leavening', leavenPct: 20, saltPct: 2 } as const;
    expect(riseOf(dough, 24).likely).toBe(likely);
    expect(riseOf({ kind: 'rising', yeastPct: 0.7, saltPct: 2 }, 24).likely).toBeCloseTo(90, 6);
  });

  // The same: yeast grows 2.2 times as fast for ten degrees more between 15 and 30 °C.
  it('yeast is as quick for each ten degrees as is measured', () => {
    const perTen = (risingMinutes(15, 0.7).likely / risingMinutes(30, 0.7).likely) ** (10 / 15);
    expect(perTen).toBeGreaterThan(2.1);
    expect(perTen).toBeLessThan(2.4);
  });

  // ASHRAE Handbook, Refrigeration, from memory, confidence 0.85: where the first ice forms, °C.
  it.each([
    ['beef-steak', -1.7],
    ['pork-loin-boneless', -1.8],
    ['lamb-chop', -1.9],
    ['chicken-breast', -2.5],
    ['salmon-fillet', -2.2],
    ['ham-bone-in', -3],
    ['potatoes', -0.8],
  ])('%s freezes from %d °C on', (id, tempC) => {
    const cut = CUTS.get(id);
    expect(cut && compositionOf(cut).freezesAtC).toBe(tempC);
  });

  // Getting ready, minutes, kitchen convention, from memory, confidence 0.65: a starting value.
  it('ovens and fires get ready in their usual minutes', () => {
    const usual: Partial<Record<(typeof READYING)[number], readonly [number, number]>> = {
      'oven-180': [10, 15],
      'oven-230': [15, 25],
      'chimney-briquettes': [20, 25],
    };
    for (const what of READYING) {
      const bounds = usual[what];
      if (!bounds) continue;
      const { likely } = readyingMinutes(what);
      expect(likely, what).toBeGreaterThanOrEqual(bounds[0]);
      expect(likely, what).toBeLessThanOrEqual(bounds[1]);
    }
  });
});
