import { z } from 'zod';
import {
  DOCUMENTS,
  migrated,
  newestVersion,
  checkReferences,
  copyDish,
  DishSchema,
  emptyMeal,
  KitchenSchema,
  MealError,
  mealOf,
  problemsOf,
  readJson,
  type Dish,
  type Kitchen,
  type Meal,
} from '../meal/index.ts';
import { print } from './print-library.ts';
import { OwnPantrySchema, type OwnPantry } from '../pantry/index.ts';

/** A file of Zemrin's: one meal, one dish, a kitchen, or everything. */
export type Bundle =
  | { readonly kind: 'meal'; readonly meals: readonly Meal[] }
  | {
      readonly kind: 'library';
      readonly meals: readonly Meal[];
      /** Patterns of the cook's own. */
      readonly patterns: readonly DishBundle[];
    }
  | DishBundle
  | { readonly kind: 'kitchen'; readonly kitchen: Kitchen };

/** A dish by itself, with what its pantry needs besides. */
export interface DishBundle {
  readonly kind: 'dish';
  readonly dish: Dish;
  readonly own: OwnPantry;
}

const DishFile = z.looseObject({
  zemrin: z.literal('dish'),
  version: z.literal(newestVersion(DOCUMENTS.dish)),
  dish: DishSchema,
  pantry: OwnPantrySchema.optional(),
});
const KitchenFile = z.looseObject({
  zemrin: z.literal('kitchen'),
  version: z.literal(newestVersion(DOCUMENTS.kitchen)),
  kitchen: KitchenSchema,
});
const LibraryFile = z.looseObject({
  zemrin: z.literal('library'),
  version: z.literal(newestVersion(DOCUMENTS.library)),
  meals: z.array(z.unknown()),
  patterns: z.array(z.unknown()).optional(),
});

/** A dish by itself, with what its meal added to the pantry. */
export function printDish(meal: Meal, dish: Dish): string {
  const used = new Set(
    dish.mixtures.flatMap(({ lines }) => lines.map(({ ingredient }) => ingredient)),
  );
  const cuts = new Set(dish.foods.flatMap(({ cut }) => cut ?? []));
  const pantry: OwnPantry = {
    ingredients: (meal.pantry?.ingredients ?? []).filter(({ id }) => used.has(id)),
    cuts: (meal.pantry?.cuts ?? []).filter(({ id }) => cuts.has(id)),
  };
  // What it draws from another dish stays behind.
  const alone = copyDish(dish, new Set());
  return print({ zemrin: 'dish', version: newestVersion(DOCUMENTS.dish), dish: alone, pantry });
}

export function printKitchen(kitchen: Kitchen): string {
  return print({ zemrin: 'kitchen', version: newestVersion(DOCUMENTS.kitchen), kitchen });
}

/**
 * Reads any file Zemrin exported.
 *
 * @throws MealError with every problem found, each with its place
 */
export function readBundle(text: string, nowMin: number): Bundle {
  const json = readJson(text);
  const kind = (json as { zemrin?: unknown } | null)?.zemrin;
  switch (kind) {
    case 'dish':
      return readDish(json);
    case 'kitchen': {
      const document = migrated(json, DOCUMENTS.kitchen);
      return { kind, kitchen: parsed(KitchenFile, document).kitchen };
    }
    case 'library': {
      const { meals, patterns = [] } = parsed(LibraryFile, migrated(json, DOCUMENTS.library));
      return {
        kind,
        meals: meals.map((meal, i) => mealAt(meal, i, nowMin)),
        patterns: patterns.map((one, i) => within(`patterns[${i}]`, () => readDish(one))),
      };
    }
    default:
      return { kind: 'meal', meals: [mealOf(json, nowMin)] };
  }
}

function readDish(json: unknown): DishBundle {
  const { dish, pantry } = parsed(DishFile, migrated(json, DOCUMENTS.dish));
  const own: OwnPantry = { ingredients: pantry?.ingredients ?? [], cuts: pantry?.cuts ?? [] };
  // A dish is checked as it would stand on a table of its own.
  const alone = {
    ...emptyMeal('dish', 'Dish', '2026-01-01T19:00', 'UTC', 'Kitchen'),
    dishes: [dish],
    pantry: own,
  };
  const problems = checkReferences(alone).filter(({ path }) => !/vessel$/.test(path));
  if (problems.length > 0) {
    throw new MealError(
      problems.map((one) => ({ ...one, path: one.path.replace(/^dishes\[0\]/, 'dish') })),
    );
  }
  return { kind: 'dish', dish, own };
}

function mealAt(json: unknown, i: number, nowMin: number): Meal {
  return within(`meals[${i}]`, () => mealOf(json, nowMin));
}

/** What is wrong in a part of a file is told with the part's place. */
function within<T>(path: string, read: () => T): T {
  try {
    return read();
  } catch (error) {
    throw error instanceof MealError ? error.in(path) : error;
  }
}

function parsed<T>(schema: z.ZodType<T>, json: unknown): T {
  const read = schema.safeParse(json);
  if (!read.success) throw new MealError(read.error.issues.flatMap(problemsOf));
  return read.data;
}

/** A meal that comes in, beside what is there under its id. */
export interface Incoming {
  readonly meal: Meal;
  /** `new`: nothing has its id. `same`: it is here already. `differs`: another of its id is. */
  readonly is: 'new' | 'same' | 'differs';
}

/** What is done with one that differs, or is there already. */
export const MERGES = ['keepBoth', 'replace', 'leave'] as const;
export type Merge = (typeof MERGES)[number];

/** What an import would do, meal by meal, before anything is done. */
export function previewImport(
  incoming: readonly Meal[],
  here: Readonly<Record<string, Meal>>,
): Incoming[] {
  return incoming.map((meal) => {
    const there = Object.hasOwn(here, meal.id) ? here[meal.id] : undefined;
    if (!there) return { meal, is: 'new' };
    return { meal, is: JSON.stringify(there) === JSON.stringify(meal) ? 'same' : 'differs' };
  });
}
