import { MAKES_FOOD, pHOf, soaks, weighMixture, type Mixture } from '../batch/index.ts';
import {
  animalOf,
  batchFor,
  cutOf,
  seenOf,
  soakWindowOf,
  type Dish,
  type Meal,
  type Seen,
} from '../meal/index.ts';
import { isMince, pantryOf, type Ingredient } from '../pantry/index.ts';
import { parseQuantity } from '../quantity/index.ts';
import { LOW_ACID_PH, type Cure, type LedgerMixture } from '../safety/index.ts';

/** A mixture by what is in it, whenever its steps are. */
export type MixtureFacts = Omit<LedgerMixture, 'spans'>;

/** What a mixture was seen as last. */
const known = new WeakMap<Mixture, Seen<MixtureFacts>>();

/** A mixture as the rules of safety see it, but for its times. */
export function mixtureFacts(meal: Meal, dish: Dish, mixture: Mixture): MixtureFacts {
  return seenOf(known, meal, dish, mixture, () => seenAs(meal, dish, mixture));
}

function seenAs(meal: Meal, dish: Dish, mixture: Mixture): MixtureFacts {
  const weighed = weighMixture(mixture, batchFor(meal, dish, mixture));
  const { ingredients } = pantryOf(meal.pantry);
  // What soaks and names nothing lies on all the dish has.
  const raw = dish.foods.some(
    (food) =>
      (mixture.on.length === 0 || mixture.on.includes(food.id)) && animalOf(meal, food) !== 'none',
  );
  const inIt = mixture.lines.flatMap((line) => {
    const solution = line.part === undefined ? ingredients.get(line.ingredient) : undefined;
    return solution ? [{ line, ...solution }] : [];
  });
  const garlic = inIt.some(({ section }) => section === FRESH);
  const made = madeOf(meal, weighed);
  const curing = inIt.filter(({ nitritePct }) => nitritePct !== undefined);
  return {
    id: mixture.id,
    name: mixture.name,
    touchesRaw: raw && touches(dish, mixture),
    declares: { touchesRaw: mixture.touchesRaw, boiled: mixture.boiled ?? false },
    keptClean: mixture.reserve !== undefined,
    boiled: mixture.boiled ?? false,
    garlicInOil: garlic && isInFat(made, inIt) && !isSour(weighed, inIt),
    keepsDays: mixture.keepsDays,
    ...perishes(
      inIt.map(({ id }) => id),
      weighed,
    ),
    // Whether a fire reaches it, its steps say, whatever the file declares.
    rawEgg: inIt.some((one) => isRawEgg(one)),
    saltPct: saltPct(weighed),
    kind: mixture.kind,
    on: mixture.on,
    names: mixture.lines.map(({ ingredient, name = '' }) =>
      `${ingredient.replaceAll('-', ' ')} ${name}`.trim(),
    ),
    vessel: mixture.vessel,
    ...made,
    makesFood: MAKES_FOOD.has(mixture.kind),
    pasteFromMin: soakWindowOf(meal, dish, mixture)?.limits.find(({ kind }) => kind === 'enzyme')
      ?.minutes,
    apart: (mixture.variants ?? []).map(({ name }) => name),
    ...(curing.length > 0 && {
      cure: {
        ingoingPpm: ingoingPpm(meal, mixture, weighed),
        immersed: mixture.kind === 'wet brine',
        on: curedOn(meal, dish, mixture),
        bySpoon: curing.some(({ line }) => parseQuantity(line.amount).dimension !== 'mass'),
      },
    }),
  };
}

/** It lies on raw food, whatever the file declares: a soak, or what a step before any fire puts on. */
function touches(dish: Dish, mixture: Mixture): boolean {
  if (!soaks(mixture)) return false;
  const soaked = dish.steps.some(
    (step) =>
      (step.time.kind === 'soak' && step.time.mixture === mixture.id) ||
      (LIES_IN.has(step.verb) && step.mixtures?.includes(mixture.id)),
  );
  return mixture.touchesRaw || soaked;
}

const LIES_IN: ReadonlySet<string> = new Set(['marinate', 'brine']);

/** The strictest of what it goes on. */
function curedOn(meal: Meal, dish: Dish, mixture: Mixture): Cure['on'] {
  const cuts = dish.foods
    .filter(({ id }) => mixture.on.includes(id))
    .flatMap((food) => cutOf(meal, food) ?? []);
  if (cuts.some(({ id }) => id.startsWith('pork-belly'))) return 'belly';
  return cuts.some(isMince) ? 'mince' : 'other';
}

type Weighed = ReturnType<typeof weighMixture>;

function saltPct({ main }: Weighed): number {
  const { grams, saltG } = main.contents;
  const othersG = grams - saltG + main.foodG;
  return othersG > 0 ? (saltG / othersG) * 100 : 0;
}

/** Egg as the hen laid it: what comes in a jar is made safe, and pasta is boiled. */
function isRawEgg({ id }: { readonly id: string }): boolean {
  return /^egg-/.test(id);
}

const TENDER = /^(?:egg-|eggs|whole-milk|skim-milk|cream-36|soft-white-cheese)/;
const WORKS = /yeast|kefir|yoghurt|buttermilk|sourdough/;

/** How much of it goes off at room heat, and whether something in it is meant to work there. */
function perishes(
  ids: readonly string[],
  { lines }: Weighed,
): Pick<LedgerMixture, 'tenderShare' | 'fermenting'> {
  const whole = lines.reduce((sum, { grams }) => sum + grams, 0);
  const tenderG = lines
    .filter(({ line }) => TENDER.test(line.ingredient))
    .reduce((sum, { grams }) => sum + grams, 0);
  return {
    tenderShare: tenderG / Math.max(1, whole),
    fermenting: ids.some((id) => WORKS.test(id)),
  };
}

const FATS = /(^|-)(oil|lard|dripping|ghee|fat|butter)(-|$)/;

/** How much there is of it, and what it is made of. */
function madeOf(
  meal: Meal,
  { main, lines }: Weighed,
): Pick<
  LedgerMixture,
  'ml' | 'grams' | 'oilShare' | 'sugarShare' | 'saltShare' | 'alcoholShare' | 'waterShare' | 'pH'
> {
  const { ingredients } = pantryOf(meal.pantry);
  const { contents } = main;
  const whole = Math.max(
    1e-9,
    lines.reduce((sum, { grams }) => sum + grams, 0),
  );
  const shareOf = (share: (id: string) => number) =>
    lines.reduce((sum, { grams, line }) => sum + grams * share(line.ingredient), 0) / whole;
  const grams = Math.max(1e-9, contents.grams);
  return {
    ml: contents.ml,
    grams: contents.grams,
    oilShare: shareOf((id) => (FATS.test(id) ? 1 : 0)),
    waterShare: shareOf((id) => waterShareOf(ingredients.get(id))),
    sugarShare: contents.sugarG / grams,
    saltShare: contents.saltG / grams,
    alcoholShare: contents.alcoholG / grams,
    pH: pHOf(contents),
  };
}

/** Fresh vegetables and fruit that a cook wrote in, and nobody knows the make-up of. */
const MOIST =
  /\b(green beans?|runner beans?|broad beans?|peas|sweetcorn|corn|carrots?|courgettes?|zucchini|aubergines?|eggplants?|peppers|asparagus|artichokes?|beetroots?|beets|pumpkin|squash|spinach|cabbage|cauliflower|broccoli|potato(?:es)?|tomato(?:es)?|mushrooms?|leeks?|turnips?|parsnips?|okra|jud[ií]as verdes|pimientos|guisantes|zanahorias?|calabac[ií]n(?:es)?|berenjenas?|esp[aá]rragos|alcachofas?|remolachas?|tomates?|setas|champi[ñn]ones|espinacas|coliflor)(?![a-zß-ɏ])/i;
/** What they are at the least. Source: food composition tables; from memory. */
const MOIST_SHARE = 0.8;
const DRIED = /\b(dried|dry|ground|powder(?:ed)?|flour|flakes|sec[oa]s?|molid[oa]s?|en polvo)\b/i;

function waterShareOf(one: Ingredient | undefined): number {
  if (!one) return 0;
  const unknown = one.id.startsWith('own-') && one.waterPct === 0;
  const moist = unknown && MOIST.test(one.name) && !DRIED.test(one.name);
  return moist ? MOIST_SHARE : one.waterPct / 100;
}

/** Any oil; other fat where there is so much of it that what is in it is covered. */
function isInFat(
  { oilShare }: Pick<LedgerMixture, 'oilShare'>,
  inIt: ReadonlyArray<{ readonly id: string }>,
): boolean {
  return inIt.some(({ id }) => /(^|-)oil$/.test(id)) || oilShare >= COVERED_BY_FAT;
}

/** Of the weight. Our own line, no source. */
const COVERED_BY_FAT = 0.25;

/** Sour enough to keep spores asleep: all of it at pH 4.6 or less, and no mere squeeze on the garlic. */
function isSour(
  { main, lines }: Weighed,
  inIt: ReadonlyArray<{ readonly id: string; readonly section: string }>,
): boolean {
  const fresh = new Set(inIt.filter(({ section }) => section === FRESH).map(({ id }) => id));
  const freshG = lines
    .filter(({ line }) => fresh.has(line.ingredient))
    .reduce((sum, { grams }) => sum + grams, 0);
  const pH = pHOf(main.contents) ?? 7;
  return pH <= LOW_ACID_PH && main.contents.acidBearingG >= freshG * SOURING_SHARE;
}

/** As much sour liquid as half of what is soured. Our own line, no source. */
const SOURING_SHARE = 0.5;

/** Garlic, herbs and vegetables, whose spores come with the soil. */
const FRESH = 'greengrocer';

/**
 * Ingoing nitrite, parts per million: what the curing salt holds, over the food, and the brine
 * with it where it lies in one. Source: USDA/FSIS, Processing Inspectors' Calculations Handbook;
 * from memory.
 */
function ingoingPpm(meal: Meal, mixture: Mixture, { lines, main }: Weighed): number {
  const { ingredients } = pantryOf(meal.pantry);
  const nitriteG = lines.reduce((sum, { grams, line }) => {
    const pct = ingredients.get(line.ingredient)?.nitritePct ?? 0;
    return sum + (grams * pct) / 100;
  }, 0);
  const within = main.foodG + (mixture.kind === 'wet brine' ? main.contents.grams : 0);
  return within > 0 ? (nitriteG / within) * 1e6 : 0;
}
