import { HELD_BACK_EXPONENT } from '../figures/index.ts';
import { MAKES_FOOD, type Mixture, type MixtureLine } from '../batch/index.ts';
import { freshId, type Food } from '../meal/index.ts';
import { allergensNamed, INGREDIENTS, type OwnIngredient } from '../pantry/index.ts';
import { gramsOf, parseQuantity, QuantityError } from '../quantity/index.ts';
import type { ReadIngredient } from './ingredient-line.ts';
import { isWet, rawSoakOf } from './raw-soak.ts';
import type { ReadRecipe } from './read.ts';
import { reserveIn } from './reserve.ts';
import { goesInLater } from './soak-members.ts';

/**
 * The ingredients by the heading they stand under; without any, one mixture of them all, and what
 * goes in only after the soak is another.
 */
export function mixturesOf(
  recipe: ReadRecipe,
  others: readonly ReadIngredient[],
  foods: readonly Food[],
  fresh: (wish: string) => string,
  own: OwnIngredient[],
): Mixture[] {
  const groups = new Map<string, ReadIngredient[]>();
  for (const one of others) {
    const name = one.mixture ?? '';
    groups.set(name, [...(groups.get(name) ?? []), one]);
  }
  const reserve = reserveIn(
    recipe.lines.filter(({ part }) => part === 'method').map(({ text }) => text),
  );
  const soaks = rawSoakOf(recipe.acts);
  const later = soaks && groups.size === 1 ? goesInLater(recipe, groups.get('') ?? []) : [];
  const soaked = (groups.get('') ?? []).filter((one) => !later.includes(one));
  const parted: Array<readonly [string, readonly ReadIngredient[]]> =
    later.length > 0
      ? [
          ['', soaked],
          [REST, later],
        ]
      : [...groups];
  const ungrouped = groups.size === 1;
  return parted.map(([group, all]): Mixture => {
    const salty = all.some(({ name }) => SALTY.test(name));
    const told = kindOf(group, soaks === 'brine' && !salty ? undefined : soaks, ungrouped);
    const kind = told === 'wet brine' && !isWet(group, all, recipe) ? 'dry brine' : told;
    // It grows with the food, whether it lies on it or not.
    const onFood = kind === 'pickle' || MAKES_FOOD.has(kind) ? [] : foods.map(({ id }) => id);
    const name = group === '' ? (soaks === 'brine' ? 'Brine' : soaks ? 'Marinade' : REST) : group;
    const totalMl = all.reduce((sum, { ml }) => sum + (ml ?? 0), 0);
    const kept = SOAKING.has(kind) ? reserve?.(totalMl) : undefined;
    return {
      id: fresh(name),
      name,
      kind,
      basis:
        onFood.length > 0
          ? { kind: 'perWeight', baselineG: baseline(foods, recipe) }
          : recipe.portions === undefined
            ? { kind: 'fixed' }
            : { kind: 'perPortion', baseline: recipe.portions },
      on: onFood,
      lines: all.map((one) => mixtureLine(one, own)),
      touchesRaw: SOAKING.has(kind),
      ...(kept && { reserve: { ...kept, scaling: 'linear' as const } }),
    };
  });
}

/** What a mixture is called that the recipe calls nothing. */
const REST = 'Ingredients';

export const SOAKING: ReadonlySet<Mixture['kind']> = new Set([
  'marinade',
  'paste',
  'rub',
  'dry brine',
  'wet brine',
]);

const KINDS: ReadonlyArray<readonly [RegExp, Mixture['kind']]> = [
  [/dry brine|salmuera seca/i, 'dry brine'],
  [/brine|salmuera|^(?:the )?cure$/i, 'wet brine'],
  [/marinad|adobo/i, 'marinade'],
  [/\bpaste\b|pasta de/i, 'paste'],
  [/\brub\b|seasoning|condimento|aliño seco/i, 'rub'],
  [/glaze|glaseado/i, 'glaze'],
  [/pickle|encurtid/i, 'pickle'],
  [/dough|masa|bread|buns?|pan\b/i, 'dough'],
  [/batter|custard|natillas|flan/i, 'batter'],
];

/** Without salt in its list, a brine is only water from the tap. */
const SALTY = /(?<![a-zß-ɏ])(?:salt|sal|soy|soja|brine|salmuera)(?![a-zß-ɏ])/i;

function kindOf(group: string, soaks: string | undefined, ungrouped: boolean): Mixture['kind'] {
  const named = KINDS.find(([pattern]) => pattern.test(group))?.[1];
  if (named) return named;
  if (group === '' && soaks !== undefined && ungrouped)
    return soaks === 'brine' ? 'wet brine' : 'marinade';
  return 'sauce';
}

function baseline(foods: readonly Food[], { portions = 1 }: ReadRecipe): number {
  const weightOf = ({ share }: Food) =>
    share.kind === 'fixed' ? share.weightG : share.kind === 'weight' ? share.rawG * portions : 0;
  return Math.max(
    1,
    foods.reduce((sum, food) => sum + weightOf(food), 0),
  );
}

function mixtureLine(one: ReadIngredient, own: OwnIngredient[]): MixtureLine {
  const known = one.ingredient === undefined ? undefined : INGREDIENTS.get(one.ingredient);
  const amounts = [
    one.said,
    one.ml === undefined ? undefined : `${one.ml} ml`,
    one.grams === undefined ? undefined : `${one.grams} g`,
  ].filter((text) => text !== undefined);
  const base = {
    scaling: one.unmeasured ? ('toTaste' as const) : ('linear' as const),
    exponent: HELD_BACK_EXPONENT,
    note: one.line,
  };
  if (known) {
    const amount = (one.unmeasured ? ['1 g'] : amounts).find((text) => weighs(text, known));
    if (amount !== undefined) return { ...base, ingredient: known.id, name: one.name, amount };
  }
  const made = ownOf(one, own);
  return {
    ...base,
    ingredient: made,
    name: one.name,
    amount: one.unmeasured ? '1 g' : (amounts[0] ?? '1'),
  };
}

function weighs(amount: string, known: Parameters<typeof gramsOf>[1]): boolean {
  try {
    return gramsOf(parseQuantity(amount), known) !== undefined;
  } catch (error) {
    if (error instanceof QuantityError || error instanceof RangeError) return false;
    throw error;
  }
}

/** What the pantry does not know is the cook's own: as heavy as water, a piece about as much as an egg. */
function ownOf(one: ReadIngredient, own: OwnIngredient[]): string {
  const id = freshId(`own ${one.name}`, new Set());
  if (!own.some((other) => other.id === id)) {
    const unit = (one.unit ?? '').replace(/s$/, '');
    own.push({
      id,
      name: one.name,
      section: 'other',
      holds: allergensNamed(one.name),
      spice: false,
      crystal: false,
      gPerMl: 1,
      sodiumMgPer100g: 0,
      sugarsGPer100g: 0,
      waterPct: 0,
      alcoholPct: 0,
      enzyme: 'none',
      countG: { '': PIECE_G, [unit]: PIECE_G, [one.unit ?? '']: PIECE_G },
    });
  }
  return id;
}
const PIECE_G = 60;
