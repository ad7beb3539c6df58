import {
  CUTS,
  MixtureSchema,
  pantryOf,
  type BatchFood,
  type BatchFor,
  type Mixture,
} from '../index.ts';

/** A mixture from its lines, for 1,000 g unless said otherwise. */
export function mixture(lines: object[], more: object = {}): Mixture {
  return MixtureSchema.parse({
    id: 'm',
    name: 'Mixture',
    kind: 'marinade',
    basis: { kind: 'perWeight', baselineG: 1000 },
    on: ['meat'],
    lines,
    ...more,
  });
}

export function food(weightG: number, cut = 'lamb-shoulder-bone-in', id = 'meat'): BatchFood {
  return { id, name: id, weightG, portions: 4, cut: CUTS.get(cut) };
}

/** Food of so much weight, four portions, in a pantry without own things. */
export function on(
  weightG: number,
  more: Partial<BatchFor> = {},
  cut = 'lamb-shoulder-bone-in',
): BatchFor {
  return {
    foods: [food(weightG, cut)],
    variantFoods: new Map(),
    portions: 4,
    pantry: pantryOf(undefined),
    siblings: [],
    spoons: 'us',
    brine: 'equilibrium',
    saltAtEnd: false,
    ...more,
  };
}

export const OIL = { ingredient: 'olive-oil', amount: '100 g' };
export const SALT = { ingredient: 'salt-fine-table', amount: '12 g' };
export const YOGHURT = { ingredient: 'yoghurt-full-fat', amount: '300 g' };
