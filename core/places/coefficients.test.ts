import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { moistAirAt } from '../heat/index.ts';
import { coefficient, OUR_OWN } from './coefficient.ts';
import { COOKERS, environmentNamed, FITTED, placeOfCooker, USUAL_CONDITIONS } from './index.ts';

const textOf = (kind: string) =>
  readFileSync(fileURLToPath(new URL(`${kind}.ts`, import.meta.url)), 'utf8');

describe('the boundary conditions of every fire', () => {
  it.each(COOKERS.map((cooker) => [cooker]))(
    'name their coefficients, with unit, correlation, range and source: %s',
    (cooker) => {
      const { coefficients = {} } = environmentNamed(cooker);
      expect(Object.keys(coefficients)).toContainEqual(
        expect.stringMatching(/^(?:convection|contact)$/),
      );
      for (const { unit, range, correlation, source } of Object.values(coefficients)) {
        expect([unit, correlation, source].map((one) => one.length > 0)).toEqual([
          true,
          true,
          true,
        ]);
        expect(range[0]).toBeLessThan(range[1]);
      }
    },
  );

  it.each(COOKERS.map((cooker) => [cooker]))('have no number of their own: %s', (cooker) => {
    // What stands between the two keys is the condition; places that share one name it above.
    const written = textOf(placeOfCooker(cooker).own).matchAll(/boundary:([^]*?)coefficients:/g);
    for (const [, condition = ''] of written) expect(condition).not.toMatch(/(?<![\w.])\d/);
  });

  it.each(COOKERS.map((cooker) => [cooker]))('reckon with the heat they name: %s', (cooker) => {
    const { boundary, coefficients = {}, heats = [80, 80] } = environmentNamed(cooker);
    const { around, under } = boundary(heats[0], USUAL_CONDITIONS, FITTED, moistAirAt(0));
    const named = Object.values(coefficients).map(({ value }) => value);
    const wind = USUAL_CONDITIONS.windMPerS * (coefficients.wind?.value ?? 0);
    const base = (coefficients.contact ?? coefficients.convection)?.value ?? NaN;
    expect(around.convection).toBe(base + wind);
    if (around.emissivity > 0) expect(named).toContain(around.emissivity);
    if (under && coefficients.openSide === undefined) expect(named).toContain(under.convection);
  });
});

it('a coefficient that is not within its own range is none', () => {
  const told = { unit: 'share', range: [0, 1], correlation: 'any', source: OUR_OWN } as const;
  expect(() => coefficient({ value: 1.2, ...told })).toThrow(RangeError);
});
