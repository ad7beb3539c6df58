import { OVERNIGHT_MIN } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import {
  WORKTOPS,
  type Ledger,
  type LedgerAct,
  type LedgerDish,
  type LedgerFood,
} from '../ledger.ts';

/** Board, knife, brush and hands are washed between raw food and what is eaten as it is. */
export const washing: Rule = {
  id: 'washing',
  title: 'rule.washing',
  source: 'source.fsisWashing',
  figures: { key: 'figures.washing' },
  check: (meal) => {
    const met = usesOfBoard(meal).filter(
      ({ act, rawUntilMin }) => act.startMin - rawUntilMin <= OVERNIGHT_MIN,
    );
    const eaten = met.find(({ dish, act }) => isEatenAsItIs(dish, act));
    if (eaten) return [...rinsed(meal), findingAt(eaten.dish.id, eaten.act.id, 'stop')];
    // Said once, where it is first wanted.
    const plated = met.find(({ act }) => isPlated(act));
    return [
      ...rinsed(meal),
      ...(plated ? [findingAt(plated.dish.id, plated.act.id, 'caution')] : []),
    ];
  },
};

/** Raw meat under the tap: what is on it is in the sink. */
function rinsed({ dishes }: Ledger): SafetyFinding[] {
  return dishes.flatMap((dish) => {
    const act = dish.acts.find(
      (one) =>
        one.verb === 'prepare' &&
        RINSES.test(one.label) &&
        !one.afterFire &&
        foodsOf(dish, one).some(({ animal, ready }) => MEAT.has(animal) && !ready),
    );
    if (!act) return [];
    const finding = findingAt(dish.id, act.id, 'caution');
    return [{ ...finding, message: { key: 'safety.rinsed' }, mends: [] }];
  });
}

const RINSES = /^(?:rinse|wash|lava|enjuag)/i;
const MEAT: ReadonlySet<string> = new Set(['beef', 'pork', 'lamb', 'poultry', 'game']);

/** The steps that find traces of raw food on the board, and until when that lay there. */
function usesOfBoard({
  dishes,
  tools,
}: Ledger): Array<{ dish: LedgerDish; act: LedgerAct; rawUntilMin: number }> {
  const spans = tools.filter(({ kind }) => kind === 'board').flatMap((one) => one.spans);
  return spans.flatMap(({ dish: id, step, before }) => {
    const dish = dishes.find((one) => one.id === id);
    const act = dish?.acts.find((one) => one.id === step);
    return dish && act && before ? [{ dish, act, rawUntilMin: before.untilMin }] : [];
  });
}

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

function foodsOf({ foods }: LedgerDish, act: LedgerAct): LedgerFood[] {
  return foods.filter(({ id }) => act.foods.includes(id));
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
