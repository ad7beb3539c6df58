import { describe, expect, it } from 'vitest';
import { minutesToCool } from '../heat/index.ts';
import { fahrenheitToC } from '../quantity/index.ts';
import type { MessageValue } from '../words/index.ts';
import {
  EGG_CORE_C,
  FRIDGE_COLD_C,
  holdMinutes,
  HOT_LIMIT_MIN,
  HOT_ROOM_C,
  keepingTable,
  MINCED_CORE_C,
  POULTRY_CORE_C,
  POWER_OUT_H,
  rawDays,
  ROOM_LIMIT_MIN,
  RULES,
  WHOLE_CUT_CORE_C,
  type KeepingKind,
} from './index.ts';

/** The figures a rule is shown with on the page of rules: those it checks by. */
function figuresOf(id: string): Readonly<Record<string, MessageValue>> {
  return RULES.find((rule) => rule.id === id)?.figures.values ?? {};
}

describe('the figures the rules are shown with', () => {
  // USDA/FSIS, safe minimum internal temperatures; FDA Food Code, 3-401.11; from memory.
  it('are the published cores', () => {
    expect(MINCED_CORE_C).toBeCloseTo(fahrenheitToC(160), 1);
    expect(figuresOf('core')).toEqual({
      poultry: { tempC: POULTRY_CORE_C },
      minced: { tempC: MINCED_CORE_C },
      whole: { tempC: WHOLE_CUT_CORE_C },
      pierced: { tempC: 68 },
    });
  });

  // FDA Food Code, 3-501.14: 57 to 21 °C in two hours, to 5 °C in six, in four from room heat. Australia has 60 to 21 in
  // two and 21 to 5 in four more, which is the same in all; both from memory.
  it('are the published cooling', () => {
    expect(figuresOf('cooling')).toEqual({
      warm: { tempC: 57 },
      mid: { tempC: 21 },
      cold: { tempC: 5 },
      first: { minutes: 120 },
      whole: { minutes: 360 },
      made: { minutes: 240 },
    });
  });

  // FDA Food Code, 3-501.16 (hot 57 °C), 3-403.11 (reheat 74 °C, two minutes of standing in a
  // microwave), 3-402.11 (fish), from memory, confidence 0.9.
  it('are the published holding, reheating and freezing', () => {
    expect(figuresOf('holding')).toMatchObject({ tempC: { tempC: 57 } });
    expect(figuresOf('reheating')).toEqual({ tempC: { tempC: 74 }, stand: { minutes: 2 } });
    expect(figuresOf('fish')).toEqual({
      tempC: { tempC: 60 },
      cold: { tempC: -20 },
      days: String(168 / 24),
      coldest: { tempC: -35 },
      hours: '15',
    });
  });

  // USDA/FSIS: egg dishes 160 °F; FDA Food Code, 3-401.11: pooled eggs a minute at 66 °C, or 68 for
  // 17 seconds; from memory, confidence 0.9 and more.
  it('are the published cores of what eggs set', () => {
    expect(figuresOf('eggDishes')).toEqual({ tempC: { tempC: EGG_CORE_C }, minute: { tempC: 66 } });
    expect(EGG_CORE_C).toBeGreaterThan(68);
    expect(figuresOf('souring')).toEqual({ least: '2', whole: '3.3', warmest: { tempC: 24 } });
  });

  // USDA/FSIS: two hours, one above 90 °F; the Australian rule has the same two; from memory.
  it('are the two-hour rule', () => {
    expect([ROOM_LIMIT_MIN, HOT_LIMIT_MIN]).toEqual([120, 60]);
    expect(HOT_ROOM_C).toBeCloseTo(fahrenheitToC(90), 0);
  });

  // FoodSafety.gov, cold storage chart, from memory: raw poultry and mince one to two days, whole
  // cuts three to five, corned beef in its brine five to seven, cooked meat three to four; a
  // closed fridge four hours without power. Cooked rice a day: UK Food Standards Agency. Thrown
  // away past four hours: Food Standards Australia New Zealand, confidence 0.95.
  it('are the published days', () => {
    const days = (animal: 'poultry' | 'beef' | 'fish', minced = false, cured = false) =>
      rawDays({ animal, minced, cured });
    expect([days('poultry'), days('beef', true), days('beef'), days('fish')]).toEqual([2, 2, 5, 2]);
    expect([days('beef', false, true), days('poultry', false, true)]).toEqual([7, 2]);
    expect(figuresOf('leftovers')).toEqual({ meat: '3', rice: '1', thrown: { minutes: 240 } });
    expect(figuresOf('powerCut')).toEqual({ hours: '4' });
  });

  // USDA/FSIS, The Big Thaw, from memory: 24 hours for four to five pounds in the fridge.
  it('are the published thawing', () => {
    const { perKg } = figuresOf('thawing');
    const minutes = typeof perKg === 'object' && 'minutes' in perKg ? perKg.minutes : 0;
    const kg = (lb: number) => lb * 0.4536;
    expect(minutes).toBeGreaterThanOrEqual((24 * 60) / kg(5) - 1);
    expect(minutes).toBeLessThanOrEqual((24 * 60) / kg(4));
  });

  // USDA/FSIS, Processing Inspectors’ Calculations Handbook: 200 ppm immersed, 625 dry, 156 in mince,
  // bacon 120 immersed and 200 dry; EU 150; FDA on kidney beans: ten minutes of hard boiling at the
  // least; from memory, confidence 0.75 and 0.9.
  it('are the published nitrite and the published boil', () => {
    expect(figuresOf('curing')).toEqual({
      immersed: '200',
      dry: '625',
      mince: '156',
      bellyImmersed: '120',
      bellyDry: '200',
      eu: '150',
    });
    expect(figuresOf('beans')).toEqual({ minutes: { minutes: 10 }, sure: { minutes: 30 } });
  });

  // UK Food Standards Agency, the same kill by time, from memory: 60 °C for 45 minutes, 65 for
  // 10, 70 for 2, 75 for 30 seconds, 80 for 6 seconds. No laxer than the tables of USDA/FSIS.
  it('agree with the British times at a temperature', () => {
    const british = [
      [60, 45],
      [65, 10],
      [70, 2],
      [75, 0.5],
      [80, 0.1],
    ] as const;
    for (const [tempC, minutes] of british) {
      expect(holdMinutes('beef', tempC), String(tempC)).toBeLessThanOrEqual(minutes);
    }
  });

  // Lumped cooling of a pot in a stirred ice bath and in a fridge, conduction-only figures as
  // bounds: a five-centimetre pack in ice needs 0.65 h from 57 to 21 °C, in a still fridge 4.3 h.
  it('find a deep pot too slow in a fridge and quick enough in ice', () => {
    const pot = { massG: 6000 };
    expect(minutesToCool(pot, 57, 21, 'fridge', 4)).toBeGreaterThan(120);
    expect(minutesToCool(pot, 57, 21, 'ice-bath', 1)).toBeLessThan(120);
  });

  // FoodSafety.gov, cold storage chart, from memory, confidence 0.9: days in the fridge, months frozen.
  it.each<[KeepingKind, string, string | undefined]>([
    ['rawPoultry', '1–2', '9–12'],
    ['rawMince', '1–2', '3–4'],
    ['rawCuts', '3–5', '4–12'],
    ['rawSausage', '1–2', '1–2'],
    ['bacon', '7', '1'],
    ['hotDogs', '7', '1–2'],
    ['coldCuts', '3–5', '1–2'],
    ['hamWhole', '7', '1–2'],
    ['hamSliced', '3–5', '1–2'],
    ['freshHam', '3–5', '6'],
    ['fattyFish', '1–3', '2–3'],
    ['leanFish', '1–3', '6–8'],
    ['shellfish', '1–5', '6–18'],
    ['eggs', '21–35', undefined],
    ['eggsBoiled', '7', undefined],
    ['stews', '3–4', '2–3'],
    ['cookedMeat', '3–4', '2–6'],
    ['gravy', '1–4', '2–3'],
    ['casseroles', '3–4', '1–2'],
    ['custards', '3–4', undefined],
    ['dressedSalads', '3–4', undefined],
    ['cookedRice', '1–4', '1–2'],
    ['giblets', '1–2', '3–4'],
    ['marinatedPoultry', '2', undefined],
    ['marinatedMeat', '3–5', undefined],
  ])('keep %s %s days cold', (kept, days, months) => {
    expect(keepingTable().find((row) => row.kept === kept)).toEqual({ kept, days, months });
    expect(keepingTable()).toHaveLength(25);
  });

  // The same source: 48 hours for a full freezer, 24 for one half full, four for a closed fridge.
  it('are the published power cut', () => {
    expect(POWER_OUT_H).toEqual({ fridge: 4, fullFreezer: 48, halfFreezer: 24 });
  });

  // FDA Food Code, 3-401.11 and 3-403.11, UK Food Standards Agency, from memory, confidence 0.85 and
  // more: eggs and pierced meat hotter than whole cuts, reheating hotter than both; hot holding in
  // the UK 63 °C, in the US 57; USDA ready-to-eat ham reheated to 60, all else left over to 74.
  it('rise with what could be inside', () => {
    const { pierced, whole, poultry } = figuresOf('core') as Record<string, { tempC: number }>;
    expect(whole?.tempC).toBeLessThan(pierced?.tempC ?? 0);
    expect(pierced?.tempC).toBeLessThan(poultry?.tempC ?? 0);
    expect(EGG_CORE_C).toBeCloseTo(fahrenheitToC(160), 1);
    // UK: a fridge may not be above 8 °C by law; 5 is advised.
    expect(FRIDGE_COLD_C).toBe(5);
    expect(figuresOf('parasites')).toEqual({ pork: { tempC: 62.2 }, game: { tempC: 71 } });
  });

  // The same, confidence 0.95 and 0.97: half an hour a pound in cold water; a pack of a pound within
  // the hour, the largest turkey of a row in its hours.
  it.each([
    [1, 0.4, 1],
    [12, 2, 6],
    [16, 6, 8],
    [20, 8, 10],
    [24, 10, 12],
  ])('thaw %d pounds in cold water in %d to %d hours', (pounds, least, most) => {
    const { water } = figuresOf('thawing');
    const minutes = typeof water === 'object' && 'minutes' in water ? water.minutes : 0;
    const hours = (minutes * pounds * 0.4536) / 60;
    expect(hours).toBeGreaterThanOrEqual(least);
    expect(hours).toBeLessThanOrEqual(most);
  });

  // USDA/FSIS, The Big Thaw, from memory, confidence 0.97: a turkey by its weight, days in a fridge.
  it.each([
    [12, 1, 3],
    [16, 3, 4],
    [20, 4, 5],
    [24, 5, 6],
  ])(
    'thaw the largest turkey of a row, %d pounds, in %d to %d days, at its quickest',
    (pounds, least, most) => {
      const { perKg } = figuresOf('thawing');
      const minutes = typeof perKg === 'object' && 'minutes' in perKg ? perKg.minutes : 0;
      const days = (minutes * pounds * 0.4536) / 1440;
      expect(days).toBeGreaterThanOrEqual(least * 0.95);
      expect(days).toBeLessThanOrEqual(most);
    },
  );

  it('are told of every rule, and their source', () => {
    for (const { id, figures, source } of RULES) {
      expect(figures.key, id).toBe(`figures.${id}`);
      expect(source, id).toMatch(/^source\./);
    }
  });
});
