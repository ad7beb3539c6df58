import { OVERNIGHT_MIN } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import { RAW_BOARD_WORK, type LedgerAct, type LedgerDish, type LedgerFood } from '../ledger.ts';

/** Where hands, knives and boards work. */
const WORKTOPS = new Set(['board', 'counter']);

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
    let said: SafetyFinding | undefined;
    for (const { dish, act } of acts) {
      if (OTHER_BOARD.test(act.label)) touchedMin = -Infinity;
      const near = act.startMin - touchedMin <= OVERNIGHT_MIN;
      if (near && isEatenAsItIs(dish, act)) return [findingAt(dish.id, act.id, 'stop')];
      if (near && isPlated(act)) said ??= findingAt(dish.id, act.id, 'caution');
      if (handlesRaw(dish, act)) touchedMin = act.endMin;
      if (act.washes) touchedMin = -Infinity;
    }
    return said ? [said] : [];
  },
};

const OTHER_BOARD = /\b(clean|fresh|another|other|second|washed) (board|plate|knife)\b/i;

/** Said once, where it is first wanted. */
function findingAt(dish: string, step: string, level: 'stop' | 'caution'): SafetyFinding {
  return {
    rule: 'washing',
    level,
    dish,
    step,
    message: { key: level === 'stop' ? 'safety.washingSalad' : 'safety.washing' },
    source: 'source.fsisWashing',
    mends: [{ kind: 'washBefore', step }],
  };
}

function handlesRaw(dish: LedgerDish, act: LedgerAct): boolean {
  if (!WORKTOPS.has(act.place) || !RAW_BOARD_WORK.has(act.verb)) return false;
  return foodsOf(dish, act).some((food) => isRawThen(food, act));
}

function foodsOf({ foods }: LedgerDish, act: LedgerAct): LedgerFood[] {
  return foods.filter(({ id }) => act.foods.includes(id));
}

function isRawThen({ animal, ready, spans }: LedgerFood, { startMin }: LedgerAct): boolean {
  if (animal === 'none' || ready) return false;
  const at = spans.find(({ fromMin, toMin }) => fromMin <= startMin && startMin < toMin);
  return at === undefined || at.state === 'raw' || at.state === 'part-cooked';
}

const PLATED = new Set(['slice', 'shred', 'serve']);

/** Cooked food on its way to the plate. */
function isPlated({ place, verb, afterFire }: LedgerAct): boolean {
  return WORKTOPS.has(place) && PLATED.has(verb) && afterFire;
}

/** Worked on with hands and eaten without a fire: salad, fruit, bread, cheese. */
function isEatenAsItIs(dish: LedgerDish, act: LedgerAct): boolean {
  if (!WORKTOPS.has(act.place) || !HANDLED.has(act.verb)) return false;
  const foods = foodsOf(dish, act);
  const cold = (food: LedgerFood) =>
    (food.animal === 'none' || food.ready) &&
    food.fires.every(({ endMin }) => endMin <= act.startMin);
  return foods.length > 0 && foods.every(cold) && foods.every(({ fires }) => fires.length === 0);
}

const HANDLED = new Set(['slice', 'shred', 'prepare', 'serve', 'mix', 'shape', 'stir']);
