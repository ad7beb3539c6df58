import { OVERNIGHT_MIN } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import { RAW_BOARD_WORK, rawFoods, type WatchedAct, type WatchedDish } from '../watched.ts';

/** What is eaten as it leaves the board. */
const PLATED = new Set(['slice', 'shred', 'serve']);

/** Board, knife, brush and hands are washed between raw food and what is eaten as it is. */
export const washing: Rule = {
  id: 'washing',
  title: 'rule.washing',
  source: 'source.fsisWashing',
  figures: { key: 'figures.washing' },
  check: (meal) => {
    const acts = meal.dishes
      .flatMap((dish) => dish.acts.map((act) => ({ dish, act })))
      .sort((a, b) => a.act.startMin - b.act.startMin);
    /** When raw food was last on a board nobody has washed since. */
    let touchedMin = -Infinity;
    for (const { dish, act } of acts) {
      if (isPlated(dish, act) && act.startMin - touchedMin <= OVERNIGHT_MIN) {
        return [findingAt(dish.id, act.id)];
      }
      if (handlesRaw(dish, act)) touchedMin = act.endMin;
      if (act.washes) touchedMin = -Infinity;
    }
    return [];
  },
};

/** Said once, where it is first wanted. */
function findingAt(dish: string, step: string): SafetyFinding {
  return {
    rule: 'washing',
    level: 'caution',
    dish,
    step,
    message: { key: 'safety.washing' },
    source: 'source.fsisWashing',
    mends: [{ kind: 'washBefore', step }],
  };
}

function handlesRaw(dish: WatchedDish, { verb, place, afterFire }: WatchedAct): boolean {
  return rawFoods(dish).length > 0 && place === 'board' && !afterFire && RAW_BOARD_WORK.has(verb);
}

function isPlated(dish: WatchedDish, { verb, place, afterFire }: WatchedAct): boolean {
  if (place !== 'board') return false;
  const eatenRaw = rawFoods(dish).length === 0 && !dish.acts.some(({ last }) => last);
  return (PLATED.has(verb) && afterFire) || (verb === 'prepare' && eatenRaw);
}
