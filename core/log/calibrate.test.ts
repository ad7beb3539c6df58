import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import {
  calibrateCooks,
  CUTS,
  parseMeal,
  rehearse,
  USUAL_CONDITIONS,
  type CookEvidence,
} from '../index.ts';
import { at } from '../test/meals.ts';
import { calibrate } from './calibrate.ts';
import { factsOf } from './facts.ts';

const NOW = at('2026-11-20T08:00');

/** A shoulder smoked, wrapped and smoked on, in a smoker that runs 15 °C hot. */
function hotSmoker() {
  const file = new URL('../../demo/thursday-shoulder.json', import.meta.url);
  const meal = parseMeal(readFileSync(file, 'utf8'), NOW);
  const hidden = { offsetC: { smoker: 15 }, pace: 1 };
  return factsOf(rehearse(meal, { nowMin: NOW, seed: 1, hidden }).run);
}

it('a probe that goes on into the next step has been in the first, and both are one cook', () => {
  const { cooks, state } = hotSmoker();
  expect(cooks.map(({ step }) => step.id)).toEqual(expect.arrayContaining(['lamb-smoke']));
  for (const { besideC } of cooks) expect(besideC.length).toBeGreaterThanOrEqual(3);
  const [smoker] = calibrate(cooks, state.meal.kitchen);
  expect(smoker).toMatchObject({ appliance: 'smoker', from: 1, leftOut: 0 });
  expect(smoker?.least).toBeLessThan(15);
  expect(smoker?.most).toBeGreaterThan(15);
});

it('the same piece twice says no more than once', () => {
  const cut = CUTS.get('pork-loin-boneless');
  if (!cut) throw new Error('no loin');
  const cook: CookEvidence = {
    spec: {
      piece: { cut, weightG: 1500 },
      startC: 5,
      stages: [{ cooker: 'oven', tempC: 175, end: { kind: 'core', coreC: 63 } }],
      conditions: USUAL_CONDITIONS,
    },
    cooker: 'oven',
    tookMin: 120,
    besideC: [-10, -9, -11],
    ofPiece: 'loin',
  };
  const once = calibrateCooks([cook]);
  const twice = calibrateCooks([cook, cook]);
  expect(twice.from).toBe(1);
  expect(twice.offsetC).toBeCloseTo(once.offsetC, 6);
  expect(twice.most).toBeCloseTo(once.most, 6);
});
