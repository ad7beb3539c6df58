import { BRUSHED_ON_FIRE_MIN, FRIED_THROUGH_MIN } from '../figures/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import { isFullBoil } from '../full-boil.ts';
import {
  minutesOf,
  type LedgerAct,
  type LedgerDish,
  type Ledger,
  type LedgerMixture,
} from '../ledger.ts';

/**
 * What has touched raw food reaches nothing cooked except through a full boil. A part kept clean
 * from the start is clean.
 */
export const contact: Rule = {
  id: 'contact',
  title: 'rule.contact',
  source: 'source.fsisMarinating',
  figures: { key: 'figures.contact' },
  check: (meal) =>
    meal.dishes.flatMap((dish) =>
      dish.mixtures
        .filter((one) => one.touchesRaw)
        .flatMap((mixture) => usedUnboiled(meal, dish, mixture)),
    ),
};

const SOAKS = new Set(['marinate', 'brine', 'mix', 'soak']);

function usedUnboiled(meal: Ledger, dish: LedgerDish, mixture: LedgerMixture): SafetyFinding[] {
  const { id, name } = mixture;
  const isIn = (act: LedgerAct) =>
    (act.mixtures.includes(id) || namesIt(act, mixture)) && isOfUsed(act, mixture);
  const soaked = dish.acts.findIndex(
    (act) => SOAKS.has(act.verb) && act.mixtures.includes(id) && !act.afterFire,
  );
  const after = dish.acts
    .map((act, i) => ({ act, i }))
    .filter(({ act, i }) => i > soaked && isIn(act));
  return after.flatMap(({ act, i }): SafetyFinding[] => {
    if (isSoakingOn(act) || boils(meal, act) || isCookedOn(act)) return [];
    if (!act.afterFire && !PUTS_ON.has(act.verb) && !WARMS.has(act.verb)) return [];
    const boiled = after.some((one) => one.i < i && boils(meal, one.act));
    if (boiled) return [];
    // Warmed now and boiled before it is eaten.
    const boiledLater = after.some((one) => one.i > i && boils(meal, one.act));
    if (boiledLater && WARMS.has(act.verb)) return [];
    return [
      {
        rule: 'contact',
        level: 'stop',
        dish: dish.id,
        step: act.id,
        message: { key: 'safety.contact', values: { mixture: name } },
        source: 'source.fsisMarinating',
        mends: [{ kind: 'boilBefore', step: act.id, mixture: id }],
      },
    ];
  });
}

/** Where a part is kept clean a step takes that, unless it says that it takes the other. */
function isOfUsed({ part }: LedgerAct, { keptClean }: LedgerMixture): boolean {
  return !keptClean || part === 'used';
}

/** Brushed on while it is still raw, too. */
const PUTS_ON = new Set(['glaze', 'baste', 'serve', 'slice', 'shred']);

/** It soaks on, before any fire. */
function isSoakingOn({ verb, afterFire }: LedgerAct): boolean {
  return SOAKS.has(verb) && !afterFire;
}

/** On a ring or kept warm: to be eaten, or why is it warmed? */
const WARMS = new Set(['simmer', 'reduce', 'boil', 'hold', 'stir']);

/** Words that put it back, where nobody has said which mixture. */
function namesIt({ afterFire, label }: LedgerAct, { name, kind }: LedgerMixture): boolean {
  const said = label.toLowerCase();
  if (!afterFire || THROWN.test(said)) return false;
  return (
    said.includes(name.toLowerCase()) ||
    (/\b(its|the|used) marinade\b/.test(said) && kind === 'marinade')
  );
}

const THROWN = /\b(discard|throw|tip|drain|wipe|pat|out of|off|away|clean)\b/;

/** Brushed on, or fried with the food: what it then lies over a fire cooks it too. */
function isCookedOn({ verb, thenFiredMin }: LedgerAct): boolean {
  const isOnFood = verb === 'glaze' || verb === 'baste' || FRIES.has(verb);
  return isOnFood && thenFiredMin >= BRUSHED_ON_FIRE_MIN;
}

const FRIES = new Set(['fry', 'brown', 'roast', 'bake']);

/** Boiled hard; or what was in it, onions say, fried or roasted through. */
function boils(meal: Ledger, act: LedgerAct): boolean {
  const { verb, tempC, foods, food } = act;
  if (FRIES.has(verb) && !foods.some((one) => one === food))
    return (tempC ?? 0) > meal.boilingC && minutesOf(act) >= FRIED_THROUGH_MIN;
  return isFullBoil(meal, act);
}
