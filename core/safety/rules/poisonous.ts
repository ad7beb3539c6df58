import { isNamed } from '../../pantry/index.ts';
import { FIRE_VERBS } from '../../terms/index.ts';
import type { Rule, SafetyFinding } from '../finding.ts';
import type { LedgerDish } from '../ledger.ts';

/** What makes ill raw though it was no animal: some berries, roots and beans, and flour. */
export const poisonous: Rule = {
  id: 'poisonous',
  title: 'rule.poisonous',
  source: 'source.plants',
  figures: { key: 'figures.poisonous' },
  check: (meal) => meal.dishes.flatMap((dish) => [...plants(dish), ...rawFlour(dish)]),
};

function plants(dish: LedgerDish): SafetyFinding[] {
  const named = [
    ...dish.foods.map(({ name, id }) => ({ name, text: `${name} ${id}` })),
    ...dish.mixtures.flatMap(({ names }) => names.map((name) => ({ name, text: name }))),
  ];
  const found = named.find(({ text }) => isNamed('poisonRaw', text));
  if (!found) return [];
  return [
    {
      rule: 'poisonous',
      level: 'caution',
      dish: dish.id,
      message: { key: 'safety.poisonous', values: { food: found.name } },
      source: 'source.plants',
      mends: [],
    },
  ];
}

const MIXED_FLOUR: ReadonlySet<string> = new Set(['dough', 'batter', 'sauce', 'glaze']);
const BAKES = new Set([...FIRE_VERBS, 'reduce']);

/** Flour is a raw food: milling kills nothing. */
function rawFlour(dish: LedgerDish): SafetyFinding[] {
  if (dish.acts.some(({ verb }) => BAKES.has(verb))) return [];
  const raw = dish.mixtures.find(
    ({ names, kind, boiled }) =>
      !boiled && MIXED_FLOUR.has(kind) && isNamed('flour', names.join(' ')),
  );
  const food = dish.foods.find(({ name, cut = '' }) => isNamed('flour', `${name} ${cut}`));
  const name = raw?.name ?? food?.name;
  if (name === undefined) return [];
  return [
    {
      rule: 'poisonous',
      level: 'caution',
      dish: dish.id,
      message: { key: 'safety.rawFlour', values: { food: name } },
      source: 'source.flour',
      mends: [],
    },
  ];
}
