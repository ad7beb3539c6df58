import { describe, expect, it } from 'vitest';
import { fahrenheitToC } from '../quantity/index.ts';
import type { MessageKey } from '../words/index.ts';
import {
  cautionsOf,
  longestRaw,
  POULTRY_CORE_C,
  ROOM_LIMIT_MIN,
  WHOLE_CUT_CORE_C,
  type Caution,
} from './index.ts';

type Watched = Parameters<typeof cautionsOf>[0];

const watch = (step: Partial<Watched>): Caution[] =>
  cautionsOf({ verb: 'prepare', place: 'board', animals: [], minutes: 30, ...step });
const keys = (step: Partial<Watched>): MessageKey[] => watch(step).map((c) => c.message.key);

describe('the figures of safety', () => {
  // USDA/FSIS, safe minimum internal temperatures, from memory: 145 °F whole cuts with three
  // minutes' rest, 165 °F poultry.
  it('are the published ones', () => {
    expect(WHOLE_CUT_CORE_C).toBeCloseTo(fahrenheitToC(145), 1);
    expect(POULTRY_CORE_C).toBeCloseTo(fahrenheitToC(165), 1);
    // USDA/FSIS: two hours in the danger zone; marinated poultry two days, other meat five.
    expect(ROOM_LIMIT_MIN).toBe(120);
    expect(longestRaw(['lamb'])?.days).toBe(5);
    expect(longestRaw(['lamb', 'poultry'])).toEqual({ days: 2, animal: 'poultry' });
    // FoodSafety.gov, cold storage chart, from memory: fish one to two days.
    expect(longestRaw(['fish'])?.days).toBe(2);
    expect(longestRaw(['none'])).toBeUndefined();
  });
});

describe('cautions at the step', () => {
  it('marinating is cold', () => {
    const soak = { verb: 'marinate', place: 'fridge', animals: ['lamb'] } as const;
    expect(keys({ ...soak, minutes: 14 * 60 })).toEqual(['caution.marinateCold']);
    expect(keys({ ...soak, animals: [], minutes: 14 * 60 })).toEqual([]);
  });

  it('the counter counts toward two hours, for what is raw', () => {
    const temper = { verb: 'temper', place: 'counter', animals: ['beef'] } as const;
    expect(keys({ ...temper, minutes: 40 })).toEqual(['caution.twoHours']);
    // Past the limit a rule speaks, and not a caution as well.
    expect(keys({ ...temper, minutes: 121 })).toEqual([]);
    expect(keys({ ...temper, animals: [], minutes: 300 })).toEqual([]);
    expect(keys({ verb: 'rise', place: 'counter', minutes: 300 })).toEqual([]);
    expect(keys({ verb: 'marinate', place: 'counter', animals: ['pork'], minutes: 30 })).toContain(
      'caution.twoHours',
    );
  });

  it('fire is outdoors, hot fat is dry, what is held is hot', () => {
    expect(keys({ verb: 'smoke', place: 'smoker' })).toEqual(['caution.charcoal']);
    expect(keys({ verb: 'grill', place: 'grill' })).toEqual([
      'caution.charcoal',
      'caution.flareUp',
    ]);
    expect(keys({ verb: 'light', place: 'board' })).toEqual(['caution.charcoal']);
    expect(keys({ verb: 'brown', place: 'hob' })).toEqual(['caution.hotFat', 'caution.fatDrain']);
    expect(keys({ verb: 'sear', place: 'hob', tempC: 240 })).toContain('caution.smoke');
    expect(keys({ verb: 'braise', place: 'hob', cooker: 'pressure' })).toContain(
      'caution.pressure',
    );
    expect(keys({ verb: 'glaze', place: 'oven', tempC: 220, holds: new Set(['sugar']) })).toEqual([
      'caution.hotSugar',
    ]);
    expect(keys({ verb: 'mix', animals: ['lamb'], holds: new Set(['chilli']) })).toEqual([
      'caution.washUp',
      'caution.chilli',
    ]);
    expect(keys({ verb: 'hold', place: 'oven' })).toEqual(['caution.holdHot']);
    expect(keys({ verb: 'steam', place: 'hob' })).toEqual(['caution.steam']);
    expect(keys({ verb: 'slice', place: 'board', animals: ['beef'] })).toEqual([]);
  });

  it('what is guidance is said once, in whole degrees; rarer is a rule’s to say', () => {
    const roast = { verb: 'roast', place: 'oven' } as const;
    expect(keys({ ...roast, animals: ['lamb'], coreC: 63 })).toEqual(['caution.redMeatCore']);
    expect(keys({ ...roast, animals: ['lamb'], coreC: 54 })).toEqual([]);
    expect(keys({ ...roast, animals: ['poultry'], coreC: 74 })).toEqual(['caution.poultryCore']);
    expect(keys({ ...roast, animals: [], coreC: 40 })).toEqual([]);
  });

  it('names a source for each', () => {
    const all = [
      ...watch({ verb: 'marinate', place: 'counter', animals: ['poultry'], minutes: 9999 }),
      ...watch({ verb: 'grill', place: 'grill', animals: ['beef'], coreC: 50 }),
      ...watch({ verb: 'fry', place: 'hob' }),
      ...watch({ verb: 'hold', place: 'hob' }),
    ];
    expect(all.length).toBeGreaterThan(4);
    for (const caution of all) expect(caution.source).toMatch(/^source\./);
  });
});
