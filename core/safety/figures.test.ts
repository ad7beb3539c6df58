import { describe, expect, it } from 'vitest';
import { minutesToCool } from '../heat/index.ts';
import { fahrenheitToC } from '../quantity/index.ts';
import type { MessageValue } from '../words/index.ts';
import {
  holdMinutes,
  HOT_LIMIT_MIN,
  HOT_ROOM_C,
  MINCED_CORE_C,
  POULTRY_CORE_C,
  rawDays,
  ROOM_LIMIT_MIN,
  RULES,
  WHOLE_CUT_CORE_C,
  type RuleId,
} from './index.ts';

/** The figures a rule is shown with on the page of rules: those it checks by. */
function figuresOf(id: RuleId): Readonly<Record<string, MessageValue>> {
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

  // FDA Food Code, 3-501.14: 57 to 21 °C in two hours, to 5 °C in six. Australia has 60 to 21 in
  // two and 21 to 5 in four more, which is the same in all; both from memory.
  it('are the published cooling', () => {
    expect(figuresOf('cooling')).toEqual({ first: { minutes: 120 }, whole: { minutes: 360 } });
  });

  // FDA Food Code, 3-501.16 (hot 57 °C), 3-403.11 (reheat 74 °C), 3-402.11 (fish), from memory.
  it('are the published holding, reheating and freezing', () => {
    expect(figuresOf('holding')).toMatchObject({ tempC: { tempC: 57 } });
    expect(figuresOf('reheating')).toEqual({ tempC: { tempC: 74 } });
    expect(figuresOf('fish')).toEqual({ tempC: { tempC: 60 } });
  });

  // USDA/FSIS: two hours, one above 90 °F; the Australian rule has the same two; from memory.
  it('are the two-hour rule', () => {
    expect([ROOM_LIMIT_MIN, HOT_LIMIT_MIN]).toEqual([120, 60]);
    expect(HOT_ROOM_C).toBeCloseTo(fahrenheitToC(90), 0);
  });

  // FoodSafety.gov, cold storage chart, from memory: raw poultry and mince one to two days, whole
  // cuts three to five, corned beef in its brine five to seven, cooked meat three to four; a
  // closed fridge four hours without power. Cooked rice a day: UK Food Standards Agency.
  it('are the published days', () => {
    const days = (animal: 'poultry' | 'beef' | 'fish', minced = false, cured = false) =>
      rawDays({ animal, minced, cured });
    expect([days('poultry'), days('beef', true), days('beef'), days('fish')]).toEqual([2, 2, 5, 2]);
    expect([days('beef', false, true), days('poultry', false, true)]).toEqual([7, 2]);
    expect(figuresOf('leftovers')).toEqual({ meat: '3', rice: '1' });
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

  // USDA/FSIS, Processing Inspectors’ Calculations Handbook: 200 ppm immersed, 625 dry; FDA on
  // kidney beans: ten minutes of hard boiling at the least; from memory.
  it('are the published nitrite and the published boil', () => {
    expect(figuresOf('curing')).toEqual({ immersed: '200', dry: '625' });
    expect(figuresOf('beans')).toEqual({ minutes: { minutes: 10 } });
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

  it('are told of every rule, and their source', () => {
    for (const { id, figures, source } of RULES) {
      expect(figures.key, id).toBe(`figures.${id}`);
      expect(source, id).toMatch(/^source\./);
    }
  });
});
