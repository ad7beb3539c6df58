import { OVERNIGHT_MIN } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import type { Ledger } from '../ledger.ts';
import type { LedgerTool, ToolSpan } from '../ledger-tool.ts';

/** A tray or a bowl that held raw food is washed before anything cooked lies in it. */
export const sameVessel: Rule = {
  id: 'sameVessel',
  title: 'rule.sameVessel',
  source: 'source.fsisWashing',
  figures: { key: 'figures.sameVessel' },
  check: (meal) =>
    meal.tools
      .filter(({ kind }) => kind === 'vessel')
      .flatMap((vessel) => {
        const found = vessel.spans.flatMap((span) => metIn(meal, vessel, span));
        // Told once a vessel, where it is gravest and first wanted.
        const gravest = found.find(({ level }) => level === 'stop') ?? found[0];
        return gravest ? [gravest] : [];
      }),
};

/** What is eaten as it is, in a vessel that raw food lay in. */
function metIn({ dishes }: Ledger, { id, name }: LedgerTool, span: ToolSpan): SafetyFinding[] {
  const { before } = span;
  const dish = dishes.find((one) => one.id === span.dish);
  const act = dish?.acts.find((one) => one.id === span.step);
  if (!before || !dish || !act || act.startMin - before.untilMin > OVERNIGHT_MIN) return [];
  // Raw food among it is still to be cooked, and all that lies with it.
  if (span.raw !== before || act.foods.length === 0) return [];
  const same = act.foods.some((food) => before.foods.includes(food));
  return [
    {
      rule: 'sameVessel',
      level: same ? 'stop' : 'caution',
      dish: dish.id,
      step: act.id,
      message: { key: 'safety.sameVessel', values: { vessel: name ?? id } },
      source: 'source.fsisWashing',
      mends: [{ kind: 'washBefore', step: act.id }],
    },
  ];
}
