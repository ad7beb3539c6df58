import { G_PER_LB } from '../figures/index.ts';
import { MAKES_FOOD, weighMixture, type Mixture, type WeighedLine } from '../batch/index.ts';
import { batchFor, cutOf, settleFood, type Dish, type Meal } from '../meal/index.ts';
import type { Plan, PlannedStep } from '../plan/index.ts';
import { pantryOf, type Cut } from '../pantry/index.ts';
import { showVolume, showWeight, writeNumber } from '../quantity/index.ts';
import { wallClock } from '../time/index.ts';

/** One thing to buy: everything the meal wants of it, in one amount a shop sells. */
export interface ShoppingItem {
  /** Of the ingredient or the cut. */
  readonly id: string;
  readonly name: string;
  readonly section: string;
  /** What the dishes want, exactly. */
  readonly grams: number;
  /** What one buys, in words: "2.7 kg", "6", "150 ml". */
  readonly buy: string;
  /** When it is first wanted, epoch minutes. */
  readonly neededMin: number;
  /** The dishes that want it. */
  readonly dishes: readonly string[];
  readonly atHome: boolean;
}

/** What is wanted on one day, section by section, in the order of a round through the shop. */
export interface ShoppingDay {
  /** A local date. */
  readonly date: string;
  readonly atMin: number;
  readonly sections: ReadonlyArray<{
    readonly section: string;
    readonly items: readonly ShoppingItem[];
  }>;
}

/** The order one goes through a shop in; anything else comes after. */
export const SECTIONS = [
  'greengrocer',
  'bakery',
  'butcher',
  'fishmonger',
  'dairy and eggs',
  'dry goods',
  'bottles and jars',
  'spices',
  'drinks',
  'other',
] as const;

interface Wanted {
  readonly id: string;
  readonly name: string;
  readonly section: string;
  readonly grams: number;
  readonly ml: number | undefined;
  readonly count: number | undefined;
  /** What is counted: cloves, sprigs. */
  readonly of: string;
  readonly dish: string;
  readonly neededMin: number;
  readonly meat: boolean;
}

/** What a meal wants from the shop, merged over its dishes; from the tap comes nothing. */
export function shoppingList(meal: Meal, plan: Plan): ShoppingDay[] {
  const wanted = meal.dishes.flatMap((dish) => [
    ...foodsOf(meal, dish, plan),
    ...dish.mixtures.flatMap((mixture) => linesOf(meal, dish, mixture, plan)),
  ]);
  const byId = new Map<string, Wanted[]>();
  for (const one of wanted) byId.set(one.id, [...(byId.get(one.id) ?? []), one]);
  const home = new Set(meal.atHome ?? []);
  const items = [...byId.values()].flatMap((same) => itemOf(same, meal, home));
  return byDay(items, plan.zone);
}

function foodsOf(meal: Meal, dish: Dish, plan: Plan): Wanted[] {
  const made = new Set(
    dish.mixtures.filter(({ kind }) => MAKES_FOOD.has(kind)).flatMap(({ on }) => on),
  );
  // What a dough or a batter becomes is bought as what goes into it; a part of another dish, there;
  // and what is left over is at home.
  return dish.foods
    .filter(({ id, from, leftOver }) => !made.has(id) && from === undefined && !leftOver)
    .map((food) => {
      const cut = cutOf(meal, food);
      const { weightG, pieces } = settleFood(meal, dish, food);
      const wholes = cut?.pieceG === undefined ? undefined : Math.ceil(weightG / cut.pieceG - 0.05);
      return {
        id: food.cut ?? food.id,
        name: cut?.name ?? food.name,
        section: sectionOfCut(cut),
        grams: weightG,
        ml: undefined,
        // As the table counts them, where it does.
        count: pieces ?? wholes,
        of: '',
        dish: dish.name,
        neededMin: firstTouch(dish, plan),
        meat: cut !== undefined && cut.animal !== 'none',
      };
    });
}

function sectionOfCut(cut: Cut | undefined): string {
  if (!cut) return 'other';
  const { animal, section = 'greengrocer' } = cut;
  if (animal === 'none') return section;
  return animal === 'fish' || animal === 'shellfish' ? 'fishmonger' : 'butcher';
}

function linesOf(meal: Meal, dish: Dish, mixture: Mixture, plan: Plan): Wanted[] {
  const weighed = weighMixture(mixture, batchFor(meal, dish, mixture));
  const { ingredients } = pantryOf(meal.pantry);
  const of = ({ line, of: what, grams, count }: WeighedLine): Wanted[] => {
    const found = ingredients.get(line.ingredient);
    if (line.part !== undefined || !found || found.section === 'tap') return [];
    return [
      {
        id: found.id,
        name: found.name,
        section: found.section,
        grams,
        ml: what.gPerMl === undefined ? undefined : grams / what.gPerMl,
        count: count?.number,
        of: count?.unit ?? '',
        dish: dish.name,
        neededMin: firstUse(dish, mixture, plan),
        meat: false,
      },
    ];
  };
  return [...weighed.lines, ...weighed.variants.flatMap(({ lines }) => lines)].flatMap(of);
}

const AHEAD = new Set(['preheat', 'light']);

function stepsOf(dish: Dish, plan: Plan): PlannedStep[] {
  return plan.steps
    .filter((step) => step.dish === dish.id && !AHEAD.has(step.verb))
    .sort((a, b) => a.startMin - b.startMin);
}

function firstTouch(dish: Dish, plan: Plan): number {
  return stepsOf(dish, plan)[0]?.startMin ?? plan.servingMin;
}

function firstUse(dish: Dish, { id }: Mixture, plan: Plan): number {
  const uses = new Set(
    dish.steps
      .filter(
        ({ mixtures, time }) =>
          mixtures?.includes(id) || ('mixture' in time && time.mixture === id),
      )
      .map((step) => step.id),
  );
  return stepsOf(dish, plan).find((step) => uses.has(step.id))?.startMin ?? firstTouch(dish, plan);
}

/** What is wanted on several days of the same thing is bought once, by the first. */
function itemOf(same: readonly Wanted[], meal: Meal, home: ReadonlySet<string>): ShoppingItem[] {
  const [first] = same;
  if (!first) return [];
  const grams = same.reduce((sum, one) => sum + one.grams, 0);
  if (grams <= 0 && first.section !== 'spices') return [];
  return [
    {
      id: first.id,
      name: first.name,
      section: first.section,
      grams,
      buy: bought(same, grams, meal),
      neededMin: Math.min(...same.map(({ neededMin }) => neededMin)),
      dishes: [...new Set(same.map(({ dish }) => dish))],
      atHome: home.has(first.id),
    },
  ];
}

/** How a shop sells it: whole ones, by the 50 or 100 grams, by the quarter pound; always rounded up. */
function bought(same: readonly Wanted[], grams: number, { kitchen }: Meal): string {
  const [first] = same;
  const counts = same.map(({ count }) => count);
  const counted = counts.every((count) => count !== undefined);
  const total = counts.reduce<number>((sum, count) => sum + (count ?? 0), 0);
  const us = kitchen.units === 'us';
  if (first?.meat) {
    const step = us ? G_PER_LB / 4 : grams < 1000 ? 50 : 100;
    const weight = showWeight(roundUp(grams, step), kitchen.units);
    return counted && total > 0 ? `${Math.ceil(total)} (${weight})` : weight;
  }
  if (counted && total > 0)
    return `${writeNumber(Math.ceil(total - 0.01))} ${first?.of ?? ''}`.trim();
  const mls = same.map(({ ml }) => ml);
  const liquid =
    first !== undefined && LIQUID.has(first.section) && mls.every((ml) => ml !== undefined);
  if (liquid) {
    const ml = mls.reduce<number>((sum, one) => sum + (one ?? 0), 0);
    return showVolume(roundUp(ml, ml < 100 ? 10 : 50));
  }
  return showWeight(
    roundUp(grams, grams < 20 ? 1 : grams < 100 ? 10 : us ? G_PER_LB / 4 : 50),
    kitchen.units,
  );
}

const LIQUID: ReadonlySet<string> = new Set(['bottles and jars', 'drinks']);

function roundUp(value: number, step: number): number {
  return Math.max(step, Math.ceil(value / step - 1e-6) * step);
}

function byDay(items: readonly ShoppingItem[], zone: string): ShoppingDay[] {
  const days = new Map<string, ShoppingItem[]>();
  for (const item of [...items].sort((a, b) => a.neededMin - b.neededMin)) {
    const { date } = wallClock(item.neededMin, zone);
    days.set(date, [...(days.get(date) ?? []), item]);
  }
  return [...days].map(([date, all]) => ({
    date,
    atMin: Math.min(...all.map(({ neededMin }) => neededMin)),
    sections: sectionsOf(all),
  }));
}

function sectionsOf(items: readonly ShoppingItem[]): ShoppingDay['sections'] {
  const rank = (section: string) => {
    const at = SECTIONS.findIndex((one) => one === section);
    return at === -1 ? SECTIONS.length : at;
  };
  const names = [...new Set(items.map(({ section }) => section))].sort((a, b) => rank(a) - rank(b));
  return names.map((section) => ({
    section,
    items: items
      .filter((item) => item.section === section)
      .sort((a, b) => a.name.localeCompare(b.name)),
  }));
}
