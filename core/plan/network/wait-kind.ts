import { JOINT_FROM_G, type WaitKind } from '../../figures/index.ts';
import { isShellEgg } from '../../pantry/index.ts';
import {
  cutOf,
  keepsWarm,
  settleFood,
  type Dish,
  type Food,
  type Meal,
  type Step,
} from '../../meal/index.ts';

const SOAKS: ReadonlySet<string> = new Set(['marinate', 'brine', 'soak']);
const RAW_WORK: ReadonlySet<string> = new Set(['prepare', 'mix', 'thaw', 'temper']);
const FIRE_ONLY: ReadonlySet<string> = new Set(['preheat', 'light']);
const DOUGH: ReadonlySet<string> = new Set(['knead', 'rise', 'shape', 'ferment']);
const LIQUID: ReadonlySet<string> = new Set(['braise', 'simmer', 'boil', 'stir', 'hold']);
const CRUSTS: ReadonlySet<string> = new Set(['fry', 'sear', 'grill', 'brown', 'glaze', 'baste']);
const GRAINS =
  /^(?:(?:rice|pearl-barley|quinoa|bulgur|couscous|polenta|lentils|chickpeas|split-peas|kidney-beans)-|cooked-rice)/;
const BREADS = /^(?:flour|bread|dessert|custard|cheesecake)/;

/**
 * How what a step leaves behind bears waiting.
 *
 * @param worked the foods the step works on, by id
 */
export function waitKindOf(
  meal: Meal,
  dish: Dish,
  step: Step,
  worked: readonly string[],
): WaitKind {
  const { verb, place } = step;
  if (keepsWarm(step)) return 'kept warm';
  if (FIRE_ONLY.has(verb)) return 'fire';
  if (SOAKS.has(verb)) return 'soaking';
  if (place.kind === 'fridge' || place.kind === 'freezer') return 'cold';
  if (DOUGH.has(verb)) return 'dough';
  if (RAW_WORK.has(verb)) return 'raw';
  if (verb === 'reduce') return 'sauce';
  if (verb === 'slice') return 'sliced';
  if (verb === 'shred') return 'shredded';
  const foods = dish.foods.filter(({ id }) => worked.includes(id));
  if (foods.length === 0) return verb === 'bake' ? 'baked' : 'sauce';
  const cuts = foods.flatMap((food) => cutOf(meal, food) ?? []);
  if (cuts.some((cut) => isShellEgg(cut))) return 'bare';
  const meats = foods.filter((food) => (cutOf(meal, food)?.animal ?? 'none') !== 'none');
  if (meats.length === 0) return plantKind(meal, foods, verb);
  if (LIQUID.has(verb)) return 'pot';
  const isJoint = (food: Food) =>
    cutOf(meal, food)?.animal !== 'shellfish' && pieceG(meal, dish, food) >= JOINT_FROM_G;
  if (meats.some(isJoint)) return 'joint';
  return CRUSTS.has(verb) ? 'crust' : 'bare';
}

function pieceG(meal: Meal, dish: Dish, food: Food): number {
  return settleFood(meal, dish, food).weightG / Math.max(1, food.inPieces ?? 1);
}

function plantKind(meal: Meal, foods: readonly Food[], verb: string): WaitKind {
  const cuts = foods.map((food) => cutOf(meal, food)?.id ?? '');
  if (cuts.some((id) => GRAINS.test(id))) return 'grain';
  if (cuts.some((id) => BREADS.test(id))) return 'baked';
  return CRUSTS.has(verb) ? 'crust' : 'vegetable';
}
