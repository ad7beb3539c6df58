import type { Caution, SafetyFinding } from '../safety/index.ts';
import type { PlannedStep } from './planned.ts';

/** Each caution once, at the first step it is for; what is broken is said wherever it is. */
export function saidOnce(steps: readonly PlannedStep[]): PlannedStep[] {
  const said = new Map<string, number>();
  const keyOf = (caution: Caution) => JSON.stringify(caution.message);
  for (const { startMin, cautions } of steps) {
    for (const caution of cautions) {
      const key = keyOf(caution);
      said.set(key, Math.min(startMin, said.get(key) ?? Infinity));
    }
  }
  return steps.map((step) => ({
    ...step,
    cautions: step.cautions.filter(
      (caution) => caution.broken || said.get(keyOf(caution)) === step.startMin,
    ),
  }));
}

/** A step with what the safety rules say of it beside its cautions; the gravest first. */
export function withFindings(step: PlannedStep, findings: readonly SafetyFinding[]): PlannedStep {
  const said = findings
    .filter((finding) => finding.step === step.id && finding.level !== 'note')
    .map(({ message, source, level }) => ({ message, source, broken: level === 'stop' }));
  return said.length === 0 ? step : { ...step, cautions: [...said, ...step.cautions] };
}
