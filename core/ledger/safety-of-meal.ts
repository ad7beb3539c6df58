import type { Meal } from '../meal/index.ts';
import { watch, type Ledger, type Rule, type SafetyFinding } from '../safety/index.ts';

/** What the safety rules have to say of a meal, by its ledger. */
export function findingsOf(meal: Meal, ledger: Ledger, rules?: readonly Rule[]): SafetyFinding[] {
  return watch(ledger, rules).map((finding) => {
    const { words } =
      (meal.overruled ?? []).find(
        ({ rule, step }) => rule === finding.rule && step === finding.step,
      ) ?? {};
    return words === undefined ? finding : { ...finding, overruled: words };
  });
}
