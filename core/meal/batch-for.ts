import {
  basisNamed,
  usualVessel,
  weighMixture,
  type BatchFood,
  type BatchFor,
  type Mixture,
  type Vessel,
} from '../batch/index.ts';
import { pantryOf, type Animal } from '../pantry/index.ts';
import { companyOf, cutOf, foodOf, settleFood } from './amounts.ts';
import type { Dish, Meal } from './schema.ts';
import { practicesOf } from './practices.ts';

/** What of a meal its batches depend on. */
export type Cooked = Pick<Meal, 'eaters' | 'kitchen' | 'pantry' | 'dishes'>;

/** Everything around a mixture that decides how much of it there is. */
export function batchFor(meal: Cooked, dish: Dish, mixture: Mixture, weightG?: number): BatchFor {
  const own = coveredBy(dish, mixture).map((id) => batchFood(meal, dish, id));
  const apart = (mixture.variants ?? []).map((variant) => ({
    id: variant.id,
    foods: variant.on.map((id) => batchFood(meal, dish, id)),
  }));
  const all = [...own, ...apart.flatMap((variant) => variant.foods)];
  const weighed = (foods: readonly BatchFood[]) =>
    weightG === undefined ? [...foods] : weighTogether(foods, all, weightG);
  const schools = practicesOf(meal.kitchen, dish);
  return {
    foods: weighed(own),
    variantFoods: new Map(apart.map(({ id, foods }) => [id, weighed(foods)])),
    portions: companyOf(meal.eaters).portions,
    pantry: pantryOf(meal.pantry),
    siblings: dish.mixtures,
    spoons: meal.kitchen.spoons,
    owned: meal.kitchen.measures,
    vessel: vesselOf(meal.kitchen.vessels, mixture),
    brine: schools.brine,
    saltAtEnd: schools.stewSalt === 'end' && isStew(dish),
    demandedG: basisNamed(mixture.basis.kind).onlyUsed ? demandedG(meal, dish, mixture) : undefined,
  };
}

/** What it lies in: as named; what is to cover and names none, the largest pot there is. */
function vesselOf(vessels: Cooked['kitchen']['vessels'], mixture: Mixture): Vessel | undefined {
  if (mixture.vessel !== undefined) return vessels.find(({ id }) => id === mixture.vessel);
  if (!basisNamed(mixture.basis.kind).covers) return undefined;
  return vessels
    .filter(({ kind }) => kind === usualVessel(mixture))
    .sort((a, b) => b.capacityMl - a.capacityMl)[0];
}

/** What it goes on; a liquid that covers and names nothing covers all the dish has. */
function coveredBy(dish: Dish, mixture: Mixture): readonly string[] {
  const all = mixture.on.length === 0 && basisNamed(mixture.basis.kind).covers;
  return all ? dish.foods.map(({ id }) => id) : mixture.on;
}

export function batchFood(meal: Cooked, dish: Dish, id: string): BatchFood {
  const food = foodOf(dish, id);
  const settled = settleFood(meal, dish, food);
  return {
    id,
    name: food.name,
    weightG: settled.weightG,
    portions: settled.company.portions,
    cut: cutOf(meal, food),
  };
}

/** Foods in their proportions, when all of them together weigh something else. */
function weighTogether(
  foods: readonly BatchFood[],
  all: readonly BatchFood[],
  weightG: number,
): BatchFood[] {
  const wasG = sumG(all);
  return foods.map((food) => ({
    ...food,
    weightG: wasG > 0 ? (food.weightG / wasG) * weightG : weightG / all.length,
  }));
}

function sumG(foods: readonly BatchFood[]): number {
  return foods.reduce((sum, food) => sum + food.weightG, 0);
}

/** What the dish's other mixtures take of one that is made for them. */
function demandedG(meal: Cooked, dish: Dish, source: Mixture): number {
  return dish.mixtures
    .filter((other) => other.id !== source.id)
    .filter((other) => other.lines.some((line) => takes(line, source)))
    .flatMap((other) => weighMixture(other, batchFor(meal, dish, other)).lines)
    .filter(({ line }) => takes(line, source))
    .reduce((sum, { grams }) => sum + grams, 0);
}

function takes(line: Mixture['lines'][number], source: Mixture): boolean {
  return line.part !== undefined && line.ingredient === source.id;
}

const STEWING = new Set(['braise', 'simmer']);

/** A dish that is cooked in liquid, where salt can wait. */
export function isStew(dish: Pick<Dish, 'steps'>): boolean {
  return dish.steps.some((step) => STEWING.has(step.verb));
}

/** The animals a dish's cuts come from, each once. */
export function animalsOf(meal: Pick<Meal, 'pantry'>, dish: Dish): Animal[] {
  const all = dish.foods.flatMap((food) => cutOf(meal, food)?.animal ?? []);
  return [...new Set(all)].filter((animal) => animal !== 'none');
}
