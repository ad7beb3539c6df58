import type { Rule } from '../finding.ts';
import { rawFoods, type WatchedAct, type WatchedDish } from '../watched.ts';

/** Hands on raw food. */
const RAW_WORK = new Set(['mix', 'prepare', 'slice', 'shape', 'marinate', 'brine', 'shred']);
/** What is eaten as it leaves the board. */
const PLATED = new Set(['slice', 'shred', 'serve']);

/** Board, knife, brush and hands are washed between raw food and what is eaten as it is. */
export const washing: Rule = {
  id: 'washing',
  source: 'source.fsisWashing',
  figures: { key: 'figures.washing' },
  check: (meal) => {
    const acts = meal.dishes
      .flatMap((dish) => dish.acts.map((act) => ({ dish, act })))
      .sort((a, b) => a.act.startMin - b.act.startMin);
    const touched = acts.findIndex(({ dish, act }) => handlesRaw(dish, act));
    if (touched === -1) return [];
    const next = acts.findIndex(({ dish, act }, i) => i > touched && isPlated(dish, act));
    const found = acts[next];
    if (!found || acts.slice(touched, next).some(({ act }) => act.washes)) return [];
    // Overnight the board has long been washed.
    const day = 12 * 60;
    if (found.act.startMin - (acts[touched]?.act.endMin ?? 0) > day) return [];
    return [
      {
        rule: 'washing',
        level: 'caution',
        dish: found.dish.id,
        step: found.act.id,
        message: { key: 'safety.washing' },
        source: 'source.fsisWashing',
        mends: [{ kind: 'washBefore', step: found.act.id }],
      } as const,
    ];
  },
};

function handlesRaw(dish: WatchedDish, { verb, place, afterFire }: WatchedAct): boolean {
  return rawFoods(dish).length > 0 && place === 'board' && !afterFire && RAW_WORK.has(verb);
}

function isPlated(dish: WatchedDish, { verb, place, afterFire }: WatchedAct): boolean {
  if (place !== 'board') return false;
  const eatenRaw = rawFoods(dish).length === 0 && !dish.acts.some(({ last }) => last);
  return (PLATED.has(verb) && afterFire) || (verb === 'prepare' && eatenRaw);
}
