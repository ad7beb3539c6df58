import { animalNamed, isJudgedAsMince, isReady, type Animal } from '../pantry/index.ts';
import { MAKES_FOOD } from '../batch/index.ts';
import type { Verb } from '../terms/index.ts';
import { cutOf } from './amounts.ts';
import { isSameRecipe } from './same-recipe.ts';
import type { Dish, Food, Meal, Step } from './schema.ts';

/**
 * Which foods each step of a dish works on.
 *
 * A step that says so (`foods`) is taken at its word. Where it does not, this is inferred, in this
 * order: lighting and preheating, washing up, and what is done to a sauce, work on none; the food it
 * is timed by, with the pieces of the same cut set apart for somebody; the foods its mixture goes
 * on; the foods its label names; else whatever the steps before it worked on; and at the beginning
 * of a chain all foods of the dish. In a pot, what came before stays in it.
 */
export function foodsByStep(
  meal: Pick<Meal, 'pantry'>,
  dish: Dish,
): ReadonlyMap<string, readonly string[]> {
  const before = KNOWN.get(dish.foods);
  if (before && before.pantry === meal.pantry && isSameRecipe(before.dish, dish))
    return before.found;
  const found = inferred(meal, dish);
  KNOWN.set(dish.foods, { pantry: meal.pantry, dish, found });
  return found;
}

/** A dish is a value: what its steps work on is asked for by the network, the ledger and the audit. */
const KNOWN = new WeakMap<
  Dish['foods'],
  {
    readonly dish: Dish;
    readonly pantry: Meal['pantry'] | undefined;
    readonly found: ReadonlyMap<string, readonly string[]>;
  }
>();

function inferred(meal: Pick<Meal, 'pantry'>, dish: Dish): Map<string, readonly string[]> {
  const known = new Map<string, readonly string[]>();
  const byId = new Map(dish.steps.map((step) => [step.id, step]));
  const visit = (step: Step, above: ReadonlySet<string>): readonly string[] => {
    const found = known.get(step.id);
    if (found) return found;
    const within = new Set([...above, step.id]);
    const brought = step.after.flatMap((gap) => {
      const before = byId.get(gap.step);
      return before && !within.has(before.id) ? handedOn(before, within) : [];
    });
    const foods = [...new Set(workedOn(meal, dish, step, brought))];
    known.set(step.id, foods);
    return foods;
  };
  // Food waits while its sauce is made, and goes on after it.
  const handedOn = (before: Step, within: ReadonlySet<string>): readonly string[] => {
    const worked = visit(before, within);
    if (worked.length > 0 || before.foods || !isOfMixtures(dish, before)) return worked;
    return before.after.flatMap(({ step: id }) => {
      const earlier = byId.get(id);
      return earlier && !within.has(id) ? handedOn(earlier, new Set([...within, id])) : [];
    });
  };
  for (const step of dish.steps) visit(step, new Set());
  return known;
}

/** On no food: a fire, a sauce by itself. */
const ON_NONE: ReadonlySet<Verb> = new Set(['light', 'preheat', 'reduce']);
/** What lies in one liquid stays in it. */
const IN_ONE_POT: ReadonlySet<Verb> = new Set(['braise', 'simmer', 'boil', 'stir', 'mix']);

function workedOn(
  meal: Pick<Meal, 'pantry'>,
  dish: Dish,
  step: Step,
  brought: readonly string[],
): readonly string[] {
  if (step.foods) return step.foods;
  if (ON_NONE.has(step.verb) || isLiquidAlone(step)) return [];
  const isOfFood = dish.foods.some((food) => namesFood(meal, food, step.label));
  if (isWashing(step) && !isOfFood) return [];
  if (isAside(dish, step)) return [];
  const all = dish.foods.map(({ id }) => id);
  const named = namedFoods(meal, dish, step);
  const pot = IN_ONE_POT.has(step.verb);
  if (named === 'other') return [];
  if (named.length > 0) {
    const joined = pot && 'food' in step.time ? inOnePot(meal, dish, named) : [];
    return pot ? [...named, ...brought, ...joined] : named;
  }
  if (isOfMixtures(dish, step)) return [];
  return brought.length > 0 ? brought : startsWith(dish, step, all);
}

/** A wait or a fire that follows nothing of the dish's foods is for all of them. */
function startsWith(dish: Dish, step: Step, all: readonly string[]): readonly string[] {
  // What only sauces came before is a sauce.
  const before = step.after.flatMap((gap) => dish.steps.filter(({ id }) => id === gap.step));
  const sauces = before.length > 0 && before.every((one) => isOfMixtures(dish, one));
  return sauces ? [] : all;
}

/** The foods a step itself names; `other` where its label is about something else of the meal. */
function namedFoods(
  meal: Pick<Meal, 'pantry'>,
  dish: Dish,
  step: Step,
): readonly string[] | 'other' {
  const { time } = step;
  if ('food' in time && time.food !== undefined) return withSiblings(dish, time.food);
  const inLabel = dish.foods.filter((food) => namesFood(meal, food, step.label));
  if (inLabel.length > 0) return inLabel.flatMap(({ id }) => withSiblings(dish, id));
  const soaked = time.kind === 'soak' ? [time.mixture] : (step.mixtures ?? []);
  const on = dish.mixtures.filter(({ id }) => soaked.includes(id)).flatMap((one) => one.on);
  if (on.length > 0) return on;
  return speaksOfOthers(step) ? 'other' : [];
}

/** Labels that speak of what lies beside the food. */
const OTHERS =
  /\b(vegetables?|veg|onions?|peppers?|potato(es)?|carrots?|rice|beans|bread|flatbreads?|greens|salad|slaw|cucumbers?|radish(?:es)?|cabbage|tomato(?:es)?|pickles?|crumbs?|crumble|nuts|fruit|apples?|plums?|lemons?|buns?|tortillas?|noodles?|sauce|gravy|juices?|stock|skewers?|croutons?|herbs)\b/;

const BESIDE = /\b(with|over|on|onto|under|among|beside|and|into|in)\b/;

/** "Vegetables on the same griddle"; but not "Roast with the potatoes", nor a pot they join. */
function speaksOfOthers({ label, verb }: Step): boolean {
  const said = label.toLowerCase();
  const at = said.search(OTHERS);
  return at !== -1 && !IN_ONE_POT.has(verb) && !BESIDE.test(said.slice(0, at));
}

/** The pieces of the same cut that are set apart for somebody go along. */
function withSiblings(dish: Dish, id: string): string[] {
  const food = dish.foods.find((one) => one.id === id);
  if (!food) return [];
  const alike = dish.foods.filter(
    (one) => one.cut !== undefined && one.cut === food.cut && (one.forAvoids || food.forAvoids),
  );
  return [...new Set([id, ...alike.map((one) => one.id)])];
}

/** A stew that is timed by one of its meats holds the others as well, if none has a fire of its own. */
function inOnePot(meal: Pick<Meal, 'pantry'>, dish: Dish, named: readonly string[]): string[] {
  const isMeat = (food: Food) => animalOf(meal, food) !== 'none';
  const timedByMeat = dish.foods.some((food) => named.includes(food.id) && isMeat(food));
  return timedByMeat ? dish.foods.filter(isMeat).map(({ id }) => id) : [];
}

/** Mixed, boiled or reduced by itself: all its mixtures go on no food, or it makes none. */
function isOfMixtures(dish: Dish, { mixtures, time, verb }: Step): boolean {
  const ids = [...(mixtures ?? []), ...(time.kind === 'cooling' ? [time.mixture] : [])];
  if (ids.length === 0) return false;
  const inIt = dish.mixtures.filter(({ id }) => ids.includes(id));
  if (inIt.some(({ kind }) => MAKES_FOOD.has(kind))) return false;
  const alone = verb === 'mix' || verb === 'boil' || verb === 'simmer' || verb === 'cool';
  return alone && inIt.every(({ on }) => on.length === 0 || verb === 'boil');
}

const WASHES =
  /\b(wash|clean|scrub|rinse|fresh|another|other|second)\b.*\b(board|knife|hands|surface|tray)s?\b|\bwash(es)? up\b|\bwash everything\b/i;

/** Whether board, knife and hands are washed in a step: as it says, or as its words do. */
export function washesUp({ washes, label, hands }: Step): boolean {
  return washes ?? [label, ...hands.map(({ what }) => what)].some((text) => WASHES.test(text));
}

/** Skewers in water: what follows waits for the food as well, which comes another way. */
export function isAside(dish: Dish, { id, verb, after, mixtures, time }: Step): boolean {
  if (verb !== 'soak' || after.length > 0 || mixtures || time.kind === 'soak') return false;
  return dish.steps.some(
    (next) => next.after.length > 1 && next.after.some((gap) => gap.step === id),
  );
}

/** A brine on the boil, or on its way to cold. */
function isLiquidAlone({ verb, mixtures = [], time }: Step): boolean {
  return time.kind === 'cooling' || ((verb === 'boil' || verb === 'cool') && mixtures.length > 0);
}

/** Nothing but washing up, by its label: what is cut up and then washed after is no such step. */
function isWashing({ verb, label, washes, mixtures }: Step): boolean {
  const said = WASHES.test(label) || (washes === true && CLEANS.test(label));
  return verb === 'prepare' && said && !mixtures;
}

const CLEANS = /\b(wash|clean|scrub|tidy|clear)/i;

const WORD = /[a-z]{3,}/g;
const TOO_COMMON: ReadonlySet<string> = new Set([
  'bone',
  'whole',
  'boneless',
  'skin',
  'fresh',
  'dry',
  'large',
  'small',
  'white',
  'red',
  'green',
  'black',
  'for',
  'the',
  'with',
  'and',
  'instead',
  'piece',
  'pieces',
]);

/** Whether a text names a food: by its own words, its cut's, or its kind's. */
export function namesFood(meal: Pick<Meal, 'pantry'>, food: Food, label: string): boolean {
  const said = wordsOf(label);
  const cut = cutOf(meal, food);
  const names = [food.name, food.id, cut?.name ?? ''].flatMap((name) => [...wordsOf(name)]);
  if (names.some((word) => !TOO_COMMON.has(word) && said.has(word))) return true;
  const animal = animalOf(meal, food);
  return (
    (said.has('bird') && animal === 'poultry') ||
    ((said.has('meat') || said.has('joint')) && animal !== 'none' && animal !== 'fish') ||
    (said.has('fish') && animal === 'fish')
  );
}

/** Words in the singular, so that "the thighs" are a thigh. */
function wordsOf(text: string): Set<string> {
  const words = text.toLowerCase().match(WORD) ?? [];
  return new Set(
    words.map((word) => word.replace(/(?<=[a-z]{3})(?:ies$)/, 'y').replace(/(?<=[a-z]{3})s$/, '')),
  );
}

/** What kind of animal a food was: by its cut, or where nobody knows that, by its name. */
export function animalOf(meal: Pick<Meal, 'pantry'>, food: Food): Animal {
  return foodFacts(meal, food).animal;
}

/** What safety has to know of a food: by its cut; where there is none, by its name and carefully. */
export function foodFacts(
  meal: Pick<Meal, 'pantry'>,
  food: Food,
): {
  readonly animal: Animal;
  readonly minced: boolean;
  readonly ready: boolean;
  readonly known: boolean;
} {
  const cut = cutOf(meal, food);
  if (cut)
    return { animal: cut.animal, minced: isJudgedAsMince(cut), ready: isReady(cut), known: true };
  const named = animalNamed(`${food.name} ${food.id}`);
  return named
    ? { ...named, known: false }
    : { animal: 'none', minced: false, ready: false, known: false };
}
