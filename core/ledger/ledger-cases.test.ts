import { describe, expect, it } from 'vitest';
import { mealOf } from '../meal/index.ts';
import { plan } from '../plan/plan.ts';
import { at } from '../test/meals.ts';
import type { LedgerCase, Verdict } from '../test/ledger-cases/case.ts';
import { ROUNDS } from '../test/ledger-cases/rounds.ts';

const NOW = at('2026-11-01T08:00');

function judged({ meal, rule }: LedgerCase): { verdict: Verdict; said: boolean } {
  const read = mealOf(meal, NOW);
  const { findings } = plan(read, read.kitchen, NOW, { work: 200, rescues: false });
  const stops = findings.filter(
    ({ level, overruled }) => level === 'stop' && overruled === undefined,
  );
  const cautions = findings.filter(({ level }) => level === 'caution');
  const verdict = stops.length > 0 ? 'stop' : cautions.length > 0 ? 'caution' : 'pass';
  const told = verdict === 'stop' ? stops : cautions;
  return { verdict, said: rule === undefined || told.some((one) => one.rule === rule) };
}

describe.each(ROUNDS)('whole meals, the $name round', ({ cases }) => {
  it.each(cases.map((one) => [one.name, one] as const))('%s', (_name, one) => {
    const { verdict, said } = judged(one);
    // What is safe may have something to mind; it is not stopped.
    if (one.verdict === 'pass') expect(verdict).not.toBe('stop');
    else expect({ verdict, said }).toEqual({ verdict: one.verdict, said: true });
  });
});
