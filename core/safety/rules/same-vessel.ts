import { FIRE_VERBS } from '../../terms/index.ts';
import { OVERNIGHT_MIN } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import type { LedgerAct, LedgerDish, Ledger } from '../ledger.ts';

/** A tray or a bowl that held raw food is washed before anything cooked lies in it. */
export const sameVessel: Rule = {
  id: 'sameVessel',
  title: 'rule.sameVessel',
  source: 'source.fsisWashing',
  figures: { key: 'figures.sameVessel' },
  check: (meal) => {
    const found: SafetyFinding[] = [];
    /** By vessel: the raw food in it last, and until when. */
    const raw = new Map<string, { dish: string; foods: readonly string[]; untilMin: number }>();
    for (const { dish, act } of inOrder(meal)) {
      if (act.vessel === undefined) continue;
      const before = raw.get(act.vessel);
      const held = statesIn(dish, act);
      // What is cooked in it is cooked with it.
      if (FIRE_VERBS.has(act.verb) || act.washes) raw.delete(act.vessel);
      else if (held.raw.length > 0)
        raw.set(act.vessel, { dish: dish.id, foods: held.raw, untilMin: act.endMin });
      else if (before && held.clean && act.startMin - before.untilMin <= OVERNIGHT_MIN) {
        const same = act.foods.some((food) => before.foods.includes(food));
        const name = meal.vessels.get(act.vessel)?.name ?? act.vessel;
        found.push(findingAt(dish.id, act.id, name, same ? 'stop' : 'caution'));
        raw.delete(act.vessel);
      }
    }
    return found;
  },
};

function inOrder(meal: Ledger): Array<{ dish: LedgerDish; act: LedgerAct }> {
  return meal.dishes
    .flatMap((dish) => dish.acts.map((act) => ({ dish, act })))
    .sort((a, b) => a.act.startMin - b.act.startMin);
}

/** What lies in it: raw meat and fish by id, and whether anything that is eaten as it is. */
function statesIn(dish: LedgerDish, act: LedgerAct): { raw: string[]; clean: boolean } {
  const foods = dish.foods.filter(({ id }) => act.foods.includes(id));
  const raw = foods.filter(({ animal, ready, spans }) => {
    const at = spans.find(({ step }) => step === act.id);
    return animal !== 'none' && !ready && at?.state === 'raw';
  });
  return { raw: raw.map(({ id }) => id), clean: foods.length > raw.length };
}

function findingAt(
  dish: string,
  step: string,
  vessel: string,
  level: 'stop' | 'caution',
): SafetyFinding {
  return {
    rule: 'sameVessel',
    level,
    dish,
    step,
    message: { key: 'safety.sameVessel', values: { vessel } },
    source: 'source.fsisWashing',
    mends: [{ kind: 'washBefore', step }],
  };
}
