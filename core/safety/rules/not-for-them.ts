import { EGG_CORE_C, RAW_EGG_HOT_C } from '../figures/index.ts';
import type { MessageKey } from '../../words/index.ts';
import { isNamed } from '../../pantry/index.ts';
import { FIRE_VERBS } from '../../terms/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import type { LedgerAct, LedgerDish, Ledger, LedgerMixture } from '../ledger.ts';

/** What of a meal is not for small children, the pregnant, the old and the ill. */
export const notForThem: Rule = {
  id: 'notForThem',
  title: 'rule.notForThem',
  source: 'source.fsisEggs',
  figures: { key: 'figures.notForThem' },
  check: (meal) => [
    // Said whoever eats: nobody is told at the table who is ill.
    ...meal.dishes.flatMap((dish) => rawEggs(meal, dish)),
    ...(meal.children || meal.frail
      ? meal.dishes.flatMap((dish) => [...softEggs(dish), ...(meal.frail ? forTheFrail(dish) : [])])
      : []),
    // Said once for the table.
    ...(meal.children ? meal.dishes.flatMap(forInfants).slice(0, 1) : []),
  ],
};

/** Egg that no fire reaches, wherever it lies. */
function rawEggs({ frail }: Ledger, dish: LedgerDish): SafetyFinding[] {
  return dish.mixtures
    .filter((mixture) => mixture.rawEgg && !isHeated(dish, mixture))
    .map(({ name }) => ({
      ...found(dish.id, 'safety.rawEgg', name),
      level: frail ? 'stop' : 'caution',
    }));
}

/** It is cooked by itself, or goes on or into what is cooked after. */
function isHeated(dish: LedgerDish, { id, on, makesFood }: LedgerMixture): boolean {
  const mixed = dish.acts.find(({ verb, mixtures }) => verb === 'mix' && mixtures.includes(id));
  return dish.acts.some((act) => {
    if (act.startMin < (mixed?.endMin ?? -Infinity) || !isHot(act)) return false;
    if (act.mixtures.includes(id) || makesFood) return true;
    return mixed !== undefined && on.some((food) => act.foods.includes(food));
  });
}

function isHot({ verb, tempC }: LedgerAct): boolean {
  const fire = FIRE_VERBS.has(verb) || verb === 'reduce' || verb === 'stir';
  return fire && (tempC === undefined ? verb !== 'stir' : tempC >= RAW_EGG_HOT_C);
}

/** An egg in its shell that is taken off before it is firm. */
function softEggs(dish: LedgerDish): SafetyFinding[] {
  const egg = dish.foods.find((food) => food.egg);
  if (!egg) return [];
  const last = egg.fires.at(-1);
  const coreC = last?.coreC ?? last?.clockC;
  if (!last || coreC === undefined || coreC >= EGG_CORE_C - 0.5) return [];
  return [
    {
      ...found(dish.id, 'safety.softEgg', egg.name),
      step: last.step,
      mends: [{ kind: 'core', step: last.step, coreC: 77 }],
    },
  ];
}

/** What the pregnant do without, unless it is cooked through. */
const FRAIL_WORDS = [
  ['softCheese', 'safety.softCheese'],
  ['smokedFish', 'safety.smokedFish'],
  ['liver', 'safety.liver'],
  ['sprouts', 'safety.sprouts'],
] as const;

function forTheFrail(dish: LedgerDish): SafetyFinding[] {
  return FRAIL_WORDS.flatMap(([word, key]) => {
    const food = dish.foods.find(({ name, cut = '' }) => isNamed(word, `${name} ${cut}`));
    const cooked = word !== 'liver' && food !== undefined && food.fires.length > 0;
    const mixture = dish.mixtures.find(({ names }) => isNamed(word, names.join(' ')));
    const name = cooked
      ? undefined
      : (food?.name ?? (mixture && !isHeated(dish, mixture) ? mixture.name : undefined));
    return name === undefined
      ? []
      : [{ ...found(dish.id, key, name), source: 'source.pregnancy' as const }];
  });
}

/** Honey is for nobody under a year. */
function forInfants(dish: LedgerDish): SafetyFinding[] {
  const food = dish.foods.find(({ name }) => isNamed('honey', name));
  const mixture = dish.mixtures.find(({ names }) => isNamed('honey', names.join(' ')));
  const name = food?.name ?? mixture?.name;
  return name === undefined
    ? []
    : [{ ...found(dish.id, 'safety.honey', name), source: 'source.botulism' as const }];
}

function found(dish: string, key: MessageKey, mixture: string): SafetyFinding {
  return {
    rule: 'notForThem',
    level: 'caution',
    dish,
    message: { key, values: { mixture } },
    source: 'source.fsisEggs',
    mends: [],
  };
}
