import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { applyCommand, mealOf, parseMeal, type Command, type Meal } from '../meal/index.ts';
import { RULES, RULE_IDS } from '../safety/index.ts';
import { at, supper } from '../test/meals.ts';
import { SAFETY_CASES } from '../test/safety-cases.ts';
import { mendCommands } from './mends.ts';
import { plan } from './plan.ts';

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
    const stopped = new Set(SAFETY_CASES.map(({ stops }) => stops));
    // Fish that was not frozen is a caution, not a stop.
    expect(RULE_IDS.filter((id) => id !== 'fish' && !stopped.has(id))).toEqual([]);
    expect(RULES.map(({ id }) => id).sort()).toEqual([...RULE_IDS].sort());
    const passing = SAFETY_CASES.filter(({ stops }) => stops === 'nothing').length;
    expect(SAFETY_CASES.length).toBeGreaterThanOrEqual(60);
    expect(passing).toBeGreaterThanOrEqual(SAFETY_CASES.length / 2 - 3);
  });

  it('say what would mend it, and it does', () => {
    for (const { name, stops, meal } of SAFETY_CASES) {
      if (stops === 'nothing') continue;
      const read = mealOf(meal, NOW);
      const made = plan(read, read.kitchen, NOW, { work: 200, rescues: false });
      for (const mend of made.findings.flatMap(({ mends }) => mends)) {
        const commands = mendCommands(read, mend, (key) => key);
        const mended = commands.reduce(applyCommand, read);
        expect(commands.length, name).toBeGreaterThan(0);
        expect(stopsOf(mended), `${name}, ${mend.kind}`).not.toContain(stops);
      }
    }
  });

  it('stop nothing of the example meals, and say little', () => {
    for (const file of ['first-frost-supper', 'towpath-lunch', 'wednesday-hock']) {
      const url = new URL(`../../demo/${file}.json`, import.meta.url);
      const meal = parseMeal(readFileSync(url, 'utf8'), at('2026-11-23T08:00'));
      const made = plan(meal, meal.kitchen, at('2026-11-23T08:00'), { rescues: false });
      expect(made.findings, file).toEqual([]);
    }
  });

  it('see an edit that makes a safe meal unsafe', () => {
    const edits: ReadonlyArray<readonly [string, Command]> = [
      [
        'counter',
        { do: 'setStepTime', step: 'lamb-temper', time: { kind: 'fixed', minutes: 150 } },
      ],
      [
        'counter',
        { do: 'editStep', step: 'lamb-marinate', change: { place: { kind: 'counter' } } },
      ],
      [
        'holding',
        { do: 'editStep', step: 'duck-hold', change: { place: { kind: 'hob', tempC: 40 } } },
      ],
    ];
    for (const [rule, command] of edits) {
      const meal = applyCommand(supper(), command);
      const long: Command = {
        do: 'setStepTime',
        step: 'duck-hold',
        time: { kind: 'fixed', minutes: 150 },
      };
      expect(stopsOf(rule === 'holding' ? applyCommand(meal, long) : meal)).toContain(rule);
    }
  });
});
